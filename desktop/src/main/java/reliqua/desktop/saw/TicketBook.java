package reliqua.desktop.saw;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.beans.property.ReadOnlyDoubleProperty;
import reliqua.core.coop.Part;
import reliqua.core.coop.madeup.Seam;
import reliqua.core.cutting.CutMade;
import reliqua.core.cutting.CutWish;
import reliqua.core.cutting.FoundFlaws;
import reliqua.core.cutting.Ticket;
import reliqua.core.cutting.TicketNotes;
import reliqua.core.cutting.WorkPlan;
import reliqua.core.cutting.Yields;
import reliqua.core.drawing.Elevation;
import reliqua.core.drawing.Picture;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;
import reliqua.core.measure.Tape;
import reliqua.core.project.Describe;
import reliqua.core.project.Project;
import reliqua.core.project.SawLog;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Material;
import reliqua.core.stock.Remeasured;
import reliqua.desktop.Texts;
import reliqua.desktop.work.Workspace;

/** The tickets of the present plan, which of them are cut, and what is said of them. */
final class TicketBook {
    private final Workspace workspace;

    TicketBook(Workspace workspace) {
        this.workspace = workspace;
    }

    Tape tape() {
        return workspace.tape();
    }

    /** How far the plan is made, from 0 to 1; until then its tickets may change. */
    ReadOnlyDoubleProperty progress() {
        return workspace.designs().progress();
    }

    private Optional<WorkPlan> plan() {
        return workspace.designs().state().get().design().map(d -> d.candidate().plan());
    }

    /** What is cut, in that order, and then what is still to be cut. */
    List<Ticket> tickets() {
        List<Ticket> all = new ArrayList<>();
        plan().ifPresent(
                        p -> {
                            all.addAll(p.made());
                            all.addAll(p.tickets());
                        });
        return all;
    }

    /** What the sticks of the plan give, by section. */
    List<Yields.Line> yields() {
        Project project = workspace.project();
        return plan().map(p -> Yields.of(p, project.keeper().kerf(), project.prices()))
                .orElse(List.of());
    }

    /**
     * The keeper's wishes with what each costs; nothing yet where that is still being worked out.
     */
    Map<CutWish, Optional<Money>> wishes() {
        Map<CutWish, Money> costs = plan().map(WorkPlan::wishes).orElse(Map.of());
        Map<CutWish, Optional<Money>> all = new LinkedHashMap<>();
        workspace.project().wishes().forEach(w -> all.put(w, Optional.ofNullable(costs.get(w))));
        return all;
    }

    /** The first wish settles on the house: marks are those of one house. */
    void wish(CutWish wish, boolean wanted) {
        workspace.edit(
                Texts.get(wanted ? "edit.wish.piece" : "edit.wish.piece.none", words(wish)),
                p -> workspace.settled(p).wish(wish, wanted));
    }

    /** Two pieces change places: each is to come from where the other would. */
    void swap(CutWish one, CutWish other) {
        workspace.edit(
                Texts.get("edit.wish.swap", one.mark(), other.mark()),
                p ->
                        workspace
                                .settled(p)
                                .wish(new CutWish(one.mark(), other.source(), true), true)
                                .wish(new CutWish(other.mark(), one.source(), true), true));
    }

    String words(CutWish wish) {
        return Texts.get(wish.on() ? "wish.on" : "wish.off", wish.mark(), wish.source());
    }

    boolean isCut(Ticket ticket) {
        return made().contains(ticket);
    }

    long cutCount() {
        return made().size();
    }

    private List<Ticket> made() {
        return plan().map(WorkPlan::made).orElse(List.of());
    }

    /** Cut, or not cut after all. */
    void toggle(Ticket ticket) {
        int index = made().indexOf(ticket);
        if (index < 0) {
            cut(ticket, Set.of(), ticket.material());
        } else {
            takeBack(index);
        }
    }

    /**
     * Cut, some pieces of it perhaps spoiled, others not cut out because of what was found. The
     * first cut settles on the house: from then on it is not sought anew under the saw.
     */
    void cut(Ticket ticket, Set<String> spoiled, Material found) {
        Ticket clear = FoundFlaws.clear(ticket, found);
        String words =
                spoiled.isEmpty()
                        ? Texts.get("edit.cut", marks(clear))
                        : Texts.get("edit.cut.spoiled", marks(clear), String.join(", ", spoiled));
        workspace.edit(
                found.equals(ticket.material()) ? words : Texts.get("edit.cut.split", words),
                p ->
                        SawLog.cut(
                                workspace.settled(p).begun(clear, seams()),
                                ticket,
                                spoiled,
                                found));
    }

    private List<Seam> seams() {
        return plan().map(WorkPlan::seams).orElse(List.of());
    }

