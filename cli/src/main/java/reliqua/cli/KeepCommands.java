package reliqua.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import reliqua.core.check.WeakSpot;
import reliqua.core.cutting.Progress;
import reliqua.core.keep.Capacities;
import reliqua.core.keep.Due;
import reliqua.core.keep.Forecast;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Words;
import reliqua.core.project.Design;
import reliqua.core.project.Keeping;
import reliqua.core.project.PricedSpots;
import reliqua.core.project.Project;
import reliqua.core.project.SayEdit;
import reliqua.core.project.SayLog;
import reliqua.files.InputException;
import reliqua.files.KeepCalendar;
import reliqua.files.KeepPdf;
import reliqua.files.LogCsv;
import reliqua.standins.Forecasts;

/** Commands over a coop in use. */
final class KeepCommands {
    private static final int FORECAST_DAYS = 6;

    private KeepCommands() {}

    private static LocalDate day(@Nullable LocalDate given) {
        return given == null ? LocalDate.now() : given;
    }

    /** Writes one line into the logbook. */
    @Command(
            name = "log",
            description = "Writes a line into the logbook, as it is said.",
            mixinStandardHelpOptions = true)
    static final class Log implements java.util.concurrent.Callable<Integer> {
        @Parameters(index = "0", paramLabel = "PROJECT", description = "the project file")
        private Path project = Path.of("");

        @Parameters(
                index = "1",
                paramLabel = "LINE",
                description = "such as \"12 eggs, 2 cracked\"")
        private String line = "";

        @Option(names = "--today", paramLabel = "DAY", description = "in place of today")
        private @Nullable LocalDate today;

        @Spec private @Nullable CommandSpec spec;

        @Override
        public Integer call() throws IOException, InputException {
            PrintWriter out = java.util.Objects.requireNonNull(spec).commandLine().getOut();
            try (HeldProject held = HeldProject.take(project)) {
                Project loaded = held.load();
                switch (SayLog.read(line, loaded, day(today))) {
                    case SayEdit.Said.Change change -> {
                        held.save(change.edit().change().apply(loaded));
                        out.println(change.echo() + "  " + change.detail());
                    }
                    case SayEdit.Said.Unclear unclear ->
                            throw new InputException("\"" + line + "\": " + unclear.message());
                }
            }
            return 0;
        }
    }

    /** What the commands share that need the coop. */
    abstract static class OverCoop extends ProjectCommands.OverProject {
        @Option(names = "--today", paramLabel = "DAY", description = "in place of today")
        private @Nullable LocalDate today;

        Keeping keeping(Project loaded) throws InputException {
            List<Forecast> weather =
                    new Forecasts()
                            .next(
                                    loaded.site().climate(),
                                    loaded.site().southern(),
                                    day(today),
                                    FORECAST_DAYS);
            return Keeping.of(loaded, Optional.of(design(loaded)), day(today), weather);
        }
    }

    /** Prints where an animal may come in. */
    @Command(
            name = "audit",
            description = "Prints the weak places of the coop, and what mending each costs.",
            mixinStandardHelpOptions = true)
    static final class AuditCommand extends ProjectCommands.OverProject {
        @Override
        public Integer call() throws IOException, InputException {
            Project loaded = load();
            Design design = design(loaded);
            List<PricedSpots.Priced> prices = PricedSpots.of(loaded, design, Progress.NONE);
            Tape tape = loaded.keeper().tape();
            for (WeakSpot spot :
                    WeakSpot.of(design.candidate().coop(), loaded.site().predators())) {
                out().println(spot.grade() + "  " + spot.what().words(tape));
                out().println("    " + spot.mend().words(tape));
                prices.stream()
                        .filter(p -> p.spot().what().equals(spot.what()))
                        .forEach(p -> out().println("    " + line(p, tape)));
            }
            return 0;
        }

        private static String line(PricedSpots.Priced priced, Tape tape) {
            String what =
                    priced.what().stream()
                            .map(w -> w.words(tape))
                            .collect(Collectors.joining(", "));
            return what + ": " + (priced.missing() ? "not all to be had" : tape.say(priced.more()));
        }
    }

    /** Prints what is due. */
    @Command(
            name = "due",
            description = "Prints what is due at the coop, the most urgent first.",
            mixinStandardHelpOptions = true)
    static final class DueCommand extends OverCoop {
        @Override
        public Integer call() throws IOException, InputException {
            Project loaded = load();
            Keeping keeping = keeping(loaded);
            Tape tape = loaded.keeper().tape();
            for (Due due : keeping.dues()) {
                out().println(
                                due.day()
                                        + "  "
                                        + due.state()
                                        + "  "
                                        + Words.say("chore." + due.chore().id())
                                        + ", "
                                        + due.chore().minutes()
                                        + " min");
            }
            keeping.warnings()
                    .forEach(
                            w ->
                                    out().println(
                                                    w.day()
                                                            + "  "
                                                            + w.kind()
                                                            + "  "
                                                            + tape.word(w.figure())));
            return 0;
        }
    }

    /** Writes the year and the calendar. */
    @Command(
            name = "keep",
            description =
                    "Prints how long feed and water last; writes the year as PDF, table, calendar.",
            mixinStandardHelpOptions = true)
    static final class KeepCommand extends OverCoop {
        @Option(names = "--pdf", paramLabel = "FILE", description = "the year page")
        private @Nullable Path pdf;

        @Option(names = "--csv", paramLabel = "FILE", description = "the logbook as a table")
        private @Nullable Path csv;

        @Option(names = "--ics", paramLabel = "FILE", description = "the chores as a calendar")
        private @Nullable Path ics;

        @Override
        public Integer call() throws IOException, InputException {
            Project loaded = load();
            Keeping keeping = keeping(loaded);
            if (pdf != null) {
                Output.write(pdf, KeepPdf.write(loaded, keeping));
            }
            if (csv != null) {
                Output.write(csv, LogCsv.write(loaded.book().log()));
            }
            if (ics != null) {
                Output.write(
                        ics,
                        KeepCalendar.write(
                                loaded.name(), keeping.dues(), keeping.today().atStartOfDay()));
            }
            Capacities c = keeping.capacities();
            Tape tape = loaded.keeper().tape();
            out().println(
                            Words.say(
                                    "keep.line",
                                    tape.fine(c.feed()),
                                    tape.say(c.water()),
                                    c.feedDays(),
                                    c.waterDays(),
                                    c.daysAway()));
            return 0;
        }
    }
}
