package reliqua.desktop.heap;

import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.layout.HBox;
import org.jspecify.annotations.Nullable;
import reliqua.core.drawing.LotPicture;
import reliqua.core.measure.Tape;
import reliqua.core.project.Describe;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Stick;
import reliqua.desktop.paint.PictureView;
import reliqua.desktop.shell.Parts;
import reliqua.desktop.work.Workspace;

/** Draws a line of the rack; all things share one scale. */
final class RackCell extends ListCell<RackRow> {
    /** Pixels a millimetre: 3.7 m fit beside the words. */
    private static final double SCALE = 0.105;

    private final Workspace workspace;

    RackCell(Workspace workspace) {
        this.workspace = workspace;
        getStyleClass().add("rack-cell");
        // The row takes the width of the rack, so that long remarks wrap instead of scrolling
        // sideways.
        setPrefWidth(0);
    }

    @Override
    protected void updateItem(@Nullable RackRow row, boolean empty) {
        super.updateItem(row, empty);
        setText(null);
        getStyleClass().removeAll("rack-group");
        setMouseTransparent(row instanceof RackRow.Group);
        if (empty || row == null) {
            setGraphic(null);
            return;
        }
        switch (row) {
            case RackRow.Group group -> {
                getStyleClass().add("rack-group");
                setGraphic(
                        Parts.row(
                                12,
                                Parts.text(group.name(), "strong"),
                                Parts.text(group.total(), "soft")));
            }
            case RackRow.OfLot lot -> setGraphic(lot(lot.lot()));
        }
    }

    private HBox lot(Lot lot) {
        Tape tape = workspace.tape();
        PictureView picture = new PictureView(SCALE);
        picture.picture().set(LotPicture.of(lot.material()));
        picture.setMinWidth(392);
        picture.setMaxWidth(392);
        picture.setPrefWidth(392);
        Label length =
                Parts.text(
                        lot.quantity() + " \u00d7 " + Describe.length(lot.material(), tape),
                        "strong");
        length.setMinWidth(128);
        length.setWrapText(false);
        Label flaws = Parts.text(note(lot, tape), "note");
        if (!lot.condition().usable() || lot.condition().open()) {
            flaws.getStyleClass().add("danger");
        }
        HBox.setHgrow(flaws, javafx.scene.layout.Priority.ALWAYS);
        flaws.setMinWidth(0);
        flaws.setMaxWidth(Double.MAX_VALUE);
        HBox row = Parts.row(10, picture, length, flaws);
        row.setMaxWidth(Double.MAX_VALUE);
        setAccessibleText(
                Describe.lot(lot.quantity(), lot.material(), tape) + " " + note(lot, tape));
        return row;
    }

    private static String note(Lot lot, Tape tape) {
        String flaws = String.join(", ", Describe.flaws(lot.material(), tape));
        String treated =
                lot.material() instanceof Stick s
                        ? switch (s.treatment()) {
                            case UNTREATED -> "";
                            case PRESSURE_TREATED -> reliqua.desktop.Texts.get("heap.treated");
                            case PAINTED -> reliqua.desktop.Texts.get("heap.painted");
                        }
                        : "";
        return java.util.stream.Stream.of(
                        String.join(", ", Describe.condition(lot.condition())), flaws, treated)
                .filter(s -> !s.isEmpty())
                .collect(java.util.stream.Collectors.joining(", "));
    }
}
