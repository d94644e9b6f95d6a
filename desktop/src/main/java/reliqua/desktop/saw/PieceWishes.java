package reliqua.desktop.saw;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import reliqua.core.coop.Part;
import reliqua.core.cutting.CutWish;
import reliqua.core.cutting.Ticket;
import reliqua.desktop.Texts;
import reliqua.desktop.shell.Parts;

/** Where single pieces are to come from: kept on a stick, off it, or changing places. */
final class PieceWishes {
    private final TicketBook book;
    private final Runnable refresh;
    private @Nullable CutWish swapping;

    /** Over the book; {@code refresh} shows the buttons anew. */
    PieceWishes(TicketBook book, Runnable refresh) {
        this.book = book;
        this.refresh = refresh;
    }

    /** Never squeezed by what stands beside it. */
    private static Button whole(Button button) {
        button.setMinWidth(Region.USE_PREF_SIZE);
        return button;
    }

    /** Where this piece is to come from, or not. */
    Node buttons(Part part, Ticket ticket) {
        CutWish here = new CutWish(part.mark(), ticket.source(), true);
        boolean pinned = book.wishes().containsKey(here);
        return new FlowPane(
                6,
                4,
                whole(
                        Parts.button(
                                "pin-" + part.mark(),
                                Texts.get(pinned ? "wish.free" : "wish.pin"),
                                () -> book.wish(here, !pinned),
                                "small")),
                whole(
                        Parts.button(
                                "bar-" + part.mark(),
                                Texts.get("wish.bar"),
                                () ->
                                        book.wish(
                                                new CutWish(part.mark(), ticket.source(), false),
                                                true),
                                "small")),
                swap(here));
    }

    /** The first press remembers the piece, the second, at another piece, changes their places. */
    private Node swap(CutWish here) {
        CutWish first = swapping;
        boolean second = first != null && !first.mark().equals(here.mark());
        String words =
                first == null
                        ? Texts.get("wish.swap")
                        : Texts.get(second ? "wish.swapWith" : "wish.swapping", first.mark());
        return whole(
                Parts.button(
                        "swap-" + here.mark(),
                        words,
                        () -> {
                            swapping = first == null ? here : null;
                            if (first != null && second) {
                                book.swap(first, here);
                            }
                            refresh.run();
                        },
                        "small"));
    }

    /** Every wish with its price, and a way to let go of it. */
    List<Node> all() {
        List<Node> boxes = new ArrayList<>();
        book.wishes()
                .forEach(
                        (wish, cost) -> {
                            String price =
                                    cost.map(
                                                    c ->
                                                            c.isZero()
                                                                    ? Texts.get("wish.nothing")
                                                                    : Texts.get(
                                                                            "wish.costs",
                                                                            book.tape().say(c)))
                                            .orElse("");
                            VBox box =
                                    new VBox(
                                            4,
                                            Parts.text(book.words(wish), "strong"),
                                            Parts.row(
                                                    8,
                                                    Parts.text(price, "note-ink"),
                                                    Parts.spring(),
                                                    Parts.button(
                                                            "let-go-" + wish.mark(),
                                                            Texts.get("wish.free"),
                                                            () -> book.wish(wish, false),
                                                            "small")));
                            box.getStyleClass().add("wish");
                            boxes.add(box);
                        });
        return boxes;
    }
}
