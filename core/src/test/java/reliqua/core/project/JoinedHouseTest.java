package reliqua.core.project;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import reliqua.core.coop.Contact;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Part;
import reliqua.core.coop.Role;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.coop.madeup.Seam;
import reliqua.core.cutting.Progress;
import reliqua.core.cutting.Ticket;
import reliqua.core.cutting.WorkPlan;
import reliqua.core.fit.Candidate;
import reliqua.core.fit.Yards;
import reliqua.core.measure.Length;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Material;
import reliqua.core.stock.PriceBook;
import reliqua.core.stock.Roofing;
import reliqua.core.stock.Section;
import reliqua.core.stock.Sheet;
import reliqua.core.stock.Stick;

/** A house whose parts are too long for what there is, and no shop to go to. */
class JoinedHouseTest {
    private static Project project;
    private static Candidate house;

    @BeforeAll
    static void aYardOfScraps() throws Unbuildable {
        project = scrappy();
        house = house(project);
    }

    private static Candidate house(Project project) throws Unbuildable {
        return house(project, Optional.empty());
    }

    private static Candidate house(Project project, Optional<WorkPlan> before) throws Unbuildable {
        return Design.derive(project, before, Progress.NONE, _ -> {})
                .design()
                .orElseThrow()
                .candidate();
    }

    /** What the house takes, but roofing and rafter wood too short, small sheets, and boards. */
    private static Project scrappy() throws Unbuildable {
        Project project = Yards.project(6);
        Project settled = project.settledOn(Yards.fitted(6).candidate());
        Coop whole = house(settled).coop();
        Heap heap = Heap.EMPTY;
        for (Part part : whole.parts()) {
            if (part instanceof Part.StickPart stick && part.role() != Role.RAFTER) {
                heap = with(heap, Stick.sound(stick.section(), stick.length()), 1);
            }
        }
        for (Part part : whole.parts()) {
            if (part instanceof Part.PanelPart panel && !canBeJoined(panel)) {
                heap =
                        with(
                                heap,
                                new Sheet(
                                        Sheet.Kind.PLYWOOD,
                                        panel.thickness(),
                                        panel.width(),
                                        panel.height(),
                                        List.of()),
                                panel.lowSide().isPresent() ? 2 : 1);
            } else if (part instanceof Part.MeshPart mesh) {
                heap =
                        with(
                                heap,
                                new reliqua.core.stock.Mesh(
                                        reliqua.core.stock.Mesh.Kind.WELDED,
                                        mesh.aperture(),
                                        mesh.width(),
                                        mesh.length()),
                                1);
            }
        }
        Part.StickPart rafter = (Part.StickPart) whole.of(Role.RAFTER).getFirst();
        heap = with(heap, Stick.sound(rafter.section(), rafter.length().scaled(0.9)), 30);
        Part.RoofPart roof = (Part.RoofPart) whole.of(Role.ROOF_SHEET).getFirst();
        heap =
                with(
                        heap,
                        new Roofing(
                                roof.length().scaled(0.75),
                                roof.fullWidth(),
                                roof.fullWidth().minus(Length.mm(78)),
                                List.of()),
                        20);
        heap =
                with(
                        heap,
                        new Sheet(
                                Sheet.Kind.PLYWOOD,
                                Length.mm(12),
                                Length.mm(900),
                                Length.mm(1500),
                                List.of()),
                        30);
        for (int wide : new int[] {70, 95, 120}) {
            heap = with(heap, Stick.sound(Section.mm(14, wide), Length.mm(2400)), 20);
        }
        heap = with(heap, Stick.sound(Section.mm(38, 89), Length.mm(700)), 40);
        heap = with(heap, Stick.sound(Section.mm(19, 38), Length.mm(2400)), 40);
        PriceBook none = new PriceBook("closed", List.of(), new TreeMap<>());
        return settled.withHeap(heap).withPrices(none);
    }

    private static boolean canBeJoined(Part.PanelPart panel) {
        return panel.solid().holes().isEmpty()
                && (panel.role() == Role.SKIN || panel.role() == Role.DECK);
    }

    private static Heap with(Heap heap, Material material, int count) {
        return heap.plus(new Lot(heap.freshId(material), count, material, Lot.Provenance.UNKNOWN));
    }

    @Test
    void whatIsTooShortIsJoinedAndTheHouseIsDrawnAsItIsBuilt() throws Unbuildable {
        WorkPlan plan = house.plan();
        assertThat(plan.seams()).extracting(Seam::kind).contains(Seam.Kind.COURSES);
        assertThat(plan.joiningMinutes()).isPositive();
        assertThat(house.coop().of(Role.ROOF_SHEET))
                .allMatch(p -> plan.ticketOf(p.mark()).isPresent() || plan.missing().contains(p));
        List<String> cut = new ArrayList<>();
        plan.tickets()
                .forEach(t -> t.cuts().forEach(c -> c.parts().forEach(p -> cut.add(p.mark()))));
        assertThat(cut).doesNotHaveDuplicates();
        for (Part part : house.coop().parts()) {
            assertThat(cut.contains(part.mark()) || plan.missing().contains(part))
                    .as(part.mark())
                    .isTrue();
        }
        assertThat(plan.missing()).extracting(Part::mark).isEmpty();
        assertThat(plan.seams())
                .extracting(Seam::kind)
                .containsAnyOf(Seam.Kind.TILED_ACROSS, Seam.Kind.TILED_UP, Seam.Kind.BOARDED);
    }

    @Test
    void noTwoPiecesOfDifferentPartsTakeTheSameRoom() {
        List<Part> parts =
                house.coop().parts().stream().filter(p -> !(p instanceof Part.MeshPart)).toList();
        for (int i = 0; i < parts.size(); i++) {
            for (Part other : parts.subList(i + 1, parts.size())) {
                Part part = parts.get(i);
                boolean ofOne =
                        house.plan().seams().stream()
                                .anyMatch(s -> s.makes(part.mark()) && s.makes(other.mark()));
                if (!ofOne) {
                    assertThat(Contact.overlap(part.solid(), other.solid()))
                            .as("%s in %s", part.mark(), other.mark())
                            .isLessThan(20_000);
                }
            }
        }
    }

    @Test
    void aJointThatIsBegunIsFinishedAsItWasBegun() throws Unbuildable {
        WorkPlan plan = house.plan();
        Ticket ticket =
                plan.tickets().stream()
                        .filter(t -> t.material() instanceof Roofing)
                        .findFirst()
                        .orElseThrow();
        Project cut = SawLog.cut(project.begun(ticket, plan.seams()), ticket, Set.of());
        String mark = ticket.cuts().getFirst().parts().getFirst().mark();
        Seam seam = plan.seams().stream().filter(s -> s.makes(mark)).findFirst().orElseThrow();
        assertThat(cut.chosen().orElseThrow().seams()).contains(seam);
        for (Optional<WorkPlan> before : List.of(Optional.of(plan), Optional.<WorkPlan>empty())) {
            Candidate after = house(cut, before);
            assertThat(after.plan().seams()).contains(seam);
            assertThat(after.plan().made()).hasSize(1);
            assertThat(after.plan().made().getFirst().cuts().getFirst().parts())
                    .extracting(Part::mark)
                    .containsExactly(mark);
            assertThat(after.plan().tickets())
                    .flatExtracting(Ticket::cuts)
                    .flatExtracting(Ticket.Cut::parts)
                    .extracting(Part::mark)
                    .doesNotContain(mark);
        }
    }
}
