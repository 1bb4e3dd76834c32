package org.mobrel.server.shelf;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.Size;
import java.time.InstantSource;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.mobrel.server.platform.NotFound;
import org.mobrel.server.platform.Visitor;
import org.mobrel.shelf.LotCode;
import org.mobrel.shelf.Movement;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/shelf")
class ShelfController {

    private final ShelfService service;
    private final HoldService holds;
    private final Stocktake stocktake;
    private final InstantSource clock;

    ShelfController(ShelfService service, HoldService holds, Stocktake stocktake, InstantSource clock) {
        this.service = service;
        this.holds = holds;
        this.stocktake = stocktake;
        this.clock = clock;
    }

    /**
     * Lots with jars, the oldest first.
     *
     * @param q words of the dish, the variant or the code
     * @param place only what stands there
     * @param from where the page begins
     */
    @GetMapping
    ShelfMessages.ShelfResponse shelf(
            @RequestParam(defaultValue = "") @Size(max = 80, message = "80 characters at most") String q,
            @RequestParam(defaultValue = "") @Size(max = 40, message = "40 characters at most") String place,
            @RequestParam(defaultValue = "0") @Min(value = 0, message = "not below 0") int from,
            @RequestParam(defaultValue = "60")
                    @Min(value = 1, message = "at least 1")
                    @Max(value = 200, message = "200 at most")
                    int size) {
        ShelfService.Sum sum = service.sum(q.strip(), place.strip());
        List<ShelfLot> page = service.standing(q.strip(), place.strip(), from, size);
        return new ShelfMessages.ShelfResponse(
                service.today(),
                sum.lots(),
                sum.jars(),
                sum.dishes(),
                sum.places().entrySet().stream()
                        .sorted(Map.Entry.comparingByKey())
                        .map(stand -> new LotResponse.Stand(stand.getKey(), stand.getValue()))
                        .toList(),
                page.stream().map(LotResponse::of).toList(),
                from + page.size() < sum.lots() && !page.isEmpty() ? from + page.size() : null);
    }

    @GetMapping("/{code}")
    ShelfMessages.LotLedger lot(@PathVariable String code) {
        LotCode known = lotCode(code);
        ShelfLot lot = existing(known);
        List<ShelfService.Line> ledger = service.ledger(known);
        Set<Long> undone = ledger.stream()
                .flatMap(line -> line.movement().undoes().stream())
                .collect(Collectors.toSet());
        return new ShelfMessages.LotLedger(
                LotResponse.of(lot),
                ledger.stream().map(line -> line(lot, line, undone)).toList(),
                service.madeWith(known).stream().map(LotResponse::of).toList(),
                holds.ofLot(known).stream().map(LotResponse.HoldResponse::of).toList());
    }

    private static ShelfMessages.LedgerLine line(ShelfLot lot, ShelfService.Line line, Set<Long> undone) {
        Movement movement = line.movement();
        return new ShelfMessages.LedgerLine(
                movement.id(),
                movement.kind().code(),
                movement.jars(),
                movement.from().map(place -> place.name()).orElse(null),
                movement.to().map(place -> place.name()).orElse(null),
                movement.undoes().orElse(null),
                undone.contains(movement.id()),
                lot.lot().allows(Movement.undoing(movement)),
                line.batchId().orElse(null),
                line.note(),
                line.by(),
                line.at());
    }

    @PostMapping("/{code}/movements")
    ShelfMessages.MoveResponse move(
            @PathVariable String code, @Valid @RequestBody ShelfMessages.MovementRequest request) {
        LotCode known = lotCode(code);
        long id = service.move(known, request.movement(existing(known)), said(request.by(), request.note()));
        return new ShelfMessages.MoveResponse(id, LotResponse.of(existing(known)));
    }

    /** What is done when a jar of it is opened, for the label. */
    @PutMapping("/{code}/finish")
    LotResponse changeFinish(@PathVariable String code, @Valid @RequestBody ShelfMessages.FinishRequest request) {
        LotCode known = lotCode(code);
        service.finish(known, request.finish().strip());
        return LotResponse.of(existing(known));
    }

    /** Writes down what was counted at a place, as jars that are missing or were found. */
    @PostMapping("/stocktake")
    ShelfMessages.StocktakeResponse count(@Valid @RequestBody ShelfMessages.StocktakeRequest request) {
        return new ShelfMessages.StocktakeResponse(stocktake.count(
                ShelfMessages.named("place", request.place()), request.counted(), said(request.by(), "counted")));
    }

    /** @param all with those that were released */
    @GetMapping("/holds")
    List<LotResponse.HoldResponse> holds(@RequestParam(defaultValue = "false") boolean all) {
        return holds.holds(all).stream().map(LotResponse.HoldResponse::of).toList();
    }

    /** Lets a lot be used again, with what it went into; answers all that were let go. */
    @PostMapping("/holds/{id}/release")
    List<LotResponse.HoldResponse> release(
            @PathVariable long id, @Valid @RequestBody ShelfMessages.ReleaseRequest request) {
        return holds
                .release(id, Visitor.nameOr(request.by().strip()), request.why().strip())
                .stream()
                .map(LotResponse.HoldResponse::of)
                .toList();
    }

    private ShelfService.Said said(@Nullable String by, @Nullable String note) {
        return new ShelfService.Said(
                Visitor.nameOr(Objects.requireNonNullElse(by, "").strip()),
                Objects.requireNonNullElse(note, "").strip(),
                clock.instant());
    }

    private ShelfLot existing(LotCode code) {
        return service.lot(code).orElseThrow(() -> new NotFound("lot", code.text()));
    }

    private static LotCode lotCode(String code) {
        try {
            return new LotCode(code);
        } catch (IllegalArgumentException notOne) {
            throw new NotFound("lot", code);
        }
    }
}
