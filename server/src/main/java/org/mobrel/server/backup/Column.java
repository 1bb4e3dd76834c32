package org.mobrel.server.backup;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A column of a section.
 *
 * @param key whether the rows are ordered by it
 * @param given whether the database gives its numbers
 * @param refersTo the section whose row it names; empty for most
 * @param lotCode whether it is the code of a lot
 */
record Column(
        String name,
        Kind kind,
        boolean nullable,
        boolean key,
        boolean given,
        Optional<String> refersTo,
        boolean lotCode) {

    /** What its values are in the file: numbers, truth, or text. */
    enum Kind {
        INT,
        LONG,
        BOOL,
        TEXT,
        INSTANT,
        DATE,
        TIME
    }

    private static final Pattern FORM = Pattern.compile("(\\w+):(\\w+)(\\??)(\\*?)(#?)(?:>(\\w+))?(!?)");

    static Column of(String words) {
        Matcher said = FORM.matcher(words);
        if (!said.matches()) {
            throw new IllegalArgumentException("no column: " + words);
        }
        return new Column(
                said.group(1),
                Kind.valueOf(said.group(2).toUpperCase(Locale.ROOT)),
                !said.group(3).isEmpty(),
                !said.group(4).isEmpty(),
                !said.group(5).isEmpty(),
                Optional.ofNullable(said.group(6)),
                !said.group(7).isEmpty());
    }

    /** As it is called in the file: 'quiet_from' is 'quietFrom'. */
    String property() {
        StringBuilder camel = new StringBuilder();
        for (String part : name.split("_")) {
            camel.append(camel.isEmpty() ? part : Character.toUpperCase(part.charAt(0)) + part.substring(1));
        }
        return camel.toString();
    }
}
