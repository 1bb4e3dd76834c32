package org.mobrel.loading;

import java.util.ArrayList;
import java.util.List;

/** The best plan beside an obvious one, in a sentence. */
public final class Comparison {

    private Comparison() {}

    /** Such as 'Each by itself: 3 loads, ends 1 h 50 min later.' */
    public static String sentence(LoadingDay day, LoadingPlan best, BaselinePlans.Plan other) {
        return "%s: %s, %s.".formatted(name(day, other), loads(other.figures().loads()), difference(best, other));
    }

    private static String name(LoadingDay day, BaselinePlans.Plan other) {
        return switch (other.way()) {
            case AS_THEY_COME -> "Loaded as they come";
            case EACH_BY_ITSELF -> "Each by itself";
            case ONE_CANNER ->
                "All in " + day.canners().get(other.loads().get(0).canner()).id();
        };
    }

    private static String difference(LoadingPlan best, BaselinePlans.Plan other) {
        PlanCost mine = best.figures();
        PlanCost its = other.figures();
        List<String> words = new ArrayList<>();
        if (its.makespan() > mine.makespan()) {
            words.add("ends %s later".formatted(span(its.makespan() - mine.makespan())));
        }
        int watched = its.watched() - mine.watched();
        if (watched != 0) {
            words.add("%s %s on watch".formatted(span(Math.abs(watched)), watched > 0 ? "more" : "less"));
        }
        if (!words.isEmpty()) {
            return String.join(", ", words);
        }
        if (its.loads() > mine.loads()) {
            return "%s more, and done no sooner".formatted(loads(its.loads() - mine.loads()));
        }
        return its.overProcess() > mine.overProcess()
                ? "with more jars longer in the canner than they need"
                : "just as good";
    }

    private static String loads(int count) {
        return count == 1 ? "1 load" : count + " loads";
    }

    /** Such as '1 h 50 min'. */
    public static String span(int minutes) {
        int hours = minutes / 60;
        int rest = minutes % 60;
        return hours == 0 ? rest + " min" : rest == 0 ? hours + " h" : "%s h %s min".formatted(hours, rest);
    }
}
