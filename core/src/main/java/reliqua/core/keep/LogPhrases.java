package reliqua.core.keep;

import static java.util.regex.Pattern.CASE_INSENSITIVE;

import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import reliqua.core.flock.Flock;
import reliqua.core.flock.Predator;
import reliqua.core.keep.Happening.Cause;
import reliqua.core.measure.Money;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Temperature;
import reliqua.core.measure.UnitSystem;
import reliqua.core.measure.Volume;
import reliqua.core.measure.Weight;

/** The ways in which one thing is said in the logbook, the most telling first. */
final class LogPhrases {
    private static final String NUMBER = "(\\d{1,5}(?:[.,]\\d{1,2})?)";
    private static final Pattern WEIGHT =
            of("(?:(\\d{1,2}) ?(?:x|bags? of) ?)?" + NUMBER + " ?(kg|kilos?|g|lbs?|pounds?)\\b");
    private static final Pattern VOLUME =
            of(NUMBER + " ?(l|litres?|liters?|gal|gallons?|quarts?)\\b");
    private static final Pattern BARE = of("\\b(\\d{1,3}(?:\\.\\d)?)\\b");
    private static final Pattern BAGS = of("^(?:bought |got )?(\\d{1,2}) (?:bags?|sacks?)\\b");
    private static final Pattern EACH = of("\\beach\\b");

    private static final Pattern NOTE = of("^(?:note|remark)s?:? (.+)");
    private static final Pattern NEXT = of("^next (?:time|coop|one)[:,]? ?(.+)");
    private static final Pattern EGGS =
            of(
                    "^(?:collected |found |got |laid |picked up |only |just )?(?:the )?(no|\\d{1,4}) (?:\\w+ )?eggs?\\b(.*)"
                            + "|^eggs?:? (no|\\d{1,4})\\b(.*)");
    private static final Pattern CRACKED =
            of(
                    "(\\d{1,3}) (?:cracked|broken|soft(?:[- ]shell(?:ed)?)?|dirty|eaten)|(?:cracked|broken|dirty):? (\\d{1,3})");
    private static final Pattern SOLD_EGGS =
            of("^(?:sold (?:(\\d{1,4}) )?eggs?|eggs? sold)\\b(.*)");
    private static final Pattern MEND =
            of("\\b(mended|fixed|repaired|replaced|patched|resealed|sealed|tightened|rehung)\\b");
    private static final Pattern BEDDING =
            of("\\b(?:bales?|shavings|straw|bedding|sawdust|hemp|chopped hay)\\b");
    private static final Pattern BALES = of("\\b(\\d{1,2})(?: (?:bales?|bags?))");
    private static final Pattern WATER =
            of("^(?:filled )?(?:the )?(?:water|drinkers?|barrel)\\b.*");
    private static final Pattern FEED =
            of(
                    "\\b(?:feed|fed|feeders?|pellets?|mash|crumbles?|corn|scratch|grower|starter|grain|wheat|oats|barley|layers?)\\b");
    private static final Pattern ATTACK =
            of(
                    "\\b(?:dug|dig|digging|tried|got in|got at|broke|went through|chewed|gnawed|scratch(?:ed|ing)|pulled|tore|attack(?:ed)?|after the|hole)\\b");
    private static final Pattern DUG = of("\\b(?:dug|digging|tracks|hole (?:under|in))\\b");
    private static final Pattern SKY =
            of(
                    "\\b(?:frost(?:y)?|storm(?:y)?|snow(?:ed|ing)?|rain(?:ed|ing|y)?|gale|windy|hot|heat(?:wave)?|fr[oe]ez(?:e|ing)|froze|frozen|ice|icy|thunder|hail|fog(?:gy)?|drought|flood(?:ed)?|cold|mild|sunny)\\b");
    private static final String DEGREES = "(-?\\d{1,3}(?:\\.\\d)?) ?(?:°|degrees?)? ?(c|f)?";
    private static final Pattern TEMPERATURE =
            of(
                    "^(low |high |min |max )?"
                            + DEGREES
                            + "(?: (last night|overnight|tonight|today|outside|this (?:morning|afternoon)|at noon|at night|at dawn|at dusk))?$");

    /** A smaller bare number of a day is more likely a count: of eggs, of birds. */
    private static final double LEAST_WARM = 20;

