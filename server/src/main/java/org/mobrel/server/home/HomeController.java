package org.mobrel.server.home;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** How the home network gets in. */
@RestController
class HomeController {

    /**
     * @param open whether it may at all
     * @param places addresses of the kitchen's pages, the one that works everywhere first
     * @param certificates addresses where a new device gets the certificate
     * @param fingerprint of the certificate, in pairs of digits
     * @param qr the first of {@code certificates} as a code to be scanned, a text of 0 and 1 for each row
     */
    record HomeResponse(
            boolean open, List<String> places, List<String> certificates, String fingerprint, List<String> qr) {}

    private final HomeConnectors connectors;

    HomeController(HomeConnectors connectors) {
        this.connectors = connectors;
    }

    @GetMapping("/api/access/home")
    HomeResponse home() {
        if (!connectors.isOpen()) {
            return new HomeResponse(false, List.of(), List.of(), "", List.of());
        }
        List<String> hello = connectors.helloPlaces();
        return new HomeResponse(
                true, connectors.places(), hello, connectors.authority().fingerprint(), QrRows.of(hello.get(0)));
    }
}
