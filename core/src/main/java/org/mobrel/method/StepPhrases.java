package org.mobrel.method;

import java.util.regex.Pattern;

/** What sentences of a method say, as patterns over {@link org.mobrel.recipe.PlainText}. Kitchen use, American and British. */
final class StepPhrases {

    private static final String JARS = "(?:jars?|quarts?|pints?)\\b";

    /** Verbs that take away, without a word behind them. */
    static final Pattern TAKES_AWAY = any(
            "\\b(?:skim|discard|remov|trim|scrape|omit)\\w*\\b",
            // Noodles that are drained are still there; their water is not.
            "\\b(?:drain|strain)\\w*\\b(?: \\w+){0,3} (?:fat|grease|oil|drippings|lard|liquid|water|whey|brine|juices?|syrup)\\b",
            "\\b(?:drain|strain|lift|throw)\\w*\\b.{0,40}\\b(?:off|out|away)\\b",
            "\\bleave\\b.{0,20}\\bout\\b",
            "\\b(?:pour|take|cut|peel|scoop|spoon|pull|fish|tip|wipe)\\w*\\b.{0,40}\\b(?:off|out|away)\\b");

    /** Verbs that put something in. */
    static final Pattern ADDS = any(
            "\\b(?:add|stir|tip|pour|drop|throw|toss|chuck|put|mix|fold|sprinkle|scatter|slide|splash|glug|finish)\\w*\\b");

    /** What comes out of the pot, and goes into the jars. */
    static final Pattern OUT_OF_THE_POT = any(
            "\\b(?:remov|lift|take|scoop|fish)\\w*\\b[^.]{0,40}\\bfrom the heat\\b",
            "\\b(?:remov|lift|take|scoop|fish)\\w*\\b[^.]{0,40}\\b(?:from|out of) the (?:pot|pan|water|kettle|broth|stock)\\b[^.]{0,20}\\b(?:fill|pack|ladle|put|spoon|divide|load)\\w*\\b[^.]{0,30}\\bjars?\\b");

    /** Words by which a remark is about the work, or about what is in the jars; a story about grandmother's noodles has none of them. */
    static final Pattern OF_THIS_BATCH = any(
            "\\b(?:add|stir|whisk|mix|put|pour|drop|throw|toss|thicken|blend|puree|mash|dredge|use|using|swap|replace|instead|soak)\\b",
            "\\b(?:jars?|canned|canner|canning|process(?:ed|ing)?|fill(?:ed|ing)?|pack(?:ed|ing)?|pressure|vent(?:ed|ing)?|cool(?:ed|ing)?)\\b");

    /** Oil behind these is not for browning: it stays in the jar. */
    static final Pattern INTO_THE_JAR = any(
            "\\b(?:in|into|over|onto|on|to)\\b[^.]{0,40}\\bjars?\\b",
            "\\b(?:top|cover|fill|seal|layer)\\w*\\b[^.]{0,40}\\bwith\\b");

    /** By the cup it is no oil for browning, unless it is poured off. */
    static final Pattern MUCH_OIL = Pattern.compile(
            "^(?!.*\\b(?:drain|pour off|discard|blot)\\w*\\b).*\\b(?:\\d/\\d|half an?|half|a quarter|quarter|a|1|2) ?(?:of a )?cups? (?:of )?(?:(?!and |or |plus |with )\\w+ ){0,2}oil\\b");

    static final Pattern BROWNS_OR_GREASES = any(
            "\\b(?:brown|fry|fries|fried|saut|sear|sweat|soften|heat|wilt|greas|rub|wip|brush|rims?|gasket)\\w*\\b");

    /** Words that catalogues stop, and that a method says of the work itself. */
    static final Pattern OF_THE_WORK = Pattern.compile(
            "(?:(?:it |them )?creamy|skins?|peels?|coat(?:ed|ing)?|dip|stuff(?:ed|ing)?|fry|fried)",
            Pattern.CASE_INSENSITIVE);

    /** What something is compared with stands behind these: 'like thick cream', 'the size of an egg'; 'if you like' compares nothing. */
    static final Pattern COMPARES_WITH = Pattern.compile(
            "\\b(?:sizes? of|(?<!\\b(?:you|we|they|i)(?:'d)? )like|as (?:thick|thin|big|large|small) as|(?:consistency|texture) of)\\b(?:\\s+[\\w'-]+){0,3}\\s*$");
    /** With these behind it a food is a measure or the name of a tool: 'egg-sized', 'rice cooker'. */
    static final Pattern OF_A_TOOL = Pattern.compile(
            "^[\\s-]*(?:sized?|shaped?|timer|cooker|knife|jug|cloth|spoon|pan|cutter|slicer|bag|blender)\\b");

