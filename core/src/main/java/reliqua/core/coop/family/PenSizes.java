package reliqua.core.coop.family;

import java.util.List;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Opening;
import reliqua.core.coop.Part;
import reliqua.core.coop.Weights;
import reliqua.core.coop.Zone;
import reliqua.core.flock.Needs;
import reliqua.core.measure.Angle;
import reliqua.core.measure.Area;
import reliqua.core.measure.Length;

/**
 * Sizes of pens that are moved over the ground: one part is closed against weather, where birds
 * sleep, the rest is mesh. All of the ground is theirs to scratch in, so the whole counts as run.
 */
final class PenSizes {
    static final String CLOSED = "shelter";
    static final String PEAK = "peak";

    private static final double ROOFED_SHARE = 0.4;
    private static final double BEYOND_ROOF = 1.25;
    private static final Length LEAST_CLOSED = Length.mm(600);

    private PenSizes() {}

    /** Whether birds sleep in it on roosts, and lay; else it is for meat birds, that lie. */
    static boolean housed(Needs needs) {
        return needs.roost().isPositive() || needs.nests() > 0;
    }

    /** Ground under the pen. */
    static Area ground(Needs needs) {
        Area roofed = needs.floor();
        if (!housed(needs)) {
            return roofed;
        }
        Area beyond = Area.of(roofed.over(Length.mm(1000)).scaled(BEYOND_ROOF), Length.mm(1000));
        return beyond.compareTo(needs.run()) > 0 ? beyond : needs.run();
    }

    static Length leastOther(Length side, Choices choices, Needs needs) {
        return ground(needs).over(side).ceilTo(choices.step());
    }

    /** How much of its length is closed. */
    static Length closed(Length width, Length depth, Choices choices, Needs needs) {
        Length least = housed(needs) ? needs.floor().over(depth) : width.scaled(ROOFED_SHARE);
        return least.max(LEAST_CLOSED).ceilTo(choices.step()).min(width);
    }

    static CoopFamily.Side side(Length least, Length most) {
        return new CoopFamily.Side(
                least, most, List.of(Choices.Group.RUN, Choices.Group.PURLINS), Length.ZERO);
    }

    /** Rooms of a pen. */
    static List<Zone> zones(Length width, Length depth, Length height) {
        return zones(width, depth, height, false);
    }

    /** The same; {@code stands} is whether the keeper goes in upright. */
    static List<Zone> zones(Length width, Length depth, Length height, boolean stands) {
        Bounds all = new Bounds(Length.ZERO, width, Length.ZERO, depth, Length.ZERO, height);
        return List.of(new Zone(Zone.Kind.HOUSE, all, stands));
    }

    /**
     * What is measured of a pen.
     *
     * @param roofed ground that is closed against weather
     * @param roost length of all bars
     * @param roostTop top of the bars above the ground
     * @param nestEntrance lip of the nests above the ground
     * @param headroom over the bars, or over birds on the ground
     * @param standing clear height where the keeper goes in; zero where one only reaches in
     * @param reach from where the keeper opens it to the farthest corner of the closed part
     */
    static Coop.Measures measures(
            Length width,
            Length depth,
            Area roofed,
            Length roost,
            Length roostTop,
            Length nestEntrance,
            Length headroom,
            Length standing,
            Length reach,
            Angle pitch,
            Needs needs,
            List<Part> parts,
            List<Opening> openings) {
        Length height =
                parts.stream().map(p -> p.solid().bounds().z1()).reduce(Length.ZERO, Length::max);
        Area all = Area.of(width, depth);
        Area vents =
                openings.stream()
                        .filter(Opening::isVent)
                        .map(Opening::area)
                        .reduce(Area.ZERO, Area::plus);
        return new Coop.Measures(
                width,
                depth,
                height,
                housed(needs) ? roofed : all,
                Length.ZERO,
                Length.ZERO,
                roost,
                roostTop,
                needs.nests(),
                nestEntrance,
                vents,
                headroom,
                housed(needs) ? all : Area.ZERO,
                standing,
                reach,
                pitch,
                Angle.ZERO,
                Weights.of(parts));
    }
}
