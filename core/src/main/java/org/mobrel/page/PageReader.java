package org.mobrel.page;

import static org.mobrel.page.RecipePage.Kind.GROUP;
import static org.mobrel.page.RecipePage.Kind.INGREDIENT;
import static org.mobrel.page.RecipePage.Kind.OTHER;
import static org.mobrel.page.RecipePage.Kind.PROCESS;
import static org.mobrel.page.RecipePage.Kind.REMARK;
import static org.mobrel.page.RecipePage.Kind.STEP;
import static org.mobrel.page.RecipePage.Kind.TITLE;
import static org.mobrel.page.RecipePage.Kind.YIELD;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.mobrel.foods.Food;
import org.mobrel.method.Method;
import org.mobrel.method.StepStatement;
import org.mobrel.page.RecipePage.Part;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.LineKind;
import org.mobrel.recipe.LineReader;
import org.mobrel.recipe.Mention;
import org.mobrel.recipe.PlainText;

/**
 * Parts a page by all its lines together. In doubt a line stays where a ruling sees it: a sentence that names food no line lists is a
 * step, not a remark.
 */
public final class PageReader {

    /** A part of a page. */
    enum Section {
        FRONT,
        LIST,
        METHOD,
        NOTES
    }

    private static final Pattern INLINE = Pattern.compile(
            "^(ingredients?|you will need|directions?|method|instructions?|preparation|steps|procedure|notes?|tips?|hints?|remarks?)\\s*[:\\-–]\\s+(.+)$",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern SENTENCES = Pattern.compile("(?<=[.!?])\\s+(?=[\\p{Lu}\\d])");
    private static final Pattern TAKE = Pattern.compile(
            "^(?:(?:first|then|okay|ok|so|well|now|and|what i do is|for (?:this|the|a|an|one) [\\p{L} ]{2,30}?),?\\s+)*(?:i |we |you )?(?:take|use|you(?:'ll| will)? need|gather|have ready|buy|start with|get)\\b:?\\s*",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern BY = Pattern.compile(
            "(?:recipe )?(?:by|from|source|adapted from|courtesy of)\\b.{2,60}", Pattern.CASE_INSENSITIVE);
    /** Where a step begins in a line that was dictated in one breath. */
    private static final Pattern VERB_WITHIN = Pattern.compile(
            "(?<!\\bto)[,;.]?\\s+(?:and |then |and then )?(?=(?:boil|simmer|cook|add|fill|blend|puree|mash|stir|bring|soak|drain|pack|process|ladle|pour|put|vent|thicken|dredge|brown)\\s+(?:everything|all|it|them|the|together|until|half|in batches)\\b)",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern WORK_WITHIN = Pattern.compile(
            "\\b(?:add|stir|whisk|pour|put|tip|drop|throw|thicken|blend|puree|mash|crush|dredge|melt|fold|swirl|mix)(?:s|ed|ing|ning)?\\b");

    private static final int LONG_BREATH = 8;
    private static final int LONG_LINE = 90;
    /** By how much an ingredient has to look more like one than like a step to be one among steps. */
    private static final int PLAINLY = 3;

    private static final int A_FEW = 3;

    private final LineReader reader;

    public PageReader(LineReader reader) {
        this.reader = reader;
    }

    /** As {@link #read(String, String)}, of a recipe that has no name yet. */
    public RecipePage read(String page) {
        return read(page, "");
    }

    /**
     * Never fails; an empty page has no parts.
     *
     * @param name that the recipe has already: then a line with a food is never taken for one; empty where it has none
     */
    public RecipePage read(String page, String name) {
        List<String> all = sentencesApart(page.lines().map(String::strip).toList());
        List<PageLine> lines = linesOf(all);
        List<Part> parts = new ArrayList<>();
        // Buttons and times may stand above the name.
        int first = 0;
        while (first < lines.size() && lines.get(first).isAside()) {
            parts.add(new Part(
                    hides(lines.get(first)) ? STEP : OTHER, lines.get(first).text()));
            first++;
        }
        List<PageLine> rest = lines.subList(first, lines.size());
        if (!rest.isEmpty() && Titles.isTitle(all, rest, name)) {
            parts.add(new Part(TITLE, rest.get(0).text().replaceAll("\\.$", "")));
            rest = rest.subList(1, rest.size());
        }
        List<Section> sections = Sections.of(rest);
        for (int at = 0; at < rest.size(); at++) {
            if (rest.get(at).heading().isPresent()) {
                parts.add(new Part(OTHER, rest.get(at).text()));
            } else {
                part(rest.get(at), sections.get(at), parts);
            }
        }
        return new RecipePage(withRemarks(parts));
    }

    /** A page in one breath: long lines of several sentences fall apart, until a heading says that the method begins. */
    private static List<String> sentencesApart(List<String> lines) {
        List<String> apart = new ArrayList<>();
        boolean method = false;
        for (String line : lines) {
            method |= INLINE.matcher(line).matches() || PageLine.isHeading(line, Section.METHOD);
            if (method || line.length() <= LONG_LINE) {
                apart.add(line);
            } else {
                apart.addAll(List.of(SENTENCES.split(line)));
            }
        }
        return apart;
    }

    /** Until the work begins, a line that lists several amounts, or goes on with the work, falls apart. */
    private List<PageLine> linesOf(List<String> all) {
        List<PageLine> lines = new ArrayList<>();
        boolean begun = false;
        for (String typed : all) {
            for (PageLine line : inline(typed)) {
                begun |= line.heading().filter(Section.METHOD::equals).isPresent()
                        || line.beginsWithWork() && !TAKE.matcher(line.text()).find();
                lines.addAll(begun ? List.of(line) : apart(line));
            }
        }
        return lines;
    }

    /** 'Method: boil it' is a heading and a step; a tip is one line. */
    private List<PageLine> inline(String typed) {
        PageLine line = PageLine.of(typed, reader);
        Matcher inline = INLINE.matcher(line.text());
        if (!inline.matches()) {
            // A line of dashes parts a page and holds nothing.
            return line.words().isEmpty() ? List.of() : List.of(line);
        }
        PageLine behind = PageLine.of(inline.group(2), reader);
        return PageLine.isHeading(inline.group(1), Section.NOTES)
                ? List.of(behind.asNote())
                : List.of(PageLine.of(inline.group(1), reader), behind);
    }

    /** 'Take 2 cups of this and 3 of that' is two lines, and so is one that was dictated in a breath. */
    private List<PageLine> apart(PageLine line) {
        Matcher breath = VERB_WITHIN.matcher(line.text());
        if (line.read().amount().isPresent() && line.words().size() > LONG_BREATH && breath.find()) {
            List<PageLine> all = new ArrayList<>(apart(PageLine.of(line.text().substring(0, breath.start()), reader)));
            for (String more : VERB_WITHIN.split(line.text().substring(breath.end()))) {
                all.add(PageLine.of(more, reader));
            }
            return all;
        }
        Matcher take = TAKE.matcher(line.text());
        String behind = take.find() ? line.text().substring(take.end()) : line.text();
        PageLine amount = PageLine.of(behind, reader);
        if (amount.read().amount().isEmpty() && !amount.hasMeasure()) {
            return List.of(line);
        }
        return new IngredientSplitter(reader)
                .in(behind).stream().map(one -> PageLine.of(one, reader)).toList();
    }

    private void part(PageLine line, Section section, List<Part> parts) {
        String text = line.text();
        Optional<Asides.Kind> aside = line.aside();
        boolean method = section == Section.METHOD;
        boolean isYield =
                Yields.is(text) || aside.filter(Asides.Kind.YIELD::equals).isPresent();
        if (line.isNote()) {
            parts.add(new Part(REMARK, text));
        } else if (isYield) {
            parts.add(new Part(method && changesTheJar(text, Set.of()) ? STEP : YIELD, text));
        } else if (aside.isPresent() && section != Section.NOTES && !(method && line.statesAProcess())) {
            boolean work = aside.get() == Asides.Kind.METHOD || hides(line);
            parts.add(work ? new Part(STEP, PageLine.bare(text)) : new Part(OTHER, text));
        } else if (section == Section.NOTES) {
            parts.add(new Part(REMARK, text));
        } else if (method) {
            // A list that goes on under the method is a list still, where a ruling sees it.
            boolean listed = line.isAmountOfFood() && !text.endsWith(".") && line.ingredient() - line.step() >= PLAINLY;
            parts.add(listed ? new Part(INGREDIENT, text) : new Part(STEP, PageLine.bare(text)));
        } else {
            inList(line, section, parts);
        }
    }

    private void inList(PageLine line, Section section, List<Part> parts) {
        IngredientLine read = line.read();
        String text = line.text();
        boolean step = read.kind() == LineKind.STEP
                || (section == Section.FRONT ? line.beginsWithWork() : line.step() - line.ingredient() >= 2);
        if (line.statesAProcess() && step) {
            parts.add(new Part(PROCESS, text));
        } else if (read.kind() == LineKind.NOT_INGREDIENT) {
            // 'No need to soak' and 'Raw pack, no liquid' deny a thing and say what is done.
            parts.add(new Part(line.mayBeWork() && line.words().size() > 2 ? STEP : OTHER, text));
        } else if (parts.size() == 1 && BY.matcher(text).matches()) {
            parts.add(new Part(REMARK, text));
        } else if (read.kind() == LineKind.HEADING) {
            parts.add(new Part(GROUP, text));
        } else {
            boolean told =
                    section == Section.FRONT && (line.words().size() > A_FEW || line.isDish()) && !line.isAmountOfFood()
                            || line.isProse();
            parts.add(
                    step
                            ? new Part(STEP, PageLine.bare(text))
                            : new Part(told ? REMARK : INGREDIENT, PageLine.unmarked(text)));
        }
    }

    /** Whether a line that looks like a button or a heading says what is done to the food. */
    private boolean hides(PageLine line) {
        boolean work = line.read().amount().isPresent()
                || WORK_WITHIN.matcher(PlainText.of(line.text())).find();
        return work && changesTheJar(line.text(), Set.of());
    }

    /** A remark that says what is done, or that names food no line lists, is read as a step: it cannot hide what goes into the jar. */
    private List<Part> withRemarks(List<Part> parts) {
        Set<String> listed = new HashSet<>();
        parts.stream()
                .filter(part -> part.kind() == INGREDIENT)
                .forEach(part -> reader.read(part.text()).mentions().forEach(mention -> listed.add(meaning(mention))));
        boolean inNotes = false;
        boolean listBegun = false;
        List<Part> checked = new ArrayList<>();
        for (Part part : parts) {
            inNotes |= part.kind() == OTHER && PageLine.isHeading(part.text(), Section.NOTES);
            listBegun |= part.kind() == INGREDIENT;
            boolean hides = part.kind() == REMARK
                    && (!listBegun && namesFood(part.text(), listed)
                            || !inNotes && namesWhatStops(part.text(), listed)
                            || changesTheJar(part.text(), listed));
            checked.add(hides ? new Part(STEP, part.text()) : part);
        }
        return checked;
    }

    /** What a page begins with may name a food that the list has not. */
    private boolean namesFood(String remark, Set<String> listed) {
        return reader.named(remark).stream()
                .map(LineReader.Named::mention)
                .anyMatch(mention ->
                        mention.food().filter(food -> food.kind().isSolid()).isPresent()
                                && !listed.contains(meaning(mention)));
    }

    private boolean namesWhatStops(String remark, Set<String> listed) {
        return reader.named(remark).stream()
                .map(LineReader.Named::mention)
                .anyMatch(mention -> mention.stop()
                                .filter(stop -> !stop.group().startsWith("bought"))
                                .isPresent()
                        && !listed.contains(meaning(mention)));
    }

    /** Whether it says of the work what would stop it, or be asked about, if it stood among the steps. */
    private boolean changesTheJar(String remark, Set<String> listed) {
        return Method.of(List.of("Note: " + remark), List.of(), reader).sayings().stream()
                .anyMatch(said -> said instanceof StepStatement.Purees
                        || said instanceof StepStatement.Thickens
                        || said instanceof StepStatement.AddsStopped
                        || said instanceof StepStatement.DryBeans
                        || said instanceof StepStatement.ShortVent
                        || said instanceof StepStatement.ForcedCooling
                        || said instanceof StepStatement.Departs
                        || said instanceof StepStatement.Names named && !listed.contains(meaning(named.food())));
    }

    private static String meaning(Mention mention) {
        return mention.food()
                .map(Food::id)
                .orElseGet(() -> mention.stop().orElseThrow().group())
                .toLowerCase(Locale.ROOT);
    }
}
