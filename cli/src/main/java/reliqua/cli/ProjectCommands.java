package reliqua.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import reliqua.core.check.Finding;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.cutting.Progress;
import reliqua.core.fit.Candidate;
import reliqua.core.fit.FitResult;
import reliqua.core.fit.Fitter;
import reliqua.core.measure.Sum;
import reliqua.core.measure.Tape;
import reliqua.core.project.Design;
import reliqua.core.project.Kinds;
import reliqua.core.project.PlanReview;
import reliqua.core.project.Project;
import reliqua.core.project.Shopping;
import reliqua.core.stock.Lot;
import reliqua.core.stock.PriceBook;
import reliqua.files.Exports;
import reliqua.files.FinishedPdf;
import reliqua.files.FitsJson;
import reliqua.files.HeapCsv;
import reliqua.files.InputException;
import reliqua.files.ModelObj;
import reliqua.files.NeedsJson;
import reliqua.files.NeedsText;
import reliqua.files.PacketPdf;
import reliqua.files.PlanCsv;
import reliqua.files.PocketPdf;
import reliqua.files.PriceCsv;
import reliqua.files.ProjectFile;
import reliqua.files.TableImport;
import reliqua.files.TemplatesPdf;
import reliqua.files.TextFile;
import reliqua.files.WorkCalendar;

/** Commands over a project file. */
final class ProjectCommands {
    private ProjectCommands() {}

    /** What all of them share: the project, and where to print. */
    abstract static class OverProject implements Callable<Integer> {
        @Parameters(paramLabel = "PROJECT", description = "the project file")
        private Path project = Path.of("");

        @Spec private @Nullable CommandSpec spec;

        PrintWriter out() {
            return java.util.Objects.requireNonNull(spec).commandLine().getOut();
        }

        Path path() {
            return project;
        }

        /** What there is of a project; what is missing is told. */
        Project load() throws IOException, InputException {
            ProjectFile.Opened opened = ProjectFile.open(project);
            opened.missing().forEach(line -> err().println(project + ": damaged: " + line));
            return opened.project();
        }

        private PrintWriter err() {
            return java.util.Objects.requireNonNull(spec).commandLine().getErr();
        }

        Design design(Project loaded) throws InputException {
            try {
                Design.Derived derived =
                        Design.derive(loaded, java.util.Optional.empty(), Progress.NONE, _ -> {});
                return derived.design().orElseThrow(() -> none(derived.obstacle(), loaded));
            } catch (Unbuildable e) {
                throw new InputException(project + ": " + e.reason().words(loaded.keeper().tape()));
            }
        }

        /** No house: the commonest reason says what to change. */
        InputException none(Optional<Sum> obstacle, Project loaded) {
            String why = obstacle.map(o -> o.words(loaded.keeper().tape())).orElse("");
            return new InputException(project + ": no house could be drawn up. " + why);
        }
    }

    /** Prints the needs. */
    @Command(
            name = "needs",
            description = "Prints what the flock needs.",
            mixinStandardHelpOptions = true)
    static final class Needs extends OverProject {
        @Option(names = "--json", description = "as JSON, lengths in mm and areas in m2")
        private boolean json;

        @Override
        public Integer call() throws IOException, InputException {
            Project loaded = load();
            out().print(json ? Output.ascii(NeedsJson.write(loaded)) : NeedsText.write(loaded));
            out().flush();
            return 0;
        }
    }

    /** Fits a house to the heap. */
    @Command(
            name = "fit",
            description = "Fits a house to the heap.",
            mixinStandardHelpOptions = true)
    static final class Fit extends OverProject {
        @Option(
                names = "--out",
                required = true,
                paramLabel = "DIR",
                description = "folder for drawings and tables")
        private Path folder = Path.of("");

        @Option(
                names = "--seconds",
                paramLabel = "N",
                description = "stop with the best so far after so long")
        private double seconds = Double.POSITIVE_INFINITY;

        @Option(names = "--seed", paramLabel = "N", description = "same seed, same answer")
        private long seed = 1;

        @Option(
                names = "--settle",
                description = "settle on the best house: it is kept in the project")
        private boolean settle;

        @Override
        public Integer call() throws IOException, InputException {
            Deadline deadline = Deadline.in(seconds);
            if (!settle) {
                Project loaded = load();
                fit(loaded, deadline);
                return 0;
            }
            try (HeldProject held = HeldProject.take(path())) {
                Project loaded = held.load();
                held.save(loaded.settledOn(fit(loaded, deadline)));
            }
            return 0;
        }

        private Candidate fit(Project loaded, Progress deadline)
                throws IOException, InputException {
            FitResult result = result(loaded, deadline);
            Candidate best = result.best().orElseThrow(() -> none(result.obstacle(), loaded));
            write(folder, Exports.all(loaded, Design.of(best, loaded), LocalDate.now()));
            Tape tape = loaded.keeper().tape();
            Output.write(folder.resolve("fits.json"), FitsJson.write(result, tape));
            out().println("best " + describe(best, tape));
            result.others().forEach(c -> out().println("else " + describe(c, tape)));
            result.standard().ifPresent(c -> out().println("unfitted " + describe(c, tape)));
            out().println(result.tried() + " houses tried, " + result.skipped() + " ruled out");
            return best;
        }

