package reliqua.desktop.saw;

import java.util.List;
import reliqua.core.coop.Part;
import reliqua.core.cutting.Ticket;
import reliqua.core.measure.Tape;
import reliqua.core.project.Describe;
import reliqua.core.project.Design;
import reliqua.core.project.Project;
import reliqua.core.stock.Lot;
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

    List<Ticket> tickets() {
        return workspace
                .designs()
                .state()
                .get()
                .design()
                .map(d -> d.candidate().plan().tickets())
                .orElse(List.of());
    }

    boolean isCut(Ticket ticket) {
        return workspace.project().done().contains(Design.cutKey(ticket));
    }

    /**
     * Cut, or not cut after all. The first cut settles on the house: from then on it is not sought
     * anew under the saw.
     */
    void toggle(Ticket ticket) {
        boolean cut = isCut(ticket);
        workspace.edit(
                Texts.get(cut ? "edit.uncut" : "edit.cut", marks(ticket)),
                p -> (cut ? p : settled(p)).tick(Design.cutKey(ticket), !cut));
    }

    private Project settled(Project project) {
        if (project.chosen().isPresent()) {
            return project;
        }
        return project.withChosen(
                workspace
                        .designs()
                        .state()
                        .get()
                        .design()
                        .map(
                                d ->
                                        new Project.Chosen(
                                                d.candidate().dimensions(),
                                                d.candidate().choices())));
    }

    static String marks(Ticket ticket) {
        return String.join(", ", ticket.cuts().stream().map(Ticket.Cut::marks).toList());
    }

    /** Lots cut by a plan that is no more: their pieces lie there and are not forgotten. */
    List<String> cutBefore() {
        List<String> keys = tickets().stream().map(Design::cutKey).toList();
        return workspace.project().done().stream()
                .filter(Design::isCutKey)
                .filter(k -> !keys.contains(k))
                .map(Design::cutWords)
                .toList();
    }

    String size(Part part) {
        Tape tape = tape();
        return switch (part) {
            case Part.StickPart s ->
                    tape.mark(s.length())
                            + (s.endCut().degrees() == 0
                                    ? ""
                                    : ", " + Texts.get("saw.angle", tape.say(s.endCut())));
            case Part.PanelPart p ->
                    tape.mark(p.width())
                            + " x "
                            + tape.mark(p.height())
                            + p.lowSide()
                                    .map(low -> Texts.get("saw.slope", tape.mark(low)))
                                    .orElse("");
            case Part.RoofPart r -> tape.mark(r.length());
            case Part.MeshPart m -> tape.mark(m.width()) + " x " + tape.mark(m.length());
        };
    }

    String where(Ticket ticket) {
        if (ticket.bought()) {
            return Texts.get("saw.bought", ticket.copy());
        }
        Lot lot = workspace.project().heap().find(ticket.source()).orElseThrow();
        String from = lot.provenance().source();
        String place = lot.provenance().place();
        String first = ticket.made().map(m -> Describe.making(m, tape()) + ". ").orElse("");
        return first
                + Texts.get(
                        "saw.from",
                        from.isEmpty() ? ticket.source() : from,
                        ticket.copy(),
                        lot.quantity())
                + (place.isEmpty() ? "" : ", " + place);
    }
}