    static final Pattern FILLING = any(
            "\\b(?:fill|pack|ladle|put|place|spoon|stuff|cram|load|layer|divide|distribut|portion|add|top|press|push|tip)\\w*\\b[^.]*\\b(?:"
                    + JARS + "|solids|headspace|half|full|quarters?|thirds?|rim|top)",
            "\\b(?:stuff|cram|pack)\\w*\\b.{0,20}\\b(?:in|tight|tightly|firmly)\\b",
            "\\b" + JARS + "[^.]{0,40}\\b(?:full|half|quarters?|thirds?)\\b",
            "\\bsolids\\b");
    private static final String NOT_A_MEASURE =
            "(?![- ]?(?:inch|in\\b|\"|cups?|tsp|teaspoon|tbsp|tablespoon|lbs?\\b|pounds?|oz|hours?|an?\\b|pints?|quarts?|dozen|minutes?|the (?:liquid|broth|water|stock|amount)|of the (?:liquid|broth|water|stock|beans|meat)|gallons?|psi))";
    static final Pattern THREE_QUARTERS = any("(?:\\b3/4|\\bthree[- ]quarters?)" + NOT_A_MEASURE);
    static final Pattern TWO_THIRDS = any("(?:\\b2/3|\\btwo[- ]thirds?)" + NOT_A_MEASURE);
    static final Pattern HALF = any("(?:(?<![\\d ] )(?<!\\d )\\b1/2|\\bhalf(?:[- ]?way)?\\b)" + NOT_A_MEASURE);
    static final Pattern THIRD = any("\\b(?:1/3|(?:a|1) third)\\b" + NOT_A_MEASURE);
    static final Pattern PERCENT = Pattern.compile("\\b(\\d{2,3}) ?(?:%|per ?cent)");
    static final Pattern FULL = any(
            "\\b(?:pack|stuff|cram|press|push|fill|ram)\\w*\\b[^.]{0,60}\\b(?:tight(?:ly)?|firm(?:ly)?|snug(?:ly)?|as full as|as many as|as much as|to the (?:very )?(?:top|brim|rim|shoulders?|neck)|completely|right up|to capacity)\\b",
            "\\b(?:stuff|cram)(?:s|ed|ing)?\\b(?! (?:it |them )?with\\b)",
            "\\b" + JARS + "[^.]{0,30}\\bfull of\\b",
            "\\b(?:solids only|only (?:the )?solids)\\b",
            "\\btightly packed\\b");
    /** Fuller than half, without a number. */
    static final Pattern MOSTLY_SOLIDS = any(
            "\\b(?:mostly|mainly|nearly all|almost all|chiefly|heavy on) (?!(?:with |of |the )*(?:broth|stock|liquid|water|juice|sauce))\\w+",
            "\\bmore (?!(?:broth|stock|liquid|water|juice|sauce)\\b)\\w+(?: and \\w+)? than (?:the )?(?:broth|stock|liquid|water|juice|sauce)\\b",
            "\\b(?:just|only) (?:a little|enough) (?:of the )?(?:broth|stock|liquid|water) to cover\\b",
            "\\bless (?:broth|stock|liquid|water|juice|sauce) than\\b");

    static final Pattern BANDS = any("\\b(?:bands?|rings?|lids?|screw|finger)\\b");
    /** Solids up to the headspace. */
    static final Pattern TO_THE_HEADSPACE = any(
            "\\b(?:pack|fill|stuff|put|layer|load|add|press)\\w*\\b[^.]{0,70}\\b(?:to|within|up to|leaving) (?:about |only )?(?:1|1 1/4|1/2|an)[- ]?(?:inch|in\\b|\")");

    static final Pattern LIQUID =
            any("\\b(?:broth|stock|liquid|liquor|water|soup|stew|sauce|juice|brine|chili|mixture)\\b");
    static final Pattern SOLIDS = any("\\b(?:solids|everything|ingredients|pieces|chunks|cubes|vegetables|meat)\\b");

    static final Pattern SOAK = any("\\bsoak(?:s|ed|ing)?\\b");
    /** Beans that another act calls soaked are not soaked by it. */
    static final Pattern SOAKS_FOR =
            any("\\bsoak(?:s|ing)?\\b|\\bsoaked\\b(?!(?: [\\w-]+)? (?:beans|peas|chickpeas|ones|limas|pintos)\\b)");

