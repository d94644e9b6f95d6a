package reliqua.core.coop.addon;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Contact;
import reliqua.core.coop.Duty;
import reliqua.core.coop.Part;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.coop.Stage;
import reliqua.core.coop.family.Choices;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.stock.Section;

/**
 * A stake driven beside what stands on the ground at each corner, and bolted to it: what holds a
 * light coop down in a gale.
 */
final class Anchors implements Addition {
    private static final Length DRIVEN = Length.mm(600);
    private static final Length BESIDE = Length.mm(250);

    /** In a corner itself another member may be in the way. */
    private static final long[] FROM_CORNER = {0, 60, 120, 200, 300, 450};

    /** Thinner ones split under the mallet. */
    private static final Section LEAST = Section.mm(36, 38);

    /** A face to bolt through, in mm². */
    private static final double LEAST_FACE = 900;

    @Override
    public void build(Standing at) throws Unbuildable {
        List<Part> ground = at.coop().parts().stream().filter(Anchors::standsOnGround).toList();
        Bounds all =
                Standing.around(ground)
                        .orElseThrow(() -> new Unbuildable(Sum.of("addon.noAnchor")));
        for (boolean left : List.of(true, false)) {
            for (boolean front : List.of(true, false)) {
                Stake stake =
                        stake(at, ground, all, left, front)
                                .orElseThrow(() -> new Unbuildable(Sum.of("addon.noAnchor")));
                at.box(Role.ANCHOR, stake.section(), stake.solid());
            }
        }
    }

    private static boolean standsOnGround(Part part) {
        return !part.solid().bounds().z0().isPositive()
                && part.solid().isBox()
                && part instanceof Part.StickPart
                && !part.role().is(Duty.Trait.LIES_OUT)
                && part.role().stage().compareTo(Stage.SKINS) < 0;
    }

    private record Stake(Section section, Solid solid) {}

    /** As what it holds down, where that is stout enough to be driven; else as a leg. */
    private static Section section(Standing at, Part held) {
        return held instanceof Part.StickPart stick && stick.section().serves(LEAST)
                ? stick.section()
                : at.section(Choices.Group.LEGS);
    }

    /** Beside the part nearest to a corner that leaves room for it. */
    private static Optional<Stake> stake(
            Standing at, List<Part> ground, Bounds all, boolean left, boolean front) {
        Length x = left ? all.x0() : all.x1();
        Length y = front ? all.y0() : all.y1();
        return ground.stream()
                .sorted(Comparator.comparing(p -> away(p.solid().bounds(), x, y, left, front)))
                .flatMap(p -> beside(at, p, left, front))
                .filter(s -> at.isFree(s.solid()))
                .filter(
                        s ->
                                ground.stream()
                                        .anyMatch(
                                                p ->
                                                        Contact.area(p.solid(), s.solid())
                                                                > LEAST_FACE))
                .findFirst();
    }

    private static Length away(Bounds b, Length x, Length y, boolean left, boolean front) {
        Length across = (left ? b.x0() : b.x1()).minus(x).abs();
        return across.plus((front ? b.y0() : b.y1()).minus(y).abs());
    }

    /** On its four sides, as near to the corner as may be. */
    private static Stream<Stake> beside(Standing at, Part held, boolean left, boolean front) {
        Bounds b = held.solid().bounds();
        Section s = section(at, held);
        Length ground = at.below(b.x0().plus(b.x1()).half(), b.y0().plus(b.y1()).half());
        Length foot = DRIVEN.plus(ground).negated();
        Length t = s.thickness();
        Length w = s.width();
        Length top = b.z1().min(BESIDE);
        List<Solid> places = new ArrayList<>();
        for (long from : FROM_CORNER) {
            Length in = Length.mm(from);
            Length y0 = front ? b.y0().plus(in) : b.y1().minus(w).minus(in);
            Length x0 = left ? b.x0().plus(in) : b.x1().minus(w).minus(in);
            for (Length x : List.of(b.x1(), b.x0().minus(t))) {
                places.add(Solid.box(x, x.plus(t), y0, y0.plus(w), foot, top));
            }
            for (Length y : List.of(b.y1(), b.y0().minus(t))) {
                places.add(Solid.box(x0, x0.plus(w), y, y.plus(t), foot, top));
            }
        }
        return places.stream().map(p -> new Stake(s, p));
    }
}
