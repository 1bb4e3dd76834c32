package org.mobrel.server.home;

import java.io.IOException;
import java.net.InetAddress;
import java.util.ArrayList;
import java.util.List;
import javax.jmdns.JmDNS;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;

/** Answers to the kitchen's name on the home network, where the network passes such questions on. Nothing depends on it. */
@Component
class HomeName implements SmartLifecycle {

    private static final Logger LOG = LoggerFactory.getLogger(HomeName.class);

    private final HomeSettings settings;
    private final List<JmDNS> answering = new ArrayList<>();
    private volatile boolean running;

    HomeName(HomeSettings settings) {
        this.settings = settings;
    }

    @Override
    public void start() {
        running = true;
        if (settings.isOpen()) {
            // It asks the network whether the name is taken, which takes seconds that nobody has to wait.
            Thread asking = new Thread(this::answer, "home-name");
            asking.setDaemon(true);
            asking.start();
        }
    }

    private void answer() {
        for (InetAddress address : HomeAddresses.now()) {
            try {
                JmDNS name = JmDNS.create(address, settings.name());
                synchronized (answering) {
                    answering.add(name);
                }
            } catch (IOException | RuntimeException without) {
                LOG.info(
                        "The kitchen has no name at {}: {}",
                        address.getHostAddress(),
                        String.valueOf(without.getMessage()));
            }
        }
    }

    @Override
    public void stop() {
        running = false;
        synchronized (answering) {
            for (JmDNS name : answering) {
                try {
                    name.close();
                } catch (IOException gone) {
                    LOG.debug("the name was not taken back", gone);
                }
            }
            answering.clear();
        }
    }

    @Override
    public boolean isRunning() {
        return running;
    }
}
