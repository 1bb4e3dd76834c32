package org.mobrel.server.home;

import java.util.Optional;
import org.springframework.stereotype.Component;

/** Where the kitchen is on the home network. */
@Component
public class HomePlaces {

    private final HomeConnectors connectors;

    HomePlaces(HomeConnectors connectors) {
        this.connectors = connectors;
    }

    /** The address that works everywhere; empty where the home network is not let in. */
    public Optional<String> first() {
        return connectors.isOpen() ? connectors.places().stream().findFirst() : Optional.empty();
    }
}
