package reliqua.core.project;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Part;
import reliqua.core.coop.addon.CoopBuilder;
import reliqua.core.coop.family.Brief;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.cutting.CoopPlanner;
import reliqua.core.cutting.CutPlanner;
import reliqua.core.cutting.Decided;
import reliqua.core.cutting.Progress;
import reliqua.core.cutting.Ticket;
import reliqua.core.cutting.WorkPlan;
import reliqua.core.cutting.Workshop;
import reliqua.core.fit.Yards;
import reliqua.core.flock.Tool;
import reliqua.core.measure.Length;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Section;
import reliqua.core.stock.Stick;

/** A piece spoiled, a board come in: the plan is mended, and stays where it can. */
class MendedPlanTest {
    private static Coop whole(Project project) throws Unbuildable {
        Project.Chosen chosen = project.chosen().orElseThrow();
        return CoopBuilder.build(chosen.spec(), new Brief(project.needs(), project.keeper()));
    }

    private static Decided decided(Project project) {
        return new Decided(
                project.cuts(), project.wishes(), project.chosen().orElseThrow().seams());
    }

    private static CoopPlanner planner(Project project) {
        return new CoopPlanner(
                project.heap(),
                project.prices(),
                Workshop.of(project.keeper()),
                CutPlanner.Settings.LIVE);
    }

    /** With the tools, or without; with them boards are ripped and pallets broken down. */
    private static Project settled(boolean tools) throws Unbuildable {
        Project yard = Yards.project(8);
        Project project =
                yard.withKeeper(yard.keeper().with(Tool.TABLE_SAW, tools).with(Tool.PRY_BAR, tools))
                        .adding(
                                List.of(
                                        new Lot("T1", 3, Yards.pallet(), Lot.Provenance.UNKNOWN),
                                        new Lot(
                                                "S70",
                                                6,
                                                Stick.sound(Section.mm(38, 140), Length.mm(2400)),
                                                Lot.Provenance.UNKNOWN)));
        return project.settledOn(
                Design.derive(project, Optional.empty(), Progress.NONE, _ -> {})
                        .design()
                        .orElseThrow()
                        .candidate());
    }

    @ParameterizedTest
    @ValueSource(booleans = {false, true})
    void aMendedPlanIsWholeAndLeavesTheOtherTicketsAlone(boolean tools) throws Unbuildable {
        Random random = new Random(51);
        Project project = settled(tools);
        Coop whole = whole(project);
        WorkPlan plan =
                planner(project).plan(whole, decided(project), Optional.empty(), Progress.NONE);
        for (int n = 0; n < 16; n++) {
            List<Ticket> sticks =
                    plan.tickets().stream().filter(t -> t.material() instanceof Stick).toList();
            if (sticks.isEmpty()) {
                break;
            }
            Ticket ticket = sticks.get(random.nextInt(sticks.size()));
            Set<String> spoiled = new HashSet<>();
            if (n % 2 == 0) {
                spoiled.add(ticket.cuts().getFirst().marks());
            }
            project = SawLog.cut(project.begun(ticket, plan.seams()), ticket, spoiled);
            if (n % 3 == 0) {
                Stick board = Stick.sound(((Stick) ticket.material()).section(), Length.mm(900));
                project =
                        project.adding(
                                List.of(
                                        new Lot(
                                                project.freshId(board),
                                                1,
                                                board,
                                                Lot.Provenance.UNKNOWN)));
            }
            WorkPlan mended = planner(project).mended(whole, decided(project), plan, Progress.NONE);
            assertThat(faults(mended, whole, project)).as("step %d", n).isEmpty();
            Set<String> before = words(plan);
            Set<String> bought = boughtWords(plan);
            long same =
                    mended.tickets().stream()
                            .filter(t -> before.contains(words(t)) || bought.contains(atHome(t)))
                            .count();
            assertThat(same).as("step %d", n).isGreaterThanOrEqualTo(plan.tickets().size() - 3L);
            WorkPlan after =
                    planner(project)
                            .plan(whole, decided(project), Optional.of(mended), Progress.NONE);
            assertThat(faults(after, whole, project)).as("then, step %d", n).isEmpty();
            assertThat(after.missing().size()).isLessThanOrEqualTo(mended.missing().size());
            if (after.missing().size() == mended.missing().size()) {
                assertThat(after.weighed()).isLessThanOrEqualTo(mended.weighed());
            }
            plan = after;
        }
    }

