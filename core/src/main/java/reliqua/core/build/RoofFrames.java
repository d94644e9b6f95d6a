package reliqua.core.build;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import reliqua.core.coop.Axis;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Building;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Corner;
import reliqua.core.coop.Part;
import reliqua.core.coop.Solid;
import reliqua.core.coop.Stage;
import reliqua.core.measure.Length;

/** Roofs as frames: seen square on, from whoever stands before the eaves. */
final class RoofFrames {
    /** No rafter is thicker. */
    private static final Length THICKEST = Length.mm(160);

    /** Flatter is level: a tie, not a rafter. */
    private static final double LEVEL = Math.toRadians(0.02);

    /** Lies on a slope if it is turned as it is. */
    private static final double TURNED = Math.toRadians(0.1);

    private RoofFrames() {}

    static List<Frame> of(Building building) {
        List<Frame> roofs = new ArrayList<>();
        roof(building, true).ifPresent(roofs::add);
        roof(building, false).ifPresent(roofs::add);
        return roofs;
    }

    private static Optional<Frame> roof(Building building, boolean toBack) {
        Coop coop = building.coop();
        List<Part.StickPart> rafters =
                Frames.sticks(coop, Stage.RAFTERS)
                        .filter(RoofFrames::isRafter)
                        .filter(r -> slope(r) > 0 == toBack)
                        .toList();
        if (rafters.isEmpty()) {
            return Optional.empty();
        }
        double slope = slope(rafters.getFirst());
        List<Part.StickPart> all = new ArrayList<>(rafters);
        Frames.sticks(coop, Stage.RAFTERS).filter(p -> liesOn(p.solid(), slope)).forEach(all::add);
        return Optional.of(frame(building.number(), all, slope, toBack));
    }

    private static boolean isRafter(Part.StickPart part) {
        return part.solid().along() == Axis.X
                && part.solid().to().minus(part.solid().from()).atMost(THICKEST)
                && Math.abs(slope(part)) > LEVEL;
    }

    /** Against level ground, above zero where it rises to the back; of its longest edge. */
    static double slope(Part.StickPart rafter) {
        List<Corner> outline = rafter.solid().outline();
        double longest = 0;
        double slope = 0;
        for (int n = 0; n < outline.size(); n++) {
            Corner a = outline.get(n);
            Corner b = outline.get((n + 1) % outline.size());
            double long_ = Math.hypot(across(a, b), up(a, b));
            if (long_ > longest) {
                longest = long_;
                slope = Math.atan(up(a, b) / across(a, b));
            }
        }
        return slope;
    }

    private static boolean liesOn(Solid solid, double slope) {
        if (solid.along() != Axis.X || solid.to().minus(solid.from()).atMost(THICKEST)) {
            return false;
        }
        List<Corner> outline = solid.outline();
        for (int n = 0; n < outline.size(); n++) {
            Corner a = outline.get(n);
            Corner b = outline.get((n + 1) % outline.size());
            if (Math.abs(Math.atan(up(a, b) / across(a, b)) - slope) < TURNED) {
                return true;
            }
        }
        return false;
    }

    private static double across(Corner a, Corner b) {
        return (double) b.u().nm() - a.u().nm();
    }

    private static double up(Corner a, Corner b) {
        return (double) b.v().nm() - a.v().nm();
    }

    private static Frame frame(
            int building, List<Part.StickPart> sticks, double slope, boolean toBack) {
        Bounds all =
                sticks.stream().map(s -> s.solid().bounds()).reduce(Bounds::with).orElseThrow();
        Length left = toBack ? all.x0() : all.x1();
        Length eaves =
                sticks.stream()
                        .flatMap(s -> s.solid().outline().stream())
                        .map(c -> upSlope(c, slope))
                        .min(Comparator.naturalOrder())
                        .orElseThrow();
        List<Frame.Member> members = new ArrayList<>();
        Length top = Length.ZERO;
        for (Part.StickPart stick : sticks) {
            Frame.Member member = member(stick, slope, left, eaves);
            top = top.max(member.high());
            members.add(member);
        }
        members.sort(Comparator.comparing(Frame.Member::left).thenComparing(Frame.Member::low));
        return new Frame(
                building,
                toBack ? Frame.Side.ROOF_FRONT : Frame.Side.ROOF_BACK,
                Length.ZERO,
                all.width(),
                top,
                members,
                List.of());
    }

    private static Frame.Member member(
            Part.StickPart stick, double slope, Length left, Length eaves) {
        Solid solid = stick.solid();
        List<Length> up =
                solid.outline().stream().map(c -> upSlope(c, slope).minus(eaves)).sorted().toList();
        Length one = solid.from().minus(left).abs();
        Length other = solid.to().minus(left).abs();
        return new Frame.Member(
                stick,
                Solid.rectangle(one.min(other), one.max(other), up.getFirst(), up.getLast()));
    }

    /** How far up a slope a corner lies. */
    static Length upSlope(Corner corner, double slope) {
        double back = Math.cos(slope) * Math.signum(slope);
        double high = Math.abs(Math.sin(slope));
        return new Length(Math.round(corner.u().nm() * back + corner.v().nm() * high));
    }
}
