package reliqua.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import reliqua.core.coop.Part;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.coop.madeup.Seam;
import reliqua.core.measure.Angle;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;
import reliqua.core.measure.Sum;
import reliqua.core.measure.Tape;
import reliqua.core.stock.Material;
import reliqua.core.stock.Pole;
import reliqua.core.stock.Section;
import reliqua.core.stock.Sheet;
import reliqua.core.stock.Stick;
import reliqua.core.stock.Treatment;
import reliqua.core.stock.Warp;

class TicketNotesTest {
    private static final Section ASKED = Section.mm(38, 64);
    private static final Solid SOLID =
            Solid.box(
                    Length.ZERO,
                    Length.mm(38),
                    Length.ZERO,
                    Length.mm(64),
                    Length.ZERO,
                    Length.mm(900));

    private static List<String> notes(Role role, String mark, Material material, Seam... seams) {
        Part part =
                new Part.StickPart(
                        mark, role, ASKED, Length.mm(900), Angle.ZERO, Angle.ZERO, SOLID);
        return notes(part, material, seams);
    }

    private static List<String> notes(Part part, Material material, Seam... seams) {
        WorkPlan plan = joined(seams);
        Ticket ticket = new Ticket("S1", 1, false, material, List.of());
        return TicketNotes.of(plan, ticket, part).stream().map(Sum::key).toList();
    }

    private static WorkPlan joined(Seam... seams) {
        return new WorkPlan(
                List.of(),
                List.of(),
                Money.ZERO,
                Money.ZERO,
                true,
                "",
                List.of(),
                Map.of(),
                Workshop.plain(Length.mm(3)),
                List.of(seams),
                0);
    }

    private static Stick bent(Section section) {
        Warp warp = new Warp(Length.mm(6), Length.ZERO, Length.ZERO, Length.ZERO);
        return new Stick(section, Length.mm(2000), List.of(), warp, Treatment.UNTREATED);
    }

    @Test
    void aStraightStickOfTheRightSectionNeedsNoWord() {
        assertThat(notes(Role.RAFTER, "D1", Stick.sound(ASKED, Length.mm(2000)))).isEmpty();
    }

    @Test
    void crownsGoUpInWhatCarriesAndOneWayInWalls() {
        assertThat(notes(Role.RAFTER, "D1", bent(ASKED))).containsExactly("piece.crownUp");
        assertThat(notes(Role.STUD, "C1", bent(ASKED))).containsExactly("piece.crownSame");
        assertThat(notes(Role.RAMP_CLEAT, "G1", bent(ASKED))).isEmpty();
    }

    @Test
    void largerSticksAndPolesAreTold() {
        assertThat(notes(Role.ROOST_BAR, "T1", Stick.sound(Section.mm(38, 89), Length.mm(2000))))
                .containsExactly("piece.larger");
        Pole pole = new Pole(Length.mm(90), Length.mm(70), Length.mm(2000), Treatment.UNTREATED);
        assertThat(notes(Role.ROOST_BAR, "T1", pole)).containsExactly("piece.round");
    }

    @Test
    void theHalvesOfAJointKnowEachOther() {
        Seam seam = new Seam("D1", Seam.Kind.LAPPED, List.of(Length.mm(700)));
        Stick stick = Stick.sound(ASKED, Length.mm(2000));
        assertThat(notes(Role.RAFTER, "D1a", stick, seam)).containsExactly("piece.lapped");
        assertThat(notes(Role.RAFTER, "D12", stick, seam)).isEmpty();
    }

    @Test
    void theGrainOfASheetIsTold() {
        Part panel =
                new Part.PanelPart(
                        "E1",
                        Role.SKIN,
                        Length.mm(12),
                        Length.mm(500),
                        Length.mm(700),
                        Optional.empty(),
                        Optional.empty(),
                        SOLID);
        Sheet sheet =
                new Sheet(
                        Sheet.Kind.PLYWOOD,
                        Length.mm(12),
                        Length.mm(1220),
                        Length.mm(2440),
                        Sheet.Grain.LENGTHWAYS,
                        Optional.empty(),
                        List.of());
        assertThat(notes(panel, sheet)).containsExactly("piece.grainAlong");
    }

    private static List<String> ends(Role role, double start, double end) {
        Part part =
                new Part.StickPart(
                        "D1", role, ASKED, Length.mm(900), new Angle(start), new Angle(end), SOLID);
        return notes(part, Stick.sound(ASKED, Length.mm(2000)));
    }

    /** A rafter's ends slant over the wide face, a stud's top over the narrow one. */
    @Test
    void slantingEndsSayOverWhichSideAndByHowMuch() {
        assertThat(ends(Role.RAFTER, 15, 15)).containsExactly("piece.slantBoth");
        assertThat(ends(Role.STUD, 0, 15)).containsExactly("piece.slantOne");
        assertThat(ends(Role.DOOR_FRAME, 40, 40)).containsExactly("piece.pointed");
        Ticket ticket = new Ticket("S1", 1, false, Stick.sound(ASKED, Length.mm(2000)), List.of());
        Sum note = TicketNotes.of(joined(), ticket, rafter()).getFirst();
        assertThat(note.words(Tape.METRIC))
                .isEqualTo("both ends slant 17 mm across the wide face: 15\u00b0, 27 in 100");
    }

    private static Part.StickPart rafter() {
        return new Part.StickPart(
                "D1", Role.RAFTER, ASKED, Length.mm(900), new Angle(15), new Angle(15), SOLID);
    }
}
