package reliqua.core.drawing;

import java.util.ArrayList;
import java.util.List;
import reliqua.core.flock.BirdClass;
import reliqua.core.flock.Flock;
import reliqua.core.flock.Needs;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Words;

/**
 * The birds to scale: shoulder to shoulder on the roost they need, and on the floor they need, with
 * their nests.
 */
public final class BirdsPicture {
    private static final double[][] HEN = {
        {-0.50, -0.95},
        {-0.40, -0.72},
        {-0.12, -0.62},
        {0.10, -0.68},
        {0.20, -0.88},
        {0.26, -1.0},
        {0.38, -1.0},
        {0.44, -0.93},
        {0.53, -0.89},
        {0.43, -0.86},
        {0.38, -0.70},
        {0.34, -0.48},
        {0.20, -0.30},
        {0.08, -0.24},
        {0.08, -0.02},
        {0.16, 0.0},
        {0.02, 0.0},
        {0.02, -0.23},
        {-0.06, -0.24},
        {-0.06, -0.02},
        {0.02, 0.0},
        {-0.12, 0.0},
        {-0.12, -0.26},
        {-0.32, -0.38},
        {-0.46, -0.62}
    };
    private static final double PLANK = 60;

    private BirdsPicture() {}

    /** The drawing; birds to come are drawn faint. */
    public static Picture of(Flock flock, Needs needs, Tape tape) {
        if (flock.total() == 0) {
            return empty();
        }
        Picture.Sketch sketch = new Picture.Sketch();
        double floor = Math.sqrt(needs.floor().toSquareMetres()) * 1000;
        double width = floor * 1.6;
        double deep = floor / 1.6;
        double top = 0;
        if (needs.roost().isPositive()) {
            roost(flock, needs, tape, sketch);
            top = 1040;
        }
        floor(flock, needs, tape, sketch, width, deep, top);
        return sketch.picture();
    }

    /** One faint bird where the flock will stand. */
    private static Picture empty() {
        Picture.Sketch sketch = new Picture.Sketch();
        bird(sketch, 0, 0, BirdClass.STANDARD.standing().toMm(), false);
        sketch.reach(new Picture.Point(-900, -700));
        sketch.reach(new Picture.Point(900, 300));
        return sketch.picture();
    }

    private static List<BirdClass> birds(Flock flock, boolean roosting) {
        List<BirdClass> all = new ArrayList<>();
        for (BirdClass kind : flock.birds().keySet()) {
            if (kind.roost().isPositive() == roosting) {
                for (int n = 0; n < flock.housed(kind); n++) {
                    all.add(kind);
                }
            }
        }
        return all;
    }

    private static void roost(Flock flock, Needs needs, Tape tape, Picture.Sketch sketch) {
        double length = needs.roost().toMm();
        double y = 520;
        double x = 0;
        int number = 0;
        for (BirdClass kind : birds(flock, true)) {
            double room = kind.roost().toMm();
            boolean here = number++ < flock.count(kind) || flock.birds().size() > 1;
            bird(sketch, x + room / 2, y, kind.standing().toMm(), here);
            sketch.line(x, y + PLANK, x, y + PLANK + 24, Ink.SOFT, false);
            x += room;
        }
        sketch.rectangle(0, y, length, y + PLANK, Ink.WOOD, Ink.WOOD_EDGE, "");
        String words = Words.say("birds.roost", tape.say(needs.roost()));
        sketch.label(0, y + PLANK, words, Picture.Size.BODY, Picture.Anchor.LEFT, Ink.SOFT, 19);
    }

    private static void floor(
            Flock flock,
            Needs needs,
            Tape tape,
            Picture.Sketch sketch,
            double width,
            double deep,
            double top) {
        sketch.rectangle(0, top, width, top + deep, Ink.SHEET, Ink.WOOD_EDGE, "");
        List<BirdClass> all = new ArrayList<>(birds(flock, true));
        all.addAll(birds(flock, false));
        int columns = (int) Math.max(1, Math.ceil(Math.sqrt(all.size() * width / deep)));
        int rows = Math.max(1, Math.ceilDiv(all.size(), columns));
        for (int n = 0; n < all.size(); n++) {
            double x = width * (n % columns + 0.5) / columns;
            double y =
                    top + deep * (n / columns + 0.5) / rows + all.get(n).standing().toMm() * 0.45;
            bird(sketch, x, y, all.get(n).standing().toMm() * 0.9, true);
        }
        String words = Words.say("birds.floor", tape.say(needs.floor()), all.size());
        sketch.label(0, top + deep, words, Picture.Size.BODY, Picture.Anchor.LEFT, Ink.SOFT, 19);
        double side = needs.nestSide().toMm();
        double x = width + 260;
        for (int n = 0; n < needs.nests(); n++) {
            double left = x + n * side;
            double bottom = top + deep;
            sketch.rectangle(
                    left,
                    bottom - needs.nestHeight().toMm(),
                    left + side,
                    bottom,
                    Ink.SHEET_SIDE,
                    Ink.WOOD_EDGE,
                    "");
            sketch.rectangle(
                    left,
                    bottom - Needs.NEST_LIP.toMm(),
                    left + side,
                    bottom,
                    Ink.WOOD,
                    Ink.WOOD_EDGE,
                    "");
        }
        if (needs.nests() > 0) {
            String nests = Words.say("birds.nests", needs.nests(), tape.say(needs.nestSide()));
            sketch.label(
                    x, top + deep, nests, Picture.Size.BODY, Picture.Anchor.LEFT, Ink.SOFT, 19);
        }
        sketch.reach(new Picture.Point(0, top + deep + 190));
        sketch.reach(new Picture.Point(x + Math.max(needs.nests() * side, 500), top));
    }

    private static void bird(
            Picture.Sketch sketch, double x, double feet, double tall, boolean here) {
        List<Picture.Point> outline = new ArrayList<>();
        for (double[] corner : HEN) {
            outline.add(new Picture.Point(x + corner[0] * tall * 0.72, feet + corner[1] * tall));
        }
        sketch.area(outline, List.of(), here ? Ink.OPEN : Ink.WASTE, Ink.SOFT, "");
    }
}