    /** A piece of a ticket that is cut is spoiled after all. */
    void spoil(Ticket ticket, Ticket.Cut cut) {
        int index = made().indexOf(ticket);
        if (index < 0 || index >= workspace.project().cuts().size()) {
            return;
        }
        workspace.project().cuts().get(index).pieces().stream()
                .filter(p -> p.x().equals(cut.x()) && p.y().equals(cut.y()))
                .findFirst()
                .ifPresent(
                        piece ->
                                workspace.edit(
                                        Texts.get("edit.spoiled", piece.marks()),
                                        p -> SawLog.spoiled(p, index, piece)));
    }

    /** The stick in hand has this length; says what is wrong with the text, if anything. */
    String measured(Ticket ticket, String text) {
        try {
            Length length = tape().reader().read(text);
            return found(
                    ticket,
                    Remeasured.with(ticket.material(), Remeasured.Size.LENGTH, length),
                    Texts.get("edit.measured", marks(ticket), tape().say(length)));
        } catch (IllegalArgumentException e) {
            return String.valueOf(e.getMessage());
        }
    }

    /** Nothing is cut out of the thing in hand, and it is flawed; says why not, if it cannot be. */
    String split(Ticket ticket, Material found) {
        return found(ticket, found, Texts.get("edit.split", marks(ticket)));
    }

    private String found(Ticket ticket, Material found, String words) {
        Project before = workspace.project();
        if (SawLog.found(before, ticket, found).heap().equals(before.heap())) {
            return Texts.get("saw.measured.not");
        }
        workspace.edit(words, p -> SawLog.found(workspace.settled(p), ticket, found));
        return "";
    }

    private void takeBack(int index) {
        Optional<Project> before = SawLog.takenBack(workspace.project(), index);
        if (before.isEmpty()) {
            workspace.tell(Texts.get("saw.cannotTakeBack"));
            return;
        }
        String words = workspace.project().cuts().get(index).taken().id();
        workspace.edit(Texts.get("edit.uncut", words), p -> SawLog.takenBack(p, index).orElse(p));
    }

    static String marks(Ticket ticket) {
        return marks(ticket.cuts());
    }

    /** The marks of the pieces, but those of no use any more. */
    static String marks(List<Ticket.Cut> cuts) {
        return cuts.stream()
                .map(Ticket.Cut::marks)
                .filter(m -> !m.isEmpty())
                .collect(Collectors.joining(", "));
    }

    /** Pieces that were cut and serve nothing in the house as it is now. */
    List<SawLog.Spare> spares() {
        return plan().map(p -> SawLog.spares(workspace.project(), p)).orElse(List.of());
    }

    /** Its mark, and the size it has. */
    String words(SawLog.Spare spare) {
        CutMade.Piece piece = spare.piece();
        return piece.marks()
                + ", "
                + tape().mark(piece.across())
                + (piece.along().isPositive() ? " x " + tape().mark(piece.along()) : "");
    }

    void toHeap(SawLog.Spare spare) {
        workspace.edit(
                Texts.get("edit.toHeap", spare.piece().marks()),
                p -> SawLog.toHeap(p, spare.cut(), spare.piece()));
    }

    /** What is to be minded about a piece, in one line; empty where nothing is. */
    String notes(Ticket ticket, Part part) {
        return plan().map(p -> TicketNotes.of(p, ticket, part)).orElse(List.of()).stream()
                .map(sum -> sum.words(tape()))
                .collect(Collectors.joining("; "));
    }

    String size(Part part) {
        return Describe.piece(part, tape());
    }

    /** Where the pieces of a ticket go: the house from where they are seen best, with them lit. */
    Optional<Picture> place(Ticket ticket) {
        return workspace
                .designs()
                .state()
                .get()
                .design()
                .map(d -> Elevation.lit(d.candidate().coop(), tape(), ticket.marks()));
    }

    /** Where the thing lies, or lay before it was cut. */
    String where(Ticket ticket) {
        int cut = made().indexOf(ticket);
        Project project = workspace.project();
        if (cut >= 0) {
            return cut < project.cuts().size() ? origin(project.cuts().get(cut).taken()) : "";
        }
        if (ticket.bought()) {
            return Texts.get("saw.bought", ticket.copy());
        }
        String first = ticket.made().map(m -> Describe.making(m, tape()) + ". ").orElse("");
        return project.heap()
                .find(ticket.source())
                .map(
                        lot ->
                                first
                                        + Texts.get(
                                                "saw.from",
                                                source(lot),
                                                ticket.copy(),
                                                lot.quantity())
                                        + place(lot))
                .orElse(first);
    }

    private static String origin(Lot lot) {
        return source(lot) + place(lot);
    }

    private static String source(Lot lot) {
        return lot.provenance().source().isEmpty() ? lot.id() : lot.provenance().source();
    }

    private static String place(Lot lot) {
        String place = lot.provenance().place();
        return place.isEmpty() ? "" : ", " + place;
    }
}
