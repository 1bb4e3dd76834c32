package org.mobrel.server.shelf;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.InstantSource;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import org.mobrel.server.platform.BadField;
import org.mobrel.server.platform.Missing;
import org.mobrel.shelf.LotCode;
import org.mobrel.shelf.MovementKind;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/shelf")
class ShelfController {

    record ShelfAnswer(LocalDate today, List<LotAnswer> lots) {}

    record MovementRequest(@NotNull(message = "eaten or put-back") String kind) {}

    private final ShelfDesk desk;
    private final InstantSource clock;
    private final ZoneId zone;

    ShelfController(ShelfDesk desk, InstantSource clock, ZoneId zone) {
        this.desk = desk;
        this.clock = clock;
        this.zone = zone;
    }

    @GetMapping
    ShelfAnswer shelf() {
        return new ShelfAnswer(
                LocalDate.ofInstant(clock.instant(), zone),
                desk.lots().stream().map(LotAnswer::of).toList());
    }

    @PostMapping("/{code}/movements")
    ShelfAnswer move(@PathVariable String code, @Valid @RequestBody MovementRequest movement) {
        MovementKind kind = MovementKind.ofCode(movement.kind())
                .filter(known -> known != MovementKind.SHELVED && known != MovementKind.USED)
                .orElseThrow(() -> new BadField("kind", "eaten or put-back"));
        desk.move(lotCode(code), kind);
        return shelf();
    }

    private static LotCode lotCode(String code) {
        try {
            return new LotCode(code);
        } catch (IllegalArgumentException notOne) {
            throw new Missing("lot", code);
        }
    }
}
