package reliqua.core.drawing;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import reliqua.core.buy.Fixings;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Contact;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Joints;
import reliqua.core.coop.Part;
import reliqua.core.coop.Solid;
import reliqua.core.measure.Angle;
import reliqua.core.measure.Length;
import reliqua.core.stock.Section;

/**
 * Some parts of a coop drawn apart, each with its mark, and a dot on a part wherever screws go
 * through it into another: how an assembly goes together.
 */
public final class Exploded {
    /** How far what lies outermost is moved, as a share of the extent that way. */
    private static final double SPREAD = 0.35;

    /**
     * Least such move, as a share of the largest extent: a wall is thin, and its skin comes off.
     */
    private static final double LEAST = 0.12;

    private static final int STANDS = 3;
    private static final double ASIDE = 0.22;
    private static final String DOT = "\u2022";
    private static final double DOT_SHARE = 0.012;

    private final List<Part> parts;
    private final Bounds all;
    private final double largest;

    private Exploded(List<Part> parts) {
        this.parts = parts;
        this.all = parts.stream().map(p -> p.solid().bounds()).reduce(Bounds::with).orElseThrow();
        this.largest =
                Math.max(all.width().toMm(), Math.max(all.depth().toMm(), all.height().toMm()));
    }

    /** Parts with these marks, seen from a corner; nothing where there are none. */
    public static Picture of(Coop coop, Set<String> marks, FromCorner corner) {
        List<Part> parts = coop.parts().stream().filter(p -> marks.contains(p.mark())).toList();
        if (parts.isEmpty()) {
            return new Picture(List.of(), 0, 0, 1, 1);
        }
        return new Exploded(parts).drawn(coop, corner);
    }

    private Picture drawn(Coop coop, FromCorner corner) {
        List<Part> apart = new ArrayList<>();
        parts.forEach(p -> apart.add(p.at(moved(p.solid(), p))));
        apart.addAll(dots(coop));
        Picture picture = Oblique.of(apart, corner, Set.of(DOT));
        return picture.under(names(picture));
    }

    /** Away from the middle of all, by as much as it lies from there. */
    private Solid moved(Solid solid, Part by) {
        Bounds b = by.solid().bounds();
        return solid.shifted(
                move(b.x0(), b.x1(), all.x0(), all.x1()),
                move(b.y0(), b.y1(), all.y0(), all.y1()),
                move(b.z0(), b.z1(), all.z0(), all.z1()));
    }

    private Length move(Length from, Length to, Length first, Length last) {
        double extent = last.minus(first).toMm();
        double off = (from.plus(to).toMm() - first.plus(last).toMm()) / 2;
        double most = Math.max(SPREAD * extent, LEAST * largest);
        return Length.mm(Math.round(extent < 1 ? 0 : off / (extent / 2) * most));
    }

    /** One for a joint, on the part that goes on. */
    private List<Part> dots(Coop coop) {
        List<Part> near =
                coop.parts().stream()
                        .filter(p -> p.solid().bounds().near(all, Contact.NEAR))
                        .toList();
        List<Part> dots = new ArrayList<>();
        for (Joints.Joint joint : Joints.among(near)) {
            if (parts.contains(joint.second()) && Fixings.screws(joint) > 0) {
                dots.add(dot(joint));
            }
        }
        return dots;
    }

    private Part dot(Joints.Joint joint) {
        Bounds a = joint.first().solid().bounds();
        Bounds b = joint.second().solid().bounds();
        Length half = Length.mm(Math.round(largest * DOT_SHARE));
        Length x = middle(a.x0().max(b.x0()), a.x1().min(b.x1()));
        Length y = middle(a.y0().max(b.y0()), a.y1().min(b.y1()));
        Length z = middle(a.z0().max(b.z0()), a.z1().min(b.z1()));
        Solid cube =
                Solid.box(
                        x.minus(half),
                        x.plus(half),
                        y.minus(half),
                        y.plus(half),
                        z.minus(half),
                        z.plus(half));
        Length side = half.times(2);
        return new Part.StickPart(
                DOT,
                joint.second().role(),
                Section.of(side, side),
                side,
                Angle.ZERO,
                Angle.ZERO,
                moved(cube, joint.second()));
    }

    private static Length middle(Length a, Length b) {
        return a.plus(b).half();
    }

    /** In the middle of what is seen of each. */
    private static Picture names(Picture picture) {
        Map<String, Picture.Area> seen = new LinkedHashMap<>();
        for (Picture.Shape shape : picture.shapes()) {
            if (shape instanceof Picture.Area area && !area.tag().equals(DOT)) {
                seen.merge(area.tag(), area, (one, other) -> size(other) > size(one) ? other : one);
            }
        }
        Picture.Sketch sketch = new Picture.Sketch();
        seen.forEach((mark, area) -> name(sketch, mark, area));
        return sketch.picture();
    }

    /**
     * On pieces that lie close together names stand at different heights: by turns in the middle
     * and to either side of it, along the longer of its edges.
     */
    private static void name(Picture.Sketch sketch, String mark, Picture.Area area) {
        List<Picture.Point> outline = area.outline();
        Picture.Point one = outline.getFirst();
        Picture.Point two = outline.get(1);
        Picture.Point last = outline.getLast();
        boolean first = apart(one, two) >= apart(one, last);
        Picture.Point end = first ? two : last;
        double along = (Math.floorMod(mark.hashCode(), STANDS) - 1) * ASIDE;
        sketch.label(
                mean(area, Picture.Point::x) + along * (end.x() - one.x()),
                mean(area, Picture.Point::y) + along * (end.y() - one.y()),
                mark,
                Picture.Size.NOTE,
                Picture.Anchor.MIDDLE,
                Ink.INK);
    }

    private static double apart(Picture.Point a, Picture.Point b) {
        return Math.hypot(a.x() - b.x(), a.y() - b.y());
    }

    private static double mean(Picture.Area area, ToDoubleFunction<Picture.Point> of) {
        return area.outline().stream().mapToDouble(of).average().orElse(0);
    }

    private static double size(Picture.Area area) {
        double wide =
                area.outline().stream().mapToDouble(Picture.Point::x).max().orElse(0)
                        - area.outline().stream().mapToDouble(Picture.Point::x).min().orElse(0);
        double high =
                area.outline().stream().mapToDouble(Picture.Point::y).max().orElse(0)
                        - area.outline().stream().mapToDouble(Picture.Point::y).min().orElse(0);
        return wide * high;
    }
}
