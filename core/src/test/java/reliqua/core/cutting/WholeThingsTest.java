package reliqua.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Find;
import reliqua.core.coop.Houses;
import reliqua.core.coop.Part;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.fit.Yards;
import reliqua.core.flock.Keeper;
import reliqua.core.flock.Tool;
import reliqua.core.measure.Angle;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;
import reliqua.core.measure.Tape;
import reliqua.core.stock.Block;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Offer;
import reliqua.core.stock.Pallet;
import reliqua.core.stock.PriceBook;
import reliqua.core.stock.Stick;

class WholeThingsTest {
    private static final Length KERF = Length.mm(3);
    private static final Find PALLET = new Find.OfPallet(Length.mm(1200), Length.mm(1000));

    private static Part wall(int n, Optional<Length> sawnTo) {
        Length x = Length.mm(1100L * n);
        Length high = sawnTo.orElse(Length.mm(1200));
        Solid solid =
                Solid.box(
                        x, x.plus(Length.mm(1000)), Length.ZERO, Length.mm(121), Length.ZERO, high);
        return new Part.WholePart("P" + n, Role.WALL_PALLET, PALLET, sawnTo, List.of(), solid);
    }

    private static List<Part> walls(int count, Optional<Length> sawnTo) {
        return IntStream.rangeClosed(1, count).mapToObj(n -> wall(n, sawnTo)).toList();
    }

    private static Pallet broken(int boards) {
        Pallet sound = Yards.pallet();
        return new Pallet(
                sound.kind(),
                sound.length(),
                sound.width(),
                sound.deck(),
                sound.bearers(),
                sound.stamp(),
                boards);
    }

    private static Lot lot(String id, int quantity, Pallet pallet) {
        return new Lot(id, quantity, pallet, Lot.Provenance.UNKNOWN);
    }

    private static WholeThings taken(List<Part> parts, Heap heap, Decided decided) {
        return WholeThings.of(parts, heap, PriceBook.EMPTY, decided, KERF);
    }

    @Test
    void theSoundestAreTakenFirstAndTheRestIsLeft() {
        Heap heap = new Heap(List.of(lot("T1", 3, broken(2)), lot("T2", 2, broken(0))));
        WholeThings things = taken(walls(3, Optional.empty()), heap, Decided.NOTHING);
        assertThat(things.used("T2")).isEqualTo(2);
        assertThat(things.used("T1")).isEqualTo(1);
        assertThat(things.rest(heap).find("T2")).isEmpty();
        assertThat(things.rest(heap).find("T1").orElseThrow().quantity()).isEqualTo(2);
    }

    @Test
    void badStampsTooManyBrokenBoardsAndOtherSizesDoNotServe() {
        Pallet soiled =
                new Pallet(
                        Pallet.Kind.STRINGER,
                        Length.mm(1200),
                        Length.mm(1000),
                        Pallet.USUAL_DECK,
                        Pallet.USUAL_BEARERS,
                        Pallet.Stamp.MB,
                        0);
        Pallet narrow =
                new Pallet(
                        Pallet.Kind.STRINGER,
                        Length.mm(1200),
                        Length.mm(800),
                        Pallet.USUAL_DECK,
                        Pallet.USUAL_BEARERS,
                        Pallet.Stamp.HT,
                        0);
        Heap heap =
                new Heap(
                        List.of(
                                lot("T1", 1, soiled),
                                lot("T2", 1, broken(5)),
                                lot("T3", 1, narrow)));
        WholeThings things = taken(walls(1, Optional.empty()), heap, Decided.NOTHING);
        assertThat(things.tickets()).isEmpty();
        assertThat(things.missing()).hasSize(1);
    }

    @Test
    void whatIsSawnDownSharesAPallet() {
        Heap heap = new Heap(List.of(lot("T1", 9, broken(0))));
        WholeThings things = taken(walls(5, Optional.of(Length.mm(380))), heap, Decided.NOTHING);
        assertThat(things.used("T1")).isEqualTo(2);
        Ticket first = things.tickets().getFirst();
        assertThat(first.cuts()).hasSize(3);
        for (int n = 1; n < first.cuts().size(); n++) {
            Length gap = first.cuts().get(n).x().minus(first.cuts().get(n - 1).end());
            assertThat(gap).isEqualTo(KERF);
        }
        assertThat(first.cuts().getLast().end().atMost(Length.mm(1200))).isTrue();
    }

