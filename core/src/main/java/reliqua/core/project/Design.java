package reliqua.core.project;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import reliqua.core.build.Step;
import reliqua.core.build.Steps;
import reliqua.core.buy.Bill;
import reliqua.core.check.Finding;
import reliqua.core.check.Findings;
import reliqua.core.coop.Coop;
import reliqua.core.coop.family.RaisedHouse;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.cutting.CoopPlanner;
import reliqua.core.cutting.CutPlanner;
import reliqua.core.cutting.Progress;
import reliqua.core.cutting.WorkPlan;
import reliqua.core.cutting.Workshop;
import reliqua.core.fit.Candidate;
import reliqua.core.fit.FitResult;
import reliqua.core.fit.Fitter;
import reliqua.core.measure.Sum;

/**
 * Everything that follows from a project: the house, what the rules say of it, how it is cut, what
 * it costs, how it is built.
 *
 * @param candidate house, findings and cut plan
 * @param bill what remains to buy
 * @param steps how it is built
 */
public record Design(Candidate candidate, Bill bill, List<Step> steps) {
    /** Copies the steps. */
    public Design {
        steps = List.copyOf(steps);
    }

    private static final String CUT = "cut ";

    /** Minutes to mark and make one cut. */
    private static final int MINUTES_A_CUT = 4;

    /** Work still to do, in minutes: cuts not made and steps not ticked. */
    public int minutesLeft(java.util.Set<String> done) {
        int cuts =
                candidate.plan().tickets().stream()
                        .filter(t -> !done.contains(cutKey(t)))
                        .mapToInt(t -> t.cuts().size())
                        .sum();
        int making = candidate.plan().makingMinutes(t -> !done.contains(cutKey(t)));
        return cuts * MINUTES_A_CUT + making + Steps.minutesLeft(steps, done);
    }

    /** All work, in minutes. */
    public int minutes() {
        return minutesLeft(java.util.Set.of());
    }

    /**
     * Name by which a ticket is ticked off: the thing and the pieces that came out of it, so that
     * another plan does not take other pieces for cut.
     */
    public static String cutKey(reliqua.core.cutting.Ticket ticket) {
        return CUT + ticket.key() + ": " + pieces(ticket);
    }

    /** Marks with the size of each piece: another house has the same marks for other lengths. */
    private static String pieces(reliqua.core.cutting.Ticket ticket) {
        return ticket.cuts().stream()
                .map(c -> c.marks() + "=" + c.across().nm() + "x" + c.along().nm())
                .collect(java.util.stream.Collectors.joining(", "));
    }

    /** Whether something done is a cut. */
    public static boolean isCutKey(String key) {
        return key.startsWith(CUT);
    }

    /** A cut in words: source, copy and the marks of its pieces. */
    public static String cutWords(String key) {
        return key.substring(CUT.length()).replaceAll("=\\d+x\\d+", "");
    }

    /** The bill and the steps of a house. */
    public static Design of(Candidate candidate, Project project) {
        Bill bill = Bill.of(candidate.coop(), candidate.plan(), project.prices(), project.heap());
        return new Design(
                candidate, bill, Steps.of(candidate.coop(), project.keeper().body().lift()));
    }

    /**
     * The design of a project: of the house settled on, or of the best fit.
     *
     * @param soFar hears of every better house of a search
     * @throws Unbuildable when the house settled on does not serve the needs as they are now
     */
    public static Derived derive(Project project, Progress progress, Consumer<Candidate> soFar)
            throws Unbuildable {
        if (project.chosen().isPresent()) {
            Candidate settled = settled(project, project.chosen().get(), progress);
            return new Derived(
                    Optional.of(of(settled, project)), Optional.empty(), Optional.empty());
        }
        FitResult fit = Fitter.fit(project.fitRequest(), progress, soFar);
        Optional<Search> search =
                fit.best()
                        .map(
                                best ->
                                        new Search(
                                                fit,
                                                of(best, project),
                                                fit.others().stream()
                                                        .map(c -> of(c, project))
                                                        .toList(),
                                                fit.standard().map(c -> of(c, project))));
        return new Derived(search.map(Search::best), search, fit.obstacle());
    }

    /**
     * A search with the bills of what it found.
     *
     * @param fit the search
     * @param best the best
     * @param others the best of other sizes
     * @param standard the size one would build without looking at the heap
     */
    public record Search(
            FitResult fit, Design best, List<Design> others, Optional<Design> standard) {
        /** Copies the list. */
        public Search {
            others = List.copyOf(others);
        }
    }

    /**
     * A design.
     *
     * @param design the design, if any house could be drawn up
     * @param search the search it came from, if there was one
     * @param obstacle why sizes could not be built, mostly
     */
    public record Derived(
            Optional<Design> design, Optional<Search> search, Optional<Sum> obstacle) {}

    private static Candidate settled(Project project, Project.Chosen chosen, Progress progress)
            throws Unbuildable {
        Coop coop = RaisedHouse.build(chosen.dimensions(), chosen.choices(), project.needs());
        List<Finding> findings =
                Findings.of(coop, project.needs(), project.keeper(), project.heap());
        WorkPlan plan =
                new CoopPlanner(
                                project.heap(),
                                project.prices(),
                                Workshop.of(project.keeper()),
                                CutPlanner.Settings.LIVE)
                        .plan(coop, progress);
        return new Candidate(chosen.dimensions(), chosen.choices(), coop, findings, plan);
    }
}
