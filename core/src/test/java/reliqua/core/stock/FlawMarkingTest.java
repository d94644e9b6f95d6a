package reliqua.core.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;

class FlawMarkingTest {
    private static final Length MM = Tape.METRIC.step();

    @Test
    void aStretchIsRoundedToTheTapeAndKeptWithinTheStick() {
        Random random = new Random(3);
        Stick stick = Stick.sound(Section.mm(38, 89), Length.mm(2400));
        Length sixteenth = Tape.INCH.step();
        for (int n = 0; n < 300; n++) {
            double a = random.nextDouble() * 3000 - 300;
            double b = random.nextDouble() * 3000 - 300;
            FlawMarking.marked(stick, Flaw.Kind.ROT, a, 0, b, 0, sixteenth)
                    .map(m -> ((Stick) m).flaws().getFirst())
                    .ifPresent(
                            flaw -> {
                                assertThat(flaw.from().nm() % sixteenth.nm()).isZero();
                                assertThat(flaw.from().nm()).isNotNegative();
                                assertThat(flaw.to()).isLessThanOrEqualTo(stick.length());
                                assertThat(flaw.to().toMm())
                                        .isLessThanOrEqualTo(Math.max(a, b) + 0.8);
                            });
        }
        assertThat(FlawMarking.marked(stick, Flaw.Kind.ROT, 100, 0, 100.2, 0, MM)).isEmpty();
    }

    @Test
    void anAreaOfASheetLiesWhereItWasDrawn() {
        Sheet sheet =
                new Sheet(
                        Sheet.Kind.PLYWOOD,
                        Length.mm(12),
                        Length.mm(600),
                        Length.mm(1200),
                        List.of());
        Sheet marked =
                (Sheet)
                        FlawMarking.marked(sheet, Flaw.Kind.WET, 1000, 100, 1300, 250, MM)
                                .orElseThrow();
        assertThat(marked.flaws())
                .containsExactly(
                        new FlawArea(
                                Flaw.Kind.WET,
                                Length.mm(100),
                                Length.mm(1000),
                                Length.mm(150),
                                Length.mm(200)));
        assertThat(FlawMarking.without(marked, 0)).isEqualTo(sheet);
    }

    @Test
    void whatHasNoLengthOfItsOwnTakesNoFlaw() {
        Block block = Block.of(Length.mm(100), Length.mm(200), Length.mm(400));
        assertThat(FlawMarking.takes(block)).isFalse();
        assertThat(FlawMarking.marked(block, Flaw.Kind.ROT, 0, 0, 50, 50, MM)).isEmpty();
    }

    @Test
    void pullingNailsTakesLongerForALongerRow() {
        Flaw one = new Flaw(Flaw.Kind.NAILS, Length.mm(100), Length.mm(110));
        Flaw row = new Flaw(Flaw.Kind.NAILS, Length.mm(100), Length.mm(350));
        assertThat(FlawMarking.pullingMinutes(one)).isEqualTo(3);
        assertThat(FlawMarking.pullingMinutes(row)).isEqualTo(15);
    }

    @Test
    void everyKindCanBeRemeasured() {
        for (Material material :
                List.of(
                        Stick.sound(Section.mm(38, 89), Length.mm(2400)),
                        new Pole(
                                Length.mm(90), Length.mm(30), Length.mm(2000), Treatment.UNTREATED),
                        new Mesh(Mesh.Kind.WELDED, Length.mm(12), Length.mm(900), Length.mm(3000)),
                        new FoundPart(
                                FoundPart.Kind.WINDOW, List.of(Length.mm(600), Length.mm(400))),
                        new Hardware(Hardware.Kind.SCREWS, java.util.Optional.empty()))) {
            for (Remeasured.Size size : Remeasured.sizes(material).keySet()) {
                Length other = size == Remeasured.Size.LENGTH ? Length.mm(3333) : Length.mm(61);
                Material changed = Remeasured.with(material, size, other);
                assertThat(Remeasured.sizes(changed)).containsEntry(size, other);
                assertThat(changed).isInstanceOf(material.getClass());
            }
            Remeasured.Size along =
                    Remeasured.sizes(material).keySet().stream()
                            .reduce((_, last) -> last)
                            .orElseThrow();
            Material longer = Remeasured.with(material, along, Length.mm(3333));
            assertThat(Remeasured.length(longer)).isEqualTo(Length.mm(3333));
        }
    }

