package reliqua.core.project;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import reliqua.core.coop.Part;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.cutting.CutMade;
import reliqua.core.cutting.Ticket;
import reliqua.core.fit.Yards;
import reliqua.core.measure.Angle;
import reliqua.core.measure.Length;
import reliqua.core.stock.Flaw;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Stick;

/** The story of a build only grows, whatever is undone. */
class ToldTest {
    private static final LocalDateTime NOW = LocalDateTime.of(2026, 5, 4, 9, 30);

    private final Project project = Yards.project(8);
    private final Lot lot =
            project.heap().lots().stream()
                    .filter(l -> l.material() instanceof Stick)
                    .findFirst()
                    .orElseThrow();

    private Ticket ticket() {
        return new Ticket(
                lot.id(), 1, false, lot.material(), List.of(cut("C1", 0), cut("C2", 603)));
    }

    private Ticket.Cut cut(String mark, long at) {
        Part part =
                new Part.StickPart(
                        mark,
                        Role.STUD,
                        ((Stick) lot.material()).section(),
                        Length.mm(600),
                        Angle.ZERO,
                        Angle.ZERO,
                        Solid.box(
                                Length.ZERO,
                                Length.mm(38),
                                Length.ZERO,
                                Length.mm(89),
                                Length.ZERO,
                                Length.mm(600)));
        return new Ticket.Cut(
                List.of(part), Length.mm(at), Length.ZERO, Length.mm(600), Length.ZERO);
    }

    private Edit cutting(Set<String> spoiled) {
        return new Edit("cut", p -> SawLog.cut(p, ticket(), spoiled));
    }

    private static List<Told.What> whats(History history) {
        return history.now().story().stream().map(Told::what).toList();
    }

    @Test
    void aCutAndWhatWasSpoiledAreTold() {
        History after = History.of(project).apply(cutting(Set.of("C2")), NOW);
        assertThat(after.now().story())
                .containsExactly(
                        new Told(NOW, Told.What.CUT, lot.id(), List.of("C1")),
                        new Told(NOW, Told.What.SPOILED, lot.id(), List.of("C2")));
    }

    @Test
    void undoTakesTheCutBackButNotTheStory() {
        History cut = History.of(project).apply(cutting(Set.of()), NOW);
        History undone = cut.undo(NOW.plusMinutes(5));
        assertThat(undone.now().cuts()).isEmpty();
        assertThat(whats(undone)).containsExactly(Told.What.CUT, Told.What.TAKEN_BACK);
        History again = undone.redo(NOW.plusMinutes(6));
        assertThat(whats(again))
                .containsExactly(Told.What.CUT, Told.What.TAKEN_BACK, Told.What.CUT);
        assertThat(again.now().cuts()).isEqualTo(cut.now().cuts());
    }

    @Test
    void aSurpriseBoardIsToldOnlyOnceTheSawIsAtWork() {
        Lot board = new Lot("S90", 1, lot.material(), Lot.Provenance.UNKNOWN);
        Edit add = new Edit("add", p -> p.adding(List.of(board)));
        assertThat(History.of(project).apply(add, NOW).now().story()).isEmpty();
        History begun = History.of(project).apply(cutting(Set.of()), NOW).apply(add, NOW);
        assertThat(whats(begun)).containsExactly(Told.What.CUT, Told.What.CAME_IN);
        assertThat(begun.now().story().getLast().thing()).isEqualTo("S90");
    }

    @Test
    void aPieceOfNoUseThatGoesToTheHeapIsTold() {
        History cut = History.of(project).apply(cutting(Set.of()), NOW);
        CutMade.Piece piece = cut.now().cuts().getFirst().pieces().getFirst();
        History gone = cut.apply(new Edit("heap", p -> SawLog.toHeap(p, 0, piece)), NOW);
        assertThat(gone.now().story().getLast())
                .isEqualTo(new Told(NOW, Told.What.TO_HEAP, lot.id(), List.of("C1")));
    }

    private Stick split() {
        Stick stick = (Stick) lot.material();
        return stick.with(List.of(new Flaw(Flaw.Kind.SPLIT, Length.mm(700), Length.mm(800))));
    }

    @Test
    void aStickThatSplitUnderTheSawIsTold() {
        History after =
                History.of(project)
                        .apply(
                                new Edit("cut", p -> SawLog.cut(p, ticket(), Set.of(), split())),
                                NOW);
        assertThat(after.now().story())
                .containsExactly(
                        new Told(NOW, Told.What.CUT, lot.id(), List.of("C1")),
                        new Told(NOW, Told.What.FLAWED, lot.id(), List.of("C2")));
    }

    @Test
    void whatTurnsOutOtherwiseIsToldOnceTheSawIsAtWork() {
        Lot other = new Lot("S91", 1, lot.material(), Lot.Provenance.UNKNOWN);
        Project with = project.adding(List.of(other));
        Ticket next = new Ticket(other.id(), 1, false, other.material(), List.of(cut("C9", 0)));
        Edit shorter =
                new Edit(
                        "found",
                        p ->
                                SawLog.found(
                                        p,
                                        next,
                                        ((Stick) other.material()).withLength(Length.mm(777))));
        assertThat(History.of(with).apply(shorter, NOW).now().story()).isEmpty();
        History begun = History.of(with).apply(cutting(Set.of()), NOW).apply(shorter, NOW);
        assertThat(begun.now().story().getLast())
                .isEqualTo(new Told(NOW, Told.What.TURNED_OUT, other.id(), List.of()));
    }

    @Test
    void aPieceSpoiledLaterIsToldAndSoIsThatItWasNot() {
        History cut = History.of(project).apply(cutting(Set.of()), NOW);
        CutMade.Piece piece = cut.now().cuts().getFirst().pieces().getFirst();
        History spoiled = cut.apply(new Edit("spoil", p -> SawLog.spoiled(p, 0, piece)), NOW);
        assertThat(spoiled.now().story().getLast())
                .isEqualTo(new Told(NOW, Told.What.SPOILED, lot.id(), List.of("C1")));
        assertThat(spoiled.undo(NOW).now().story().getLast())
                .isEqualTo(new Told(NOW, Told.What.GOOD_AGAIN, lot.id(), List.of("C1")));
    }
}
