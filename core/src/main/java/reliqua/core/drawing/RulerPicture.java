package reliqua.core.drawing;

import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;
import reliqua.core.measure.UnitSystem;

/** A line of a known length, by which one sees that a page was printed at its true size. */
public final class RulerPicture {
    private static final double TICK = 3;
    private static final double LONG = 6;

    private RulerPicture() {}

    /** How long it is: four inches, or a hundred millimetres. */
    public static Length length(Tape tape) {
        return tape.system() == UnitSystem.INCHES ? Length.inches(4) : Length.mm(100);
    }

    /** The drawing, a millimetre of it a millimetre of paper. */
    public static Picture of(Tape tape) {
        Picture.Sketch sketch = new Picture.Sketch();
        double all = length(tape).toMm();
        int parts = tape.system() == UnitSystem.INCHES ? 16 : 10;
        sketch.line(0, LONG, all, LONG, Ink.INK, true);
        for (int n = 0; n <= parts; n++) {
            double x = all * n / parts;
            boolean end = n % (parts / 2) == 0;
            sketch.line(x, end ? 0 : LONG - TICK, x, LONG, Ink.INK, false);
        }
        return sketch.picture();
    }
}
