package org.mobrel.ruling;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Stream;
import org.mobrel.finding.Finding;

/**
 * One ruling for jars of a base and of its variants in the same canner: whatever stands against any of them stands against all, and
 * the longest time of any is the time of all.
 */
public final class VariantRuling {

    private VariantRuling() {}

    /** The ruling on the base alone where there are no variants. */
    public static Ruling rule(Rulings rulings, Batch base, List<Variant> variants) {
        Ruling plain = rulings.rule(base);
        if (variants.isEmpty()) {
            return plain;
        }
        List<Ruling> each =
                variants.stream().map(variant -> rulings.rule(variant.of(base))).toList();
        List<Finding> findings = findings(plain, each, variants);
        List<RulingQuestion> questions = questions(plain, each, variants);
        Verdict verdict = Verdict.of(findings);
        if (verdict == Verdict.STOP || !questions.isEmpty()) {
            boolean stop = verdict == Verdict.STOP;
            return new Ruling(
                    stop ? verdict : Verdict.ASK,
                    Optional.empty(),
                    plain.lines(),
                    findings,
                    List.of(),
                    List.of(),
                    stop ? Optional.empty() : ifSettled(plain, each),
                    questions,
                    stop ? Headline.ofStop(findings) : Headline.ofQuestions(questions.size()),
                    plain.tableVersion());
        }
        List<Ruling> all = new ArrayList<>(List.of(plain));
        all.addAll(each);
        // The first of the longest: the base itself, where no variant asks for more.
        Ruling longest = all.stream()
                .max(Comparator.comparing(
                                (Ruling ruling) -> ruling.timing().orElseThrow().minutes())
                        .thenComparing(ruling -> ruling == plain))
                .orElseThrow();
        String headline = longest == plain
                ? plain.headline()
                : "%s (%s)"
                        .formatted(
                                longest.headline(),
                                variants.get(each.indexOf(longest)).name());
        return new Ruling(
                verdict,
                Optional.of(within(longest.timing().orElseThrow(), plain.lines().size())),
                plain.lines(),
                findings,
                longest.considered(),
                rows(all, plain.lines().size()),
                Optional.empty(),
                List.of(),
                headline,
                plain.tableVersion());
    }

    /** Of the base and of every variant: all of them stand in one canner. A variant's own line is none of the base's. */
    private static List<RowUse> rows(List<Ruling> all, int lines) {
        return all.stream()
                .flatMap(ruling -> ruling.rows().stream())
                .map(use -> use.line().isPresent() && use.line().getAsInt() >= lines
                        ? new RowUse(use.row(), use.part(), OptionalInt.empty())
                        : use)
                .distinct()
                .toList();
    }

    private static Optional<Timing> ifSettled(Ruling plain, List<Ruling> each) {
        return Stream.concat(Stream.of(plain), each.stream())
                .flatMap(ruling -> ruling.timing().or(ruling::ifSettled).stream())
                .max(Comparator.comparing(Timing::minutes))
                .map(timing -> within(timing, plain.lines().size()));
    }

    /** The base's questions, and those of a variant's own lines, which are about no line of the base. */
    private static List<RulingQuestion> questions(Ruling plain, List<Ruling> each, List<Variant> variants) {
        List<RulingQuestion> questions = new ArrayList<>(plain.questions());
        int base = plain.lines().size();
        for (int at = 0; at < each.size(); at++) {
            String name = Findings.capital(variants.get(at).name());
            each.get(at).questions().stream()
                    .filter(question -> question.line().isPresent()
                            ? question.line().getAsInt() >= base
                            : questions.stream()
                                    .noneMatch(known -> known.code() == question.code()
                                            && known.words().equals(question.words())))
                    .map(question -> new RulingQuestion(
                            question.code(),
                            OptionalInt.empty(),
                            question.said(),
                            question.words(),
                            "%s: %s".formatted(name, question.text()),
                            question.choices()))
                    .forEach(questions::add);
        }
        return questions;
    }

    /** The base's findings, and those of a variant that the base does not have, told with the variant's name. */
    private static List<Finding> findings(Ruling plain, List<Ruling> each, List<Variant> variants) {
        List<Finding> findings = new ArrayList<>(plain.findings());
        for (int at = 0; at < each.size(); at++) {
            String name = variants.get(at).name();
            each.get(at).findings().stream()
                    .filter(finding -> !plain.findings().contains(finding))
                    .map(finding -> new Finding(
                            finding.severity(),
                            finding.kind(),
                            OptionalInt.empty(),
                            finding.said(),
                            "%s: %s".formatted(Findings.capital(name), finding.text()),
                            finding.remedies(),
                            finding.source()))
                    .forEach(findings::add);
        }
        return findings;
    }

    /** The lines that set the time, as far as they are the base's own. */
    private static Timing within(Timing timing, int lines) {
        return new Timing(
                timing.minutes(),
                timing.minutesBySize(),
                timing.timedBy(),
                timing.setBy(),
                timing.pacesetters().stream().filter(index -> index < lines).toList(),
                timing.otherSchool(),
                timing.truePressure(),
                timing.reading(),
                timing.headspace());
    }
}
