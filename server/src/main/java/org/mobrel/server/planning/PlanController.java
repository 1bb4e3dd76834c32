package org.mobrel.server.planning;

import jakarta.validation.Valid;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.mobrel.quantity.Volume;
import org.mobrel.scaling.Household;
import org.mobrel.server.platform.NotFound;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/plans")
class PlanController {

    private final PlanService service;
    private final PantryService pantry;
    private final YieldService yields;
    private final PlanResponses answers;
    private final CompatibleRecipes company;

    PlanController(
            PlanService service,
            PantryService pantry,
            YieldService yields,
            PlanResponses answers,
            CompatibleRecipes company) {
        this.service = service;
        this.pantry = pantry;
        this.yields = yields;
        this.answers = answers;
        this.company = company;
    }

    @GetMapping
    List<PlanMessages.PlanEntry> plans() {
        return service.open().stream()
                .map(plan -> new PlanMessages.PlanEntry(
                        plan.id(),
                        service.title(plan),
                        plan.changedAt(),
                        plan.isAtStove(),
                        plan.isAtStove() && service.isCooked(plan),
                        plan.body().dishes().stream()
                                .filter(dish -> !dish.asManyAsThereAre())
                                .flatMap(dish -> dish.jars().stream())
                                .filter(jar -> jar.count() > 0)
                                .toList(),
                        plan.body().day() == null ? null : plan.body().day().at()))
                .toList();
    }

    /** Opens the plan of a recipe: the one there is, or a new one. */
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    PlanMessages.PlanCreated begin(@Valid @RequestBody PlanMessages.PlanCreateRequest recipe) {
        return new PlanMessages.PlanCreated(service.begin(recipe.recipeId()));
    }

    @GetMapping("/{id}")
    PlanMessages.PlanResponse plan(@PathVariable long id) {
        return answers.plan(id);
    }

    /** The day as a calendar that other programs read. */
    @GetMapping(value = "/{id}/day.ics", produces = "text/calendar")
    ResponseEntity<String> calendar(@PathVariable long id) {
        PlanView looked = service.look(id);
        if (looked.days().stream().allMatch(day -> day.day().isEmpty())) {
            throw new NotFound("day of plan", id);
        }
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"canning-day-%s.ics\"".formatted(id))
                .contentType(new MediaType("text", "calendar", StandardCharsets.UTF_8))
                .body(DayCalendar.of(looked));
    }

    /** Other recipes of the kitchen that need no more minutes than a load gets, and so could share it. */
    @GetMapping("/{id}/loads/{number}/company")
    DayMessages.CompanyResponse company(@PathVariable long id, @PathVariable int number) {
        return new DayMessages.CompanyResponse(company.of(service.look(id), number));
    }

    @PutMapping("/{id}")
    PlanMessages.PlanResponse save(@PathVariable long id, @Valid @RequestBody PlanMessages.PlanSaveRequest save) {
        return answers.save(id, save.basedOn(), save.body());
    }

    @PutMapping("/{id}/away")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void putAway(@PathVariable long id, @Valid @RequestBody PlanMessages.PlanDeleted away) {
        service.putAway(id, away.away());
    }

    /** Says how much of a thing is in the house; every plan sees it. */
    @PutMapping("/{id}/pantry")
    PlanMessages.PlanResponse inPantry(@PathVariable long id, @Valid @RequestBody PlanMessages.PantryRequest says) {
        pantry.say(says.item(), says.amount());
        return plan(id);
    }

    @PostMapping("/{id}/dishes/{key}/made")
    PlanMessages.PlanResponse made(
            @PathVariable long id, @PathVariable String key, @Valid @RequestBody PlanMessages.ReallyMade made) {
        Volume rest = made.rest() == null ? Volume.ZERO : made.rest().volume("rest", Household.USUAL);
        service.made(id, key, made.jars(), rest);
        return plan(id);
    }

    /** Another food by weight in the place of a line's; written into the recipe only when that is asked for. */
    @PostMapping("/{id}/dishes/{key}/swap")
    PlanMessages.SwapResponse swap(
            @PathVariable long id, @PathVariable String key, @Valid @RequestBody PlanMessages.SwapRequest ask) {
        return new PlanMessages.SwapResponse(service.swap(id, key, ask.line(), ask.food(), ask.write()));
    }

    /** Strikes a day out of what the recipe learnt. */
    @DeleteMapping("/{id}/yields/{yield}")
    PlanMessages.PlanResponse strikeYield(@PathVariable long id, @PathVariable long yield) {
        yields.strike(yield, true);
        return plan(id);
    }

    @PutMapping("/{id}/yields/{yield}")
    PlanMessages.PlanResponse countAgain(@PathVariable long id, @PathVariable long yield) {
        yields.strike(yield, false);
        return plan(id);
    }
}
