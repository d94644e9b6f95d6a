package reliqua.core.coop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import reliqua.core.coop.addon.CoopBuilder;
import reliqua.core.coop.family.AddOn;
import reliqua.core.coop.family.Brief;
import reliqua.core.coop.family.Choices;
import reliqua.core.coop.family.CoopFamily;
import reliqua.core.coop.family.DesignSpec;
import reliqua.core.coop.family.Families;
import reliqua.core.coop.family.Finds;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.flock.Keeper;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;
import reliqua.core.stock.FoundPart;
import reliqua.core.stock.Pallet;
import reliqua.core.stock.Section;

/** A house on the floor of an old shed. */
class FoundFloorTest {
    private static final FoundPart FLOOR =
            new FoundPart(
                    FoundPart.Kind.PLATFORM,
                    List.of(Length.mm(2130), Length.mm(1820), Length.mm(95)));
    private static final Choices BARE =
            Houses.choices(Section.mm(38, 64), Section.mm(19, 38), Length.mm(12), Length.mm(1));
    private static final Choices ON_IT =
            BARE.with(BARE.finds().with(new Finds.Thing(FoundPart.Use.PLATFORM, FLOOR, 1)));

    private static Brief brief(Set<AddOn> addOns) {
        return new Brief(Houses.needs(6), Keeper.with(Tape.METRIC), addOns);
    }

    private static DesignSpec sized(CoopFamily family, int width, Map<String, Length> held) {
        return family.sized(ON_IT, brief(Set.of()), held, Length.mm(width), Length.mm(1500));
    }

    static Stream<CoopFamily> kinds() {
        return Families.all().stream().filter(f -> f.places().contains(FoundPart.Use.PLATFORM));
    }

    @Test
    void housesOnSkidsAndOnLegsStandOnIt() {
        assertThat(kinds())
                .extracting(CoopFamily::id)
                .contains("raised", "walkin", "gable", "split");
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void itDecidesTheSizeAndTakesThePlaceOfFrameAndDeck(CoopFamily family) throws Unbuildable {
        DesignSpec spec = sized(family, 2000, Map.of());
        assertThat(spec.width()).isEqualTo(Length.mm(2130));
        assertThat(spec.depth()).isEqualTo(Length.mm(1820));
        Coop coop = CoopBuilder.build(spec, brief(Set.of()));
        assertThat(coop.of(Role.FOUND_FLOOR)).hasSize(1);
        assertThat(coop.of(Role.JOIST)).isEmpty();
        assertThat(coop.of(Role.RIM)).hasSize(family.id().equals("raised") ? 2 : 0);
        assertThat(coop.of(Role.DECK)).isEmpty();
        Bounds floor = coop.of(Role.FOUND_FLOOR).getFirst().solid().bounds();
        assertThat(floor.height()).isEqualTo(Length.mm(95));
        assertThat(coop.zones().getFirst().floorHeight()).isEqualTo(floor.z1());
        assertThat(HouseGeometryTest.overlaps(coop)).isEmpty();
        assertThat(HouseGeometryTest.hanging(coop)).isEmpty();
        Cubes cubes = new Cubes(coop);
        assertThat(cubes.leak(coop)).isEqualTo("closed");
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void itIsTurnedToWhatIsHeldAndElseRefused(CoopFamily family) {
        Map<String, Length> narrow = Map.of("width", Length.mm(1820));
        assertThat(sized(family, 2000, narrow).depth()).isEqualTo(Length.mm(2130));
        DesignSpec other = sized(family, 2000, Map.of("width", Length.mm(2000)));
        assertThatThrownBy(() -> CoopBuilder.build(other, brief(Set.of())))
                .isInstanceOfSatisfying(
                        Unbuildable.class,
                        e -> assertThat(e.reason().key()).isEqualTo("family.floorSize"));
    }

    private static final Finds.WholePallet PALLET =
            Finds.WholePallet.of(
                    new Pallet(
                            Pallet.Kind.STRINGER,
                            Length.mm(1220),
                            Length.mm(1015),
                            new Pallet.Boards(13, Section.mm(16, 89)),
                            Pallet.USUAL_BEARERS,
                            Pallet.Stamp.HT,
                            0),
                    2);
    private static final Choices ON_PALLETS = BARE.with(Finds.of(PALLET, Optional.empty()));

    @Test
    void aRaisedHouseIsAsLargeAsThePalletsUnderItsDeck() throws Unbuildable {
        CoopFamily raised = Families.find("raised").orElseThrow();
        Set<AddOn> onPallets = EnumSet.of(AddOn.PALLET_FLOOR);
        for (int tried : List.of(1100, 1900, 3600)) {
            Brief few = new Brief(Houses.needs(3), Keeper.with(Tape.METRIC), onPallets);
            DesignSpec spec =
                    raised.sized(ON_PALLETS, few, Map.of(), Length.mm(tried), Length.mm(1100));
            int pallets = tried < 1500 ? 1 : 2;
            assertThat(spec.width()).isEqualTo(Length.mm(1015L * pallets));
            assertThat(spec.depth()).isEqualTo(Length.mm(1220));
            Coop coop = CoopBuilder.build(spec, few);
            assertThat(coop.of(Role.FLOOR_PALLET)).hasSize(pallets);
            assertThat(coop.of(Role.DECK_ON_PALLETS)).isNotEmpty();
            assertThat(coop.of(Role.JOIST)).isEmpty();
            assertThat(HouseGeometryTest.overlaps(coop)).isEmpty();
            assertThat(HouseGeometryTest.hanging(coop)).isEmpty();
            assertThat(new Cubes(coop).leak(coop)).isEqualTo("closed");
        }
    }

    @Test
    void aFloorOfPalletsWithoutAnyIsRefused() {
        CoopFamily raised = Families.find("raised").orElseThrow();
        Brief onPallets = brief(EnumSet.of(AddOn.PALLET_FLOOR));
        DesignSpec spec = raised.sized(BARE, onPallets, Map.of(), Length.mm(2000), Length.mm(1220));
        assertThatThrownBy(() -> CoopBuilder.build(spec, onPallets))
                .isInstanceOfSatisfying(
                        Unbuildable.class,
                        e -> assertThat(e.reason().key()).isEqualTo("family.noFloorPallets"));
    }

    @Test
    void moreThanThePalletsThereAreIsRefused() {
        CoopFamily raised = Families.find("raised").orElseThrow();
        Map<String, Length> three = Map.of("width", Length.mm(3045));
        DesignSpec spec =
                raised.sized(ON_PALLETS, brief(Set.of()), three, Length.mm(3045), Length.mm(1220));
        assertThatThrownBy(() -> CoopBuilder.build(spec, brief(Set.of())))
                .isInstanceOfSatisfying(
                        Unbuildable.class,
                        e -> assertThat(e.reason().key()).isEqualTo("family.floorSize"));
    }

    @Test
    void twoHousesDoNotStandOnOne() {
        CoopFamily walkin = Families.find("walkin").orElseThrow();
        Brief twice = brief(EnumSet.of(AddOn.DOUBLED));
        DesignSpec spec = walkin.sized(ON_IT, twice, Map.of(), Length.mm(2000), Length.mm(1500));
        assertThatThrownBy(() -> CoopBuilder.build(spec, twice))
                .isInstanceOfSatisfying(
                        Unbuildable.class,
                        e -> assertThat(e.reason().key()).isEqualTo("family.floorOne"));
    }
}
