package reliqua.core.project;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import reliqua.core.flock.Climate;
import reliqua.core.flock.Predator;
import reliqua.core.flock.Site;
import reliqua.core.flock.SiteMark;
import reliqua.core.measure.Bearing;
import reliqua.core.measure.Length;
import reliqua.core.measure.Pressure;
import reliqua.core.measure.Speed;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Temperature;
import reliqua.core.measure.UnitSystem;
import reliqua.core.measure.Words;

/** What is said of the ground, its weather and the animals about. */
final class SitePhrases {
    private static final String NUMBER = "(-?\\d{1,3}(?:\\.\\d{1,2})?)";
    private static final String POINT =
            "(?:the )?((?:north|south)[ -]?(?:east|west)|north|south|east|west|[ns][ns]?[ew]|[ew][ns][ew]|[nsew])";

    private static final Map<String, Predator> ANIMALS =
            Map.ofEntries(
                    Map.entry("raccoon", Predator.RACCOON),
                    Map.entry("fox", Predator.FOX),
                    Map.entry("foxe", Predator.FOX),
                    Map.entry("coyote", Predator.FOX),
                    Map.entry("dog", Predator.DOG),
                    Map.entry("badger", Predator.BADGER),
                    Map.entry("stoat", Predator.STOAT),
                    Map.entry("ferret", Predator.STOAT),
                    Map.entry("mink", Predator.MINK),
                    Map.entry("weasel", Predator.WEASEL),
                    Map.entry("rat", Predator.RAT),
                    Map.entry("mouse", Predator.MOUSE),
                    Map.entry("mice", Predator.MOUSE),
                    Map.entry("snake", Predator.SNAKE),
                    Map.entry("hawk", Predator.HAWK),
                    Map.entry("buzzard", Predator.HAWK),
                    Map.entry("eagle", Predator.HAWK),
                    Map.entry("goshawk", Predator.HAWK),
                    Map.entry("owl", Predator.OWL),
                    Map.entry("wild bird", Predator.WILD_BIRDS),
                    Map.entry("bear", Predator.BEAR));
    private static final String ANIMAL =
            "(raccoon|foxe|fox|coyote|dog|badger|stoat|ferret|mink|weasel|rat|mouse|mice|snake|hawk|buzzard|eagle|goshawk|owl|wild bird|bear)s?";

    static final List<Phrase> ALL =
            List.of(
                    Phrase.of("(no )?" + ANIMAL + "(?: about| around| here)?", SitePhrases::animal),
                    Phrase.of("gate (.+)", SitePhrases::gate),
                    Phrase.of("(?:yard|ground|plot) (.+?) ?(?:x|by) ?(.+)", SitePhrases::extent),
                    Phrase.of(
                            "(?:slope|slopes|falls) " + POINT + "(?: (\\d{1,2}) ?%?)?",
                            (m, p) -> slope(m.group(1), m.group(2), p)),
                    Phrase.of(
                            "(?:slope|slopes|falls) (\\d{1,2}) ?% (?:to )?" + POINT,
                            (m, p) -> slope(m.group(2), m.group(1), p)),
                    Phrase.of(
                            "(?:flat|level)(?: ground)?",
                            (_, _) -> site(s -> s.withSlope(s.downhill(), 0), "say.level")),
                    Phrase.of("wind (?:from )?" + POINT, (m, _) -> wind(m)),
                    Phrase.of(
                            "(?:faces|facing|front faces|front to) " + POINT, (m, _) -> facing(m)),
                    Phrase.of(
                            "up is " + POINT,
                            (m, _) ->
                                    site(
                                            s -> s.withUp(bearing(m.group(1))),
                                            "say.up",
                                            bearing(m.group(1)).point())),
                    Phrase.of(
                            "snow " + NUMBER + " ?(psf|lb/sq ft|kpa|kn/m2|kn/m²|kn)?",
                            SitePhrases::snow),
                    Phrase.of(
                            "(?:wind|gusts?) (?:of |to )?" + NUMBER + " ?(mph|m/s|km/h|kmh|kph)",
                            SitePhrases::gust),
                    Phrase.of(
                            "(coldest|hottest) " + NUMBER + " ?°?(c|f)?", SitePhrases::temperature),
                    Phrase.of("frost (?:depth )?(.+)", SitePhrases::frost),
                    Phrase.of("rain (\\d{1,4}(?: \\d{1,4}){11})", (m, _) -> rain(m.group(1))),
                    Phrase.of(
                            "(southern|northern) (?:hemisphere|half)",
                            (m, _) -> half(m.group(1).equals("southern"))));

    private SitePhrases() {}

    private static SayEdit.Said site(UnaryOperator<Site> change, String key, Object... terms) {
        return Phrase.change(p -> p.withSite(change.apply(p.site())), key, terms);
    }

    private static SayEdit.Said animal(Matcher m, Project project) {
        Predator predator = ANIMALS.getOrDefault(m.group(2), Predator.FOX);
        boolean about = m.group(1) == null;
        return site(
                s -> s.with(predator, about),
                about ? "say.animal" : "say.animal.none",
                predator.sum().words(project.keeper().tape()));
    }

