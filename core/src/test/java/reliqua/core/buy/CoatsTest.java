package reliqua.core.buy;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import java.util.SortedMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import reliqua.core.build.Step;
import reliqua.core.build.Steps;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Houses;
import reliqua.core.coop.Part;
import reliqua.core.coop.Stage;
import reliqua.core.coop.family.CoopFamily;
import reliqua.core.flock.Keeper;
import reliqua.core.flock.Practice.Finish;
import reliqua.core.measure.Tape;
import reliqua.core.stock.Hardware;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Lot;
import reliqua.core.stock.SayLine;

/** What is brushed on, counted from what the weather and the ground get at. */
class CoatsTest {
    private static final List<Coop> COOPS =
            Houses.families().stream()
                    .map((CoopFamily f) -> Houses.random(f, new Random(71)))
                    .toList();

    static List<Coop> coops() {
        return COOPS;
    }

    private static SortedMap<Hardware.Kind, Integer> counts(Coop coop, Finish finish) {
        return Fixings.counts(Fixings.of(coop, finish));
    }

    @ParameterizedTest
    @MethodSource("coops")
    void paintCoversNoMoreThanTheCoopShows(Coop coop) {
        double outside = Coats.outside(Coats.painted(coop));
        double box = coop.bounds().width().plus(coop.bounds().depth()).toMetres() * 2;
        assertThat(outside).isLessThan(box * coop.bounds().height().toMetres() * 2);
        assertThat(Coats.paint(coop)).isEqualTo(outside / 4);
        assertThat(Coats.painted(coop))
                .allMatch(p -> p.role().stage().compareTo(Stage.SKINS) >= 0)
                .noneMatch(p -> p instanceof Part.MeshPart);
    }

    @ParameterizedTest
    @MethodSource("coops")
    void whatIsLeftBareWantsNoPaintAndNoStepForIt(Coop coop) {
        assertThat(counts(coop, Finish.BARE)).doesNotContainKey(Hardware.Kind.PAINT);
        List<Step> bare =
                Steps.of(coop, Keeper.Body.MIDDLING.lift(), Fixings.of(coop, Finish.BARE));
        assertThat(bare).noneMatch(s -> s.key().equals("step PAINT"));
        List<Step> painted =
                Steps.of(coop, Keeper.Body.MIDDLING.lift(), Fixings.of(coop, Finish.PAINTED));
        assertThat(painted.stream().anyMatch(s -> s.key().equals("step PAINT")))
                .isEqualTo(counts(coop, Finish.PAINTED).containsKey(Hardware.Kind.PAINT));
    }

    @Test
    void postsInTheGroundDrinkMorePreserverThanCutEnds() {
        Coop raised = Houses.ordinary();
        double low =
                raised.parts().stream()
                        .filter(p -> !p.solid().bounds().z0().isPositive())
                        .filter(p -> p instanceof Part.StickPart)
                        .mapToDouble(p -> ((Part.StickPart) p).length().toMetres())
                        .sum();
        assertThat(low).isPositive();
        assertThat(Coats.preserver(raised)).isBetween(low * 0.05, 4.0);
        assertThat(counts(raised, Finish.BARE).get(Hardware.Kind.PRESERVER))
                .isEqualTo((int) Math.ceil(Coats.preserver(raised)));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "3 litres paint",
                "3 tins of paint",
                "paint 3 l",
                "3 quarts of paint",
                "3 cans paint"
            })
    void halfTinsInTheShedAreReadAndComeOffTheBill(String line) {
        Lot lot = read(line);
        assertThat(((Hardware) lot.material()).kind()).isEqualTo(Hardware.Kind.PAINT);
        assertThat(lot.quantity()).isEqualTo(3);
        List<Fixing> all = Fixings.of(Houses.ordinary(), Finish.PAINTED);
        int needed = Fixings.counts(all).get(Hardware.Kind.PAINT);
        assertThat(Fixings.toBuy(all, Heap.EMPTY.plus(lot)).get(Hardware.Kind.PAINT))
                .isEqualTo(Math.max(0, needed - 3));
    }

    @ParameterizedTest
    @ValueSource(strings = {"2 litres wood preserver", "preservative 2 l", "2 tins preserver"})
    void preserverIsNotTakenForPaint(String line) {
        Lot lot = read(line);
        assertThat(((Hardware) lot.material()).kind()).isEqualTo(Hardware.Kind.PRESERVER);
        assertThat(lot.quantity()).isEqualTo(2);
    }

    private static Lot read(String line) {
        SayLine.Understood said = new SayLine(Tape.METRIC).read(line);
        assertThat(said).isInstanceOf(SayLine.Understood.Added.class);
        SayLine.Understood.Added added = (SayLine.Understood.Added) said;
        return new Lot("H1", added.quantity(), added.material(), added.provenance());
    }
}
