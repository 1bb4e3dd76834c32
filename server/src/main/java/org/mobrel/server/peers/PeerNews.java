package org.mobrel.server.peers;

import java.security.SecureRandom;
import java.time.Duration;
import java.util.Collections;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.mobrel.server.platform.DeviceGone;
import org.mobrel.server.platform.KitchenReplaced;
import org.mobrel.server.platform.NotFound;
import org.mobrel.server.platform.PeerChanged;
import org.mobrel.server.platform.Repeating;
import org.mobrel.server.run.RunChanged;
import org.mobrel.server.run.RunService;
import org.mobrel.server.sharing.Changed;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.SmartLifecycle;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * What is written down here is told to the other servers in the same transaction, and what they wrote is told to the pages of this one as if
 * it had been written here.
 */
@Component
@ConditionalOnProperty(name = "mobrel.sole-server", havingValue = "false")
public class PeerNews implements SmartLifecycle {

    private static final Logger LOG = LoggerFactory.getLogger(PeerNews.class);

    private static final long LOOK_EVERY_MS = 400;
    /** A transaction that takes longer to commit is not heard of; its pages find out at their next look. */
    private static final int WINDOW_S = 15;

    private static final int KEPT_MIN = 60;
    private static final int LOOKS_BETWEEN_CLEARING = 1_500;
    private static final int MOST_REMEMBERED = 5_000;

    private static final String RUN = "run";
    private static final String CHANGE = "change";
    private static final String REPLACED = "replaced";
    private static final String GONE = "device-gone";

    private final PeerNewsRepository repository;
    private final RunService runs;
    private final ApplicationEventPublisher events;
    private final TransactionTemplate transaction;
    private final String me = HexFormat.of().toHexDigits(new SecureRandom().nextLong());
    private final Set<Long> heard = Collections.newSetFromMap(new LinkedHashMap<>() {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Long, Boolean> eldest) {
            return size() > MOST_REMEMBERED;
        }
    });
    private final Repeating listening = new Repeating("peer-news");
    /** What is only passed on is not news of this server. */
    private final ThreadLocal<Boolean> passingOn = ThreadLocal.withInitial(() -> false);

    private volatile boolean running;
    private int looks;

    PeerNews(
            PeerNewsRepository repository,
            RunService runs,
            ApplicationEventPublisher events,
            TransactionTemplate transaction) {
        this.repository = repository;
        this.runs = runs;
        this.events = events;
        this.transaction = transaction;
    }

    @TransactionalEventListener(phase = TransactionPhase.BEFORE_COMMIT)
    void written(RunChanged change) {
        tell(RUN, Long.toString(change.run().id()), "");
    }

    @TransactionalEventListener(phase = TransactionPhase.BEFORE_COMMIT)
    void replaced(KitchenReplaced replaced) {
        tell(REPLACED, "", "");
    }

    @TransactionalEventListener(phase = TransactionPhase.BEFORE_COMMIT)
    void gone(DeviceGone gone) {
        tell(GONE, Long.toString(gone.device()), "");
    }

    @EventListener
    void changed(Changed change) {
        tell(CHANGE, change.concept(), change.page());
    }

    private void tell(String kind, String item, String page) {
        if (!passingOn.get()) {
            repository.tell(me, kind, item, page);
        }
    }

    private void listen() {
        try {
            if (looks++ % LOOKS_BETWEEN_CLEARING == 0) {
                repository.forgetOld(KEPT_MIN);
            }
            List<PeerNewsRepository.News> fresh = repository.ofOthers(me, WINDOW_S).stream()
                    .filter(news -> !heard.contains(news.number()))
                    .toList();
            if (!fresh.isEmpty()) {
                passOn(fresh);
            }
        } catch (RuntimeException away) {
            LOG.debug("the other servers cannot be heard", away);
        }
    }

    private void passOn(List<PeerNewsRepository.News> fresh) {
        passingOn.set(true);
        try {
            events.publishEvent(new PeerChanged());
            if (fresh.stream().anyMatch(news -> news.kind().equals(REPLACED))) {
                // Whoever hears of it does so after a commit.
                transaction.executeWithoutResult(none -> events.publishEvent(new KitchenReplaced()));
            }
            fresh.stream()
                    .filter(news -> news.kind().equals(GONE))
                    .map(news -> new DeviceGone(Long.parseLong(news.item())))
                    .forEach(gone -> transaction.executeWithoutResult(none -> events.publishEvent(gone)));
            fresh.stream()
                    .filter(news -> news.kind().equals(RUN))
                    .map(PeerNewsRepository.News::item)
                    .distinct()
                    .forEach(this::run);
            fresh.stream()
                    .filter(news -> news.kind().equals(CHANGE))
                    .map(news -> new Changed(news.item(), news.page()))
                    .distinct()
                    .forEach(events::publishEvent);
            fresh.forEach(news -> heard.add(news.number()));
        } finally {
            passingOn.set(false);
        }
    }

    private void run(String id) {
        try {
            events.publishEvent(new RunChanged(runs.run(Long.parseLong(id))));
        } catch (NotFound gone) {
            LOG.debug("a run that was told of is not there", gone);
        }
    }

    @Override
    public void start() {
        running = true;
        listening.start(Duration.ofMillis(LOOK_EVERY_MS), Duration.ofMillis(LOOK_EVERY_MS), this::listen);
    }

    @Override
    public void stop() {
        running = false;
        listening.stop();
    }

    @Override
    public boolean isRunning() {
        return running;
    }
}
