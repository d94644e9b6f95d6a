package reliqua.core.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import reliqua.core.measure.Length;

class SheetOutlineTest {
    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    private static SheetOutline outline(long... xy) {
        List<SheetOutline.Corner> corners = new ArrayList<>();
        for (int i = 0; i < xy.length; i += 2) {
            corners.add(new SheetOutline.Corner(Length.mm(xy[i]), Length.mm(xy[i + 1])));
        }
        return new SheetOutline(corners);
    }

    private static Geometry polygon(SheetOutline outline) {
        List<Coordinate> ring = new ArrayList<>();
        outline.corners().forEach(c -> ring.add(new Coordinate(c.x().toMm(), c.y().toMm())));
        ring.add(ring.getFirst());
        return GEOMETRY.createPolygon(ring.toArray(Coordinate[]::new));
    }

    private static Geometry box(FlawArea a) {
        return GEOMETRY.toGeometry(
                new org.locationtech.jts.geom.Envelope(
                        a.x().toMm(),
                        a.x().plus(a.width()).toMm(),
                        a.y().toMm(),
                        a.y().plus(a.length()).toMm()));
    }

    /** What is left of the rectangle lies inside the edge, and not much of the sheet is lost. */
    @Test
    void theBarredRectanglesCoverEverythingOutside() {
        Random random = new Random(81);
        for (int n = 0; n < 200; n++) {
            SheetOutline outline = star(random);
            Geometry left =
                    box(
                            new FlawArea(
                                    Flaw.Kind.MISSING,
                                    Length.ZERO,
                                    Length.ZERO,
                                    Length.mm(1000),
                                    Length.mm(1000)));
            for (FlawArea area : outline.outside(Length.mm(1000), Length.mm(1000))) {
                left = left.difference(box(area));
            }
            Geometry sheet = polygon(outline);
            assertThat(left.difference(sheet).getArea()).as("sheet %d", n).isLessThan(1);
            assertThat(left.getArea()).as("sheet %d", n).isGreaterThan(sheet.getArea() * 0.8);
        }
    }

    /** Corners round a middle at random distances: its edges never cross. */
    private static SheetOutline star(Random random) {
        int count = 3 + random.nextInt(6);
        long[] xy = new long[count * 2];
        for (int i = 0; i < count; i++) {
            double angle = 2 * Math.PI * (i + 0.8 * random.nextDouble()) / count;
            double reach = 250 + random.nextInt(240);
            xy[2 * i] = Math.round(500 + reach * Math.cos(angle));
            xy[2 * i + 1] = Math.round(500 + reach * Math.sin(angle));
        }
        return outline(xy);
    }

    @Test
    void aSquareNotchIsExact() {
        SheetOutline outline = outline(0, 0, 600, 0, 600, 800, 400, 800, 400, 1000, 0, 1000);
        assertThat(outline.outside(Length.mm(600), Length.mm(1000)))
                .containsExactly(
                        new FlawArea(
                                Flaw.Kind.MISSING,
                                Length.mm(400),
                                Length.mm(800),
                                Length.mm(200),
                                Length.mm(200)));
        assertThat(outline.squareMetres()).isEqualTo(0.56);
    }

    @Test
    void edgesThatCrossAndCornersBeyondTheSheetAreRefused() {
        assertThatThrownBy(() -> outline(0, 0, 100, 100, 100, 0, 0, 100))
                .hasMessageContaining("cross");
        assertThatThrownBy(() -> outline(0, 0, 100, 0)).hasMessageContaining("three corners");
        SheetOutline wide = outline(0, 0, 700, 0, 700, 500);
        assertThatThrownBy(
                        () ->
                                new Sheet(
                                        Sheet.Kind.BOARD,
                                        Length.mm(12),
                                        Length.mm(600),
                                        Length.mm(600),
                                        Sheet.Grain.NONE,
                                        java.util.Optional.of(wide),
                                        List.of()))
                .hasMessageContaining("outside");
    }
}
