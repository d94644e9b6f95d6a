package reliqua.files;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import reliqua.core.flock.BirdClass;
import reliqua.core.flock.Flock;
import reliqua.core.flock.Keeper;
import reliqua.core.flock.Practice;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;
import reliqua.core.measure.Tape;
import reliqua.core.measure.UnitSystem;
import reliqua.core.project.Project;
import reliqua.core.stock.Heap;
import reliqua.core.stock.PriceBook;

/** Two made-up keepers with their birds and heaps. */
public final class DemoProjects {
    private DemoProjects() {}

    /** In inches: beside a windy estuary, nine standard hens and two to come, out all day. */
    public static Project ternLane(Function<UnitSystem, PriceBook> prices) {
        Practice practice = Practice.DEFAULT.withSpace(Practice.Space.TIGHT).withGrowth(22);
        Flock flock = Flock.of(BirdClass.STANDARD, 9).with(practice);
        Keeper keeper =
                new Keeper(
                        Length.inches(66),
                        Tape.INCH,
                        Money.of(90),
                        Length.inches(1, 8),
                        Optional.of(Length.inches(96)),
                        Optional.of(Length.inches(72)),
                        Optional.empty());
        return Project.start(
                "Tern Lane", keeper, flock, heap("tern-lane"), prices.apply(UnitSystem.INCHES));
    }

    /** In millimetres: on a hill farm's edge, six bantams and three ducks. */
    public static Project kerrinRigg(Function<UnitSystem, PriceBook> prices) {
        Flock flock =
                new Flock(
                        new TreeMap<>(Map.of(BirdClass.BANTAM, 6, BirdClass.DUCK, 3)),
                        Practice.DEFAULT);
        Keeper keeper =
                new Keeper(
                        Length.mm(1720),
                        Tape.METRIC,
                        Money.of(120),
                        Length.mm(3),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty());
        return Project.start(
                "Kerrin Rigg",
                keeper,
                flock,
                heap("kerrin-rigg"),
                prices.apply(UnitSystem.MILLIMETRES));
    }

    private static Heap heap(String name) {
        String path = "demo/" + name + ".csv";
        try (InputStream in = DemoProjects.class.getResourceAsStream(path)) {
            if (in == null) {
                throw new IllegalStateException(path + " is not shipped");
            }
            return HeapCsv.read(
                    new String(in.readAllBytes(), StandardCharsets.UTF_8),
                    path,
                    UnitSystem.MILLIMETRES);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InputException e) {
            throw new IllegalStateException(e.getMessage(), e);
        }
    }
}
