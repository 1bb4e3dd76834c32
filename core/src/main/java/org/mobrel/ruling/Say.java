package org.mobrel.ruling;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.mobrel.finding.Finding;
import org.mobrel.finding.Remedy;
import org.mobrel.finding.Severity;
import org.mobrel.finding.Source;

/** Short ways to make the findings of this package. */
final class Say {

    private Say() {}

    static Finding stop(String code, int line, String text, Source source, Remedy... remedies) {
        return new Finding(Severity.STOP, code, OptionalInt.of(line), text, List.of(remedies), Optional.of(source));
    }

    static Finding stop(String code, String text, Source source, Remedy... remedies) {
        return new Finding(Severity.STOP, code, OptionalInt.empty(), text, List.of(remedies), Optional.of(source));
    }

    static Finding judge(String code, int line, String text, Source source, Remedy... remedies) {
        return new Finding(
                Severity.OWN_JUDGEMENT, code, OptionalInt.of(line), text, List.of(remedies), Optional.of(source));
    }

    static Finding judge(String code, String text, Source source, Remedy... remedies) {
        return new Finding(
                Severity.OWN_JUDGEMENT, code, OptionalInt.empty(), text, List.of(remedies), Optional.of(source));
    }

    static String capital(String text) {
        return text.isEmpty() ? text : Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }
}
