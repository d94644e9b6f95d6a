package reliqua.desktop.heap;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.beans.binding.Bindings;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Rectangle;
import reliqua.core.drawing.LotPicture;
import reliqua.core.drawing.Picture;
import reliqua.core.measure.Length;
import reliqua.core.measure.Words;
import reliqua.core.project.Describe;
import reliqua.core.stock.Flaw;
import reliqua.core.stock.FlawMarking;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Material;
import reliqua.core.stock.Roofing;
import reliqua.core.stock.Sheet;
import reliqua.core.stock.Stick;
import reliqua.desktop.Texts;
import reliqua.desktop.paint.PictureView;
import reliqua.desktop.shell.EntryField;
import reliqua.desktop.shell.Parts;
import reliqua.desktop.shell.Pills;
import reliqua.desktop.work.Workspace;

/**
 * A thing with its flaws, marked by dragging along it: what is wrong is chosen above, what it would
 * leave is said while dragging. Each flaw below can be taken off; nails can be pulled.
 */
final class FlawBoard extends VBox {
    private static final List<Flaw.Kind> OF_STICKS =
            List.of(
                    Flaw.Kind.ROT,
                    Flaw.Kind.SPLIT,
                    Flaw.Kind.KNOT,
                    Flaw.Kind.NAILS,
                    Flaw.Kind.HOLE,
                    Flaw.Kind.NOTCH);
    private static final List<Flaw.Kind> OF_SHEETS =
            List.of(Flaw.Kind.ROT, Flaw.Kind.WET, Flaw.Kind.SPLIT, Flaw.Kind.HOLE);
    private static final List<Flaw.Kind> OF_ROOFING = List.of(Flaw.Kind.RUST, Flaw.Kind.HOLE);

    private final Workspace workspace;
    private final PictureView picture = new PictureView();
    private final Rectangle drawn = new Rectangle();
    private final Label says = Parts.text("", "note");
    private final EntryField typed;
    private final VBox marked = new VBox(6);
    private Lot lot;
    private Flaw.Kind kind;
    private Picture.Point from = new Picture.Point(0, 0);

    FlawBoard(Workspace workspace, Lot lot) {
        super(6);
        this.workspace = workspace;
        this.lot = lot;
        this.kind = kinds(lot.material()).getFirst();
        this.typed = new EntryField("lot-flaw", Texts.get("flaw.type"), words -> said(lot, words));
        marked.managedProperty().bind(Bindings.isNotEmpty(marked.getChildren()));
        getChildren()
                .addAll(
                        Parts.text(Texts.get("heap.flaws"), "strong"),
                        choices(),
                        board(),
                        says,
                        typed.prompt(Texts.get("flaw.type")),
                        marked);
        show(lot);
    }

    /** Turned to another lot of the same kind. */
    void show(Lot other) {
        if (!other.id().equals(lot.id())) {
            typed.turnTo("", words -> said(other, words));
        } else if (!other.material().equals(lot.material())) {
            typed.clear();
        }
        typed.commitTo(words -> said(other, words));
        lot = other;
        picture.picture().set(LotPicture.of(lot.material()));
        marked.getChildren().setAll(list());
        says.setText(Texts.get("flaw.drag"));
    }

    private static List<Flaw.Kind> kinds(Material material) {
        return switch (material) {
            case Sheet _ -> OF_SHEETS;
            case Roofing _ -> OF_ROOFING;
            default -> OF_STICKS;
        };
    }

    private Node choices() {
        Pills<Flaw.Kind> pills = new Pills<>(kinds(lot.material()), "flaw-", Words::say, "flaw.");
        pills.show(kind, each -> kind = each);
        return pills;
    }

