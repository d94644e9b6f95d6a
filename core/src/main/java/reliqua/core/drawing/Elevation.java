package reliqua.core.drawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.operation.union.UnaryUnionOp;
import reliqua.core.coop.Axis;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Corner;
import reliqua.core.coop.Duty;
import reliqua.core.coop.Part;
import reliqua.core.coop.Solid;
import reliqua.core.coop.Terrain;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;

/** A coop seen square on, to scale, with its main dimensions. */
public final class Elevation {
    /** From where. */
    public enum View {
        FRONT,
        SIDE,
        PLAN
    }

    private static final double OFF = 90;
    private static final double TICK = 22;

    /** Where the words of an upright size stand beside its line, in points. */
    private static final double BEFORE = 6;

    private static final double BEYOND = -23;

    private final Coop coop;
    private final View view;
    private final Tape tape;
    private final Set<String> lit;
    private final Picture.Sketch sketch = new Picture.Sketch();

    private Elevation(Coop coop, View view, Tape tape, Set<String> lit) {
        this.coop = coop;
        this.view = view;
        this.tape = tape;
        this.lit = lit;
    }

    /**
     * The drawing.
     *
     * @param lit marks of parts shown lit up; when there are any, the others fade
     */
    public static Picture of(Coop coop, View view, Tape tape, Set<String> lit) {
        return new Elevation(coop, view, tape, lit).draw();
    }

    /**
     * Without sizes, with some parts lit, from where most of them is seen; from the side where all
     * is alike.
     */
    public static Picture lit(Coop coop, Tape tape, Set<String> lit) {
        View best =
                Stream.of(View.SIDE, View.FRONT, View.PLAN)
                        .max(Comparator.comparingDouble(v -> seen(coop, v, lit)))
                        .orElseThrow();
        Elevation drawing = new Elevation(coop, best, tape, lit);
        drawing.parts();
        if (best != View.PLAN) {
            drawing.ground();
        }
        return drawing.sketch.picture();
    }

    /** What of them is not behind one another, in whole square centimetres. */
    private static double seen(Coop coop, View view, Set<String> lit) {
        Elevation drawing = new Elevation(coop, view, Tape.METRIC, lit);
        List<Geometry> faces =
                coop.parts().stream()
                        .filter(p -> lit.contains(p.mark()))
                        .map(p -> face(drawing.outline(p.solid())))
                        .toList();
        Geometry all = UnaryUnionOp.union(faces);
        return all == null ? 0 : Math.rint(all.getArea() / 100);
    }

    private static Geometry face(List<Picture.Point> outline) {
        return new GeometryFactory()
                .createPolygon(
                        Stream.concat(outline.stream(), outline.stream().limit(1))
                                .map(p -> new Coordinate(p.x(), p.y()))
                                .toArray(Coordinate[]::new));
    }

    private Picture draw() {
        parts();
        dimensions();
        return sketch.picture();
    }

    private void parts() {
        List<Part> parts =
                coop.parts().stream()
                        .filter(p -> !hides(p) || lit.contains(p.mark()))
                        .sorted(Comparator.comparing(this::nearness))
                        .toList();
        for (Part part : parts) {
            if (lit.isEmpty() || !lit.contains(part.mark())) {
                part(part);
            }
        }
        parts.stream().filter(p -> lit.contains(p.mark())).forEach(this::part);
    }

    /** The plan looks in below the roof; an apron lies in the ground. */
    private boolean hides(Part part) {
        if (view != View.PLAN) {
            return part.role().is(Duty.Trait.LIES_OUT);
        }
        return part.role().is(Duty.Trait.OVERHEAD);
    }

    /** Parts nearer to the eye come later. */
    private Length nearness(Part part) {
        Bounds b = part.solid().bounds();
        return switch (view) {
            case FRONT -> b.y0().negated();
            case SIDE -> b.x1();
            case PLAN -> b.z1();
        };
    }

    private void part(Part part) {
        Ink fill =
                lit.contains(part.mark())
                        ? Ink.CHOSEN
                        : lit.isEmpty() ? Inks.fill(part) : Ink.PAPER;
        Ink edge =
                lit.isEmpty()
                        ? Inks.edge(part)
                        : lit.contains(part.mark()) ? Ink.INK : Ink.HAIRLINE;
        List<Picture.Point> outline = outline(part.solid());
        List<List<Picture.Point>> holes = holes(part.solid());
        sketch.area(outline, holes, fill, edge, part.mark());
    }

