package reliqua.files;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.algorithm.ConvexHull;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.triangulate.polygon.PolygonTriangulator;
import reliqua.core.coop.Axis;
import reliqua.core.coop.Solid;

/**
 * A prism as convex pieces: itself where its profile is convex, else a piece for every triangle of
 * its profile. Lengths in millimetres.
 */
final class ConvexPieces {
    private static final double SAME_AREA = 1e-6;

    /** mm². */
    private static final double LEAST_AREA = 0.1;

    private ConvexPieces() {}

    /**
     * A convex solid.
     *
     * @param points x, y, z
     * @param faces numbers of points, counter-clockwise seen from outside
     */
    record Piece(List<double[]> points, List<int[]> faces) {}

    static List<Piece> of(Solid solid) {
        Polygon profile = solid.profile();
        List<Piece> pieces = new ArrayList<>();
        for (Geometry each : convex(profile)) {
            pieces.add(prism(((Polygon) each).getExteriorRing().getCoordinates(), solid));
        }
        return pieces;
    }

    private static List<Geometry> convex(Polygon profile) {
        Geometry hull = new ConvexHull(profile).getConvexHull();
        if (hull.getArea() - profile.getArea() <= SAME_AREA * hull.getArea()) {
            return List.of(profile);
        }
        Geometry triangles = PolygonTriangulator.triangulate(profile);
        List<Geometry> all = new ArrayList<>();
        for (int n = 0; n < triangles.getNumGeometries(); n++) {
            // Of corners in a line come triangles without width, which are no solids.
            if (triangles.getGeometryN(n).getArea() > LEAST_AREA) {
                all.add(triangles.getGeometryN(n));
            }
        }
        return all;
    }

    private static Piece prism(Coordinate[] ring, Solid solid) {
        int n = ring.length - 1;
        // Of (y, z), (x, z) and (x, y) the second runs the other way round about y.
        boolean forward = Orientation.isCCW(ring) == (solid.along() != Axis.Y);
        List<double[]> points = new ArrayList<>();
        for (double at : new double[] {solid.from().toMm(), solid.to().toMm()}) {
            for (int i = 0; i < n; i++) {
                points.add(point(ring[forward ? i : n - 1 - i], at, solid.along()));
            }
        }
        List<int[]> faces = new ArrayList<>();
        int[] low = new int[n];
        int[] high = new int[n];
        for (int i = 0; i < n; i++) {
            low[i] = n - 1 - i;
            high[i] = n + i;
            int next = (i + 1) % n;
            faces.add(new int[] {i, next, n + next, n + i});
        }
        faces.add(low);
        faces.add(high);
        return new Piece(points, faces);
    }

    private static double[] point(Coordinate uv, double at, Axis along) {
        return switch (along) {
            case X -> new double[] {at, uv.x, uv.y};
            case Y -> new double[] {uv.x, at, uv.y};
            case Z -> new double[] {uv.x, uv.y, at};
        };
    }
}
