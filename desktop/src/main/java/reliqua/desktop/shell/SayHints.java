package reliqua.desktop.shell;

import java.util.List;
import javafx.geometry.Bounds;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.VBox;
import javafx.stage.Popup;
import reliqua.core.stock.SayLine;
import reliqua.core.stock.YardSuggestions;
import reliqua.desktop.work.Workspace;

/**
 * How the line could go on, above it while it is typed: Up and Down choose, Tab takes, Escape sends
 * them away. Nothing is taken unasked.
 */
final class SayHints {
    private static final double LINE = 30;

    private final Workspace workspace;
    private final TextField field;
    private final Popup popup = new Popup();
    private final VBox lines = new VBox();
    private List<String> offered = List.of();
    private int at;

    SayHints(Workspace workspace, TextField field) {
        this.workspace = workspace;
        this.field = field;
        lines.getStyleClass().add("say-hints");
        popup.getContent().add(lines);
        popup.setAutoHide(true);
        field.textProperty().addListener((_, _, _) -> offer());
        field.focusedProperty().addListener((_, _, focused) -> offerIf(focused));
        field.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
    }

    private void offerIf(boolean focused) {
        if (focused) {
            offer();
        } else {
            popup.hide();
        }
    }

    private void offer() {
        String typed = field.getText();
        offered =
                field.isFocused() && !typed.isBlank() && typed.length() <= SayLine.LONGEST
                        ? YardSuggestions.of(typed, workspace.project().heap(), workspace.tape())
                        : List.of();
        at = 0;
        show();
    }

    private void show() {
        lines.getChildren().clear();
        Bounds place = field.localToScreen(field.getBoundsInLocal());
        if (offered.isEmpty() || place == null) {
            popup.hide();
            return;
        }
        for (int n = 0; n < offered.size(); n++) {
            String line = offered.get(n);
            Label label = Parts.text(line, "say-hint");
            if (n == at) {
                label.getStyleClass().add("say-hint-chosen");
            }
            label.setMinHeight(LINE);
            label.setMaxWidth(Double.MAX_VALUE);
            label.setOnMouseClicked(_ -> take(line));
            lines.getChildren().add(label);
        }
        lines.getStylesheets().setAll(field.getScene().getStylesheets());
        lines.getStyleClass().setAll(field.getScene().getRoot().getStyleClass());
        lines.getStyleClass().add("say-hints");
        double height = LINE * offered.size() + 10;
        popup.show(field, place.getMinX() + 8, place.getMinY() - height - 4);
    }

    private void key(KeyEvent event) {
        if (!popup.isShowing()) {
            return;
        }
        KeyCode code = event.getCode();
        if (code == KeyCode.TAB && !event.isShiftDown()) {
            take(offered.get(at));
        } else if (code == KeyCode.ESCAPE) {
            popup.hide();
        } else if (code == KeyCode.UP || code == KeyCode.DOWN) {
            at = Math.floorMod(at + (code == KeyCode.DOWN ? 1 : -1), offered.size());
            show();
        } else {
            return;
        }
        event.consume();
    }

    private void take(String line) {
        field.setText(line + " ");
        field.end();
    }
}
