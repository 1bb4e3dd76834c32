package org.mobrel.method;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.mobrel.finding.Source;
import org.mobrel.tables.Row;
import org.mobrel.tables.Table;

/** What recipes say of the canning itself, and no canner's manual does. Mobrel's run goes its own way; the cook is told why. */
public enum Departure {
    /** Ways to process that reach no more than the boil, or that nobody can control. */
    OTHER_METHOD("method-differs"),
    NOT_PROCESSED("without-process"),
    WAX("wax"),
    LARGE_JARS("large-jars"),
    USED_LIDS("used-lids"),
    /** Filled jars that stand before they are processed; jars that stand afterwards are as they should be. */
    WAITING("waiting"),
    /** Fuller than the inch and more that jars under pressure are given. */
    HEADSPACE("headspace"),
    /** The clock starts with the pressure, and the heat stays on until it is over. */
    TIMING("timing"),
    /** Opened, cooled or tightened while all of it is still hot. */
    AFTERWARDS("afterwards"),
    NO_RACK("no-rack"),
    SHORT_SOAK("short-soak"),
    UNBOILED("unboiled"),
    /** Food or broth that is not hot. */
    RAW("raw"),
    /** Fuller of solids, or pressed down. */
    FULL("full"),
    UNPEELED("unpeeled"),
    PIECES("pieces"),
    BONES("bones"),
    FAT("fat"),
    /** More than the list names, or something that nobody can tell. */
    MORE_FOOD("more-food");

    private static final Map<String, Row> WORDS = Table.beside(
                    Departure.class, "departures.csv", Set.of("code", "remark", "stages", "here", "why", "source"))
            .map(Function.identity())
            .stream()
            .collect(Collectors.toMap(row -> row.text("code"), Function.identity()));

    private final String code;

    Departure(String code) {
        this.code = code;
    }

    static Optional<Departure> ofCode(String code) {
        return Arrays.stream(values()).filter(one -> one.code.equals(code)).findFirst();
    }

    /** @param effects what the words of a sentence come to together */
    boolean isIn(List<String> effects) {
        return effects.contains(code);
    }

    /** Its code in the interface; never renamed. */
    public String remark() {
        return words().text("remark");
    }

    /** The codes of the stages of a run in which it is said again. */
    public List<String> stages() {
        return words().list("stages");
    }

    /** How it is done here, as it stands on a button. */
    public String here() {
        return words().text("here");
    }

    /** What speaks against the page's way. */
    public String why() {
        return words().text("why");
    }

    public Source source() {
        return new Source(words().text("source"));
    }

    private Row words() {
        return Objects.requireNonNull(WORDS.get(code), code);
    }
}
