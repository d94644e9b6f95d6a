package reliqua.core.flock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import reliqua.core.measure.Area;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;
import reliqua.core.measure.UnitSystem;

class NeedsTest {
    @Test
    void elevenHensInTightSpace() {
        Practice practice = Practice.DEFAULT.withSpace(Practice.Space.TIGHT).withGrowth(22);
        Flock flock = Flock.of(BirdClass.STANDARD, 9).with(practice);
        Needs needs = Needs.of(flock, Site.BARE, UnitSystem.INCHES);
        assertThat(needs.birds()).isEqualTo(11);
        assertThat(needs.floor()).isEqualTo(Area.ofSquareFeet(2).times(11));
        assertThat(needs.roost()).isEqualTo(Length.inches(132));
        assertThat(needs.nests()).isEqualTo(3);
        assertThat(needs.vents().toSquareFeet())
                .isCloseTo(2.2, org.assertj.core.data.Offset.offset(1e-6));
    }

    /** A figure of husbandry comes out even on the keeper's own tape. */
    @Test
    void figuresAreWholeOnEitherTape() {
        Flock flock = Flock.hens(Map.of(BirdClass.BANTAM, 3, BirdClass.STANDARD, 9));
        Needs inches = Needs.of(flock, Site.BARE, UnitSystem.INCHES);
        Needs metric = Needs.of(flock, Site.BARE, UnitSystem.MILLIMETRES);
        assertThat(inches.apronFlat()).isEqualTo(Length.inches(24));
        assertThat(metric.apronFlat()).isEqualTo(Length.mm(600));
        assertThat(inches.roostHeight()).isEqualTo(Length.inches(48));
        assertThat(metric.roostHeight()).isEqualTo(Length.mm(1200));
        assertThat(inches.popDoorHeight()).isEqualTo(Length.inches(14));
        assertThat(metric.popDoorHeight()).isEqualTo(Length.mm(350));
        for (Needs needs : List.of(inches, metric)) {
            for (Need line : needs.lines()) {
                boolean mesh = line.kind() == Need.Kind.MESH || line.kind() == Need.Kind.GAP;
                if (line.value() instanceof Length length && !mesh) {
                    Length even = needs == inches ? Length.inches(1, 2) : Length.mm(5);
                    assertThat(length).as(line.kind().name()).isEqualTo(length.floorTo(even));
                }
            }
        }
    }

    @Test
    void everyLineOpensToItsSum() {
        Needs needs = Needs.of(Flock.hens(Map.of(BirdClass.BANTAM, 6, BirdClass.DUCK, 3)));
        assertThat(needs.line(Need.Kind.FLOOR).sum().words(Tape.METRIC))
                .contains("8 bantams")
                .contains("4 ducks")
                .contains("25 %");
        assertThat(needs.lines())
                .allSatisfy(
                        line ->
                                assertThat(line.sum().words(Tape.INCH))
                                        .isNotBlank()
                                        .doesNotContain("{"));
    }

    @Test
    void ducksNeitherRoostNorUseBoxes() {
        Needs needs = Needs.of(Flock.of(BirdClass.DUCK, 6));
        assertThat(needs.roost()).isEqualTo(Length.ZERO);
        assertThat(needs.nests()).isZero();
    }

    @ParameterizedTest
    @CsvSource({"1,1", "2,2", "8,3", "12,4", "40,13"})
    void nestsAreNeverFewerThanTwoForTwoHens(int hens, int nests) {
        Flock flock =
                Flock.of(BirdClass.STANDARD, hens)
                        .with(
                                Practice.DEFAULT
                                        .withGrowth(0)
                                        .withNests(Practice.Nests.ONE_PER_THREE));
        assertThat(Needs.of(flock).nests()).isEqualTo(Math.max(nests, Math.ceilDiv(hens, 3)));
    }

    @Test
    void moreBirdsNeverNeedLess() {
        for (BirdClass kind : BirdClass.values()) {
            for (int n = 1; n < 60; n++) {
                Needs few = Needs.of(Flock.of(kind, n));
                Needs many = Needs.of(Flock.of(kind, n + 1));
                assertThat(many.floor()).isGreaterThan(few.floor());
                assertThat(many.roost()).isGreaterThanOrEqualTo(few.roost());
                assertThat(many.nests()).isGreaterThanOrEqualTo(few.nests());
            }
        }
    }

    @Test
    void heavyBirdsRoostLow() {
        assertThat(Needs.of(Flock.of(BirdClass.LARGE, 4)).roostHeight()).isEqualTo(Length.mm(600));
    }

    @Test
    void anEmptyFlockNeedsNothingAndAVastOneIsRefused() {
        assertThat(Needs.of(Flock.EMPTY).floor()).isEqualTo(Area.ZERO);
        assertThatThrownBy(() -> Flock.of(BirdClass.STANDARD, 5000)).hasMessageContaining("200");
        assertThatThrownBy(() -> Practice.DEFAULT.withGrowth(-1)).hasMessageContaining("growth");
    }

    @Test
    void birdsCloserTogetherLoadABarMoreAndMoreRoomDoesNotLightenIt() {
        Flock hens = Flock.of(BirdClass.STANDARD, 8);
        Needs.Crowd usual = Needs.of(hens).roosts().crowd().orElseThrow();
        assertThat(usual.each()).isEqualTo(Length.mm(300));
        Practice snug = Practice.DEFAULT.withRoosts(Practice.Roosts.SNUG);
        assertThat(Needs.of(hens.with(snug)).roosts().crowd().orElseThrow().each())
                .isEqualTo(Length.mm(250));
        OwnFigures roomy = OwnFigures.NONE.withRoost(Optional.of(Length.inches(24)));
        assertThat(Needs.of(hens.with(Practice.DEFAULT.withOwn(roomy))).roosts().crowd())
                .contains(usual);
        assertThat(Needs.of(hens.with(BirdClass.BANTAM, 20)).roosts().crowd()).contains(usual);
        assertThat(Needs.of(Flock.of(BirdClass.DUCK, 6)).roosts().crowd()).isEmpty();
    }

    @Test
    void aPurposeIsAddedAndTakenAwayByItself() {
        Flock flock = Flock.of(BirdClass.STANDARD, 3).with(Flock.Purpose.GARDEN, true);
        assertThat(flock.purposes())
                .containsExactlyInAnyOrder(Flock.Purpose.EGGS, Flock.Purpose.GARDEN);
        assertThat(flock.with(Flock.Purpose.EGGS, false).purposes())
                .containsExactly(Flock.Purpose.GARDEN);
    }
}
