package org.mobrel.server.access;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.mobrel.server.home.HomePlaces;
import org.mobrel.server.home.QrRows;
import org.mobrel.server.platform.Conflict;
import org.mobrel.server.platform.InvalidField;
import org.mobrel.server.platform.Role;
import org.mobrel.server.platform.Visitor;
import org.mobrel.server.sharing.KitchenEdition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The way in for devices and people, and the list of both. */
@RestController
class AccessController {

    record KnownPersonResponse(long id, String name) {}

    /**
     * @param state here at the machine itself, paired, or unknown
     * @param role what may be done; nothing for an unknown device
     * @param person who is signed in
     * @param people who could sign in; nobody for an unknown device
     * @param kitchen which kitchen this is, to be said with what is sent later; another one after a backup was restored
     */
    record AccessResponse(
            String state,
            @Nullable String role,
            @Nullable String person,
            List<KnownPersonResponse> people,
            @Nullable String kitchen) {}

    /**
     * @param code six digits, or what was scanned
     * @param name what the device is called here
     */
    record PairingRequest(
            @NotBlank(message = "the six digits") @Size(max = 80, message = "80 characters at most") String code,
            @NotBlank(message = "what the device is called") @Size(max = 60, message = "60 characters at most")
                    String name) {}

    /**
     * @param digits to be typed
     * @param place to be opened, which carries the code
     * @param qr that place as a code to be scanned, a text of 0 and 1 for each row
     */
    record PairingCodeResponse(String digits, String place, List<String> qr, Instant expiresAt) {}

    /** @param person who is signed in on it */
    record PairedDeviceResponse(
            long id,
            String name,
            Instant pairedAt,
            Instant seenAt,
            String address,
            @Nullable String person,
            boolean thisOne) {}

    record PersonResponse(long id, String name, String role) {}

    record PersonRequest(
            @NotBlank(message = "a name") @Size(max = 40, message = "40 characters at most") String name,
            @NotNull(message = "guest, helper or cook") String role,
            @NotNull(message = "between 4 and 12 digits") String pin) {}

    record SignInRequest(
            @NotNull(message = "who") Long person,
            @NotNull(message = "the PIN") @Size(max = 20, message = "20 at most") String pin) {}

    private final AccessService service;
    private final HomePlaces home;
    private final KitchenEdition edition;

    AccessController(AccessService service, HomePlaces home, KitchenEdition edition) {
        this.service = service;
        this.home = home;
        this.edition = edition;
    }

    @GetMapping("/api/access")
    AccessResponse access() {
        return Visitor.current()
                .map(this::answer)
                .orElseGet(() -> new AccessResponse("unknown", null, null, List.of(), null));
    }

    private AccessResponse answer(Visitor visitor) {
        return new AccessResponse(
                visitor.device().isPresent() ? "paired" : "here",
                visitor.role().code(),
                visitor.name().isEmpty() ? null : visitor.name(),
                knownPeople(),
                edition.now());
    }

    private List<KnownPersonResponse> knownPeople() {
        return service.people().stream()
                .map(person -> new KnownPersonResponse(person.id(), person.name()))
                .toList();
    }

    @PostMapping("/api/access/pairing")
    AccessResponse pair(
            @Valid @RequestBody PairingRequest pairing, HttpServletRequest request, HttpServletResponse response) {
        if (!request.isSecure()) {
            throw new Conflict(
                    "here-already",
                    "This machine needs no pairing; a device is paired at the kitchen's encrypted address.",
                    Map.of());
        }
        AccessService.Paired paired =
                service.pair(pairing.code(), pairing.name().strip(), Sender.of(request));
        response.addHeader(HttpHeaders.SET_COOKIE, AccessCookie.set(paired.token()));
        return answer(paired.visitor());
    }

    @PostMapping("/api/access/pairing-codes")
    @ResponseStatus(HttpStatus.CREATED)
    PairingCodeResponse makeCode() {
        String place = home.first()
                .orElseThrow(() -> new Conflict(
                        "home-closed",
                        "The home network is not let in. Stop Mobrel and start it with: ./mobrel start --home",
                        Map.of()));
        AccessService.Code code = service.code();
        String scanned = "%s/pair#%s".formatted(place, code.token());
        return new PairingCodeResponse(code.digits(), scanned, QrRows.of(scanned), code.expires());
    }

    @GetMapping("/api/access/devices")
    List<PairedDeviceResponse> pairedDevices() {
        Optional<Long> mine = Visitor.current().flatMap(Visitor::device);
        return service.devices().stream()
                .map(device -> new PairedDeviceResponse(
                        device.id(),
                        device.name(),
                        device.pairedAt(),
                        device.seenAt(),
                        device.sender().address(),
                        device.signedIn().map(AccessRepository.SignedIn::name).orElse(null),
                        mine.filter(id -> id == device.id()).isPresent()))
                .toList();
    }

    @DeleteMapping("/api/access/devices/{id}")
    List<PairedDeviceResponse> removeDevice(@PathVariable long id) {
        service.remove(id);
        return pairedDevices();
    }

    @GetMapping("/api/access/people")
    List<PersonResponse> people() {
        return service.people().stream()
                .map(person -> new PersonResponse(
                        person.id(), person.name(), person.role().code()))
                .toList();
    }

    @PostMapping("/api/access/people")
    @ResponseStatus(HttpStatus.CREATED)
    List<PersonResponse> addPerson(@Valid @RequestBody PersonRequest request) {
        Role role = Role.ofCode(request.role()).orElseThrow(() -> new InvalidField("role", "guest, helper or cook"));
        service.addPerson(request.name().strip(), role, request.pin());
        return people();
    }

    @DeleteMapping("/api/access/people/{id}")
    List<PersonResponse> removePerson(@PathVariable long id) {
        service.removePerson(id);
        return people();
    }

    @PostMapping("/api/access/sign-in")
    AccessResponse signIn(
            @Valid @RequestBody SignInRequest request, HttpServletRequest from, HttpServletResponse response) {
        Visitor visitor = Visitor.current().orElseThrow();
        if (visitor.device().isPresent()) {
            return answer(service.signIn(visitor.device().get(), request.person(), request.pin()));
        }
        if (visitor.equals(Visitor.HERE)) {
            throw nobodyAsks();
        }
        AccessService.Paired here = service.signInHere(request.person(), request.pin(), Sender.of(from));
        response.addHeader(HttpHeaders.SET_COOKIE, AccessCookie.set(here.token()));
        return answer(here.visitor());
    }

    @PostMapping("/api/access/sign-out")
    AccessResponse signOut() {
        service.signOut(Visitor.current().flatMap(Visitor::device).orElseThrow(AccessController::nobodyAsks));
        return new AccessResponse("paired", Role.GUEST.code(), null, knownPeople(), edition.now());
    }

    private static Conflict nobodyAsks() {
        return new Conflict(
                "here-already", "At the machine itself nobody signs in: whoever stands there cooks.", Map.of());
    }
}
