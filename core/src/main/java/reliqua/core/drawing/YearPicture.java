package reliqua.core.drawing;

import java.time.format.TextStyle;
import java.util.List;
import reliqua.core.keep.KeepMonth;
import reliqua.core.measure.Words;

/** Eggs of each month as bars, with a mark at what such hens usually lay in it. */
public final class YearPicture {
    private static final double MONTH = 26;
    private static final double BAR = 18;
    private static final double HIGH = 90;

    private YearPicture() {}

    /** The drawing; bars to the scale of the best month. */
    public static Picture of(List<KeepMonth> months) {
        Picture.Sketch sketch = new Picture.Sketch();
        double most =
                Math.max(
                        1,
                        months.stream()
                                .mapToDouble(m -> Math.max(m.eggs(), m.usual()))
                                .max()
                                .orElse(1));
        for (int n = 0; n < months.size(); n++) {
            KeepMonth month = months.get(n);
            double x = n * MONTH;
            double high = HIGH * month.eggs() / most;
            sketch.rectangle(x, -high, x + BAR, 0, Ink.WOOD, Ink.WOOD_EDGE, "");
            double usual = -HIGH * month.usual() / most;
            sketch.rectangle(x - 2, usual - 0.6, x + BAR + 2, usual + 0.6, Ink.INK, Ink.NONE, "");
            sketch.label(
                    x + BAR / 2,
                    Math.min(-high, usual - 0.6),
                    String.valueOf(month.eggs()),
                    Picture.Size.NOTE,
                    Picture.Anchor.MIDDLE,
                    Ink.INK,
                    -3);
            sketch.label(
                    x + BAR / 2,
                    0,
                    month.month()
                            .getMonth()
                            .getDisplayName(TextStyle.SHORT, Words.language().locale()),
                    Picture.Size.NOTE,
                    Picture.Anchor.MIDDLE,
                    Ink.SOFT,
                    12);
        }
        sketch.reach(new Picture.Point(0, 16));
        sketch.reach(new Picture.Point(0, -HIGH - 14));
        return sketch.picture();
    }
}
