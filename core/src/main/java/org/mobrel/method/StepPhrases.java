package org.mobrel.method;

import java.util.regex.Pattern;

/** What sentences of a method say, as patterns over {@link org.mobrel.recipe.PlainText}. Kitchen use, American and British. */
final class StepPhrases {

    private static final String JARS = "(?:jars?|quarts?|pints?)\\b";

    /** Anything that makes one smooth mass of the food. Stock that runs through a sieve is no puree, nor are flavours that blend. */
    static final Pattern PUREES = any(
            "\\bblend(?:s|ed|ing)?\\b(?! (?:of\\b|(?:the |all the |these )?(?:spices|herbs|seasonings?|dry rub|flavou?rs)))(?<!(?:flavou?rs|flavou?rs to|spices?|seasonings?|herbs?|tastes|them to) blend(?:ed)?)(?<!flavou?rs (?:have |are )blended)",
            "\\b(?:blender|stick[- ]blend\\w*|immersion|liquidi[sz]\\w*|pure[e]{1,2}(?:s|d|ing)?|blitz\\w*|whi[sz]z?(?:es|ed|ing)?|whizz?\\w*|mouli|food mill|potato ricer|ricer|emulsif\\w*)\\b",
            "\\bmash(?:es|ed|ing|er)?\\b",
            "\\b(?:hand|stand|electric) mixer\\b",
            "\\b(?:creamy|smooth|silky|velvety) texture\\b",
            "\\bsmash(?:ed|ing)?\\b(?! (?:the |a |1 |2 |3 |4 |some )?(?:cloves?|garlic|peppercorns))",
            "\\bprocess(?:ed|ing)?\\b.{0,40}\\b(?:smooth|pure|paste|food processor|pulp)",
            "\\bfood processor\\b(?<!(?:slice|shred|grate|chop|dice|cut|julienne)\\w{0,3} .{0,40}food processor)",
            "\\b(?:until|till) (?:it is |it's |they are |everything is |completely |very |quite |perfectly |nice and |all |soft and )*(?:silky|velvety|smooth|creamy)\\b",
            "\\b(?:to|into) an? (?:very |smooth |thick |fine |coarse |rough |soft )*(?:paste|puree|pulp|mush|cream)\\b",
            "\\b(?:push|press|rub|pass|forc|put|work|run|sieve)\\w*\\b (?!(?:the |your |this )?(?:\\w+ )?(?:stock|broth|liquid|liquor|juices?)\\b).{0,40}\\b(?:sieve|strainer|food mill|mill|tamis|chinois)\\b",
            "\\bsieved? (?:the (?:soup|stew|vegetables|beans|mixture|pulp)|it|them|everything|all)\\b",
            "\\bcrush(?:ed|ing)?\\b.{0,30}\\b(?:beans?|peas|chickpeas|vegetables|potatoes|carrots|squash|pumpkin|against the (?:side|pot))\\b",
            "\\b(?:until|till) (?!.{0,30}\\b(?:salt|sugar|honey|bouillon|cubes?|base|bits|fond|powder|paste|seasonings?|tomato(?:es)?|greens|onions?)\\b).{0,40}\\b(?:disintegrat\\w*|dissolv\\w*|breaks? down)\\b",
            "\\b(?:potatoes|beans|peas|lentils|squash|pumpkin|everything)\\b (?:all |have |has )?(?:fall|falls|fallen|falling|cook|cooks|cooked|boil|boils|boiled) (?:apart|to pieces|to nothing)\\b",
            "\\bpulse(?:d)? (?:until|in the|with|it|everything|a few|several|the|\\d)",
            "\\b(?:push|press|rub|forc)\\w*\\b.{0,40}\\bcolander\\b",
            "\\bmill(?:ed|ing)? (?:all )?(?:the|your) (?:vegetables|beans|soup|tomatoes|squash|potatoes)\\b",
            "\\bmill(?:ed)? (?:it|them|the) (?:until|to)?.{0,10}\\b(?:smooth|fine)");

    /** Anything that makes the broth thick. */
    static final Pattern THICKENS = any(
            "\\bthick(?:en|ens|ened|ening|ener)\\b",
            "\\bdredg\\w*\\b",
            "\\b(?:roux|slurry|beurre manie|corn ?flour|corn ?starch|arrowroot|potato starch|gravy granules|gravy powder|instant potato)\\b",
            "\\bfloured\\b",
            "\\b(?:dust|toss|coat|roll|sprinkle|shake)\\w*\\b.{0,40}\\bflour\\b",
            "\\bflour\\b",
            "\\b(?:reduc|boil|cook|simmer)\\w*\\b.{0,40}\\b(?:to|into) an? (?:\\w+ ){0,2}(?:paste|syrup|gravy|jam|glaze)\\b",
            "\\b(?:reduc|cook|boil|simmer)\\w*\\b.{0,60}\\b(?:until|till) (?:it is |it's |the \\w+ is |as |very |quite |nice and |really |good and )*(?:thick|syrupy|stiff|stodgy)\\b(?! (?:slices|rounds|pieces))",
            "^(?!.*\\b(?:slic|cut|chop|piece)).*\\bthick enough to\\b",
            "\\bclings? to\\b",
            "\\bcoats? the (?:back of (?:a|the) )?(?:\\w+ )?spoon\\b");

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