    private static Set<String> words(WorkPlan plan) {
        Set<String> all = new HashSet<>();
        plan.tickets().forEach(t -> all.add(words(t)));
        return all;
    }

    /** Of tickets whose things might come home, to be cut as they were to be. */
    private static Set<String> boughtWords(WorkPlan plan) {
        return plan.tickets().stream()
                .filter(Ticket::bought)
                .map(MendedPlanTest::atHome)
                .collect(Collectors.toSet());
    }

    private static String atHome(Ticket ticket) {
        return ticket.material() + " " + cuts(ticket);
    }

    private static String words(Ticket ticket) {
        return ticket.source() + cuts(ticket);
    }

    private static List<String> cuts(Ticket ticket) {
        return ticket.cuts().stream().map(c -> c.marks() + c.x()).toList();
    }

    /** Every part once, nothing used more often than it is there, pieces apart and inside. */
    private static List<String> faults(WorkPlan plan, Coop whole, Project project) {
        List<String> faults = new ArrayList<>();
        Map<String, Integer> seen = new HashMap<>();
        List<Ticket> all = new ArrayList<>(plan.made());
        all.addAll(plan.tickets());
        all.forEach(
                t ->
                        t.cuts()
                                .forEach(
                                        c ->
                                                c.parts()
                                                        .forEach(
                                                                p ->
                                                                        seen.merge(
                                                                                p.mark(),
                                                                                1,
                                                                                Integer::sum))));
        plan.missing().forEach(p -> seen.merge(p.mark(), 1, Integer::sum));
        for (Part part : plan.built(whole).parts()) {
            if (seen.getOrDefault(part.mark(), 0) != 1) {
                faults.add(part.mark() + " " + seen.get(part.mark()));
            }
        }
        Map<String, Set<Integer>> copies = new HashMap<>();
        for (Ticket ticket : plan.tickets()) {
            if (!ticket.bought()) {
                copies.computeIfAbsent(ticket.source(), _ -> new HashSet<>()).add(ticket.copy());
            }
            faults.addAll(lies(ticket, project.keeper().kerf()));
        }
        copies.forEach(
                (lot, numbers) -> {
                    int there = project.heap().find(lot).map(Lot::quantity).orElse(0);
                    if (numbers.size() > there || numbers.stream().anyMatch(c -> c > there)) {
                        faults.add(lot + " " + numbers + " of " + there);
                    }
                });
        long distinct = plan.tickets().stream().map(Ticket::key).distinct().count();
        if (distinct != plan.tickets().size()) {
            faults.add("two tickets of one name");
        }
        return faults;
    }

    /** How far back a rafter's or stud's slanting end runs, in millimetres. */
    private static double run(Ticket.Cut cut) {
        if (cut.parts().isEmpty() || !(cut.parts().getFirst() instanceof Part.StickPart stick)) {
            return 0;
        }
        double slope = Math.max(Math.abs(stick.startCut().tan()), Math.abs(stick.endCut().tan()));
        return switch (stick.role()) {
            case RAFTER -> slope * stick.section().width().toMm();
            case STUD -> slope * stick.section().thickness().toMm();
            default -> 0;
        };
    }

    private static List<String> lies(Ticket ticket, Length kerf) {
        List<String> faults = new ArrayList<>();
        if (ticket.material() instanceof Stick stick) {
            Length at = kerf.negated();
            double run = 0;
            for (Ticket.Cut cut : ticket.cuts()) {
                double here = run(cut);
                // Two equal slants lie side by side; the cut between them is a little longer.
                double least =
                        here == run && run > 0
                                ? kerf.toMm() * Math.hypot(run, 38) / 38 - run - 0.01
                                : kerf.toMm();
                run = here;
                if (cut.x().minus(at).toMm() < Math.min(least, kerf.toMm())
                        || !cut.end().atMost(stick.length())) {
                    faults.add(cut.marks() + " lies wrong on " + ticket.source());
                }
                at = cut.end();
            }
        }
        return faults;
    }
}
