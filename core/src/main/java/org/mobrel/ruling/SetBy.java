package org.mobrel.ruling;

/** What the process time of a load came from. */
public enum SetBy {
    LINE("line"),
    SOUP_TABLE("soup-table"),
    MIXED_VEGETABLE_TABLE("mixed-vegetable-table"),
    SINGLE_FOOD("single-food");

    private final String code;

    SetBy(String code) {
        this.code = code;
    }

    public String code() {
        return code;
    }
}
