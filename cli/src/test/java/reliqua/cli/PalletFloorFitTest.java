package reliqua.cli;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import reliqua.core.coop.Role;
import reliqua.core.coop.family.AddOn;
import reliqua.core.cutting.Progress;
import reliqua.core.fit.Candidate;
import reliqua.core.fit.Fitter;
import reliqua.core.flock.BirdClass;
import reliqua.core.flock.Flock;
import reliqua.core.project.Project;
import reliqua.files.Examples;
import reliqua.standins.Merchants;

/** Pallets as the floor of a raised house, for a keeper who has few sticks for joists. */
class PalletFloorFitTest {
    private static Candidate best(Project project) {
        return Fitter.fit(project.fitRequest(), Progress.NONE, _ -> {}).best().orElseThrow();
    }

    @Test
    void theyAreTheFloorWhereJoistsWouldBeBoughtThoughNobodyAskedForThem() {
        // Room for one hen more, and a house with joists of its own lacks some.
        Project asked =
                Examples.find("bothy-end")
                        .orElseThrow()
                        .project(Merchants::priceBook)
                        .withFlock(Flock.of(BirdClass.STANDARD, 4));
        Project free = asked.with(AddOn.PALLET_FLOOR, false);
        Candidate best = best(free);
        assertThat(best.coop().of(Role.FLOOR_PALLET)).hasSize(2);
        assertThat(best.spec().addOns()).doesNotContain(AddOn.PALLET_FLOOR);
        assertThat(free.seeks(best.spec())).isTrue();
        assertThat(best.faults()).isZero();
        assertThat(best.cost()).isEqualTo(best(asked).cost());
    }
}