    private static final Pattern TEMPERATURE_AND = of("^(.+?) (?:and|with) (.+)$");
    private static final Pattern LOW_HIGH = of("^low " + DEGREES + "[, ]+high " + DEGREES + "$");
    private static final Pattern SPENT = of("^(?:paid|spent) (.+?)(?: (?:for|on) (.+))?$");

    private static final Map<Pattern, Chore> WORK =
            Map.ofEntries(
                    Map.entry(of("\\bturn(?:ed)? (?:over )?(?:the )?litter"), Chore.TURN_LITTER),
                    Map.entry(of("\\bchanged? (?:the )?litter"), Chore.CHANGE_LITTER),
                    Map.entry(
                            of(
                                    "\\b(?:cleaned out|clean out|mucked out|emptied (?:the )?(?:litter|house|coop))"),
                            Chore.EMPTY_LITTER),
                    Map.entry(of("\\btopped up (?:the )?litter|\\btop-?up\\b"), Chore.TOP_UP),
                    Map.entry(
                            of("\\b(?:checked|walked|pegged|relaced|laced) (?:the )?apron"),
                            Chore.APRON),
                    Map.entry(
                            of(
                                    "\\b(?:washed|scrubbed|cleaned|rinsed) (?:the )?(?:drinkers?|waterers?|nipples|troughs?)"),
                            Chore.WASH_DRINKERS),
                    Map.entry(
                            of("\\b(?:washed|scrubbed|cleaned) (?:the )?feeders?"),
                            Chore.WASH_FEEDERS),
                    Map.entry(of("\\bscraped (?:the )?(?:droppings )?boards?"), Chore.DROPPINGS),
                    Map.entry(
                            of(
                                    "\\b(?:dusted|treated|checked|painted) (?:the )?roosts?\\b|\\bchecked for (?:red )?mites?"),
                            Chore.MITES),
                    Map.entry(of("\\b(?:checked|walked) (?:the )?(?:staples|mesh)"), Chore.STAPLES),
                    Map.entry(
                            of("\\b(?:checked|oiled|greased) (?:the )?(?:latch(?:es)?|locks?)"),
                            Chore.LATCHES),
                    Map.entry(of("\\b(?:oiled|greased|checked) (?:the )?hinges?"), Chore.HINGES),
                    Map.entry(of("\\bprobed (?:the )?(?:wood|legs?|skids?|posts?)"), Chore.GROUND),
                    Map.entry(of("\\bpropped (?:the )?netting"), Chore.NETTING),
                    Map.entry(of("\\bchecked (?:the )?(?:roof|roofing)"), Chore.ROOF_SCREWS),
                    Map.entry(
                            of("\\b(?:cleared|cleaned) (?:the |out the )?gutters?"), Chore.GUTTER),
                    Map.entry(of("\\b(?:shut|closed|covered) (?:the )?vents?"), Chore.VENTS_DOWN),
                    Map.entry(of("\\bopened (?:the |up the )?vents?"), Chore.VENTS_UP),
                    Map.entry(of("\\bpainted (?:the )?(?:house|coop|walls?|outside)"), Chore.PAINT),
                    Map.entry(of("\\bmoved (?:the )?(?:pen|coop|house|run)"), Chore.MOVE),
                    Map.entry(of("\\bchecked (?:the )?stakes?"), Chore.STAKES),
                    Map.entry(of("\\b(?:filled|topped up) (?:the )?dust ?bath"), Chore.DUST_BATH));

    private final Tape tape;
    private final LogBirdPhrases birds;

    LogPhrases(Tape tape, Flock flock) {
        this.tape = tape;
        this.birds = new LogBirdPhrases(flock);
    }

    static Pattern of(String words) {
        return Pattern.compile(words, CASE_INSENSITIVE);
    }

    static boolean isTemperature(String text) {
        Matcher m = TEMPERATURE.matcher(text);
        if (!m.matches()) {
            return false;
        }
        boolean told = m.group(1) != null || m.group(3) != null || m.group(2).startsWith("-");
        return told || m.group(4) != null && (atNight(m.group(4)) || count(m) >= LEAST_WARM);
    }

    private static double count(Matcher m) {
        return Double.parseDouble(m.group(2));
    }

    private static boolean atNight(String when) {
        return when.matches("(?i).*(?:night|overnight|dawn|dusk|outside)");
    }

    static boolean isAttack(String text) {
        return ATTACK.matcher(text).find();
    }

    /** Whether a part is an amount of money and nothing else. */
    static boolean isMoney(String text) {
        return LogWords.money(text).filter(f -> f.rest().isBlank()).isPresent();
    }