        private FitResult result(Project loaded, Progress deadline) throws InputException {
            if (!loaded.anyKind()) {
                return Fitter.fit(loaded.fitRequest().seeded(seed), deadline, _ -> {});
            }
            Design.Derived any = Kinds.search(loaded, seed, deadline, _ -> {});
            return any.search()
                    .map(Design.Search::fit)
                    .orElseThrow(() -> none(any.obstacle(), loaded));
        }

        private static String describe(Candidate c, Tape tape) {
            return c.spec().family()
                    + " "
                    + tape.say(c.spec().width())
                    + " x "
                    + tape.say(c.spec().depth())
                    + ": cuts cost "
                    + tape.say(c.cost())
                    + ", bound "
                    + tape.say(c.plan().lowerBound())
                    + ", faults "
                    + c.faults()
                    + ", missing "
                    + c.plan().missing().size();
        }
    }

    /** Fits every kind of coop and prints what each would cost. */
    @Command(
            name = "kinds",
            description = "Fits every kind of coop to the heap and prints each with its bill.",
            mixinStandardHelpOptions = true)
    static final class KindsCommand extends OverProject {
        @Option(
                names = "--seconds",
                paramLabel = "N",
                description = "stop after so long with what is fitted by then")
        private double seconds = Double.POSITIVE_INFINITY;

        @Override
        public Integer call() throws IOException, InputException {
            Project loaded = load();
            Tape tape = loaded.keeper().tape();
            Kinds.compare(loaded, Deadline.in(seconds), _ -> {})
                    .forEach(outcome -> out().println(line(outcome, tape)));
            return 0;
        }

        private static String line(Kinds.Outcome outcome, Tape tape) {
            String id = outcome.family().id();
            if (outcome.design().isEmpty()) {
                return id + ": none" + outcome.obstacle().map(o -> ", " + o.words(tape)).orElse("");
            }
            Candidate c = outcome.design().get().candidate();
            return id
                    + ": bill "
                    + tape.say(outcome.bill().orElseThrow())
                    + ", "
                    + tape.say(c.spec().width())
                    + " x "
                    + tape.say(c.spec().depth())
                    + ", "
                    + tape.say(c.coop().measures().weight())
                    + ", faults "
                    + c.faults()
                    + ", missing "
                    + c.plan().missing().size();
        }
    }

    /** Prints the findings. */
    @Command(
            name = "check",
            description = "Prints what the rules find.",
            mixinStandardHelpOptions = true)
    static final class Check extends OverProject {
        @Override
        public Integer call() throws IOException, InputException {
            Project loaded = load();
            Design design = design(loaded);
            for (Finding finding : design.candidate().findings()) {
                out().println(
                                finding.severity()
                                        + "  "
                                        + finding.rule()
                                        + "  "
                                        + finding.sum().words(loaded.keeper().tape()));
            }
            return 0;
        }
    }

    /** What can be printed. */
    enum Paper {
        packet,
        pocket,
        templates,
        coop
    }

    /** Writes something to be printed. */
    @Command(
            name = "report",
            description =
                    "Writes the printed packet, the card for the pocket, templates at full size or the"
                            + " page of the coop as it was built.",
            mixinStandardHelpOptions = true)
    static final class Report extends OverProject {
        @Option(
                names = "--what",
                paramLabel = "packet|pocket|templates|coop",
                defaultValue = "packet",
                description = "which; the packet if not said")
        private Paper what = Paper.packet;

        @Option(
                names = "--only",
                paramLabel = "CHAPTER",
                split = ",",
                description = "of the packet only ${COMPLETION-CANDIDATES}; several with commas")
        private Set<PacketPdf.Chapter> only = EnumSet.allOf(PacketPdf.Chapter.class);

        @Option(
                names = "--pdf",
                required = true,
                paramLabel = "FILE",
                description = "the PDF to write")
        private Path pdf = Path.of("");

        @Override
        public Integer call() throws IOException, InputException {
            Project loaded = load();
            Design design = design(loaded);
            Output.write(
                    pdf,
                    switch (what) {
                        case packet ->
                                PacketPdf.write(
                                        loaded, design, PlanReview.of(loaded, design), only);
                        case pocket ->
                                PocketPdf.write(loaded, design, PlanReview.of(loaded, design));
                        case templates -> TemplatesPdf.write(loaded, design);
                        case coop -> FinishedPdf.write(loaded, design);
                    });
            return 0;
        }
    }

    /** What can be exported. */
    enum What {
        heap,
        prices,
        pieces,
        buy,
        cuts,
        drawings,
        all,
        model,
        list,
        build,
        friend
    }

