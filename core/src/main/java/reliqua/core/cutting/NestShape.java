package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;
import reliqua.core.measure.Length;

/**
 * A panel in one of the ways it may be turned, its least rectangle at the origin; in millimetres.
 *
 * @param panel which
 * @param type what is wanted
 * @param quarters how it is turned
 * @param shape of it
 */
record NestShape(int panel, SheetProblem.PanelType type, int quarters, Geometry shape) {
    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    /** Corners stay corners. */
    private static final BufferParameters MITRED =
            new BufferParameters(1, BufferParameters.CAP_FLAT, BufferParameters.JOIN_MITRE, 5);

    /** All ways to turn a panel that look different. */
    static List<NestShape> of(SheetProblem problem, int panel) {
        SheetProblem.PanelType type = problem.panels().get(panel);
        Length width = new Length(type.width());
        Length length = new Length(type.length());
        Geometry shape =
                type.outline()
                        .map(o -> (Geometry) o.polygon())
                        .orElseGet(
                                () ->
                                        rectangle(
                                                new SheetProblem.Rect(
                                                        0, 0, type.width(), type.length())));
        List<NestShape> ways = new ArrayList<>();
        for (int quarters = 0; quarters < 4; quarters++) {
            boolean same = type.outline().isEmpty() && quarters > 1;
            if (!same && (quarters % 2 == 0 || type.turn())) {
                ways.add(
                        new NestShape(
                                panel,
                                type,
                                quarters,
                                PanelOutline.turned(shape, width, length, quarters)));
            }
        }
        return ways;
    }

    boolean turns(SheetProblem.Bin bin) {
        return type.mayTurn(bin);
    }

    Geometry at(double x, double y) {
        return AffineTransformation.translationInstance(x, y).transform(shape);
    }

    Coordinate[] corners() {
        return shape.convexHull().getCoordinates();
    }

    /** A shape and all that lies nearer to it than so many millimetres, corners kept. */
    static Geometry grown(Geometry shape, double by) {
        return by == 0 ? shape : BufferOp.bufferOp(shape, by, MITRED);
    }

    static Geometry rectangle(SheetProblem.Rect rect) {
        return GEOMETRY.toGeometry(
                new Envelope(
                        new Length(rect.x0()).toMm(),
                        new Length(rect.x1()).toMm(),
                        new Length(rect.y0()).toMm(),
                        new Length(rect.y1()).toMm()));
    }
}
