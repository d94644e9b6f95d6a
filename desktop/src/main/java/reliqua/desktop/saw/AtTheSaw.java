package reliqua.desktop.saw;

import java.util.List;
import java.util.Optional;
import javafx.beans.binding.Bindings;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import reliqua.core.cutting.Ticket;
import reliqua.core.drawing.TicketPicture;
import reliqua.core.project.Describe;
import reliqua.core.stock.Material;
import reliqua.core.stock.Sheet;
import reliqua.desktop.Texts;
import reliqua.desktop.paint.PictureView;
import reliqua.desktop.shell.EntryField;
import reliqua.desktop.shell.HeldKey;
import reliqua.desktop.shell.Parts;

/**
 * One ticket at a time over the whole window, in letters that are read across a sawhorse. Space
 * says it is cut and goes on, a digit marks the piece of that number as spoiled, M takes what the
 * tape really says, S where it split, the arrow keys leaf, Escape leaves a field and then the saw.
 * A key that is held does its work once, only the arrows go on.
 */
final class AtTheSaw extends VBox {
    /** Height of a field, so that its name stays beside it whatever is written under it. */
    private static final double FIELD = 36;

    private static final double PLACE_WIDE = 330;
    private static final double PLACE_HIGH = 170;
    private final TicketBook book;
    private final Runnable close;
    private final Label count = Parts.text("", "saw-count");
    private final Label from = Parts.text("", "saw-from");
    private final Label what = Parts.text("", "saw-what");
    private final Label state = Parts.text("", "saw-state");
    private final PictureView strip = new PictureView();
    private final PictureView place = new PictureView();
    private final SawPieces pieces;
    private final EntryField tapeSays =
            new EntryField("saw-measured", Texts.get("saw.mode.measured"), this::measured);
    private final EntryField splitAt =
            new EntryField("saw-split", Texts.get("saw.mode.split"), this::split);
    private final Label answer = Parts.text("", "saw-from", "danger");
    private final Button again =
            Parts.button("saw-again", Texts.get("saw.mode.again"), this::planAgain, "saw-key");
    private final HBox answering = Parts.row(12, answer, Parts.spring(), again);
    private final InHand hand;
    private final HeldKey held = new HeldKey(this);

