package reliqua.core.drawing;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Zone;
import reliqua.core.flock.Site;
import reliqua.core.flock.SiteMark;
import reliqua.core.flock.Siting;
import reliqua.core.measure.Bearing;
import reliqua.core.measure.Distance;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Words;

/**
 * The ground to scale, seen from above: what stands on it, the coop with what each of its walls is
 * for, sun, wind and fall of the ground. Areas are tagged {@code mark-N} by the index of their
 * mark.
 */
public final class SitePicture {
    private static final double ARROW = 900;
    private static final double HEAD = 220;
    private static final double BAND = 130;

    /** What lies this near the lower edge of the plan has its word above it, in millimetres. */
    private static final double FOOT = 1500;

    /**
     * Outside of the coop on the plan.
     *
     * @param width across its front
     * @param depth from front to back
     * @param grounds run and yard, from the left front corner of the house
     */
    public record Footprint(Length width, Length depth, List<Bounds> grounds) {
        /** Before any house is drawn up. */
        public static final Footprint USUAL =
                new Footprint(Length.mm(1800), Length.mm(1500), List.of());

        /** Copies the list. */
        public Footprint {
            grounds = List.copyOf(grounds);
        }

        /** Of a coop with its run and yard. */
        public static Footprint of(Coop coop) {
            List<Bounds> grounds =
                    coop.zones().stream()
                            .filter(z -> z.kind() != Zone.Kind.HOUSE)
                            .map(Zone::floor)
                            .toList();
            return new Footprint(coop.measures().width(), coop.measures().depth(), grounds);
        }
    }

    private final Site site;
    private final Tape tape;
    private final Footprint footprint;
    private final Picture.Sketch sketch = new Picture.Sketch();

    private SitePicture(Site site, Footprint footprint, Tape tape) {
        this.site = site;
        this.footprint = footprint;
        this.tape = tape;
    }

    /** The drawing; the chosen mark, if any, stands out. */
    public static Picture of(Site site, Footprint footprint, Optional<Integer> chosen, Tape tape) {
        SitePicture drawing = new SitePicture(site, footprint, tape);
        drawing.ground();
        drawing.marks(chosen, false);
        drawing.marks(chosen, true);
        drawing.sunAndWind();
        return drawing.sketch.picture();
    }

    /** The ground alone, for what stands elsewhere every day. */
    static Picture withoutCoop(Site site, Tape tape) {
        SitePicture drawing = new SitePicture(site, Footprint.USUAL, tape);
        drawing.ground();
        drawing.marks(Optional.empty(), false);
        drawing.sunAndWind();
        return drawing.sketch.picture();
    }

    /** All but the coop, or the coop: drawn last, the words at its walls lie on top. */
    private void marks(Optional<Integer> chosen, boolean coop) {
        for (int n = 0; n < site.marks().size(); n++) {
            SiteMark mark = site.marks().get(n);
            if (coop == (mark.kind() == SiteMark.Kind.COOP)) {
                mark(mark, n, chosen.filter(Integer.valueOf(n)::equals).isPresent());
            }
        }
    }

    /** Direction on the page, clockwise from up, in radians. */
    private double onPage(Bearing bearing) {
        return Math.toRadians(bearing.degrees() - site.up().degrees());
    }

    private void ground() {
        double w = site.width().toMm();
        double d = site.depth().toMm();
        sketch.rectangle(0, 0, w, d, Ink.GRASS, Ink.METAL_EDGE, "");
        if (site.slope() > 0) {
            fall(w, d);
        }
        sketch.label(
                90,
                0,
                Words.say(
                        "site.extent.words",
                        tape.say(new Distance(site.width())),
                        tape.say(new Distance(site.depth()))),
                Picture.Size.NOTE,
                Picture.Anchor.LEFT,
                Ink.SOFT,
                14);
    }

    /** Contour lines across the fall, with one arrow down it. */
    private void fall(double w, double d) {
        double angle = onPage(site.downhill());
        double dx = Math.sin(angle);
        double dy = -Math.cos(angle);
        double reach = Math.hypot(w, d) / 2;
        for (double along = -reach; along <= reach; along += 1500) {
            contour(w / 2 + dx * along, d / 2 + dy * along, -dy, dx, w, d);
        }
        double x = w / 2 + dx * reach * 0.35;
        double y = d / 2 + dy * reach * 0.35;
        arrow(
                Math.clamp(x, 0, w),
                Math.clamp(y, 0, d),
                dx,
                dy,
                Ink.SOFT,
                Words.say("site.downhill", site.slope()));
    }

