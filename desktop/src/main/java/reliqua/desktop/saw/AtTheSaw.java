package reliqua.desktop.saw;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import javafx.scene.control.Label;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import reliqua.core.coop.Part;
import reliqua.core.cutting.Ticket;
import reliqua.core.drawing.TicketPicture;
import reliqua.core.measure.Words;
import reliqua.core.project.Describe;
import reliqua.desktop.Texts;
import reliqua.desktop.paint.PictureView;
import reliqua.desktop.shell.EntryField;
import reliqua.desktop.shell.Parts;

/**
 * One ticket at a time over the whole window, in letters that are read across a sawhorse. Space
 * says it is cut and goes on, a digit marks the piece of that number as spoiled first, M takes what
 * the tape really says, the arrow keys leaf, Escape goes back.
 */
final class AtTheSaw extends VBox {
    private static final double WIDEST_NOTE = 360;
    private final TicketBook book;
    private final Runnable close;
    private final Label count = Parts.text("", "saw-count");
    private final Label from = Parts.text("", "saw-from");
    private final Label what = Parts.text("", "saw-what");
    private final Label state = Parts.text("", "saw-state");
    private final PictureView strip = new PictureView();
    private final FlowPane pieces = new FlowPane(28, 10);
    private final EntryField tapeSays =
            new EntryField("saw-measured", Texts.get("saw.mode.measured"), this::measured);
    private final Set<String> spoiled = new TreeSet<>();
    private int at;

    AtTheSaw(TicketBook book, int first, Runnable close) {
        super(14);
        this.book = book;
        this.at = first;
        this.close = close;
        setId("at-the-saw");
        getStyleClass().add("at-the-saw");
        setFocusTraversable(true);
        VBox.setVgrow(strip, Priority.ALWAYS);
        strip.setMinHeight(140);
        HBox head = Parts.row(16, count, Parts.spring(), state);
        HBox keys =
                Parts.row(
                        12,
                        Parts.button(
                                "saw-back", Texts.get("saw.mode.back"), () -> leaf(-1), "saw-key"),
                        Parts.button(
                                "saw-cut",
                                Texts.get("saw.mode.cut"),
                                this::cut,
                                "saw-key",
                                "main-button"),
                        Parts.button(
                                "saw-next", Texts.get("saw.mode.next"), () -> leaf(1), "saw-key"),
                        Parts.text(Texts.get("saw.mode.spoil"), "soft"),
                        Parts.spring(),
                        Parts.button("saw-close", Texts.get("saw.mode.close"), close, "saw-key"));
        Label caution = Parts.text(Texts.get("saw.caution"), "caution");
        caution.setMaxWidth(Double.MAX_VALUE);
        HBox measure =
                Parts.row(
                        8,
                        Parts.text(Texts.get("saw.mode.measured"), "saw-from"),
                        tapeSays.wide(180));
        getChildren().addAll(head, what, from, strip, pieces, measure, caution, keys);
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        show();
    }

    private void key(KeyEvent event) {
        if (event.getTarget() instanceof TextInputControl && event.getCode() != KeyCode.ESCAPE) {
            return;
        }
        switch (event.getCode()) {
            case M -> tapeSays.begin();
            case SPACE -> cut();
            case DIGIT1, DIGIT2, DIGIT3, DIGIT4, DIGIT5, DIGIT6, DIGIT7, DIGIT8, DIGIT9 ->
                    spoil(event.getCode().getName());
            case LEFT -> leaf(-1);
            case RIGHT -> leaf(1);
            case ESCAPE -> close.run();
            default -> {
                return;
            }
        }
        event.consume();
    }

    /** What the tape says of the stick in hand; the rest is planned again with it. */
    private String measured(String text) {
        List<Ticket> tickets = book.tickets();
        if (text.isBlank() || tickets.isEmpty()) {
            return "";
        }
        String fault = book.measured(tickets.get(at), text);
        if (fault.isEmpty()) {
            tapeSays.clear();
            requestFocus();
        }
        return fault;
    }

    /** The piece of this number came out wrong, or not after all; it is wanted again once cut. */
    private void spoil(String digit) {
        int number = Integer.parseInt(digit);
        List<Ticket> tickets = book.tickets();
        if (tickets.isEmpty()
                || book.isCut(tickets.get(at))
                || number > tickets.get(at).cuts().size()) {
            return;
        }
        String marks = tickets.get(at).cuts().get(number - 1).marks();
        if (!spoiled.remove(marks)) {
            spoiled.add(marks);
        }
        show();
    }

    private void leaf(int by) {
        spoiled.clear();
        at = Math.clamp(at + by, 0, Math.max(0, book.tickets().size() - 1));
        show();
    }

    /** Cut, or not cut after all; after a cut the next one that is not cut comes up. */
    private void cut() {
        List<Ticket> tickets = book.tickets();
        if (tickets.isEmpty()) {
            return;
        }
        Ticket ticket = tickets.get(at);
        boolean was = book.isCut(ticket);
        if (was) {
            book.toggle(ticket);
        } else {
            book.cut(ticket, Set.copyOf(spoiled));
            spoiled.clear();
            int size = tickets.size();
            for (int n = 1; n <= size; n++) {
                int next = (at + n) % size;
                if (!book.isCut(tickets.get(next))) {
                    at = next;
                    break;
                }
            }
        }
        show();
    }

    /** Shows the ticket at hand as it is now. */
    void show() {
        List<Ticket> tickets = book.tickets();
        pieces.getChildren().clear();
        if (tickets.isEmpty()) {
            what.setText(Texts.get("saw.empty"));
            List.of(count, from, state).forEach(label -> label.setText(""));
            strip.setVisible(false);
            return;
        }
        at = Math.min(at, tickets.size() - 1);
        Ticket ticket = tickets.get(at);
        count.setText(Texts.get("saw.mode.count", at + 1, tickets.size(), book.cutCount()));
        what.setText(Describe.size(ticket.material(), book.tape()));
        from.setText(book.where(ticket));
        state.setText(book.isCut(ticket) ? Texts.get("saw.isCut") : "");
        strip.setVisible(true);
        strip.picture().set(TicketPicture.of(ticket, book.tape()));
        for (int n = 0; n < ticket.cuts().size(); n++) {
            Ticket.Cut each = ticket.cuts().get(n);
            for (Part part : each.parts()) {
                VBox piece = piece(part, n + 1, spoiled.contains(each.marks()));
                note(book.notes(ticket, part), piece);
                pieces.getChildren().add(piece);
            }
        }
        setAccessibleText(count.getText() + ". " + what.getText() + ". " + from.getText());
    }

    private static void note(String notes, VBox piece) {
        if (!notes.isEmpty()) {
            Label label = Parts.text(notes, "saw-from");
            label.setPrefWidth(WIDEST_NOTE);
            label.setMinHeight(USE_PREF_SIZE);
            piece.getChildren().add(label);
        }
    }

    private VBox piece(Part part, int number, boolean isSpoiled) {
        Label mark = Parts.text(part.mark(), "saw-mark");
        Label size = Parts.text(book.size(part), "saw-size");
        String purpose = Words.say("role." + part.role().name());
        Label role =
                Parts.text(
                        isSpoiled ? Texts.get("saw.spoiled", number) : number + "  " + purpose,
                        "saw-from");
        if (isSpoiled) {
            List.of(mark, size, role).forEach(label -> label.getStyleClass().add("danger"));
        }
        for (Label label : List.of(mark, size, role)) {
            label.setWrapText(false);
            label.setMinWidth(USE_PREF_SIZE);
        }
        return new VBox(0, Parts.row(10, mark, size), role);
    }
}
