package org.mobrel.server.home;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.mobrel.server.platform.Conflict;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** How the home network gets in, and whether it may. */
@RestController
class HomeController {

    /**
     * @param open whether it is let in
     * @param canChoose whether that can be chosen here
     * @param trouble why it is not let in although it may, if so
     * @param places addresses of the kitchen's pages, the one that works everywhere first
     * @param certificates addresses where a new device gets the certificate
     * @param fingerprint of the certificate, in pairs of digits
     * @param qr the first of {@code certificates} as a code to be scanned, a text of 0 and 1 for each row
     */
    record HomeResponse(
            boolean open,
            boolean canChoose,
            @Nullable String trouble,
            List<String> places,
            List<String> certificates,
            String fingerprint,
            List<String> qr) {}

    /** @param open whether it may in from now on */
    record HomeRequest(@NotNull Boolean open) {}

    private final HomeConnectors connectors;
    private final HomeChoice choice;
    private final HomeName name;
    private final Doorways doorways;

    HomeController(HomeConnectors connectors, HomeChoice choice, HomeName name, Doorways doorways) {
        this.connectors = connectors;
        this.choice = choice;
        this.name = name;
        this.doorways = doorways;
    }

    @GetMapping("/api/access/home")
    HomeResponse home(HttpServletRequest request) {
        boolean canChoose = choice.canChoose() && doorways.isHere(request);
        String trouble = connectors.trouble().orElse(null);
        // Another device may shut it at any moment.
        Optional<HomeAuthority> authority = connectors.opened();
        List<String> hello = connectors.helloPlaces();
        if (authority.isEmpty() || hello.isEmpty()) {
            return new HomeResponse(false, canChoose, trouble, List.of(), List.of(), "", List.of());
        }
        return new HomeResponse(
                true,
                canChoose,
                trouble,
                connectors.places(),
                hello,
                authority.get().fingerprint(),
                QrRows.of(hello.get(0)));
    }

    @PutMapping("/api/access/home")
    HomeResponse choose(@Valid @RequestBody HomeRequest asked, HttpServletRequest request) {
        if (!doorways.isHere(request)) {
            // A device that shut the network out could not undo it.
            throw new Conflict(
                    "only-here", "This is chosen at the machine that Mobrel runs on, not on another device.", Map.of());
        }
        choice.choose(asked.open());
        if (asked.open()) {
            connectors.open();
            name.look();
        } else {
            connectors.close();
            name.forget();
        }
        return home(request);
    }
}
