package org.mobrel.day;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mobrel.foods.Pack;
import org.mobrel.loading.LoadingCanner;
import org.mobrel.quantity.Mass;
import org.mobrel.quantity.Minutes;

class DayTest {

    private static final WorkTable TABLE = WorkTable.load();
    private static final ZoneId ZONE = ZoneId.of("America/Denver");
    private static final Quiet NIGHT = new Quiet(LocalTime.of(22, 0), LocalTime.of(7, 0), ZONE);
    private static final Instant LONG_AGO = Instant.parse("2026-01-01T00:00:00Z");

    private static final CannerTimes TIMES = CannerTimes.of(List.of(), Pack.HOT, 7);

    private static DishWork beans(String key) {
        return new DishWork(
                key,
                "bean soup",
                List.of(List.of(work("soak"))),
                new Minutes(40),
                List.of(work("boil-beans"), work("boil-together")));
    }

    private static WorkTable.Work work(String code) {
        return TABLE.of(code).orElseThrow();
    }

    private static LoadWork load(int canner, int jars, int process, String... dishes) {
        return new LoadWork(
                canner,
                "canner " + canner,
                "burner " + canner,
                List.of(dishes),
                jars,
                new Minutes(process),
                TIMES,
                new Minutes(0));
    }

    /** At a local time of a day in November. */
    private static Instant at(int day, int hour, int minute) {
        return LocalDateTime.of(2026, 11, day, hour, minute).atZone(ZONE).toInstant();
    }

    private static Day day(DayTarget.Kind kind, Instant at, Quiet quiet, Instant now, LoadWork... loads) {
        List<DishWork> dishes = List.of(beans("a"));
        Workday workday = Workday.of(PreparationSchedule.of(dishes, 4, TABLE), List.of(loads), 4);
        return Day.of(workday, dishes, new DayTarget(kind, at), quiet, now);
    }

