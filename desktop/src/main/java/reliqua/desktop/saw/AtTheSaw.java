package reliqua.desktop.saw;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
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
import reliqua.core.cutting.FoundFlaws;
import reliqua.core.cutting.Ticket;
import reliqua.core.drawing.TicketPicture;
import reliqua.core.project.Describe;
import reliqua.core.stock.FlawMarking;
import reliqua.core.stock.Material;
import reliqua.core.stock.Sheet;
import reliqua.desktop.Texts;
import reliqua.desktop.paint.PictureView;
import reliqua.desktop.shell.EntryField;
import reliqua.desktop.shell.Parts;

/**
 * One ticket at a time over the whole window, in letters that are read across a sawhorse. Space
 * says it is cut and goes on, a digit marks the piece of that number as spoiled, M takes what the
 * tape really says, S where it split, the arrow keys leaf, Escape goes back.
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
    private final Set<String> spoiled = new TreeSet<>();
    private Optional<Split> split = Optional.empty();
    private boolean said;
    private int at;

    /** A ticket whose thing split, and the thing with the split in it. */
    private record Split(Ticket ticket, Material found) {}

    AtTheSaw(TicketBook book, int first, Runnable close) {
        super(14);
        this.book = book;
        this.pieces = new SawPieces(book);
        this.at = first;
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
        if (said) {
            said = false;
            event.consume();
        }
    }

    private void key(KeyEvent event) {
        said = false;
        if (event.getTarget() instanceof TextInputControl && event.getCode() != KeyCode.ESCAPE) {
            return;
        }
        switch (event.getCode()) {
            case M -> {
                said = true;
                tapeSays.begin();
            }
            case S -> {
                said = true;
                beginSplit();
            }
            case R -> planAgain();
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

    /** Where it split is asked for, or it did not after all. */
    private void beginSplit() {
        if (split.isPresent()) {
            forget();
            show();
        } else {
            splitAt.begin();
        }
    }

    /**
     * Where the thing in hand split. The pieces there are not cut out of it; whether the others are
     * cut is said by the next key.
     */
    private String split(String text) {
        Optional<Ticket> ticket = inHand();
        if (text.isBlank()) {
            return "";
        }
        if (ticket.isEmpty()) {
            return Texts.get("saw.split.cut");
        }
        if (!FlawMarking.takes(ticket.get().material())) {
            return Texts.get("saw.split.not");
        }
        try {
            Material found = FlawMarking.split(found(ticket.get()), text, book.tape());
            split = Optional.of(new Split(ticket.get(), found));
        } catch (IllegalArgumentException e) {
            return String.valueOf(e.getMessage());
        }
        splitAt.clear();
        requestFocus();
        show();
        return "";
    }

    /** Nothing is cut out of what split: it stays whole and is planned again. */
    private void planAgain() {
        Optional<Ticket> ticket = inHand();
        if (ticket.isEmpty() || split.isEmpty()) {
            return;
        }
        String fault = book.split(ticket.get(), found(ticket.get()));
        if (fault.isEmpty()) {
            forget();
        }
        show();
        answer.setText(fault.isEmpty() ? answer.getText() : fault);
    }

    /** The ticket that is shown, if it is still to be cut. */
    private Optional<Ticket> inHand() {
        List<Ticket> tickets = book.tickets();
        return tickets.isEmpty()
                ? Optional.empty()
                : Optional.of(tickets.get(at)).filter(t -> !book.isCut(t));
    }

    /** The thing as it is known to be by now. */
    private Material found(Ticket ticket) {
        return split.filter(s -> s.ticket().equals(ticket))
                .map(Split::found)
                .orElse(ticket.material());
    }

    /** A plan made anew may leave what split where it was, move it on, or not want it any more. */
    private void keepInHand(List<Ticket> tickets) {
        if (split.isEmpty()) {
            return;
        }
        Ticket was = split.get().ticket();
        Optional<Ticket> now =
                tickets.contains(was)
                        ? Optional.of(was)
                        : tickets.stream().filter(t -> !book.isCut(t) && isOf(t, was)).findFirst();
        if (now.isEmpty()) {
            forget();
            return;
        }
        at = tickets.indexOf(now.get());
        split = Optional.of(new Split(now.get(), split.get().found()));
    }

    private static boolean isOf(Ticket ticket, Ticket other) {
        return ticket.source().equals(other.source()) && ticket.material().equals(other.material());
    }

    private void forget() {
        spoiled.clear();
        split = Optional.empty();
    }

    /**
     * The piece of this number came out wrong, or not after all; it is wanted again once cut. Of
     * what is cut it is spoiled since.
     */
    private void spoil(String digit) {
        int number = Integer.parseInt(digit);
        List<Ticket> tickets = book.tickets();
        if (tickets.isEmpty() || number > tickets.get(at).cuts().size()) {
            return;
        }
        Ticket.Cut cut = tickets.get(at).cuts().get(number - 1);
        if (book.isCut(tickets.get(at))) {
            book.spoil(tickets.get(at), cut);
        } else if (!spoiled.remove(cut.marks())) {
            spoiled.add(cut.marks());
        }
        show();
    }

    private void leaf(int by) {
        forget();
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
            book.cut(ticket, Set.copyOf(spoiled), found(ticket));
            forget();
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
        keepInHand(tickets);
        answering.setVisible(split.isPresent());
        if (tickets.isEmpty()) {
            pieces.getChildren().clear();
            what.setText(Texts.get("saw.empty"));
            List.of(count, from, state).forEach(label -> label.setText(""));
            strip.setVisible(false);
            return;
        }
        at = Math.min(at, tickets.size() - 1);
        Ticket ticket = tickets.get(at);
        Material material = found(ticket);
        List<Ticket.Cut> hit = FoundFlaws.hit(ticket, material);
        count.setText(Texts.get("saw.mode.count", at + 1, tickets.size(), book.cutCount()));
        what.setText(Describe.size(ticket.material(), book.tape()));
        from.setText(book.where(ticket));
        state.setText(book.isCut(ticket) ? Texts.get("saw.isCut") : "");
        answer.setText(
                hit.isEmpty()
                        ? Texts.get("saw.split.none")
                        : Texts.get("saw.split.hit", TicketBook.marks(hit)));
        strip.setVisible(true);
        book.place(ticket).ifPresent(place.picture()::set);
        strip.picture().set(TicketPicture.of(ticket.on(material), book.tape()));
        pieces.show(ticket, spoiled, hit);
        splitAt.prompt(
                Texts.get(
                        (material instanceof Sheet ? "saw.split.area." : "saw.split.stretch.")
                                + book.tape().system()));
        setAccessibleText(count.getText() + ". " + what.getText() + ". " + from.getText());
    }
}
