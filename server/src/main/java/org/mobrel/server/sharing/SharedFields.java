package org.mobrel.server.sharing;

import java.time.InstantSource;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.mobrel.server.platform.Conflict;
import org.mobrel.server.platform.KitchenReplaced;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;

/**
 * Numbers the changes of whatever several devices share. A page is told the number of the last change with what it is shown, and names it with
 * every change of its own: fields that differ are merged, and a field that somebody else wrote since is not taken back in silence.
 */
@Service
public class SharedFields {

    private final SharedFieldRepository repository;
    private final InstantSource clock;

    SharedFields(SharedFieldRepository repository, InstantSource clock) {
        this.repository = repository;
        this.clock = clock;
    }

    /** The number of the last change of anything shared, as this transaction sees it. */
    @Transactional(readOnly = true)
    public long version() {
        return repository.version();
    }

    /**
     * Begins a change. Until the transaction ends no other one begins, so that what is read from here on is what is changed: call it before
     * the first look at the values.
     *
     * @param basedOn the number of the last change that whoever changes something had seen
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public Change change(String concept, String item, long basedOn) {
        long number = repository.next();
        return new Change(concept, item, number, basedOn, repository.fields(concept, item), repository.replaced());
    }

    /** As {@link #change(String, String, long)}, by somebody who has seen everything there is. */
    @Transactional(propagation = Propagation.MANDATORY)
    public Change changeOfLatest(String concept, String item) {
        long number = repository.next();
        return new Change(concept, item, number, number - 1, Map.of(), 0);
    }

    /** Waits until no change is under way, and lets none begin until the transaction ends. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void await() {
        repository.lock();
    }

    /** Notes that a field was written by something that had no page before it, such as a run that used up jars. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void wrote(String concept, String item, String field) {
        repository.wrote(concept, item, field, repository.next(), clock.instant());
    }

    /** What every page has seen of the kitchen before this one is out of date. */
    @TransactionalEventListener(phase = TransactionPhase.BEFORE_COMMIT)
    void replaced(KitchenReplaced replaced) {
        repository.replaceAll();
    }

    /** One change of one thing, while it is made. */
    public final class Change {
        private final String concept;
        private final String item;
        private final long number;
        private final long basedOn;
        private final Map<String, Long> written;
        private final long replaced;
        private final List<String> fields = new ArrayList<>();
        private final List<String> sentences = new ArrayList<>();

        private Change(
                String concept, String item, long number, long basedOn, Map<String, Long> written, long replaced) {
            this.concept = concept;
            this.item = item;
            this.number = number;
            this.basedOn = basedOn;
            this.written = Map.copyOf(written);
            this.replaced = replaced;
        }

        /**
         * Notes that a field is written.
         *
         * @param sentence what to say if somebody else has written it since, such as 'Altitude was changed to 7,200 ft on another device.'
         */
        public void writes(String field, String sentence) {
            // A number from the future is of a kitchen that no longer stands here.
            if (basedOn >= number || replaced > basedOn || written.getOrDefault(field, 0L) > basedOn) {
                fields.add(field);
                sentences.add(sentence);
                return;
            }
            repository.wrote(concept, item, field, number, clock.instant());
        }

        /** @throws Conflict if a field was written by somebody else since; then nothing of this change is kept */
        public void settle() {
            if (!fields.isEmpty()) {
                throw new Conflict(
                        "changed-elsewhere",
                        String.join(" ", sentences) + " Look again and decide.",
                        Map.of("fields", List.copyOf(fields)));
            }
        }
    }
}
