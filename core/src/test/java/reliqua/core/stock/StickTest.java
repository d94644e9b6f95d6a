package reliqua.core.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;

class StickTest {
    private static Stick stick(long length, long bow, Flaw... flaws) {
        return new Stick(
                Section.mm(38, 89),
                Length.mm(length),
                List.of(flaws),
                Warp.bowed(Length.mm(bow)),
                Treatment.UNTREATED);
    }

    private static Flaw rot(long from, long to) {
        return new Flaw(Flaw.Kind.ROT, Length.mm(from), Length.mm(to));
    }

    @Test
    void clearSpansLieBetweenFlawsThatMayOverlapAndReachOverTheEnds() {
        assertThat(
                        stick(1000, 0, rot(400, 500), rot(450, 600), rot(-50, 100), rot(900, 1200))
                                .clearSpans())
                .containsExactly(
                        new Span(Length.mm(100), Length.mm(400)),
                        new Span(Length.mm(600), Length.mm(900)));
        assertThat(stick(1000, 0, rot(-10, 1010)).clearSpans()).isEmpty();
    }

    @Test
    void clearSpansAndFlawsTogetherCoverTheStick() {
        Random random = new Random(5);
        for (int n = 0; n < 500; n++) {
            List<Flaw> flaws = new ArrayList<>();
            for (int i = random.nextInt(6); i > 0; i--) {
                int from = random.nextInt(1100) - 100;
                flaws.add(rot(from, from + 1 + random.nextInt(300)));
            }
            Stick stick = stick(1000, 0, flaws.toArray(Flaw[]::new));
            for (int at = 0; at < 1000; at++) {
                Length here = Length.ofMm(at + 0.5);
                boolean clear =
                        stick.clearSpans().stream()
                                .anyMatch(
                                        s ->
                                                s.from().compareTo(here) < 0
                                                        && here.compareTo(s.to()) < 0);
                boolean flawed =
                        flaws.stream()
                                .anyMatch(
                                        f ->
                                                f.from().compareTo(here) < 0
                                                        && here.compareTo(f.to()) < 0);
                assertThat(clear).isNotEqualTo(flawed);
            }
        }
    }

    @Test
    void shortPiecesComeOutStraight() {
        Stick bent = stick(2400, 8);
        assertThat(bent.bowOfPiece(Length.mm(1200))).isEqualTo(Length.mm(2));
        Length to = bent.straightTo(500);
        assertThat(bent.bowOfPiece(to).toMm())
                .isCloseTo(to.toMm() / 500, org.assertj.core.data.Offset.offset(0.01));
        assertThat(stick(2400, 0).straightTo(500)).isEqualTo(Length.mm(2400));
    }

    @Test
    void refusesWhatCannotLieInAYard() {
        assertThatThrownBy(() -> stick(0, 0)).hasMessageContaining("above zero");
        assertThatThrownBy(() -> stick(10, -1)).hasMessageContaining("warp of -1.0 mm");
        assertThatThrownBy(() -> rot(5, 5)).hasMessageContaining("no extent");
        assertThatThrownBy(() -> new Lot("S1", 0, stick(10, 0), Lot.Provenance.UNKNOWN))
                .hasMessageContaining("S1");
        Lot lot = new Lot("S1", 1, stick(10, 0), Lot.Provenance.UNKNOWN);
        assertThatThrownBy(() -> new Heap(List.of(lot, lot))).hasMessageContaining("twice");
    }

    @Test
    void theHeapNamesNewLotsAfterTheirKind() {
        Heap heap = Heap.EMPTY.plus(new Lot("S1", 2, stick(10, 0), Lot.Provenance.UNKNOWN));
        assertThat(heap.freshId(stick(5, 0))).isEqualTo("S2");
        assertThat(heap.count(Stick.class)).isEqualTo(2);
        assertThat(heap.minus("S1").lots()).isEmpty();
    }

    @Test
    void worthIsTheCheapestThatWouldServe() {
        PriceBook prices =
                new PriceBook(
                        "made up",
                        List.of(
                                new Offer("a", "a", stick(2000, 0), Money.of(10)),
                                new Offer(
                                        "b",
                                        "b",
                                        Stick.sound(Section.mm(38, 140), Length.mm(2000)),
                                        Money.of(8))),
                        new java.util.TreeMap<>());
        assertThat(prices.worth(stick(1000, 0))).isEqualTo(Money.of(4));
    }
}
