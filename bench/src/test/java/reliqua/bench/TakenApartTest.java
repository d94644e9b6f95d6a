package reliqua.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import reliqua.core.coop.Coop;
import reliqua.core.coop.addon.CoopBuilder;
import reliqua.core.coop.family.AddOn;
import reliqua.core.coop.family.Brief;
import reliqua.core.coop.family.Choices;
import reliqua.core.coop.family.CoopFamily;
import reliqua.core.coop.family.DesignSpec;
import reliqua.core.coop.family.Families;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.cutting.Progress;
import reliqua.core.cutting.Ticket;
import reliqua.core.fit.Candidate;
import reliqua.core.fit.Fitter;
import reliqua.core.flock.BirdClass;
import reliqua.core.flock.Flock;
import reliqua.core.flock.Keeper;
import reliqua.core.flock.Practice;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;
import reliqua.core.measure.UnitSystem;
import reliqua.core.project.Project;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Roofing;
import reliqua.core.stock.Section;
import reliqua.core.stock.Sheet;
import reliqua.core.stock.Stick;
import reliqua.standins.Merchants;

class TakenApartTest {
    private static final CoopFamily RAISED = Families.find("raised").orElseThrow();

    private static final int HENS = 4;

    /**
     * The section there is most of makes no rafters: they would be cut too deep where they sit. And
     * the back that opens comes out of sheets no closed back would come out of.
     */
    @Test
    void aShallowHouseIsBuiltAgainOfItsOwnPieces() throws Unbuildable {
        Project bare =
                Project.start(
                                "apart",
                                Keeper.with(Tape.METRIC),
                                Flock.of(BirdClass.STANDARD, HENS),
                                Heap.EMPTY,
                                Merchants.priceBook(UnitSystem.MILLIMETRES))
                        .seeking(RAISED);
        Project project = bare.withHeap(heap(bare));
        Candidate best =
                Fitter.fit(project.fitRequest(), Progress.NONE, _ -> {}).best().orElseThrow();
        assertThat(best.faults()).isZero();
        assertThat(best.plan().missing()).isEmpty();
        assertThat(best.plan().tickets().stream().filter(Ticket::bought).map(Ticket::material))
                .noneMatch(m -> m instanceof Stick || m instanceof Sheet || m instanceof Roofing);
    }

    private static Heap heap(Project bare) throws Unbuildable {
        Brief brief = new Brief(bare.needs(), bare.keeper(), Set.of());
        Choices choices =
                new Choices(
                        Stream.of(Choices.Group.values()).map(TakenApartTest::section).toList(),
                        Length.mm(15),
                        Length.mm(12),
                        Length.mm(1220),
                        new Choices.RoofingChoice(Length.mm(840), Length.mm(760), Length.mm(3000)),
                        Practice.Underside.CLOSED_IN,
                        Length.mm(1));
        Length depth = RAISED.depth(choices).least().plus(Length.mm(6));
        Length width = RAISED.leastOther(depth, choices, brief);
        DesignSpec spec =
                RAISED.sized(choices, brief, Map.of(), width, depth)
                        .with(AddOn.BACK_HATCH)
                        .with(AddOn.ANCHORS);
        Coop coop = CoopBuilder.build(spec, brief);
        return TakenApart.of(coop, spec, new Random(HENS));
    }

    private static Section section(Choices.Group group) {
        List<Integer> sides =
                switch (group) {
                    case LEGS -> List.of(89, 89);
                    case FLOOR, WALLS, RAFTERS -> List.of(38, 89);
                    case PURLINS, ROOSTS -> List.of(38, 63);
                    case TRIM -> List.of(22, 50);
                    case RUN -> List.of(25, 50);
                    case BOARDS -> List.of(20, 120);
                };
        return new Section(Length.mm(sides.getFirst()), Length.mm(sides.getLast()));
    }
}
