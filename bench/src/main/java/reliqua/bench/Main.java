package reliqua.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.stream.Stream;
import reliqua.core.cutting.CutJob;
import reliqua.core.cutting.CutPlan;
import reliqua.core.cutting.CutPlanner;
import reliqua.core.cutting.NativeSolver;
import reliqua.core.cutting.Progress;
import reliqua.files.CutJobJson;
import reliqua.files.InputException;

/**
 * Plans every job of a folder after a warm-up and prints a table by kind of job, beside what a
 * careful person gets and, when seconds are given, what one plain model gets: {@code bench JOBS
 * [SECONDS]}. In place of a folder {@code fresh} makes new jobs, of the clock's seed or of {@code
 * fresh=SEED}.
 */
public final class Main {
    private record Run(
            String kind, CutPlan plan, double byHand, OptionalDouble plain, double seconds) {}

    private static final String FRESH = "fresh";

    private Main() {}

    /** Entry point; the argument is a folder of cut jobs named kind-number.json. */
    public static void main(String[] args) throws IOException, InputException {
        NativeSolver.isLoaded();
        Path folder = args[0].startsWith(FRESH) ? fresh(args[0]) : Path.of(args[0]);
        double plain = args.length > 1 ? Double.parseDouble(args[1]) : 0;
        List<Run> runs = new ArrayList<>();
        for (int round = 0; round < 2; round++) {
            runs.clear();
            for (Path path : jobs(folder)) {
                String text = Files.readString(path);
                if (text.contains("\"reliqua-cut-job\"")) {
                    CutJob job = CutJobJson.read(text, path.toString());
                    runs.add(run(path, job, round == 0 ? 0 : plain));
                }
            }
        }
        print(runs);
    }

    private static List<Path> jobs(Path folder) throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(p -> p.toString().endsWith(".json")).sorted().toList();
        }
    }

    private static Run run(Path path, CutJob job, double plainSeconds) {
        long start = System.nanoTime();
        CutPlan plan = new CutPlanner(CutPlanner.Settings.FULL).plan(job, Progress.NONE);
        double seconds = (System.nanoTime() - start) / 1e9;
        String kind = String.valueOf(path.getFileName()).replaceAll("-\\d+\\.json$", "");
        boolean sheets = job.pieces().isEmpty();
        OptionalDouble plain =
                sheets || plainSeconds == 0
                        ? OptionalDouble.empty()
                        : PlainModel.cost(job, plainSeconds);
        double byHand = (sheets ? Shelves.cost(job) : ByHand.cost(job)).amount();
        return new Run(kind, plan, byHand, plain, seconds);
    }

    private static void print(List<Run> runs) {
        Map<String, List<Run>> byKind = new TreeMap<>();
        runs.forEach(r -> byKind.computeIfAbsent(r.kind(), _ -> new ArrayList<>()).add(r));
        System.out.println(
                "| jobs | number | by hand | plain model | planned | bound | proven | median s | longest s |");
        System.out.println("|---|---|---|---|---|---|---|---|---|");
        byKind.forEach((kind, list) -> System.out.println(row(kind, list)));
    }

    private static String row(String kind, List<Run> list) {
        List<Double> times = list.stream().map(Run::seconds).sorted().toList();
        long proven =
                list.stream().filter(r -> r.plan().status() == CutPlan.Status.OPTIMAL).count();
        String hand = two(list.stream().mapToDouble(Run::byHand).sum());
        return String.join(
                " | ",
                "| " + kind,
                list.size() + "",
                hand,
                plain(list),
                two(list.stream().mapToDouble(r -> r.plan().cost().amount()).sum()),
                two(list.stream().mapToDouble(r -> r.plan().lowerBound().amount()).sum()),
                proven + "",
                String.format(Locale.ENGLISH, "%.3f", times.get(times.size() / 2)),
                String.format(Locale.ENGLISH, "%.3f |", times.getLast()));
    }

    /** The sum of what it found; a dash where it was not asked or found nothing for some job. */
    private static String plain(List<Run> list) {
        return list.stream().allMatch(r -> r.plain().isPresent())
                ? two(list.stream().mapToDouble(r -> r.plain().getAsDouble()).sum())
                : "-";
    }

    private static Path fresh(String asked) throws IOException {
        long seed =
                asked.equals(FRESH)
                        ? System.currentTimeMillis() % 1_000_000
                        : Long.parseLong(asked.substring(FRESH.length() + 1));
        System.out.println("fresh jobs of seed " + seed);
        return new FreshJobs(seed).write();
    }

    private static String two(double value) {
        return String.format(Locale.ENGLISH, "%.2f", value);
    }
}
