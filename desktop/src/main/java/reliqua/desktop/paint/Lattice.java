package reliqua.desktop.paint;

import javafx.scene.shape.TriangleMesh;
import reliqua.core.coop.Bounds;

/**
 * Mesh in space: thin flat wires both ways over the larger two sides of a box, wider apart than the
 * real ones.
 */
final class Lattice {
    private static final double APART = 62;
    private static final double WIRE = 5;

    private final TriangleMesh mesh = new TriangleMesh();
    private final double[] low;
    private final double[] high;

    private Lattice(Bounds b, double cx, double cy, double cz) {
        mesh.getTexCoords().addAll(0, 0);
        low = new double[] {b.x0().toMm() - cx, cz - b.z1().toMm(), b.y0().toMm() - cy};
        high = new double[] {b.x1().toMm() - cx, cz - b.z0().toMm(), b.y1().toMm() - cy};
    }

    /** The wires, moved so that the given centre is the origin; JavaFX axes. */
    static TriangleMesh of(Bounds bounds, double cx, double cy, double cz) {
        Lattice lattice = new Lattice(bounds, cx, cy, cz);
        int thin = lattice.thinnest();
        int first = thin == 0 ? 1 : 0;
        int second = thin == 2 ? 1 : 2;
        lattice.wires(first, second, thin);
        lattice.wires(second, first, thin);
        return lattice.mesh;
    }

    private int thinnest() {
        int thin = 0;
        for (int axis = 1; axis < 3; axis++) {
            if (high[axis] - low[axis] < high[thin] - low[thin]) {
                thin = axis;
            }
        }
        return thin;
    }

    /** Wires along one axis, side by side across another. */
    private void wires(int along, int across, int thin) {
        int count = (int) Math.max(1, Math.round((high[across] - low[across]) / APART));
        for (int n = 0; n <= count; n++) {
            double at = low[across] + (high[across] - low[across]) * n / count;
            int base = mesh.getPoints().size() / 3;
            for (int corner = 0; corner < 4; corner++) {
                float[] point = new float[3];
                point[along] = (float) (corner == 0 || corner == 3 ? low[along] : high[along]);
                point[across] = (float) (at + (corner < 2 ? -WIRE / 2 : WIRE / 2));
                point[thin] = (float) ((low[thin] + high[thin]) / 2);
                mesh.getPoints().addAll(point);
            }
            mesh.getFaces()
                    .addAll(
                            base, 0, base + 1, 0, base + 2, 0, base, 0, base + 2, 0, base + 3, 0,
                            base, 0, base + 2, 0, base + 1, 0, base, 0, base + 3, 0, base + 2, 0);
        }
    }
}
