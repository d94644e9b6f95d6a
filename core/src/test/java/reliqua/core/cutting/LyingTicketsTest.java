package reliqua.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import reliqua.core.coop.Axis;
import reliqua.core.coop.Corner;
import reliqua.core.coop.Part;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.drawing.Picture;
import reliqua.core.drawing.TicketPicture;
import reliqua.core.measure.Angle;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;
import reliqua.core.measure.Sum;
import reliqua.core.measure.Tape;
import reliqua.core.stock.Flaw;
import reliqua.core.stock.Material;
import reliqua.core.stock.PriceBook;
import reliqua.core.stock.Roofing;
import reliqua.core.stock.Section;
import reliqua.core.stock.Sheet;
import reliqua.core.stock.Stick;

/** Tickets on which pieces lie otherwise than one behind the other: told and drawn as they lie. */
class LyingTicketsTest {
    private static final Section SECTION = Section.mm(38, 100);
    private static final Angle SLOPE = Angle.ofSlope(Length.mm(250), Length.mm(1000));

    @Test
    void nestedRaftersAreToldCountedOnceAndDrawnSideBySide() {
        Part one = rafter("D1");
        Part two = rafter("D2");
        Ticket ticket =
                ticket(
                        Stick.sound(SECTION, Length.mm(2000)),
                        cut(one, 0, 1000),
                        cut(two, 978, 1000));
        WorkPlan plan = plan(ticket);
        assertThat(notes(plan, ticket, one)).doesNotContain("piece.nested");
        assertThat(notes(plan, ticket, two)).contains("piece.nested");
        Yields.Line line =
                Yields.of(plan, Length.mm(3), new PriceBook("closed", List.of(), new TreeMap<>()))
                        .getFirst();
        assertThat(line.pieces()).isEqualTo(Length.mm(1978));
        assertThat(line.lost().nm()).isNotNegative();
        List<Picture.Area> drawn = areas(ticket, "D1", "D2");
        double endOfFirst = drawn.get(0).outline().get(2).x();
        double startOfSecond = drawn.get(1).outline().get(3).x();
        assertThat(startOfSecond).isGreaterThan(endOfFirst);
    }

    @Test
    void aTurnedStudIsDrawnWithItsSlantFirst() {
        Part one = stud("C1");
        Part two = stud("C2");
        Ticket ticket =
                ticket(Stick.sound(SECTION, Length.mm(2000)), cut(one, 0, 900), cut(two, 895, 900));
        List<Picture.Area> drawn = areas(ticket, "C1", "C2");
        assertThat(isSquareAtStart(drawn.get(0))).isTrue();
        assertThat(isSquareAtStart(drawn.get(1))).isFalse();
    }

    private static boolean isSquareAtStart(Picture.Area area) {
        return area.outline().get(0).x() == area.outline().get(3).x();
    }

    @Test
    void rustUnderALapAWiderSheetAndOldHolesAreTold() {
        Part.RoofPart lower =
                new Part.RoofPart(
                        "R2",
                        Role.ROOF_SHEET,
                        Length.mm(900),
                        Length.mm(840),
                        Length.mm(150),
                        Solid.box(
                                Length.ZERO,
                                Length.mm(840),
                                Length.ZERO,
                                Length.mm(900),
                                Length.ZERO,
                                Length.mm(18)));
        Roofing tin =
                new Roofing(
                        Length.mm(1200),
                        Length.mm(900),
                        Length.mm(820),
                        Roofing.Profile.CORRUGATED,
                        Optional.empty(),
                        List.of(Length.mm(600)),
                        List.of(new Flaw(Flaw.Kind.RUST, Length.ZERO, Length.mm(100))));
        Ticket ticket = ticket(tin, cut(lower, 0, 900));
        assertThat(notes(plan(ticket), ticket, lower))
                .containsExactly("piece.underLap", "piece.widerSheet", "piece.holes");
    }

    @Test
    void aPanelInTheOpeningOfAnotherIsToldAndTheOpeningDrawn() {
        Part wall = wall();
        Part shelf = panel("N1", 300, 200);
        Ticket ticket =
                new Ticket(
                        "P1",
                        1,
                        false,
                        new Sheet(
                                Sheet.Kind.BOARD,
                                Length.mm(12),
                                Length.mm(1000),
                                Length.mm(900),
                                List.of()),
                        List.of(
                                onSheet(wall, 0, 0, 1000, 900),
                                onSheet(shelf, 310, 310, 300, 200)));
        assertThat(notes(plan(ticket), ticket, shelf)).containsExactly("piece.within");
        Picture.Area drawn = areas(ticket, "E1").getFirst();
        assertThat(drawn.holes()).hasSize(1);
    }

    private static List<Picture.Area> areas(Ticket ticket, String... tags) {
        return TicketPicture.of(ticket, Tape.METRIC).shapes().stream()
                .filter(s -> s instanceof Picture.Area)
                .map(Picture.Area.class::cast)
                .filter(a -> List.of(tags).contains(a.tag()))
                .toList();
    }

    private static List<String> notes(WorkPlan plan, Ticket ticket, Part part) {
        return TicketNotes.of(plan, ticket, part).stream().map(Sum::key).toList();
    }

    private static Ticket ticket(Material material, Ticket.Cut... cuts) {
        return new Ticket("S1", 1, false, material, List.of(cuts));
    }

    private static Ticket.Cut cut(Part part, long at, long length) {
        return new Ticket.Cut(
                List.of(part), Length.mm(at), Length.ZERO, Length.mm(length), Length.ZERO);
    }

    private static Ticket.Cut onSheet(Part part, long x, long y, long across, long along) {
        return new Ticket.Cut(
                List.of(part), Length.mm(x), Length.mm(y), Length.mm(across), Length.mm(along));
    }

    private static WorkPlan plan(Ticket ticket) {
        return new WorkPlan(
                List.of(ticket),
                List.of(),
                Money.ZERO,
                Money.ZERO,
                true,
                "",
                List.of(),
                Map.of(),
                Workshop.plain(Length.mm(3)),
                List.of(),
                0);
    }

    private static Part rafter(String mark) {
        return new Part.StickPart(
                mark, Role.RAFTER, SECTION, Length.mm(1000), SLOPE, SLOPE, box(38, 1000, 100));
    }

    private static Part stud(String mark) {
        return new Part.StickPart(
                mark, Role.STUD, SECTION, Length.mm(900), Angle.ZERO, SLOPE, box(100, 38, 900));
    }

    private static Solid box(long x, long y, long z) {
        return Solid.box(
                Length.ZERO, Length.mm(x), Length.ZERO, Length.mm(y), Length.ZERO, Length.mm(z));
    }

    private static Part panel(String mark, long width, long height) {
        return new Part.PanelPart(
                mark,
                Role.NEST_PANEL,
                Length.mm(12),
                Length.mm(width),
                Length.mm(height),
                Optional.empty(),
                Optional.empty(),
                box(width, 12, height));
    }

    private static Part wall() {
        List<Corner> outline =
                Solid.rectangle(Length.ZERO, Length.mm(1000), Length.ZERO, Length.mm(900));
        List<Corner> opening =
                Solid.rectangle(Length.mm(300), Length.mm(700), Length.mm(300), Length.mm(800));
        return new Part.PanelPart(
                "E1",
                Role.SKIN,
                Length.mm(12),
                Length.mm(1000),
                Length.mm(900),
                Optional.empty(),
                Optional.empty(),
                new Solid(Axis.Y, outline, List.of(opening), Length.ZERO, Length.mm(12)));
    }
}
