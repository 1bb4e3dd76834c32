package org.mobrel.recipe;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;

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
            "straight into jars",
            "straight to the jar",
            "straight to jars",
            "unsoaked and uncooked",
            "do not soak",
            "don't soak",
            "skip the soak",
            "skip soaking",
            "never soaked",
            "no pre-soak",
            "packed dry",
            "pack dry",
            "dry-packed",
            "dry pack",
            "dry into the jars",
            "dry in the jar",
            "soak not needed",
            "no need for soaking",
            "without a soak"),
    SOAKED("soaked", "quick-soaked", "presoaked", "pre-soaked", "rehydrated", "reconstituted"),
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
            "in jackets",
            "un-peeled",
            "peel on",
            "peels on",
            "peel left on",
            "peels left on",
            "skin left on",
            "skins on",
            "leave skin on",
            "leave skins on",
            "leave the skin on",
            "leave the skins on",
            "leave peel on",
            "leave the peel on",
            "leave unpeeled",
            "left unpeeled",
            "with peel",
            "with the peel",
            "with their peel",
            "never peeled",
            "without peeling",
            "no peeling",
            "scrubbed",
            "well scrubbed",
            "scrubbed well",
            "scrubbed not peeled"),
    PEELED(
            "peeled",
            "pared",
            "scraped",
            "scrubbed and peeled",
            "peeled and scrubbed",
            "skins slipped",
            "skin removed",
            "skins removed"),
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
    BONE_IN(
            "bone-in",
            "bones in",
            "with bones",
            "with the bones",
            "on the bone",
            "with bone",
            "bones left in",
            "bone left in",
            "unboned"),
    BONELESS(
            "boneless",
            "boned",
            "deboned",
            "de-boned",
            "bones removed",
            "bone removed",
            "off the bone",
            "off the bones",
            "without bones",
            "bone out",
            "meat only",
            "meat picked",
            "meat picked off",
            "picked meat",
            "meat removed",
            "meat taken off",
            "meat stripped",
            "picked from the bones",
            "picked off the bone",
            "picked off the bones",
            "picked clean",
            "skinned and boned",
            "boned and skinned"),
    BROWNED("browned", "seared"),
    /** Smoked, salted or cured: a drier and denser thing than what the tables time. */
    WILD("wild", "foraged"),
    CURED(
            "smoked",
            "cured",
            "salt-cured",
            "dry-cured",
            "corned",
            "jerked",
            "hickory-smoked",
            "cold-smoked",
            "hot-smoked"),
    /** Boiled for what it gives; nothing of it is in the jar. */
    STRAINED_OUT(
            "strained out",
            "strained off",
            "to be strained out",
            "for stock",
            "for broth",
            "for making stock",
            "for making broth",
            "to make stock",
            "to make broth",
            "removed after cooking"),
    DRAINED("drained", "patted dry", "pat dry", "wiped dry", "towelled dry"),
    SKIMMED(
            "skimmed",
            "defatted",
            "fat removed",
            "fat lifted off",
            "degreased",
            "chilled overnight",
            "chilled and skimmed",
            "fat skimmed off"),
    FOR_BROWNING(
            "for browning",
            "for frying",
            "to brown",
            "for searing",
            "for sauteing",
            "for the pan",
            "for browning the meat",
            "to fry",
            "to saute"),
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
            "add when serving",
            "added when serving",
            "add at serving",
            "add when opened",
            "add when opening",
            "when opening",
            "when opening the jar",
            "when you open the jar",
            "add when you open the jar",
            "added when you open the jar",
            "added when opened",
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

    /** Whether it is said where it stands in the name of a solid food: whole kernel corn is not whole. */
    boolean countsInName() {
        return this != WHOLE && this != CURED && this != WILD && this != STRAINED_OUT;
    }

    /** The states among words, the longest phrases first: 'not peeled' is not peeled. */
    static List<Phrases.Found<State>> in(List<String> words) {
        return PHRASES.in(words);
    }

    /** Every phrase for a state, as its words. */
    static Set<List<String>> allPhrases() {
        return PHRASES.all().keySet();
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
