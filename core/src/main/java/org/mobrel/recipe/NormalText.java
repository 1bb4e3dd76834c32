package org.mobrel.recipe;

import java.text.Normalizer;
import java.util.Map;

/**
 * A line in plain signs, and where each stood in the line as typed: ligatures and full-width letters as the letters they are,
 * invisible signs gone, letters of other scripts that look like ours as ours, '½' as '1/2', one kind of dash.
 */
final class NormalText {

    /** Letters that a reader takes for ours; a word hidden behind them is the word it looks like. */
    private static final String LOOK_ALIKES =
            "аaАAвBсcСCеeЕEһhНHіiІIјjЈJкkКKмmМMоoОOрpРPѕsЅSтtТTуyУYхxХXԁdԛqԝwѵvɡgɑaıiαaΑAΒBεeΕEηnΗHιiΙIκkΚKΜMνvΝNοoΟOρpΡPτtΤTυuΥYχxΧXΖZӏl";

    private static final Map<Integer, String> SIGNS = Map.ofEntries(
            Map.entry((int) '½', "1/2"),
            Map.entry((int) '⅓', "1/3"),
            Map.entry((int) '⅔', "2/3"),
            Map.entry((int) '¼', "1/4"),
            Map.entry((int) '¾', "3/4"),
            Map.entry((int) '⅛', "1/8"),
            Map.entry((int) '⅜', "3/8"),
            Map.entry((int) '⅝', "5/8"),
            Map.entry((int) '⅞', "7/8"),
            Map.entry((int) '⅙', "1/6"),
            Map.entry((int) '⅚', "5/6"),
            Map.entry((int) '⅕', "1/5"),
            Map.entry((int) '⅖', "2/5"),
            Map.entry((int) '⅗', "3/5"),
            Map.entry((int) '⅘', "4/5"),
            Map.entry((int) '⁄', "/"),
            Map.entry((int) '–', "-"),
            Map.entry((int) '—', "-"),
            Map.entry((int) '‑', "-"),
            Map.entry((int) '‐', "-"),
            Map.entry((int) '−', "-"),
            Map.entry((int) '’', "'"),
            Map.entry((int) '‘', "'"),
            Map.entry((int) '′', "'"),
            Map.entry((int) '″', "\""),
            Map.entry((int) '“', "\""),
            Map.entry((int) '”', "\""));

    private final String plain;
    private final int[] origins;

    private NormalText(String plain, int[] origins) {
        this.plain = plain;
        this.origins = origins;
    }

    static NormalText of(String text) {
        Builder built = new Builder(text.length());
        for (int at = 0; at < text.length(); ) {
            int sign = text.codePointAt(at);
            int next = at + Character.charCount(sign);
            if (isWith(text, at)) {
                built.add("with ", at);
                at += 2;
                continue;
            }
            if (sign < 128) {
                built.add(sign == '\t' || sign == '\n' || sign == '\r' ? ";" : String.valueOf((char) sign), at);
            } else {
                built.addOther(sign, at);
            }
            at = next;
        }
        return built.done(text.length());
    }

    /** 'w/ broth' is with it; 'w/o' is not. */
    private static boolean isWith(String text, int at) {
        return text.startsWith("w/", at)
                && (at == 0 || !Character.isLetterOrDigit(text.charAt(at - 1)))
                && !text.startsWith("w/o", at);
    }

    String plain() {
        return plain;
    }

    /** Where a sign of the plain line stood in the line as typed; the end of the plain line is that of the other. */
    int origin(int index) {
        return origins[index];
    }

    private static final class Builder {
        private final StringBuilder plain;
        private int[] origins;

        Builder(int length) {
            plain = new StringBuilder(length + 8);
            origins = new int[length + 16];
        }

        private void add(String signs, int origin) {
            for (int index = 0; index < signs.length(); index++) {
                if (plain.length() + 2 > origins.length) {
                    origins = java.util.Arrays.copyOf(origins, origins.length * 2);
                }
                origins[plain.length()] = origin;
                plain.append(signs.charAt(index));
            }
        }

        private void addOther(int sign, int origin) {
            String fixed = SIGNS.get(sign);
            int alike = LOOK_ALIKES.indexOf(sign);
            if (fixed != null) {
                int before = plain.length() - 1;
                boolean fraction = fixed.length() > 1;
                add(fraction && before >= 0 && Character.isDigit(plain.charAt(before)) ? " " + fixed : fixed, origin);
            } else if (alike >= 0 && alike % 2 == 0) {
                add(LOOK_ALIKES.substring(alike + 1, alike + 2), origin);
            } else if (Character.getType(sign) == Character.NON_SPACING_MARK) {
                compose(sign);
            } else if (Character.getType(sign) != Character.FORMAT && sign != 0x034F && sign != 0xFE0F) {
                add(Character.isSpaceChar(sign) ? " " : normal(sign), origin);
            }
        }

        private static String normal(int sign) {
            return Normalizer.normalize(Character.toString(sign), Normalizer.Form.NFKC);
        }

        /** A letter and its accent, typed one after the other, are the letter with the accent. */
        private void compose(int mark) {
            if (!plain.isEmpty()) {
                int last = plain.length() - 1;
                String whole = Normalizer.normalize(plain.charAt(last) + Character.toString(mark), Normalizer.Form.NFC);
                if (whole.length() == 1) {
                    plain.setCharAt(last, whole.charAt(0));
                }
            }
        }

        NormalText done(int end) {
            origins[plain.length()] = end;
            return new NormalText(plain.toString(), origins);
        }
    }
}