    @Test
    void whatStandsUprightHasAHeightAndACrateALength() {
        List<Length> sizes = List.of(Length.mm(6000), Length.mm(1900));
        FoundPart wall = new FoundPart(FoundPart.Kind.STANDING_WALL, sizes);
        assertThat(Remeasured.sizes(wall))
                .containsEntry(Remeasured.Size.HEIGHT, Length.mm(1900))
                .doesNotContainKey(Remeasured.Size.LENGTH);
        assertThat(Remeasured.with(wall, Remeasured.Size.HEIGHT, Length.mm(2100)))
                .isEqualTo(new FoundPart(wall.kind(), List.of(Length.mm(6000), Length.mm(2100))));
        FoundPart crate = new FoundPart(FoundPart.Kind.CRATE, sizes);
        assertThat(Remeasured.sizes(crate)).containsEntry(Remeasured.Size.LENGTH, Length.mm(1900));
    }

    @Test
    void aFlawIsTypedAsItWouldBeSaid() {
        Stick stick = Stick.sound(Section.mm(38, 89), Length.mm(2400));
        assertThat(((Stick) FlawMarking.said(stick, "rot 300 to 420", Tape.METRIC)).flaws())
                .containsExactly(new Flaw(Flaw.Kind.ROT, Length.mm(300), Length.mm(420)));
        Sheet sheet =
                new Sheet(
                        Sheet.Kind.BOARD, Length.mm(12), Length.mm(600), Length.mm(900), List.of());
        assertThat(((Sheet) FlawMarking.said(sheet, "wet 60 x 80 at 0, 400", Tape.METRIC)).flaws())
                .hasSize(1);
        for (String nonsense : List.of("", "qwerty", "rot 300 to 420 and a horse", "600")) {
            assertThatThrownBy(() -> FlawMarking.said(stick, nonsense, Tape.METRIC))
                    .as(nonsense)
                    .hasMessageContaining("like rot 12 to 14");
        }
    }

    @Test
    void whatHasJustSplitNeedNotBeCalledSplit() {
        Stick stick = Stick.sound(Section.mm(38, 89), Length.mm(2400));
        Map<String, List<Integer>> places =
                Map.of(
                        "300 to 420", List.of(300, 420),
                        "last 200", List.of(2200, 2400),
                        "from 1500", List.of(1500, 2400),
                        "from 1500 to the end", List.of(1500, 2400),
                        "crack from 1500 on", List.of(1500, 2400),
                        "all", List.of(0, 2400),
                        "split all along", List.of(0, 2400));
        places.forEach(
                (words, at) ->
                        assertThat(((Stick) FlawMarking.split(stick, words, Tape.METRIC)).flaws())
                                .as(words)
                                .containsExactly(
                                        new Flaw(
                                                Flaw.Kind.SPLIT,
                                                Length.mm(at.getFirst()),
                                                Length.mm(at.getLast()))));
        assertThat(((Stick) FlawMarking.split(stick, "rot 300 to 420", Tape.METRIC)).flaws())
                .extracting(Flaw::kind)
                .containsExactly(Flaw.Kind.ROT);
        Sheet sheet =
                new Sheet(
                        Sheet.Kind.BOARD, Length.mm(12), Length.mm(600), Length.mm(900), List.of());
        assertThat(((Sheet) FlawMarking.split(sheet, "60 x 80 at 0, 400", Tape.METRIC)).flaws())
                .extracting(FlawArea::kind)
                .containsExactly(Flaw.Kind.SPLIT);
        assertThat(((Sheet) FlawMarking.split(sheet, "wet 60 x 80 at 0, 400", Tape.METRIC)).flaws())
                .extracting(FlawArea::kind)
                .containsExactly(Flaw.Kind.WET);
    }

    @Test
    void aFlawBeyondTheEndIsRefused() {
        Stick stick = Stick.sound(Section.mm(38, 89), Length.mm(2400));
        for (String off : List.of("2500 to 2600", "from 2400")) {
            assertThatThrownBy(() -> FlawMarking.split(stick, off, Tape.METRIC))
                    .as(off)
                    .hasMessageContaining("is off this thing");
        }
    }
}
