package org.mobrel.server.home;

import java.nio.file.Path;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** What was asked for at the start. */
@Component
class HomeSettings {

    private final boolean open;
    private final int port;
    private final int helloPort;
    private final String keys;
    private final String name;

    /**
     * @param open whether the home network may in
     * @param port of the encrypted door
     * @param helloPort of the door that only hands out the certificate
     * @param keys the folder for the authority's key
     * @param name by which the kitchen is looked for, without {@code .local}
     */
    HomeSettings(
            @Value("${mobrel.home.open:false}") boolean open,
            @Value("${mobrel.home.port:8443}") int port,
            @Value("${mobrel.home.hello-port:8480}") int helloPort,
            @Value("${mobrel.home.keys:}") String keys,
            @Value("${mobrel.home.name:mobrel}") String name) {
        if (open && keys.isBlank()) {
            throw new IllegalStateException("The home network needs a folder for its keys: MOBREL_HOME_KEYS.");
        }
        this.open = open;
        this.port = port;
        this.helloPort = helloPort;
        this.keys = keys;
        this.name = name;
    }

    boolean isOpen() {
        return open;
    }

    int port() {
        return port;
    }

    int helloPort() {
        return helloPort;
    }

    Path keys() {
        return Path.of(keys);
    }

    /** Such as {@code mobrel.local}. */
    String localName() {
        return name + ".local";
    }

    String name() {
        return name;
    }
}
