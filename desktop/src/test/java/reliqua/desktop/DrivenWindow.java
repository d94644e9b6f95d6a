package reliqua.desktop;

import static java.util.Locale.ROOT;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.BooleanSupplier;
import java.util.stream.Stream;
import javafx.event.Event;
import javafx.event.EventHandler;
import javafx.event.EventType;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.stage.Stage;
import javafx.stage.Window;
import org.testfx.api.FxRobot;
import org.testfx.util.WaitForAsyncUtils;
import reliqua.core.project.Design;
import reliqua.core.project.Project;
import reliqua.desktop.shell.Shell;
import reliqua.desktop.work.DataFolder;
import reliqua.desktop.work.Workspace;

/** The real window on a demo project at one station, and the hands that work it. */
final class DrivenWindow {
    private static final int PATIENCE = 60;

    /** The numbers of the stations, which lead to them. */
    static final List<KeyCode> STATIONS =
            List.of(
                    KeyCode.DIGIT1,
                    KeyCode.DIGIT2,
                    KeyCode.DIGIT3,
                    KeyCode.DIGIT4,
                    KeyCode.DIGIT5,
                    KeyCode.DIGIT6,
                    KeyCode.DIGIT7);

    /** The day it is in every test. */
    private static final Clock DAY =
            Clock.fixed(Instant.parse("2026-11-27T09:00:00Z"), ZoneOffset.UTC);

    final Stage stage;
    final Workspace workspace;
    final Path file;

    /** Opens the window over a project in a data folder of its own. */
    DrivenWindow(Stage stage, Project demo, String station) throws IOException {
        Path folder = Files.createTempDirectory("reliqua-" + station);
        this.stage = stage;
        this.file = folder.resolve(station + ".reliqua");
        this.workspace = new Workspace(demo, file, new DataFolder(folder), DAY);
        ReliquaApp.show(stage, workspace);
        fire("go-" + station);
    }

    Project project() {
        return workspace.project();
    }

    /** As if the file had been dropped on the window. */
    void take(Path dropped) {
        ((Shell) stage.getScene().getRoot()).take(dropped);
    }

    void fire(String toggle) {
        ((ToggleButton) stage.getScene().lookup("#" + toggle)).fire();
    }

    static void until(BooleanSupplier condition) throws TimeoutException {
        WaitForAsyncUtils.waitFor(PATIENCE, TimeUnit.SECONDS, condition::getAsBoolean);
        WaitForAsyncUtils.waitForFxEvents();
    }

    /** Looks on the window's own thread, where nothing is made anew between two looks. */
    static void untilShown(Callable<Boolean> condition) throws TimeoutException {
        until(
                () -> {
                    try {
                        return WaitForAsyncUtils.asyncFx(condition).get();
                    } catch (InterruptedException | ExecutionException e) {
                        return false;
                    }
                });
    }

    /** Until the search has come to its end with a house. */
    static void planned(Workspace workspace) throws TimeoutException {
        until(
                () ->
                        workspace.designs().progress().get() >= 1
                                && workspace.designs().state().get().design().isPresent());
    }

    /** The house there is by now. */
    static Design design(Workspace workspace) {
        return workspace.designs().state().get().design().orElseThrow();
    }

    /** Until a native key or click has arrived and everything it set off is done. */
    static void settle() {
        WaitForAsyncUtils.sleep(150, TimeUnit.MILLISECONDS);
        WaitForAsyncUtils.waitForFxEvents();
    }

    /** Chooses lots of the rack by their ids, and nothing else. */
    static void choose(FxRobot robot, String... ids) {
        robot.interact(
                () -> {
                    select(robot, ids);
                    robot.lookup("#rack").queryListView().requestFocus();
                });
    }

