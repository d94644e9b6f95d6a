package reliqua.core.cutting;

import java.util.List;
import java.util.Optional;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;

/**
 * Plans sticks that belong together: heuristics for a first plan, column generation for a proven
 * bound, diving and an integer program for the plan, in that order and only as far as needed.
 * Deterministic for a seed.
 */
final class StickPlanner {
    private static final int DIVES = 3;
    private static final int MOST_PATTERNS = 5_000;

    /** So many a unit of the solver's effort. */
    private static final double PATTERNS = 12_500;

    /** Listing what leaves nothing over takes no longer than this is worth. */
    private static final long FEW_STEPS = 500_000;

    /** Share of the integer solver's effort that goes to the patterns known so far. */
    private static final double SOME = 0.2;

    /** Share that goes to a glance at the known ones in between. */
    private static final double GLANCE = 0.02;

    private final StickProblem problem;
    private final CutPlanner.Settings settings;
    private final PossibleBills bills;
    private final RandomGenerator random;
    private final Filler filler;

    /** What was found and what is proven, in millionths. */
    record Result(Packing packing, double bound, boolean proven) {}

    StickPlanner(StickProblem problem, CutPlanner.Settings settings) {
        this.problem = problem;
        this.settings = settings;
        this.random = RandomGeneratorFactory.of("L64X128MixRandom").create(settings.seed());
        this.filler = new Filler(problem, random);
        this.bills =
                new PossibleBills(
                        problem.bins().stream().mapToLong(StickProblem.BinType::charge).toArray());
    }

    Result plan(Progress progress) {
        Packing best =
                filler.best(proven() ? rounds() : 2, problem.demands(), problem.copies(), progress);
        double bound = 0;
        if (!closed(best, bound) && proven() && NativeSolver.isLoaded()) {
            return withSolver(best, progress);
        }
        return new Result(best, bound, closed(best, bound));
    }

    private boolean proven() {
        return settings.sticks() == CutPlanner.StickEffort.PROVEN;
    }

    /** A linear program over more takes too long for what it is worth. */
    private int mostPatterns() {
        return (int) Math.min(MOST_PATTERNS, PATTERNS * settings.solverEffort());
    }

    /** Many kinds make a round slow, and help the solver more than the heuristic. */
    private int rounds() {
        return problem.size() > 50 ? 4 : 14;
    }

    /**
     * Nothing better exists: the cost meets the bound, and what is missing cannot be held by any
     * stick.
     */
    private boolean closed(Packing best, double bound) {
        return best.charge(problem) <= rounded(bound) && onlyImpossibleMissing(best);
    }

    private boolean onlyImpossibleMissing(Packing packing) {
        for (int i = 0; i < packing.missing().length; i++) {
            if (packing.missing()[i] > 0 && problem.possible(i)) {
                return false;
            }
        }
        return true;
    }

    private double rounded(double bound) {
        return bills.atLeast(bound);
    }

    private Result withSolver(Packing filled, Progress progress) {
        Packing first = withoutBuying(filled, progress);
        if (closed(first, 0)) {
            return new Result(first, 0, true);
        }
        Proof proof = new Proof();
        try (ColumnGeneration master = new ColumnGeneration(problem, proof.shortage)) {
            first.patterns().forEach(master::add);
            proof.total = master.solve(progress);
            Packing best = leastWork(master, search(master, first, proof, progress), progress);
            return new Result(
                    best, Math.min(best.charge(problem), proof.bound(best)), proof.closes(best));
        }
    }

    private Packing search(ColumnGeneration master, Packing first, Proof proof, Progress progress) {
        Packing best = first;
        Dive dive = new Dive(problem, filler, random);
        double[] duals = master.bestDuals();
        for (int n = 0; n < DIVES && !proof.closes(best) && !progress.cancelled(); n++) {
            if (n > 0) {
                master.reset();
                master.solve(progress);
            }
            Packing dived = dive.run(master, n == 0 ? 0 : 0.4, progress);
            best = better(best, dived);
            dived.patterns().forEach(master::add);
            if (n < 2) {
                best = proveOrImprove(master, best, proof, duals, progress);
            }
        }
        return best;
    }

    /**
     * First the cheapest of the patterns known so far, which takes little and narrows what has to
     * be listed, then all that could be cheaper still. While more is missing than must be, fewer
     * missing is what is sought.
     */
    private Packing proveOrImprove(
            ColumnGeneration master,
            Packing first,
            Proof proof,
            double[] duals,
            Progress progress) {
        if (proof.closes(first) || progress.cancelled()) {
            return first;
        }
        if (!proof.fewestMissing(first)) {
            return improved(master, first, progress);
        }
        Packing best = ofKnown(master.patterns(), first, progress);
        return proof.closes(best) || progress.cancelled()
                ? best
                : exhausted(best, proof, duals, progress);
    }

    private Packing ofKnown(List<Pattern> patterns, Packing best, Progress progress) {
        long ceiling = bills.below(best.charge(problem));
        return new CheapestChoice(problem, bills.step(), progress)
                .within(
                        ceiling,
                        List.copyOf(patterns),
                        best.unplaced(),
                        GLANCE * settings.solverEffort())
                .found()
                .map(found -> better(best, found))
                .orElse(best);
    }

