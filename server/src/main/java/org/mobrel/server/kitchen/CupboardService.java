package org.mobrel.server.kitchen;

import java.util.List;
import java.util.Optional;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarKind;
import org.mobrel.jars.JarTable;
import org.mobrel.jars.Mouth;
import org.mobrel.quantity.Volume;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Jars and lids of the kitchen: how many, and what the jars really hold. */
@Service
public class CupboardService {

    private final CupboardRepository repository;
    private final JarTable averages;

    CupboardService(CupboardRepository repository, JarTable averages) {
        this.repository = repository;
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

    /** @param empty nothing forgets the count */
    @Transactional
    public void count(JarKind kind, Optional<Integer> empty) {
        repository.count(kind, empty.orElse(null));
    }

    /** @param water nothing goes back to the average */
    @Transactional
    public void measure(JarKind kind, Optional<Volume> water) {
        repository.measure(kind, water.map(Volume::microlitres).orElse(null));
    }

    /** @param fresh nothing forgets the count */
    @Transactional
    public void count(Mouth mouth, Optional<Integer> fresh) {
        fresh.ifPresentOrElse(lids -> repository.count(mouth, lids), () -> repository.forget(mouth));
    }

    /** Takes jars and as many new lids out of the cupboard. */
    @Transactional
    public void take(List<JarCount> filled) {
        filled.forEach(jars -> {
            repository.add(jars.kind(), -jars.count());
            repository.useLids(jars.mouth(), jars.count());
        });
    }

    /** Takes new lids for jars that are filled already. */
    @Transactional
    public void takeLids(List<JarCount> jars) {
        jars.forEach(each -> repository.useLids(each.mouth(), each.count()));
    }

    /** A jar that was emptied comes back, washed; or one goes out again. */
    @Transactional
    public void emptied(JarKind kind, int jars) {
        repository.add(kind, jars);
    }
}
