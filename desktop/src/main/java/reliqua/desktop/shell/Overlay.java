package reliqua.desktop.shell;

import javafx.scene.Scene;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Pane;
import javafx.stage.Modality;
import javafx.stage.Stage;
import javafx.stage.Window;

/** A window that must be answered before the one it lies over; Escape closes it. */
final class Overlay {
    private Overlay() {}

    /** Shows a face in a stage, in the looks of the window it lies over. */
    static void show(Stage stage, Window over, Pane face, String title) {
        face.getStyleClass().addAll(over.getScene().getRoot().getStyleClass());
        face.getStyleClass().add("examples");
        Scene scene = new Scene(face);
        scene.getStylesheets().setAll(over.getScene().getStylesheets());
        scene.setOnKeyPressed(
                e -> {
                    if (e.getCode() == KeyCode.ESCAPE) {
                        stage.close();
                    }
                });
        stage.initOwner(over);
        stage.initModality(Modality.WINDOW_MODAL);
        stage.setTitle(title);
        stage.setScene(scene);
        stage.show();
    }
}