    static final Pattern QUICK_SOAK = any("\\bquick[- ]?soak");
    static final Pattern BOILS_TWO_MINUTES = any("\\bboil\\w*\\b[^.]{0,40}\\b[23] ?min");
    static final Pattern RESTS_AN_HOUR = any(
            "\\b(?:rest|stand|soak|sit|leave|steep)\\w*\\b[^.]{0,40}\\b(?:1 ?h|60 min)",
            "\\b(?:1 hour|60 min\\w*)\\b[^.]{0,30}\\b(?:off the heat|rest|stand)");
    static final Pattern OVERNIGHT =
            any("\\b(?:over ?night|the (?:evening|night|day) before|the previous (?:evening|night|day))\\b");
    static final Pattern BEANS =
            any("\\b(?:beans?|chickpeas?|garbanzos?|limas?|field peas|cow ?peas|black-?eyed peas|pulses)\\b");
    static final Pattern DRAINS = any("\\b(?:drain|rinse|pour off)\\w*\\b");
    static final Pattern BOILS = any("\\bboil(?:s|ed|ing)?\\b(?! water\\b)");
    static final Pattern COOKS = any("\\b(?:boil|simmer|cook|parboil|par-cook|pre-?cook)\\w*\\b(?! water\\b)");
    static final Pattern NO_BOIL = any(
            "\\b(?:no need to|do not|don't|dont|never|without|skip|needn't) (?:pre-?|the |first )*(?:cook|boil|simmer)\\w*\\b(?! (?:over|dry|too|away|hard|them to))");

    /** Skins that are only scrubbed stay on, unless something else is done to them. */
    static final Pattern SCRUBS = any(
            "\\bscrub(?:bed)?\\b(?!.{0,60}\\b(?:peel|(?:sink|jars?|pots?|pan|board|counter|table|canner|hands|lids?|rims?)\\b))");

    static final Pattern PEELS =
            any("\\bpeel\\w*|\\bskins? (?:\\w+ )?(?:slip|off|come)|\\b(?:off|slip|remove|rub) the skins?\\b");

    /** What a sentence does to what the one before it spoke of. */
    static final Pattern IT = any("^\\W*(?:then )?\\w+ (?:it|them)\\b");

    static final Pattern MEAT = any("\\bmeats?\\b");

    static final Pattern CUTS = any(
            "\\b(?:cut|chop|dic|cub|slic|chunk|quarter|halv|piece|strip|trim)(?:s|e|ed|es|ing|ped)?\\b",
            "\\bleave\\b[^.]{0,20}\\bwhole\\b",
            "\\bwhole (?:\\w+ )?(?:potatoes|carrots|beets?|turnips|parsnips|onions|tomatoes|chickens?|breasts?|roasts?)\\b",
            "\\bin 1 piece\\b|\\bin one piece\\b|\\bsize of (?:your|a) fist\\b");
    static final Pattern ABOUT_JARS = any("\\b(?:headspace|rim|head space|from the top|below the)\\b");
    static final Pattern SHAPES = Pattern.compile(
            "\\b(chunks?|large pieces|big pieces|steaks?|chops|quarters|halves|quartered|halved|in half|whole|(?:1|one) piece|wedges|fist-sized|size of (?:your|a) fist|bite[- ]sized|fillets|roasts?)\\b");
    static final Pattern SMALL = any("\\b(?:small|bite[- ]sized|dice[ds]?|cubes?|strips?|thin|finely)\\b");

    /** What a time can be of. */
    static final Pattern TIMED_WORK = any(
            "\\b(?:soak(?!ed(?: [\\w-]+)? (?:beans|peas|chickpeas|ones|limas|pintos)\\b)|rest|stand|sit|steep|leave|cool|chill|refrigerat|thaw|drain|dry|marinat|roast|bak|simmer|cook|boil|brais|brown)\\w*\\b");

    static final Pattern STRAINS = any(
            "\\bstrain(?:s|ed|ing)?\\b",
            "\\b(?:remove|discard|lift out|take out|throw out|fish out)\\w*\\b[^.]{0,20}\\b(?:bones|carcass(?:es)?)\\b");
    static final Pattern PUTS_BACK = any(
            "\\b(?:return|put|add|stir|give)\\w*\\b[^.]{0,40}\\b(?:meat|bones|chicken|turkey|back)\\b",
            "\\b(?:pick|pull|shred|strip|bone|debone|chop|dice|cut)\\w*\\b[^.]{0,40}\\b(?:meat|bones|chicken|turkey|it|off)\\b");
    static final Pattern PROCESSES =
            any("\\bprocess\\b(?!.{0,40}(?:smooth|processor|pure))", "\\bpressure[- ]?(?:can|process)", "\\bcanner\\b");
    static final Pattern HEATS = any(
            "\\b(?:boil|simmer|cook|heat|brown|bring|fry|saut|roast|braise|blanch|bake|steam|poach|stew|sear)\\w*\\b(?! (?:water|stock|broth|liquid)\\b)");
    static final Pattern POURS_BOILING = any("\\bboiling (?:hot )?(?:water|stock|broth|liquid)\\b");

    private StepPhrases() {}

    private static Pattern any(String... patterns) {
        return Pattern.compile(String.join("|", patterns));
    }
}
