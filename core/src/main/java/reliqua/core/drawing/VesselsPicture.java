package reliqua.core.drawing;

import java.util.List;
import reliqua.core.drawing.Picture.Point;
import reliqua.core.keep.Vessel;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Words;

/**
 * What birds eat and drink from, to one scale, filled as far as it is after some days. Stores are
 * used up after what birds eat from; each kind of thing empties together.
 */
public final class VesselsPicture {
    private static final double GAP = 90;

    /** Room for the words under a slim vessel. */
    private static final double LEAST = 260;

    private final Tape tape;
    private final Picture.Sketch sketch = new Picture.Sketch();
    private double x;

    private VesselsPicture(Tape tape) {
        this.tape = tape;
    }

    /**
     * The drawing.
     *
     * @param feedLeft share of feed that is left, 0 to 1
     * @param waterLeft share of water that is left
     */
    public static Picture of(List<Vessel> vessels, double feedLeft, double waterLeft, Tape tape) {
        VesselsPicture drawing = new VesselsPicture(tape);
        vessels.stream()
                .sorted(java.util.Comparator.comparing(v -> v.kind().use()))
                .forEach(v -> drawing.vessel(v, v.kind().use().isFeed() ? feedLeft : waterLeft));
        drawing.sketch.line(0, 0, Math.max(1, drawing.x - GAP), 0, Ink.SOFT, true);
        drawing.sketch.reach(new Point(0, 300));
        return drawing.sketch.picture();
    }

    private void vessel(Vessel vessel, double left) {
        double slim =
                switch (vessel.kind()) {
                    case TUBE -> 5;
                    case BARREL, BIN -> 1.4;
                    case BUCKET, NIPPLES, FEEDER, DRINKER -> 1.2;
                    case TUB -> 0.5;
                    case TROUGH -> 0.25;
                };
        double wide = Math.cbrt(vessel.volume().litres() * 1e6 / slim / (Math.PI / 4));
        double high = wide * slim;
        double lean =
                switch (vessel.kind()) {
                    case BUCKET, NIPPLES, TUB, TROUGH -> wide * 0.08;
                    default -> 0;
                };
        double room = Math.max(wide, LEAST);
        x += (room - wide) / 2;
        Ink fill = vessel.kind().use().isFeed() ? Ink.WOOD : Ink.WATER;
        double lift = foot(vessel.kind(), wide);
        body(wide, high, lean, lift, 1, Ink.PAPER, vessel.kind().id());
        if (left > 0) {
            body(wide, high, lean, lift, left, fill, "");
        }
        outline(vessel.kind(), wide, high, lift);
        words(vessel, wide);
        x += (room + wide) / 2 + GAP;
    }

    /** Nipples and pans need room below. */
    private static double foot(Vessel.Kind kind, double wide) {
        return switch (kind) {
            case NIPPLES -> 110;
            case FEEDER, DRINKER, TUBE -> Math.min(40, wide * 0.2);
            default -> 0;
        };
    }

    private void body(
            double wide,
            double high,
            double lean,
            double lift,
            double share,
            Ink fill,
            String tag) {
        double atTop = lean * (1 - share);
        sketch.area(
                List.of(
                        new Point(x + lean, -lift),
                        new Point(x + wide - lean, -lift),
                        new Point(x + wide - atTop, -lift - high * share),
                        new Point(x + atTop, -lift - high * share)),
                List.of(),
                fill,
                Ink.INK,
                tag);
    }

    private void outline(Vessel.Kind kind, double wide, double high, double lift) {
        switch (kind) {
            case FEEDER, DRINKER, TUBE ->
                    sketch.rectangle(
                            x - 25,
                            -lift,
                            x + wide + 25,
                            0,
                            kind.use().isFeed() ? Ink.WOOD : Ink.WATER,
                            Ink.INK,
                            "");
            case NIPPLES -> {
                for (int n = 1; n <= 2; n++) {
                    double at = x + wide * n / 3;
                    sketch.rectangle(
                            at - 8, -lift, at + 8, -lift + 40, Ink.METAL, Ink.METAL_EDGE, "");
                }
                sketch.line(
                        x + wide / 2, -lift - high, x + wide / 2, -lift - high - 90, Ink.INK, true);
            }
            case BARREL -> {
                for (double at : new double[] {0.3, 0.7}) {
                    sketch.line(x, -high * at, x + wide, -high * at, Ink.METAL_EDGE, true);
                }
            }
            case BIN ->
                    sketch.rectangle(
                            x - 12, -high - 25, x + wide + 12, -high, Ink.METAL, Ink.INK, "");
            case BUCKET, TUB, TROUGH -> {}
        }
    }

    private void words(Vessel vessel, double wide) {
        double middle = x + wide / 2;
        sketch.label(
                middle,
                0,
                Words.say("vessel." + vessel.kind().id()),
                Picture.Size.BODY,
                Picture.Anchor.MIDDLE,
                Ink.INK,
                18);
        sketch.label(
                middle,
                0,
                tape.say(vessel.volume()),
                Picture.Size.NOTE,
                Picture.Anchor.MIDDLE,
                Ink.SOFT,
                34);
        if (vessel.birds() > 0) {
            sketch.label(
                    middle,
                    0,
                    Words.say("vessel.birds", vessel.birds()),
                    Picture.Size.NOTE,
                    Picture.Anchor.MIDDLE,
                    Ink.SOFT,
                    50);
        }
    }
}