    @Test
    void theEndOfASawnPalletGivesShortStringersAndAWholeOneNothing() {
        Heap heap = new Heap(List.of(lot("T1", 2, broken(0))));
        Ticket sawn =
                taken(walls(1, Optional.of(Length.mm(500))), heap, Decided.NOTHING)
                        .tickets()
                        .getFirst();
        assertThat(Offcuts.of(sawn, KERF))
                .hasSize(Pallet.USUAL_BEARERS.count())
                .containsOnly(
                        Stick.sound(Pallet.USUAL_BEARERS.section(), Length.mm(1200 - 500 - 3)));
        Ticket whole =
                taken(walls(1, Optional.empty()), heap, Decided.NOTHING).tickets().getFirst();
        assertThat(Offcuts.of(whole, KERF)).isEmpty();
    }

    @Test
    void aPalletTheKeeperWantsElsewhereIsNotTaken() {
        Heap heap = new Heap(List.of(lot("T1", 1, broken(0)), lot("T2", 1, broken(1))));
        Decided never =
                new Decided(
                        List.of(),
                        new TreeSet<>(List.of(new CutWish("P1", "T1", false))),
                        List.of());
        WholeThings things = taken(walls(1, Optional.empty()), heap, never);
        assertThat(things.used("T1")).isZero();
        assertThat(things.used("T2")).isEqualTo(1);
    }

    @Test
    void blocksTheHeapLacksAreBought() {
        Block block = Block.of(Length.mm(190), Length.mm(190), Length.mm(390));
        Offer offer = new Offer("K", "block", block, Money.of(2));
        PriceBook shop = new PriceBook("made up", List.of(offer), new TreeMap<>());
        List<Part> parts = new ArrayList<>();
        for (int n = 1; n <= 3; n++) {
            Length x = Length.mm(500L * n);
            Solid solid =
                    Solid.box(
                            x,
                            x.plus(block.width()),
                            Length.ZERO,
                            block.length(),
                            Length.ZERO,
                            block.height());
            Find find = new Find.OfBlock(block.height());
            parts.add(
                    new Part.WholePart(
                            "K" + n, Role.FOOTING, find, Optional.empty(), List.of(), solid));
        }
        Heap heap = new Heap(List.of(new Lot("B1", 1, block, Lot.Provenance.UNKNOWN)));
        WholeThings things = WholeThings.of(parts, heap, shop, Decided.NOTHING, KERF);
        assertThat(things.cost()).isEqualTo(Money.of(4));
        assertThat(things.tickets()).filteredOn(Ticket::bought).hasSize(2);
    }

    @Test
    void whatIsLeftIsBrokenForBoardsAndNoPalletServesTwice() {
        Heap heap = new Heap(List.of(lot("T1", 3, broken(0))));
        List<Part> parts = new ArrayList<>(walls(2, Optional.empty()));
        parts.add(
                new Part.StickPart(
                        "E1",
                        Role.BOARD,
                        Pallet.USUAL_DECK.section(),
                        Length.mm(300),
                        Angle.ZERO,
                        Angle.ZERO,
                        Solid.box(
                                Length.ZERO,
                                Length.mm(300),
                                Length.mm(-16),
                                Length.ZERO,
                                Length.ZERO,
                                Length.mm(89))));
        Coop coop = new Coop(parts, List.of(), List.of(), Houses.ordinary().measures());
        Keeper keeper = Keeper.with(Tape.METRIC).with(Tool.CIRCULAR_SAW, true);
        WorkPlan plan =
                new CoopPlanner(
                                heap,
                                PriceBook.EMPTY,
                                Workshop.of(keeper),
                                CutPlanner.Settings.QUICK)
                        .plan(coop, Progress.NONE);
        assertThat(plan.missing()).isEmpty();
        assertThat(plan.tickets()).extracting(Ticket::thing).doesNotHaveDuplicates().hasSize(3);
    }
}
