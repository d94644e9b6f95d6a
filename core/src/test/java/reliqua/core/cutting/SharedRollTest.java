package reliqua.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Houses;
import reliqua.core.coop.Part;
import reliqua.core.fit.Yards;
import reliqua.core.flock.Keeper;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Mesh;

/** One roll of fine mesh serves vents and skirts: coarser mesh is not bought beside it. */
class SharedRollTest {
    private static final Coop COOP = Houses.ordinary();

    private static WorkPlan plan(Heap heap) {
        return new CoopPlanner(
                        heap,
                        Yards.shop(),
                        Workshop.of(Keeper.with(Tape.METRIC)),
                        CutPlanner.Settings.LIVE.withoutJoints())
                .plan(COOP, Decided.cut(List.of()), Optional.empty(), Progress.NONE);
    }

    private static long bought(WorkPlan plan) {
        return plan.tickets().stream()
                .filter(t -> t.bought() && t.material() instanceof Mesh)
                .count();
    }

    @Test
    void aLongRollOfFineMeshIsAllTheMeshThereIs() {
        long apertures =
                COOP.parts().stream()
                        .filter(p -> p instanceof Part.MeshPart)
                        .map(p -> ((Part.MeshPart) p).aperture())
                        .distinct()
                        .count();
        assertThat(apertures).isGreaterThan(1);
        Mesh fine = new Mesh(Mesh.Kind.WELDED, Length.mm(12), Length.mm(1300), Length.mm(60_000));

        WorkPlan shared = plan(new Heap(List.of(new Lot("M1", 1, fine, Lot.Provenance.UNKNOWN))));

        assertThat(bought(shared)).isZero();
        assertThat(shared.missing()).noneMatch(p -> p instanceof Part.MeshPart);
        assertThat(bought(plan(Heap.EMPTY))).isPositive();
    }

    @Test
    void coarseMeshNeverServesWhereFineIsAskedFor() {
        Mesh coarse = new Mesh(Mesh.Kind.WELDED, Length.mm(25), Length.mm(1300), Length.mm(60_000));

        WorkPlan plan = plan(new Heap(List.of(new Lot("M1", 1, coarse, Lot.Provenance.UNKNOWN))));

        plan.tickets().stream()
                .filter(t -> t.source().equals("M1"))
                .flatMap(t -> t.cuts().stream())
                .flatMap(c -> c.parts().stream())
                .forEach(
                        p ->
                                assertThat(coarse.aperture().atMost(((Part.MeshPart) p).aperture()))
                                        .isTrue());
        assertThat(bought(plan)).isPositive();
    }
}
