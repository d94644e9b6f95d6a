package reliqua.files;

import static reliqua.files.JsonWords.lower;

import java.math.BigDecimal;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import reliqua.core.flock.BirdClass;
import reliqua.core.flock.Flock;
import reliqua.core.flock.OwnFigures;
import reliqua.core.flock.Pen;
import reliqua.core.flock.Practice;
import reliqua.core.measure.Area;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Birds and ways of keeping in the project file. Fields that are missing are as usual. */
final class FlockJson {
    private FlockJson() {}

    static void write(ObjectNode node, Flock flock) {
        ObjectNode birds = node.putObject("birds");
        flock.hens().forEach((kind, count) -> birds.put(lower(kind), count));
        ObjectNode cocks = node.putObject("cocks");
        flock.cocks().forEach((kind, count) -> cocks.put(lower(kind), count));
        ArrayNode pens = node.putArray("pens");
        flock.pens()
                .forEach(
                        p -> pens.addObject().put("kind", lower(p.kind())).put("birds", p.birds()));
        ArrayNode purposes = node.putArray("purposes");
        flock.purposes().forEach(p -> purposes.add(lower(p)));
        node.put("style", lower(flock.style()));
        practice(node, flock.practice());
    }

    private static void practice(ObjectNode node, Practice practice) {
        node.put("space", lower(practice.space())).put("run", lower(practice.run()));
        node.put("roosts", lower(practice.roosts())).put("nests", lower(practice.nests()));
        node.put("vents", lower(practice.vents())).put("litter", lower(practice.litter()));
        node.put("apron", lower(practice.apron())).put("growth", practice.growth());
        node.put("underside", lower(practice.underside()));
        node.put("holding", lower(practice.holding()));
        node.put("finish", lower(practice.finish()));
        node.put("cleaning", lower(practice.cleaning()));
        OwnFigures own = practice.own();
        ObjectNode figures = node.putObject("own");
        own.floor().ifPresent(a -> figures.put("floor", squareMetres(a)));
        own.run().ifPresent(a -> figures.put("run", squareMetres(a)));
        own.roost().ifPresent(l -> figures.put("roost", JsonWords.mm(l)));
        own.nests().ifPresent(n -> figures.put("nests", n));
        own.vents().ifPresent(a -> figures.put("vents", squareMetres(a)));
        own.litter().ifPresent(l -> figures.put("litter", JsonWords.mm(l)));
    }

    private static BigDecimal squareMetres(Area area) {
        return BigDecimal.valueOf(area.um2(), 12);
    }

    static Flock read(JsonReader in) {
        Set<Flock.Purpose> purposes = EnumSet.noneOf(Flock.Purpose.class);
        purposes.addAll(
                in.has("purposes")
                        ? in.choices("purposes", Flock.Purpose.class)
                        : Flock.EMPTY.purposes());
        List<Pen> pens =
                in.list(
                        "pens",
                        p ->
                                new Pen(
                                        p.choice("kind", Pen.Kind.class, Pen.Kind.BREED),
                                        p.whole("birds", 1)));
        return new Flock(
                counts(in, "birds"),
                counts(in, "cocks"),
                pens,
                purposes,
                in.choice("style", Flock.Style.class, Flock.EMPTY.style()),
                practice(in));
    }

    private static SortedMap<BirdClass, Integer> counts(JsonReader in, String field) {
        SortedMap<BirdClass, Integer> birds = new TreeMap<>();
        in.inner(field)
                .ifPresent(
                        counts -> {
                            for (BirdClass kind : BirdClass.values()) {
                                if (counts.has(lower(kind))) {
                                    birds.put(kind, counts.whole(lower(kind), 1));
                                }
                            }
                        });
        return birds;
    }

    private static Practice practice(JsonReader in) {
        Practice usual = Practice.DEFAULT;
        return new Practice(
                in.choice("space", Practice.Space.class, usual.space()),
                in.choice("run", Practice.Space.class, usual.run()),
                in.choice("roosts", Practice.Roosts.class, usual.roosts()),
                in.choice("nests", Practice.Nests.class, usual.nests()),
                in.choice("vents", Practice.Vents.class, usual.vents()),
                in.choice("litter", Practice.Litter.class, usual.litter()),
                in.choice("apron", Practice.Apron.class, usual.apron()),
                in.whole("growth", usual.growth()),
                in.choice("underside", Practice.Underside.class, usual.underside()),
                in.choice("holding", Practice.Holding.class, usual.holding()),
                in.choice("finish", Practice.Finish.class, usual.finish()),
                in.choice("cleaning", Practice.Cleaning.class, usual.cleaning()),
                in.inner("own").map(FlockJson::own).orElse(OwnFigures.NONE));
    }

    private static OwnFigures own(JsonReader in) {
        return new OwnFigures(
                area(in, "floor"),
                area(in, "run"),
                in.maybeMm("roost"),
                in.has("nests") ? Optional.of(in.whole("nests", 4)) : Optional.empty(),
                area(in, "vents"),
                in.maybeMm("litter"));
    }

    private static Optional<Area> area(JsonReader in, String field) {
        return in.has(field)
                ? Optional.of(Area.ofSquareMetres(in.number(field, 0)))
                : Optional.empty();
    }
}