    static final Pattern DRY_BEANS = any(
            "\\b(?:dry|dried|unsoaked|uncooked|hard)\\b(?!.*\\b(?:soaked|cooked|boiled|rehydrated)\\b)[^.]{0,40}\\b(?:beans?|peas|chickpeas|garbanzos|pulses|limas?)\\b[^.]{0,60}\\b"
                    + JARS,
            "\\b" + JARS
                    + "(?!.*\\b(?:soaked|cooked|boiled)\\b)[^.]{0,60}\\b(?:dry|dried|unsoaked|uncooked)\\b[^.]{0,20}\\b(?:beans?|peas|chickpeas|garbanzos|pulses|limas?)\\b",
            "\\b(?:beans?|peas|chickpeas|garbanzos|pulses)\\b[^.]{0,40}\\b(?:into|in) (?:the |each |your |hot |clean |quart |pint )*jars? dry\\b",
            "\\b(?:beans?|peas|chickpeas|garbanzos|pulses)\\b[^.]{0,20}\\bdry\\b[^.]{0,20}\\b" + JARS,
            "\\bpack(?:ed)? (?:them |the beans |the peas |it )?dry\\b",
            "\\b(?:beans?|peas|chickpeas|garbanzos|pulses)\\b[^.]{0,20}\\b(?:straight|right) (?:from|out of) the (?:bag|packet|packages?|sack|box)\\b",
            "\\b(?:beans?|peas|chickpeas)\\b go(?:es)? in(?:to (?:the |each )?jars?)? dry\\b");
    static final Pattern NO_SOAK = any(
            "\\b(?:no need to|do not|don't|dont|never|without|skip(?:ping)?|instead of|no|not|needn't|need not|need no) (?:the |pre-?|any |to )*soak(?:ing|ed)?\\b",
            "\\bsoaking is not (?:needed|necessary)\\b",
            "\\b(?:needs?|requires?) no soak(?:ing)?\\b",
            "\\bunsoaked\\b");

    static final Pattern SHORT_VENT_TIME =
            Pattern.compile("\\b(?:vent|exhaust)\\w*\\b[^.]{0,40}?\\b(\\d+)(?: ?(?:-|to) ?\\d+)? ?(min|sec)"
                    + "|\\bsteam\\b[^.]{0,50}\\b(?:escape|blow|flow|vent|exhaust|come|stream|pour|out)\\w*\\b[^.]{0,30}?\\b(\\d+)(?: ?(?:-|to) ?\\d+)? ?(min|sec)"
                    + "|\\bsteam\\b[^.]{0,40}\\b(\\d+) ?(min|sec)\\w*\\b[^.]{0,40}\\b(?:vent|weight|petcock)"
                    + "|\\b(\\d+) ?(min|sec)\\w*[- ](?:of )?(?:vent|exhaust|steam)\\w*");
    static final Pattern NO_VENT = any(
            "\\b(?:no need to|do not|don't|dont|never|without|skip(?:ping)?|needn't) (?:the )?(?:vent|exhaust)\\w*\\b",
            "\\bventing is not (?:needed|necessary)\\b",
            "^(?!.*\\d ?min)(?!.*\\b(?:not|never|don't|dont) ).*\\b(?:clos|shut|put|set|drop)\\w*\\b[^.]{0,30}\\b(?:petcock|vent|weight|regulator)\\b[^.]{0,20}\\b(?:as soon as|the moment|when(?:ever)?|once)\\b[^.]{0,20}\\bsteam\\b[^.]{0,15}\\b(?:appear|com|start|show|escap|begin)");