    /** A line through a point, clipped to the plan by the parameters where it crosses the edges. */
    private void contour(double x, double y, double dx, double dy, double w, double d) {
        double from = -1e6;
        double to = 1e6;
        double[][] edges = {{x, dx, w}, {y, dy, d}};
        for (double[] e : edges) {
            if (Math.abs(e[1]) < 1e-9) {
                if (e[0] < 0 || e[0] > e[2]) {
                    return;
                }
                continue;
            }
            double a = -e[0] / e[1];
            double b = (e[2] - e[0]) / e[1];
            from = Math.max(from, Math.min(a, b));
            to = Math.min(to, Math.max(a, b));
        }
        if (from < to) {
            sketch.line(
                    x + dx * from, y + dy * from, x + dx * to, y + dy * to, Ink.HAIRLINE, false);
        }
    }

    private void arrow(double x, double y, double dx, double dy, Ink ink, String words) {
        double tipX = x + dx * ARROW / 2;
        double tipY = y + dy * ARROW / 2;
        sketch.line(x - dx * ARROW / 2, y - dy * ARROW / 2, tipX, tipY, ink, true);
        for (int side : new int[] {-1, 1}) {
            double backX = tipX - dx * HEAD + side * dy * HEAD * 0.7;
            double backY = tipY - dy * HEAD - side * dx * HEAD * 0.7;
            sketch.line(tipX, tipY, backX, backY, ink, true);
        }
        if (Math.abs(dy) > Math.abs(dx)) {
            double beside = x + Math.abs(dx) * ARROW / 2 + HEAD;
            sketch.label(beside, y, words, Picture.Size.NOTE, Picture.Anchor.LEFT, Ink.SOFT, 5);
        } else {
            double foot = y + Math.abs(dy) * ARROW / 2;
            sketch.label(x, foot, words, Picture.Size.NOTE, Picture.Anchor.MIDDLE, Ink.SOFT, 18);
        }
    }

    /** From outside the plan: the strong wind, and the winter morning sun. */
    private void sunAndWind() {
        fromOutside(site.windFrom(), Words.say("site.wind", site.windFrom().point()), false);
        Bearing sun = Siting.morningSun(site);
        fromOutside(sun, Words.say("site.sun", sun.point()), true);
    }

    private void fromOutside(Bearing from, String words, boolean sun) {
        double angle = onPage(from);
        double dx = Math.sin(angle);
        double dy = -Math.cos(angle);
        double w = site.width().toMm() / 2;
        double d = site.depth().toMm() / 2;
        double scale =
                Math.min(
                        Math.abs(dx) < 1e-9 ? 1e9 : w / Math.abs(dx),
                        Math.abs(dy) < 1e-9 ? 1e9 : d / Math.abs(dy));
        double x = w + dx * (scale + 750);
        double y = d + dy * (scale + 750);
        if (sun) {
            sketch.ellipse(x, y, 330, 330, Ink.CHOSEN, Ink.WOOD_EDGE, "");
            sketch.label(x, y + 330, words, Picture.Size.NOTE, Picture.Anchor.MIDDLE, Ink.SOFT, 15);
        } else {
            arrow(x, y, -dx, -dy, Ink.INK, words);
        }
        sketch.reach(new Picture.Point(x - 900, y - 500));
        sketch.reach(new Picture.Point(x + 900, y + 1200));
    }

    private void mark(SiteMark mark, int index, boolean chosen) {
        double x = mark.x().toMm();
        double y = mark.y().toMm();
        double half = mark.size().toMm() / 2;
        String tag = "mark-" + index;
        Ink edge = chosen ? Ink.INK : Ink.SOFT;
        switch (mark.kind()) {
            case COOP -> coop(x, y, tag, chosen);
            case TREE -> sketch.ellipse(x, y, half, half, Ink.LEAF, edge, tag);
            case WATER -> {
                double r = Math.max(250, half);
                sketch.ellipse(x, y, r, r, Ink.WATER, edge, tag);
            }
            case FEED -> box(x, y, 280, 280, Ink.WOOD, edge, tag);
            case HOUSE_DOOR -> box(x, y, Math.max(half, 300), 220, Ink.SHEET_SIDE, edge, tag);
            case NEIGHBOUR -> box(x, y, half, half * 0.7, Ink.WASTE, edge, tag);
            case GATE -> along(mark, 110, Ink.PAPER, edge, tag);
            case PATH -> along(mark, 300, Ink.SHEET, chosen ? Ink.INK : Ink.NONE, tag);
            case FENCE -> along(mark, 70, Ink.WOOD_EDGE, edge, tag);
        }
        if (mark.kind() != SiteMark.Kind.COOP) {
            label(mark, x, y, half);
        }
    }

