package org.mobrel.server.access;

import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.regex.Pattern;
import org.mobrel.server.access.AccessRepository.Device;
import org.mobrel.server.access.AccessRepository.Person;
import org.mobrel.server.access.AccessRepository.SignedIn;
import org.mobrel.server.platform.Conflict;
import org.mobrel.server.platform.DeviceGone;
import org.mobrel.server.platform.InvalidField;
import org.mobrel.server.platform.NotFound;
import org.mobrel.server.platform.Role;
import org.mobrel.server.platform.Visitor;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Lets devices in by a code that is good once and for five minutes, and people by a PIN. */
@Service
class AccessService {

    private static final Logger LOG = LoggerFactory.getLogger(AccessService.class);

    static final Duration CODE_LASTS = Duration.ofMinutes(5);
    static final int WRONG_CODES = 5;

    /** A device that nobody used for so long is paired anew. */
    private static final Duration UNUSED = Duration.ofDays(400);

    /** After so long somebody signs in again; never in the middle of a day at the stove. */
    static final Duration SIGNED_IN = Duration.ofDays(30);

    private static final String THIS_MACHINE = "This machine";
    private static final Duration SEEN_EVERY = Duration.ofMinutes(1);
    private static final int PINS_BEFORE_WAIT = 5;
    private static final Duration FIRST_WAIT = Duration.ofSeconds(30);
    private static final Duration LONGEST_WAIT = Duration.ofMinutes(15);
    private static final int MOST_DOUBLINGS = 5;
    private static final Pattern PIN = Pattern.compile("\\d{4,12}");

    private final AccessRepository repository;
    private final InstantSource clock;
    private final ApplicationEventPublisher news;
    private final PasswordEncoder pins = Argon2PasswordEncoder.defaultsForSpringSecurity_v5_8();

    AccessService(AccessRepository repository, InstantSource clock, ApplicationEventPublisher news) {
        this.repository = repository;
        this.clock = clock;
        this.news = news;
    }

    /** @param digits to be typed; @param token to be scanned */
    record Code(String digits, String token, Instant expires) {}

    /** @param token for the device alone; it is not kept */
    record Paired(String token, Visitor visitor) {}

    /** Makes a code; one that was made before is good no more. */
    @Transactional
    Code code() {
        Code made = new Code(Secrets.digits(), Secrets.token(), clock.instant().plus(CODE_LASTS));
        repository.forgetCodes();
        repository.addCode(Secrets.hash(made.digits()), Secrets.hash(made.token()), made.expires());
        return made;
    }

    /**
     * @param code six digits, or what was scanned
     * @throws Conflict if it is not good, or not any more; then after five of them no code is
     */
    @Transactional(noRollbackFor = Conflict.class)
    Paired pair(String code, String name, Sender sender) {
        Instant now = clock.instant();
        if (!repository.use(Secrets.hash(code.replaceAll("\\s", "")), WRONG_CODES, now)) {
            repository.wrongCode();
            throw new Conflict(
                    "code-not-good",
                    "This code is not good, or not any more: each is good once, for five minutes, and no longer after five"
                            + " wrong ones. Make a new one in Kitchen, under Home network.",
                    Map.of());
        }
        return added(name, sender, now);
    }

    private Paired added(String name, Sender sender, Instant now) {
        String token = Secrets.token();
        long id = repository.addDevice(name, Secrets.hash(token), sender, now);
        return new Paired(token, visitor(id, Optional.empty()));
    }

    /** Who it is that shows what a device was given; empty for a token of nobody, or one that another device shows. */
    @Transactional
    Optional<Visitor> visitor(String token, Sender sender) {
        Instant now = clock.instant();
        Optional<Device> known = repository
                .device(Secrets.hash(token))
                .filter(device -> device.seenAt().plus(UNUSED).isAfter(now));
        if (known.isPresent() && !known.get().sender().mayBe(sender)) {
            LOG.warn(
                    "{} was refused: what it shows came from another device, at {}",
                    known.get().name(),
                    sender.address());
            return Optional.empty();
        }
        known.filter(device -> device.seenAt().plus(SEEN_EVERY).isBefore(now)
                        || !device.sender().equals(sender))
                .ifPresent(device -> repository.seen(device.id(), sender, now));
        return known.map(device -> visitor(
                device.id(),
                device.signedIn().filter(person -> person.at().plus(SIGNED_IN).isAfter(now))));
    }

