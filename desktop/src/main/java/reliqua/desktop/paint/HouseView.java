package reliqua.desktop.paint;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Predicate;
import javafx.scene.AmbientLight;
import javafx.scene.Group;
import javafx.scene.PerspectiveCamera;
import javafx.scene.PointLight;
import javafx.scene.SceneAntialiasing;
import javafx.scene.SubScene;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;
import javafx.scene.paint.PhongMaterial;
import javafx.scene.shape.CullFace;
import javafx.scene.shape.MeshView;
import javafx.scene.shape.TriangleMesh;
import javafx.scene.transform.Rotate;
import javafx.scene.transform.Translate;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.triangulate.polygon.PolygonTriangulator;
import reliqua.core.coop.Axis;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Duty;
import reliqua.core.coop.Part;
import reliqua.core.coop.Solid;
import reliqua.core.drawing.Dwellers;

/** A coop in space: drag to turn, scroll to come nearer, click a part. */
public final class HouseView extends Region {
    private static final Color BIRD = Color.web("#5A6764");

    private static final Color WOOD = Color.web("#D9A865");
    private static final Color SHEET = Color.web("#E3BE86");
    private static final Color METAL = Color.web("#C3CED2");
    private static final Color MESH = Color.web("#8FA0A6");
    private static final Color PALLET = Color.web("#B98B52");
    private static final Color CHOSEN = Color.web("#F2C94C");

    private final Group house = new Group();
    private final Rotate turn = new Rotate(34, Rotate.Y_AXIS);
    private final Rotate tilt = new Rotate(16, Rotate.X_AXIS);
    private final Translate away = new Translate(0, 0, -6000);
    private final SubScene scene;
    private Consumer<String> onPick = _ -> {};

    /** The view is wider than it is high, and what is near looks larger. */
    private static final double TALLER = 1.25;

    private double pressX;
    private double pressY;

    /** An empty view. */
    public HouseView() {
        getStyleClass().add("house-view");
        setMinSize(0, 0);
        PerspectiveCamera camera = new PerspectiveCamera(true);
        camera.setNearClip(50);
        camera.setFarClip(40_000);
        camera.setFieldOfView(28);
        camera.getTransforms().add(away);
        PointLight sun = new PointLight(Color.gray(0.62));
        sun.getTransforms().add(new Translate(-3500, -6000, -7000));
        Group turned = new Group(house);
        turned.getTransforms().addAll(tilt, turn);
        Group world = new Group(turned, camera, sun, new AmbientLight(Color.gray(0.58)));
        scene = new SubScene(world, 100, 100, true, SceneAntialiasing.BALANCED);
        scene.setCamera(camera);
        scene.setFill(Color.TRANSPARENT);
        getChildren().add(scene);
        wire();
    }

    private void wire() {
        scene.setOnMousePressed(
                e -> {
                    pressX = e.getX();
                    pressY = e.getY();
                });
        scene.setOnMouseDragged(
                e -> {
                    turn.setAngle(turn.getAngle() - (e.getX() - pressX) * 0.4);
                    tilt.setAngle(Math.clamp(tilt.getAngle() - (pressY - e.getY()) * 0.3, -10, 89));
                    pressX = e.getX();
                    pressY = e.getY();
                });
        scene.setOnScroll(
                e ->
                        away.setZ(
                                Math.clamp(
                                        away.getZ() * (e.getDeltaY() > 0 ? 0.92 : 1.08),
                                        -20_000,
                                        -1500)));
    }

    /** Hears of the mark of a part that is clicked. */
    public void onPick(Consumer<String> pick) {
        this.onPick = pick;
    }

    /** Turns the house by so many degrees; for the keyboard. */
    public void turnBy(double degrees) {
        turn.setAngle(turn.getAngle() + degrees);
    }

