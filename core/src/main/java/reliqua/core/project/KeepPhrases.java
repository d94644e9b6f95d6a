package reliqua.core.project;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import reliqua.core.keep.KeepBook;
import reliqua.core.keep.Vessel;
import reliqua.core.measure.Money;
import reliqua.core.measure.Tape;
import reliqua.core.measure.UnitSystem;
import reliqua.core.measure.Volume;
import reliqua.core.measure.Words;

/** What is said of a coop in use that is no happening: vessels, prices, the day birds moved in. */
final class KeepPhrases {
    private static final double GALLON = 3.785411784;
    private static final Map<String, Vessel.Kind> KINDS =
            Map.ofEntries(
                    Map.entry("bucket", Vessel.Kind.BUCKET),
                    Map.entry("drinker", Vessel.Kind.DRINKER),
                    Map.entry("waterer", Vessel.Kind.DRINKER),
                    Map.entry("nipple drinker", Vessel.Kind.NIPPLES),
                    Map.entry("nipple bucket", Vessel.Kind.NIPPLES),
                    Map.entry("tub", Vessel.Kind.TUB),
                    Map.entry("barrel", Vessel.Kind.BARREL),
                    Map.entry("feeder", Vessel.Kind.FEEDER),
                    Map.entry("tube feeder", Vessel.Kind.TUBE),
                    Map.entry("port feeder", Vessel.Kind.TUBE),
                    Map.entry("trough", Vessel.Kind.TROUGH),
                    Map.entry("feed bin", Vessel.Kind.BIN),
                    Map.entry("bin", Vessel.Kind.BIN));
    private static final String KIND =
            "(bucket|drinker|waterer|nipple drinker|nipple bucket|tub|barrel|tube feeder|port feeder|feeder|trough|feed bin|bin)s?";
    private static final String SIZE = "(\\d{1,4}(?:[.,]\\d)?) ?(l|litres?|liters?|gal|gallons?)?";
    private static final String PLACES = "(?:,? (?:with )?(\\d{1,2}) (?:nipples?|ports?))?";

    private KeepPhrases() {}

    /** The phrases of a day. */
    static List<Phrase> of(LocalDate today) {
        return List.of(
                Phrase.of(
                        "(?:(\\d) (?:x )?)?" + KIND + "(?: of)? " + SIZE + PLACES,
                        (m, p) ->
                                vessel(
                                        m.group(1),
                                        m.group(2),
                                        m.group(3),
                                        m.group(4),
                                        m.group(5),
                                        p)),
                Phrase.of(
                        "(?:(\\d) (?:x )?)?(?:a )?" + SIZE + " " + KIND + PLACES,
                        (m, p) ->
                                vessel(
                                        m.group(1),
                                        m.group(4),
                                        m.group(2),
                                        m.group(3),
                                        m.group(5),
                                        p)),
                Phrase.of("no (?:more )?" + KIND, (m, _) -> without(m.group(1))),
                Phrase.of("(?:birds |hens )?moved in(?: today)?", (_, _) -> since(today)),
                Phrase.of(
                        "(?:birds |hens )?moved in (?:on )?(\\d{4}-\\d{2}-\\d{2})",
                        (m, _) -> since(LocalDate.parse(m.group(1)))),
                Phrase.of(
                        "(?:egg price|eggs? in the shop) [^0-9]?(\\d{1,3}(?:[.,]\\d{1,2})?)",
                        KeepPhrases::eggPrice),
                Phrase.of("write off (?:over |in )?(\\d{1,2}) years?", KeepPhrases::years));
    }

    private static SayEdit.Said change(
            UnaryOperator<KeepBook> change, String key, Object... terms) {
        return Phrase.change(p -> p.withBook(change.apply(p.book())), key, terms);
    }

    private static SayEdit.Said vessel(
            @org.jspecify.annotations.Nullable String count,
            String word,
            String size,
            @org.jspecify.annotations.Nullable String unit,
            @org.jspecify.annotations.Nullable String places,
            Project project) {
        Tape tape = project.keeper().tape();
        boolean gallons = unit == null ? tape.system() == UnitSystem.INCHES : unit.startsWith("g");
        double litres = Double.parseDouble(size.replace(',', '.')) * (gallons ? GALLON : 1);
        Vessel usual = Vessel.of(kind(word), litres);
        Vessel vessel =
                places == null
                        ? usual
                        : new Vessel(usual.kind(), new Volume(litres), Integer.parseInt(places));
        int many = count == null ? 1 : Integer.parseInt(count);
        return change(
                b -> {
                    List<Vessel> more = new ArrayList<>(b.vessels());
                    for (int n = 0; n < many; n++) {
                        more.add(vessel);
                    }
                    return b.withVessels(more);
                },
                "say.vessel",
                many,
                Words.say("vessel." + vessel.kind().id()),
                tape.say(vessel.volume()));
    }

    private static Vessel.Kind kind(String word) {
        return Optional.ofNullable(KINDS.get(word)).orElse(Vessel.Kind.BUCKET);
    }

    private static SayEdit.Said without(String word) {
        Vessel.Kind kind = kind(word);
        return change(
                b -> b.withVessels(b.vessels().stream().filter(v -> v.kind() != kind).toList()),
                "say.vessel.none",
                Words.say("vessel." + kind.id()));
    }

    private static SayEdit.Said since(LocalDate day) {
        return change(b -> b.since(day), "say.since", Dates.day(day));
    }

    private static SayEdit.Said eggPrice(Matcher m, Project project) {
        Money price = Money.of(Double.parseDouble(m.group(1).replace(',', '.')));
        return change(
                b -> b.with(new KeepBook.Costing(price, b.costing().years())),
                "say.eggPrice",
                project.keeper().tape().say(price));
    }

    private static SayEdit.Said years(Matcher m, Project project) {
        int years = Integer.parseInt(m.group(1));
        return change(
                b -> b.with(new KeepBook.Costing(b.costing().boughtEgg(), years)),
                "say.years",
                years);
    }
}
