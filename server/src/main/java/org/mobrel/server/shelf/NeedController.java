package org.mobrel.server.shelf;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.mobrel.shelf.MealKit;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class NeedController {

    /**
     * @param taken jars eaten, given away and cooked with in the last {@code days}
     * @param monthsOfCover how long the jars last at that rate; null where too little is known
     * @param loads whole canner loads that make up for what is lacking
     */
    record NeedResponse(
            long recipeId,
            String title,
            String size,
            String mouth,
            int jars,
            int meals,
            int target,
            int taken,
            int days,
            @Nullable Double monthsOfCover,
            int lacking,
            int loads,
            int perLoad) {}

    record DryGood(
            @NotBlank(message = "what it is") @Size(max = 80, message = "80 characters at most") String name,
            @Min(value = 1, message = "at least 1") @Max(value = 1000, message = "1000 at most") int perKit,
            @Min(value = 0, message = "not below 0") @Max(value = 10000, message = "10000 at most") int have) {}

    record KitRequest(
            @Nullable Long id,
            @NotBlank(message = "what it is called") @Size(max = 80, message = "80 characters at most") String name,
            long recipeId,
            @Min(value = 1, message = "at least 1") @Max(value = 50, message = "50 at most") int jars,
            @NotNull(message = "its dry goods; none is an empty list") @Size(max = 20, message = "20 goods at most")
                    List<@NotNull @Valid DryGood> goods) {}

    /** @param shortOf what one more complete meal lacks, where it is not the jars */
    record KitResponse(
            long id, String name, long recipeId, int jars, List<DryGood> goods, int complete, List<String> shortOf) {}

    /** @param version the number of the last change this shows; whoever says how many jars are wanted names it */
    record NeedsResponse(long version, List<NeedResponse> dishes, List<KitResponse> kits) {}

    record TargetRequest(
            @NotNull(message = "the version that this changes") Long basedOn,
            @Min(value = 0, message = "not below 0") @Max(value = 2000, message = "2000 at most") int jars) {}

    private final NeedService service;

    NeedController(NeedService service) {
        this.service = service;
    }

    /** What the shelf lacks, dish by dish, and which meals are complete. */
    @GetMapping("/api/shelf/needs")
    NeedsResponse needs() {
        NeedService.Wants wants = service.wants();
        return new NeedsResponse(
                wants.version(),
                wants.dishes().stream().map(NeedController::answer).toList(),
                wants.kits().stream().map(NeedController::answer).toList());
    }

    private static NeedResponse answer(NeedService.Need need) {
        return new NeedResponse(
                need.recipeId(),
                need.title(),
                need.usual().size().code(),
                need.usual().mouth().code(),
                need.stock().jars(),
                need.meals(),
                need.stock().target(),
                need.stock().taken(),
                need.stock().days(),
                need.stock().monthsOfCover().orElse(null),
                need.stock().lacking(),
                need.loads(),
                need.perLoad());
    }

    private static KitResponse answer(NeedService.Kit kit) {
        return new KitResponse(
                kit.id(),
                kit.name(),
                kit.recipeId(),
                kit.kit().jars(),
                kit.kit().goods().stream()
                        .map(good -> new DryGood(good.name(), good.perKit(), good.have()))
                        .toList(),
                kit.complete(),
                kit.shortOf());
    }

    @PutMapping("/api/shelf/targets/{recipeId}")
    NeedsResponse setTarget(@PathVariable long recipeId, @Valid @RequestBody TargetRequest request) {
        service.target(request.basedOn(), recipeId, request.jars());
        return needs();
    }

    /** Keeps a meal kit, anew or in place of the one of that id. */
    @PostMapping("/api/shelf/kits")
    NeedsResponse keepKit(@Valid @RequestBody KitRequest request) {
        service.keep(
                Optional.ofNullable(request.id()),
                request.name().strip(),
                request.recipeId(),
                new MealKit(
                        request.jars(),
                        request.goods().stream()
                                .map(good -> new MealKit.Good(good.name().strip(), good.perKit(), good.have()))
                                .toList()));
        return needs();
    }

    @DeleteMapping("/api/shelf/kits/{id}")
    NeedsResponse removeKit(@PathVariable long id) {
        service.removeKit(id);
        return needs();
    }
}