    private Node board() {
        picture.setMouseTransparent(true);
        drawn.getStyleClass().add("flaw-drawn");
        drawn.setManaged(false);
        drawn.setVisible(false);
        StackPane board = new StackPane(picture, drawn);
        board.setId("flaw-board");
        board.getStyleClass().add("flaw-board");
        board.setMinHeight(lot.material() instanceof Stick ? 52 : 110);
        board.setPrefHeight(lot.material() instanceof Stick ? 52 : 110);
        board.setOnMousePressed(this::begin);
        board.setOnMouseDragged(this::drag);
        board.setOnMouseReleased(this::end);
        return board;
    }

    private Picture.Point at(MouseEvent event) {
        return picture.placement().at(event.getX(), event.getY());
    }

    /** A flaw typed as it would be called; what is wrong with it, if anything. */
    private String said(Lot lot, String words) {
        if (words.isBlank()) {
            return "";
        }
        try {
            Material after = FlawMarking.said(lot.material(), words, workspace.tape());
            LotChange.to(workspace, "edit.flaw", lot.with(lot.quantity(), after));
            return "";
        } catch (IllegalArgumentException e) {
            return String.valueOf(e.getMessage());
        }
    }

    private void begin(MouseEvent event) {
        from = at(event);
    }

    private Optional<Material> marked(MouseEvent event) {
        Picture.Point to = at(event);
        Length step = workspace.tape().step();
        return FlawMarking.marked(lot.material(), kind, from.x(), from.y(), to.x(), to.y(), step);
    }

    private void drag(MouseEvent event) {
        Picture.Point to = at(event);
        boolean whole = !(lot.material() instanceof Sheet);
        double left = picture.placement().x(from.x() < to.x() ? from : to);
        double right = picture.placement().x(from.x() < to.x() ? to : from);
        double upper = picture.placement().y(from.y() < to.y() ? from : to);
        double lower = picture.placement().y(from.y() < to.y() ? to : from);
        drawn.setX(left);
        drawn.setWidth(right - left);
        drawn.setY(whole ? 4 : upper);
        drawn.setHeight(whole ? picture.getHeight() - 8 : lower - upper);
        drawn.setVisible(true);
        says.setText(marked(event).map(this::cost).orElse(Texts.get("flaw.drag")));
    }

    /** What the flaw would be, and the clear lengths it would leave. */
    private String cost(Material after) {
        List<String> flaws = Describe.flaws(after, workspace.tape());
        String last = flaws.getLast();
        if (after instanceof Stick stick) {
            return Texts.get("flaw.leaves", last, workspace.tape().mark(stick.longestClear()));
        }
        return last;
    }

    private void end(MouseEvent event) {
        drawn.setVisible(false);
        marked(event).ifPresent(after -> change("edit.flaw", after));
    }

    private void change(String key, Material after) {
        LotChange.to(workspace, key, lot.with(lot.quantity(), after));
    }

    private List<Node> list() {
        List<Node> lines = new ArrayList<>();
        for (int n = 0; n < flaws(lot.material()).size(); n++) {
            int index = n;
            Material after = FlawMarking.without(lot.material(), n);
            Label words = Parts.text(flaws(lot.material()).get(n), "note-ink");
            lines.add(Parts.row(6, words, Parts.spring(), off(index, after)));
        }
        return lines;
    }

    private Node off(int index, Material after) {
        Optional<Flaw> nails =
                lot.material() instanceof Stick s
                        ? Optional.of(s.flaws().get(index)).filter(f -> f.kind() == Flaw.Kind.NAILS)
                        : Optional.empty();
        return nails.map(
                        flaw ->
                                Parts.button(
                                        "pull-" + index,
                                        Texts.get(
                                                "flaw.pull",
                                                FlawMarking.pullingMinutes(flaw) * lot.quantity()),
                                        () -> change("edit.pull", after),
                                        "small"))
                .orElseGet(
                        () ->
                                Parts.button(
                                        "off-" + index,
                                        Texts.get("flaw.off"),
                                        () -> change("edit.flaw.off", after),
                                        "small"));
    }

    /** In words, in the order in which the thing names them. */
    private List<String> flaws(Material material) {
        return Describe.flawsAlone(material, workspace.tape());
    }
}
