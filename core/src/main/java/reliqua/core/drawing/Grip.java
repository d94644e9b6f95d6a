package reliqua.core.drawing;

import java.util.ArrayList;
import java.util.List;
import reliqua.core.coop.Coop;
import reliqua.core.coop.family.DesignSpec;
import reliqua.core.measure.Length;

/**
 * A place on a view of a coop by which one of its lengths is pulled longer or shorter.
 *
 * @param key of the length
 * @param at where it is, in millimetres of the picture
 * @param across whether it is pulled to the right; else up
 */
public record Grip(String key, Picture.Point at, boolean across) {
    private static final double NM_PER_MM = 1e6;

    /** All grips of a view; none for lengths it does not show. */
    public static List<Grip> of(Coop coop, DesignSpec spec, Elevation.View view) {
        List<Grip> grips = new ArrayList<>();
        Coop.Measures m = coop.measures();
        double floor = m.floorHeight().toMm();
        switch (view) {
            case FRONT -> {
                double up = -m.height().toMm() / 2;
                add(grips, spec, "width", m.width().toMm(), up, true);
                add(grips, spec, "legs", 0, -m.clearBelow().toMm(), false);
            }
            case SIDE -> {
                double deep = m.depth().toMm();
                double up = -m.height().toMm() / 2;
                add(grips, spec, "depth", deep, up, true);
                add(grips, spec, "front", 0, -floor - mm(spec, "front"), false);
                add(grips, spec, "back", deep, -floor - mm(spec, "back"), false);
                add(grips, spec, "eaves", 0, -floor - mm(spec, "eaves"), false);
                double ridge = floor + mm(spec, "eaves") + mm(spec, "rise");
                add(grips, spec, "rise", deep / 2, -ridge, false);
                add(grips, spec, "peak", deep / 2, -mm(spec, "peak"), false);
            }
            case PLAN -> {
                double wide = m.width().toMm();
                double deep = m.depth().toMm();
                add(grips, spec, "width", wide, -deep / 2, true);
                add(grips, spec, "depth", wide / 2, -deep, false);
            }
        }
        return grips;
    }

    private static void add(
            List<Grip> grips, DesignSpec spec, String key, double x, double y, boolean across) {
        if (spec.lengths().containsKey(key)) {
            grips.add(new Grip(key, new Picture.Point(x, y), across));
        }
    }

    private static double mm(DesignSpec spec, String key) {
        Length length = spec.lengths().get(key);
        return length == null ? 0 : length.toMm();
    }

    /**
     * The length when it is pulled so far, on a whole step and above zero.
     *
     * @param before what it was
     * @param right millimetres of the picture to the right
     * @param down millimetres of the picture downwards
     */
    public Length pulled(Length before, double right, double down, Length step) {
        double by = across ? right : -down;
        Length longer = before.plus(new Length(Math.round(by * NM_PER_MM)));
        return longer.plus(step.half()).floorTo(step).max(step);
    }
}
