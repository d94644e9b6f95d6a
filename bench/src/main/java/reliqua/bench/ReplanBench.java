package reliqua.bench;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.cutting.NativeSolver;
import reliqua.core.cutting.Progress;
import reliqua.core.cutting.Ticket;
import reliqua.core.cutting.WorkPlan;
import reliqua.core.measure.Length;
import reliqua.core.project.Design;
import reliqua.core.project.Project;
import reliqua.core.project.SawLog;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Stick;
import reliqua.files.DemoProjects;
import reliqua.standins.Climates;
import reliqua.standins.Merchants;

/**
 * How long a plan takes to be whole again after one change: a spoiled piece, a new board, a house a
 * little deeper (every rafter longer); how many of the tickets stay as they were; and how long
 * until it is known whether there is a better one. Of the demo projects, warm.
 */
public final class ReplanBench {
    private static final int CHANGES = 12;
    private static final int WARM = 3;

    private enum Change {
        SPOILED,
        BOARD,
        DEEPER
    }

    private record Run(Change change, double mended, double compared, double stayed) {}

    private ReplanBench() {}

    /** Entry point. */
    public static void main(String[] args) throws Unbuildable {
        NativeSolver.isLoaded();
        System.out.println(
                "| project | change | mended ms, median | longest | compared ms | stayed |");
        System.out.println("|---|---|---|---|---|---|");
        row(DemoProjects.ternLane(Merchants::priceBook, new Climates()));
        row(DemoProjects.kerrinRigg(Merchants::priceBook, new Climates()));
    }

    private static void row(Project project) throws Unbuildable {
        Design fitted =
                Design.derive(project, Optional.empty(), Progress.NONE, _ -> {})
                        .design()
                        .orElseThrow();
        Project settled = project.settledOn(fitted.candidate());
        for (Change change : Change.values()) {
            List<Run> runs = new ArrayList<>();
            for (int seed = 0; runs.size() < CHANGES + WARM; seed++) {
                run(settled, fitted.candidate().plan(), change, new Random(seed))
                        .ifPresent(runs::add);
            }
            runs.subList(0, WARM).clear();
            List<Double> mended = runs.stream().map(Run::mended).sorted().toList();
            System.out.printf(
                    Locale.ENGLISH,
                    "| %s | %s | %.0f | %.0f | %.0f | %.0f %% |%n",
                    project.name(),
                    change.name().toLowerCase(Locale.ROOT),
                    mended.get(mended.size() / 2),
                    mended.getLast(),
                    runs.stream().mapToDouble(Run::compared).sorted().toArray()[CHANGES / 2],
                    100 * runs.stream().mapToDouble(Run::stayed).average().orElse(0));
        }
    }

    /** Nothing where the house cannot be so much deeper. */
    private static Optional<Run> run(Project settled, WorkPlan plan, Change change, Random random) {
        Project changed = changed(settled, plan, change, random);
        long start = System.nanoTime();
        double[] first = {-1, 0};
        try {
            Design.derive(
                    changed,
                    Optional.of(plan),
                    Progress.NONE,
                    candidate -> {
                        first[0] = (System.nanoTime() - start) / 1e6;
                        first[1] = stayed(plan, candidate.plan());
                    });
        } catch (Unbuildable e) {
            return Optional.empty();
        }
        return Optional.of(new Run(change, first[0], (System.nanoTime() - start) / 1e6, first[1]));
    }

    private static Project changed(Project settled, WorkPlan plan, Change change, Random random) {
        List<Ticket> sticks =
                plan.tickets().stream().filter(t -> t.material() instanceof Stick).toList();
        Ticket ticket = sticks.get(random.nextInt(sticks.size()));
        return switch (change) {
            case SPOILED ->
                    SawLog.cut(
                            settled.begun(ticket, plan.seams()),
                            ticket,
                            Set.of(ticket.cuts().getFirst().marks()));
            case BOARD -> {
                Stick board =
                        Stick.sound(
                                ((Stick) ticket.material()).section(),
                                Length.mm(900 + random.nextInt(1500)));
                yield settled.adding(
                        List.of(new Lot(settled.freshId(board), 1, board, Lot.Provenance.UNKNOWN)));
            }
            case DEEPER -> {
                Project.Chosen was = settled.chosen().orElseThrow();
                Length depth = was.spec().depth().plus(Length.mm(random.nextInt(30) - 15));
                yield settled.withChosen(
                        Optional.of(new Project.Chosen(was.spec().with("depth", depth))));
            }
        };
    }

    /**
     * Share of the tickets of the plan before, other than those that were cut, that are the same.
     */
    private static double stayed(WorkPlan before, WorkPlan after) {
        Set<String> now = new HashSet<>();
        after.tickets().forEach(t -> now.add(words(t)));
        after.made().forEach(t -> now.add(words(t)));
        long same = before.tickets().stream().filter(t -> now.contains(words(t))).count();
        return (double) same / before.tickets().size();
    }

    private static String words(Ticket ticket) {
        return ticket.source() + ticket.cuts().stream().map(c -> c.marks() + c.x()).toList();
    }
}
