package reliqua.core.coop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayDeque;
import java.util.BitSet;
import java.util.Deque;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.locationtech.jts.algorithm.locate.IndexedPointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Location;
import reliqua.core.coop.family.CoopFamily;

/**
 * The house is closed: it is cut into cubes of 8 mm, those that a part comes near are filled, and
 * from a cube among the roosts no way through empty cubes may lead outside. Gaps of two cubes and
 * more are found so.
 */
class ClosedHouseTest {
    private static final double CUBE = 8;

    private int nx;
    private int ny;
    private int nz;
    private double x0;
    private double y0;
    private double z0;
    private BitSet filled = new BitSet();

    @ParameterizedTest
    @MethodSource("reliqua.core.coop.Houses#families")
    void noGapLeadsInside(CoopFamily family) {
        Random random = new Random(81);
        for (int n = 0; n < 6; n++) {
            Coop coop = Houses.random(family, random);
            fill(coop);
            assertThat(leak(coop)).as("house %d %s", n, coop.measures()).isEqualTo("closed");
        }
    }

    @Test
    void theTestItselfFindsAHole() {
        Coop coop = Houses.ordinary();
        Coop open =
                new Coop(
                        coop.parts().stream().filter(p -> p.role() != Role.VENT_MESH).toList(),
                        coop.openings(),
                        coop.measures());
        fill(open);
        assertThat(leak(open)).isNotEqualTo("closed");
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

    private void fill(Solid solid) {
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
    private String leak(Coop coop) {
        Coop.Measures m = coop.measures();
        int x = index(m.width().toMm() / 2, x0);
        int y = index(m.depth().toMm() / 2, y0);
        int z = index(m.floorHeight().toMm() + 320, z0);
        BitSet seen = new BitSet(nx * ny * nz);
        Deque<int[]> todo = new ArrayDeque<>();
        todo.add(new int[] {x, y, z});
        seen.set(at(x, y, z));
        int[][] steps = {{1, 0, 0}, {-1, 0, 0}, {0, 1, 0}, {0, -1, 0}, {0, 0, 1}, {0, 0, -1}};
        while (!todo.isEmpty()) {
            int[] c = todo.poll();
            for (int[] s : steps) {
                int a = c[0] + s[0];
                int b = c[1] + s[1];
                int d = c[2] + s[2];
                if (a < 0 || b < 0 || d < 0 || a >= nx || b >= ny || d >= nz) {
                    return "out at " + c[0] + ", " + c[1] + ", " + c[2];
                }
                int cell = at(a, b, d);
                if (!filled.get(cell) && !seen.get(cell)) {
                    seen.set(cell);
                    todo.add(new int[] {a, b, d});
                }
            }
        }
        return "closed";
    }
}