    /** Shows parts of a coop; the one with {@code lit} as its mark stands out. */
    public void show(Coop coop, String lit, Predicate<Part> shown) {
        house.getChildren().clear();
        Bounds b = coop.bounds();
        double cx = mm(b.x0(), b.x1());
        double cy = mm(b.y0(), b.y1());
        double cz = mm(b.z0(), b.z1());
        for (Part part : coop.parts()) {
            if (part.role().is(Duty.Trait.LIES_OUT) || !shown.test(part)) {
                continue;
            }
            TriangleMesh shape =
                    part instanceof Part.MeshPart
                            ? Lattice.of(part.solid().bounds(), cx, cy, cz)
                            : mesh(part.solid(), cx, cy, cz);
            MeshView view = new MeshView(shape);
            view.setMaterial(new PhongMaterial(part.mark().equals(lit) ? CHOSEN : colour(part)));
            view.setCullFace(CullFace.BACK);
            view.setOnMouseClicked(_ -> onPick.accept(part.mark()));
            house.getChildren().add(view);
        }
        double upright = TALLER * b.height().toMm();
        double reach = Math.max(b.width().toMm(), Math.max(b.depth().toMm(), upright));
        away.setZ(-reach * 2.25);
    }

    private static double mm(reliqua.core.measure.Length a, reliqua.core.measure.Length b) {
        return (a.toMm() + b.toMm()) / 2;
    }

    private static Color colour(Part part) {
        if (Dwellers.isBird(part)) {
            return BIRD;
        }
        return switch (part) {
            case Part.StickPart _ -> WOOD;
            case Part.PanelPart _ -> SHEET;
            case Part.RoofPart _ -> METAL;
            case Part.MeshPart _ -> MESH;
            case Part.WholePart _ -> PALLET;
        };
    }

    /**
     * Both ends triangulated and a band round every ring; own points for every face, so that edges
     * stay sharp.
     */
    private static TriangleMesh mesh(Solid solid, double cx, double cy, double cz) {
        List<float[]> corners = new ArrayList<>();
        Polygon profile = solid.profile();
        double from = solid.from().toMm();
        double to = solid.to().toMm();
        Geometry triangles = PolygonTriangulator.triangulate(profile);
        for (int t = 0; t < triangles.getNumGeometries(); t++) {
            Coordinate[] c = triangles.getGeometryN(t).getCoordinates();
            for (double end : new double[] {from, to}) {
                for (int i = 0; i < 3; i++) {
                    corners.add(point(solid.along(), c[i], end, cx, cy, cz));
                }
            }
        }
        band(
                profile.getExteriorRing().getCoordinates(),
                solid.along(),
                from,
                to,
                corners,
                cx,
                cy,
                cz);
        for (int h = 0; h < profile.getNumInteriorRing(); h++) {
            band(
                    profile.getInteriorRingN(h).getCoordinates(),
                    solid.along(),
                    from,
                    to,
                    corners,
                    cx,
                    cy,
                    cz);
        }
        TriangleMesh mesh = new TriangleMesh();
        mesh.getTexCoords().addAll(0, 0);
        for (int i = 0; i < corners.size(); i += 3) {
            for (int j = 0; j < 3; j++) {
                mesh.getPoints().addAll(corners.get(i + j));
            }
            // Both ways round, so that light falls on whichever side is seen.
            mesh.getFaces().addAll(i, 0, i + 1, 0, i + 2, 0, i, 0, i + 2, 0, i + 1, 0);
        }
        return mesh;
    }

    private static void band(
            Coordinate[] ring,
            Axis along,
            double from,
            double to,
            List<float[]> corners,
            double cx,
            double cy,
            double cz) {
        for (int i = 0; i + 1 < ring.length; i++) {
            float[] a = point(along, ring[i], from, cx, cy, cz);
            float[] b = point(along, ring[i + 1], from, cx, cy, cz);
            float[] c = point(along, ring[i + 1], to, cx, cy, cz);
            float[] d = point(along, ring[i], to, cx, cy, cz);
            corners.addAll(List.of(a, b, c, a, c, d));
        }
    }

    /** JavaFX has y downwards and z away from the eye: coop x stays, z goes up, y goes back. */
    private static float[] point(
            Axis along, Coordinate c, double at, double cx, double cy, double cz) {
        double x = along == Axis.X ? at : c.x;
        double y = along == Axis.Y ? at : along == Axis.X ? c.x : c.y;
        double z = along == Axis.Z ? at : c.y;
        return new float[] {(float) (x - cx), (float) -(z - cz), (float) (y - cy)};
    }

    @Override
    protected void layoutChildren() {
        scene.setWidth(Math.max(1, getWidth()));
        scene.setHeight(Math.max(1, getHeight()));
    }
}
