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
import org.mobrel.foods.FoodKind;
import org.mobrel.foods.FoodTrait;
import org.mobrel.method.Method;
import org.mobrel.method.StatedProcess;
import org.mobrel.method.StepStatement;
import org.mobrel.page.RecipePage.Part;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.LineKind;
import org.mobrel.recipe.LineReader;
import org.mobrel.recipe.MeasureUnit;
import org.mobrel.recipe.Mention;
import org.mobrel.recipe.PlainText;

/**
 * Parts a page by its headings, and without them by what each line is. In doubt a line stays where a ruling sees it: a sentence that
 * names food no line lists is a step, not a remark.
 */
public final class PageReader {

    private static final Pattern ARTICLE = Pattern.compile("an? .*\\.", Pattern.CASE_INSENSITIVE);

    private static final Pattern TELLS = Pattern.compile(".*\\b(?:is|are|was|were)\\b.*\\.", Pattern.CASE_INSENSITIVE);

    private static final Pattern INGREDIENTS = heading(
            "ingredients?(?: list)?|you(?:'ll| will)? need|what goes in(?:to it)?|what's in it|for the jars|the shopping|what you(?:'ll| will)? need|shopping list|for the soup|the soup");
    private static final Pattern METHOD = heading(
            "directions?|method of preparation|canning directions|canning instructions|canning day|canning method|what you do|here's how|here is how|how we do it|how i do it|how i make it|how to do it|how you do it|process|processing|the work|making it|cooking|to do|to make it|to prepare|prepare|directions for canning|method|instructions?|preparation|steps|how to make it|how to(?: can)?|procedure|what to do|to make|to can|canning");
    private static final Pattern NOTES = heading("notes?|tips?|cook's notes?|remarks?|about this recipe|hints?");
    private static final Pattern INLINE = Pattern.compile(
            "^(ingredients?|you will need|directions?|method|instructions?|preparation|steps|procedure|notes?|tips?|hints?|remarks?)\\s*[:\\-–]\\s+(.+)$",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern NUMBERING = Pattern.compile(
            "^(?:step\\s*)?\\(?\\d{1,2}[.):]\\s*(?=\\D)|^step\\s+\\d{1,2}\\s*[:.-]?\\s+|^[-*•·◦▢☐]\\s+",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern NUMBERED =
            Pattern.compile("^(?:step\\s*\\d|\\(?\\d{1,2}[.)]\\s+\\D)", Pattern.CASE_INSENSITIVE);
    private static final Pattern MARKUP = Pattern.compile("^#+\\s*|^\\*\\*|\\*\\*$|^__|__$");
    private static final Pattern DISH = Pattern.compile(
            "\\b(?:soups?|stews?|chili|chowder|gumbo|goulash|ragout|casserole|curry|minestrone|borscht|broth|bisque|pottage|hotpot|recipe|potage)\\b|\\bpots?\\s*$",
            Pattern.CASE_INSENSITIVE);
    /** A broth or a stock may be an ingredient; these are dishes. */
    private static final Pattern COOKED_DISH = Pattern.compile(
            "\\b(?:soups?|stews?|chili|chowder|gumbo|goulash|ragout|casserole|curry|minestrone|borscht|bisque|pottage|hotpot|recipe|potage)\\b|\\bpots?\\s*$",
            Pattern.CASE_INSENSITIVE);
    /** 'Rabbit or chicken bone broth' leaves a choice, as an ingredient does. */
    private static final Pattern CHOICE = Pattern.compile("\\bor\\b", Pattern.CASE_INSENSITIVE);
    /** Names of dishes that are things one buys. */
    private static final Pattern NOT_A_DISH = Pattern.compile(
            "\\b(?:soup base|soup mix|stew meat|stew beef|stewing|soup bones|stock cubes?)\\b",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern AMOUNTS_WITHIN = Pattern.compile(
            "(?:,\\s*(?:and\\s+|plus\\s+)?|;\\s*|\\.\\s+|\\s+and\\s+|\\s+plus\\s+|\\s+)(?=(?:an?\\s+|half\\s+an?\\s+)?(?:about\\s+)?(?:\\d+(?:[ ./-]\\d+)*|one|two|three|four|five|six|seven|eight|nine|ten|twelve|half|½|¼|¾|⅓|⅔|\\d+[½¼¾⅓⅔])(?:\\s+and\\s+a\\s+half)?\\s*(?:cups?|quarts?|qts?|pints?|pts?|pounds?|lbs?|ounces?|oz|grams?|g|kg|kilos?|ml|l|litres?|liters?|tablespoons?|tbsps?|teaspoons?|tsps?|cans?|tins?|cloves?|stalks?|sticks? of|bunch(?:es)?|heads?)\\b)",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern SENTENCES = Pattern.compile("(?<=[.!?])\\s+(?=[\\p{Lu}\\d])");
    private static final Pattern TAKE = Pattern.compile(
            "^(?:(?:first,?|then,?|for (?:this|the|a|an|one) [\\p{L} ]{2,30}?,?)\\s+)?(?:take|use|you(?:'ll| will)? need|gather|have ready|buy)\\b:?\\s*",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern VERBS = Pattern.compile(
            "^\\W*(?:(?:half|1/2|first|then|now|next|please|finally|meanwhile|\\w{3,}ly),? )*\\b(?:(?:raw|hot|cold|pressure)[- ](?:pack|can)|soak|drain|rinse|sort|boil|simmer|bring|add|stir|cook|ladle|saute|combine|place|pour|remove|skim|return|wipe|adjust|leave|put|let|serve|strain|discard|transfer|repeat|load|vent|reduce|continue|reheat|preheat|prepare|fill|pack|cover|process|set|wash|cool|turn|warm|fry|heat|chill|lower|brown|roast|cut|chop|dice|peel|slice|season|mix|trim|grind|mash|taste|blend|puree|thicken|dredge|whisk|beat|toss|dust|sprinkle|dissolve|melt|sear|braise|blanch|bake|steam|poach|cube|halve|quarter|scrub|shred|pick|debone|divide|top|seal|tighten|screw|store|label|keep|check|open|close|lock|start|stop|begin|do|make|take|use|give|work|push|pass|press|sieve|crush|liquidi[sz]e|blitz|whi[sz]z?|freeze|thaw|defrost|refrigerate|garnish|spoon|stuff|cram|layer|shake|run|hold|rest|stand|allow|once|when|after|before|while|meanwhile|then|next|now|finally|if|don't|do|never|always|to serve)\\b");
    private static final Pattern STATED = Pattern.compile(
            "^\\W*(?:process(?:ing)?(?: time)?|canning(?: time)?|pressure can|time and pressure|pressure)\\b.*\\d.*$|^\\W*(?:pints?|quarts?)\\s*:?\\s*(?:for )?\\d+ ?min.*$|^\\W*\\d+ ?(?:lbs?|pounds?|psi) ?(?:of )?pressure\\W*$");
    private static final Pattern BULLET = Pattern.compile("^(?:[-*•·◦▢☐]|\\[ ?])\\s+");
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

    private final LineReader reader;

    public PageReader(LineReader reader) {
        this.reader = reader;
    }

    private static Pattern heading(String words) {
        return Pattern.compile("(?:the )?(?:" + words + ")\\s*:?", Pattern.CASE_INSENSITIVE);
    }

    private enum Section {
        NONE,
        INGREDIENTS,
        METHOD,
        NOTES
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
        List<Part> parts = new ArrayList<>();
        Section section = Section.NONE;
        boolean titleMay = true;
        for (int at = 0; at < all.size(); at++) {
            String line = MARKUP.matcher(all.get(at)).replaceAll("").strip();
            if (line.isEmpty()) {
                continue;
            }
            Optional<Section> heading = sectionOf(line);
            Matcher inline = INLINE.matcher(line);
            if (heading.isPresent()) {
                section = heading.get();
                parts.add(new Part(OTHER, line));
            } else if (titleMay && (name.isBlank() ? isTitle(all, at, line) : isTitleBeside(name, line))) {
                parts.add(new Part(TITLE, line.replaceAll("\\.$", "")));
            } else if (inline.matches()) {
                Section within = sectionOf(inline.group(1)).orElse(section);
                // A tip is one line; a method goes on.
                section = within == Section.NOTES ? section : within;
                part(inline.group(2), within, parts);
            } else {
                part(line, section, parts);
            }
            titleMay = false;
        }
        return new RecipePage(withRemarks(parts));
    }

    /** A page in one breath: long lines of several sentences fall apart, until a heading says that the method begins. */
    private static List<String> sentencesApart(List<String> lines) {
        List<String> apart = new ArrayList<>();
        boolean method = false;
        for (String line : lines) {
            method |= METHOD.matcher(MARKUP.matcher(line).replaceAll("")).matches()
                    || INLINE.matcher(line).matches();
            if (method || line.length() <= LONG_LINE) {
                apart.add(line);
            } else {
                apart.addAll(List.of(SENTENCES.split(line)));
            }
        }
        return apart;
    }

    private void part(String line, Section section, List<Part> parts) {
        Optional<Asides.Kind> aside = Asides.of(BULLET.matcher(line).replaceFirst(""));
        if (aside.isPresent() && (section != Section.METHOD || aside.get() == Asides.Kind.CLUTTER)) {
            parts.add(new Part(
                    switch (aside.get()) {
                        case YIELD -> YIELD;
                        case METHOD -> STEP;
                        default -> hides(line) ? STEP : OTHER;
                    },
                    line));
            return;
        }
        switch (section) {
            case NOTES -> parts.add(new Part(REMARK, line));
            case METHOD -> parts.add(inMethod(line));
            case INGREDIENTS, NONE -> inList(line, parts);
        }
    }

    private Part inMethod(String line) {
        if (Yields.is(line)) {
            return new Part(YIELD, line);
        }
        String bare = NUMBERING.matcher(line).replaceFirst("");
        // A list that goes on under the method is a list still, where a ruling sees it.
        IngredientLine read = reader.read(line);
        boolean ingredient = !NUMBERED.matcher(line).find()
                && !line.toLowerCase(Locale.ROOT).contains("solids")
                && read.amount().isPresent()
                && read.food().isPresent()
                && !hasVerb(line)
                // 'An old pastry brush gets the silk off.' is no amount of anything.
                && !(ARTICLE.matcher(line).matches() && isCounted(read))
                && !TELLS.matcher(line).matches();
        return ingredient ? new Part(INGREDIENT, line) : new Part(STEP, bare);
    }

    private static boolean isCounted(IngredientLine read) {
        return read.amount()
                .filter(amount -> amount.unit() == MeasureUnit.PIECE)
                .isPresent();
    }

    private void inList(String line, List<Part> parts) {
        String plain = PlainText.of(line);
        if (Yields.is(line)) {
            parts.add(new Part(YIELD, line));
            return;
        }
        IngredientLine read = reader.read(line);
        boolean process = STATED.matcher(plain).matches() || read.kind() == LineKind.NOT_INGREDIENT;
        if (process && !StatedProcess.in(line).isEmpty()) {
            parts.add(new Part(PROCESS, line));
            return;
        }
        if (read.kind() == LineKind.NOT_INGREDIENT) {
            // 'No need to soak' and 'Raw pack, no liquid' deny a thing and say what is done.
            parts.add(new Part(hasVerb(line) && line.split("\\s+").length > 2 ? STEP : OTHER, line));
            return;
        }
        if (parts.size() == 1 && BY.matcher(line).matches()) {
            parts.add(new Part(REMARK, line));
            return;
        }
        Matcher breath = VERB_WITHIN.matcher(line);
        if (read.amount().isPresent() && line.split("\\s+").length > LONG_BREATH && breath.find()) {
            inList(line.substring(0, breath.start()), parts);
            String[] steps = VERB_WITHIN.split(line.substring(breath.end()));
            for (String step : steps) {
                parts.add(new Part(STEP, step));
            }
            return;
        }
        if (read.kind() == LineKind.HEADING) {
            parts.add(new Part(GROUP, line));
            return;
        }
        Matcher take = TAKE.matcher(line);
        String behind = take.find() ? line.substring(take.end()) : line;
        boolean startsWithAmount = reader.read(behind).amount().isPresent() && startsWithNumber(behind);
        List<String> listed = startsWithAmount ? List.of(AMOUNTS_WITHIN.split(behind)) : List.of();
        if (listed.size() > 1 && isList(listed)) {
            listed.forEach(one -> parts.add(new Part(INGREDIENT, one.replaceAll("[.,;\\s]+$", ""))));
        } else if (startsWithAmount && behind.length() < line.length()) {
            parts.add(new Part(INGREDIENT, behind));
        } else if (isStep(line, plain, read)) {
            parts.add(new Part(STEP, NUMBERING.matcher(line).replaceFirst("")));
        } else {
            parts.add(new Part(
                    isProse(line, read) ? REMARK : INGREDIENT,
                    BULLET.matcher(line).replaceFirst("")));
        }
    }

    /** Whether a line that looks like a button or a heading says what is done to the food. */
    private boolean hides(String line) {
        boolean work = reader.read(line).amount().isPresent()
                || WORK_WITHIN.matcher(PlainText.of(line)).find();
        return work && changesTheJar(line, Set.of());
    }

    private static boolean startsWithNumber(String text) {
        return PlainText.of(text).strip().matches("^(?:an? |about |half |\\d).*");
    }

    /** Several amounts, each with something known behind it: a list in one line. */
    private boolean isList(List<String> listed) {
        return listed.stream().allMatch(one -> {
            IngredientLine read = reader.read(one.replaceAll("[.,;\\s]+$", ""));
            return read.amount().isPresent() && (!read.mentions().isEmpty() || !read.isUnknown());
        });
    }

    private static boolean hasVerb(String line) {
        String plain = PlainText.of(NUMBERING.matcher(line).replaceFirst(""));
        Matcher verb = VERBS.matcher(plain);
        return verb.lookingAt();
    }

    private static boolean isStep(String line, String plain, IngredientLine read) {
        if (read.kind() == LineKind.STEP) {
            return true;
        }
        if (read.amount().isPresent() && startsWithNumber(line)) {
            return NUMBERED.matcher(line).find() && hasVerb(line);
        }
        int words = plain.split("\\s+").length;
        if (!hasVerb(line) || words < 3) {
            return false;
        }
        // 'Roast beef, cubed' and 'cut green beans' are things; a sentence of the work says more.
        boolean numbered = NUMBERED.matcher(line).find();
        boolean sentence = line.endsWith(".")
                || words > 4
                || plain.matches(
                        ".*\\b(?:until|then|the|them|it|in|into|with|to|everything|all|for|over|half|full)\\b.*");
        boolean onlyNames =
                plain.matches("^(?:brown|roast|cut|chop|ground|mixed?|top|quarter|half|set|press) (?:\\w+[ ,-]*){1,4}$")
                        && !plain.matches(".*\\b(?:until|then|the|them|it|into|everything|all|over)\\b.*")
                        && read.food().isPresent()
                        && !line.endsWith(".");
        return numbered || sentence && !onlyNames;
    }

    /** A sentence that is no work: how good it is, whose it was. */
    private static boolean isProse(String line, IngredientLine read) {
        int words = line.split("\\s+").length;
        return read.amount().isEmpty() && words > 5 && (line.endsWith(".") || line.endsWith("!"));
    }

    private static Optional<Section> sectionOf(String line) {
        if (INGREDIENTS.matcher(line).matches()) {
            return Optional.of(Section.INGREDIENTS);
        }
        if (METHOD.matcher(line).matches()) {
            return Optional.of(Section.METHOD);
        }
        return NOTES.matcher(line).matches() ? Optional.of(Section.NOTES) : Optional.empty();
    }

    /** Beside a name that stands: the same again, a dish, or words that name no food. */
    private boolean isTitleBeside(String name, String line) {
        IngredientLine read = reader.read(line);
        return PlainText.of(line).strip().equals(PlainText.of(name).strip())
                || read.amount().isEmpty()
                        && read.kind() != LineKind.STEP
                        && !NUMBERED.matcher(line).find()
                        && (read.mentions().isEmpty()
                                        && !Yields.is(line)
                                        && !INLINE.matcher(line).matches()
                                || COOKED_DISH.matcher(line).find()
                                        && !NOT_A_DISH.matcher(line).find());
    }

    /** The first line, where it has no amount and names nothing that the list would lose with it. */
    private boolean isTitle(List<String> all, int at, String line) {
        List<String> rest = all.subList(at + 1, all.size()).stream()
                .filter(other -> !other.isEmpty())
                .toList();
        IngredientLine read = reader.read(line);
        boolean dish = DISH.matcher(line).find() && !NOT_A_DISH.matcher(line).find();
        if (rest.isEmpty() && !dish
                || line.length() > 120
                || read.amount().isPresent() && startsWithNumber(line)
                || Yields.is(line)
                || NUMBERED.matcher(line).find()
                || line.endsWith(":")
                || INLINE.matcher(line).matches()) {
            return false;
        }
        boolean setApart = rest.isEmpty()
                || all.get(at).startsWith("#")
                || at + 1 < all.size() && all.get(at + 1).isEmpty()
                || sectionOf(MARKUP.matcher(rest.get(0)).replaceAll("").strip()).isPresent()
                || Yields.is(rest.get(0));
        boolean choice = CHOICE.matcher(line).find() && !read.mentions().isEmpty();
        if (!choice
                        && setApart
                        && line.split("\\s+").length <= 12
                        && (dish || all.get(at).startsWith("#") || namesNothingElse(read, rest))
                || dish && !choice && line.split("\\s+").length <= 12 && (!line.endsWith(".") || !hasVerb(line))) {
            return true;
        }
        if (read.kind() == LineKind.STEP || read.kind() == LineKind.NOT_INGREDIENT) {
            return false;
        }
        return !choice && namesNothingElse(read, rest) && line.split("\\s+").length <= 8;
    }

    /** Whether the list has every food of the line: nothing is lost if it is a name. */
    private boolean namesNothingElse(IngredientLine read, List<String> rest) {
        Set<String> listed = new HashSet<>();
        rest.forEach(other -> reader.read(other)
                .mentions()
                .forEach(mention -> mention.foods().stream().map(Food::id).forEach(listed::add)));
        boolean makesStock = rest.stream()
                .flatMap(other -> reader.read(other).foods().stream())
                .anyMatch(food -> isLiquid(food) || food.has(FoodTrait.STRAINED_OUT));
        return read.mentions().stream()
                .allMatch(mention -> mention.stop().isEmpty()
                        && mention.foods().stream()
                                .allMatch(food -> listed.contains(food.id()) || isLiquid(food) && makesStock));
    }

    private static boolean isLiquid(Food food) {
        return food.kind() == FoodKind.LIQUID && !food.isSeafood();
    }

    /** A remark that says what is done, or that names food no line lists, is read as a step: it cannot hide what goes into the jar. */
    private List<Part> withRemarks(List<Part> parts) {
        Set<String> listed = new HashSet<>();
        parts.stream()
                .filter(part -> part.kind() == INGREDIENT)
                .forEach(part -> reader.read(part.text()).mentions().forEach(mention -> listed.add(meaning(mention))));
        boolean inNotes = false;
        List<Part> checked = new ArrayList<>();
        for (Part part : parts) {
            inNotes |= part.kind() == OTHER && NOTES.matcher(part.text()).matches();
            boolean hides = part.kind() == REMARK
                    && (!inNotes && namesWhatStops(part.text(), listed) || changesTheJar(part.text(), listed));
            checked.add(hides ? new Part(STEP, part.text()) : part);
        }
        return checked;
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