    Optional<Cause> cause(String text) {
        return birds.cause(text);
    }

    /** What a part says; a note where it is none of the known things. */
    Happening read(String text) {
        Stream<Function<String, Optional<Happening>>> ways =
                Stream.of(
                        this::remark,
                        birds::lost,
                        this::soldEggs,
                        birds::moved,
                        this::eggs,
                        this::work,
                        this::mended,
                        this::animal,
                        this::bedding,
                        this::weather,
                        this::water,
                        this::feed,
                        this::paid);
        return ways.flatMap(way -> way.apply(text).stream())
                .findFirst()
                .orElseGet(() -> new Happening.Note(text));
    }

    private Optional<Happening> remark(String text) {
        Matcher note = NOTE.matcher(text);
        if (note.matches()) {
            return Optional.of(new Happening.Note(note.group(1)));
        }
        Matcher next = NEXT.matcher(text);
        return next.matches()
                ? Optional.of(new Happening.NextTime(next.group(1)))
                : Optional.empty();
    }

    private Optional<Happening> soldEggs(String text) {
        Matcher m = SOLD_EGGS.matcher(text);
        if (!m.matches()) {
            return Optional.empty();
        }
        int eggs = m.group(1) == null ? 0 : Integer.parseInt(m.group(1));
        return Optional.of(new Happening.Sold(eggs, money(m.group(2).strip())));
    }

    private Optional<Happening> eggs(String text) {
        Matcher m = EGGS.matcher(text);
        if (!m.matches()) {
            return Optional.empty();
        }
        String count = either(m.group(1), m.group(3));
        Matcher cracked = CRACKED.matcher(either(m.group(2), m.group(4)));
        return Optional.of(
                new Happening.Eggs(
                        count.equalsIgnoreCase("no") ? 0 : Integer.parseInt(count),
                        cracked.find()
                                ? Integer.parseInt(either(cracked.group(1), cracked.group(2)))
                                : 0));
    }

    private static String either(@Nullable String a, @Nullable String b) {
        return a != null ? a : b != null ? b : "";
    }

    private Optional<Happening> work(String text) {
        return WORK.entrySet().stream()
                .filter(e -> e.getKey().matcher(text).find())
                .findFirst()
                .map(e -> new Happening.Worked(e.getValue(), minutes(text)));
    }

    private static int minutes(String text) {
        return LogWords.minutes(text).map(LogWords.Found::value).orElse(0);
    }

    private static Money money(String text) {
        return LogWords.money(text).map(LogWords.Found::value).orElse(Money.ZERO);
    }

    private Optional<Happening> mended(String text) {
        if (!MEND.matcher(text).find()) {
            return Optional.empty();
        }
        Optional<LogWords.Found<Integer>> time = LogWords.minutes(text);
        String rest = time.map(LogWords.Found::rest).orElse(text);
        Optional<LogWords.Found<Money>> cost = LogWords.money(rest);
        String what = cost.map(LogWords.Found::rest).orElse(rest);
        return Optional.of(
                new Happening.Mended(
                        what.replaceFirst("(?i)^(?:mended|fixed|repaired)(?: the| a)? ?", "")
                                .replaceFirst("(?i) (?:mended|fixed|repaired)$", "")
                                .strip(),
                        time.map(LogWords.Found::value).orElse(0),
                        cost.map(LogWords.Found::value).orElse(Money.ZERO)));
    }

    private Optional<Happening> animal(String text) {
        if (WEIGHT.matcher(text).find() || text.matches("(?i)^(?:bought|paid|spent)\\b.*")) {
            return Optional.empty();
        }
        Optional<Predator> animal = LogWords.animal(text);
        if (animal.isEmpty() && !DUG.matcher(text).find()) {
            return Optional.empty();
        }
        return Optional.of(new Happening.Seen(animal, isAttack(text), text));
    }

    private Optional<Happening> bedding(String text) {
        if (!BEDDING.matcher(text).find()) {
            return Optional.empty();
        }
        Matcher bales = BALES.matcher(text);
        boolean counted = bales.find();
        int count = counted ? Integer.parseInt(bales.group(1)) : 1;
        String rest = counted ? LogWords.without(text, bales) : text;
        return Optional.of(new Happening.Bedding(count, money(rest)));
    }

