package org.mobrel.finding;

/**
 * What the cook may do about a finding.
 *
 * @param code what kind of change, such as 'leave-out'; never renamed
 * @param text a sentence for the cook
 */
public record Remedy(String code, String text) {

    public static Remedy leaveOut(String text) {
        return new Remedy("leave-out", text);
    }
}
