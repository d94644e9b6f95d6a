package reliqua.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.concurrent.Callable;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;
import reliqua.core.coop.family.CoopFamily;
import reliqua.core.coop.family.Families;
import reliqua.core.flock.BirdClass;
import reliqua.core.flock.Flock;
import reliqua.core.flock.Keeper;
import reliqua.core.measure.Tape;
import reliqua.core.measure.UnitSystem;
import reliqua.core.project.Project;
import reliqua.core.project.SayMany;
import reliqua.core.stock.Heap;
import reliqua.files.DemoProjects;
import reliqua.files.Examples;
import reliqua.files.HeapCsv;
import reliqua.files.InputException;
import reliqua.files.TextFile;
import reliqua.standins.Climates;
import reliqua.standins.Merchants;

/** Starts a project. */
@Command(
        name = "new",
        description = "Starts a project from birds and a heap.",
        mixinStandardHelpOptions = true)
final class NewCommand implements Callable<Integer> {
    private static final Pattern BIRDS = Pattern.compile("(\\d{1,3})\\s*x?\\s*([a-z]+)");

    @Option(names = "--birds", paramLabel = "12xstandard", description = "count x class, by commas")
    private String birds = "";

    @Option(names = "--heap", paramLabel = "HEAP.csv", description = "the heap as a table")
    private @Nullable Path heap;

    @Option(
            names = "--say",
            paramLabel = "LINES",
            description = "lines as said to the window: lots, site, keeper, kind of coop")
    private @Nullable Path said;

    @Option(names = "--units", paramLabel = "inches|millimetres", description = "the keeper's tape")
    private UnitSystem units = UnitSystem.INCHES;

    @Option(
            names = "--kind",
            paramLabel = "any|ID",
            description = "the kind of coop; any: what suits the heap best")
    private String kind = Project.ANY_KIND;

    @Option(names = "--name", description = "name of the project")
    private String name = "Coop";

    @Option(names = "--out", paramLabel = "PROJECT", description = "the project file to write")
    private @Nullable Path out;

    @Option(names = "--examples", description = "list the examples that ship, one a line")
    private boolean examples;

    @Option(names = "--example", paramLabel = "ID", description = "start from an example")
    private @Nullable String example;

    @Option(
            names = "--demo",
            paramLabel = "tern-lane|kerrin-rigg",
            description = "start from a demo project")
    private @Nullable String demo;

    @Spec private @Nullable CommandSpec spec;

    @Option(names = "--replace", description = "write over a project that is there already")
    private boolean replace;

    @Override
    public Integer call() throws IOException, InputException {
        if (examples) {
            PrintWriter list = Objects.requireNonNull(spec).commandLine().getOut();
            Examples.all().forEach(e -> list.println(e.id() + "  " + e.line()));
            return 0;
        }
        if (out == null) {
            throw new InputException("--out: give the project file to write");
        }
        Project project = project();
        Project told = said == null ? project : told(project, said);
        if (Files.exists(out) && !replace) {
            throw new InputException(
                    out + ": there is a file already; give another name, or --replace");
        }
        try (HeldProject held = HeldProject.take(out)) {
            held.save(told);
        }
        return 0;
    }

    private Project project() throws IOException, InputException {
        if (example != null) {
            String id = example;
            return Examples.find(id)
                    .orElseThrow(
                            () ->
                                    new InputException(
                                            "--example: there is no \""
                                                    + id
                                                    + "\"; new --examples lists them"))
                    .project(Merchants::priceBook);
        }
        if (demo != null) {
            return demo(demo);
        }
        return fromBirds();
    }

    private static Project demo(String id) throws InputException {
        return switch (id) {
            case "tern-lane" -> DemoProjects.ternLane(Merchants::priceBook, new Climates());
            case "kerrin-rigg" -> DemoProjects.kerrinRigg(Merchants::priceBook, new Climates());
            case "ferry-meadow" -> Examples.find(id).orElseThrow().project(Merchants::priceBook);
            default ->
                    throw new InputException(
                            "--demo: there is no \""
                                    + id
                                    + "\"; use tern-lane, kerrin-rigg or ferry-meadow");
        };
    }

    private Project fromBirds() throws IOException, InputException {
        if (name.isBlank()) {
            throw new InputException("--name: give the project a name");
        }
        if (birds.isBlank()) {
            throw new InputException(
                    "--birds: give the birds, as 12xstandard, or start from an --example");
        }
        Flock flock = Flock.hens(birds());
        Heap stock =
                heap == null
                        ? Heap.EMPTY
                        : HeapCsv.read(TextFile.read(heap), heap.toString(), units);
        Tape tape = units == UnitSystem.INCHES ? Tape.INCH : Tape.METRIC;
        Project started =
                Project.start(name, Keeper.with(tape), flock, stock, Merchants.priceBook(units));
        if (kind.equals(Project.ANY_KIND)) {
            return started.seekingAny();
        }
        return Families.find(kind)
                .map(started::seeking)
                .orElseThrow(
                        () ->
                                new InputException(
                                        "--kind: there is no \""
                                                + kind
                                                + "\"; use any, "
                                                + Families.all().stream()
                                                        .map(CoopFamily::id)
                                                        .collect(Collectors.joining(", "))));
    }

    private static Project told(Project project, Path file) throws IOException, InputException {
        SayMany many = SayMany.read(TextFile.read(file), project);
        if (!many.unclear().isEmpty()) {
            SayMany.Unclear first = many.unclear().getFirst();
            throw new InputException(
                    file + ": \"" + first.line() + "\" is unclear: " + first.message());
        }
        return many.edit().map(edit -> edit.change().apply(project)).orElse(project);
    }

    private Map<BirdClass, Integer> birds() throws InputException {
        Map<BirdClass, Integer> counts = new TreeMap<>();
        for (String part : birds.toLowerCase(Locale.ROOT).split(",")) {
            Matcher m = BIRDS.matcher(part.strip());
            if (!m.matches()) {
                throw new InputException(
                        "--birds: \"" + part.strip() + "\" is unclear; write 12xstandard,3xduck");
            }
            try {
                counts.merge(
                        BirdClass.valueOf(m.group(2).toUpperCase(Locale.ROOT)),
                        Integer.parseInt(m.group(1)),
                        Integer::sum);
            } catch (IllegalArgumentException e) {
                throw new InputException(
                        "--birds: \""
                                + m.group(2)
                                + "\" is no class of birds; use bantam, standard, large, meat or duck");
            }
        }
        if (counts.values().stream().anyMatch(n -> n < 1)
                || counts.values().stream().mapToInt(Integer::intValue).sum() > Flock.MOST_BIRDS) {
            throw new InputException("--birds: give between 1 and " + Flock.MOST_BIRDS + " birds");
        }
        return counts;
    }
}
