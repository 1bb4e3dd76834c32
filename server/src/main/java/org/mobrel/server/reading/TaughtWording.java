package org.mobrel.server.reading;

/**
 * What the cook said a wording means.
 *
 * @param words as the reader compares them
 * @param meaning words the catalogue knows
 */
public record TaughtWording(String words, String meaning) {}
