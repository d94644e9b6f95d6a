package reliqua.desktop.fit;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.AccessibleRole;
import javafx.scene.Cursor;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import reliqua.core.drawing.Grip;
import reliqua.desktop.Texts;
import reliqua.desktop.paint.Placement;

/** Handles on a view by which lengths are pulled, with the mouse or the arrow keys. */
final class PullHandles extends Pane {
    private static final double SIZE = 22;

    /** Hears of a length being pulled, in millimetres to the right and down since it was taken. */
    interface Pull {
        void by(Grip grip, double right, double down, boolean done);

        void step(Grip grip, int steps);
    }

    private final Pull pull;
    private final List<Region> handles = new ArrayList<>();
    private List<Grip> grips = List.of();
    private Placement placement = new Placement(1, 0, 0);
    private double fromX;
    private double fromY;

    PullHandles(Pull pull) {
        this.pull = pull;
        setPickOnBounds(false);
    }

    void show(List<Grip> shown, Placement placed) {
        if (!keys(shown).equals(keys(grips))) {
            handles.clear();
            shown.forEach(g -> handles.add(handle(g.key())));
            getChildren().setAll(handles);
        }
        grips = shown;
        placement = placed;
        for (int n = 0; n < handles.size(); n++) {
            Grip grip = grips.get(n);
            handles.get(n)
                    .resizeRelocate(
                            placement.x(grip.at()) - SIZE / 2,
                            placement.y(grip.at()) - SIZE / 2,
                            SIZE,
                            SIZE);
            handles.get(n).setCursor(grip.across() ? Cursor.H_RESIZE : Cursor.V_RESIZE);
        }
    }

    private static List<String> keys(List<Grip> grips) {
        return grips.stream().map(Grip::key).toList();
    }

    private Grip grip(String key) {
        return grips.stream().filter(g -> g.key().equals(key)).findFirst().orElseThrow();
    }

    private Region handle(String key) {
        Region handle = new Region();
        handle.setId("pull-" + key);
        handle.setManaged(false);
        handle.getStyleClass().add("pull-handle");
        handle.setFocusTraversable(true);
        handle.setAccessibleRole(AccessibleRole.SLIDER);
        String words = Texts.get("fit.pull", FitStation.name(key));
        handle.setAccessibleText(words);
        Tooltip.install(handle, new Tooltip(words));
        handle.setOnMousePressed(
                e -> {
                    handle.requestFocus();
                    fromX = e.getSceneX();
                    fromY = e.getSceneY();
                    e.consume();
                });
        handle.setOnMouseDragged(e -> pulled(key, e.getSceneX(), e.getSceneY(), false));
        handle.setOnMouseReleased(
                e -> {
                    if (!e.isStillSincePress()) {
                        pulled(key, e.getSceneX(), e.getSceneY(), true);
                    }
                });
        handle.addEventHandler(KeyEvent.KEY_PRESSED, e -> key(e, key));
        return handle;
    }

    private void pulled(String key, double x, double y, boolean done) {
        double scale = placement.scale();
        pull.by(grip(key), (x - fromX) / scale, (y - fromY) / scale, done);
    }

    private void key(KeyEvent event, String key) {
        KeyCode code = event.getCode();
        if (code == KeyCode.RIGHT || code == KeyCode.UP) {
            pull.step(grip(key), 1);
            event.consume();
        } else if (code == KeyCode.LEFT || code == KeyCode.DOWN) {
            pull.step(grip(key), -1);
            event.consume();
        }
    }
}
