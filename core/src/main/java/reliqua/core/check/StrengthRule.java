package reliqua.core.check;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Duty;
import reliqua.core.coop.Part;
import reliqua.core.coop.Spans;
import reliqua.core.coop.Strength;
import reliqua.core.flock.Needs;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.stock.Section;

/** Members under floor, roof and birds: simple spans between what they touch, rules of thumb. */
final class StrengthRule implements Rule {
    private static final int FLOOR_SAG = 240;

    /** Purlins lie no further apart, whatever the roof. */
    private static final Length PURLINS_APART = Length.mm(600);

    @Override
    public List<Finding> check(Subject subject) {
        Coop coop = subject.coop();
        List<Finding> found = new ArrayList<>();
        double roof = subject.needs().weather().roof().kiloPascals();
        onEdge(coop, Duty.Load.FLOOR, "joists", Strength.FLOOR_LOAD, FLOOR_SAG)
                .ifPresent(found::add);
        onEdge(coop, Duty.Load.ROOF, "rafters", roof, Strength.ROOF_SAG).ifPresent(found::add);
        longest(coop, Duty.Load.ROOF_BEAM).ifPresent(b -> found.add(beam(coop, b, roof)));
        longest(coop, Duty.Load.ROOF_FLAT)
                .ifPresent(
                        purlin -> {
                            double load = Strength.surfaceLoad(roof, PURLINS_APART);
                            found.add(flat("purlins", purlin, coop, load));
                        });
        subject.needs()
                .roosts()
                .crowd()
                .ifPresent(
                        crowd ->
                                longest(coop, Duty.Load.ROOST)
                                        .ifPresent(bar -> found.add(roost(coop, bar, crowd))));
        return found;
    }

    private static Finding roost(Coop coop, Part.StickPart bar, Needs.Crowd crowd) {
        double load = Strength.roostLoad(crowd.bird().toKilograms(), crowd.each());
        return flat("roosts", bar, coop, load);
    }

    private static List<Part.StickPart> members(Coop coop, Duty.Load load) {
        return coop.parts().stream()
                .filter(p -> p.role().duty().load() == load)
                .filter(Part.StickPart.class::isInstance)
                .map(Part.StickPart.class::cast)
                .toList();
    }

    private static Optional<Part.StickPart> longest(Coop coop, Duty.Load load) {
        return members(coop, load).stream().max(Comparator.comparing(Part.StickPart::length));
    }

    private static Optional<Finding> onEdge(
            Coop coop, Duty.Load kind, String rule, double kiloPascals, int limit) {
        return longest(coop, kind)
                .map(
                        part -> {
                            Length apart = Spans.apart(members(coop, kind));
                            double load = Strength.surfaceLoad(kiloPascals, apart);
                            Length span = Spans.of(part, coop);
                            return found(rule, onEdge(part.section(), span, load, limit), span);
                        });
    }

    /** Half of what all rafters reach over, shared by the sticks that lie side by side. */
    private static Finding beam(Coop coop, Part.StickPart beam, double roof) {
        Bounds rafters =
                members(coop, Duty.Load.ROOF).stream()
                        .map(r -> r.solid().bounds())
                        .reduce(Bounds::with)
                        .orElseThrow();
        Bounds own = beam.solid().bounds();
        long plies =
                members(coop, Duty.Load.ROOF_BEAM).stream()
                        .map(b -> b.solid().bounds())
                        .filter(b -> b.x0().equals(own.x0()) && b.x1().equals(own.x1()))
                        .count();
        double load = Strength.surfaceLoad(roof, rafters.depth().half()) / plies;
        Length span = Spans.of(beam, coop);
        return found("beam", onEdge(beam.section(), span, load, Strength.ROOF_SAG), span);
    }

    private static double onEdge(Section s, Length span, double load, int limit) {
        return Strength.used(s.thickness(), s.width(), span, load, limit);
    }

    private static Finding flat(String rule, Part.StickPart part, Coop coop, double load) {
        Section s = part.section();
        Length span = Spans.of(part, coop);
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
