package org.mobrel.recipe;

import java.util.ArrayList;
import java.util.List;

/** Words of one kind that stand together, as one span. */
final class LineSpans {

    private LineSpans() {}

    /** @param kinds what each token was taken for */
    static List<Span> of(List<Token> tokens, Span.Kind[] kinds) {
        List<Span> spans = new ArrayList<>();
        int at = 0;
        while (at < kinds.length) {
            int end = at + 1;
            while (end < kinds.length
                    && kinds[end] == kinds[at]
                    && !tokens.get(end).isBreak()) {
                end++;
            }
            if (!tokens.get(at).isBreak()) {
                spans.add(new Span(
                        kinds[at], tokens.get(at).start(), tokens.get(end - 1).end()));
            }
            at = end;
        }
        return spans;
    }
}
