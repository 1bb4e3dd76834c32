package org.mobrel.server.formats;

/** Text that marks were put into, as recipe pages do. */
final class Markup {

    /** Marks that end a line of what is read. */
    private static final String[] BREAKS = {"<br", "</p", "</li"};

    private Markup() {}

    /** The text without its marks, read once from left to right: however many marks there are, each sign is looked at once. */
    static String without(String text) {
        int mark = text.indexOf('<');
        if (mark < 0) {
            return text;
        }
        // Behind the last end nothing is a mark any more.
        int lastEnd = text.lastIndexOf('>');
        StringBuilder plain = new StringBuilder(text.length());
        int from = 0;
        while (mark >= 0 && mark < lastEnd) {
            int end = text.indexOf('>', mark);
            plain.append(text, from, mark);
            if (end == mark + 1) {
                plain.append("<>");
            } else if (breaks(text, mark)) {
                plain.append('\n');
            }
            from = end + 1;
            mark = text.indexOf('<', from);
        }
        return plain.append(text, from, text.length()).toString();
    }

    private static boolean breaks(String text, int mark) {
        for (String one : BREAKS) {
            if (text.regionMatches(true, mark, one, 0, one.length())) {
                return true;
            }
        }
        return false;
    }
}