    private static final String CANNER = "(?:canner|pressure|lid|pot|jars?|cooker|weight)";
    static final Pattern FORCED_COOLING = any(
            "\\b(?:cool|chill|run|put|place|hold|set|plunge|pour|stand|dip|douse)\\w*\\b[^.]{0,50}\\b" + CANNER
                    + "\\b[^.]{0,50}\\b(?:(?:cold|running|cool|iced?) (?:tap )?water|stream of water|snow|cold tap|sink|ice bath|ice|the tap|wet (?:towels?|cloths?))\\b",
            "\\b(?:cold|running|cool|iced?) (?:tap )?water\\b[^.]{0,40}\\b(?:over|on|round|around|onto)\\b[^.]{0,20}\\b"
                    + CANNER + "\\b",
            "\\b(?:wet|cold|damp) (?:towels?|cloths?)\\b[^.]{0,30}\\b(?:on|over|round|around)\\b[^.]{0,15}\\b" + CANNER
                    + "\\b",
            "\\b(?:quick|fast|rapid)[- ]?(?:release|cool)\\w*\\b",
            "\\b(?:release|let (?:out|off)|vent|bleed|drop)\\w*\\b (?:the |all the |its )?(?:steam|pressure)\\b[^.]{0,30}\\b(?:by|quick|rapid|at once|immediately|valve|weight|petcock)",
            "\\bopen\\w*\\b the (?:petcock|valve)\\b[^.]{0,30}\\b(?:let|release|drop|bring)\\w*\\b[^.]{0,20}\\bpressure\\b",
            "\\b(?:lift|take|pull|remove)\\w*\\b (?:off )?the (?:weight|regulator|petcock|gauge)\\b[^.]{0,50}\\b(?:pressure|steam|quick|speed|faster|hurry|at once|immediately)");
    /** Cold water without a word of what for; forced cooling where it comes after the process. */
    static final Pattern COLD_WATER = any(
            "\\b(?:cool|chill|plunge)\\w*\\b[^.]{0,30}\\b(?:under|in|with) (?:cold|running|cool|iced?)\\b[^.]{0,12}\\b(?:water|tap)\\b");

    static final Pattern RAW = any(
            "\\b(?:raw|cold)[- ]?pack(?:ed|ing)?\\b",
            "\\bpack(?:ed|ing)?\\b[^.]{0,40}\\b(?:raw|uncooked|unheated|cold)\\b",
            "\\b(?:raw|uncooked|unheated)\\b[^.]{0,60}\\b" + JARS,
            "\\b" + JARS + "[^.]{0,40}\\b(?:raw|uncooked|unheated)\\b",
            "\\b(?:layer|pack|put|place|fill|load)\\w*\\b[^.]{0,40}\\bcold\\b(?! (?:tap |running )?(?:water|stock|broth))[^.]{0,20}\\b"
                    + JARS,
            "\\bwithout (?:pre-?)?(?:cooking|heating|boiling)\\b[^.]{0,40}\\b(?:fill|pack|jars?)\\b",
            "\\b(?:fill|pack|put)\\w*\\b[^.]{0,60}\\bwithout (?:pre-?)?(?:cooking|heating|boiling)\\b");
    static final Pattern HOT = any(
            "\\bhot[- ]?pack(?:ed|ing)?\\b",
            "\\b(?:ladle|fill|pack|spoon)\\w*\\b[^.]{0,40}\\b(?:while )?(?:still )?hot\\b(?! (?:jars?|clean|quart|pint|sterili|broth|stock|water|liquid))",
            "\\bboil\\w*\\b[^.]{0,40}\\b(?:together|5 min)");

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

    static final Pattern SKINS_ON = any(
            "\\b(?:do not|don't|dont|without|no need to|never|not|needn't) peel\\w*\\b",
            "(?<!\\b(?:not|never|don't|dont) )\\b(?:leave|left|leaving|keep|keeping)\\b[^.]{0,25}\\b(?:skins?|peels?|jackets?) (?:of the \\w+ )?on\\b",
            "(?<!\\b(?:not|never|don't|dont) (?:leave|keep)(?: the| their| any)? )\\b(?:skins?|peels?|jackets?) (?:left |kept )?on\\b",
            "\\bunpeeled\\b|\\bun-peeled\\b",
            "\\b(?:in|with) their (?:skins?|jackets|peels?)\\b(?!.{0,60}\\b(?:peel|slip|rub|pull))");

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

    static final Pattern SIMMERS =
            any("\\bsimmer(?:s|ed|ing)?\\b|\\bcook(?:s|ed|ing)?\\b|\\bboil(?:s|ed|ing)?\\b|\\bbraise\\w*\\b");
    static final Pattern ROASTS = any("\\b(?:roast|bake)(?:s|d|ed|ing)?\\b");
    /** What a time can be of. */
    static final Pattern TIMED_WORK = any(
            "\\b(?:soak(?!ed(?: [\\w-]+)? (?:beans|peas|chickpeas|ones|limas|pintos)\\b)|rest|stand|sit|steep|leave|cool|chill|refrigerat|thaw|drain|dry|marinat|roast|bak|simmer|cook|boil|brais|brown)\\w*\\b");

    static final Pattern CHILLS = any("\\b(?:chill|refrigerat|fridge)\\w*\\b");
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
