package reliqua.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Duty;
import reliqua.core.coop.Houses;
import reliqua.core.coop.Part;
import reliqua.core.coop.Role;
import reliqua.core.coop.family.AddOn;
import reliqua.core.coop.family.CoopFamily;
import reliqua.core.coop.family.Families;
import reliqua.core.flock.Predator;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;

class AuditTest {
    private static final Coop HOUSE = Houses.ordinary();

    private static List<String> open(Coop coop, Predator... about) {
        Set<Predator> all = EnumSet.noneOf(Predator.class);
        all.addAll(List.of(about));
        return WeakSpot.of(coop, all).stream()
                .filter(s -> s.grade() == WeakSpot.Grade.OPEN)
                .map(s -> s.what().key())
                .toList();
    }

    @Test
    void handsFindLatchesAndSlimBodiesFindRibs() {
        assertThat(open(HOUSE, Predator.RACCOON)).contains("audit.door");
        assertThat(open(HOUSE, Predator.OWL)).doesNotContain("audit.door", "audit.ribs");
        assertThat(open(HOUSE, Predator.WEASEL)).contains("audit.ribs", "audit.mesh.near");
        assertThat(open(HOUSE, Predator.BEAR)).contains("audit.walls");
    }

    @Test
    void meshThatLetsSlimOnesInIsLinedPieceByPiece() {
        List<WeakSpot> coarse =
                WeakSpot.of(HOUSE, Set.of(Predator.WEASEL)).stream()
                        .filter(s -> s.what().key().startsWith("audit.mesh"))
                        .filter(s -> s.grade() == WeakSpot.Grade.OPEN)
                        .toList();
        assertThat(coarse).isNotEmpty();
        for (WeakSpot spot : coarse) {
            assertThat(spot.mending().parts()).hasSameSizeAs(spot.marks());
            assertThat(spot.mending().parts())
                    .allMatch(p -> ((Part.MeshPart) p).aperture().atMost(Length.mm(6)));
            assertThat(spot.mending().parts()).noneMatch(p -> HOUSE.find(p.mark()).isPresent());
        }
    }

    /** The flap of a window is hinged like a lid, but no egg lies behind it. */
    @Test
    void theFlapOfAWindowIsNotCountedAmongTheLidsOfNests() {
        CoopFamily raised = Families.find("raised").orElseThrow();
        Random random = new Random(5);
        Coop house =
                Stream.generate(() -> Houses.random(new Houses.Pair(raised, AddOn.WINDOW), random))
                        .filter(
                                c ->
                                        !c.of(Role.SHUTTER).isEmpty()
                                                && !c.of(Role.NEST_LID).isEmpty())
                        .findFirst()
                        .orElseThrow();
        List<String> lids =
                WeakSpot.of(house, Set.of(Predator.RACCOON)).stream()
                        .filter(s -> s.what().key().equals("audit.lid"))
                        .flatMap(s -> s.marks().stream())
                        .toList();
        assertThat(lids)
                .containsExactlyElementsOf(
                        house.of(Role.NEST_LID).stream().map(Part::mark).toList());
    }

    @Test
    void anUncoveredPlaceIsOnlyOpenToWhatComesThatWay() {
        Coop run = Houses.randomWithRun(Houses.familiesWithRun().getFirst(), new Random(8));
        List<WeakSpot> spots = WeakSpot.of(run, Set.of(Predator.HAWK));

        assertThat(spots)
                .extracting(s -> s.what().key())
                .anyMatch(k -> k.equals("audit.open") || k.equals("audit.cover"));
        assertThat(spots).noneMatch(s -> s.what().key().startsWith("audit.edge"));
    }

    /** Mesh against digging goes round house and run alone, and stakes are none. */
    @Test
    void aYardAsksForNoApronOfItsOwn() {
        CoopFamily raised = Families.find("raised").orElseThrow();
        Coop all =
                Houses.random(raised, Set.of(AddOn.RUN, AddOn.YARD, AddOn.ANCHORS), new Random(9));
        Coop open = without(without(all, Duty.Trait.LIES_OUT), Duty.Trait.CLOSES_BELOW);
        Coop bare = without(open, Duty.Trait.BY_DAY);
        assertThat(open.parts()).hasSizeGreaterThan(bare.parts().size());
        assertThat(round(open)).isPositive().isEqualTo(round(bare));
    }

    private static Coop without(Coop coop, Duty.Trait trait) {
        List<Part> left = coop.parts().stream().filter(p -> !p.role().is(trait)).toList();
        return new Coop(left, coop.openings(), coop.zones(), coop.measures());
    }

    private static double round(Coop coop) {
        return WeakSpot.of(coop, Set.of(Predator.FOX)).stream()
                .filter(s -> s.what().key().equals("audit.edge"))
                .flatMap(s -> s.mending().parts().stream())
                .mapToDouble(p -> ((Part.MeshPart) p).length().toMetres())
                .sum();
    }

    @Test
    void theWeakestComesFirstAndEverySpotHasItsWordsAndParts() {
        Random random = new Random(4);
        for (var family : Houses.families()) {
            Coop coop = Houses.random(family, random);
            List<WeakSpot> spots = WeakSpot.of(coop, EnumSet.allOf(Predator.class));
            assertThat(spots)
                    .isNotEmpty()
                    .isSortedAccordingTo(java.util.Comparator.comparing(WeakSpot::grade));
            for (WeakSpot spot : spots) {
                assertThat(spot.what().words(Tape.METRIC)).isNotBlank().doesNotContain("{");
                assertThat(spot.mend().words(Tape.INCH)).isNotBlank().doesNotContain("{");
                assertThat(spot.marks()).allMatch(m -> coop.find(m).isPresent());
                assertThat(spot.grade() == WeakSpot.Grade.OPEN && spot.lets().isEmpty()).isFalse();
            }
        }
    }

    @Test
    void whereNoAnimalIsNamedThoseAreTakenThatAreEverywhere() {
        assertThat(WeakSpot.of(HOUSE, Set.of()))
                .flatExtracting(s -> List.copyOf(s.lets()))
                .contains(Predator.FOX)
                .doesNotContain(Predator.BEAR);
    }
}
