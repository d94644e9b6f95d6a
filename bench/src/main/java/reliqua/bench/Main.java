package reliqua.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
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
 * Plans every job of a folder after a warm-up and prints a table by kind of job: {@code bench
 * JOBS}.
 */
public final class Main {
    private record Run(String kind, boolean sheets, CutPlan plan, double byHand, double seconds) {}

    private Main() {}

    /** Entry point; the argument is a folder of cut jobs named kind-number.json. */
    public static void main(String[] args) throws IOException, InputException {
        NativeSolver.isLoaded();
        List<Run> runs = new ArrayList<>();
        for (int round = 0; round < 2; round++) {
            runs.clear();
            for (Path path : jobs(Path.of(args[0]))) {
                String text = Files.readString(path);
                if (text.contains("\"reliqua-cut-job\"")) {
                    runs.add(run(path, CutJobJson.read(text, path.toString())));
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

    private static Run run(Path path, CutJob job) {
        long start = System.nanoTime();
        CutPlan plan = new CutPlanner(CutPlanner.Settings.FULL).plan(job, Progress.NONE);
        double seconds = (System.nanoTime() - start) / 1e9;
        String kind = String.valueOf(path.getFileName()).replaceAll("-\\d+\\.json$", "");
        return new Run(kind, job.pieces().isEmpty(), plan, ByHand.cost(job).amount(), seconds);
    }

    private static void print(List<Run> runs) {
        Map<String, List<Run>> byKind = new TreeMap<>();
        runs.forEach(r -> byKind.computeIfAbsent(r.kind(), _ -> new ArrayList<>()).add(r));
        System.out.println(
                "| jobs | number | by hand | planned | bound | proven | median s | longest s |");
        System.out.println("|---|---|---|---|---|---|---|---|");
        byKind.forEach((kind, list) -> System.out.println(row(kind, list)));
    }

    private static String row(String kind, List<Run> list) {
        List<Double> times = list.stream().map(Run::seconds).sorted().toList();
        long proven =
                list.stream().filter(r -> r.plan().status() == CutPlan.Status.OPTIMAL).count();
        String hand =
                list.getFirst().sheets() ? "-" : two(list.stream().mapToDouble(Run::byHand).sum());
        return String.join(
                " | ",
                "| " + kind,
                list.size() + "",
                hand,
                two(list.stream().mapToDouble(r -> r.plan().cost().amount()).sum()),
                two(list.stream().mapToDouble(r -> r.plan().lowerBound().amount()).sum()),
                proven + "",
                String.format(Locale.ENGLISH, "%.3f", times.get(times.size() / 2)),
                String.format(Locale.ENGLISH, "%.3f |", times.getLast()));
    }

    private static String two(double value) {
        return String.format(Locale.ENGLISH, "%.2f", value);
    }
}
