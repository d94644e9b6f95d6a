package reliqua.core.check;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Contact;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Part;
import reliqua.core.coop.Role;
import reliqua.core.coop.Strength;
import reliqua.core.flock.Needs;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.stock.Section;

/** Joists, rafters, purlins and roost bars under their loads: simple spans, rules of thumb. */
final class StrengthRule implements Rule {
    private static final int ROOF_SAG = 180;
    private static final int FLOOR_SAG = 240;

    @Override
    public List<Finding> check(Subject subject) {
        Coop coop = subject.coop();
        List<Finding> found = new ArrayList<>();
        Length depth = coop.measures().depth();
        double roof = subject.needs().weather().roof().kiloPascals();
        sample(coop, Role.JOIST)
                .ifPresent(
                        joist -> {
                            double load =
                                    Strength.surfaceLoad(
                                            Strength.FLOOR_LOAD, spacing(coop, Role.JOIST));
                            found.add(onEdge("joists", joist, span(coop, joist), load, FLOOR_SAG));
                        });
        sample(coop, Role.RAFTER)
                .ifPresent(
                        rafter -> {
                            double load = Strength.surfaceLoad(roof, spacing(coop, Role.RAFTER));
                            found.add(onEdge("rafters", rafter, depth, load, ROOF_SAG));
                        });
        sample(coop, Role.PURLIN)
                .ifPresent(
                        purlin -> {
                            double load = Strength.surfaceLoad(roof, Length.mm(600));
                            Length span = spacing(coop, Role.RAFTER);
                            found.add(flat("purlins", purlin.section(), span, load));
                        });
        subject.needs()
                .roosts()
                .crowd()
                .ifPresent(
                        crowd ->
                                sample(coop, Role.ROOST_BAR)
                                        .ifPresent(bar -> found.add(roost(coop, bar, crowd))));
        return found;
    }

    private static Finding roost(Coop coop, Part.StickPart bar, Needs.Crowd crowd) {
        double load = Strength.roostLoad(crowd.bird().toKilograms(), crowd.each());
        int posts = coop.of(Role.ROOST_POST).size() / coop.of(Role.ROOST_BAR).size();
        return flat("roosts", bar.section(), bar.length().dividedBy(posts + 1L), load);
    }

    /** Largest distance between what a joist lies on, its ends among them. */
    private static Length span(Coop coop, Part.StickPart joist) {
        Bounds b = joist.solid().bounds();
        TreeSet<Length> held = new TreeSet<>(List.of(b.y0(), b.y1()));
        for (Part part : coop.parts()) {
            Bounds below = part.solid().bounds();
            if (below.z1().equals(b.z0()) && Contact.area(part.solid(), joist.solid()) > 0) {
                held.add(below.y0().plus(below.depth().half()));
            }
        }
        Length most = Length.ZERO;
        Length last = held.first();
        for (Length at : held) {
            most = most.max(at.minus(last));
            last = at;
        }
        return most;
    }

    private static Optional<Part.StickPart> sample(Coop coop, Role role) {
        return coop.of(role).stream()
                .map(p -> (Part.StickPart) p)
                .max(Comparator.comparing(Part.StickPart::length));
    }

    /** Largest distance from one member to the next across the front. */
    private static Length spacing(Coop coop, Role role) {
        List<Length> edges =
                coop.of(role).stream()
                        .map(p -> p.solid().bounds().x0())
                        .distinct()
                        .sorted()
                        .toList();
        Length most = Length.ZERO;
        for (int i = 0; i + 1 < edges.size(); i++) {
            most = most.max(edges.get(i + 1).minus(edges.get(i)));
        }
        return most;
    }

    private static Finding onEdge(
            String rule, Part.StickPart part, Length span, double load, int limit) {
        Section s = part.section();
        double used =
                Math.max(
                        Strength.bending(s.thickness(), s.width(), span, load),
                        Strength.sag(s.thickness(), s.width(), span, load, limit));
        return found(rule, used, span);
    }

    private static Finding flat(String rule, Section s, Length span, double load) {
        return found(rule, Strength.bending(s.width(), s.thickness(), span, load), span);
    }

    private static Finding found(String rule, double used, Length span) {
        long percent = Math.round(used * 100);
        return Finding.of(
                rule,
                used <= 1,
                Finding.Severity.FAULT,
                Sum.of("check.strength." + rule, span, percent));
    }
}
