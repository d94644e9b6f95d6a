package reliqua.core.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import reliqua.core.coop.Coop;
import reliqua.core.flock.Keeper;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Words;

/** The keeper to scale beside the house, with the reach of an arm and the height of its floor. */
public final class KeeperPicture {
    /** Half an outline, for a body one high; the other half mirrors it. */
    private static final double[][] BODY = {
        {0.0, -1.0},
        {0.045, -0.985},
        {0.06, -0.935},
        {0.045, -0.885},
        {0.03, -0.86},
        {0.11, -0.83},
        {0.13, -0.78},
        {0.135, -0.62},
        {0.14, -0.47},
        {0.105, -0.47},
        {0.10, -0.62},
        {0.09, -0.52},
        {0.10, -0.25},
        {0.10, 0.0},
        {0.025, 0.0},
        {0.02, -0.44},
        {0.0, -0.46}
    };

    private static final double ARM_AT = 0.80;

    private KeeperPicture() {}

    /** The drawing; without a house the keeper stands alone. */
    public static Picture of(Keeper keeper, Optional<Coop.Measures> house, Tape tape) {
        Picture.Sketch sketch = new Picture.Sketch();
        double tall = keeper.body().height().toMm();
        double x = 0;
        person(sketch, x, tall);
        if (keeper.body().helper()) {
            person(sketch, x - 620, tall * 0.96);
        }
        arm(sketch, keeper, tape, x, tall);
        height(sketch, keeper.body().height(), tape, x);
        house.ifPresent(
                m -> house(sketch, m, tape, Math.max(1150, keeper.body().reach().toMm() + 1400)));
        double right = house.map(m -> 2700 + m.width().toMm()).orElse(2200.0);
        sketch.line(-1500, 0, right, 0, Ink.WOOD_EDGE, true);
        sketch.reach(new Picture.Point(0, 260));
        sketch.reach(new Picture.Point(0, -tall - 150));
        return sketch.picture();
    }

    private static void person(Picture.Sketch sketch, double x, double tall) {
        List<Picture.Point> outline = new ArrayList<>();
        for (double[] p : BODY) {
            outline.add(new Picture.Point(x + p[0] * tall, p[1] * tall));
        }
        for (int n = BODY.length - 2; n > 0; n--) {
            outline.add(new Picture.Point(x - BODY[n][0] * tall, BODY[n][1] * tall));
        }
        sketch.area(outline, List.of(), Ink.OPEN, Ink.SOFT, "");
    }

    private static void arm(
            Picture.Sketch sketch, Keeper keeper, Tape tape, double x, double tall) {
        double y = -ARM_AT * tall;
        double reach = keeper.body().reach().toMm();
        sketch.rectangle(x + 0.1 * tall, y, x + reach, y + 70, Ink.OPEN, Ink.SOFT, "");
        String words = Words.say("keeper.picture.reach", tape.say(keeper.body().reach()));
        sketch.label(x + reach + 40, y, words, Picture.Size.NOTE, Picture.Anchor.LEFT, Ink.SOFT, 5);
    }

    private static void height(Picture.Sketch sketch, Length height, Tape tape, double x) {
        double left = x - 1050;
        sketch.line(left, 0, left, -height.toMm(), Ink.INK, false);
        for (double y : new double[] {0, -height.toMm()}) {
            sketch.line(left - 60, y, left + 60, y, Ink.INK, false);
        }
        sketch.turnedLabel(
                left, -height.toMm() / 2, tape.sayLong(height), Picture.Size.BODY, Ink.INK, 4);
    }

    private static void house(Picture.Sketch sketch, Coop.Measures m, Tape tape, double left) {
        double w = m.width().toMm();
        double high = m.height().toMm();
        double floor = m.floorHeight().toMm();
        sketch.rectangle(left, -floor, left + 90, 0, Ink.WOOD, Ink.WOOD_EDGE, "");
        sketch.rectangle(left + w - 90, -floor, left + w, 0, Ink.WOOD, Ink.WOOD_EDGE, "");
        sketch.rectangle(left, -high + 60, left + w, -floor, Ink.SHEET, Ink.WOOD_EDGE, "");
        sketch.rectangle(
                left - 150, -high, left + w + 150, -high + 60, Ink.METAL, Ink.METAL_EDGE, "");
        String words =
                Words.say("keeper.picture.house", tape.say(m.floorHeight()), tape.say(m.height()));
        sketch.label(
                left + w / 2, 40, words, Picture.Size.NOTE, Picture.Anchor.MIDDLE, Ink.SOFT, 15);
    }
}