    AtTheSaw(TicketBook book, int first, Runnable close) {
        super(14);
        this.book = book;
        this.pieces = new SawPieces(book);
        this.hand = new InHand(book, first);
        this.close = close;
        setId("at-the-saw");
        getStyleClass().add("at-the-saw");
        setFocusTraversable(true);
        VBox.setVgrow(strip, Priority.ALWAYS);
        strip.setMinHeight(140);
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
                        name("saw.mode.measured"),
                        tapeSays.wide(150),
                        name("saw.mode.split"),
                        splitAt.wide(300));
        again.setMinWidth(USE_PREF_SIZE);
        answering.managedProperty().bind(answering.visibleProperty());
        getChildren().addAll(top(), strip, pieces, answering, measure, caution, keys);
        measure.setAlignment(Pos.TOP_LEFT);
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        addEventFilter(KeyEvent.KEY_TYPED, this::typed);
        show();
    }

    /** What is in hand, and where its pieces go. */
    private HBox top() {
        Label planning = Parts.text(Texts.get("saw.mode.planning"), "saw-from", "danger");
        planning.setId("saw-planning");
        planning.visibleProperty().bind(Bindings.lessThan(book.progress(), 1));
        VBox words = new VBox(10, Parts.row(16, count, state, planning), what, from);
        HBox.setHgrow(words, Priority.ALWAYS);
        place.setId("saw-place");
        place.setPrefSize(PLACE_WIDE, PLACE_HIGH);
        place.setMinSize(PLACE_WIDE, PLACE_HIGH);
        return new HBox(16, words, place);
    }

    private static Label name(String key) {
        Label name = Parts.text(Texts.get(key), "saw-from");
        name.setMinWidth(USE_PREF_SIZE);
        name.setMinHeight(FIELD);
        return name;
    }

    /** The letter of a key that has been heeded is not written into the field it leads to. */
    private void typed(KeyEvent event) {
        if (held.wrote(event)) {
            event.consume();
        }
    }

    private void key(KeyEvent event) {
        if (held.repeats(event)) {
            event.consume();
        } else if (event.getTarget() instanceof TextInputControl) {
            inField(event);
        } else if (leafed(event.getCode())) {
            event.consume();
        } else if (heeded(event.getCode())) {
            held.heed(event);
            event.consume();
        }
    }

    private void inField(KeyEvent event) {
        if (event.getCode() == KeyCode.ESCAPE) {
            leaveFields();
            held.heed(event);
            event.consume();
        }
    }

    /** Held, these go on leafing. */
    private boolean leafed(KeyCode code) {
        if (code == KeyCode.LEFT || code == KeyCode.RIGHT) {
            leaf(code == KeyCode.LEFT ? -1 : 1);
            return true;
        }
        return false;
    }

    private boolean heeded(KeyCode code) {
        switch (code) {
            case M -> tapeSays.begin();
            case S -> beginSplit();
            case R -> planAgain();
            case SPACE -> cut();
            case DIGIT1, DIGIT2, DIGIT3, DIGIT4, DIGIT5, DIGIT6, DIGIT7, DIGIT8, DIGIT9 ->
                    spoil(code.getName());
            case ESCAPE -> close.run();
            default -> {
                return false;
            }
        }
        return true;
    }

    /** Whatever was being typed is dropped. */
    private void leaveFields() {
        tapeSays.clear();
        splitAt.clear();
        requestFocus();
    }

    /** What the tape says of the stick in hand; the rest is planned again with it. */
    private String measured(String text) {
        Optional<Ticket> ticket = hand.ticket();
        if (text.isBlank() || ticket.isEmpty()) {
            return "";
        }
        String fault = book.measured(ticket.get(), text);
        if (fault.isEmpty()) {
            tapeSays.clear();
            requestFocus();
        }
        return fault;
    }

    /** Where it split is asked for, or it did not after all. */
    private void beginSplit() {
        if (hand.isSplit()) {
            hand.whole();
            show();
        } else {
            splitAt.begin();
        }
    }

    private String split(String text) {
        String fault = text.isBlank() ? "" : hand.split(text);
        if (!text.isBlank() && fault.isEmpty()) {
            splitAt.clear();
            requestFocus();
            show();
        }
        return fault;
    }

    private void planAgain() {
        String fault = hand.planAgain();
        show();
        if (!fault.isEmpty()) {
            answer.setText(fault);
        }
    }

    private void spoil(String digit) {
        hand.spoil(Integer.parseInt(digit));
        show();
    }

    private void leaf(int by) {
        hand.leaf(by);
        show();
    }

    private void cut() {
        hand.cut();
        show();
    }

    /** Shows the ticket at hand as it is now. */
    void show() {
        Optional<Ticket> ticket = hand.ticket();
        answering.setVisible(hand.isSplit());
        strip.setVisible(ticket.isPresent());
        place.setVisible(ticket.isPresent());
        if (ticket.isPresent()) {
            show(ticket.get());
        } else {
            pieces.getChildren().clear();
            what.setText(Texts.get("saw.empty"));
            List.of(count, from, state).forEach(label -> label.setText(""));
        }
        setAccessibleText(count.getText() + ". " + what.getText() + ". " + from.getText());
    }

    private void show(Ticket ticket) {
        Material material = hand.found(ticket);
        List<Ticket.Cut> hit = hand.hit(ticket);
        count.setText(
                Texts.get("saw.mode.count", hand.at() + 1, book.tickets().size(), book.cutCount()));
        what.setText(Describe.size(ticket.material(), book.tape()));
        from.setText(book.where(ticket));
        state.setText(book.isCut(ticket) ? Texts.get("saw.isCut") : "");
        answer.setText(
                hit.isEmpty()
                        ? Texts.get("saw.split.none")
                        : Texts.get("saw.split.hit", TicketBook.marks(hit)));
        book.place(ticket).ifPresent(place.picture()::set);
        strip.picture().set(TicketPicture.of(ticket.on(material), book.tape()));
        pieces.show(ticket, hand.spoiled(), hit);
        splitAt.prompt(
                Texts.get(
                        (material instanceof Sheet ? "saw.split.area." : "saw.split.stretch.")
                                + book.tape().system()));
    }
}
