package org.mobrel.server.planning;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.mobrel.day.Attention;
import org.mobrel.day.CannerTimes;
import org.mobrel.day.Day;
import org.mobrel.day.DayConflict;
import org.mobrel.day.DayTarget;
import org.mobrel.day.Span;
import org.mobrel.day.Task;
import org.mobrel.jars.JarCount;
import org.mobrel.loading.Comparison;
import org.mobrel.planning.ChosenLoads;
import org.mobrel.planning.PlannedDay;
import org.mobrel.server.kitchen.Workplace;
import org.mobrel.server.platform.Dates;
import org.springframework.stereotype.Component;

/** A day in words, by the clock of the kitchen. */
@Component
class DayMapper {

    /** More spans of time than this nobody remembers; the ribbon shows them. */
    private static final int MOST_WATCHES = 3;

    private final ZoneId zone;
    private final Dates dates;

    DayMapper(ZoneId zone, Dates dates) {
        this.zone = zone;
        this.dates = dates;
    }

    /** The first day, and those after it. */
    DayMessages.@Nullable DayResponse answer(PlanView looked) {
        return answer(looked.days().get(0), looked);
    }

    DayMessages.@Nullable DayResponse answer(PlanView.DayView view, PlanView looked) {
        return view.day().map(day -> answer(day, view, looked)).orElse(null);
    }

    private DayMessages.DayResponse answer(PlannedDay look, PlanView.DayView view, PlanView looked) {
        Day day = look.day();
        boolean alone = looked.days().size() == 1;
        boolean soaks = view.chosen().works().stream().anyMatch(work -> work.begins("soak"));
        return new DayMessages.DayResponse(
                look.aim().kind() == DayTarget.Kind.DONE ? "done" : "start",
                look.aim().at(),
                look.wished(),
                view.quickSoak(),
                soaks || view.quickSoak(),
                day.start(),
                day.end(),
                lead(day),
                facts(day, view.chosen()),
                day.fits(),
                day.misfits().stream()
                        .map(misfit -> misfit(
                                misfit, day, view.before(), looked.kitchen().workplace()))
                        .toList(),
                look.remedies().stream()
                        .filter(remedy -> alone || !changesJars(remedy))
                        .map(remedy -> remedy(remedy, day))
                        .toList(),
                day.tasks().stream().map(task -> task(task, view)).toList(),
                day.watches().stream()
                        .map(watch -> new DayMessages.WatchResponse(watch.start(), watch.end()))
                        .toList());
    }

    /** Of a plan of several days jars are moved, not taken away. */
    private static boolean changesJars(PlannedDay.Remedy remedy) {
        return !remedy.change().jars().isEmpty() || !remedy.change().later().isEmpty();
    }

    /** Such as 'Begin at 9:00, on watch 10:15 to 12:23, jars out at 13:23.' */
    private String lead(Day day) {
        String watches = day.watches().stream()
                .map(watch -> "%s to %s".formatted(time(watch.start(), day), time(watch.end(), day)))
                .collect(Collectors.joining(" and "));
        return "Begin %s, on watch %s, last jars out at %s."
                .formatted(
                        dayTime(day.start()),
                        day.watches().size() > MOST_WATCHES
                                ? "%s times".formatted(day.watches().size())
                                : watches,
                        time(day.end(), day));
    }

    /** What begins before the day itself. */
    private List<String> facts(Day day, ChosenLoads chosen) {
        List<String> facts = new ArrayList<>();
        day.tasks().stream()
                .filter(timed ->
                        timed.start().isBefore(day.start()) && timed.task().attention() != Attention.FREE)
                .forEach(timed -> facts.add("%s%s: %s."
                        .formatted(timed.task().title(), whose(timed.task(), chosen), dayTime(timed.start()))));
        return facts;
    }

    /** Whose it is, where there are several dishes. */
    private static String whose(Task task, ChosenLoads chosen) {
        return chosen.works().size() < 2
                ? ""
                : chosen.works().stream()
                        .filter(work -> task.dish().equals(Optional.of(work.key())))
                        .map(work -> " (%s)".formatted(work.title()))
                        .findFirst()
                        .orElse("");
    }

