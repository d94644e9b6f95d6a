package reliqua.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Part;
import reliqua.core.coop.Role;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.fit.Yards;
import reliqua.core.measure.Length;
import reliqua.core.project.Design;
import reliqua.core.project.Project;
import reliqua.core.project.SawLog;
import reliqua.core.stock.Flaw;
import reliqua.core.stock.FlawArea;
import reliqua.core.stock.Material;
import reliqua.core.stock.Sheet;

/** The door leaf comes out of its wall, and what is left in openings goes back to the heap. */
class OpeningsTest {
    private static Geometry rectangle(Length x, Length y, Length across, Length along) {
        return PanelOutline.rectangle(x, y, x.plus(across), y.plus(along)).polygon();
    }

    private static Geometry rectangle(Ticket.Cut cut) {
        return rectangle(cut.x(), cut.y(), cut.across(), cut.along());
    }

    private static Part.PanelPart leaf(Coop coop) {
        return (Part.PanelPart) coop.of(Role.DOOR_LEAF).getFirst();
    }

    @Test
    void theLeafLiesInTheOpeningHoweverTheWallIsTurned() throws Unbuildable {
        Coop coop = Yards.fitted(8).candidate().coop();
        Part.PanelPart leaf = leaf(coop);
        Part.PanelPart wall =
                (Part.PanelPart) coop.find(leaf.cutFrom().orElseThrow()).orElseThrow();
        Openings openings = new Openings(coop.parts());
        assertThat(openings.comesOut(leaf)).isTrue();
        for (int quarters = 0; quarters < 4; quarters++) {
            boolean turned = quarters % 2 == 1;
            Ticket.Cut cut =
                    new Ticket.Cut(
                            List.of(wall),
                            Length.mm(30),
                            Length.mm(50),
                            turned ? wall.height() : wall.width(),
                            turned ? wall.width() : wall.height(),
                            quarters);
            Ticket.Cut lies = openings.lying(cut).getFirst();
            Geometry face = PanelFace.lying(cut).orElseThrow();
            assertThat(rectangle(cut).buffer(0.01).contains(rectangle(lies))).isTrue();
            assertThat(face.intersection(rectangle(lies)).getArea()).isLessThan(1);
            assertThat(cut.holds(lies)).isTrue();
        }
    }

    @Test
    void aLeafThatIsSpoiledNeedsASheetOfItsOwn() throws Unbuildable {
        Project project = Yards.project(8);
        Design design = Yards.fitted(8);
        Project settled = project.settledOn(design.candidate());
        WorkPlan plan = design.candidate().plan();
        String mark = leaf(design.candidate().coop()).mark();
        Ticket wall = plan.ticketOf(mark).orElseThrow();
        assertThat(wall.cuts()).hasSizeGreaterThan(1);
        Project spoiled = SawLog.cut(settled, wall, Set.of(mark));
        WorkPlan after =
                Design.derive(spoiled, Optional.of(plan), Progress.NONE, _ -> {})
                        .design()
                        .orElseThrow()
                        .candidate()
                        .plan();
        assertThat(after.tickets())
                .anyMatch(t -> t.cuts().stream().anyMatch(c -> c.marks().equals(mark)));
        Project cut = SawLog.cut(settled, wall, Set.of());
        WorkPlan rest =
                Design.derive(cut, Optional.of(plan), Progress.NONE, _ -> {})
                        .design()
                        .orElseThrow()
                        .candidate()
                        .plan();
        assertThat(rest.tickets())
                .noneMatch(t -> t.cuts().stream().anyMatch(c -> c.marks().equals(mark)));
    }

