package org.mobrel.server.practice;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import org.mobrel.practice.CarefulCook;
import org.mobrel.practice.Moment;
import org.mobrel.practice.PracticeCanner;
import org.mobrel.practice.Rehearsal;
import org.mobrel.server.platform.InvalidField;
import org.mobrel.steam.Scene;
import org.mobrel.steam.SceneAct;
import org.mobrel.steam.Sight;
import org.springframework.stereotype.Service;

/** Lets simulated canners go on, from where the page says they were; keeps nothing of them. */
@Service
class SceneService {

    private static final Duration SECOND = Duration.ofSeconds(1);

    /** No canner stands longer on the practice stove. */
    static final Duration LONGEST = Duration.ofHours(8);

    /** Moments at which drills begin are the same again and again, and take a while to come to. */
    private static final int MOST_MOMENTS = 200;

    private record Begun(PracticeCanner canner, Moment moment) {}

    private final Map<Begun, String> moments = Collections.synchronizedMap(new LinkedHashMap<>(16, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.@Nullable Entry<Begun, String> eldest) {
            return size() > MOST_MOMENTS;
        }
    });

    /** A scene at a moment of a load that went well so far. */
    Scene at(PracticeCanner canner, Moment moment) {
        Begun begun = new Begun(canner, moment);
        String known = moments.get(begun);
        if (known == null) {
            known = CarefulCook.at(canner, moment).snapshot();
            moments.put(begun, known);
        }
        return canner.goingOn(known);
    }

    SceneMessages.SceneResponse goOn(SceneMessages.SceneRequest request) {
        Duration time = Duration.ofMillis(request.forMillis());
        Duration every = Duration.ofMillis(request.everyMillis());
        return new SceneMessages.SceneResponse(request.canners().stream()
                .map(canner -> goOn(canner, time, every))
                .toList());
    }

    private static SceneMessages.SceneCannerResponse goOn(
            SceneMessages.SceneCannerRequest request, Duration time, Duration every) {
        PracticeCanner canner = request.canner().toCore();
        Scene scene = scene(canner, request.snapshot());
        @Nullable Rehearsal rehearsal = rehearsal(canner, request.rehearsal());
        List<SceneAct> acts =
                request.acts().stream().map(SceneMessages.SceneActBody::toCore).toList();
        Duration end = scene.elapsed().plus(time);
        if (end.compareTo(LONGEST) > 0) {
            throw new InvalidField("forMillis", "no canner stands longer than eight hours on the practice stove");
        }
        List<SceneMessages.SightResponse> seen = new ArrayList<>();
        List<SceneMessages.RehearsalResponse> rehearsed = new ArrayList<>();
        Consumer<Sight> look = sight -> {
            seen.add(SceneMessages.SightResponse.of(sight));
            if (rehearsal != null) {
                rehearsed.add(SceneMessages.RehearsalResponse.of(rehearsal));
            }
        };
        if (time.isZero()) {
            look.accept(scene.sight());
        }
        Duration next = scene.elapsed().plus(every);
        while (scene.elapsed().compareTo(end) < 0) {
            // A rehearsal looks at every whole second, wherever the page begins and however often it looks.
            Duration second = Duration.ofSeconds(scene.elapsed().toSeconds()).plus(SECOND);
            Duration stop = earlier(earlier(next, end), rehearsal == null ? end : second);
            List<Sight> sights = scene.until(stop, LONGEST, acts);
            Sight sight = sights.get(sights.size() - 1);
            if (rehearsal != null && sight.at().toMillisPart() == 0) {
                rehearsal.see(sight);
            }
            if (sight.at().compareTo(next) >= 0 || sight.at().compareTo(end) >= 0) {
                look.accept(sight);
                next = next.plus(every);
            }
        }
        return new SceneMessages.SceneCannerResponse(seen, scene.snapshot(), rehearsed);
    }

    private static Duration earlier(Duration one, Duration other) {
        return one.compareTo(other) <= 0 ? one : other;
    }

    private static Scene scene(PracticeCanner canner, @Nullable String snapshot) {
        if (snapshot == null) {
            return canner.cold();
        }
        try {
            return canner.goingOn(snapshot);
        } catch (IllegalArgumentException | ArithmeticException none) {
            throw new InvalidField("snapshot", "this is no snapshot of this canner; begin it again");
        }
    }

    private static @Nullable Rehearsal rehearsal(PracticeCanner canner, @Nullable String note) {
        if (note == null) {
            return null;
        }
        try {
            return note.isEmpty() ? Rehearsal.of(canner) : Rehearsal.goingOn(canner, note);
        } catch (IllegalArgumentException none) {
            throw new InvalidField("rehearsal", "this is no note of a rehearsal; begin it again");
        }
    }

    /** A whole rehearsal, from the lit burner to its end, as far as it came. */
    static Rehearsal rehearse(PracticeCanner canner, List<SceneAct> acts, Duration lasted) {
        Rehearsal rehearsal = Rehearsal.of(canner);
        Scene scene = canner.cold();
        // In pieces: a rehearsal that is over needs no more looking.
        while (!rehearsal.isOver() && scene.elapsed().compareTo(lasted) < 0) {
            Duration minute = scene.elapsed().plus(Duration.ofMinutes(1));
            scene.until(minute.compareTo(lasted) < 0 ? minute : lasted, SECOND, acts)
                    .forEach(rehearsal::see);
        }
        return rehearsal;
    }
}