    private static Day.Timed task(Day day, String id) {
        return day.tasks().stream()
                .filter(timed -> timed.task().id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void one_load_of_bean_soup_goes_by_the_book() {
        Day day = day(DayTarget.Kind.START, at(28, 9, 0), NIGHT, LONG_AGO, load(0, 7, 90, "a"));
        assertThat(day.tasks().stream()
                        .map(timed -> "%s %s"
                                .formatted(
                                        timed.start().atZone(ZONE).toLocalTime(),
                                        timed.task().id()))
                        .toList())
                .containsExactly(
                        "20:50 dish-a-soak",
                        "21:00 dish-a-soak-rest",
                        "09:00 dish-a-boil-beans",
                        "09:00 dish-a-prep",
                        "09:40 dish-a-boil-together",
                        "09:50 dish-a-jars-hot",
                        "10:00 load-1-fill",
                        "10:15 load-1-heat",
                        "10:35 load-1-vent",
                        "10:45 load-1-rise",
                        "10:53 load-1-hold",
                        "12:23 load-1-cool",
                        "13:03 load-1-wait",
                        "13:13 load-1-unload");
        assertThat(day.end()).isEqualTo(at(28, 13, 23));
        assertThat(day.watches()).containsExactly(new Day.Watch(at(28, 10, 15), at(28, 12, 23)));
        assertThat(day.fits()).isTrue();
    }

    @Test
    void done_by_counts_back_to_the_soak_the_evening_before() {
        Day day = day(DayTarget.Kind.DONE, at(28, 18, 0), NIGHT, LONG_AGO, load(0, 7, 90, "a"));
        assertThat(day.end()).isEqualTo(at(28, 18, 0));
        assertThat(day.start()).isEqualTo(at(28, 13, 37));
        // 12 to 18 h before the pot: not at 1:27, when everybody sleeps, but before the quiet hours begin.
        assertThat(task(day, "dish-a-soak").start()).isBefore(at(27, 21, 51)).isAfterOrEqualTo(at(27, 19, 27));
        Day.Timed rest = task(day, "dish-a-soak-rest");
        assertThat(Duration.between(rest.start(), rest.end())).isBetween(Duration.ofHours(12), Duration.ofHours(18));
        assertThat(rest.end()).isEqualTo(task(day, "dish-a-boil-beans").start());
        assertThat(day.fits()).isTrue();
    }

    @Test
    void the_night_the_clocks_change_a_soak_is_still_twelve_hours_long() {
        // In Denver the clocks go back on 1 November 2026 at two.
        Day day = day(DayTarget.Kind.START, at(1, 9, 0), NIGHT, LONG_AGO, load(0, 7, 90, "a"));
        Day.Timed rest = task(day, "dish-a-soak-rest");
        assertThat(Duration.between(rest.start(), rest.end())).isGreaterThanOrEqualTo(Duration.ofHours(12));
    }

    @Test
    void what_does_not_fit_is_said() {
        LoadWork[] three = {load(0, 7, 90, "a"), load(0, 7, 90, "a"), load(0, 7, 90, "a")};
        Day late = day(DayTarget.Kind.START, at(28, 15, 0), NIGHT, LONG_AGO, three);
        assertThat(late.misfits())
                .containsExactly(new DayConflict(DayConflict.Code.IN_QUIET_HOURS, late.end(), "load-3-unload"));
        Day tooLate = day(DayTarget.Kind.START, at(28, 9, 0), NIGHT, at(28, 6, 0), load(0, 7, 90, "a"));
        assertThat(tooLate.misfits())
                .containsExactly(new DayConflict(DayConflict.Code.IS_PAST, at(27, 20, 50), "dish-a-soak"));
        LoadWork[] six = new LoadWork[6];
        Arrays.fill(six, load(0, 7, 100, "a"));
        Day tooLong = day(DayTarget.Kind.START, at(28, 8, 0), NIGHT, LONG_AGO, six);
        assertThat(tooLong.misfits()).extracting(DayConflict::code).contains(DayConflict.Code.TOO_LONG);
    }

    @ParameterizedTest
    @CsvSource({
        "22:00, 07:00, 21:59, false",
        "22:00, 07:00, 22:00, true",
        "22:00, 07:00, 06:59, true",
        "22:00, 07:00, 07:00, false",
        "13:00, 15:00, 14:00, true",
        "13:00, 15:00, 15:00, false",
        "00:00, 00:00, 00:00, false",
    })
    void quiet_hours_include_their_beginning_and_not_their_end(
            LocalTime from, LocalTime until, LocalTime time, boolean quiet) {
        Instant at = time.atDate(LocalDate.of(2026, 11, 28)).atZone(ZONE).toInstant();
        assertThat(new Quiet(from, until, ZONE).isAt(at)).isEqualTo(quiet);
    }

    @Test
    void three_runs_of_its_own_go_before_averages() {
        List<CannerTimes.Seen> seen = new ArrayList<>(List.of(seen(30), seen(26)));
        assertThat(CannerTimes.of(seen, Pack.HOT, 7).heatUp()).isEqualTo(Span.of(15, 20, 25));
        seen.add(seen(34));
        assertThat(CannerTimes.of(seen, Pack.HOT, 7).heatUp()).isEqualTo(Span.of(26, 30, 34));
        assertThat(CannerTimes.of(seen, Pack.HOT, 7).runs()).isEqualTo(3);
        assertThat(CannerTimes.of(seen, Pack.RAW, 7).heatUp().usual()).isEqualTo(new Minutes(45));
        assertThat(CannerTimes.of(List.of(), Pack.HOT, 4).coolDown().usual())
                .isLessThan(CannerTimes.of(List.of(), Pack.HOT, 7).coolDown().usual());
        assertThatThrownBy(() -> Span.of(3, 2, 4)).hasMessageContaining("rising");
    }

    private static CannerTimes.Seen seen(int heatUp) {
        return new CannerTimes.Seen(Pack.HOT, new Minutes(heatUp), new Minutes(8), new Minutes(40));
    }

    @Test
    void work_at_the_board_grows_with_what_is_on_it() {
        assertThat(DishWork.prepFor(Mass.ZERO)).isEqualTo(new Minutes(0));
        assertThat(DishWork.prepFor(Mass.ofGrams(200))).isEqualTo(new Minutes(10));
        assertThat(DishWork.prepFor(Mass.ofGrams(5_000))).isEqualTo(new Minutes(60));
        assertThat(DishWork.prepFor(Mass.ofGrams(500_000))).isEqualTo(new Minutes(180));
    }

    /** Days by chance: orders, hands, burners and canners are never broken, and the end is that of the last task. */
    @Test
    void no_day_breaks_its_order_its_hands_or_its_burners() {
        Random chance = new Random(5);
        for (int time = 0; time < 400; time++) {
            int burners = 1 + chance.nextInt(4);
            List<DishWork> dishes = new ArrayList<>();
            for (int dish = 0; dish <= chance.nextInt(3); dish++) {
                dishes.add(new DishWork(
                        "d" + dish,
                        "dish",
                        chance.nextBoolean() ? List.of(List.of(work("soak"))) : List.of(),
                        new Minutes(5 * chance.nextInt(20)),
                        chance.nextBoolean()
                                ? List.of(work("boil-beans"), work("boil-together"))
                                : List.of(work("quick-soak"))));
            }
            int canners = 1 + chance.nextInt(3);
            List<LoadWork> loads = new ArrayList<>();
            for (int load = 0; load <= chance.nextInt(6); load++) {
                int canner = chance.nextInt(canners);
                loads.add(new LoadWork(
                        canner,
                        "c",
                        chance.nextInt(3) == 0 ? "shared" : "burner " + canner,
                        List.of(dishes.get(chance.nextInt(dishes.size())).key()),
                        1 + chance.nextInt(16),
                        new Minutes(20 + chance.nextInt(80)),
                        TIMES,
                        new Minutes(chance.nextInt(300))));
            }
            Workday workday = Workday.of(PreparationSchedule.of(dishes, burners, TABLE), loads, burners);
            keepsTheRules(workday, loads, burners);
        }
    }

    private static void keepsTheRules(Workday workday, List<LoadWork> loads, int burners) {
        Map<String, Task> byId = new HashMap<>();
        workday.tasks().forEach(task -> byId.put(task.id(), task));
        assertThat(byId).hasSize(workday.tasks().size());
        for (Task task : workday.tasks()) {
            for (String before : task.after()) {
                assertThat(Optional.ofNullable(byId.get(before)).orElseThrow().end())
                        .as("%s after %s", task.id(), before)
                        .isLessThanOrEqualTo(task.start());
            }
        }
        int end = workday.tasks().stream().mapToInt(Task::end).max().orElseThrow();
        assertThat(workday.length()).isEqualTo(end);
        for (int minute = 0; minute < end; minute++) {
            int hands = 0;
            int pots = 0;
            Set<Integer> heated = new HashSet<>();
            Set<String> taken = new HashSet<>();
            int occupied = 0;
            for (Task task : workday.tasks()) {
                if (task.start() <= minute && minute < task.end()) {
                    hands += task.attention() == Attention.HANDS ? 1 : 0;
                    pots += task.burner() ? 1 : 0;
                    if (task.canner() >= 0 && !task.code().equals("fill")) {
                        assertThat(heated.add(task.canner()))
                                .as("one load at a time")
                                .isTrue();
                        assertThat(taken.add(loads.get(task.load() - 1).burner()))
                                .as("one canner a burner")
                                .isTrue();
                        occupied++;
                    }
                }
            }
            assertThat(hands).as("hands at %s", minute).isLessThanOrEqualTo(1);
            assertThat(pots + occupied).as("burners at %s", minute).isLessThanOrEqualTo(burners);
        }
        for (int load = 0; load < loads.size(); load++) {
            LoadWork work = loads.get(load);
            Task heat = Optional.ofNullable(byId.get("load-%s-heat".formatted(load + 1)))
                    .orElseThrow();
            Task hold = Optional.ofNullable(byId.get("load-%s-hold".formatted(load + 1)))
                    .orElseThrow();
            assertThat(heat.start()).isGreaterThanOrEqualTo(work.earliest().value());
            assertThat(hold.end() - hold.start()).isEqualTo(work.process().value());
            Task vent = Optional.ofNullable(byId.get("load-%s-vent".formatted(load + 1)))
                    .orElseThrow();
            assertThat(vent.end() - vent.start()).isEqualTo(LoadingCanner.VENT);
        }
    }
}
