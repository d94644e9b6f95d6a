package reliqua.files;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import reliqua.core.flock.BirdClass;
import reliqua.core.flock.Climate;
import reliqua.core.flock.ClimateSource;
import reliqua.core.flock.Flock;
import reliqua.core.flock.Keeper;
import reliqua.core.flock.Practice;
import reliqua.core.flock.Predator;
import reliqua.core.flock.Site;
import reliqua.core.flock.SiteMark;
import reliqua.core.flock.Tool;
import reliqua.core.keep.Entry;
import reliqua.core.keep.KeepBook;
import reliqua.core.keep.Vessel;
import reliqua.core.measure.Bearing;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;
import reliqua.core.measure.Tape;
import reliqua.core.measure.UnitSystem;
import reliqua.core.measure.Weight;
import reliqua.core.project.Project;
import reliqua.core.stock.Heap;
import reliqua.core.stock.PriceBook;

/** Two made-up keepers with their birds and heaps. */
public final class DemoProjects {
    private DemoProjects() {}

    /** In inches: beside a windy estuary, nine standard hens and two to come, out all day. */
    public static Project ternLane(Function<UnitSystem, PriceBook> prices, ClimateSource weather) {
        Practice practice = Practice.DEFAULT.withSpace(Practice.Space.TIGHT).withGrowth(22);
        Flock flock =
                Flock.of(BirdClass.STANDARD, 9)
                        .with(practice)
                        .withStyle(Flock.Style.OUT_ALL_DAY)
                        .withPurposes(Set.of(Flock.Purpose.EGGS, Flock.Purpose.GARDEN));
        Keeper keeper =
                Keeper.with(Tape.INCH)
                        .withBody(
                                new Keeper.Body(
                                        Length.inches(66),
                                        Length.inches(29),
                                        Weight.ofKilograms(20),
                                        false))
                        .withBudget(Money.of(90))
                        .withKerf(Length.inches(1, 8))
                        .withHours(5)
                        .withLimits(
                                new Keeper.Limits(
                                        Optional.of(Length.inches(96)),
                                        Optional.of(Length.inches(72)),
                                        Optional.empty()));
        return Project.start(
                        "Tern Lane",
                        keeper,
                        flock,
                        heap("tern-lane"),
                        prices.apply(UnitSystem.INCHES))
                .withSite(ternLaneGround(weather))
                .withBook(ternLaneBook());
    }

    /** A year and a half in the old shed that the new coop takes over from. */
    private static KeepBook ternLaneBook() {
        return KeepBook.EMPTY
                .plus(log("tern-lane"))
                .withVessels(
                        List.of(
                                Vessel.of(Vessel.Kind.FEEDER, 15),
                                Vessel.of(Vessel.Kind.BIN, 60),
                                Vessel.of(Vessel.Kind.DRINKER, 8),
                                Vessel.of(Vessel.Kind.BUCKET, 10),
                                Vessel.of(Vessel.Kind.BARREL, 208)));
    }

    /** A strip of garden that falls to the estuary in the south. */
    private static Site ternLaneGround(ClimateSource weather) {
        Site site =
                Site.BARE
                        .withExtent(Length.inches(540), Length.inches(384))
                        .withSlope(new Bearing(202.5), 1)
                        .withWindFrom(new Bearing(247.5))
                        .withFacing(new Bearing(112.5))
                        .withClimate(weather.find("Tern estuary").orElse(Climate.MILD))
                        .with(Predator.FOX, true)
                        .with(Predator.RAT, true)
                        .withMark(0, mark(SiteMark.Kind.COOP, 340, 190));
        return site.plus(mark(SiteMark.Kind.HOUSE_DOOR, 80, 30))
                .plus(mark(SiteMark.Kind.GATE, 500, 372).withSize(Length.inches(36)))
                .plus(mark(SiteMark.Kind.PATH, 190, 80).withSize(Length.inches(200)))
                .plus(mark(SiteMark.Kind.WATER, 150, 200))
                .plus(mark(SiteMark.Kind.FEED, 230, 28))
                .plus(mark(SiteMark.Kind.TREE, 460, 90).withSize(Length.inches(150)))
                .plus(mark(SiteMark.Kind.FENCE, 270, 376).withSize(Length.inches(400)))
                .plus(mark(SiteMark.Kind.NEIGHBOUR, 40, 350));
    }

    private static SiteMark mark(SiteMark.Kind kind, int x, int y) {
        return SiteMark.at(kind, Length.inches(x), Length.inches(y));
    }

    /** In millimetres: on a hill farm's edge, six bantams with their cock and three ducks. */
    public static Project kerrinRigg(
            Function<UnitSystem, PriceBook> prices, ClimateSource weather) {
        Flock flock =
                Flock.hens(Map.of(BirdClass.BANTAM, 6, BirdClass.DUCK, 3))
                        .withCocks(BirdClass.BANTAM, 1);
        Keeper keeper =
                Keeper.with(Tape.METRIC)
                        .withBody(Keeper.Body.MIDDLING.withHeight(Length.mm(1720)).withHelper(true))
                        .withBudget(Money.of(120))
                        .with(Tool.TABLE_SAW, true);
        Site site =
                Site.BARE
                        .withExtent(Length.mm(16_000), Length.mm(11_000))
                        .withSlope(new Bearing(157.5), 9)
                        .withWindFrom(new Bearing(270))
                        .withFacing(new Bearing(135))
                        .withClimate(weather.find("Kerrin hills").orElse(Climate.MILD))
                        .with(Predator.STOAT, true)
                        .with(Predator.HAWK, true)
                        .withMark(0, at(SiteMark.Kind.COOP, 9_500, 5_600))
                        .plus(at(SiteMark.Kind.HOUSE_DOOR, 1_500, 7_800))
                        .plus(at(SiteMark.Kind.GATE, 8_000, 10_800).withSize(Length.mm(1100)))
                        .plus(at(SiteMark.Kind.WATER, 4_000, 3_000))
                        .plus(at(SiteMark.Kind.TREE, 13_000, 2_600))
                        .plus(at(SiteMark.Kind.FENCE, 8_000, 300).withSize(Length.mm(12_000)));
        return Project.start(
                        "Kerrin Rigg",
                        keeper,
                        flock,
                        heap("kerrin-rigg"),
                        prices.apply(UnitSystem.MILLIMETRES))
                .withSite(site);
    }

    private static SiteMark at(SiteMark.Kind kind, int x, int y) {
        return SiteMark.at(kind, Length.mm(x), Length.mm(y));
    }

    private static Heap heap(String name) {
        String path = "demo/" + name + ".csv";
        try {
            return HeapCsv.read(shipped(path), path, UnitSystem.MILLIMETRES);
        } catch (InputException e) {
            throw new IllegalStateException(e.getMessage(), e);
        }
    }

    private static List<Entry> log(String name) {
        String path = "demo/" + name + ".log.csv";
        try {
            return LogCsv.read(shipped(path), path);
        } catch (InputException e) {
            throw new IllegalStateException(e.getMessage(), e);
        }
    }

    private static String shipped(String path) {
        try (InputStream in = DemoProjects.class.getResourceAsStream(path)) {
            if (in == null) {
                throw new IllegalStateException(path + " is not shipped");
            }
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
