package reliqua.core.drawing;

import reliqua.core.keep.RainYear;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Volume;
import reliqua.core.measure.Words;

/**
 * Rain from the roof month by month: what the birds drink of it, what runs over, what is missing.
 */
public final class RainYearPicture {
    private static final double MONTH = 30;
    private static final double BAR = 20;
    private static final double HIGH = 70;
    private static final String INITIALS = "JFMAMJJASOND";

    private RainYearPicture() {}

    /** The drawing; bars to the scale of the wettest month. */
    public static Picture of(RainYear year, Tape tape) {
        Picture.Sketch sketch = new Picture.Sketch();
        double most =
                Math.max(
                        1,
                        year.months().stream()
                                .mapToDouble(m -> m.used() + m.over())
                                .max()
                                .orElse(1));
        for (int n = 0; n < year.months().size(); n++) {
            RainYear.MonthOf month = year.months().get(n);
            double x = n * MONTH;
            double used = HIGH * month.used() / most;
            double over = HIGH * month.over() / most;
            sketch.rectangle(x, -used, x + BAR, 0, Ink.WATER, Ink.INK, "");
            sketch.rectangle(x, -used - over, x + BAR, -used, Ink.PAPER, Ink.METAL_EDGE, "");
            boolean dry = month.dryDays() >= 1;
            sketch.label(
                    x + BAR / 2,
                    0,
                    INITIALS.substring(n, n + 1),
                    Picture.Size.NOTE,
                    Picture.Anchor.MIDDLE,
                    dry ? Ink.DANGER : Ink.SOFT,
                    13);
            if (dry) {
                sketch.label(
                        x + BAR / 2,
                        0,
                        Words.say("rain.dry", Math.round(month.dryDays())),
                        Picture.Size.NOTE,
                        Picture.Anchor.MIDDLE,
                        Ink.DANGER,
                        27);
            }
        }
        sketch.label(
                0,
                -HIGH,
                Words.say("rain.scale", tape.say(new Volume(Math.rint(most)))),
                Picture.Size.NOTE,
                Picture.Anchor.LEFT,
                Ink.SOFT,
                -5);
        sketch.reach(new Picture.Point(0, 30));
        sketch.reach(new Picture.Point(0, -HIGH - 12));
        return sketch.picture();
    }
}
