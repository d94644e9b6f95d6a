package reliqua.core.cutting;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Part;
import reliqua.core.measure.Length;
import reliqua.core.stock.SheetOutline;

/** The outline of a panel of a coop, as it lies on the sheet it is cut from. */
public final class PanelFace {
    /** Two sizes are the same when they differ by less than saws can tell, in millimetres. */
    private static final double SAME = 0.5;

    /** A size is rounded to the step of the keeper's tape, a sixteenth of an inch at most. */
    private static final double STEP = 1.6;

    private PanelFace() {}

    /** The outline; nothing where the panel is a whole rectangle. */
    public static Optional<PanelOutline> of(Part.PanelPart panel) {
        return of(panel, List.of());
    }

    /**
     * The outline without the openings out of which something is cut anyway, a door leaf or a
     * hatch: they are not free for other panels.
     *
     * @param fromIt what is cut out of it
     */
    static Optional<PanelOutline> of(Part.PanelPart panel, List<Part.PanelPart> fromIt) {
        Optional<PanelOutline> drawn = drawn(panel, fromIt);
        return drawn.isPresent() ? drawn : panel.lowSide().map(low -> trapezoid(panel, low));
    }

    /** Whether its width is drawn across and its height upright; else the other way about. */
    static boolean isUpright(Part.PanelPart panel) {
        Envelope box = panel.solid().profile().getEnvelopeInternal();
        return rounded(box.getWidth(), panel.width().toMm())
                && rounded(box.getHeight(), panel.height().toMm());
    }

    private static Optional<PanelOutline> drawn(Part.PanelPart panel, List<Part.PanelPart> fromIt) {
        Polygon face = panel.solid().profile();
        Envelope box = face.getEnvelopeInternal();
        double through = panel.solid().to().minus(panel.solid().from()).toMm();
        if (Math.abs(through - panel.thickness().toMm()) > SAME) {
            return Optional.empty();
        }
        double width = panel.width().toMm();
        double height = panel.height().toMm();
        boolean upright = isUpright(panel);
        boolean across = rounded(box.getWidth(), height) && rounded(box.getHeight(), width);
        if (!upright && !across) {
            return Optional.empty();
        }
        List<SheetOutline> openings =
                IntStream.range(0, face.getNumInteriorRing())
                        .mapToObj(face::getInteriorRingN)
                        .filter(ring -> fromIt.stream().noneMatch(p -> holds(ring, panel, p)))
                        .map(ring -> outline(ring, box, upright, panel))
                        .toList();
        Polygon edge = face.getFactory().createPolygon(face.getExteriorRing());
        boolean whole = edge.getArea() > (width - SAME) * (height - SAME) - 1;
        if (whole && openings.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(
                new PanelOutline(outline(face.getExteriorRing(), box, upright, panel), openings));
    }

    /**
     * The outline of what is cut for one panel as it lies on its sheet; nothing for a rectangle.
     */
    public static Optional<Geometry> lying(Ticket.Cut cut) {
        if (cut.parts().size() != 1 || !(cut.parts().getFirst() instanceof Part.PanelPart panel)) {
            return Optional.empty();
        }
        return of(panel).map(outline -> lying(outline, panel, cut));
    }

    private static Geometry lying(PanelOutline outline, Part.PanelPart panel, Ticket.Cut cut) {
        return AffineTransformation.translationInstance(cut.x().toMm(), cut.y().toMm())
                .transform(
                        PanelOutline.turned(
                                outline.polygon(), panel.width(), panel.height(), cut.quarters()));
    }

    private static boolean holds(LinearRing opening, Part.PanelPart panel, Part.PanelPart part) {
        return opening.getEnvelopeInternal().contains(seen(part, panel).centre());
    }

    /** The box about a part as it is seen square onto a panel, in the panel's drawing. */
    static Envelope seen(Part part, Part.PanelPart onto) {
        Bounds b = part.solid().bounds();
        return switch (onto.solid().along()) {
            case X -> box(b.y0(), b.y1(), b.z0(), b.z1());
            case Y -> box(b.x0(), b.x1(), b.z0(), b.z1());
            case Z -> box(b.x0(), b.x1(), b.y0(), b.y1());
        };
    }

    private static Envelope box(Length u0, Length u1, Length v0, Length v1) {
        return new Envelope(u0.toMm(), u1.toMm(), v0.toMm(), v1.toMm());
    }

    private static boolean rounded(double drawn, double cut) {
        return Math.abs(drawn - cut) < STEP;
    }

    private static boolean same(double a, double b) {
        return Math.abs(a - b) < SAME;
    }

    private static SheetOutline outline(
            LinearRing ring, Envelope box, boolean upright, Part.PanelPart panel) {
        Coordinate[] points = ring.getCoordinates();
        return new SheetOutline(
                Arrays.stream(points)
                        .limit(points.length - 1L)
                        .map(
                                p ->
                                        upright
                                                ? corner(
                                                        p.getX() - box.getMinX(),
                                                        p.getY() - box.getMinY(),
                                                        panel)
                                                : corner(
                                                        p.getY() - box.getMinY(),
                                                        p.getX() - box.getMinX(),
                                                        panel))
                        .toList());
    }

    private static SheetOutline.Corner corner(double x, double y, Part.PanelPart panel) {
        return new SheetOutline.Corner(
                Length.ofMm(x).max(Length.ZERO).min(panel.width()),
                Length.ofMm(y).max(Length.ZERO).min(panel.height()));
    }

    private static PanelOutline trapezoid(Part.PanelPart panel, Length low) {
        return new PanelOutline(
                new SheetOutline(
                        List.of(
                                new SheetOutline.Corner(Length.ZERO, Length.ZERO),
                                new SheetOutline.Corner(panel.width(), Length.ZERO),
                                new SheetOutline.Corner(panel.width(), low),
                                new SheetOutline.Corner(Length.ZERO, panel.height()))),
                List.of());
    }
}
