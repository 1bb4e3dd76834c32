package org.mobrel.server.shelf;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.mobrel.freezer.FreezerBoxes;
import org.mobrel.quantity.Volume;
import org.mobrel.scaling.KitchenMeasure;
import org.mobrel.server.kitchen.KitchenService;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Boxes in the freezer. */
@RestController
@RequestMapping("/api/freezer")
class FreezerController {

    /**
     * @param title what is in them; blank or null for the recipe's
     * @param volumeMl all of it; shared out into pint or quart boxes
     * @param boxes how many, each holding an equal share; null for as many as it takes
     */
    record FreezeRequest(
            @Size(max = 160, message = "160 characters at most") @Nullable String title,
            @Nullable Long recipeId,
            @NotNull(message = "how much?")
                    @DecimalMin(value = "50", message = "50 mL at least")
                    @DecimalMax(value = "100000", message = "100 L at most")
                    Double volumeMl,
            @Min(value = 1, message = "at least 1") @Max(value = 100, message = "100 at most") @Nullable Integer boxes,
            @Size(max = 400, message = "400 characters at most") @Nullable String note) {}

    /**
     * @param left boxes that are still there
     * @param each what one holds, in words
     */
    record FrozenResponse(
            long id,
            String title,
            @Nullable Long recipeId,
            int boxes,
            int left,
            String each,
            BigDecimal roomIn,
            LocalDate frozenOn,
            LocalDate bestBy,
            String note) {}

    record FreezerContents(LocalDate today, List<FrozenResponse> boxes) {}

    record TakeOutRequest(
            @Min(value = 1, message = "at least 1") @Max(value = 100, message = "100 at most") int boxes) {}

    /** @param taken by which it can be put back */
    record TakenOut(long taken, FreezerContents freezer) {}

    private final FreezerService service;
    private final KitchenService kitchens;

    FreezerController(FreezerService service, KitchenService kitchens) {
        this.service = service;
        this.kitchens = kitchens;
    }

    /** What is there, what has to be eaten first at the top. */
    @GetMapping
    FreezerContents freezer() {
        KitchenMeasure measure = new KitchenMeasure(kitchens.kitchen().units());
        return new FreezerContents(
                service.today(),
                service.there().stream()
                        .map(boxes -> new FrozenResponse(
                                boxes.id(),
                                boxes.title(),
                                boxes.recipeId(),
                                boxes.boxes(),
                                boxes.left(),
                                measure.about(boxes.each()),
                                FreezerBoxes.of(1, boxes.each()).room().inches(),
                                boxes.frozenOn(),
                                boxes.bestBy(),
                                boxes.note()))
                        .toList());
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    FreezerContents freeze(@Valid @RequestBody FreezeRequest request) {
        Volume all = Volume.ofMillilitres(request.volumeMl());
        FreezerBoxes boxes = request.boxes() == null
                ? FreezerBoxes.of(all)
                : FreezerBoxes.of(request.boxes(), all.times(1.0 / request.boxes()));
        service.put(
                Objects.requireNonNullElse(request.title(), ""),
                request.recipeId(),
                boxes,
                Objects.requireNonNullElse(request.note(), ""));
        return freezer();
    }

    @PostMapping("/{id}/taken")
    TakenOut take(@PathVariable long id, @Valid @RequestBody TakeOutRequest request) {
        return new TakenOut(service.take(id, request.boxes()), freezer());
    }

    /** Puts back what was taken out. */
    @DeleteMapping("/taken/{taken}")
    FreezerContents putBack(@PathVariable long taken) {
        service.putBack(taken);
        return freezer();
    }
}
