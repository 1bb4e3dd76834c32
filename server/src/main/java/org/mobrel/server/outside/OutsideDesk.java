package org.mobrel.server.outside;

import java.time.Instant;
import java.time.InstantSource;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.mobrel.ruling.Batch;
import org.mobrel.ruling.Hindsight;
import org.mobrel.ruling.Ruling;
import org.mobrel.run.Decision;
import org.mobrel.server.platform.Missing;
import org.mobrel.server.ruling.RulingDesk;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Holds what was done without Mobrel against the tables, and keeps what became of it. */
@Service
public class OutsideDesk {

    private static final int REMEMBERED = 50;

    /** A dish named in a word: what is named goes in a broth, with what belongs into one. */
    private static final Pattern DISH = Pattern.compile("(?i)^\\s*(.+?)\\s+(?:soup|stew|chowder|casserole)s?\\s*$");

    private final OutsideStore store;
    private final RulingDesk rulings;
    private final InstantSource clock;

    OutsideDesk(OutsideStore store, RulingDesk rulings, InstantSource clock) {
        this.store = store;
        this.rulings = rulings;
        this.clock = clock;
    }

    /** The ruling it should have had, and what it lacked. */
    record Held(Ruling ruling, Hindsight hindsight) {}

    Held hold(Batch batch, Hindsight.Done done) {
        Ruling ruling = rulings.rule(batch);
        return new Held(ruling, Hindsight.of(ruling, done));
    }

    /** Ingredient lines; "bean soup" is read as beans with onion in a broth. */
    static List<String> lines(List<String> said) {
        return said.stream()
                .filter(line -> !line.isBlank())
                .flatMap(line -> {
                    Matcher dish = DISH.matcher(line);
                    return dish.matches()
                            ? Stream.of(dish.group(1), "chopped onion", "broth")
                            : Stream.of(line.strip());
                })
                .toList();
    }

    @Transactional
    long keep(String title, String said, Hindsight hindsight, Instant finished) {
        return store.add(
                title,
                said,
                hindsight.covered(),
                hindsight.shortfalls().stream().map(Hindsight.Shortfall::text).collect(Collectors.joining(" ")),
                finished,
                clock.instant());
    }

    @Transactional(readOnly = true)
    List<OutsideStore.Stored> kept() {
        return store.all(REMEMBERED);
    }

    /** @throws Missing if nothing of that number was written down */
    @Transactional
    void decide(long id, Decision decision) {
        if (store.decide(id, decision, clock.instant()) == 0) {
            throw new Missing("entry", id);
        }
    }
}