    /** The same charge with less work beforehand, less wood lost, fewer things opened. */
    private Packing leastWork(ColumnGeneration master, Packing best, Progress progress) {
        return problem.hasChoiceOfWork() && !progress.cancelled()
                ? improved(master, best, progress)
                : best;
    }

    private Packing improved(ColumnGeneration master, Packing best, Progress progress) {
        return new IntegerMaster(problem, bills.step(), progress)
                .improve(List.copyOf(master.patterns()), best, SOME * settings.solverEffort())
                .orElse(best);
    }

    /**
     * Tries all patterns that a cheaper plan could use; either finds the cheapest, or proves there
     * is none, or gives up.
     */
    private Packing exhausted(Packing best, Proof proof, double[] duals, Progress progress) {
        if (proof.tried(best)) {
            return best;
        }
        long ceiling = bills.below(best.charge(problem));
        Optional<List<Pattern>> patterns = candidates(proof, best, ceiling, duals, progress);
        if (patterns.isEmpty()) {
            return best;
        }
        CheapestChoice.Outcome outcome =
                new CheapestChoice(problem, bills.step(), progress)
                        .within(ceiling, patterns.get(), best.unplaced(), settings.solverEffort());
        proof.exhausted = outcome.exhausted() && problem.complete();
        return outcome.found().map(found -> better(best, found)).orElse(best);
    }

    private Optional<List<Pattern>> candidates(
            Proof proof, Packing best, long ceiling, double[] duals, Progress progress) {
        double total = ceiling + (double) proof.shortage * best.unplaced();
        return PatternEnumeration.reaching(
                problem, duals, total, ceiling, mostPatterns(), progress);
    }

    /**
     * Tries the patterns that leave nothing over, where the heap has length enough to do without
     * buying. That proves nothing: with length to spare other patterns serve as well.
     */
    private Packing withoutBuying(Packing first, Progress progress) {
        Pricing.Prices byLength = new Pricing(problem).price(lengthDuals(), problem.demands());
        double bound = byLength.lagrangian(problem.demands(), problem.copies());
        if (first.unplaced() > 0 || bound > 0.5) {
            return first;
        }
        return PatternEnumeration.within(
                        problem, byLength.fairDuals(), 0, 0, mostPatterns(), FEW_STEPS, progress)
                .map(patterns -> free(patterns, progress))
                .orElseGet(() -> new ExactEnd(problem, settings.seed(), progress).found())
                .orElse(first);
    }

    private Optional<Packing> free(List<Pattern> patterns, Progress progress) {
        return new ExactChoice(problem, patterns, settings.seed(), progress)
                .found()
                .or(
                        () ->
                                new CheapestChoice(problem, bills.step(), progress)
                                        .within(0, patterns, 0, settings.solverEffort())
                                        .found());
    }

    /** Worth by length, for heaps that might do without buying: then waste is what must not be. */
    private double[] lengthDuals() {
        double dearest =
                problem.bins().stream().mapToLong(StickProblem.BinType::charge).max().orElse(0);
        double longest =
                problem.pieces().stream().mapToLong(StickProblem.PieceType::length).max().orElse(1);
        return problem.pieces().stream()
                .mapToDouble(p -> dearest * (p.length() + problem.kerf()) / longest)
                .toArray();
    }

    /**
     * What the linear program says of whole plans. A missing piece counts as {@code shortage},
     * which is more than buying every buyable piece alone, so fewer missing always wins.
     */
    private final class Proof {
        private final double allAlone;
        private final long shortage;
        private double total;
        private boolean exhausted;
        private final java.util.Set<Long> triedCosts = new java.util.HashSet<>();

        Proof() {
            double[] single = problem.singlePrices(0);
            double sum = 0;
            for (int i = 0; i < single.length; i++) {
                sum += single[i] * problem.pieces().get(i).demand();
            }
            allAlone = sum;
            shortage = (long) sum + 1_000_000;
        }

        /** No plan with the fewest missing costs less than this. */
        double bound(Packing packing) {
            return exhausted ? packing.charge(problem) : Math.max(0, rounded(raw(packing)));
        }

        /** The linear bound on the money of a plan with as many missing. */
        double raw(Packing packing) {
            return Math.max(0, total - (double) shortage * packing.unplaced());
        }

        private boolean fewestMissing(Packing packing) {
            return packing.unplaced() == 0
                    || packing.unplaced() <= Math.ceil((total - allAlone) / shortage - 1e-9);
        }

        /** Whether a packing of this cost has been tried before; notes it. */
        boolean tried(Packing packing) {
            return !triedCosts.add(packing.charge(problem));
        }

        boolean closes(Packing packing) {
            return fewestMissing(packing) && packing.charge(problem) <= bound(packing);
        }
    }

    private Packing better(Packing a, Packing b) {
        return b.betterThan(a, problem) ? b : a;
    }
}
