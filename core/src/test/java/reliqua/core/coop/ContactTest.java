package reliqua.core.coop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import reliqua.core.measure.Length;

class ContactTest {
    private static final Length ONE = Length.mm(1);

    private static Length mm(int millimetres) {
        return Length.mm(millimetres);
    }

    /** On a coarse grid, so that many touch. */
    private static Solid box(Random random) {
        int[] low = random.ints(3, 0, 6).map(n -> n * 50).toArray();
        int[] size = random.ints(3, 1, 5).map(n -> n * 50).toArray();
        return Solid.box(
                mm(low[0]),
                mm(low[0] + size[0]),
                mm(low[1]),
                mm(low[1] + size[1]),
                mm(low[2]),
                mm(low[2] + size[2]));
    }

    /** The same body with a corner more, which makes it a polygon like any other. */
    private static Solid polygon(Solid box) {
        List<Corner> corners = new ArrayList<>(box.outline());
        Corner a = corners.get(0);
        Corner b = corners.get(1);
        corners.add(1, new Corner(a.u().plus(b.u()).half(), a.v().plus(b.v()).half()));
        return new Solid(box.along(), corners, List.of(), box.from(), box.to());
    }

    @Test
    void boxesMeetAsPolygonsOfTheSameShapeDo() {
        Random random = new Random(17);
        int touching = 0;
        int overlapping = 0;
        for (int n = 0; n < 4_000; n++) {
            Solid a = box(random);
            Solid b = box(random);
            assertThat(polygon(a).isBox()).isFalse();
            double volume = Contact.overlap(a, b);
            assertThat(volume).isCloseTo(Contact.overlap(polygon(a), b), within(1e-3));
            overlapping += volume > 0 ? 1 : 0;
            if (volume == 0) {
                double area = Contact.area(a, b);
                // The general way takes what is within a tenth of a millimetre of an edge too.
                assertThat(area).isCloseTo(Contact.area(polygon(a), b), within(60.0));
                touching += area > 0 ? 1 : 0;
            }
        }
        assertThat(touching).isGreaterThan(100);
        assertThat(overlapping).isGreaterThan(300);
    }

    @Test
    void aBoxIsABoxWhicheverWayItIsCarriedAndWhereverItsOutlineBegins() {
        Random random = new Random(18);
        for (int n = 0; n < 200; n++) {
            Solid box = box(random);
            for (Axis axis : Axis.values()) {
                Solid recast = box.recast(axis);
                assertThat(recast.isBox()).isTrue();
                assertThat(recast.bounds()).isEqualTo(box.bounds());
                List<Corner> turned = new ArrayList<>(recast.outline());
                turned.add(turned.removeFirst());
                assertThat(new Solid(axis, turned, List.of(), recast.from(), recast.to()).isBox())
                        .isTrue();
            }
        }
    }

    @Test
    void whatLeansOrHasAHoleIsNoBox() {
        List<Corner> leaning =
                List.of(
                        new Corner(mm(0), mm(0)),
                        new Corner(mm(100), mm(0)),
                        new Corner(mm(120), mm(100)),
                        new Corner(mm(20), mm(100)));
        assertThat(new Solid(Axis.X, leaning, List.of(), mm(0), mm(10)).isBox()).isFalse();
        List<Corner> square = Solid.rectangle(mm(0), mm(100), mm(0), mm(100));
        List<Corner> hole = Solid.rectangle(mm(20), mm(40), mm(20), mm(40));
        assertThat(new Solid(Axis.X, square, List.of(hole), mm(0), mm(10)).isBox()).isFalse();
        assertThat(new Solid(Axis.X, square, List.of(), mm(0), ONE).isBox()).isTrue();
    }

    @Test
    void theOrderOfTheTwoDoesNotMatter() {
        Random random = new Random(19);
        for (int n = 0; n < 500; n++) {
            Solid a = box(random);
            Solid b = random.nextBoolean() ? box(random) : polygon(box(random));
            assertThat(Contact.overlap(a, b)).isCloseTo(Contact.overlap(b, a), within(1e-3));
            if (Contact.overlap(a, b) == 0) {
                assertThat(Contact.area(a, b)).isCloseTo(Contact.area(b, a), within(60.0));
            }
        }
    }
}
