package reliqua.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Duty;
import reliqua.core.coop.Part;
import reliqua.core.coop.addon.CoopBuilder;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.cutting.Progress;
import reliqua.core.cutting.Ticket;
import reliqua.core.measure.Length;
import reliqua.core.project.Project;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Material;
import reliqua.core.stock.Mesh;
import reliqua.core.stock.Roofing;
import reliqua.core.stock.Section;
import reliqua.core.stock.Sheet;
import reliqua.core.stock.Stick;

class SupplyTest {
    private static final Length KERF = Length.mm(3);
    private static final Section LATH = Section.mm(19, 38);

    private final List<Lot> lots = new ArrayList<>();

    @Test
    void whatSticksAndTheirRestsGiveCostsNothing() {
        lot(Stick.sound(LATH, Length.mm(1000)));
        lot(Stick.sound(LATH, Length.mm(600)));
        assertThat(supply().sticks(LATH, mm(600, 700, 297))).isZero();
        assertThat(supply().sticks(LATH, mm(600, 700, 298))).isPositive();
    }

    /** Of two sections of which enough is there, the one that leaves more for others. */
    @Test
    void whatUsesUpASectionCrowdsIt() {
        Section other = Section.mm(38, 64);
        lot(Stick.sound(LATH, Length.mm(1000)));
        for (int n = 0; n < 4; n++) {
            lot(Stick.sound(other, Length.mm(1000)));
        }
        double crowded = supply().crowding(LATH, mm(900));
        assertThat(crowded).isGreaterThan(supply().crowding(other, mm(900)));
        assertThat(supply().crowding(other, mm(900, 900, 900, 900)))
                .as("all of it")
                .isCloseTo(4 * crowded, within(1e-9));
        assertThat(supply().crowding(Section.mm(75, 75), mm(900))).isCloseTo(0.9, within(1e-9));
    }

    @Test
    void aMissingPieceCostsMoreTheLongerItIs() {
        double half = supply().sticks(LATH, mm(500));
        assertThat(half).isPositive();
        assertThat(supply().sticks(LATH, mm(1000))).isCloseTo(2 * half, within(1e-9));
    }

    @Test
    void whatNoShopSellsIsDearerThanTheLargerItMayBeCutFrom() {
        Section sold = Section.mm(38, 64);
        Section odd = Section.mm(36, 63);
        assertThat(supply().sticks(odd, mm(900))).isGreaterThan(supply().sticks(sold, mm(900)));
    }

    /**
     * Every part of a house bought new, as a stick or sheet a little longer: the same birds are
     * housed again, and nothing but mesh and hardware is bought.
     */
    @Test
    void aHouseTakenApartIsBuiltAgainWithNoWoodBought() throws Unbuildable {
        Project bare = Yards.project(7).withHeap(Heap.EMPTY);
        Coop house = CoopBuilder.build(best(bare).spec(), bare.fitRequest().brief());
        house.parts().forEach(this::takenOff);
        Candidate again = best(bare.withHeap(new Heap(lots)));
        assertThat(again.faults()).isZero();
        assertThat(again.plan().missing()).isEmpty();
        List<Class<?>> bought = new ArrayList<>();
        again.plan().tickets().stream()
                .filter(Ticket::bought)
                .forEach(t -> bought.add(t.material().getClass()));
        assertThat(bought).containsOnly(Mesh.class);
    }

    private static Candidate best(Project project) {
        return Fitter.fit(project.fitRequest(), Progress.NONE, _ -> {}).best().orElseThrow();
    }

    private void takenOff(Part part) {
        Length more = Length.mm(25);
        switch (part) {
            case Part.StickPart s -> lot(Stick.sound(s.section(), s.length().plus(more)));
            case Part.PanelPart p when p.cutFrom().isEmpty() ->
                    lot(
                            new Sheet(
                                    Sheet.Kind.PLYWOOD,
                                    p.thickness(),
                                    p.width().plus(more),
                                    p.height().plus(more),
                                    p.role().is(Duty.Trait.WALKED_ON)
                                            ? Sheet.Grain.ACROSS
                                            : Sheet.Grain.LENGTHWAYS,
                                    Optional.empty(),
                                    List.of()));
            case Part.RoofPart r ->
                    lot(
                            new Roofing(
                                    r.length().plus(more),
                                    r.fullWidth(),
                                    r.fullWidth().minus(Length.mm(78)),
                                    List.of()));
            default -> {
                // Mesh is bought anew; doors come out of the panel they are cut from.
            }
        }
    }

    private void lot(Material material) {
        lots.add(new Lot("T" + lots.size(), 1, material, Lot.Provenance.UNKNOWN));
    }

    private Supply supply() {
        return new Supply(new Heap(lots), Yards.shop(), KERF);
    }

    private static List<Length> mm(long... lengths) {
        List<Length> all = new ArrayList<>();
        for (long length : lengths) {
            all.add(Length.mm(length));
        }
        return all;
    }
}
