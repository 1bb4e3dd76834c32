package org.mobrel.ruling;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.mobrel.jars.JarSize;
import org.mobrel.method.StatedProcess;
import org.mobrel.method.StepStatement;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.quantity.Minutes;

/**
 * What a recipe states of its process, held against the ruling. It is told and never followed.
 *
 * @param code never renamed
 * @param step where it is stated, if in a step
 */
public record StatedRemark(String code, String text, OptionalInt step) {

    /** @param step empty where it stands outside of the steps */
    public record Stated(StatedProcess process, Optional<Integer> step) {

        public static Stated outsideOfSteps(StatedProcess process) {
            return new Stated(process, Optional.empty());
        }
    }

    /** The one for a size of jar; of several the first. */
    public static Optional<StatedProcess> mostFitting(List<Stated> stated, JarSize size) {
        return fitting(stated, size).map(Stated::process);
    }

    private static Optional<Stated> fitting(List<Stated> stated, JarSize size) {
        List<Stated> timed = stated.stream()
                .filter(one -> one.process().minutes().isPresent())
                .toList();
        Optional<Stated> its = timed.stream()
                .filter(one -> one.process().size().filter(size::equals).isPresent())
                .findFirst()
                .or(() -> timed.stream()
                        .filter(one -> one.process().size().isEmpty())
                        .findFirst());
        return its.or(() -> timed.stream().findFirst()).or(() -> stated.stream().findFirst());
    }

    /** None where the recipe states nothing, or just what the ruling gives, or there is no ruling to compare with. */
    public static List<StatedRemark> of(List<Stated> stated, Batch batch, Ruling ruling) {
        Optional<Timing> timing = ruling.timing();
        Stream<StatedRemark> methods =
                batch.method().all(StepStatement.Departs.class).stream().map(StatedRemark::departs);
        if (timing.isEmpty()) {
            return methods.toList();
        }
        Stream<StatedRemark> times = batch.sizes().stream()
                .flatMap(size -> fitting(stated, size)
                        .filter(one ->
                                one.process().size().filter(its -> its != size).isEmpty())
                        .flatMap(one -> differs(one, size, batch, ruling, timing.get()))
                        .stream())
                .distinct();
        return Stream.concat(methods, times).toList();
    }

    private static StatedRemark departs(StepStatement.Departs said) {
        return new StatedRemark(
                said.departure().remark(),
                "Your recipe says “%s.” %s"
                        .formatted(
                                said.quote().words().replaceAll("[.;,]+$", ""),
                                said.departure().why()),
                OptionalInt.of(said.quote().step()));
    }

    private static Optional<StatedRemark> differs(
            Stated stated, JarSize size, Batch batch, Ruling ruling, Timing timing) {
        Optional<Minutes> said = stated.process().minutes();
        Minutes needed = timing.minutesFor(size).orElse(timing.minutes());
        Optional<GaugePressure> pressure = stated.process().pressure();
        boolean otherTime = said.filter(minutes -> !minutes.equals(needed)).isPresent();
        boolean otherPressure = pressure.filter(
                        psi -> psi.compareTo(timing.truePressure()) != 0 && psi.compareTo(timing.reading()) != 0)
                .isPresent();
        if (!otherTime && !otherPressure) {
            return Optional.empty();
        }
        List<String> reasons = new ArrayList<>();
        if (otherTime) {
            reasons.add(why(ruling, size));
        }
        if (otherPressure) {
            reasons.add("at this altitude the %s gauge needs %s psi"
                    .formatted(
                            batch.gauge().kind().code(), plain(timing.reading().psi())));
        }
        String recipe = said.map(minutes -> minutes.value() + " min").orElse("")
                + pressure.map(psi -> " at " + plain(psi.psi()) + " psi").orElse("");
        return Optional.of(new StatedRemark(
                "stated-process-differs",
                "Your recipe says %s; here it is %s min at %s psi in %ss, because %s."
                        .formatted(
                                recipe.strip(),
                                needed.value(),
                                plain(timing.reading().psi()),
                                size.label(),
                                String.join(", and ", reasons)),
                stated.step().map(OptionalInt::of).orElse(OptionalInt.empty())));
    }

    private static String why(Ruling ruling, JarSize size) {
        Timing timing = ruling.timing().orElseThrow();
        return switch (timing.setBy()) {
            case LINE ->
                timing.pacesetters().stream()
                                .map(index ->
                                        Headline.name(ruling.lines().get(index).line()))
                                .distinct()
                                .collect(Collectors.joining(" and "))
                        + " asks for that in the published table";
            case SOUP_TABLE -> "the published soup table goes no lower";
            case MIXED_VEGETABLE_TABLE -> "the published row for mixed vegetables goes no lower";
            case SINGLE_FOOD -> "that is this food's own published row for " + size.label() + "s";
        };
    }

    private static String plain(BigDecimal psi) {
        return psi.stripTrailingZeros().toPlainString();
    }
}
