package reliqua.core.drawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import reliqua.core.coop.Axis;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Corner;
import reliqua.core.coop.Duty;
import reliqua.core.coop.Part;
import reliqua.core.coop.Solid;
import reliqua.core.measure.Length;

/**
 * A coop seen from the front, the right and a little above, by parallel lines: the small picture on
 * a card, and the one on paper. Only what can be seen from there is drawn, the far before the near.
 */
public final class Oblique {
    private static final double SIDE = 0.55;
    private static final double SIDE_DOWN = 0.30;
    private static final double FRONT = 0.90;
    private static final double FRONT_DOWN = 0.12;

    private record Face(
            List<Picture.Point> outline,
            List<List<Picture.Point>> holes,
            Ink fill,
            Ink edge,
            String mark,
            double near) {}

    private Oblique() {}

    /** The drawing of what is seen of it from outside. */
    public static Picture of(Coop coop) {
        return of(coop, FromCorner.FRONT_RIGHT, p -> p.role().is(Duty.Trait.SHOWN), Set.of());
    }

    /**
     * From another corner, with some of its parts.
     *
     * @param shown which parts are drawn
     * @param lit marks of parts that stand out
     */
    public static Picture of(Coop coop, FromCorner corner, Predicate<Part> shown, Set<String> lit) {
        return of(coop.parts(), coop.bounds(), corner, shown, lit);
    }

    /** Parts that are no longer where they belong. */
    static Picture of(List<Part> parts, FromCorner corner, Set<String> lit) {
        Bounds all = parts.stream().map(p -> p.solid().bounds()).reduce(Bounds::with).orElseThrow();
        return of(parts, all, corner, _ -> true, lit);
    }

    /** The same cut open. */
    public static Picture of(
            Coop coop, Cutaway cut, FromCorner corner, Predicate<Part> shown, Set<String> lit) {
        return of(cut.of(coop, corner).parts(), coop.bounds(), corner, shown, lit);
    }

    private static Picture of(
            List<Part> all,
            Bounds bounds,
            FromCorner corner,
            Predicate<Part> shown,
            Set<String> lit) {
        List<Part> parts = all.stream().filter(shown).toList();
        Picture picture = drawn(corner.turned(parts, bounds), bounds, lit);
        return corner.mirrors() ? picture.mirrored() : picture;
    }

    private static Picture drawn(List<Part> seen, Bounds all, Set<String> lit) {
        Set<String> roofing = nearRoofing(seen, all);
        Map<Boolean, List<Part>> byRoofing =
                seen.stream().collect(Collectors.partitioningBy(p -> roofing.contains(p.mark())));
        Comparator<Part> near = Comparator.comparingDouble(Oblique::near);
        List<Part> ordered = new ArrayList<>(DepthOrder.of(byRoofing.get(false), near));
        ordered.addAll(DepthOrder.of(byRoofing.get(true), near));
        List<Face> faces = new ArrayList<>();
        for (Part part : ordered) {
            List<Face> own = faces(part);
            own.sort(Comparator.comparingDouble(Face::near));
            faces.addAll(own);
        }
        Picture.Sketch sketch = new Picture.Sketch();
        for (Face f : faces) {
            boolean bright = lit.contains(f.mark());
            sketch.area(
                    f.outline(),
                    f.holes(),
                    bright ? Ink.CHOSEN : f.fill(),
                    bright ? Ink.INK : f.edge(),
                    f.mark());
        }
        return sketch.picture();
    }

    /** The front of a prism along y, and the right and upper faces of the others. */
    private static List<Face> faces(Part part) {
        Solid solid = part.solid().along() == Axis.Z ? asUpright(part.solid()) : part.solid();
        List<Face> faces = new ArrayList<>();
        // A bird is a silhouette: it has no flat sides.
        int n = Dwellers.isBird(part) ? 0 : solid.outline().size();
        for (int i = 0; i < n; i++) {
            side(part, solid, solid.outline().get(i), solid.outline().get((i + 1) % n), faces);
        }
        boolean alongX = solid.along() == Axis.X;
        double end = (alongX ? solid.to() : solid.from()).toMm();
        List<Picture.Point> outline = end(solid, solid.outline(), end);
        List<List<Picture.Point>> holes =
                solid.holes().stream().map(h -> end(solid, h, end)).toList();
        Ink fill = alongX ? shade(part) : Inks.fill(part);
        faces.add(face(part, outline, holes, fill, near(solid, end)));
        return faces;
    }

