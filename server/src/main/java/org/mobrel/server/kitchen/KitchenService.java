package org.mobrel.server.kitchen;

import java.util.Optional;
import org.mobrel.canner.CannerProfile;
import org.mobrel.quantity.Altitude;
import org.mobrel.ruling.TimingPolicy;
import org.mobrel.scaling.Household;
import org.mobrel.scaling.Units;
import org.mobrel.server.platform.NotFound;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The kitchen's settings and canners. */
@Service
public class KitchenService {

    private final KitchenRepository repository;

    KitchenService(KitchenRepository repository) {
        this.repository = repository;
    }

    @Transactional(readOnly = true)
    public Kitchen kitchen() {
        return repository.kitchen();
    }

    /** @throws Missing if there is no such canner */
    @Transactional(readOnly = true)
    public KitchenCanner canner(long id) {
        return repository.kitchen().canners().stream()
                .filter(canner -> canner.id() == id)
                .findFirst()
                .orElseThrow(() -> new NotFound("canner", id));
    }

    @Transactional
    public void change(Optional<Altitude> altitude, Units units, TimingPolicy school) {
        repository.change(altitude, units, school);
    }

    @Transactional
    public void change(Household household) {
        repository.change(household);
    }

    @Transactional
    public void change(Workplace workplace) {
        repository.change(workplace);
    }

    /** @param months how long jars shelved from now on are at their best */
    @Transactional
    public void bestMonths(int months) {
        repository.bestMonths(months);
    }

    @Transactional
    public long add(CannerProfile canner) {
        return repository.add(canner);
    }

    /** @throws Missing if there is no such canner */
    @Transactional
    public void change(long id, CannerProfile canner) {
        if (repository.change(id, canner) == 0
                && repository.kitchen().canners().stream().noneMatch(known -> known.id() == id)) {
            throw new NotFound("canner", id);
        }
    }

    /** @throws Missing if there is no such canner */
    @Transactional
    public void remove(long id) {
        if (repository.remove(id) == 0) {
            throw new NotFound("canner", id);
        }
    }
}
