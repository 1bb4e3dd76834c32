package org.mobrel.server.recipe;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.mobrel.foods.Pack;
import org.mobrel.quantity.Fraction;
import org.mobrel.server.ruling.QuestionAnswer;

/**
 * What a cook saves: the next version of a recipe, or the first of a new one.
 *
 * @param lines ingredient lines as typed
 * @param method steps as typed
 * @param tags words to find it by
 * @param variants add-ins for some of the jars
 * @param settled keys of the questions that were answered with 'as it stands'
 * @param answers what was answered to the questions of its lines
 * @param imported the document it came from, as JSON; given back on export
 */
public record RecipeDraft(
        String title,
        List<String> lines,
        Pack pack,
        Fraction solidsShare,
        List<String> method,
        List<String> tags,
        List<AddIn> variants,
        List<String> settled,
        List<QuestionAnswer> answers,
        Optional<String> imported) {

    public RecipeDraft {
        lines = List.copyOf(lines);
        method = List.copyOf(method);
        tags = List.copyOf(tags);
        variants = List.copyOf(variants);
        settled = List.copyOf(settled);
        answers = List.copyOf(answers);
    }

    /** Some jars of the pot with lines of their own, such as 'with rosemary'. */
    public record AddIn(String name, List<String> lines) {

        public AddIn {
            lines = List.copyOf(lines);
        }
    }

    /** A recipe of ingredients alone. */
    public static RecipeDraft of(String title, List<String> lines, Pack pack, Fraction solidsShare) {
        return new RecipeDraft(
                title,
                lines,
                pack,
                solidsShare,
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                Optional.empty());
    }

    /** Whether an answer is to a question of a step, not of a line. */
    boolean isAboutStep(QuestionAnswer answer) {
        return lines.stream()
                        .noneMatch(line -> line.strip().equals(answer.line().strip()))
                && variants.stream()
                        .flatMap(variant -> variant.lines().stream())
                        .noneMatch(line -> line.strip().equals(answer.line().strip()));
    }

    /** The same packed in another way. */
    public RecipeDraft packed(Pack otherPack, Fraction otherShare) {
        return new RecipeDraft(title, lines, otherPack, otherShare, method, tags, variants, settled, answers, imported);
    }

    public RecipeDraft tagged(List<String> otherTags) {
        return new RecipeDraft(
                title, lines, pack, solidsShare, method, otherTags, variants, settled, answers, imported);
    }

    /** The same with another line in the place of one. */
    public RecipeDraft withLine(int index, String line) {
        List<String> changed = new ArrayList<>(lines);
        changed.set(index, line);
        return new RecipeDraft(title, changed, pack, solidsShare, method, tags, variants, settled, answers, imported);
    }

    RecipeDraft named(String otherTitle) {
        return new RecipeDraft(
                otherTitle, lines, pack, solidsShare, method, tags, variants, settled, answers, imported);
    }
}
