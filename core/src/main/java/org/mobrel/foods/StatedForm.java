package org.mobrel.foods;

/** What a line may say of a food that makes another food of it: dried lima beans are dried beans. */
public enum StatedForm {
    DRIED("dried_as"),
    CANNED("canned_as"),
    BONE_IN("bone_in_as"),
    BONELESS("boneless_as"),
    CURED("cured_as"),
    WILD("wild_as"),
    /** Not dried: pulses in the pod, shelled or frozen. */
    FRESH("fresh_as"),
    BY_THE_SPOON("by_spoon_as");

    private final String column;

    StatedForm(String column) {
        this.column = column;
    }

    /** The column of the food table that names what it becomes. */
    String column() {
        return column;
    }
}
