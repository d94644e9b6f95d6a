package reliqua.core.drawing;

import java.util.ArrayList;
import java.util.List;
import reliqua.core.flock.BirdClass;
import reliqua.core.flock.Flock;
import reliqua.core.flock.Needs;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Words;

/**
 * The birds to scale: shoulder to shoulder on the roost they need, on the floor and in the run they
 * need, and sitting in their nests.
 */
public final class BirdsPicture {
    private static final double PLANK = 60;
    private static final double ROOST_AT = 560;
    private static final double FLOOR_AT = 1060;
    private static final double GAP = 420;

    /** Of the drawing, where a run makes it small. */
    private static final double LETTER = 112;

    private final Flock flock;
    private final Needs needs;
    private final Tape tape;
    private final Picture.Sketch sketch = new Picture.Sketch();

    private BirdsPicture(Flock flock, Needs needs, Tape tape) {
        this.flock = flock;
        this.needs = needs;
        this.tape = tape;
    }

    private record Bird(BirdClass kind, boolean cock, boolean here) {
        double tall() {
            return kind.standing().toMm();
        }
    }

    /** The drawing; birds to come are drawn faint. */
    public static Picture of(Flock flock, Needs needs, Tape tape) {
        return flock.total() == 0 ? empty() : new BirdsPicture(flock, needs, tape).draw();
    }

    /** One faint bird where the flock will stand. */
    private static Picture empty() {
        Picture.Sketch sketch = new Picture.Sketch();
        double tall = BirdClass.STANDARD.standing().toMm();
        sketch.area(
                BirdShapes.outline(BirdClass.STANDARD, false, 0, 0, tall),
                List.of(),
                Ink.WASTE,
                Ink.SOFT,
                "");
        sketch.reach(new Picture.Point(-900, -700));
        sketch.reach(new Picture.Point(900, 300));
        return sketch.picture();
    }

    private Picture draw() {
        double floor = Math.sqrt(needs.floor().toSquareMetres()) * 1000;
        double wide = floor * 1.6;
        double deep = floor / 1.6;
        double top = needs.roost().isPositive() ? FLOOR_AT : 0;
        if (needs.roost().isPositive()) {
            roost();
        }
        floor(wide, deep, top);
        double right = nests(wide + GAP * 0.6, top + deep);
        right = Math.max(right, needs.roost().toMm());
        sketch.reach(new Picture.Point(0, top + deep + 190));
        if (needs.run().um2() > 0) {
            run(right + GAP, top + deep);
        }
        return sketch.picture();
    }

    private List<Bird> birds() {
        List<Bird> all = new ArrayList<>();
        for (BirdClass kind : flock.classes()) {
            int hens = flock.hens().getOrDefault(kind, 0);
            int cocks = flock.cocks().getOrDefault(kind, 0);
            for (int n = 0; n < cocks; n++) {
                all.add(new Bird(kind, true, true));
            }
            for (int n = 0; n < flock.housedHens(kind); n++) {
                all.add(new Bird(kind, false, n < hens));
            }
        }
        return all;
    }

    private Length room(BirdClass kind) {
        return flock.practice().own().roost().orElse(kind.roost(flock.practice().roosts()));
    }

    private void roost() {
        double x = 0;
        for (Bird bird : birds()) {
            if (bird.kind().roosts()) {
                double room = room(bird.kind()).toMm();
                bird(bird, x + room / 2, ROOST_AT, bird.tall());
                double below = ROOST_AT + PLANK;
                sketch.line(x, below, x, below + 24, Ink.SOFT, false);
                x += room;
            }
        }
        sketch.rectangle(0, ROOST_AT, x, ROOST_AT + PLANK, Ink.WOOD, Ink.WOOD_EDGE, "");
        words(0, ROOST_AT + PLANK, Words.say("birds.roost", tape.say(needs.roost())));
    }

    private void floor(double wide, double deep, double top) {
        sketch.rectangle(0, top, wide, top + deep, Ink.SHEET, Ink.WOOD_EDGE, "");
        List<Bird> all = birds();
        spread(all, 0, top, wide, deep);
        words(0, top + deep, Words.say("birds.floor", tape.say(needs.floor()), all.size()));
    }

    private void spread(List<Bird> all, double left, double top, double wide, double deep) {
        int columns = (int) Math.max(1, Math.ceil(Math.sqrt(all.size() * wide / deep)));
        int rows = Math.max(1, Math.ceilDiv(all.size(), columns));
        for (int n = 0; n < all.size(); n++) {
            Bird bird = all.get(n);
            double x = left + wide * (n % columns + 0.5) / columns;
            double y = top + deep * (n / columns + 0.5) / rows + bird.tall() * 0.45;
            bird(bird, x, y, bird.tall() * 0.9);
        }
    }

    /** The boxes seen from inside, a hen in every second one. Gives the right edge. */
    private double nests(double left, double bottom) {
        double side = needs.nestSide().toMm();
        double high = needs.nestHeight().toMm();
        for (int n = 0; n < needs.nests(); n++) {
            double x = left + n * side;
            sketch.rectangle(x, bottom - high, x + side, bottom, Ink.SHEET_SIDE, Ink.WOOD_EDGE, "");
            if (n % 2 == 0) {
                double tall = Math.min(high * 1.1, side * 1.2);
                sketch.area(
                        BirdShapes.sitting(x + side / 2, bottom, tall * 0.8),
                        List.of(),
                        Ink.OPEN,
                        Ink.SOFT,
                        "");
            }
            double lip = bottom - needs.nestLip().toMm();
            sketch.rectangle(x, lip, x + side, bottom, Ink.WOOD, Ink.WOOD_EDGE, "");
        }
        if (needs.nests() == 0) {
            return left;
        }
        String label = Words.say("birds.nests", needs.nests(), tape.say(needs.nestSide()));
        words(left, bottom, label);
        return left + Math.max(needs.nests() * side, label.length() * LETTER);
    }

    /** As high as the rest of the drawing, and as wide as that makes it. */
    private void run(double left, double bottom) {
        double deep = bottom;
        double wide = needs.run().toSquareMetres() * 1e6 / deep;
        boolean wished = flock.style() == Flock.Style.OUT_ALL_DAY;
        Ink edge = wished ? Ink.HAIRLINE : Ink.METAL_EDGE;
        sketch.rectangle(left, 0, left + wide, deep, Ink.GRASS, edge, "");
        spread(birds(), left, 0, wide, deep);
        String key = wished ? "birds.run.wished" : "birds.run";
        words(left, deep, Words.say(key, tape.say(needs.run())));
    }

    private void words(double x, double y, String words) {
        sketch.label(x, y, words, Picture.Size.BODY, Picture.Anchor.LEFT, Ink.SOFT, 19);
    }

    private void bird(Bird bird, double x, double feet, double tall) {
        sketch.area(
                BirdShapes.outline(bird.kind(), bird.cock(), x, feet, tall),
                List.of(),
                bird.here() ? Ink.OPEN : Ink.WASTE,
                Ink.SOFT,
                "");
    }
}
