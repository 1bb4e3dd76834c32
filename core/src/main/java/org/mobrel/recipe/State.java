package org.mobrel.recipe;

import java.util.List;

/** What a line says about how an ingredient comes or was treated. */
public enum State {
    DRIED("dried", "dry"),
    UNSOAKED(
            "unsoaked",
            "not soaked",
            "un-soaked",
            "without soaking",
            "no soak",
            "no soaking",
            "straight into the jar",
            "straight in the jar"),
    SOAKED("soaked", "quick-soaked", "quick soaked", "rehydrated"),
    COOKED("cooked", "boiled", "parboiled", "roasted", "leftover", "leftovers"),
    FROZEN("frozen", "thawed"),
    CANNED("canned", "tinned", "can of", "tin of"),
    FRESH("fresh"),
    UNPEELED(
            "unpeeled",
            "not peeled",
            "skin on",
            "skin-on",
            "skins on",
            "in skins",
            "in their skins",
            "with skins",
            "in jackets"),
    PEELED("peeled"),
    WHOLE("whole"),
    HALVED("halved", "halves"),
    BONE_IN("bone-in", "bone in", "bones in", "with bones", "on the bone"),
    DRAINED("drained"),
    FOR_BROWNING("for browning", "for frying", "to brown", "for searing");

    private final List<String> phrases;

    State(String... phrases) {
        this.phrases = List.of(phrases);
    }

    List<String> phrases() {
        return phrases;
    }
}
