package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.List;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.stream.IntStream;
import reliqua.core.measure.Money;

/**
 * Plans a job that is too large to be planned at once, in parts.
 *
 * <p>Steps: pieces and own things are dealt to parts as cards are, in the order of their sizes, so
 * that every part is a small image of the whole ({@link JobParts}); every part gets a quick plan,
 * which makes a first plan of the whole; then part by part is planned as a small job is, and the
 * better plan stays. Time grows with the number of parts. The bound is by length and area alone
 * ({@link SizeBound}) and holds for the whole job; how far the plan is from the best is therefore
 * seldom proven.
 */
final class LargeJob {
    /** Up to these sizes a job is planned at once: its plan is better, and in time. */
    private static final int MOST_PIECES = 2_000;

    private static final int MOST_KINDS = 200;
    private static final int MOST_PANELS = 200;

    private final CutJob job;
    private final CutPlanner.Settings settings;
    private final Progress progress;

    private LargeJob(CutJob job, CutPlanner.Settings settings, Progress progress) {
        this.job = job;
        this.settings = settings;
        this.progress = progress;
    }

    /** Whether a job is too large to be planned at once. */
    static boolean is(CutJob job) {
        return job.pieces().size() > MOST_KINDS
                || job.pieces().stream().mapToLong(WantedPiece::quantity).sum() > MOST_PIECES
                || job.panels().stream().mapToLong(WantedPanel::quantity).sum() > MOST_PANELS;
    }

    /** Plans it; when cancelled, with what is known by then. */
    static CutPlan plan(CutJob job, CutPlanner.Settings settings, Progress progress) {
        return new LargeJob(job, settings, progress).plan();
    }

    private CutPlan plan() {
        List<JobParts.Part> parts = JobParts.of(job);
        List<CutPlan> plans =
                parts.parallelStream()
                        .map(p -> at(CutPlanner.Settings.QUICK, p.job(), Progress.until(progress)))
                        .toList();
        if (!settings.isQuick()) {
            plans =
                    IntStream.range(0, parts.size()).boxed().toList().parallelStream()
                            .map(better(parts, plans))
                            .toList();
        }
        return gathered(parts, plans);
    }

    private java.util.function.Function<Integer, CutPlan> better(
            List<JobParts.Part> parts, List<CutPlan> plans) {
        int[] done = {0};
        return n -> {
            if (progress.cancelled()) {
                return plans.get(n);
            }
            CutPlan next = at(settings, parts.get(n).job(), Progress.until(progress));
            synchronized (done) {
                progress.report((double) ++done[0] / parts.size(), "");
            }
            return isBetter(next, plans.get(n)) ? next : plans.get(n);
        };
    }

    private static CutPlan at(CutPlanner.Settings settings, CutJob part, Progress progress) {
        return new CutPlanner(settings).planAtOnce(part, progress);
    }

    private static boolean isBetter(CutPlan a, CutPlan b) {
        int fewer = Integer.compare(unplaced(a), unplaced(b));
        return fewer != 0
                ? fewer < 0
                : a.cost().plus(a.work()).compareTo(b.cost().plus(b.work())) <= 0;
    }

    private static int unplaced(CutPlan plan) {
        return plan.unplaced().values().stream().mapToInt(Integer::intValue).sum();
    }

    private CutPlan gathered(List<JobParts.Part> parts, List<CutPlan> plans) {
        List<CutPlan.StickCut> sticks = new ArrayList<>();
        List<CutPlan.SheetCut> sheets = new ArrayList<>();
        SortedMap<String, Integer> unplaced = new TreeMap<>();
        Money cost = Money.ZERO;
        Money work = Money.ZERO;
        String remark = "";
        JobParts.Numbering numbers = new JobParts.Numbering();
        for (int n = 0; n < parts.size(); n++) {
            CutPlan plan = plans.get(n);
            numbers.begin(parts.get(n));
            plan.sticks().forEach(cut -> sticks.add(numbers.whole(cut)));
            plan.sheets().forEach(cut -> sheets.add(numbers.whole(cut)));
            plan.unplaced().forEach((id, count) -> unplaced.merge(id, count, Integer::sum));
            cost = cost.plus(plan.cost());
            work = work.plus(plan.work());
            remark = plan.remark().isEmpty() ? remark : plan.remark();
        }
        Money charge = cost.plus(work);
        Money bound = Money.min(charge, new SizeBound(job).value());
        CutPlan.Status status =
                unplaced.isEmpty() && bound.equals(charge)
                        ? CutPlan.Status.OPTIMAL
                        : CutPlan.Status.FEASIBLE;
        return new CutPlan(sticks, sheets, unplaced, cost, work, bound, status, remark);
    }
}
