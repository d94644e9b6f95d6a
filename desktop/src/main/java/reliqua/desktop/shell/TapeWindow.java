package reliqua.desktop.shell;

import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;
import org.jspecify.annotations.Nullable;
import reliqua.core.measure.MeasureException;
import reliqua.core.measure.MeasuringTape;
import reliqua.desktop.Texts;
import reliqua.desktop.work.Workspace;
import reliqua.standins.SimulatedTape;

/**
 * A small window that stands in for a tape which sends its readings: they drop into whichever field
 * of the main window had the cursor last, and are taken as if typed.
 */
final class TapeWindow {
    private final Workspace workspace;
    private final Stage stage = new Stage();
    private final TextField held = new TextField();
    private final Label told = Parts.text("", "note");
    private @Nullable TextField target;
    private long readings;

    TapeWindow(Workspace workspace, Scene main) {
        this.workspace = workspace;
        main.focusOwnerProperty().addListener((_, _, owner) -> remember(owner));
        remember(main.getFocusOwner());
        held.setId("tape-held");
        held.setAccessibleText(Texts.get("tape.true"));
        held.getStyleClass().add("slip-field");
        held.setOnAction(_ -> send());
        VBox face =
                new VBox(
                        8,
                        Parts.text(Texts.get("tape.how"), "note-ink"),
                        Parts.text(Texts.get("tape.true"), "soft"),
                        held,
                        Parts.button(
                                "tape-send", Texts.get("tape.send"), this::send, "main-button"),
                        told);
        face.getStyleClass().addAll(main.getRoot().getStyleClass());
        face.getStyleClass().add("tape-window");
        Scene scene = new Scene(face, 320, 260);
        scene.getStylesheets().setAll(main.getStylesheets());
        stage.setScene(scene);
        stage.setTitle(Texts.get("tape.title"));
        stage.initOwner(main.getWindow());
    }

    private void remember(@Nullable Node owner) {
        if (owner instanceof TextField field) {
            target = field;
        }
    }

    void show() {
        stage.show();
        held.requestFocus();
    }

    private void send() {
        try {
            MeasuringTape tape = new SimulatedTape(workspace.tape(), ++readings);
            String reading = tape.read(workspace.tape().reader().read(held.getText()));
            drop(reading);
        } catch (MeasureException e) {
            told.setText(String.valueOf(e.getMessage()));
        }
    }

    /** On the say line behind what stands there; elsewhere in its place, and taken at once. */
    private void drop(String reading) {
        if (target == null || target.getScene() == null) {
            told.setText(Texts.get("tape.nowhere"));
            return;
        }
        told.setText(Texts.get("tape.sent", reading));
        if ("say".equals(target.getId())) {
            target.appendText((target.getText().isBlank() ? "" : " ") + reading);
            return;
        }
        target.setText(reading);
        if (target.getOnAction() != null) {
            target.getOnAction().handle(new javafx.event.ActionEvent(target, target));
        }
    }
}
