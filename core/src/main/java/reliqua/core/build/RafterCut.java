package reliqua.core.build;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import reliqua.core.coop.Corner;
import reliqua.core.coop.Part;
import reliqua.core.measure.Angle;
import reliqua.core.measure.Length;

/**
 * How a rafter is marked out: its slope, and each seat from the tip of the tail along the lower
 * edge.
 *
 * @param slope against level
 * @param seats from the tail upwards
 */
public record RafterCut(Angle slope, List<Seat> seats) {
    /** A cut this far off level or plumb is rounding. */
    private static final double STRAIGHT = 1000;

    /** Copies the seats. */
    public RafterCut {
        seats = List.copyOf(seats);
    }

    /**
     * Where a rafter sits on a plate.
     *
     * @param at from the tip of the tail, along the lower edge, to where the cut begins
     * @param plumb height of its upright face
     * @param level length of its level face
     */
    public record Seat(Length at, Length plumb, Length level) {}

    /** Read off the outline of a rafter. */
    public static RafterCut of(Part.StickPart rafter) {
        double slope = RoofFrames.slope(rafter);
        List<Corner> outline = rafter.solid().outline();
        Length tail =
                outline.stream()
                        .map(c -> RoofFrames.upSlope(c, slope))
                        .min(Length::compareTo)
                        .orElseThrow();
        List<Seat> seats = new ArrayList<>();
        for (int n = 0; n < outline.size(); n++) {
            Corner before = outline.get((n + outline.size() - 1) % outline.size());
            Corner heel = outline.get(n);
            Corner after = outline.get((n + 1) % outline.size());
            if (isPlumb(before, heel) && isLevel(heel, after)) {
                seats.add(seat(before, heel, after, slope, tail));
            } else if (isLevel(before, heel) && isPlumb(heel, after)) {
                seats.add(seat(after, heel, before, slope, tail));
            }
        }
        seats.sort(Comparator.comparing(Seat::at));
        return new RafterCut(new Angle(Math.toDegrees(Math.abs(slope))), seats);
    }

    private static Seat seat(Corner plumb, Corner heel, Corner level, double slope, Length tail) {
        Length begins =
                RoofFrames.upSlope(plumb, slope).min(RoofFrames.upSlope(level, slope)).minus(tail);
        return new Seat(begins, heel.v().minus(plumb.v()).abs(), heel.u().minus(level.u()).abs());
    }

    private static boolean isPlumb(Corner a, Corner b) {
        return Math.abs(a.u().nm() - b.u().nm()) < STRAIGHT
                && Math.abs(a.v().nm() - b.v().nm()) > STRAIGHT;
    }

    private static boolean isLevel(Corner a, Corner b) {
        return Math.abs(a.v().nm() - b.v().nm()) < STRAIGHT
                && Math.abs(a.u().nm() - b.u().nm()) > STRAIGHT;
    }
}