    private static double near(Part part) {
        Bounds b = part.solid().bounds();
        double x = (b.x0().toMm() + b.x1().toMm()) / 2;
        double y = (b.y0().toMm() + b.y1().toMm()) / 2;
        double z = (b.z0().toMm() + b.z1().toMm()) / 2;
        return 0.55 * x - y + 0.9 * z;
    }

    private static boolean isCover(Part part) {
        return part instanceof Part.WholePart && part.role().is(Duty.Trait.OVERHEAD);
    }

    /** Nothing lies before the roofing that is seen from above; the far side of a steep one is. */
    private static Set<String> nearRoofing(List<Part> parts, Bounds all) {
        Length middle = all.y0().plus(all.y1()).half();
        return parts.stream()
                .filter(p -> p instanceof Part.RoofPart || isCover(p))
                .filter(
                        p -> {
                            Bounds b = p.solid().bounds();
                            boolean steep = !isCover(p) && b.height().compareTo(b.depth()) >= 0;
                            return !steep || b.y0().plus(b.y1()).half().compareTo(middle) < 0;
                        })
                .map(Part::mark)
                .collect(Collectors.toSet());
    }

    private static Face face(
            Part part,
            List<Picture.Point> outline,
            List<List<Picture.Point>> holes,
            Ink fill,
            double near) {
        return new Face(outline, holes, fill, Inks.edge(part), part.mark(), near);
    }

    private static Solid asUpright(Solid solid) {
        var b = solid.bounds();
        return new Solid(
                Axis.Y, Solid.rectangle(b.x0(), b.x1(), b.z0(), b.z1()), List.of(), b.y0(), b.y1());
    }

    private static Ink shade(Part part) {
        if (Dwellers.isBird(part)) {
            return Ink.OPEN;
        }
        Ink fill = Inks.fill(part);
        // One sees through mesh from any side.
        return fill == Ink.METAL || fill == Ink.MESH ? fill : Ink.SHEET_SIDE;
    }

    private static void side(Part part, Solid solid, Corner a, Corner b, List<Face> faces) {
        double from = solid.from().toMm();
        double to = solid.to().toMm();
        double du = b.u().minus(a.u()).toMm();
        double dv = b.v().minus(a.v()).toMm();
        boolean up = Math.abs(du) > Math.abs(dv);
        boolean alongX = solid.along() == Axis.X;
        // Upper faces are seen always; of the others the front of a prism along x, and the right of
        // one along y.
        double middle = solid.outline().stream().mapToDouble(c -> c.v().toMm()).average().orElse(0);
        boolean upper = up && (a.v().toMm() + b.v().toMm()) / 2 > middle;
        double centre = solid.outline().stream().mapToDouble(c -> c.u().toMm()).average().orElse(0);
        double at = (a.u().toMm() + b.u().toMm()) / 2;
        boolean facing = !up && (alongX ? at < centre : at > centre);
        if (!upper && !facing) {
            return;
        }
        List<Picture.Point> outline =
                List.of(
                        point(solid, a, from),
                        point(solid, b, from),
                        point(solid, b, to),
                        point(solid, a, to));
        Ink fill = upper ? Inks.fill(part) : alongX ? Inks.fill(part) : shade(part);
        double near = near(solid, (from + to) / 2) + (upper ? 1 : 0.5);
        faces.add(face(part, outline, List.of(), fill, near));
    }

    private static List<Picture.Point> end(Solid solid, List<Corner> corners, double at) {
        return corners.stream().map(c -> point(solid, c, at)).toList();
    }

    private static Picture.Point point(Solid solid, Corner c, double at) {
        return solid.along() == Axis.X
                ? project(at, c.u().toMm(), c.v().toMm())
                : project(c.u().toMm(), at, c.v().toMm());
    }

    private static Picture.Point project(double x, double y, double z) {
        return new Picture.Point(x * FRONT + y * SIDE, x * FRONT_DOWN - y * SIDE_DOWN - z);
    }

    /** Nearer is to the right, to the front and above. */
    private static double near(Solid solid, double at) {
        var b = solid.bounds();
        double x = (b.x0().toMm() + b.x1().toMm()) / 2;
        double y = (b.y0().toMm() + b.y1().toMm()) / 2;
        double z = (b.z0().toMm() + b.z1().toMm()) / 2;
        double along = solid.along() == Axis.X ? at - x : y - at;
        return 0.55 * x - y + 0.9 * z + 0.3 * along;
    }
}
