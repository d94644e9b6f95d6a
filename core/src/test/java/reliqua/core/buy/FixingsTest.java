package reliqua.core.buy;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Duty;
import reliqua.core.coop.Find;
import reliqua.core.coop.Houses;
import reliqua.core.coop.Part;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.coop.family.AddOn;
import reliqua.core.coop.family.CoopFamily;
import reliqua.core.coop.family.Families;
import reliqua.core.flock.Practice;
import reliqua.core.measure.Angle;
import reliqua.core.measure.Length;
import reliqua.core.measure.UnitSystem;
import reliqua.core.stock.Hardware;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Section;

class FixingsTest {
    private static final Part PALLET =
            whole(
                    "P1",
                    Role.FLOOR_PALLET,
                    new Find.OfPallet(Length.mm(1200), Length.mm(1000)),
                    box(1200, 1000, 190, 311));

    private static Solid box(long x, long y, long z0, long z1) {
        return Solid.box(
                Length.ZERO, Length.mm(x), Length.ZERO, Length.mm(y), Length.mm(z0), Length.mm(z1));
    }

    private static Part whole(String mark, Role role, Find find, Solid solid) {
        return new Part.WholePart(mark, role, find, Optional.empty(), List.of(), solid);
    }

    private static int screws(Part... parts) {
        Coop coop = new Coop(List.of(parts), List.of(), List.of(), Houses.ordinary().measures());
        return Fixings.counts(Fixings.of(coop, Practice.Finish.PAINTED))
                .getOrDefault(Hardware.Kind.SCREWS, 0);
    }

    /** A ladder leans on the roosts: its rungs are screwed to its rails, it to nothing. */
    @Test
    void whatStandsLooseIsScrewedTogetherAndToNothingElse() {
        CoopFamily walkIn = Families.find("walkin").orElseThrow();
        for (AddOn each : List.of(AddOn.ROOST_LADDER, AddOn.DRINKER_STAND)) {
            Coop coop = Houses.random(new Houses.Pair(walkIn, each), new Random(61));
            Set<String> loose =
                    coop.parts().stream()
                            .filter(p -> p.role().is(Duty.Trait.STANDS_LOOSE))
                            .map(Part::mark)
                            .collect(Collectors.toSet());
            List<Part> alone = coop.parts().stream().filter(p -> loose.contains(p.mark())).toList();
            List<Part> rest = coop.parts().stream().filter(p -> !loose.contains(p.mark())).toList();
            int itself = screws(alone.toArray(Part[]::new));
            assertThat(itself).as(each.id()).isGreaterThanOrEqualTo(4);
            assertThat(screws(coop.parts().toArray(Part[]::new)))
                    .as(each.id())
                    .isEqualTo(itself + screws(rest.toArray(Part[]::new)));
        }
    }

    @Test
    void aSheetIsScrewedToEveryStringerOfAPallet() {
        Part deck =
                new Part.PanelPart(
                        "B1",
                        Role.DECK_ON_PALLETS,
                        Length.mm(12),
                        Length.mm(1200),
                        Length.mm(1000),
                        Optional.empty(),
                        Optional.empty(),
                        box(1200, 1000, 311, 323));
        // Three stringers of 1.2 m, a screw every 200 mm.
        assertThat(screws(PALLET, deck)).isBetween(12, 21);
    }

    @Test
    void nothingIsScrewedToABlock() {
        Part block =
                whole("K1", Role.FOOTING, new Find.OfBlock(Length.mm(190)), box(190, 390, 0, 190));
        assertThat(screws(PALLET, block)).isZero();
    }

    private static Part stick(String mark, long x0, long x1, long z0, long z1) {
        Solid solid =
                Solid.box(
                        Length.mm(x0),
                        Length.mm(x1),
                        Length.ZERO,
                        Length.mm(38),
                        Length.mm(z0),
                        Length.mm(z1));
        return new Part.StickPart(
                mark,
                Role.STUD,
                Section.mm(38, 89),
                Length.mm(z1 - z0),
                Angle.ZERO,
                Angle.ZERO,
                solid);
    }

    private static List<Fixing> fixings(Part... parts) {
        Coop coop = new Coop(List.of(parts), List.of(), List.of(), Houses.ordinary().measures());
        return Fixings.of(coop, Practice.Finish.PAINTED);
    }

    @Test
    void aScrewIsTwoAndAHalfTimesWhatItPassesAndNeverComesThrough() {
        List<Fixing> joint = fixings(stick("C1", 0, 38, 0, 900), stick("C2", 38, 127, 0, 900));
        Fixing screws = joint.getFirst();
        assertThat(screws.count()).isEqualTo(2);
        assertThat(screws.least().orElseThrow()).isEqualTo(Length.mm(95));
        assertThat(screws.length(UnitSystem.MILLIMETRES)).contains(Length.mm(100));
        assertThat(screws.length(UnitSystem.INCHES)).contains(Length.inches(4));

        Fixing thin = fixings(stick("C1", 0, 19, 0, 900), stick("C2", 19, 38, 0, 900)).getFirst();
        assertThat(thin.length(UnitSystem.MILLIMETRES).orElseThrow())
                .isLessThanOrEqualTo(Length.mm(35));
    }

    @Test
    void everyScrewOfAnyCoopHoldsAndStaysInside() {
        for (CoopFamily family : Houses.families()) {
            Coop coop = Houses.random(family, new Random(7));
            List<Fixing> all = Fixings.of(coop, Practice.Finish.PAINTED);
            for (Fixing f : all) {
                assertThat(f.count()).isPositive();
                assertThat(coop.parts()).extracting(Part::mark).containsAll(f.marks());
                if (f.kind() == Hardware.Kind.SCREWS) {
                    Length length = f.length(UnitSystem.MILLIMETRES).orElseThrow();
                    assertThat(length).isLessThanOrEqualTo(f.most().orElseThrow());
                }
            }
            assertThat(all.stream().mapToInt(Fixing::count).sum())
                    .isEqualTo(Fixings.counts(all).values().stream().mapToInt(n -> n).sum());
        }
    }

    @Test
    void whatIsOnHandComesOffOnlyWhereItsLengthDoes() {
        List<Fixing> joint = fixings(stick("C1", 0, 38, 0, 900), stick("C2", 38, 127, 0, 900));
        assertThat(left(joint, Optional.of(Length.mm(40)))).isEqualTo(2);
        assertThat(left(joint, Optional.of(Length.mm(100)))).isZero();
        assertThat(left(joint, Optional.empty())).isZero();
    }

    private static int left(List<Fixing> fixings, Optional<Length> size) {
        Lot box =
                new Lot("H1", 50, new Hardware(Hardware.Kind.SCREWS, size), Lot.Provenance.UNKNOWN);
        return Fixings.toBuy(fixings, Heap.EMPTY.plus(box)).get(Hardware.Kind.SCREWS);
    }
}