    /** In a household of nobody everybody cooks; in one of people whoever has not said who they are may look. */
    private Visitor visitor(long device, Optional<SignedIn> person) {
        Role role =
                person.map(SignedIn::role).orElseGet(() -> repository.people().isEmpty() ? Role.COOK : Role.GUEST);
        return new Visitor(
                Optional.of(device),
                person.map(SignedIn::person),
                person.map(SignedIn::name).orElse(""),
                role);
    }

    @Transactional(readOnly = true)
    List<Device> devices() {
        return repository.devices();
    }

    /** @throws NotFound if there is no such device */
    @Transactional
    void remove(long device) {
        if (repository.remove(device) == 0) {
            throw new NotFound("device", device);
        }
        news.publishEvent(new DeviceGone(device));
    }

    @Transactional(readOnly = true)
    List<Person> people() {
        return repository.people();
    }

    /** @throws InvalidField if somebody is called so already, or the PIN is none */
    @Transactional
    void addPerson(String name, Role role, String pin) {
        if (!PIN.matcher(pin).matches()) {
            throw new InvalidField("pin", "between 4 and 12 digits");
        }
        List<Person> there = repository.people();
        if (there.stream().anyMatch(person -> person.name().equalsIgnoreCase(name))) {
            throw new InvalidField("name", "somebody is called so already");
        }
        if (there.isEmpty() && role != Role.COOK) {
            throw new InvalidField("role", "the first one cooks: else nobody on the home network could");
        }
        repository.addPerson(name, role, Objects.requireNonNull(pins.encode(pin)), clock.instant());
    }

    /** @throws Conflict if it is the last cook while others are left */
    @Transactional
    void removePerson(long id) {
        List<Person> left =
                repository.people().stream().filter(person -> person.id() != id).toList();
        if (!left.isEmpty() && left.stream().noneMatch(person -> person.role() == Role.COOK)) {
            throw new Conflict("last-cook", "One cook has to be left. Remove the others first.", Map.of());
        }
        if (repository.removePerson(id) == 0) {
            throw new NotFound("person", id);
        }
    }

    /**
     * @throws Conflict if the PIN is wrong, or was wrong too often just now
     * @throws NotFound if there is no such person
     */
    @Transactional(noRollbackFor = Conflict.class)
    Visitor signIn(long device, long person, String pin) {
        Instant now = clock.instant();
        Person known = repository.personForUpdate(person).orElseThrow(() -> new NotFound("person", person));
        known.waitUntil().filter(now::isBefore).ifPresent(until -> {
            throw wait(Duration.between(now, until));
        });
        if (!pins.matches(pin, known.pinHash())) {
            int wrong = known.wrongPins() + 1;
            Optional<Duration> wait = waitAfter(wrong);
            repository.pinTried(person, wrong, wait.map(now::plus));
            throw wait.map(AccessService::wait)
                    .orElseGet(
                            () -> new Conflict("wrong-pin", "That is not the PIN of " + known.name() + ".", Map.of()));
        }
        repository.pinTried(person, 0, Optional.empty());
        repository.signIn(device, person, now);
        return new Visitor(Optional.of(device), Optional.of(person), known.name(), known.role());
    }

    /** Nothing for five slips; then half a minute, and twice as long each time. */
    private static Optional<Duration> waitAfter(int wrong) {
        if (wrong < PINS_BEFORE_WAIT) {
            return Optional.empty();
        }
        Duration wait = FIRST_WAIT.multipliedBy(1L << Math.min(wrong - PINS_BEFORE_WAIT, MOST_DOUBLINGS));
        return Optional.of(wait.compareTo(LONGEST_WAIT) > 0 ? LONGEST_WAIT : wait);
    }

    private static Conflict wait(Duration left) {
        long seconds = Math.max(1, left.toSeconds());
        return new Conflict(
                "wait", "Too many wrong PINs. Try again in %s s.".formatted(seconds), Map.of("seconds", seconds));
    }

    /** At the machine itself, where it asks: its browser is kept as a device from then on. */
    @Transactional(noRollbackFor = Conflict.class)
    Paired signInHere(long person, String pin, Sender sender) {
        Paired here = added(THIS_MACHINE, sender, clock.instant());
        long device = here.visitor().device().orElseThrow();
        try {
            return new Paired(here.token(), signIn(device, person, pin));
        } catch (Conflict | NotFound refused) {
            repository.remove(device);
            throw refused;
        }
    }

    /** Who sits at the machine itself, where it asks: a cook as long as there is nobody to ask for. */
    @Transactional(readOnly = true)
    Visitor asked() {
        return repository.people().isEmpty()
                ? Visitor.HERE
                : new Visitor(Optional.empty(), Optional.empty(), "", Role.GUEST);
    }

    @Transactional
    void signOut(long device) {
        repository.signOut(device);
    }
}
