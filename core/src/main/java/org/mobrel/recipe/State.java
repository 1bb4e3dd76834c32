package org.mobrel.recipe;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** What a line says about how an ingredient comes, was treated or is used. */
public enum State {
    DRIED("dried", "dry"),
    UNSOAKED(
            "unsoaked",
            "not soaked",
            "un-soaked",
            "without soaking",
            "no soak",
            "no soaking",
            "no need to soak",
            "straight into the jar",
            "straight in the jar",
            "straight into jars"),
    SOAKED("soaked", "quick-soaked", "presoaked", "pre-soaked", "rehydrated"),
    COOKED("cooked", "boiled", "parboiled", "precooked", "pre-cooked", "roasted", "leftover", "simmered"),
    FROZEN("frozen", "thawed"),
    CANNED("canned", "tinned", "can of", "tin of"),
    FRESH("fresh"),
    UNPEELED(
            "unpeeled",
            "not peeled",
            "no need to peel",
            "do not peel",
            "don't peel",
            "skin on",
            "skins left on",
            "with the skin on",
            "in skins",
            "in their skins",
            "with skins",
            "with skin",
            "with their skins",
            "in their jackets",
            "in jackets"),
    PEELED("peeled", "pared"),
    WHOLE("whole", "left whole"),
    HALVED("halved", "halves"),
    CUT(
            "cut up",
            "sliced",
            "diced",
            "cubed",
            "chopped",
            "shredded",
            "grated",
            "minced",
            "quartered",
            "julienned",
            "jointed",
            "cut",
            "cubes",
            "chunks",
            "pieces",
            "strips",
            "slices",
            "rounds",
            "coins"),
    BONE_IN("bone-in", "bones in", "with bones", "with the bones", "on the bone", "with bone"),
    BONELESS("boneless", "boned", "bones removed", "off the bone", "without bones"),
    BROWNED("browned", "seared"),
    DRAINED("drained"),
    SKIMMED("skimmed", "defatted", "fat removed", "fat lifted off", "degreased"),
    FOR_BROWNING("for browning", "for frying", "to brown", "for searing", "for sauteing", "for sautéing"),
    TO_COVER("to cover", "enough to cover", "to fill", "as needed"),
    TO_TASTE("to taste"),
    OPTIONAL("optional", "if liked", "if desired", "if you like"),
    /** Added when the jar is opened: it never goes into the jar. */
    AT_SERVING(
            "at serving",
            "for serving",
            "to serve",
            "when serving",
            "at serving time",
            "for garnish",
            "to garnish",
            "as a garnish",
            "when the jar is opened",
            "when opened");

    private static final Phrases<State> PHRASES = new Phrases<>();

    static {
        for (State state : values()) {
            state.phrases.forEach(phrase -> PHRASES.addIfNew(phrase, state));
        }
    }

    private final List<String> phrases;

    State(String... phrases) {
        this.phrases = List.of(phrases);
    }

    /** The states among words, the longest phrases first: 'not peeled' is not peeled. */
    static List<Phrases.Found<State>> in(List<String> words) {
        return PHRASES.in(words);
    }

    /** The state an interface calls by this code, such as 'bone-in'. */
    public static Optional<State> ofCode(String code) {
        return Arrays.stream(values())
                .filter(state -> state.code().equals(code))
                .findFirst();
    }

    public String code() {
        return name().toLowerCase(java.util.Locale.ROOT).replace('_', '-');
    }

    /** The words a recipe says it with, the plainest first. */
    public List<String> phrases() {
        return phrases;
    }
}
