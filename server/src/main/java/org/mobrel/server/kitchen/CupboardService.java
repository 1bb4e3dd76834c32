package org.mobrel.server.kitchen;

import java.util.List;
import java.util.Optional;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarKind;
import org.mobrel.jars.JarTable;
import org.mobrel.jars.Mouth;
import org.mobrel.quantity.Volume;
import org.mobrel.server.sharing.SharedFields;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Jars and lids of the kitchen: how many, and what the jars really hold. */
@Service
public class CupboardService {

    private static final String CUPBOARD = "cupboard";
    private static final String EMPTY = "empty";
    private static final String LIDS = "lids";

    private final CupboardRepository repository;
    private final SharedFields shared;
    private final JarTable averages;

    CupboardService(CupboardRepository repository, SharedFields shared, JarTable averages) {
        this.repository = repository;
        this.shared = shared;
        this.averages = averages;
    }

    @Transactional(readOnly = true)
    public Cupboard cupboard() {
        return repository.cupboard();
    }

    /** What jars hold by average, in the order of a shop's shelf. */
    public JarTable averages() {
        return averages;
    }

    /** What jars hold in this kitchen. */
    public JarTable jars(Cupboard cupboard) {
        return cupboard.water().isEmpty() ? averages : averages.calibrated(cupboard.water());
    }

    /** The cupboard, and the number of the last change that it shows. */
    public record Seen(Cupboard cupboard, long version) {}

    @Transactional(readOnly = true)
    public Seen seen() {
        return new Seen(repository.cupboard(), shared.version());
    }

    /**
     * @param basedOn the number of the last change that whoever counted had seen; a count that a run or another device has changed since is
     *     not written over
     * @param empty nothing forgets the count
     */
    @Transactional
    public void count(long basedOn, JarKind kind, Optional<Integer> empty) {
        SharedFields.Change begun = shared.change(CUPBOARD, item(kind), basedOn);
        Optional<Integer> now = repository.cupboard().empty(kind);
        if (!now.equals(empty)) {
            begun.writes(
                    EMPTY,
                    counted(
                            "Empty %ss, %s mouth,"
                                    .formatted(kind.size().label(), kind.mouth().code()),
                            now));
            begun.settle();
            repository.count(kind, empty.orElse(null));
        }
    }

    /** @param water nothing goes back to the average */
    @Transactional
    public void measure(long basedOn, JarKind kind, Optional<Volume> water) {
        SharedFields.Change begun = shared.change(CUPBOARD, item(kind), basedOn);
        if (!Optional.ofNullable(repository.cupboard().water().get(kind)).equals(water)) {
            begun.writes(
                    "water",
                    "What a %s holds was changed elsewhere."
                            .formatted(kind.size().label()));
            begun.settle();
            repository.measure(kind, water.map(Volume::microlitres).orElse(null));
        }
    }

    /** @param fresh nothing forgets the count */
    @Transactional
    public void count(long basedOn, Mouth mouth, Optional<Integer> fresh) {
        SharedFields.Change begun = shared.change(CUPBOARD, mouth.code(), basedOn);
        Optional<Integer> now = repository.cupboard().lids(mouth);
        if (!now.equals(fresh)) {
            begun.writes(LIDS, counted("New lids for %s mouths".formatted(mouth.code()), now));
            begun.settle();
            fresh.ifPresentOrElse(lids -> repository.count(mouth, lids), () -> repository.forget(mouth));
        }
    }

    private static String counted(String what, Optional<Integer> now) {
        return now.map(count -> "%s were changed to %s elsewhere.".formatted(what, count))
                .orElse(what + " are no longer counted: that was changed elsewhere.");
    }

    private static String item(JarKind kind) {
        return kind.size().code() + "/" + kind.mouth().code();
    }

    private void changeEmpty(JarKind kind, int jars) {
        shared.wrote(CUPBOARD, item(kind), EMPTY);
        repository.add(kind, jars);
    }

    private void useLids(Mouth mouth, int lids) {
        shared.wrote(CUPBOARD, mouth.code(), LIDS);
        repository.useLids(mouth, lids);
    }

    /** Takes jars and as many new lids out of the cupboard. */
    @Transactional
    public void take(List<JarCount> filled) {
        filled.forEach(jars -> {
            changeEmpty(jars.kind(), -jars.count());
            useLids(jars.mouth(), jars.count());
        });
    }

    /** Takes new lids for jars that are filled already. */
    @Transactional
    public void takeLids(List<JarCount> jars) {
        jars.forEach(each -> useLids(each.mouth(), each.count()));
    }

    /** A jar that was emptied comes back, washed; or one goes out again. */
    @Transactional
    public void emptied(JarKind kind, int jars) {
        changeEmpty(kind, jars);
    }
}
