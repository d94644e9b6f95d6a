package reliqua.core.coop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import reliqua.core.measure.Angle;
import reliqua.core.measure.Length;
import reliqua.core.stock.Section;

class SpansTest {
    private static final Section SECTION = Section.mm(38, 89);

    private static Part stick(String mark, Role role, Solid solid) {
        Length length = solid.bounds().width().max(solid.bounds().depth());
        return new Part.StickPart(mark, role, SECTION, length, Angle.ZERO, Angle.ZERO, solid);
    }

    /** Three skids along the front and joists over them; a fourth skid lies under a short one. */
    private static Coop floor(int... skidsAt) {
        List<Part> parts = new ArrayList<>();
        for (int y : skidsAt) {
            parts.add(stick("S" + y, Role.SKID, box(0, 2000, y, y + 38, 0, 89)));
        }
        for (int x = 0; x <= 1500; x += 500) {
            parts.add(stick("J" + x, Role.JOIST, box(x, x + 38, 0, 2000, 89, 178)));
        }
        return new Coop(parts, List.of(), List.of(), Houses.ordinary().measures());
    }

    private static Solid box(long x0, long x1, long y0, long y1, long z0, long z1) {
        return Solid.box(
                Length.mm(x0),
                Length.mm(x1),
                Length.mm(y0),
                Length.mm(y1),
                Length.mm(z0),
                Length.mm(z1));
    }

    private static Length span(Coop coop) {
        return Spans.of(coop.find("J500").orElseThrow(), coop);
    }

    @Test
    void aMemberSpansFromTheMiddleOfOneBearingToTheNext() {
        assertThat(span(floor(0, 800, 1962))).isEqualTo(Length.mm(1162));
    }

    @Test
    void onOneBearingAloneItCountsInFull() {
        assertThat(span(floor(0))).isEqualTo(Length.mm(2000));
    }

    @Test
    void membersAreAsFarApartAsTheWidestGapBetweenThem() {
        Coop coop = floor(0, 1962);
        assertThat(Spans.apart(coop.of(Role.JOIST))).isEqualTo(Length.mm(500));
    }
}
