package reliqua.files;

import static reliqua.files.JsonWords.lower;
import static reliqua.files.JsonWords.mm;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import reliqua.core.flock.Climate;
import reliqua.core.flock.Predator;
import reliqua.core.flock.Reminder;
import reliqua.core.flock.Site;
import reliqua.core.flock.SiteMark;
import reliqua.core.measure.Bearing;
import reliqua.core.measure.Pressure;
import reliqua.core.measure.Speed;
import reliqua.core.measure.Temperature;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The ground in the project file: bearings in degrees from north, lengths in millimetres. */
final class SiteJson {
    private SiteJson() {}

    static void write(ObjectNode node, Site site) {
        node.put("width", mm(site.width())).put("depth", mm(site.depth()));
        node.put("up", site.up().degrees()).put("facing", site.facing().degrees());
        node.put("downhill", site.downhill().degrees()).put("slope", site.slope());
        node.put("windFrom", site.windFrom().degrees()).put("southern", site.southern());
        ArrayNode marks = node.putArray("marks");
        for (SiteMark mark : site.marks()) {
            marks.addObject()
                    .put("kind", lower(mark.kind()))
                    .put("x", mm(mark.x()))
                    .put("y", mm(mark.y()))
                    .put("size", mm(mark.size()))
                    .put("turned", mark.turned());
        }
        climate(node.putObject("climate"), site.climate());
        ArrayNode predators = node.putArray("predators");
        site.predators().forEach(p -> predators.add(lower(p)));
        ObjectNode asked = node.putObject("asked");
        ObjectNode answers = node.putObject("answers");
        site.asked()
                .forEach(
                        (what, told) -> {
                            asked.put(lower(what), told.day().toString());
                            answers.put(lower(what), told.answer());
                        });
    }

    private static void climate(ObjectNode node, Climate climate) {
        node.put("region", climate.region());
        node.put("snow", climate.snow().kiloPascals());
        node.put("wind", climate.wind().metresPerSecond());
        node.put("coldest", climate.coldest().celsius());
        node.put("hottest", climate.hottest().celsius());
        node.put("frost", mm(climate.frost()));
        ArrayNode rain = node.putArray("rain");
        climate.rain().forEach(rain::add);
    }

    static Site read(JsonReader in) {
        Site bare = Site.BARE;
        Set<Predator> predators = EnumSet.noneOf(Predator.class);
        predators.addAll(in.choices("predators", Predator.class));
        return new Site(
                in.maybeMm("width").orElse(bare.width()),
                in.maybeMm("depth").orElse(bare.depth()),
                in.has("marks") ? in.list("marks", SiteJson::mark) : bare.marks(),
                new Bearing(in.number("up", bare.up().degrees())),
                new Bearing(in.number("facing", bare.facing().degrees())),
                new Bearing(in.number("downhill", bare.downhill().degrees())),
                in.whole("slope", bare.slope()),
                new Bearing(in.number("windFrom", bare.windFrom().degrees())),
                in.flag("southern", bare.southern()),
                in.inner("climate").map(SiteJson::climate).orElse(Climate.MILD),
                predators,
                in.inner("asked").map(a -> asked(a, in)).orElseGet(TreeMap::new));
    }

    private static SiteMark mark(JsonReader in) {
        SiteMark.Kind kind = in.choice("kind", SiteMark.Kind.class, SiteMark.Kind.TREE);
        return new SiteMark(
                kind,
                in.mm("x"),
                in.mm("y"),
                in.maybeMm("size").orElse(kind.usual()),
                in.flag("turned", false));
    }

    private static Climate climate(JsonReader in) {
        Climate mild = Climate.MILD;
        List<Integer> rain = new ArrayList<>(in.wholes("rain"));
        return new Climate(
                in.text("region", ""),
                new Pressure(in.number("snow", mild.snow().kiloPascals())),
                new Speed(in.number("wind", mild.wind().metresPerSecond())),
                new Temperature(in.number("coldest", mild.coldest().celsius())),
                new Temperature(in.number("hottest", mild.hottest().celsius())),
                rain.isEmpty() ? mild.rain() : rain,
                in.maybeMm("frost").orElse(mild.frost()));
    }

    /** Days; the answers stand beside them, as files of before had none. */
    private static SortedMap<Reminder, Reminder.Asked> asked(JsonReader in, JsonReader site) {
        SortedMap<Reminder, Reminder.Asked> asked = new TreeMap<>();
        for (Reminder each : Reminder.values()) {
            String field = lower(each);
            if (in.has(field)) {
                try {
                    LocalDate day = LocalDate.parse(in.text(field, ""));
                    String answer = site.inner("answers").map(a -> a.text(field, "")).orElse("");
                    asked.put(each, new Reminder.Asked(day, answer));
                } catch (DateTimeParseException e) {
                    in.fault(field + " must be a day like 2026-03-09");
                }
            }
        }
        return asked;
    }
}
