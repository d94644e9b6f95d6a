package reliqua.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.stream.Stream;
import reliqua.core.cutting.CutJob;
import reliqua.core.cutting.CutPlanner;
import reliqua.core.cutting.NativeSolver;
import reliqua.core.cutting.Progress;
import reliqua.files.CutJobJson;
import reliqua.files.InputException;

/** Cancels the planning of every job of a folder at a random moment and times until it answers. */
public final class CancelBench {
    private static final int LATEST = 400;
    private static final int ROUNDS = 3;

    private CancelBench() {}

    /** Entry point; the argument is a folder of cut jobs. */
    public static void main(String[] args) throws IOException, InputException {
        NativeSolver.isLoaded();
        Random random = new Random(3);
        List<Double> waits = new ArrayList<>();
        for (int round = 0; round <= ROUNDS; round++) {
            for (CutJob job : jobs(Path.of(args[1]))) {
                double wait = wait(job, random.nextInt(LATEST));
                if (round > 0 && wait >= 0) {
                    waits.add(wait);
                }
            }
        }
        waits.sort(null);
        System.out.printf(
                Locale.ENGLISH,
                "%d plans cancelled: answered after %.0f ms in the middle, %.0f ms in 95 of 100, %.0f ms at most%n",
                waits.size(),
                waits.get(waits.size() / 2),
                waits.get(waits.size() * 95 / 100),
                waits.getLast());
    }

    private static List<CutJob> jobs(Path folder) throws IOException, InputException {
        List<CutJob> jobs = new ArrayList<>();
        try (Stream<Path> files = Files.list(folder)) {
            for (Path path : files.filter(p -> p.toString().endsWith(".json")).sorted().toList()) {
                String text = Files.readString(path);
                if (text.contains("\"reliqua-cut-job\"")) {
                    jobs.add(CutJobJson.read(text, path.toString()));
                }
            }
        }
        return jobs;
    }

    /** Milliseconds from the cancellation to the answer; negative when it came before. */
    private static double wait(CutJob job, int after) {
        long cancelAt = System.nanoTime() + after * 1_000_000L;
        Progress progress =
                new Progress() {
                    @Override
                    public void report(double share, String words) {}

                    @Override
                    public boolean cancelled() {
                        return System.nanoTime() > cancelAt;
                    }
                };
        new CutPlanner(CutPlanner.Settings.FULL).plan(job, progress);
        return (System.nanoTime() - cancelAt) / 1e6;
    }
}
