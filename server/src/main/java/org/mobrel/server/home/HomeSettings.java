package org.mobrel.server.home;

import java.nio.file.Path;
import java.util.Optional;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** What was asked for at the start. */
@Component
class HomeSettings {

    private final Optional<Boolean> decided;
    private final int port;
    private final int helloPort;
    private final String keys;
    private final String name;

    /**
     * @param open whether the home network may in; with nothing said it is chosen in Kitchen
     * @param port of the encrypted door
     * @param helloPort of the door that only hands out the certificate
     * @param keys the folder for the authority's key
     * @param name by which the kitchen is looked for, without {@code .local}
     */
    HomeSettings(
            @Value("${mobrel.home.open:}") String open,
            @Value("${mobrel.home.port:8443}") int port,
            @Value("${mobrel.home.hello-port:8480}") int helloPort,
            @Value("${mobrel.home.keys:}") String keys,
            @Value("${mobrel.home.name:mobrel}") String name) {
        this.decided = open.isBlank() ? Optional.empty() : Optional.of(Boolean.parseBoolean(open));
        if (decided.orElse(false) && keys.isBlank()) {
            throw new IllegalStateException("The home network needs a folder for its keys: MOBREL_HOME_KEYS.");
        }
        this.port = port;
        this.helloPort = helloPort;
        this.keys = keys;
        this.name = name;
    }

    /** Whether it may in, where that was said at the start; nobody can choose otherwise then. */
    Optional<Boolean> decided() {
        return decided;
    }

    /** Whether there is a place for keys: without one it cannot be let in. */
    boolean hasKeys() {
        return !keys.isBlank();
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
