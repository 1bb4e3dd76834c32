package org.mobrel.server.device;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.time.Instant;
import java.time.InstantSource;
import java.util.HexFormat;
import java.util.List;
import org.mobrel.server.access.GaugeKeys;
import org.mobrel.server.platform.NotFound;
import org.mobrel.server.platform.Unauthorized;
import org.mobrel.server.run.RunService;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The gauges of this kitchen that may write readings down, and the door they come in by. */
@Service
public class DeviceService implements GaugeKeys {

    /** The one gauge that needs no key: it lives in this program. */
    private static final String SIMULATED = "Simulated gauge";

    static final String BEARER = "Bearer ";
    private static final int KEY_BYTES = 20;

    private final DeviceRepository repository;
    private final RunService runs;
    private final InstantSource clock;
    private final SecureRandom random = new SecureRandom();

    DeviceService(DeviceRepository repository, RunService runs, InstantSource clock) {
        this.repository = repository;
        this.runs = runs;
        this.clock = clock;
    }

    /** A gauge that was let in. */
    public record Device(long id, String name, Instant madeAt) {}

    /** A gauge with its key, which is told once and not kept. */
    public record NewDevice(Device device, String key) {}

    @Transactional(readOnly = true)
    public List<Device> devices() {
        return repository.devices();
    }

    @Transactional
    public NewDevice add(String name) {
        byte[] secret = new byte[KEY_BYTES];
        random.nextBytes(secret);
        String key = "mobrel-" + HexFormat.of().formatHex(secret);
        Instant now = clock.instant();
        return new NewDevice(new Device(repository.add(name, hash(key), now), name, now), key);
    }

    /** @throws NotFound if there is no such gauge */
    @Transactional
    public void revoke(long id) {
        if (repository.revoke(id, clock.instant()) == 0) {
            throw new NotFound("gauge", id);
        }
    }

    /**
     * Takes a batch of readings.
     *
     * @throws Unauthorized if the key is nobody's
     * @throws NotFound if there is no such run
     */
    public RunService.Received take(long run, String key, List<RunService.Sent> readings) {
        Device device = device(key);
        return runs.read(run, device.id(), device.name(), readings);
    }

    /** @throws Unauthorized if the key is nobody's */
    public Device device(String key) {
        return repository
                .byKey(hash(key))
                .orElseThrow(() -> new Unauthorized(
                        "unknown-key",
                        "No gauge of this kitchen has that key. Make one in Kitchen, and send it as Bearer."));
    }

    @Override
    public boolean isKnown(String authorization) {
        return authorization.startsWith(BEARER)
                && repository
                        .byKey(hash(authorization.substring(BEARER.length()).strip()))
                        .isPresent();
    }

    /** As {@link #take}, from the gauge of the simulated canner. */
    RunService.Received takeSimulated(long run, List<RunService.Sent> readings) {
        return runs.read(run, simulated(), SIMULATED, readings);
    }

    private long simulated() {
        String hash = hash(SIMULATED);
        return repository.byKey(hash).map(Device::id).orElseGet(() -> repository.add(SIMULATED, hash, clock.instant()));
    }

    private static String hash(String key) {
        try {
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(key.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException never) {
            throw new IllegalStateException(never);
        }
    }
}