    /** The gate there is, made so wide; or a gate at the lower edge of the plan. */
    private static SayEdit.Said gate(Matcher m, Project project) {
        Tape tape = project.keeper().tape();
        Length wide = tape.reader().read(m.group(1));
        return site(s -> withGate(s, wide), "say.gate", tape.say(wide));
    }

    private static Site withGate(Site site, Length wide) {
        Optional<SiteMark> gate = site.find(SiteMark.Kind.GATE);
        return gate.map(g -> site.withMark(site.marks().indexOf(g), g.withSize(wide)))
                .orElseGet(
                        () ->
                                site.plus(
                                        SiteMark.at(
                                                        SiteMark.Kind.GATE,
                                                        site.width().half(),
                                                        site.depth())
                                                .withSize(wide)));
    }

    private static SayEdit.Said extent(Matcher m, Project project) {
        Tape tape = project.keeper().tape();
        String second = m.group(2);
        // "40 x 30 ft": the unit said once holds for both.
        String unit = second.replaceAll("[\\d.,/ -]+", "");
        String first = m.group(1).matches("[\\d.,/ -]+") ? m.group(1) + unit : m.group(1);
        Length wide = tape.reader().read(first);
        Length deep = tape.reader().read(second);
        return site(
                s -> s.withExtent(wide, deep),
                "say.extent",
                tape.sayLong(wide),
                tape.sayLong(deep));
    }

    private static SayEdit.Said slope(
            String point, @org.jspecify.annotations.Nullable String percent, Project project) {
        Bearing to = bearing(point);
        int usual = Math.max(5, project.site().slope());
        int fall = percent == null ? usual : Integer.parseInt(percent);
        return site(s -> s.withSlope(to, fall), "say.slope", to.point(), fall);
    }

    private static SayEdit.Said wind(Matcher m) {
        Bearing from = bearing(m.group(1));
        return site(s -> s.withWindFrom(from), "say.wind", from.point());
    }

    private static SayEdit.Said facing(Matcher m) {
        Bearing to = bearing(m.group(1));
        return site(s -> s.withFacing(to), "say.facing", to.point());
    }

    private static Bearing bearing(String words) {
        String point =
                words.replaceAll("[ -]", "")
                        .replace("north", "n")
                        .replace("south", "s")
                        .replace("east", "e")
                        .replace("west", "w");
        return Bearing.ofPoint(point)
                .orElseThrow(() -> new IllegalArgumentException(Words.say("say.point", words)));
    }

    private static SayEdit.Said climate(UnaryOperator<Climate> change, String key, Object term) {
        return site(s -> s.withClimate(change.apply(s.climate())), key, term);
    }

    private static boolean inches(Project project) {
        return project.keeper().tape().system() == UnitSystem.INCHES;
    }

    private static SayEdit.Said snow(Matcher m, Project project) {
        String unit = m.group(2) == null ? (inches(project) ? "psf" : "kn") : m.group(2);
        double number = Double.parseDouble(m.group(1));
        boolean pounds = unit.startsWith("psf") || unit.startsWith("lb");
        Pressure snow = pounds ? Pressure.ofPoundsPerSquareFoot(number) : new Pressure(number);
        return climate(c -> c.withSnow(snow), "say.snow", project.keeper().tape().say(snow));
    }

    private static SayEdit.Said gust(Matcher m, Project project) {
        double number = Double.parseDouble(m.group(1));
        Speed speed =
                switch (m.group(2)) {
                    case "mph" -> Speed.ofMilesPerHour(number);
                    case "m/s" -> new Speed(number);
                    default -> Speed.ofKilometresPerHour(number);
                };
        return climate(c -> c.withWind(speed), "say.gust", project.keeper().tape().say(speed));
    }

    private static SayEdit.Said temperature(Matcher m, Project project) {
        double number = Double.parseDouble(m.group(2));
        boolean fahrenheit = m.group(3) == null ? inches(project) : m.group(3).equals("f");
        Temperature air = fahrenheit ? Temperature.ofFahrenheit(number) : new Temperature(number);
        boolean cold = m.group(1).equals("coldest");
        return climate(
                c -> cold ? c.withColdest(air) : c.withHottest(air),
                "say." + m.group(1),
                project.keeper().tape().say(air));
    }

    private static SayEdit.Said rain(String months) {
        List<Integer> millimetres =
                List.of(months.split(" ")).stream().map(Integer::valueOf).toList();
        return climate(c -> c.withRain(millimetres), "say.rain", months);
    }

    private static SayEdit.Said frost(Matcher m, Project project) {
        Tape tape = project.keeper().tape();
        Length depth = tape.reader().read(m.group(1));
        return climate(c -> c.withFrost(depth), "say.frost", tape.say(depth));
    }

    private static SayEdit.Said half(boolean southern) {
        return site(s -> s.withSouthern(southern), southern ? "say.southern" : "say.northern");
    }
}