    private DayMessages.MisfitResponse misfit(DayConflict misfit, Day day, int before, Workplace workplace) {
        Optional<Task> task = day.tasks().stream()
                .map(Day.Timed::task)
                .filter(each -> each.id().equals(misfit.task()))
                .findFirst();
        String what = task.map(each -> name(each, before)).orElse("The day");
        String text =
                switch (misfit.code()) {
                    case TOO_LONG ->
                        "It would take %s from the first hand to the last jar. More than 16 h is not a plan."
                                .formatted(Comparison.span((int)
                                        Duration.between(day.start(), day.end()).toMinutes()));
                    case IS_PAST -> "%s would have had to begin %s.".formatted(what, dayTime(misfit.at()));
                    case IN_QUIET_HOURS ->
                        "%s would not be done before %s; quiet hours are %s to %s."
                                .formatted(
                                        what,
                                        dayTime(misfit.at()),
                                        dates.time(workplace.quietFrom()),
                                        dates.time(workplace.quietUntil()));
                };
        return new DayMessages.MisfitResponse(misfit.code().code(), text);
    }

    /** Such as 'Load 2, jars out' or 'Sort and soak the beans'. */
    private static String name(Task task, int before) {
        return task.load() > 0
                ? "Load %s (%s)".formatted(task.load() + before, task.title().toLowerCase(Locale.ROOT))
                : task.title();
    }

    private DayMessages.DayRemedy remedy(PlannedDay.Remedy remedy, Day before) {
        PlannedDay.Change change = remedy.change();
        String ends = "done at " + time(remedy.day().end(), before);
        String text =
                switch (remedy.kind()) {
                    case START_AT ->
                        "Begin %s: %s".formatted(dayTime(remedy.day().start()), ends);
                    case QUICK_SOAK ->
                        "Soak the beans the quick way: begin %s, %s"
                                .formatted(dayTime(remedy.day().start()), ends);
                    case MORE_CANNERS ->
                        "Use %s canners: %s".formatted(change.canners().size(), ends);
                    case PINTS_ONLY -> "Pints only: " + ends;
                    case MORE_DAYS ->
                        "Over %s days: the first %s".formatted(change.later().size() + 1, ends);
                    case FEWER_JARS -> "Only %s: %s".formatted(counted(change), ends);
                };
        return new DayMessages.DayRemedy(
                remedy.kind().code(),
                text,
                change.start().orElse(null),
                change.quickSoak(),
                change.canners(),
                change.jars().stream().map(DayMapper::jars).toList(),
                change.later().stream()
                        .map(day -> new DayMessages.RemedyDay(
                                day.stream().map(DayMapper::jars).toList()))
                        .toList());
    }

    private static DayMessages.RemedyJars jars(PlannedDay.DishJars dish) {
        return new DayMessages.RemedyJars(
                dish.dish(),
                dish.jars().stream()
                        .map(jar -> new PlanBody.WantedJars(
                                jar.size().code(), jar.mouth().code(), jar.count()))
                        .toList());
    }

    private static String counted(PlannedDay.Change change) {
        int jars = change.jars().stream()
                .flatMap(dish -> dish.jars().stream())
                .mapToInt(JarCount::count)
                .sum();
        return jars == 1 ? "1 jar" : jars + " jars";
    }

    private DayMessages.TaskResponse task(Day.Timed timed, PlanView.DayView view) {
        Task task = timed.task();
        return new DayMessages.TaskResponse(
                task.id(),
                task.code(),
                task.title(),
                task.dish().orElse(null),
                task.load() > 0 ? task.load() + view.before() : 0,
                task.canner(),
                timed.start(),
                timed.end(),
                task.attention().code(),
                band(task, view.chosen()).orElse(null));
    }

    /** How exact the length of a task is. */
    private static Optional<String> band(Task task, ChosenLoads chosen) {
        if (task.canner() < 0) {
            return Optional.empty();
        }
        CannerTimes times = chosen.times().get(task.canner());
        return switch (task.code()) {
            case "heat" -> band(times.heatUp());
            case "rise" -> band(times.comeUp());
            case "cool" -> band(times.coolDown());
            default -> Optional.empty();
        };
    }

    private static Optional<String> band(Span span) {
        return span.least().equals(span.most())
                ? Optional.empty()
                : Optional.of("%s to %s min"
                        .formatted(span.least().value(), span.most().value()));
    }

    String time(Instant at, Day day) {
        boolean sameDay = date(at).equals(date(day.start()));
        return sameDay ? dates.time(at.atZone(zone)) : dates.weekdayTime(at.atZone(zone));
    }

    private LocalDate date(Instant at) {
        return at.atZone(zone).toLocalDate();
    }

    private String dayTime(Instant at) {
        return dates.weekdayTime(at.atZone(zone));
    }
}
