package reliqua.desktop.saw;

import java.util.List;
import java.util.Set;
import javafx.geometry.VPos;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import reliqua.core.coop.Part;
import reliqua.core.cutting.Ticket;
import reliqua.core.measure.Words;
import reliqua.desktop.Texts;
import reliqua.desktop.shell.Parts;

/** The pieces of the ticket in hand, numbered by the keys that say they are spoiled. */
final class SawPieces extends FlowPane {
    private static final double WIDEST_NOTE = 360;
    private final TicketBook book;

    SawPieces(TicketBook book) {
        super(28, 10);
        this.book = book;
        setRowValignment(VPos.TOP);
        setMinHeight(USE_PREF_SIZE);
    }

    /**
     * Shows a ticket.
     *
     * @param spoiled marks of pieces that came out wrong
     * @param hit pieces that are not cut out because the thing split there
     */
    void show(Ticket ticket, Set<String> spoiled, List<Ticket.Cut> hit) {
        getChildren().clear();
        for (int n = 0; n < ticket.cuts().size(); n++) {
            Ticket.Cut cut = ticket.cuts().get(n);
            String lost =
                    hit.contains(cut)
                            ? "saw.inTheSplit"
                            : spoiled.contains(cut.marks()) ? "saw.spoiled" : "";
            for (Part part : cut.parts()) {
                VBox piece = piece(part, n + 1, lost);
                note(book.notes(ticket, part), piece);
                getChildren().add(piece);
            }
        }
    }

    private static void note(String notes, VBox piece) {
        if (!notes.isEmpty()) {
            piece.getChildren().add(new Note(notes));
        }
    }

    /** Wraps at its width even where nobody says how wide it will be, as a flow asks. */
    private static final class Note extends Label {
        Note(String words) {
            super(words);
            getStyleClass().add("saw-from");
            setWrapText(true);
            setPrefWidth(WIDEST_NOTE);
            setMaxWidth(WIDEST_NOTE);
            setMinHeight(USE_PREF_SIZE);
        }

        @Override
        protected double computePrefHeight(double width) {
            return super.computePrefHeight(WIDEST_NOTE);
        }
    }

    private VBox piece(Part part, int number, String lost) {
        Label mark = Parts.text(part.mark(), "saw-mark");
        Label size = Parts.text(book.size(part), "saw-size");
        String purpose = Words.say("role." + part.role().name());
        Label role =
                Parts.text(
                        lost.isEmpty() ? number + "  " + purpose : Texts.get(lost, number),
                        "saw-from");
        for (Label label : List.of(mark, size, role)) {
            if (!lost.isEmpty()) {
                label.getStyleClass().add("danger");
            }
            label.setWrapText(false);
            label.setMinWidth(USE_PREF_SIZE);
        }
        return new VBox(0, Parts.row(10, mark, size), role);
    }
}