    @Test
    void whatIsLeftOfASheetIsFreeOfItsPieces() throws Unbuildable {
        Length kerf = Length.mm(3);
        for (int birds : new int[] {5, 8}) {
            for (Ticket ticket : Yards.fitted(birds).candidate().plan().tickets()) {
                if (!(ticket.material() instanceof Sheet sheet)) {
                    continue;
                }
                LeftOfSheet left =
                        new LeftOfSheet(sheet.width(), sheet.length(), sheet.barred(), kerf);
                for (var box : left.after(ticket.cuts())) {
                    Geometry free = rectangle(box.x(), box.y(), box.width(), box.length());
                    for (Ticket.Cut cut : ticket.cuts()) {
                        Geometry face = PanelFace.lying(cut).orElseGet(() -> rectangle(cut));
                        assertThat(face.distance(free)).isGreaterThan(2.9);
                    }
                }
            }
        }
    }

    @Test
    void theWoodOutOfAnOpeningGoesBack() throws Unbuildable {
        Coop coop = Yards.fitted(8).candidate().coop();
        Part.PanelPart leaf = leaf(coop);
        Part.PanelPart wall =
                (Part.PanelPart) coop.find(leaf.cutFrom().orElseThrow()).orElseThrow();
        Sheet sheet =
                new Sheet(Sheet.Kind.BOARD, Length.mm(12), wall.width(), wall.height(), List.of());
        Ticket.Cut cut =
                new Ticket.Cut(
                        List.of(wall), Length.ZERO, Length.ZERO, wall.width(), wall.height());
        Ticket whole = new Ticket("P1", 1, false, sheet, List.of(cut));
        List<Material> back = Offcuts.of(whole, Length.mm(3));
        assertThat(back)
                .anyMatch(
                        m ->
                                m instanceof Sheet s
                                        && s.width().plus(Length.mm(12)).atLeast(leaf.width())
                                        && s.length().plus(Length.mm(12)).atLeast(leaf.height()));
        Ticket withLeaf =
                new Ticket(
                        "P1",
                        1,
                        false,
                        sheet,
                        List.of(cut, new Openings(coop.parts()).lying(cut).getFirst()));
        assertThat(Offcuts.of(withLeaf, Length.mm(3))).isEmpty();
    }

    /** A flaw in the middle of the leaf spoils the leaf, not the wall about it. */
    @Test
    void aFlawThatShowsHitsWhatLiesThere() throws Unbuildable {
        Coop coop = Yards.fitted(8).candidate().coop();
        Part.PanelPart leaf = leaf(coop);
        Part wall = coop.find(leaf.cutFrom().orElseThrow()).orElseThrow();
        Ticket ticket = Yards.fitted(8).candidate().plan().ticketOf(wall.mark()).orElseThrow();
        Sheet sheet = (Sheet) ticket.material();
        for (Ticket.Cut cut : ticket.cuts()) {
            Geometry face = PanelFace.lying(cut).orElseGet(() -> rectangle(cut));
            Coordinate at = face.getInteriorPoint().getCoordinate();
            List<FlawArea> flaws = new ArrayList<>(sheet.flaws());
            flaws.add(
                    new FlawArea(
                            Flaw.Kind.SPLIT,
                            Length.ofMm(at.getX() - 2),
                            Length.ofMm(at.getY() - 2),
                            Length.mm(4),
                            Length.mm(4)));
            Material found = sheet.with(flaws);
            assertThat(FoundFlaws.hit(ticket, found)).containsExactly(cut);
            assertThat(FoundFlaws.clear(ticket, found).cuts()).doesNotContain(cut);
        }
    }

    @Test
    void rectanglesAtRandomAreFoundAgain() {
        Random random = new Random(12);
        for (int n = 0; n < 200; n++) {
            Length width = Length.mm(600 + random.nextInt(700));
            Length length = Length.mm(600 + random.nextInt(1800));
            Length across = Length.mm(100 + random.nextInt(500));
            LeftOfSheet left = new LeftOfSheet(width, length, List.of(), Length.mm(3));
            Ticket.Cut cut = new Ticket.Cut(List.of(), Length.ZERO, Length.ZERO, across, length);
            Length beside = width.minus(across).minus(Length.mm(3));
            boolean kept = beside.atLeast(Length.mm(150));
            assertThat(left.after(List.of(cut)))
                    .hasSize(kept ? 1 : 0)
                    .allMatch(b -> b.width().equals(beside) && b.length().equals(length));
        }
    }
}
