package reliqua.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.concurrent.Callable;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import reliqua.core.cutting.CutJob;
import reliqua.core.cutting.CutPlan;
import reliqua.core.cutting.CutPlanner;
import reliqua.core.cutting.NativeSolver;
import reliqua.files.CutJobJson;
import reliqua.files.CutPlanJson;
import reliqua.files.InputException;
import reliqua.files.TextFile;

/** Plans one cut job, or every job of a folder. */
@Command(
        name = "plan",
        description = "Plans a cut job, or with --batch all jobs of a folder.",
        mixinStandardHelpOptions = true)
final class PlanCommand implements Callable<Integer> {
    @Parameters(arity = "0..1", paramLabel = "JOB", description = "the cut job, JSON")
    private @Nullable Path job;

    @Option(
            names = "--batch",
            paramLabel = "DIR",
            description = "plan every *.json job in this folder")
    private @Nullable Path batch;

    @Option(
            names = "--out",
            paramLabel = "PLAN",
            required = true,
            description = "the plan, or with --batch a folder")
    private Path out = Path.of("");

    @Option(
            names = "--seconds",
            paramLabel = "N",
            description = "stop with the best so far after so long, for each job")
    private double seconds = Double.POSITIVE_INFINITY;

    @Spec private @Nullable CommandSpec spec;

    @Override
    public Integer call() throws IOException, InputException {
        if ((job == null) == (batch == null)) {
            throw new ParameterException(
                    java.util.Objects.requireNonNull(spec).commandLine(),
                    "Give either a JOB or --batch DIR.");
        }
        if (job != null) {
            CutJob read = CutJobJson.read(TextFile.read(job), job.toString());
            Output.write(out, CutPlanJson.write(plan(read), OptionalDouble.empty()));
            return 0;
        }
        return planAll(Optional.ofNullable(batch).orElseThrow());
    }

    private int planAll(Path folder) throws IOException, InputException {
        List<String> faults = new ArrayList<>();
        Files.createDirectories(out);
        NativeSolver.isLoaded();
        for (Path path : jobs(folder)) {
            String text = TextFile.read(path);
            if (!text.contains("\"reliqua-cut-job\"")) {
                continue;
            }
            try {
                CutJob read = CutJobJson.read(text, path.toString());
                long start = System.nanoTime();
                CutPlan plan = plan(read);
                double seconds = (System.nanoTime() - start) / 1e9;
                Path target = out.resolve(path.getFileName());
                Output.write(target, CutPlanJson.write(plan, OptionalDouble.of(seconds)));
            } catch (InputException e) {
                faults.addAll(e.faults());
            }
        }
        if (!faults.isEmpty()) {
            throw new InputException(faults);
        }
        return 0;
    }

    private static List<Path> jobs(Path folder) throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(p -> p.toString().endsWith(".json")).sorted().toList();
        }
    }

    private CutPlan plan(CutJob job) throws InputException {
        return new CutPlanner(CutPlanner.Settings.FULL).plan(job, Deadline.in(seconds));
    }
}
