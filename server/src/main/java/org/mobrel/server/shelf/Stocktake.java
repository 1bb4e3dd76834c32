package org.mobrel.server.shelf;

import java.util.ArrayList;
import java.util.List;
import org.mobrel.server.platform.InvalidField;
import org.mobrel.server.platform.NotFound;
import org.mobrel.shelf.LotCode;
import org.mobrel.shelf.Movement;
import org.mobrel.shelf.MovementKind;
import org.mobrel.shelf.Place;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Sets what somebody counted beside the ledger. The difference becomes a line of it; nothing is written over. */
@Service
class Stocktake {

    private final ShelfService service;

    Stocktake(ShelfService service) {
        this.service = service;
    }

    /**
     * @return what differed, lot by lot
     * @throws InvalidField if there is no such lot, or more were counted than there can be; then nothing is written
     */
    @Transactional
    List<ShelfMessages.Difference> count(Place place, List<ShelfMessages.Counted> counted, ShelfService.Said said) {
        List<ShelfMessages.Difference> differences = new ArrayList<>();
        lock(counted);
        for (int index = 0; index < counted.size(); index++) {
            ShelfMessages.Counted each = counted.get(index);
            String field = "counted[%s]".formatted(index);
            ShelfLot lot = lot(field, each.lot());
            int was = lot.lot().balanceAt(place);
            int change = each.jars() - was;
            if (change != 0) {
                Movement movement = change < 0
                        ? Movement.out(MovementKind.MISSING, -change, place)
                        : Movement.in(MovementKind.FOUND, change, place);
                if (!lot.lot().allows(movement)) {
                    throw new InvalidField(
                            field + ".jars",
                            "of lot %s there can be no more than %s here"
                                    .formatted(
                                            each.lot(),
                                            was
                                                    + lot.lot().shelved()
                                                    - lot.lot().used()
                                                    - lot.lot().jars()));
                }
                service.move(lot.lot().code(), movement, said);
                differences.add(new ShelfMessages.Difference(each.lot(), lot.name(), was, each.jars(), change));
            }
        }
        return differences;
    }

    /** Until the count is written down no jar leaves; always in the same order, so that two counts do not wait for one another. */
    private void lock(List<ShelfMessages.Counted> counted) {
        counted.stream().map(ShelfMessages.Counted::lot).distinct().sorted().forEach(service::lock);
    }

    private ShelfLot lot(String field, String code) {
        try {
            LotCode known = new LotCode(code);
            return service.lot(known).orElseThrow(() -> new NotFound("lot", code));
        } catch (IllegalArgumentException notOne) {
            throw new InvalidField(field + ".lot", "\"" + code + "\" is no lot");
        }
    }
}
