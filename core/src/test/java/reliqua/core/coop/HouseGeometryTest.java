package reliqua.core.coop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import reliqua.core.coop.family.Brief;
import reliqua.core.coop.family.CoopFamily;
import reliqua.core.coop.family.DesignSpec;
import reliqua.core.flock.Keeper;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;

/** Whatever the dimensions, no two parts take the same room and no part hangs in the air. */
class HouseGeometryTest {
    private static final int HOUSES = 60;

    /**
     * Rounding of sloped corners to a nanometre leaves slivers far below this, in cubic
     * millimetres.
     */
    private static final double SLIVER = 30;

    @ParameterizedTest
    @MethodSource("reliqua.core.coop.Houses#families")
    void noTwoPartsTakeTheSameRoom(CoopFamily family) {
        Random random = new Random(11);
        for (int n = 0; n < HOUSES; n++) {
            Coop coop = Houses.random(family, random);
            assertThat(overlaps(coop)).as("house %d, %s", n, coop.measures()).isEmpty();
        }
    }

    @ParameterizedTest
    @MethodSource("reliqua.core.coop.Houses#families")
    void everyPartTouchesAnother(CoopFamily family) {
        Random random = new Random(12);
        for (int n = 0; n < HOUSES / 2; n++) {
            Coop coop = Houses.random(family, random);
            assertThat(hanging(coop)).as("house %d, %s", n, coop.measures()).isEmpty();
        }
    }

    @ParameterizedTest
    @MethodSource("reliqua.core.coop.Houses#pairs")
    void whatIsBuiltOnFitsWhateverTheHouseIs(Houses.Pair pair) {
        Random random = new Random(13);
        for (int n = 0; n < HOUSES / 12; n++) {
            Coop coop = Houses.random(pair, random);
            assertThat(overlaps(coop)).as("house %d, %s", n, coop.measures()).isEmpty();
            assertThat(hanging(coop)).as("house %d, %s", n, coop.measures()).isEmpty();
        }
    }

    @ParameterizedTest
    @MethodSource("reliqua.core.coop.Houses#families")
    void meshLiesInEveryVent(CoopFamily family) {
        Random random = new Random(14);
        for (int n = 0; n < HOUSES / 6; n++) {
            Coop coop = Houses.random(family, random);
            List<Part> mesh = coop.that(Duty.Trait.VENTS);
            assertThat(coop.openings())
                    .filteredOn(o -> o.kind() == Opening.Kind.EAVE_VENT)
                    .allMatch(
                            o ->
                                    mesh.stream()
                                            .anyMatch(
                                                    m ->
                                                            o.place()
                                                                    .near(
                                                                            m.solid().bounds(),
                                                                            Length.mm(2))));
        }
    }

    /** A design that a search draws up has what is to be built on in it. */
    @ParameterizedTest
    @MethodSource("reliqua.core.coop.Houses#families")
    void aSizedDesignKeepsWhatIsBuiltOn(CoopFamily family) {
        Brief brief = new Brief(Houses.needs(6), Keeper.with(Tape.METRIC), family.addOns());
        DesignSpec spec =
                family.sized(
                        Houses.bareChoices(family),
                        brief,
                        Map.of(),
                        Length.mm(2400),
                        Length.mm(1800));
        assertThat(spec.addOns()).isEqualTo(family.addOns());
    }

    static List<String> overlaps(Coop coop) {
        List<String> found = new ArrayList<>();
        List<Part> parts = coop.parts();
        for (int a = 0; a < parts.size(); a++) {
            for (int b = 0; b < a; b++) {
                double volume = Contact.overlap(parts.get(a).solid(), parts.get(b).solid());
                if (volume > SLIVER) {
                    found.add(
                            name(parts.get(a))
                                    + " and "
                                    + name(parts.get(b))
                                    + " share "
                                    + volume
                                    + " mm3");
                }
            }
        }
        return found;
    }

    static List<String> hanging(Coop coop) {
        List<String> found = new ArrayList<>();
        for (Part part : coop.parts()) {
            boolean touches =
                    coop.parts().stream()
                            .anyMatch(
                                    other ->
                                            other != part
                                                    && Contact.area(part.solid(), other.solid())
                                                            > 50);
            boolean stands =
                    part.role().is(Duty.Trait.LOOSE) && !part.solid().bounds().z0().isPositive();
            if (!touches && !stands) {
                found.add(name(part));
            }
        }
        return found;
    }

    private static String name(Part part) {
        return part.role() + " " + part.mark();
    }
}
