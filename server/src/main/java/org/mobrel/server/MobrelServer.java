package org.mobrel.server;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/** The application: HTTP in front of the core, MariaDB behind it. */
@SpringBootApplication(proxyBeanMethods = false)
public class MobrelServer {

    public static void main(String[] arguments) {
        SpringApplication.run(MobrelServer.class, arguments);
    }
}
