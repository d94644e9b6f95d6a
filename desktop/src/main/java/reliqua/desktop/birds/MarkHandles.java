package reliqua.desktop.birds;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiConsumer;
import java.util.function.IntConsumer;
import javafx.scene.AccessibleRole;
import javafx.scene.Cursor;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import reliqua.core.drawing.Picture;
import reliqua.core.flock.Site;
import reliqua.core.flock.SiteMark;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;
import reliqua.desktop.Texts;
import reliqua.desktop.paint.Placement;

/**
 * Handles over the marks of a site plan: dragged with the mouse or moved with the arrow keys, each
 * with a name for those who hear the screen.
 */
final class MarkHandles extends Pane {
    private static final double SIZE = 40;
    private static final Length NUDGE = Length.mm(250);

    private final IntConsumer onChoose;
    private final BiConsumer<Integer, SiteMark> onPreview;
    private final BiConsumer<Integer, SiteMark> onMove;
    private final List<Region> handles = new ArrayList<>();
    private Site site = Site.BARE;
    private Placement placement = new Placement(1, 0, 0);

    /** Hears of the mark chosen, of one being dragged, and of one put down. */
    MarkHandles(
            IntConsumer onChoose,
            BiConsumer<Integer, SiteMark> onPreview,
            BiConsumer<Integer, SiteMark> onMove) {
        this.onChoose = onChoose;
        this.onPreview = onPreview;
        this.onMove = onMove;
        setPickOnBounds(false);
    }

    /** One handle a mark, where the picture shows it. */
    void show(Site shown, Placement placed, Tape tape) {
        site = shown;
        placement = placed;
        while (handles.size() > site.marks().size()) {
            getChildren().remove(handles.removeLast());
        }
        while (handles.size() < site.marks().size()) {
            Region handle = handle(handles.size());
            handles.add(handle);
            getChildren().add(handle);
        }
        for (int n = 0; n < handles.size(); n++) {
            SiteMark mark = site.marks().get(n);
            Picture.Point at = new Picture.Point(mark.x().toMm(), mark.y().toMm());
            handles.get(n)
                    .resizeRelocate(
                            placement.x(at) - SIZE / 2, placement.y(at) - SIZE / 2, SIZE, SIZE);
            handles.get(n)
                    .setAccessibleText(
                            Texts.get(
                                    "ground.handle",
                                    mark.kind().sum().words(tape),
                                    tape.sayLong(mark.x()),
                                    tape.sayLong(mark.y())));
        }
    }

    private Region handle(int index) {
        Region handle = new Region();
        handle.setId("mark-" + index);
        handle.setManaged(false);
        handle.getStyleClass().add("handle");
        handle.setFocusTraversable(true);
        handle.setAccessibleRole(AccessibleRole.BUTTON);
        handle.setCursor(Cursor.MOVE);
        handle.focusedProperty()
                .addListener(
                        (_, _, focused) -> {
                            if (focused) {
                                onChoose.accept(index);
                            }
                        });
        // A scroll pane around would take the focus for itself.
        handle.setOnMousePressed(
                e -> {
                    handle.requestFocus();
                    e.consume();
                });
        handle.setOnMouseDragged(
                e -> onPreview.accept(index, under(handle, index, e.getX(), e.getY())));
        handle.setOnMouseReleased(
                e -> {
                    if (!e.isStillSincePress()) {
                        onMove.accept(index, under(handle, index, e.getX(), e.getY()));
                    }
                });
        handle.addEventHandler(KeyEvent.KEY_PRESSED, e -> key(e, index));
        return handle;
    }

    private SiteMark under(Region handle, int index, double x, double y) {
        Picture.Point at = placement.at(handle.getLayoutX() + x, handle.getLayoutY() + y);
        Length step = Length.mm(50);
        return site.marks()
                .get(index)
                .movedTo(
                        Length.mm(Math.round(at.x())).floorTo(step),
                        Length.mm(Math.round(at.y())).floorTo(step));
    }

    private void key(KeyEvent event, int index) {
        SiteMark mark = site.marks().get(index);
        KeyCode code = event.getCode();
        SiteMark moved =
                switch (code) {
                    case LEFT -> mark.movedTo(mark.x().minus(NUDGE), mark.y());
                    case RIGHT -> mark.movedTo(mark.x().plus(NUDGE), mark.y());
                    case UP -> mark.movedTo(mark.x(), mark.y().minus(NUDGE));
                    case DOWN -> mark.movedTo(mark.x(), mark.y().plus(NUDGE));
                    default -> mark;
                };
        if (!moved.equals(mark)) {
            onMove.accept(index, moved);
            event.consume();
        }
    }
}