    /** Writes one thing. */
    @Command(
            name = "export",
            description =
                    "Writes heap, pieces, buy, cuts, drawings, the model in space, the list for the"
                            + " pocket, the calendar of the build, the design for a friend's heap, or"
                            + " all of it.",
            mixinStandardHelpOptions = true)
    static final class Export extends OverProject {
        @Option(
                names = "--what",
                required = true,
                paramLabel = "heap|pieces|buy|cuts|drawings|all|model|list|build|friend",
                description = "what")
        private What what = What.heap;

        @Option(
                names = "--out",
                required = true,
                paramLabel = "FILE",
                description = "file, or folder for drawings and all")
        private Path target = Path.of("");

        @Override
        public Integer call() throws IOException, InputException {
            Project loaded = load();
            if (what == What.heap) {
                Output.write(target, HeapCsv.write(loaded.heap()));
                return 0;
            }
            if (what == What.prices) {
                Output.write(target, PriceCsv.write(loaded.prices()));
                return 0;
            }
            Design design = design(loaded);
            Tape tape = loaded.keeper().tape();
            switch (what) {
                case pieces ->
                        Output.write(
                                target,
                                PlanCsv.pieces(
                                        design.candidate().coop(),
                                        design.candidate().plan(),
                                        tape));
                case buy -> Output.write(target, PlanCsv.bill(design.bill()));
                case cuts -> Output.write(target, PlanCsv.cuts(design.candidate().plan(), tape));
                case list -> Output.write(target, Shopping.text(design, tape));
                case build ->
                        Output.write(
                                target,
                                WorkCalendar.write(
                                        loaded.name(),
                                        design.schedule(loaded, LocalDate.now()),
                                        LocalDateTime.now()));
                case model -> model(target, design);
                case all -> write(target, Exports.all(loaded, design, LocalDate.now()));
                case friend -> write(target, Exports.friend(loaded, design));
                default -> write(target, Exports.drawings(design, tape));
            }
            return 0;
        }
    }

    /** The model, and its colours in a file of the same name beside it. */
    private static void model(Path target, Design design) throws IOException {
        String name = String.valueOf(target.getFileName()).replaceAll("\\.[^.]*$", "") + ".mtl";
        Output.write(target, ModelObj.write(design.candidate().coop(), name));
        Output.write(target.resolveSibling(name), ModelObj.materials());
    }

    /** Adds a heap. */
    @Command(
            name = "import",
            description = "Adds the lots of a table to a project.",
            mixinStandardHelpOptions = true)
    static final class Import implements Callable<Integer> {
        @Parameters(paramLabel = "HEAP.csv", description = "the table")
        private Path table = Path.of("");

        @Option(
                names = "--into",
                required = true,
                paramLabel = "PROJECT",
                description = "the project file")
        private Path project = Path.of("");

        @Option(
                names = "--prices",
                description = "the table is a price book; it takes the place of the present one")
        private boolean prices;

        @Spec private @Nullable CommandSpec spec;

        @Override
        public Integer call() throws IOException, InputException {
            try (HeldProject held = HeldProject.take(project)) {
                Project loaded = held.load();
                String text = TextFile.read(table);
                held.save(
                        prices
                                ? loaded.withPrices(prices(text, loaded))
                                : loaded.adding(lots(text, loaded.keeper().tape())));
            }
            return 0;
        }

        private PriceBook prices(String text, Project loaded) throws InputException {
            return PriceCsv.read(
                    text,
                    table.toString(),
                    loaded.keeper().tape().system(),
                    loaded.prices().merchant());
        }

        /** Of a heap table as it is written here, or of anybody's whose every line is clear. */
        private List<Lot> lots(String text, Tape tape) throws InputException {
            String name = table.toString();
            if (PriceCsv.isPrices(text)) {
                throw new InputException(
                        name + ": this is a price book, not a heap; read it with --prices");
            }
            if (HeapCsv.isHeap(text)) {
                return HeapCsv.read(text, name, tape.system()).lots();
            }
            TableImport lists = TableImport.read(text, name);
            PrintWriter err = java.util.Objects.requireNonNull(spec).commandLine().getErr();
            lists.leftOut(lists.guess())
                    .forEach(
                            column ->
                                    err.println(
                                            name
                                                    + ": column \""
                                                    + column
                                                    + "\" is not understood and left out"));
            List<TableImport.Line> lines = lists.lines(lists.guess(), tape);
            List<String> faults =
                    lines.stream()
                            .filter(l -> l.lot().isEmpty())
                            .map(l -> name + ", line " + l.number() + ": " + l.fault())
                            .toList();
            if (!faults.isEmpty()) {
                throw new InputException(faults);
            }
            return lines.stream().flatMap(l -> l.lot().stream()).toList();
        }
    }

    private static void write(Path folder, Map<String, byte[]> files) throws IOException {
        Files.createDirectories(folder);
        for (Map.Entry<String, byte[]> file : files.entrySet()) {
            Output.write(folder.resolve(file.getKey()), file.getValue());
        }
    }
}
