package reliqua.bench;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import reliqua.core.cutting.NativeSolver;
import reliqua.core.cutting.Progress;
import reliqua.core.fit.Candidate;
import reliqua.core.project.Design;
import reliqua.core.project.Project;
import reliqua.files.DemoProjects;
import reliqua.files.Examples;
import reliqua.standins.Climates;
import reliqua.standins.Merchants;

/**
 * Fits the demo projects a few times, each as the kind it asks for and then as any kind, and prints
 * the time to the first house and to the final.
 */
public final class FitBench {
    private static final int ROUNDS = 3;

    private FitBench() {}

    /** Entry point; no arguments. */
    public static void main(String[] args) throws Exception {
        NativeSolver.isLoaded();
        System.out.println(
                "| project | kinds | round | first house s | final s | to buy | still missing |");
        System.out.println("|---|---|---|---|---|---|---|");
        for (Project project :
                List.of(
                        DemoProjects.ternLane(Merchants::priceBook, new Climates()),
                        DemoProjects.kerrinRigg(Merchants::priceBook, new Climates()),
                        Examples.find("ferry-meadow")
                                .orElseThrow()
                                .project(Merchants::priceBook))) {
            rows(project, "its own");
            rows(project.seekingAny(), "any");
        }
    }

    private static void rows(Project project, String kinds) throws Exception {
        for (int round = 1; round <= ROUNDS; round++) {
            System.out.println(row(project, kinds, round));
        }
    }

    private static String row(Project project, String kinds, int round) throws Exception {
        long start = System.nanoTime();
        double[] first = {0};
        Design.Derived derived =
                Design.derive(
                        project,
                        Optional.empty(),
                        Progress.NONE,
                        _ -> first[0] = first[0] == 0 ? seconds(start) : first[0]);
        double all = seconds(start);
        Candidate best = derived.design().orElseThrow().candidate();
        return String.format(
                Locale.ENGLISH,
                "| %s | %s | %d | %.2f | %.2f | %.2f | %d |",
                project.name(),
                kinds,
                round,
                first[0],
                all,
                best.cost().amount(),
                best.plan().missing().size());
    }

    private static double seconds(long start) {
        return (System.nanoTime() - start) / 1e9;
    }
}