    private Optional<Happening> weather(String text) {
        Matcher both = LOW_HIGH.matcher(text);
        if (both.matches()) {
            return Optional.of(
                    new Happening.Weather(
                            Optional.of(degrees(both.group(1), both.group(2))),
                            Optional.of(degrees(both.group(3), both.group(4))),
                            ""));
        }
        Matcher more = TEMPERATURE_AND.matcher(text);
        if (more.matches() && isTemperature(more.group(1))) {
            return temperature(more.group(1))
                    .map(w -> new Happening.Weather(w.low(), w.high(), more.group(2)));
        }
        if (isTemperature(text) || text.startsWith("-")) {
            return temperature(text).map(Function.identity());
        }
        return SKY.matcher(text).find()
                ? Optional.of(new Happening.Weather(Optional.empty(), Optional.empty(), text))
                : Optional.empty();
    }

    /** A temperature and nothing else. */
    Optional<Happening.Weather> temperature(String text) {
        Matcher m = TEMPERATURE.matcher(text);
        if (!m.matches()) {
            return Optional.empty();
        }
        Temperature degrees = degrees(m.group(2), m.group(3));
        String which = either(m.group(1), "") + either(m.group(4), "");
        boolean low =
                which.matches("(?i).*(?:low|min|night|overnight|tonight).*")
                        || m.group(2).startsWith("-");
        return Optional.of(
                new Happening.Weather(
                        low ? Optional.of(degrees) : Optional.empty(),
                        low ? Optional.empty() : Optional.of(degrees),
                        ""));
    }

    private Temperature degrees(String number, @Nullable String unit) {
        double value = Double.parseDouble(number);
        boolean fahrenheit =
                unit == null ? tape.system() == UnitSystem.INCHES : unit.equalsIgnoreCase("f");
        return fahrenheit ? Temperature.ofFahrenheit(value) : new Temperature(value);
    }

    private Optional<Happening> water(String text) {
        if (!WATER.matcher(text).matches() && !text.matches("(?i).*\\bwater$")) {
            return Optional.empty();
        }
        Matcher m = VOLUME.matcher(text);
        if (!m.find()) {
            return Optional.empty();
        }
        double amount = number(m.group(1));
        String unit = m.group(2).toLowerCase(java.util.Locale.ROOT);
        double litres =
                unit.startsWith("g")
                        ? amount * 3.785
                        : unit.startsWith("q") ? amount * 0.946 : amount;
        return Optional.of(new Happening.Watered(new Volume(litres)));
    }

    private static double number(String text) {
        return Double.parseDouble(text.replace(',', '.'));
    }

    private Optional<Happening> feed(String text) {
        if (!FEED.matcher(text).find()) {
            return Optional.empty();
        }
        Matcher m = WEIGHT.matcher(text);
        if (m.find()) {
            long grams = grams(m.group(2), m.group(3)) * times(text, m);
            return Optional.of(
                    new Happening.Fed(new Weight(grams), money(LogWords.without(text, m))));
        }
        Matcher bare = BARE.matcher(text);
        if (!bare.find()) {
            return Optional.empty();
        }
        String unit = tape.system() == UnitSystem.INCHES ? "lb" : "kg";
        return Optional.of(
                new Happening.Fed(
                        new Weight(grams(bare.group(1), unit)),
                        money(LogWords.without(text, bare))));
    }

    /** How many bags of one weight. */
    private static int times(String text, Matcher weight) {
        if (weight.group(1) != null) {
            return Integer.parseInt(weight.group(1));
        }
        Matcher bags = BAGS.matcher(text);
        return bags.find() && EACH.matcher(text).find() ? Integer.parseInt(bags.group(1)) : 1;
    }

    private static long grams(String number, String unit) {
        double amount = number(number);
        String low = unit.toLowerCase(java.util.Locale.ROOT);
        if (low.startsWith("l") || low.startsWith("p")) {
            return Weight.ofPounds(amount).grams();
        }
        return low.equals("g") ? Math.round(amount) : Weight.ofKilograms(amount).grams();
    }

    private Optional<Happening> paid(String text) {
        Matcher spent = SPENT.matcher(text);
        if (spent.matches()) {
            Optional<LogWords.Found<Money>> sum = LogWords.money(spent.group(1));
            if (sum.isPresent()) {
                return Optional.of(
                        new Happening.Paid(
                                either(spent.group(2), sum.get().rest()), sum.get().value()));
            }
        }
        return LogWords.money(text)
                .filter(f -> f.rest().matches(".*\\p{L}{3,}.*"))
                .map(f -> new Happening.Paid(f.rest().replaceFirst("(?i)^bought ", ""), f.value()));
    }
}
