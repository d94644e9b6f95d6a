package reliqua.core.coop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import reliqua.core.coop.family.Brief;
import reliqua.core.coop.family.Choices;
import reliqua.core.coop.family.CoopFamily;
import reliqua.core.coop.family.DesignSpec;
import reliqua.core.coop.family.Families;
import reliqua.core.coop.family.Finds;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.fit.Yards;
import reliqua.core.flock.Keeper;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;
import reliqua.core.stock.Block;
import reliqua.core.stock.Pallet;

class PalletHouseTest {
    private static final CoopFamily FAMILY = Families.find("pallet").orElseThrow();
    private static final Brief BRIEF = new Brief(Houses.needs(6), Keeper.with(Tape.METRIC));
    private static final Finds.Footing BLOCKS =
            new Finds.Footing(Block.of(Length.mm(190), Length.mm(190), Length.mm(390)), 30);

    private static DesignSpec spec(int pallets, Choices.Cladding cladding) {
        Choices choices =
                Houses.ordinarySpec()
                        .choices()
                        .with(
                                Finds.of(
                                        Finds.WholePallet.of(Yards.pallet(), pallets),
                                        Optional.of(BLOCKS)))
                        .with(cladding);
        return FAMILY.sized(choices, BRIEF, Map.of(), Length.mm(2200), Length.mm(1900));
    }

    private static List<Part.WholePart> pallets(Coop coop) {
        return coop.parts().stream()
                .filter(p -> p instanceof Part.WholePart)
                .map(p -> (Part.WholePart) p)
                .filter(p -> p.find() instanceof Find.OfPallet)
                .toList();
    }

    @Test
    void itsSizeIsAWholeNumberOfPallets() {
        DesignSpec spec = spec(40, Choices.Cladding.SHEETS);
        Length walls = Yards.pallet().thickness().times(2);
        assertThat(spec.width().minus(walls)).isEqualTo(Length.mm(2000));
        assertThat(spec.depth()).isEqualTo(Length.mm(2000));
    }

    /** Of two sizes the longer is sawn down to the shorter, so that the walls are level. */
    @Test
    void longerPalletsAreSawnDownToTheOthers() throws Unbuildable {
        Pallet usual = Yards.pallet();
        Pallet longer =
                new Pallet(
                        usual.kind(),
                        usual.length().plus(Length.mm(120)),
                        usual.width().minus(Length.mm(200)),
                        usual.deck(),
                        usual.bearers(),
                        usual.stamp(),
                        0);
        Finds.WholePallet first = Finds.WholePallet.of(usual, 30);
        Finds.WholePallet second = Finds.WholePallet.of(longer, 30);
        assertThat(first.matches(second)).isTrue();
        assertThat(second.matches(first)).isFalse();
        Choices choices =
                Houses.ordinarySpec()
                        .choices()
                        .with(Finds.of(first, Optional.of(BLOCKS)).and(second));
        Length wide = usual.width().plus(longer.width()).plus(usual.thickness().times(2));
        DesignSpec spec = FAMILY.sized(choices, BRIEF, Map.of(), wide, wide);
        Coop coop = FAMILY.build(spec, BRIEF);
        List<Part.WholePart> long_ =
                pallets(coop).stream()
                        .filter(
                                p ->
                                        p.find() instanceof Find.OfPallet f
                                                && f.length().equals(longer.length()))
                        .toList();
        assertThat(long_).isNotEmpty();
        assertThat(long_)
                .allMatch(p -> p.sawnTo().filter(s -> s.atMost(usual.length())).isPresent());
        assertThat(HouseGeometryTest.overlaps(coop)).isEmpty();
    }

    @Test
    void theKeeperStandsInsideOnlyWherePalletsGoRound() throws Unbuildable {
        Coop standing = FAMILY.build(spec(40, Choices.Cladding.SHEETS), BRIEF);
        Coop low = FAMILY.build(spec(12, Choices.Cladding.SHEETS), BRIEF);
        Length height = BRIEF.keeper().body().height();
        assertThat(standing.measures().standing().atLeast(height)).isTrue();
        assertThat(low.measures().standing().isPositive()).isFalse();
        assertThat(pallets(low)).hasSize(11);
    }

    /** Twelve of one width and twelve of another: neither goes round alone. */
    @Test
    void palletsOfTwoWidthsStandBesideOneAnother() throws Unbuildable {
        Pallet wide = Yards.pallet();
        Pallet narrow =
                new Pallet(
                        wide.kind(),
                        wide.length(),
                        wide.width().minus(Length.mm(200)),
                        wide.deck(),
                        wide.bearers(),
                        Pallet.Stamp.HT,
                        0);
        Finds both =
                Finds.of(Finds.WholePallet.of(wide, 12), Optional.of(BLOCKS))
                        .and(Finds.WholePallet.of(narrow, 12));
        Choices choices = Houses.ordinarySpec().choices().with(both);
        DesignSpec spec =
                FAMILY.sized(
                        choices.with(Choices.Cladding.BOARDS),
                        BRIEF,
                        Map.of(),
                        wide.width().plus(narrow.width()).plus(wide.thickness().times(2)),
                        wide.width().plus(narrow.width()));
        Coop coop = FAMILY.build(spec, BRIEF);
        for (Pallet each : List.of(wide, narrow)) {
            Find find = new Find.OfPallet(each.length(), each.width());
            assertThat(pallets(coop)).filteredOn(p -> p.find().equals(find)).hasSizeBetween(4, 12);
        }
    }

    @Test
    void tooFewPalletsAreRefusedWithTheirNumber() {
        assertThatThrownBy(() -> FAMILY.build(spec(9, Choices.Cladding.SHEETS), BRIEF))
                .isInstanceOfSatisfying(
                        Unbuildable.class,
                        e ->
                                assertThat(e.reason().words(Tape.METRIC))
                                        .contains("11")
                                        .contains("9"));
    }

    @Test
    void withBoardsNoSheetIsNeededForFloorWallsAndDoor() throws Unbuildable {
        Coop boarded = FAMILY.build(spec(40, Choices.Cladding.BOARDS), BRIEF);
        assertThat(boarded.of(Role.SKIN)).isEmpty();
        assertThat(boarded.of(Role.DOOR_LEAF)).isEmpty();
        assertThat(boarded.of(Role.DECK_ON_PALLETS)).isEmpty();
        assertThat(boarded.of(Role.BOARD)).isNotEmpty();
        assertThat(boarded.of(Role.FLOOR_BOARD)).isNotEmpty();
        assertThat(boarded.of(Role.LEAF_BOARD)).isNotEmpty();
    }

    @Test
    void withoutPalletsItSaysSo() {
        Choices none = Houses.ordinarySpec().choices();
        DesignSpec spec = FAMILY.sized(none, BRIEF, Map.of(), Length.mm(2200), Length.mm(1900));
        assertThatThrownBy(() -> FAMILY.build(spec, BRIEF))
                .isInstanceOfSatisfying(
                        Unbuildable.class,
                        e -> assertThat(e.reason().key()).isEqualTo("family.noPallets"));
    }
}
