package reliqua.core.drawing;

import java.util.Collections;
import java.util.List;
import reliqua.core.flock.Climate;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Words;

/** The rain of a year, a bar a month. */
public final class RainPicture {
    private static final double MONTH = 10;
    private static final double BAR = 7;
    private static final double HIGH = 40;
    private static final String INITIALS = "JFMAMJJASOND";

    private RainPicture() {}

    /** The drawing; bars to the scale of the wettest month. */
    public static Picture of(Climate climate, Tape tape) {
        Picture.Sketch sketch = new Picture.Sketch();
        List<Integer> rain = climate.rain();
        int most = Math.max(1, Collections.max(rain));
        for (int n = 0; n < rain.size(); n++) {
            double x = n * MONTH;
            double high = HIGH * rain.get(n) / most;
            sketch.rectangle(x, -high, x + BAR, 0, Ink.WATER, Ink.NONE, "");
            if (n % 3 == 0) {
                initial(sketch, n, x);
            }
        }
        int year = rain.stream().mapToInt(Integer::intValue).sum();
        sketch.label(
                0,
                -HIGH,
                Words.say("rain.year", tape.say(Length.mm(year))),
                Picture.Size.NOTE,
                Picture.Anchor.LEFT,
                Ink.SOFT,
                -3);
        sketch.reach(new Picture.Point(0, 16));
        sketch.reach(new Picture.Point(0, -HIGH - 14));
        return sketch.picture();
    }

    /** Every third month is named; more would run into each other. */
    private static void initial(Picture.Sketch sketch, int month, double x) {
        sketch.label(
                x + BAR / 2,
                0,
                INITIALS.substring(month, month + 1),
                Picture.Size.NOTE,
                Picture.Anchor.MIDDLE,
                Ink.SOFT,
                12);
    }
}