    /** The same on the window's own thread; the cursor stays where it is. */
    static void select(FxRobot robot, String... ids) {
        ListView<Object> rack = robot.lookup("#rack").queryListView();
        rack.getSelectionModel().clearSelection();
        for (int i = 0; i < rack.getItems().size(); i++) {
            String item = rack.getItems().get(i).toString();
            if (Stream.of(ids).anyMatch(id -> item.contains("id=" + id + ","))) {
                rack.getSelectionModel().select(i);
                rack.scrollTo(i);
            }
        }
    }

    /** Types a text where the cursor is, all of it at once. */
    static void write(FxRobot robot, String text) {
        Scene scene = robot.lookup(".root").query().getScene();
        // The first key may move the cursor to another field.
        robot.interact(
                () ->
                        text.chars()
                                .mapToObj(Character::toString)
                                .forEach(c -> typed(scene.getFocusOwner(), c)));
    }

    private static void typed(Node target, String character) {
        Event.fireEvent(
                target,
                new KeyEvent(
                        KeyEvent.KEY_TYPED,
                        character,
                        "",
                        KeyCode.UNDEFINED,
                        false,
                        false,
                        false,
                        false));
    }

    /** A key that a keyboard repeats until it is let go. */
    static void held(FxRobot robot, KeyCode key) {
        Scene scene = robot.lookup(".root").query().getScene();
        for (int i = 0; i < 4; i++) {
            robot.interact(() -> pressed(scene.getFocusOwner(), KeyEvent.KEY_PRESSED, key));
            robot.interact(() -> typed(scene.getFocusOwner(), key.getChar().toLowerCase(ROOT)));
        }
        robot.interact(() -> pressed(scene.getFocusOwner(), KeyEvent.KEY_RELEASED, key));
    }

    private static void pressed(Node target, EventType<KeyEvent> type, KeyCode key) {
        Event.fireEvent(
                target, new KeyEvent(type, "", key.getChar(), key, false, false, false, false));
    }

    /**
     * Presses keys together, and waits until the last of them has come from the system to a window
     * and everything it set off is done. A busy machine delivers them late.
     */
    static void press(FxRobot robot, KeyCode... keys) {
        KeyCode last = keys[keys.length - 1];
        CountDownLatch arrived = new CountDownLatch(1);
        EventHandler<KeyEvent> seen = e -> arrivedIf(e.getCode() == last, arrived);
        List<Window> windows = List.copyOf(Window.getWindows());
        robot.interact(() -> windows.forEach(w -> w.addEventFilter(KeyEvent.KEY_PRESSED, seen)));
        robot.push(keys);
        try {
            assertThat(arrived.await(PATIENCE, TimeUnit.SECONDS)).as("%s arrives", last).isTrue();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        robot.interact(() -> windows.forEach(w -> w.removeEventFilter(KeyEvent.KEY_PRESSED, seen)));
        settle();
    }

    private static void arrivedIf(boolean awaited, CountDownLatch arrived) {
        if (awaited) {
            arrived.countDown();
        }
    }

    static void undo(FxRobot robot) {
        control(robot, KeyCode.Z);
    }

    static void control(FxRobot robot, KeyCode key) {
        press(robot, KeyCode.CONTROL, key);
    }

    /** Puts a text in a field that has the cursor and commits it. */
    static void enter(FxRobot robot, String field, String text) {
        robot.interact(() -> robot.lookup(field).queryAs(TextField.class).setText(text));
        press(robot, KeyCode.ENTER);
    }

    /** Types on the say line, without committing it. */
    static void say(FxRobot robot, String line) {
        press(robot, KeyCode.CONTROL, KeyCode.K);
        write(robot, line);
    }

    /** Goes to a station by its number. */
    static void go(FxRobot robot, KeyCode digit) {
        press(robot, KeyCode.CONTROL, digit);
    }

    /** Types over what stands in a field and commits it. */
    static void type(FxRobot robot, String field, String text) {
        robot.interact(
                () -> {
                    TextField node = robot.lookup(field).queryAs(TextField.class);
                    node.requestFocus();
                    node.selectAll();
                });
        write(robot, text);
        press(robot, KeyCode.ENTER);
    }
}