    private void label(SiteMark mark, double x, double y, double half) {
        String name = mark.kind().sum().words(tape);
        String words =
                mark.kind() == SiteMark.Kind.GATE
                        ? Words.say("site.gate", name, tape.say(mark.size()))
                        : name;
        double below =
                switch (mark.kind()) {
                    case TREE -> 0;
                    case GATE, PATH, FENCE -> mark.turned() ? 0 : 200;
                    case NEIGHBOUR -> half * 0.7;
                    default -> 300;
                };
        // Along the foot of the plan the word stands above, clear of sun and wind outside.
        boolean above = y > site.depth().toMm() - FOOT;
        sketch.label(
                x,
                above ? y - below : y + below,
                words,
                Picture.Size.NOTE,
                Picture.Anchor.MIDDLE,
                Ink.INK,
                above ? -5 : 14);
    }

    private void box(double x, double y, double wide, double deep, Ink fill, Ink edge, String tag) {
        sketch.rectangle(x - wide, y - deep, x + wide, y + deep, fill, edge, tag);
    }

    private void along(SiteMark mark, double thick, Ink fill, Ink edge, String tag) {
        double half = mark.size().toMm() / 2;
        box(
                mark.x().toMm(),
                mark.y().toMm(),
                mark.turned() ? thick : half,
                mark.turned() ? half : thick,
                fill,
                edge,
                tag);
    }

    /** The house turned to where it faces, with a word for what each wall is for. */
    private void coop(double x, double y, String tag, boolean chosen) {
        double w = footprint.width().toMm() / 2;
        double d = footprint.depth().toMm() / 2;
        double angle = onPage(site.facing());
        for (Bounds ground : footprint.grounds()) {
            double x0 = ground.x0().toMm() - w;
            double x1 = ground.x1().toMm() - w;
            double y0 = ground.y0().toMm() - d;
            double y1 = Math.min(ground.y1().toMm() - d, -d);
            List<Picture.Point> fenced =
                    List.of(
                            turned(x, y, x0, y0, angle),
                            turned(x, y, x1, y0, angle),
                            turned(x, y, x1, y1, angle),
                            turned(x, y, x0, y1, angle));
            sketch.area(fenced, List.of(), Ink.WASTE, Ink.METAL_EDGE, tag);
        }
        List<Picture.Point> outline =
                List.of(
                        turned(x, y, -w, -d, angle),
                        turned(x, y, w, -d, angle),
                        turned(x, y, w, d, angle),
                        turned(x, y, -w, d, angle));
        sketch.area(outline, List.of(), Ink.METAL, chosen ? Ink.INK : Ink.METAL_EDGE, tag);
        List<Picture.Point> front =
                List.of(
                        turned(x, y, -w, -d, angle),
                        turned(x, y, w, -d, angle),
                        turned(x, y, w, -d + BAND, angle),
                        turned(x, y, -w, -d + BAND, angle));
        sketch.area(front, List.of(), Ink.CHOSEN, Ink.WOOD_EDGE, tag);
        Siting siting = Siting.of(site);
        for (Map.Entry<Siting.Wall, List<Siting.Duty>> wall : siting.walls().entrySet()) {
            duties(x, y, w, d, angle, wall.getKey(), wall.getValue());
        }
    }

    private void duties(
            double x,
            double y,
            double w,
            double d,
            double angle,
            Siting.Wall wall,
            List<Siting.Duty> duties) {
        String words =
                duties.stream()
                        .map(duty -> duty.sum().words(tape))
                        .reduce((a, b) -> Sum.of("needs.list", a, b).words(tape))
                        .orElse("");
        if (words.isEmpty()) {
            return;
        }
        double out = 320;
        Picture.Point at =
                switch (wall) {
                    case FRONT -> turned(x, y, 0, -d - out, angle);
                    case BACK -> turned(x, y, 0, d + out, angle);
                    case LEFT -> turned(x, y, -w - out, 0, angle);
                    case RIGHT -> turned(x, y, w + out, 0, angle);
                };
        double across = at.x() - x;
        Picture.Anchor anchor =
                Math.abs(across) < w * 0.6
                        ? Picture.Anchor.MIDDLE
                        : across > 0 ? Picture.Anchor.LEFT : Picture.Anchor.RIGHT;
        sketch.label(at.x(), at.y(), words, Picture.Size.NOTE, anchor, Ink.INK, 5);
    }

    /** A point of the house, across its front and towards its back, on the page. */
    private static Picture.Point turned(
            double x, double y, double across, double back, double angle) {
        return new Picture.Point(
                x + across * Math.cos(angle) - back * Math.sin(angle),
                y + across * Math.sin(angle) + back * Math.cos(angle));
    }
}
