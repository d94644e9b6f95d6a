package reliqua.core.coop;

import java.util.BitSet;
import org.locationtech.jts.algorithm.locate.IndexedPointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Location;

/**
 * A coop cut into cubes of 8 mm, those that a part comes near filled: from one of the others there
 * is a way through empty cubes to wherever a bird or a rat gets. Gaps of two cubes and more are
 * found so.
 */
final class Cubes {
    private static final double CUBE = 8;

    private int nx;
    private int ny;
    private int nz;
    private double x0;
    private double y0;
    private double z0;
    private BitSet filled = new BitSet();

    /** The cubes that the last search came to. */
    private BitSet seen = new BitSet();

    Cubes(Coop coop) {
        fill(coop);
    }

    /** Nothing gets through the ground here: what digs is kept out by the apron. */
    void fillGround() {
        int layers = index(0, z0);
        filled.set(0, at(0, 0, layers));
    }

    private void fill(Coop coop) {
        Bounds b = coop.bounds();
        x0 = b.x0().toMm() - 3 * CUBE;
        y0 = b.y0().toMm() - 3 * CUBE;
        z0 = b.z0().toMm() - 3 * CUBE;
        nx = (int) (b.width().toMm() / CUBE) + 7;
        ny = (int) (b.depth().toMm() / CUBE) + 7;
        nz = (int) (b.height().toMm() / CUBE) + 7;
        filled = new BitSet(nx * ny * nz);
        for (Part part : coop.parts()) {
            if (part.role() != Role.APRON) {
                fill(part.solid());
            }
        }
    }

    private int at(int x, int y, int z) {
        return (z * ny + y) * nx + x;
    }

    /** A box, row by row: the same cells as below, without asking for each. */
    private void fillBox(Solid solid) {
        Bounds b = solid.bounds();
        double half = CUBE / 2;
        for (int k = index(b.z0().toMm() - half, z0); k <= index(b.z1().toMm() + half, z0); k++) {
            double z = z0 + (k + 0.5) * CUBE;
            if (k >= nz || z < b.z0().toMm() - half || z > b.z1().toMm() + half) {
                continue;
            }
            for (int j = index(b.y0().toMm() - half, y0);
                    j <= index(b.y1().toMm() + half, y0) && j < ny;
                    j++) {
                double y = y0 + (j + 0.5) * CUBE;
                double beyond = Math.max(0, Math.max(b.y0().toMm() - y, y - b.y1().toMm()));
                double reach = half - beyond;
                if (reach >= 0) {
                    fillRow(b.x0().toMm() - reach, b.x1().toMm() + reach, j, k);
                }
            }
        }
    }

    private void fillRow(double from, double to, int j, int k) {
        int first = (int) Math.max(0, Math.ceil((from - x0) / CUBE - 0.5));
        int last = (int) Math.min(nx - 1, Math.floor((to - x0) / CUBE - 0.5));
        if (last >= first) {
            filled.set(at(first, j, k), at(last, j, k) + 1);
        }
    }

    private void fill(Solid solid) {
        if (solid.isBox() && solid.along() == Axis.Z) {
            fillBox(solid);
            return;
        }
        // Grown by half a cube, so that sheets and mesh thinner than a cube are not lost between
        // the samples.
        var grown = solid.profile().buffer(CUBE / 2, 1);
        var inside = new IndexedPointInAreaLocator(grown);
        var box = grown.getEnvelopeInternal();
        double[] u = uOrigin(solid.along());
        int from = index(solid.from().toMm() - CUBE / 2, u[2]);
        int to = index(solid.to().toMm() + CUBE / 2, u[2]);
        for (int i = index(box.getMinX(), u[0]); i <= index(box.getMaxX(), u[0]); i++) {
            for (int j = index(box.getMinY(), u[1]); j <= index(box.getMaxY(), u[1]); j++) {
                Coordinate c = new Coordinate(u[0] + (i + 0.5) * CUBE, u[1] + (j + 0.5) * CUBE);
                if (inside.locate(c) != Location.EXTERIOR) {
                    for (int k = from; k <= to; k++) {
                        double middle = u[2] + (k + 0.5) * CUBE;
                        if (middle >= solid.from().toMm() - CUBE / 2
                                && middle <= solid.to().toMm() + CUBE / 2) {
                            set(solid.along(), i, j, k);
                        }
                    }
                }
            }
        }
    }

    private double[] uOrigin(Axis along) {
        return switch (along) {
            case X -> new double[] {y0, z0, x0};
            case Y -> new double[] {x0, z0, y0};
            case Z -> new double[] {x0, y0, z0};
        };
    }

    private static int index(double mm, double origin) {
        return Math.max(0, (int) Math.floor((mm - origin) / CUBE));
    }

    private void set(Axis along, int i, int j, int k) {
        int x = along == Axis.X ? k : i;
        int y = along == Axis.X ? i : along == Axis.Y ? k : j;
        int z = along == Axis.Z ? k : j;
        if (x < nx && y < ny && z < nz) {
            filled.set(at(x, y, z));
        }
    }

    /** {@code closed}, or where the way out reaches the edge. */
    String leak(Coop coop) {
        Coop.Measures m = coop.measures();
        // Posts may stand in the very middle.
        double deep = m.depth().toMm() * 0.4;
        return leak(m.width().toMm() / 2, deep, m.floorHeight().toMm() + 320);
    }

    /** The same from a point. */
    String leak(double fromX, double fromY, double fromZ) {
        int x = index(fromX, x0);
        int y = index(fromY, y0);
        int z = index(fromZ, z0);
        // What stands just there is passed upwards.
        while (filled.get(at(x, y, z))) {
            z++;
        }
        seen = (BitSet) filled.clone();
        int[] todo = new int[1024];
        int size = 0;
        todo[size++] = at(x, y, z);
        int[] steps = {nx, -nx, nx * ny, -nx * ny};
        while (size > 0) {
            int cell = todo[--size];
            if (seen.get(cell)) {
                continue;
            }
            // A whole run along x at a time, and from it into the four rows beside.
            int row = cell - cell % nx;
            int first = Math.max(row, seen.previousSetBit(cell) + 1);
            int blocked = seen.nextSetBit(cell);
            int last = Math.min(row + nx - 1, (blocked < 0 ? Integer.MAX_VALUE : blocked) - 1);
            int b = cell / nx % ny;
            int c = cell / nx / ny;
            boolean edge = first == row || last == row + nx - 1;
            if (edge || b == 0 || c == 0 || b == ny - 1 || c == nz - 1) {
                return "out at " + cell % nx + ", " + b + ", " + c;
            }
            seen.set(first, last + 1);
            for (int step : steps) {
                int next = seen.nextClearBit(first + step);
                while (next <= last + step) {
                    if (size == todo.length) {
                        todo = java.util.Arrays.copyOf(todo, size * 2);
                    }
                    todo[size++] = next;
                    int end = seen.nextSetBit(next);
                    next = end < 0 ? Integer.MAX_VALUE : seen.nextClearBit(end);
                }
            }
        }
        return "closed";
    }

    /** Whether the last search came to a point, and nothing stands there. */
    boolean reached(double x, double y, double z) {
        int cell = at(index(x, x0), index(y, y0), index(z, z0));
        return seen.get(cell) && !filled.get(cell);
    }
}
