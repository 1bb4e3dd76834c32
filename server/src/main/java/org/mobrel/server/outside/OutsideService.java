package org.mobrel.server.outside;

import java.time.Instant;
import java.time.InstantSource;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.quantity.Minutes;
import org.mobrel.ruling.Batch;
import org.mobrel.ruling.LookBack;
import org.mobrel.ruling.ProcessShortfall;
import org.mobrel.run.Decision;
import org.mobrel.server.platform.InvalidField;
import org.mobrel.server.platform.NotFound;
import org.mobrel.server.ruling.RulingService;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Holds what was done without Mobrel against the tables, and keeps what became of it. */
@Service
public class OutsideService {

    private static final int REMEMBERED = 50;

    /** A dish named in a word: what is named goes in a broth, with what belongs into one. */
    private static final Pattern DISH = Pattern.compile("(?i)^\\s*(.+?)\\s+(?:soup|stew|chowder|casserole)s?\\s*$");

    private final OutsideRepository repository;
    private final RulingService rulings;
    private final InstantSource clock;

    OutsideService(OutsideRepository repository, RulingService rulings, InstantSource clock) {
        this.repository = repository;
        this.rulings = rulings;
        this.clock = clock;
    }

    LookBack look(Batch batch, LookBack.Deed deed) {
        return LookBack.of(rulings.rulings(), batch, deed);
    }

    /** @throws InvalidField if a word is none of those that answer its question */
    static LookBack.Deed deed(
            Minutes minutes,
            GaugePressure read,
            LookBackMessages.KnownDeeds known,
            Optional<LookBack.Told> vented,
            Optional<LookBack.Told> unbroken) {
        boolean unknown = "unknown".equals(known.pack());
        return new LookBack.Deed(
                minutes,
                read,
                known.pack() == null || unknown ? Optional.empty() : Optional.of(RulingService.pack(known.pack())),
                unknown,
                known.filled(),
                LookBackMessages.told("pieces", known.pieces(), List.of("up-to-1-inch"), "larger"),
                LookBackMessages.told("soaked", known.soaked(), List.of("overnight", "quick"), "no"),
                LookBackMessages.told("boiled", known.boiled(), List.of("yes"), "no"),
                vented,
                unbroken);
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
    long keep(String title, String said, LookBack back, Instant finished) {
        if (back.covered().isEmpty()) {
            throw new InvalidField("keep", "answer first what is open");
        }
        return repository.add(
                title,
                said,
                back.covered().get(),
                back.shortfalls().stream().map(ProcessShortfall.Shortfall::text).collect(Collectors.joining(" ")),
                finished,
                clock.instant());
    }

    @Transactional(readOnly = true)
    List<OutsideRepository.Stored> kept() {
        return repository.all(REMEMBERED);
    }

    /** @throws NotFound if nothing of that number was written down */
    @Transactional
    void decide(long id, Decision decision) {
        if (repository.decide(id, decision, clock.instant()) == 0) {
            throw new NotFound("entry", id);
        }
    }
}
