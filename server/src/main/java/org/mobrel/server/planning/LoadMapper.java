package org.mobrel.server.planning;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.mobrel.canner.Gauge;
import org.mobrel.day.CannerTimes;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarSize;
import org.mobrel.loading.BaselinePlans;
import org.mobrel.loading.CannerLoad;
import org.mobrel.loading.Comparison;
import org.mobrel.loading.JarGroup;
import org.mobrel.loading.Loader;
import org.mobrel.loading.LoadingDay;
import org.mobrel.loading.LoadingPlan;
import org.mobrel.planning.ChosenLoads;
import org.mobrel.planning.LoadPlanner;
import org.mobrel.planning.PlannedLoad;
import org.mobrel.ruling.Timing;
import org.mobrel.run.RunPlan;
import org.mobrel.server.ruling.JarRequest;

/** The loads of a plan in words and as pictures need them. */
final class LoadMapper {

    private LoadMapper() {}

    static DayMessages.LoadsResponse answer(ChosenLoads chosen) {
        return new DayMessages.LoadsResponse(
                IntStream.range(0, chosen.canners().size())
                        .mapToObj(index -> new DayMessages.CannerUse(
                                chosen.canners().get(index).id(),
                                chosen.canners().get(index).profile().name(),
                                times(chosen.times().get(index))))
                        .toList(),
                chosen.loads().stream().map(load -> picture(load, chosen)).toList(),
                chosen.best().filter(LoadingPlan::isOptimal).isPresent(),
                chosen.best().map(LoadMapper::words).orElse(""),
                chosen.day()
                        .flatMap(day -> chosen.best().map(best -> compared(day, best)))
                        .orElse(List.of()),
                chosen.fitsNowhere().map(LoadMapper::nowhere).orElse(null));
    }

    private static String times(CannerTimes times) {
        String how = times.runs() == 0
                ? "kitchen averages, until it has three runs of its own"
                : "from its last %s runs".formatted(times.runs());
        return "Steam after %s min, %s to the mark, %s to cool: %s."
                .formatted(
                        times.heatUp().usual().value(),
                        times.comeUp().usual().value(),
                        times.coolDown().usual().value(),
                        how);
    }

    private static String nowhere(JarGroup jars) {
        return "%s: its %ss fit into none of these canners."
                .formatted(jars.dish(), jars.kind().size().label());
    }

    private static String words(LoadingPlan best) {
        String loads = best.loads().size() == 1
                ? "One load"
                : "%s loads".formatted(best.loads().size());
        return switch (best.proven()) {
            case 4 -> loads + ", and no other plan ends sooner.";
            case 0 -> loads + ", the best found in a second: one that ends sooner is not ruled out.";
            case 1 -> loads + ", and no plan ends sooner; one with less time on watch is not ruled out.";
            default -> loads + ", and no plan ends sooner or is watched for less.";
        };
    }

    /** Only what differs is worth a sentence. */
    private static List<String> compared(LoadingDay day, LoadingPlan best) {
        return BaselinePlans.plans(day).stream()
                .filter(other -> other.figures().compareTo(best.figures()) > 0)
                .map(other -> Comparison.sentence(day, best, other))
                .toList();
    }

    private static DayMessages.LoadPictureResponse picture(PlannedLoad load, ChosenLoads chosen) {
        LoadingDay day = chosen.day().orElseThrow();
        List<DayMessages.RoomFor> room = room(load, day);
        return new DayMessages.LoadPictureResponse(
                load.number(),
                load.canner().id(),
                load.canner().profile().name(),
                load.minutes().value(),
                load.load().layers().stream().map(layer -> layer(layer, day)).toList(),
                roomWords(room, load.minutes().value()),
                room);
    }

    private static DayMessages.LayerResponse layer(CannerLoad.Layer layer, LoadingDay day) {
        return new DayMessages.LayerResponse(layer.parts().stream()
                .map(part -> {
                    JarGroup group = day.groups().get(part.group());
                    return new DayMessages.LayerJars(
                            LoadPlanner.keyOf(group),
                            group.dish(),
                            group.kind().size().code(),
                            group.kind().mouth().code(),
                            part.count());
                })
                .toList());
    }

    /** Jars of this plan that would still go in and need no more minutes; the same pressure they have anyway. */
    private static List<DayMessages.RoomFor> room(PlannedLoad load, LoadingDay day) {
        List<DayMessages.RoomFor> room = new ArrayList<>();
        for (JarGroup group : day.groups()) {
            int more = group.process().compareTo(load.minutes()) <= 0 ? Loader.roomFor(day, load.load(), group) : 0;
            if (more > 0) {
                room.add(new DayMessages.RoomFor(
                        LoadPlanner.keyOf(group),
                        group.dish(),
                        group.kind().size().code(),
                        group.kind().mouth().code(),
                        more));
            }
        }
        return room;
    }

    private static @Nullable String roomWords(List<DayMessages.RoomFor> room, int minutes) {
        return room.isEmpty()
                ? null
                : "Room for %s; anything else has to need no more than %s min."
                        .formatted(
                                room.stream()
                                        .map(more -> "%s of %s"
                                                .formatted(
                                                        JarSize.ofCode(more.size())
                                                                .orElseThrow()
                                                                .counted(more.count()),
                                                        more.title()))
                                        .limit(2)
                                        .collect(Collectors.joining(" or ")),
                                minutes);
    }

    /** The process card of a load. */
    static PlanMessages.LoadResponse card(PlannedLoad load) {
        Timing timing = load.timing();
        Gauge gauge = load.canner().profile().gauge();
        return new PlanMessages.LoadResponse(
                load.number(),
                load.canner().profile().name(),
                load.shares().stream()
                        .flatMap(share -> share.jars().stream())
                        .map(JarRequest::of)
                        .toList(),
                load.shares().stream().map(share -> share.dish().title()).toList(),
                timing.minutes().value(),
                headline(load),
                timing.setBy().code(),
                timing.timedBy().code(),
                timing.truePressure().psi(),
                timing.reading().psi(),
                gauge.kind().code(),
                gauge.error().psi(),
                timing.headspace().inches(),
                (int) RunPlan.VENT.toMinutes(),
                (int) RunPlan.SETTLE.toMinutes());
    }

    private static String headline(PlannedLoad load) {
        PlannedLoad.Share longest = load.longest();
        String own = longest.ruling().headline();
        return load.shares().size() == 1
                ? own
                : "%s needs longest, and all in the load get it. %s"
                        .formatted(longest.dish().title(), own);
    }

    /** What is to be known about the loads of one dish. */
    static List<String> remarks(List<PlannedLoad> loads) {
        List<String> remarks = new ArrayList<>();
        Optional<PlannedLoad> mixed = loads.stream()
                .filter(load -> load.shares().stream()
                                .flatMap(share -> share.jars().stream())
                                .map(JarCount::size)
                                .distinct()
                                .count()
                        > 1)
                .findFirst();
        mixed.ifPresent(load -> remarks.add("Sizes that share a load all get the longest time in it."));
        return remarks;
    }
}
