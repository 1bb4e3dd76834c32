package org.mobrel.recipe;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;

/** Words that were written apart or together: 'sauer kraut' is one word, 'splitpeas' are two. Known words are left alone. */
final class Spacing {

    private final Lexicon lexicon;
    private final List<Token> tokens;
    private final BitSet understood = new BitSet();

    Spacing(Lexicon lexicon, List<Token> tokens) {
        this.lexicon = lexicon;
        this.tokens = tokens;
        List<String> words = tokens.stream().map(Token::word).toList();
        lexicon.mentions(words).forEach(found -> understood.set(found.start(), found.end()));
        State.in(words).forEach(found -> understood.set(found.start(), found.end()));
        lexicon.descriptors(words).forEach(found -> understood.set(found.start(), found.end()));
    }

    List<Token> tokens() {
        boolean allKnown = true;
        for (int at = 0; at < tokens.size(); at++) {
            allKnown &= !isStrange(at);
        }
        return allKnown ? tokens : mended();
    }

    private boolean isStrange(int at) {
        return !understood.get(at)
                && !tokens.get(at).isBreak()
                && !tokens.get(at).isNumber();
    }

    private List<Token> mended() {
        List<Token> mended = new ArrayList<>();
        int at = 0;
        while (at < tokens.size()) {
            Token token = tokens.get(at);
            Optional<Token> both = at + 1 < tokens.size() ? writtenApart(at) : Optional.empty();
            Optional<List<String>> parts = isStrange(at) ? lexicon.writtenAsOne(token.word()) : Optional.empty();
            if (parts.isPresent()) {
                // Each part stands where the whole stood.
                parts.get().forEach(part -> mended.add(new Token(part, token.start(), token.end())));
            } else if (both.isPresent()) {
                mended.add(both.get());
                at++;
            } else {
                mended.add(token);
            }
            at++;
        }
        return mended;
    }

    private Optional<Token> writtenApart(int at) {
        Token first = tokens.get(at);
        Token second = tokens.get(at + 1);
        boolean words = !first.isBreak() && !second.isBreak() && !first.isNumber() && !second.isNumber();
        if (!words || !isStrange(at) && !isStrange(at + 1)) {
            return Optional.empty();
        }
        String whole = Tokenizer.singular(first.word() + second.word());
        return lexicon.isKnown(whole) || lexicon.writtenAsOne(whole).isPresent()
                ? Optional.of(new Token(whole, first.start(), second.end()))
                : Optional.empty();
    }
}
