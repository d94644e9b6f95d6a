package reliqua.core.coop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.BitSet;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.locationtech.jts.algorithm.locate.IndexedPointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Location;
import reliqua.core.coop.family.AddOn;
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
        for (int n = 0; n < 3; n++) {
            Coop coop = Houses.random(family, random);
            fill(coop);
            if (!coop.measures().floorHeight().isPositive()) {
                fillGround();
            }
            assertThat(leak(coop)).as("house %d %s", n, coop.measures()).isEqualTo("closed");
        }
    }

    @ParameterizedTest
    @MethodSource("reliqua.core.coop.Houses#familiesWithWindow")
    void noGapLeadsInThroughTheWindow(CoopFamily family) {
        Random random = new Random(83);
        for (int n = 0; n < 3; n++) {
            Coop coop = Houses.random(new Houses.Pair(family, AddOn.WINDOW), random);
            fill(coop);
            assertThat(leak(coop)).as("house %d %s", n, coop.measures()).isEqualTo("closed");
        }
    }

    /** Droppings fall between slats; nothing comes up there, as the space below is closed. */
    @ParameterizedTest
    @MethodSource("reliqua.core.coop.Houses#familiesWithSlats")
    void noGapLeadsUpBetweenSlats(CoopFamily family) {
        Random random = new Random(84);
        for (int n = 0; n < 3; n++) {
            Coop coop = Houses.random(new Houses.Pair(family, AddOn.SLATTED_FLOOR), random);
            assertThat(coop.of(Role.DECK)).isEmpty();
            fill(coop);
            fillGround();
            assertThat(leak(coop)).as("house %d %s", n, coop.measures()).isEqualTo("closed");
        }
    }

    @ParameterizedTest
    @MethodSource("reliqua.core.coop.Houses#familiesWithRun")
    void noGapLeadsIntoTheRun(CoopFamily family) {
        Random random = new Random(82);
        for (int n = 0; n < 1; n++) {
            Coop coop = Houses.randomWithRun(family, random);
            fill(coop);
            fillGround();
            assertThat(leak(coop.measures().width().toMm() / 2, -700, 900))
                    .as("house %d %s", n, coop.measures())
                    .isEqualTo("closed");
        }
    }

    /** Nothing gets through the ground here: what digs is kept out by the apron. */
    private void fillGround() {
        int layers = index(0, z0);
        filled.set(0, at(0, 0, layers));
    }

    @Test
    void theTestItselfFindsAHole() {
        Coop coop = Houses.ordinary();
        Coop open =
                new Coop(
                        coop.parts().stream().filter(p -> p.role() != Role.VENT_MESH).toList(),
                        coop.openings(),
                        coop.zones(),
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
    private String leak(Coop coop) {
        Coop.Measures m = coop.measures();
        // Posts may stand in the very middle.
        double deep = m.depth().toMm() * 0.4;
        return leak(m.width().toMm() / 2, deep, m.floorHeight().toMm() + 320);
    }

    private String leak(double fromX, double fromY, double fromZ) {
        int x = index(fromX, x0);
        int y = index(fromY, y0);
        int z = index(fromZ, z0);
        // What stands just there is passed upwards.
        while (filled.get(at(x, y, z))) {
            z++;
        }
        BitSet seen = (BitSet) filled.clone();
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
}
