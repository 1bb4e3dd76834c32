package org.mobrel.server;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/** The application: HTTP in front of the core, MariaDB behind it. */
@SpringBootApplication(proxyBeanMethods = false)
public class MobrelServer {

    static {
        // A connection is looked at before each use, however short ago the last one was: the database may have been
        // killed in between.
        System.setProperty("com.zaxxer.hikari.aliveBypassWindowMs", "0");
    }

    public static void main(String[] arguments) {
        SpringApplication.run(MobrelServer.class, arguments);
    }
}
