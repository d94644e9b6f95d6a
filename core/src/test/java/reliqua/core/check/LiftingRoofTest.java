package reliqua.core.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import reliqua.core.buy.Fixing;
import reliqua.core.buy.Fixings;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Duty;
import reliqua.core.coop.Houses;
import reliqua.core.coop.Joints;
import reliqua.core.coop.Part;
import reliqua.core.coop.Role;
import reliqua.core.coop.Weights;
import reliqua.core.coop.addon.CoopBuilder;
import reliqua.core.coop.family.AddOn;
import reliqua.core.coop.family.Brief;
import reliqua.core.coop.family.CoopFamily;
import reliqua.core.coop.family.DesignSpec;
import reliqua.core.coop.family.Families;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.flock.Keeper;
import reliqua.core.flock.Practice;
import reliqua.core.flock.Predator;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Weight;
import reliqua.core.stock.Hardware;
import reliqua.core.stock.Heap;

/** A roof that is hinged behind and lifted by its front edge. */
class LiftingRoofTest {
    private static final CoopFamily RAISED = Families.find("raised").orElseThrow();

    private static Coop lifting(int seed) {
        return Houses.random(RAISED, Set.of(AddOn.LIFTING_ROOF), new Random(seed));
    }

    private static Finding finding(Coop coop, Weight lift) {
        Keeper usual = Keeper.with(Tape.METRIC);
        Keeper.Body body = usual.body();
        Keeper keeper = usual.withBody(new Keeper.Body(body.height(), body.reach(), lift, false));
        return new LiftRule()
                .check(new Rule.Subject(coop, Houses.needs(6), keeper, Heap.EMPTY))
                .getFirst();
    }

    @Test
    void everyRafterHasAHingeAndNoScrewIntoAPlate() {
        for (int seed = 0; seed < 10; seed++) {
            Coop coop = lifting(seed);
            List<Part> rafters = coop.of(Role.LIFTED_RAFTER);
            assertThat(rafters).hasSizeGreaterThan(1);
            assertThat(coop.of(Role.RAFTER)).isEmpty();
            List<Fixing> fixings = Fixings.of(coop, Practice.DEFAULT.finish());
            assertThat(fixings)
                    .filteredOn(f -> f.on() == Role.LIFTED_RAFTER)
                    .filteredOn(f -> f.kind() == Hardware.Kind.HINGES)
                    .extracting(Fixing::count)
                    .containsExactly(rafters.size());
            assertThat(fixings)
                    .filteredOn(f -> f.on() == Role.LIFTED_RAFTER)
                    .filteredOn(f -> f.kind() == Hardware.Kind.LATCHES)
                    .extracting(Fixing::count)
                    .containsExactly(2);
            List<Joints.Joint> onPlates =
                    Joints.of(coop).stream()
                            .filter(j -> j.first().role() == Role.PLATE)
                            .filter(j -> j.second().role() == Role.LIFTED_RAFTER)
                            .toList();
            assertThat(onPlates).hasSize(2 * rafters.size());
            assertThat(Fixings.on(onPlates, Set.copyOf(rafters.stream().map(Part::mark).toList())))
                    .isEmpty();
        }
    }

    @ParameterizedTest
    @CsvSource({"1, false", "80, true"})
    void itWarnsWhereItIsTooHeavyForWhoLiftsIt(int lift, boolean holds) {
        Finding finding = finding(lifting(3), Weight.ofKilograms(lift));
        assertThat(finding.severity() == Finding.Severity.GOOD).isEqualTo(holds);
    }

    @Test
    void atItsEdgeOneLiftsAboutHalfOfIt() {
        Coop coop = lifting(3);
        double whole = coop.that(Duty.Trait.OVERHEAD).stream().mapToDouble(Weights::of).sum();
        Weight asked = (Weight) finding(coop, Weight.ofKilograms(25)).sum().terms().getFirst();
        assertThat(asked.toKilograms()).isBetween(whole * 0.35, whole * 0.6);
    }

    @Test
    void handsThatOpenLatchesOpenItTooUnlessItsHooksLock() {
        assertThat(WeakSpot.of(lifting(3), Set.of(Predator.RACCOON)))
                .filteredOn(s -> s.what().key().equals("audit.liftedRoof"))
                .singleElement()
                .satisfies(s -> assertThat(s.lets()).contains(Predator.RACCOON));
    }

    @ParameterizedTest
    @CsvSource({"RUN, liftRun", "DOUBLED, liftDoubled", "GUTTER, liftGutter"})
    void whatIsInItsWayIsRefusedInWords(AddOn other, String why) {
        Brief brief =
                new Brief(
                        Houses.needs(8),
                        Keeper.with(Tape.METRIC),
                        EnumSet.of(AddOn.LIFTING_ROOF, other));
        DesignSpec sized =
                RAISED.sized(
                        Houses.bareChoices(RAISED),
                        brief,
                        Map.of(),
                        Length.mm(1600),
                        Length.mm(1400));
        DesignSpec spec = other == AddOn.RUN ? sized.with("run-length", Length.mm(2400)) : sized;
        assertThatThrownBy(() -> CoopBuilder.build(spec, brief))
                .isInstanceOfSatisfying(
                        Unbuildable.class,
                        e -> assertThat(e.reason().key()).isEqualTo("family." + why));
    }
}
