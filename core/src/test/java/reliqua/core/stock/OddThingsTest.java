package reliqua.core.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Words;

/** Poles, pallets and odd finds, what is suspected of them, and what plans may use. */
class OddThingsTest {
    private static final Pallet PALLET =
            new Pallet(
                    Pallet.Kind.STRINGER,
                    Length.mm(1200),
                    Length.mm(1000),
                    Pallet.USUAL_DECK,
                    Pallet.USUAL_BEARERS,
                    Pallet.Stamp.HT,
                    2);

    private static Lot lot(String id, int quantity, Material material) {
        return new Lot(id, quantity, material, Lot.Provenance.UNKNOWN);
    }

    @Test
    void aPoleTapersEvenly() {
        Pole pole = new Pole(Length.mm(100), Length.mm(60), Length.mm(2000), Treatment.UNTREATED);
        assertThat(pole.diameterAt(Length.ZERO)).isEqualTo(Length.mm(100));
        assertThat(pole.diameterAt(Length.mm(1000))).isEqualTo(Length.mm(80));
        assertThat(pole.diameterAt(Length.mm(2000))).isEqualTo(Length.mm(60));
        assertThatThrownBy(
                        () ->
                                new Pole(
                                        Length.mm(50),
                                        Length.mm(60),
                                        Length.mm(2000),
                                        Treatment.UNTREATED))
                .hasMessageContaining("butt thicker");
    }

    @Test
    void priedBoardsKeepTheirLengthAndSomeSplitSawnOnesAreShorterAndNoneSplits() {
        PalletYield pried = PalletYield.of(PALLET, PalletYield.Way.PRIED);
        PalletYield sawn = PalletYield.of(PALLET, PalletYield.Way.SAWN);
        assertThat(pried.board().length()).isEqualTo(Length.mm(1000));
        assertThat(sawn.board().length()).isLessThan(Length.mm(1000));
        assertThat(sawn.boards()).isEqualTo(10);
        assertThat(pried.boards()).isLessThan(sawn.boards());
        assertThat(pried.minutes()).isGreaterThan(sawn.minutes());
        assertThat(sawn.bearer().flaws()).hasSize(2).allMatch(f -> f.kind() == Flaw.Kind.NOTCH);
        assertThat(pried.board().longestClear()).isLessThan(pried.board().length());
    }

    @Test
    void plansReckonWithWhatAPalletGivesAndTheKeeperCorrectsIt() {
        Heap heap = Heap.EMPTY.plus(lot("T1", 3, PALLET));
        assertThat(heap.worked().lots())
                .extracting(Lot::id)
                .containsExactly("T1 boards", "T1 bearers");
        assertThat(heap.worked().find("T1 boards").orElseThrow().quantity()).isEqualTo(30);
        Heap after = heap.brokenDown("T1", PalletYield.of(PALLET, PalletYield.Way.PRIED), Set.of());
        assertThat(after.find("T1")).isEmpty();
        assertThat(after.lots()).hasSize(2).allMatch(l -> l.material() instanceof Stick);
        assertThat(after.count(Stick.class)).isEqualTo(3 * (8 + 3));
    }

    @Test
    void refusedAndBarredThingsStayListedAndOutOfPlans() {
        Stick stick = Stick.sound(Section.mm(38, 89), Length.mm(2000));
        Lot painted = lot("S1", 1, stick).with(Condition.SOUND.with(Hazard.OLD_PAINT, true));
        Lot refused = painted.withId("S2").with(painted.condition().with(Condition.Verdict.REFUSE));
        Lot tarred = lot("S3", 1, stick).with(Condition.SOUND.with(Hazard.CREOSOTE, true));
        Lot insisted = tarred.withId("S4").with(tarred.condition().with(Condition.Verdict.USE));
        Heap heap = new Heap(List.of(painted, refused, tarred, insisted));
        assertThat(heap.lots()).hasSize(4);
        assertThat(heap.usable()).extracting(Lot::id).containsExactly("S1");
        assertThat(painted.condition().open()).isTrue();
        assertThat(refused.condition().open()).isFalse();
        assertThat(Condition.SOUND.open()).isFalse();
    }

    @Test
    void oddFindsWaitAndAreNotForgotten() {
        Heap heap =
                Heap.EMPTY
                        .plus(lot("F1", 1, new FoundPart(FoundPart.Kind.WINDOW, List.of())))
                        .plus(lot("H1", 9, new Hardware(Hardware.Kind.HINGES, Optional.empty())))
                        .plus(
                                lot(
                                        "B1",
                                        9,
                                        Block.of(Length.mm(215), Length.mm(65), Length.mm(102))));
        assertThat(heap.idle()).extracting(Lot::id).containsExactly("F1", "B1");
        assertThat(((Block) heap.lots().get(2).material()).height()).isEqualTo(Length.mm(65));
    }

    @Test
    void theWorstWarpIsReckonedWith() {
        Warp warp = Warp.bowed(Length.mm(5)).withCrook(Length.mm(9)).withTwist(Length.mm(3));
        assertThat(warp.bend()).isEqualTo(Length.mm(9));
        assertThat(warp.withTwist(Length.mm(6)).bend()).isEqualTo(Length.mm(12));
        assertThat(Warp.NONE.any()).isFalse();
        assertThat(Warp.NONE.withCup(Length.mm(1)).any()).isTrue();
    }

    @ParameterizedTest
    @EnumSource(Hazard.class)
    void everyHazardSaysWhyItMatters(Hazard hazard) {
        assertThat(Words.say("hazard." + hazard.name())).isNotBlank();
        assertThat(Words.say("hazard." + hazard.name() + ".why")).hasSizeGreaterThan(20);
    }

    @ParameterizedTest
    @EnumSource(FoundPart.Kind.class)
    void everyFindServesAsSomething(FoundPart.Kind kind) {
        assertThat(kind.uses()).isNotEmpty();
        assertThat(Words.say("found." + kind.name())).isNotBlank();
        kind.uses().forEach(use -> assertThat(Words.say("use." + use.name())).isNotBlank());
    }

    @ParameterizedTest
    @EnumSource(Pallet.Stamp.class)
    void onlyBadStampsAreRefused(Pallet.Stamp stamp) {
        String line = stamp == Pallet.Stamp.NONE ? "pallet 48x40" : "pallet 48x40 " + stamp.name();
        SayLine.Understood.Added added =
                (SayLine.Understood.Added) new SayLine(Tape.INCH).read(line);
        assertThat(added.condition().usable()).isEqualTo(stamp.usable());
        assertThat(Words.say("stamp." + stamp.name())).isNotBlank();
    }
}
