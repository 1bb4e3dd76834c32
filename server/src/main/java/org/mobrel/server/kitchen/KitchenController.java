package org.mobrel.server.kitchen;

import jakarta.validation.Valid;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.format.DateTimeParseException;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.mobrel.quantity.Altitude;
import org.mobrel.quantity.Minutes;
import org.mobrel.quantity.Volume;
import org.mobrel.ruling.TimingPolicy;
import org.mobrel.run.CheckTick;
import org.mobrel.scaling.Household;
import org.mobrel.scaling.Units;
import org.mobrel.server.platform.InvalidField;
import org.mobrel.shelf.Opening;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PatchMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/kitchen")
class KitchenController {

    private final KitchenService service;
    private final CannerMapper words;
    private final ZoneId zone;

    KitchenController(KitchenService service, CannerMapper words, ZoneId zone) {
        this.service = service;
        this.words = words;
        this.zone = zone;
    }

    @GetMapping
    KitchenMessages.KitchenResponse kitchen() {
        KitchenService.Seen seen = service.seen();
        Kitchen kitchen = seen.kitchen();
        return new KitchenMessages.KitchenResponse(
                seen.version(),
                kitchen.altitude().map(Altitude::feet).orElse(null),
                kitchen.altitude().map(Altitude::metres).orElse(null),
                kitchen.units().code(),
                kitchen.school().code(),
                kitchen.household().people(),
                kitchen.household().serving().millilitres(),
                kitchen.workplace().burners(),
                kitchen.workplace().quietFrom().toString(),
                kitchen.workplace().quietUntil().toString(),
                kitchen.bestMonths(),
                kitchen.writing().hours(),
                kitchen.writing().dates(),
                zone.getId(),
                kitchen.care().stream().sorted().map(CheckTick.Check::code).toList(),
                kitchen.altitude().map(Opening::boilAt).map(Minutes::value).orElse(null),
                kitchen.altitude().map(words::bands).orElse(List.of()),
                kitchen.canners().stream()
                        .map(canner -> words.answer(canner, kitchen.altitude()))
                        .toList());
    }

    /** Changes what is named and leaves the rest as it is. */
    @PatchMapping
    KitchenMessages.KitchenResponse changeKitchen(@Valid @RequestBody KitchenMessages.KitchenChange change) {
        service.change(change.basedOn(), before -> changed(change, before));
        return kitchen();
    }

    private static Kitchen changed(KitchenMessages.KitchenChange change, Kitchen before) {
        return new Kitchen(
                altitude(change).or(before::altitude),
                change.units() == null
                        ? before.units()
                        : Units.ofCode(change.units()).orElseThrow(() -> new InvalidField("units", "us or metric")),
                change.school() == null
                        ? before.school()
                        : TimingPolicy.ofCode(change.school())
                                .orElseThrow(() -> new InvalidField("school", "longest-ingredient or soup-table")),
                household(change, before.household()),
                workplace(change, before.workplace()),
                change.bestMonths() == null ? before.bestMonths() : change.bestMonths(),
                writing(change, before.writing()),
                change.care() == null ? before.care() : care(change.care(), before.care()),
                before.canners());
    }

    /** What is switched on or off; the other points stay as they are. */
    private static Set<CheckTick.Check> care(Map<String, Boolean> switched, Set<CheckTick.Check> before) {
        Set<CheckTick.Check> after = new HashSet<>(before);
        switched.forEach((code, on) -> {
            CheckTick.Check point = CheckTick.Check.ofCode(code)
                    .filter(CheckTick.Check::isCarePoint)
                    .orElseThrow(() -> new InvalidField("care", "no care point is called '%s'".formatted(code)));
            if (on) {
                after.add(point);
            } else {
                after.remove(point);
            }
        });
        return after;
    }

    private static Household household(KitchenMessages.KitchenChange change, Household before) {
        int people = change.people() == null ? before.people() : change.people();
        if (people < 1 || people > 50) {
            throw new InvalidField("people", "between 1 and 50");
        }
        if (change.servingMl() == null) {
            return new Household(people, before.serving());
        }
        try {
            return new Household(people, Volume.ofMillilitres(change.servingMl()));
        } catch (IllegalArgumentException absurd) {
            throw new InvalidField("servingMl", "a serving is between half a cup and a quart (100 to 1,000 ml)");
        }
    }

    private static Workplace workplace(KitchenMessages.KitchenChange change, Workplace before) {
        try {
            return new Workplace(
                    change.burners() == null ? before.burners() : change.burners(),
                    time("quietFrom", change.quietFrom(), before.quietFrom()),
                    time("quietUntil", change.quietUntil(), before.quietUntil()));
        } catch (IllegalArgumentException absurd) {
            throw new InvalidField("burners", "between 1 and %s".formatted(Workplace.MOST_BURNERS));
        }
    }

    private static Writing writing(KitchenMessages.KitchenChange change, Writing before) {
        return new Writing(
                known("hours", change.hours(), Writing::hours, before.twelveHours()),
                known("dates", change.dates(), Writing::dates, before.first()));
    }

    private static <T> T known(String field, @Nullable String said, Function<String, T> read, T before) {
        try {
            return said == null ? before : read.apply(said);
        } catch (IllegalArgumentException unknown) {
            throw new InvalidField(field, String.valueOf(unknown.getMessage()));
        }
    }

    private static LocalTime time(String field, @Nullable String said, LocalTime before) {
        try {
            return said == null ? before : LocalTime.parse(said);
        } catch (DateTimeParseException noTime) {
            throw new InvalidField(field, "a time of day such as 22:00");
        }
    }

    private static Optional<Altitude> altitude(KitchenMessages.KitchenChange change) {
        if (change.altitudeFt() != null && change.altitudeM() != null) {
            throw new InvalidField("altitudeFt", "either feet or metres");
        }
        try {
            return Optional.ofNullable(change.altitudeFt())
                    .map(Altitude::ofFeet)
                    .or(() -> Optional.ofNullable(change.altitudeM()).map(Altitude::ofMetres));
        } catch (IllegalArgumentException nowhere) {
            throw new InvalidField(
                    change.altitudeFt() != null ? "altitudeFt" : "altitudeM",
                    "between -1,600 and 29,500 ft (-500 and 9,000 m)");
        }
    }
}
