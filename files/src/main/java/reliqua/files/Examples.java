package reliqua.files;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import reliqua.core.coop.Coop;
import reliqua.core.coop.addon.CoopBuilder;
import reliqua.core.coop.family.Brief;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.flock.Flock;
import reliqua.core.flock.Keeper;
import reliqua.core.measure.Tape;
import reliqua.core.measure.UnitSystem;
import reliqua.core.project.Project;
import reliqua.core.project.SayMany;
import reliqua.core.stock.Heap;
import reliqua.core.stock.PriceBook;

/**
 * Made-up keepers with their birds and heaps, one for each way of building. Each is a text: a few
 * lines that name it, a blank line, then what one would say to the say line.
 */
public final class Examples {
    private static final String FOLDER = "examples/";

    private Examples() {}

    /**
     * An example.
     *
     * @param id its name in files and commands
     * @param name of the place
     * @param line what it shows, in a line
     * @param units the keeper's tape
     * @param said birds, tools, kind of coop and heap, as said to the say line
     */
    public record Example(String id, String name, String line, UnitSystem units, String said) {
        /**
         * The coop it is fitted with, as it was when the program was made.
         *
         * @param project of this example
         */
        public Coop coop(Project project) {
            try {
                Project.Chosen chosen = FitsJson.best(text(id + ".fits.json")).orElseThrow();
                Brief brief =
                        new Brief(project.builtNeeds(), project.keeper(), chosen.spec().addOns());
                return CoopBuilder.build(chosen.spec(), brief);
            } catch (InputException | Unbuildable e) {
                throw new IllegalStateException(id + " cannot be drawn", e);
            }
        }

        /**
         * The project it is.
         *
         * @param prices of the merchant for its units
         */
        public Project project(Function<UnitSystem, PriceBook> prices) {
            Tape tape = units == UnitSystem.INCHES ? Tape.INCH : Tape.METRIC;
            Project bare =
                    Project.start(
                            name, Keeper.with(tape), Flock.EMPTY, Heap.EMPTY, prices.apply(units));
            SayMany many = SayMany.read(said, bare);
            if (!many.unclear().isEmpty()) {
                throw new IllegalStateException(
                        id + ": " + many.unclear().getFirst().line() + " is not understood");
            }
            return many.edit().map(edit -> edit.change().apply(bare)).orElse(bare);
        }
    }

    /** All of them, in the order in which they are shown. */
    public static List<Example> all() {
        return text("index.txt").lines().filter(id -> !id.isBlank()).map(Examples::read).toList();
    }

    /** The one of this id, if there is one. */
    public static Optional<Example> find(String id) {
        return all().stream().filter(e -> e.id().equals(id)).findFirst();
    }

    private static Example read(String id) {
        List<String> lines = text(id + ".txt").lines().toList();
        int blank = lines.indexOf("");
        String said = lines.stream().skip(blank + 1L).collect(Collectors.joining("\n"));
        List<String> head = lines.subList(0, blank);
        return new Example(
                id,
                value("name", head),
                value("line", head),
                value("units", head).equals("inches") ? UnitSystem.INCHES : UnitSystem.MILLIMETRES,
                said);
    }

    private static String value(String key, List<String> head) {
        return head.stream()
                .filter(line -> line.startsWith(key + ": "))
                .map(line -> line.substring(key.length() + 2))
                .findFirst()
                .orElseThrow();
    }

    private static String text(String name) {
        try (InputStream in = Examples.class.getResourceAsStream(FOLDER + name)) {
            if (in == null) {
                throw new IllegalStateException(FOLDER + name + " is not shipped");
            }
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
