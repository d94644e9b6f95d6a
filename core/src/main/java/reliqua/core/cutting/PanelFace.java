package reliqua.core.cutting;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import reliqua.core.coop.Part;
import reliqua.core.measure.Length;
import reliqua.core.stock.SheetOutline;

/** The outline of a panel of a coop, as it lies on the sheet it is cut from. */
public final class PanelFace {
    /** Two sizes are the same when they differ by less than saws can tell, in millimetres. */
    private static final double SAME = 0.5;

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

    private static Optional<PanelOutline> drawn(Part.PanelPart panel, List<Part.PanelPart> fromIt) {
        Polygon face = panel.solid().profile();
        Envelope box = face.getEnvelopeInternal();
        double through = panel.solid().to().minus(panel.solid().from()).toMm();
        if (Math.abs(through - panel.thickness().toMm()) > SAME) {
            return Optional.empty();
        }
        double width = panel.width().toMm();
        double height = panel.height().toMm();
        boolean upright = same(box.getWidth(), width) && same(box.getHeight(), height);
        boolean across = same(box.getWidth(), height) && same(box.getHeight(), width);
        List<SheetOutline> openings =
                IntStream.range(0, face.getNumInteriorRing())
                        .mapToObj(face::getInteriorRingN)
                        .filter(ring -> fromIt.stream().noneMatch(p -> holds(ring, p)))
                        .map(ring -> outline(ring, box, upright, panel))
                        .toList();
        Polygon edge = face.getFactory().createPolygon(face.getExteriorRing());
        boolean whole = edge.getArea() > (width - SAME) * (height - SAME) - 1;
        if (!upright && !across || whole && openings.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(
                new PanelOutline(outline(face.getExteriorRing(), box, upright, panel), openings));
    }

    private static boolean holds(LinearRing opening, Part.PanelPart part) {
        return opening.getFactory()
                .createPolygon(opening)
                .contains(part.solid().profile().getCentroid());
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
