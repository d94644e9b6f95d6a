package reliqua.desktop.heap;

import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import org.jspecify.annotations.Nullable;
import reliqua.core.drawing.LotPicture;
import reliqua.core.measure.Tape;
import reliqua.core.project.Describe;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Stick;
import reliqua.desktop.Texts;
import reliqua.desktop.paint.PictureView;
import reliqua.desktop.shell.Parts;
import reliqua.desktop.work.Workspace;

/**
 * Draws a line of the rack; all things share one scale but those that are longer than the room for
 * them, which are drawn smaller. A cell keeps its labels and its picture and only fills them anew,
 * so that thousands of lots scroll smoothly.
 */
final class RackCell extends ListCell<RackRow> {
    /** Pixels a millimetre: 3.7 m fit beside the words, what is longer is drawn smaller. */
    private static final double SCALE = 0.105;

    private static final double DRAWN = 392;
    private static final PseudoClass GROUP = PseudoClass.getPseudoClass("group");
    private static final PseudoClass DOUBTFUL = PseudoClass.getPseudoClass("doubtful");

    private final Workspace workspace;
    private final PictureView picture = new PictureView(SCALE);
    private final Label length = Parts.text("", "strong");
    private final Label note = Parts.text("", "note");
    private final HBox lotRow = Parts.row(10, picture, length, note);
    private final Label name = Parts.text("", "strong");
    private final Label total = Parts.text("", "soft");
    private final HBox groupRow = Parts.row(12, name, total);

    /**
     * Both stay in the cell and one of them is seen: what leaves a cell is styled anew when it
     * comes back, which takes longer than all the rest.
     */
    private final StackPane face = new StackPane(groupRow, lotRow);

    /** What it has drawn: most rows are the same after an edit. */
    private @Nullable RackRow shown;

    private Tape shownIn = Tape.METRIC;

    RackCell(Workspace workspace) {
        this.workspace = workspace;
        getStyleClass().add("rack-cell");
        // The row takes the width of the rack, so that long remarks wrap instead of scrolling
        // sideways.
        setPrefWidth(0);
        picture.setMinWidth(DRAWN);
        picture.setMaxWidth(DRAWN);
        picture.setPrefWidth(DRAWN);
        length.setMinWidth(128);
        length.setWrapText(false);
        HBox.setHgrow(note, Priority.ALWAYS);
        note.setMinWidth(0);
        note.setMaxWidth(Double.MAX_VALUE);
        lotRow.setMaxWidth(Double.MAX_VALUE);
        face.setAlignment(Pos.CENTER_LEFT);
        groupRow.managedProperty().bind(groupRow.visibleProperty());
        lotRow.managedProperty().bind(lotRow.visibleProperty());
        see(false, false);
        setGraphic(face);
    }

    private void see(boolean group, boolean lot) {
        groupRow.setVisible(group);
        lotRow.setVisible(lot);
        pseudoClassStateChanged(GROUP, group);
    }

    @Override
    protected void updateItem(@Nullable RackRow row, boolean empty) {
        super.updateItem(row, empty);
        Tape tape = workspace.tape();
        if (!empty && row != null && row.equals(shown) && tape.equals(shownIn)) {
            return;
        }
        shown = empty ? null : row;
        shownIn = tape;
        setMouseTransparent(row instanceof RackRow.Group);
        switch (empty ? null : row) {
            case null -> see(false, false);
            case RackRow.Group group -> show(group);
            case RackRow.OfLot lot -> show(lot.lot());
        }
    }

    private void show(RackRow.Group group) {
        name.setText(group.name());
        total.setText(group.total());
        see(true, false);
        setAccessibleText(group.name() + ", " + group.total());
    }

    private void show(Lot lot) {
        Tape tape = workspace.tape();
        picture.picture().set(LotPicture.of(lot.material()));
        length.setText(lot.quantity() + " \u00d7 " + Describe.length(lot.material(), tape));
        String words = note(lot, tape);
        note.setText(words);
        boolean doubtful = !lot.condition().usable() || lot.condition().open();
        note.pseudoClassStateChanged(DOUBTFUL, doubtful);
        see(false, true);
        setAccessibleText(Describe.lot(lot.quantity(), lot.material(), tape) + " " + words);
    }

    private static String note(Lot lot, Tape tape) {
        String flaws = String.join(", ", Describe.flaws(lot.material(), tape));
        String treated =
                lot.material() instanceof Stick s
                        ? switch (s.treatment()) {
                            case UNTREATED -> "";
                            case PRESSURE_TREATED -> Texts.get("heap.treated");
                            case PAINTED -> Texts.get("heap.painted");
                        }
                        : "";
        return Stream.of(String.join(", ", Describe.condition(lot.condition())), flaws, treated)
                .filter(s -> !s.isEmpty())
                .collect(Collectors.joining(", "));
    }
}
