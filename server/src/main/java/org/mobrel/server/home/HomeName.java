package org.mobrel.server.home;

import java.io.IOException;
import java.net.InetAddress;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import javax.jmdns.JmDNS;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.SmartLifecycle;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Answers to the kitchen's name on the home network, where the network passes such questions on. Nothing depends on it. */
@Component
class HomeName implements SmartLifecycle {

    private static final Logger LOG = LoggerFactory.getLogger(HomeName.class);

    private final HomeSettings settings;
    private final HomeConnectors connectors;
    private final Map<InetAddress, JmDNS> answering = new HashMap<>();
    private volatile boolean running;

    HomeName(HomeSettings settings, HomeConnectors connectors) {
        this.settings = settings;
        this.connectors = connectors;
    }

    @Override
    public void start() {
        running = true;
        look();
    }

    /** Takes the name if the home network is let in; it asks the network whether it is taken, seconds that nobody has to wait. */
    void look() {
        if (connectors.isOpen()) {
            Thread asking = new Thread(this::answer, "home-name");
            asking.setDaemon(true);
            asking.start();
        }
    }

    /** Gives the name back. */
    void forget() {
        synchronized (answering) {
            answering.values().removeIf(HomeName::takenBack);
        }
    }

    /** A machine that got another address is asked for there, and no more where it was. */
    @Scheduled(initialDelay = 60_000, fixedDelay = 60_000)
    void answer() {
        if (!running || !connectors.isOpen()) {
            return;
        }
        List<InetAddress> now = HomeAddresses.now();
        Set<InetAddress> known;
        synchronized (answering) {
            answering.entrySet().removeIf(each -> !now.contains(each.getKey()) && takenBack(each.getValue()));
            known = Set.copyOf(answering.keySet());
        }
        // Asking takes seconds, for which the end of the program does not wait.
        now.stream().filter(address -> !known.contains(address)).forEach(address -> named(address)
                .ifPresent(name -> keep(address, name)));
    }

    private void keep(InetAddress address, JmDNS name) {
        synchronized (answering) {
            if (!running || !connectors.isOpen() || answering.putIfAbsent(address, name) != null) {
                takenBack(name);
            }
        }
    }

    private Optional<JmDNS> named(InetAddress address) {
        try {
            return Optional.of(JmDNS.create(address, settings.name()));
        } catch (IOException | RuntimeException without) {
            LOG.info(
                    "The kitchen has no name at {}: {}",
                    address.getHostAddress(),
                    String.valueOf(without.getMessage()));
            return Optional.empty();
        }
    }

    private static boolean takenBack(JmDNS name) {
        try {
            name.close();
        } catch (IOException gone) {
            LOG.debug("the name was not taken back", gone);
        }
        return true;
    }

    @Override
    public void stop() {
        running = false;
        forget();
    }

    @Override
    public boolean isRunning() {
        return running;
    }
}