    private Axis sight() {
        return switch (view) {
            case FRONT -> Axis.Y;
            case SIDE -> Axis.X;
            case PLAN -> Axis.Z;
        };
    }

    private List<Picture.Point> outline(Solid solid) {
        if (solid.along() == sight()) {
            return points(solid.outline());
        }
        Bounds b = solid.bounds();
        return switch (view) {
            case FRONT -> points(Solid.rectangle(b.x0(), b.x1(), b.z0(), b.z1()));
            case SIDE -> points(Solid.rectangle(b.y0(), b.y1(), b.z0(), b.z1()));
            case PLAN -> points(Solid.rectangle(b.x0(), b.x1(), b.y0(), b.y1()));
        };
    }

    private List<List<Picture.Point>> holes(Solid solid) {
        List<List<Picture.Point>> holes = new ArrayList<>();
        if (solid.along() == sight()) {
            solid.holes().forEach(hole -> holes.add(points(hole)));
        }
        return holes;
    }

    private static List<Picture.Point> points(List<Corner> corners) {
        return corners.stream().map(c -> new Picture.Point(c.u().toMm(), -c.v().toMm())).toList();
    }

    /** Level, or down a slope, where it is nearest to the eye. */
    private void ground() {
        double from = sketch.left() - 60;
        double to = sketch.right() + 60;
        sketch.line(from, fall(from), to, fall(to), Ink.INK, true);
    }

    /** How far the ground has fallen, along the front or along the right side. */
    private double fall(double along) {
        Terrain terrain = coop.terrain();
        Length end = view == View.FRONT ? terrain.x1() : terrain.y1();
        Length begin = view == View.FRONT ? terrain.x0() : terrain.y0();
        double apart = end.minus(begin).toMm();
        if (apart < 1) {
            return 0;
        }
        double first = below(begin);
        return first + (below(end) - first) * (along - begin.toMm()) / apart;
    }

    private double below(Length along) {
        Terrain terrain = coop.terrain();
        return view == View.FRONT
                ? terrain.below(along, terrain.y0()).toMm()
                : terrain.below(terrain.x1(), along).toMm();
    }

    private void dimensions() {
        Coop.Measures m = coop.measures();
        switch (view) {
            case FRONT -> {
                ground();
                across(0, m.width().toMm(), sketch.bottom() + OFF, tape.say(m.width()));
                atRight(m.height());
                upright(sketch.left() - OFF, m.clearBelow(), BEFORE);
            }
            case SIDE -> {
                ground();
                across(0, m.depth().toMm(), sketch.bottom() + OFF, tape.say(m.depth()));
                upright(sketch.left() - OFF, m.floorHeight(), BEFORE);
                atRight(m.height());
            }
            case PLAN -> {
                across(0, m.width().toMm(), sketch.bottom() + OFF, tape.say(m.width()));
                atRight(m.depth());
            }
        }
    }

    private void across(double from, double to, double y, String words) {
        sketch.line(from, y, to, y, Ink.INK, false);
        sketch.line(from, y - TICK, from, y + TICK, Ink.INK, false);
        sketch.line(to, y - TICK, to, y + TICK, Ink.INK, false);
        sketch.label(
                (from + to) / 2, y, words, Picture.Size.BODY, Picture.Anchor.MIDDLE, Ink.INK, 17);
        sketch.reach(new Picture.Point(from, y + 170));
    }

    /** Beyond its line, so that the words keep clear of the eaves. */
    private void atRight(Length size) {
        double x = sketch.right() + OFF;
        upright(x, size, BEYOND);
        sketch.reach(new Picture.Point(x + 300, 0));
    }

    private void upright(double x, Length size, double away) {
        double to = size.toMm();
        sketch.line(x, 0, x, -to, Ink.INK, false);
        sketch.line(x - TICK, 0, x + TICK, 0, Ink.INK, false);
        sketch.line(x - TICK, -to, x + TICK, -to, Ink.INK, false);
        sketch.turnedLabel(x, -to / 2, tape.say(size), Picture.Size.BODY, Ink.INK, away);
        sketch.reach(new Picture.Point(x - 130, -to));
        sketch.reach(new Picture.Point(x + 60, -to));
    }
}
