package org.mobrel.server.planning;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import net.fortuna.ical4j.data.CalendarOutputter;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.ParameterList;
import net.fortuna.ical4j.model.component.VAlarm;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.parameter.Related;
import net.fortuna.ical4j.model.property.Action;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtEnd;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.DtStart;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Sequence;
import net.fortuna.ical4j.model.property.Summary;
import net.fortuna.ical4j.model.property.Transp;
import net.fortuna.ical4j.model.property.Trigger;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;
import org.mobrel.day.Attention;
import org.mobrel.day.Day;
import org.mobrel.day.Task;
import org.mobrel.planning.ChosenLoads;
import org.mobrel.planning.PlannedLoad;
import org.mobrel.run.RunPlan;

/**
 * The day as an iCalendar: a task is an event, and what has its fixed moment rings. Times are UTC, so that they mean the same in every
 * calendar; an event keeps its number when the day is moved, so that importing it again moves it.
 */
final class DayCalendar {

    /** What must not be missed when it begins. */
    private static final Set<String> RING = Set.of("soak", "skim", "thaw", "prep", "fill", "unload");

    private final long plan;
    private final int revision;
    private final Instant stamp;

    private DayCalendar(PlanView looked) {
        this.plan = looked.plan().id();
        this.revision = looked.plan().revision();
        this.stamp = looked.plan().changedAt();
    }

    /** Every day of a plan that has one. */
    static String of(PlanView looked) {
        DayCalendar words = new DayCalendar(looked);
        Calendar calendar = new Calendar();
        calendar.add(new ProdId("-//Mobrel//Canning day//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableCalScale.GREGORIAN);
        for (PlanView.DayView view : looked.days()) {
            view.day().ifPresent(day -> words.add(calendar, day.day(), view));
        }
        StringWriter text = new StringWriter();
        try {
            // Checks the calendar as it writes it, and folds its lines.
            new CalendarOutputter(true).output(calendar, text);
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return text.toString();
    }

    private void add(Calendar calendar, Day day, PlanView.DayView view) {
        for (Day.Timed timed : day.tasks()) {
            if (timed.end().isAfter(timed.start())) {
                calendar.add(event(timed, view));
            }
        }
        Instant firstOff = day.tasks().stream()
                .filter(timed -> timed.task().code().equals("hold"))
                .map(Day.Timed::end)
                .min(Comparator.naturalOrder())
                .orElse(day.end());
        calendar.add(sealCheck(day.end(), RunPlan.checkBy(day.end(), firstOff), view.before()));
    }

    private VEvent event(Day.Timed timed, PlanView.DayView view) {
        ChosenLoads chosen = view.chosen();
        Task task = timed.task();
        Optional<PlannedLoad> load = chosen.loads().stream()
                .filter(each -> task.load() > 0 && each.number() == task.load() + view.before())
                .findFirst();
        String title = load.map(its -> "%s: %s".formatted(its.canner().profile().name(), title(task, its)))
                .orElse(task.title());
        VEvent event = event(
                view.before() == 0 ? task.id() : "after-%s-%s".formatted(view.before(), task.id()),
                title,
                description(task, load, chosen),
                timed.start(),
                timed.end());
        if (task.attention() == Attention.FREE) {
            event.add(new Transp(Transp.VALUE_TRANSPARENT));
        }
        if (RING.contains(task.code())) {
            event.add(alarm(title, Duration.ZERO));
        }
        if (task.code().equals("vent")) {
            event.add(alarm("Weight on", Duration.between(timed.start(), timed.end())));
        }
        if (task.code().equals("hold")) {
            event.add(alarm("Heat off", Duration.between(timed.start(), timed.end())));
        }
        return event;
    }

    private static String title(Task task, PlannedLoad load) {
        return task.code().equals("hold")
                ? "hold %s min at %s"
                        .formatted(
                                load.minutes().value(),
                                load.timing().reading().psi().toPlainString())
                : task.title().toLowerCase(Locale.ROOT);
    }

    private static String description(Task task, Optional<PlannedLoad> load, ChosenLoads chosen) {
        String whose = load.map(its -> String.join(
                        ", ",
                        its.shares().stream().map(share -> share.dish().title()).toList()))
                .or(() -> chosen.works().stream()
                        .filter(work -> task.dish().equals(Optional.of(work.key())))
                        .map(work -> work.title())
                        .findFirst())
                .orElse("");
        String stay = task.isWatch() ? " Stay in the kitchen: if the pressure falls, the whole time starts again." : "";
        return whose + "." + stay;
    }

    /** Seals are judged after half a day and before a whole one. */
    private VEvent sealCheck(Instant jarsOut, Instant until, int before) {
        Instant from = jarsOut.plus(RunPlan.REST);
        VEvent event = event(
                before == 0 ? "seals" : "after-%s-seals".formatted(before),
                "Check the seals",
                "Bands off; a lid that is sunk and does not give is sealed. An unsealed jar is to be dealt with within 24 h of its process.",
                from,
                until);
        event.add(new Transp(Transp.VALUE_TRANSPARENT));
        event.add(alarm("Check the seals", Duration.ZERO));
        return event;
    }

    private VEvent event(String id, String title, String description, Instant start, Instant end) {
        VEvent event = new VEvent(false);
        List.of(
                        new Uid("plan-%s-%s@mobrel".formatted(plan, id)),
                        new DtStamp(stamp),
                        new Sequence(revision),
                        new DtStart<>(start),
                        new DtEnd<>(end),
                        new Summary(title),
                        new Description(description))
                .forEach(event::add);
        return event;
    }

    private static VAlarm alarm(String words, Duration afterStart) {
        VAlarm alarm = new VAlarm();
        // Said though it is the default: not every reader knows that.
        alarm.add(new Trigger(new ParameterList(List.of(Related.START)), afterStart));
        alarm.add(new Action(Action.VALUE_DISPLAY));
        alarm.add(new Description(words));
        return alarm;
    }
}
