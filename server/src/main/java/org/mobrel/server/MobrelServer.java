package org.mobrel.server;

import java.util.Locale;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.security.autoconfigure.UserDetailsServiceAutoConfiguration;
import org.springframework.scheduling.annotation.EnableScheduling;

/** The application: HTTP in front of the core, MariaDB behind it. */
@SpringBootApplication(proxyBeanMethods = false, exclude = UserDetailsServiceAutoConfiguration.class)
@EnableScheduling
public class MobrelServer {

    private static final Logger LOG = LoggerFactory.getLogger(MobrelServer.class);

    static {
        // A connection is looked at before each use, however short ago the last one was: the database may have been
        // killed in between.
        System.setProperty("com.zaxxer.hikari.aliveBypassWindowMs", "0");
        // What the libraries write is read by machines: no digits and no letters of the country this machine stands in.
        Locale.setDefault(Locale.ROOT);
    }

    public static void main(String[] arguments) {
        String port = SpringApplication.run(MobrelServer.class, arguments)
                .getEnvironment()
                .getRequiredProperty("local.server.port");
        // Whoever asked for any free port, such as a test, reads here which one it is.
        LOG.info("Listening on port {}", port);
    }
}
