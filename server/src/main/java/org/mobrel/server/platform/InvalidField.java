package org.mobrel.server.platform;

/** A field of a request that cannot be meant: answered as 400 with the field's name. */
public final class InvalidField extends RuntimeException {

    private final String field;

    /**
     * @param field its path in the body, such as 'jars[0].size'
     * @param message what is wrong, in a sentence
     */
    public InvalidField(String field, String message) {
        super(message);
        this.field = field;
    }

    public String field() {
        return field;
    }
}
