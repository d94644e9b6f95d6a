package reliqua.core.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import reliqua.core.coop.Coop;
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

    /**
     * All grips of a view; none for lengths it does not show.
     *
     * @param lengths of the coop, by their keys
     */
    public static List<Grip> of(Coop coop, Map<String, Length> lengths, Elevation.View view) {
        List<Grip> grips = new ArrayList<>();
        Coop.Measures m = coop.measures();
        double floor = m.floorHeight().toMm();
        switch (view) {
            case FRONT -> {
                double up = -m.height().toMm() / 2;
                add(grips, lengths, "width", m.width().toMm(), up, true);
                add(grips, lengths, "legs", 0, -m.clearBelow().toMm(), false);
            }
            case SIDE -> {
                double deep = m.depth().toMm();
                double up = -m.height().toMm() / 2;
                add(grips, lengths, "depth", deep, up, true);
                add(grips, lengths, "front", 0, -floor - mm(lengths, "front"), false);
                add(grips, lengths, "back", deep, -floor - mm(lengths, "back"), false);
                add(grips, lengths, "eaves", 0, -floor - mm(lengths, "eaves"), false);
                double plate = Math.max(mm(lengths, "eaves"), mm(lengths, "front"));
                double ridge = floor + plate + mm(lengths, "rise");
                add(grips, lengths, "rise", deep / 2, -ridge, false);
                add(grips, lengths, "peak", deep / 2, -mm(lengths, "peak"), false);
            }
            case PLAN -> {
                double wide = m.width().toMm();
                double deep = m.depth().toMm();
                add(grips, lengths, "width", wide, -deep / 2, true);
                add(grips, lengths, "depth", wide / 2, -deep, false);
            }
        }
        return grips;
    }

    private static void add(
            List<Grip> grips,
            Map<String, Length> lengths,
            String key,
            double x,
            double y,
            boolean across) {
        if (lengths.containsKey(key)) {
            grips.add(new Grip(key, new Picture.Point(x, y), across));
        }
    }

    private static double mm(Map<String, Length> lengths, String key) {
        Length length = lengths.get(key);
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
