package reliqua.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeoutException;
import javafx.embed.swing.SwingFXUtils;
import javafx.event.EventType;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import reliqua.core.flock.Flock;
import reliqua.core.project.Project;
import reliqua.core.stock.Condition;
import reliqua.core.stock.Flaw;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Pallet;
import reliqua.core.stock.Stick;
import reliqua.files.DemoProjects;
import reliqua.files.ProjectFile;
import reliqua.standins.Climates;
import reliqua.standins.Merchants;

/** The heap by hand: flaws drawn, several lots at once, photos, somebody's table, the ledger. */
@ExtendWith(ApplicationExtension.class)
class HeapHandsTest {
    /** Pixels the rack has for a drawing. */
    private static final double ROOM = 393;

    private DrivenWindow window;

    @Start
    void start(Stage stage) throws IOException {
        // No birds, no search: what is tested here is the heap alone.
        Project demo = DemoProjects.ternLane(Merchants::priceBook, new Climates());
        window = new DrivenWindow(stage, demo.withFlock(Flock.EMPTY), "heap");
    }

    @Stop
    void stop() {
        window.workspace.close();
    }

    private Project project() {
        return window.project();
    }

    private Heap heap() {
        return project().heap();
    }

    /** Presses, drags and releases at shares of the board's width, as a mouse would. */
    private static void drag(FxRobot robot, double from, double to) {
        javafx.scene.Node board = robot.lookup("#flaw-board").query();
        robot.interact(
                () -> {
                    Bounds bounds = board.getBoundsInLocal();
                    double y = bounds.getHeight() / 2;
                    fire(board, MouseEvent.MOUSE_PRESSED, bounds.getWidth() * from, y);
                    fire(board, MouseEvent.MOUSE_DRAGGED, bounds.getWidth() * to, y);
                    fire(board, MouseEvent.MOUSE_RELEASED, bounds.getWidth() * to, y);
                });
        DrivenWindow.settle();
    }

    private static void fire(
            javafx.scene.Node node, EventType<MouseEvent> type, double x, double y) {
        // Without a picked node a mouse event carries places in the scene.
        Point2D at = node.localToScene(x, y);
        node.fireEvent(
                new MouseEvent(
                        type,
                        at.getX(),
                        at.getY(),
                        at.getX(),
                        at.getY(),
                        MouseButton.PRIMARY,
                        1,
                        false,
                        false,
                        false,
                        false,
                        true,
                        false,
                        false,
                        true,
                        false,
                        true,
                        null));
    }

    @Test
    void aFlawIsDrawnOnTheStickTakenOffAndUndone(FxRobot robot) {
        Stick before = (Stick) heap().find("S2").orElseThrow().material();
        DrivenWindow.choose(robot, "S2");
        robot.interact(() -> robot.lookup("#flaw-SPLIT").queryAs(ToggleButton.class).fire());
        drag(robot, 0.25, 0.5);
        Stick after = (Stick) heap().find("S2").orElseThrow().material();
        Flaw drawn = after.flaws().getFirst();
        assertThat(drawn.kind()).isEqualTo(Flaw.Kind.SPLIT);
        assertThat(drawn.to().minus(drawn.from()).ratio(before.length())).isBetween(0.2, 0.3);
        assertThat(after.longestClear()).isLessThan(before.longestClear());
        robot.interact(() -> robot.lookup("#off-0").queryButton().fire());
        DrivenWindow.settle();
        assertThat(heap().find("S2").orElseThrow().material()).isEqualTo(before);
        DrivenWindow.undo(robot);
        assertThat(((Stick) heap().find("S2").orElseThrow().material()).flaws()).hasSize(1);
    }

    @Test
    void nailsArePulledForTheMinutesItTakes(FxRobot robot) {
        DrivenWindow.choose(robot, "S17");
        assertThat(robot.lookup("#pull-0").queryButton().getText()).contains("min");
        robot.interact(() -> robot.lookup("#pull-0").queryButton().fire());
        DrivenWindow.settle();
        assertThat(((Stick) heap().find("S17").orElseThrow().material()).flaws()).isEmpty();
    }

    @Test
    void theNeighbourOfALotThatIsGoneIsChosenWhereItWas(FxRobot robot) {
        DrivenWindow.choose(robot, "S2");
        int line = chosenLine(robot);
        robot.interact(() -> robot.lookup("#remove-lot").queryButton().fire());
        DrivenWindow.settle();
        assertThat(heap().find("S2")).isEmpty();
        assertThat(chosenLine(robot)).isBetween(line - 2, line);
        assertThat(chosen(robot)).contains("OfLot");
        DrivenWindow.undo(robot);
        assertThat(chosen(robot)).as("what came back").contains("id=S2,");
    }

    private static int chosenLine(FxRobot robot) {
        return robot.lookup("#rack").queryListView().getSelectionModel().getSelectedIndex();
    }

    private static String chosen(FxRobot robot) {
        return String.valueOf(
                robot.lookup("#rack").queryListView().getSelectionModel().getSelectedItem());
    }

    /** Fields are kept, and stand in other rows for other things. */
    @Test
    void aStickHasAllItsFieldsAgainAfterEveryOtherKindOfThing(FxRobot robot) {
        DrivenWindow.choose(robot, "S2");
        List<String> fields = fields(robot);
        assertThat(fields).contains("lot-quantity", "lot-thickness", "lot-width", "lot-length");
        heap().lots().forEach(lot -> DrivenWindow.choose(robot, lot.id()));
        DrivenWindow.choose(robot, "S2");
        assertThat(fields(robot)).isEqualTo(fields);
    }

    /** What is longer than the room for its drawing is drawn smaller. */
    @Test
    void aLongBoardsDrawingStaysBesideItsWords(FxRobot robot) {
        robot.interact(() -> window.workspace.say("2x6 at 192"));
        DrivenWindow.settle();
        DrivenWindow.choose(robot, heap().lots().getLast().id());
        DrivenWindow.settle();
        robot.lookup(".rack-cell .picture").queryAll().stream()
                .filter(javafx.scene.Node::isVisible)
                .map(javafx.scene.Parent.class::cast)
                .flatMap(picture -> picture.getChildrenUnmodifiable().stream())
                .forEach(
                        drawn ->
                                assertThat(drawn.getBoundsInParent().getMaxX())
                                        .isLessThanOrEqualTo(ROOM));
    }

    private static List<String> fields(FxRobot robot) {
        DrivenWindow.settle();
        return robot.lookup("#slip").query().lookupAll(".slip-field").stream()
                .map(javafx.scene.Node::getId)
                .sorted()
                .toList();
    }

    @Test
    void whatWasTypedInAnotherUnitStandsInTheKeepersOwnOnceTaken(FxRobot robot) {
        DrivenWindow.choose(robot, "S2");
        TextField length = robot.lookup("#lot-length").queryAs(TextField.class);
        robot.interact(
                () -> {
                    length.requestFocus();
                    length.setText("1016 mm");
                    length.fireEvent(new javafx.event.ActionEvent());
                });
        assertThat(length.getText()).isEqualTo("40");
        robot.interact(() -> robot.lookup("#remove-lot").queryButton().fire());
        DrivenWindow.settle();
        assertThat(heap().find("S2")).isEmpty();
    }

    @Test
    void whatIsStillBeingTypedGoesToTheLotItIsAbout(FxRobot robot) throws TimeoutException {
        DrivenWindow.choose(robot, "S2");
        robot.interact(
                () -> {
                    TextField note = robot.lookup("#lot-note").queryAs(TextField.class);
                    note.requestFocus();
                    note.setText("from the barn");
                    DrivenWindow.select(robot, "S17");
                });
        DrivenWindow.until(() -> note("S2").equals("from the barn"));
        assertThat(note("S17")).isNotEqualTo("from the barn");
        assertThat(robot.lookup("#lot-note").queryAs(TextField.class).getText())
                .isEqualTo(note("S17"));
    }

    private String note(String lot) {
        return heap().find(lot).orElseThrow().provenance().note();
    }

    @Test
    void severalLotsAreChangedAtOnceAndInOneUndo(FxRobot robot) {
        DrivenWindow.choose(robot, "S1", "S2", "S3");
        robot.interact(() -> robot.lookup("#lot-where").queryAs(TextField.class).requestFocus());
        DrivenWindow.enter(robot, "#lot-where", "under the stairs");
        assertThat(List.of("S1", "S2", "S3"))
                .allMatch(
                        id ->
                                heap().find(id)
                                        .orElseThrow()
                                        .provenance()
                                        .place()
                                        .equals("under the stairs"));
        robot.interact(() -> robot.lookup("#many-refuse").queryButton().fire());
        DrivenWindow.settle();
        assertThat(heap().find("S3").orElseThrow().condition().verdict())
                .isEqualTo(Condition.Verdict.REFUSE);
        robot.interact(window.workspace::undo);
        robot.interact(window.workspace::undo);
        assertThat(heap().find("S1").orElseThrow().provenance().place())
                .isEqualTo("behind the lean-to");
        DrivenWindow.choose(robot, "S1", "S2", "S3");
        int lots = heap().lots().size();
        DrivenWindow.press(robot, KeyCode.DELETE);
        assertThat(heap().lots()).hasSize(lots - 3);
    }

    @Test
    void aCopiedPictureIsPastedOnALotAndStaysInTheFile(FxRobot robot) throws Exception {
        BufferedImage picture = new BufferedImage(1000, 600, BufferedImage.TYPE_INT_RGB);
        DrivenWindow.choose(robot, "S4");
        robot.interact(
                () -> {
                    ClipboardContent content = new ClipboardContent();
                    content.putImage(SwingFXUtils.toFXImage(picture, null));
                    Clipboard.getSystemClipboard().setContent(content);
                });
        DrivenWindow.control(robot, KeyCode.V);
        Lot lot = heap().find("S4").orElseThrow();
        assertThat(lot.provenance().photos()).hasSize(1);
        BufferedImage kept =
                javax.imageio.ImageIO.read(
                        new java.io.ByteArrayInputStream(
                                lot.provenance().photos().getFirst().jpeg()));
        assertThat(kept.getWidth()).isEqualTo(800);
        robot.interact(window.workspace::saveNow);
        assertThat(ProjectFile.load(window.file)).isEqualTo(project());
        String name = lot.provenance().photos().getFirst().name();
        robot.interact(() -> robot.lookup("#photo-off-" + name).queryButton().fire());
        DrivenWindow.settle();
        assertThat(heap().find("S4").orElseThrow().provenance().photos()).isEmpty();
    }

    @Test
    void somebodysTableIsLookedAtBeforeItIsAdded(FxRobot robot) throws IOException {
        Path table = Files.createTempFile("list", ".csv");
        Files.writeString(
                table,
                "Item;Qty;Stuff\n2x4 at 96;3;by the pump\nply 1/2 x 48 x 96;2;\nwhatever;1;\n");
        int before = heap().lots().size();
        robot.interact(() -> window.take(table));
        DrivenWindow.settle();
        assertThat(robot.lookup("#import-lines").queryListView().getItems()).hasSize(3);
        assertThat(robot.lookup("#import-add").queryButton().getText()).contains("2");
        robot.interact(
                () -> {
                    @SuppressWarnings("unchecked")
                    ComboBox<Object> column = robot.lookup("#column-2").queryAs(ComboBox.class);
                    column.getItems().stream()
                            .filter(i -> i.toString().equals("PLACE"))
                            .forEach(column::setValue);
                });
        robot.interact(() -> robot.lookup("#import-add").queryButton().fire());
        DrivenWindow.settle();
        assertThat(heap().lots()).hasSize(before + 2);
        assertThat(heap().lots().get(before).provenance().place()).isEqualTo("by the pump");
        assertThat(robot.lookup("#rack").queryAll()).hasSize(1);
        robot.interact(window.workspace::undo);
        assertThat(heap().lots()).hasSize(before);
    }

    @Test
    void thePlanOfAPalletIsPinnedInTheSlip(FxRobot robot) {
        DrivenWindow.choose(robot, "T1");
        robot.interact(() -> robot.lookup("#breaking-WHOLE").queryAs(ToggleButton.class).fire());
        DrivenWindow.settle();
        assertThat(((Pallet) heap().find("T1").orElseThrow().material()).breaking())
                .isEqualTo(Pallet.Breaking.WHOLE);
    }

    @Test
    void theLedgerAndTheOrderOfTheRack(FxRobot robot) {
        robot.interact(() -> robot.lookup("#books").queryAs(ToggleButton.class).fire());
        DrivenWindow.settle();
        assertThat(robot.lookup("#ledger .label").queryAllAs(Labeled.class))
                .extracting(Labeled::getText)
                .contains("boat shed wall", "all together");
        robot.interact(() -> robot.lookup("#books").queryAs(ToggleButton.class).fire());
        robot.interact(
                () -> {
                    @SuppressWarnings("unchecked")
                    ComboBox<Object> order = robot.lookup("#order").queryAs(ComboBox.class);
                    order.getItems().stream()
                            .filter(i -> i.toString().equals("PLACE"))
                            .forEach(order::setValue);
                });
        DrivenWindow.settle();
        assertThat(robot.lookup("#rack").queryListView().getItems().getFirst().toString())
                .contains("behind the lean-to");
    }

    @Test
    void tabFinishesAWordOfTheSayLine(FxRobot robot) {
        robot.interact(() -> robot.lookup("#say").queryAs(TextField.class).requestFocus());
        DrivenWindow.settle();
        robot.interact(
                () ->
                        robot.lookup("#say")
                                .queryAs(TextField.class)
                                .setText("2x4 at 96 from boat s"));
        DrivenWindow.settle();
        DrivenWindow.press(robot, KeyCode.DOWN);
        DrivenWindow.press(robot, KeyCode.TAB);
        assertThat(robot.lookup("#say").queryAs(TextField.class).getText())
                .startsWith("2x4 at 96 from boat shed ");
        assertThat(robot.lookup("#say").queryAs(TextField.class).isFocused()).isTrue();
    }

    /** What a newcomer calls out, of every kind; typed key by key it is under three minutes. */
    static final List<String> TWENTY =
            List.of(
                    "6 of 2x4 at 96",
                    "4 of 2x4 at 72 bow 1/2",
                    "3 of 2x6 at 10ft rot at one end",
                    "8 of 1x6 at 6ft treated",
                    "12 pickets 5/8 x 3 1/2 x 48",
                    "2 posts 4x4 at 8ft treated",
                    "ply 1/2 x 48 x 96",
                    "ply 3/4 x 24 x 48 wet corner 6x8",
                    "osb 7/16 x 48 x 60",
                    "4 tin 26in x 8ft",
                    "tin 26in x 6ft rust 2ft from end",
                    "mesh 1/2 x 36in x 14ft",
                    "chicken wire 1 x 48in x 25ft",
                    "3 pallets 48x40 HT",
                    "2 windows 24 x 36",
                    "door 28 x 60",
                    "4 crates 12 x 18 x 11",
                    "6 blocks 8x8x16",
                    "3 poles 3 in x 8ft",
                    "200 screws 2 1/2 in");

    @Test
    void twentyMixedLotsAreRecordedByKeyboardAlone(FxRobot robot) {
        int before = heap().lots().size();
        DrivenWindow.press(robot, KeyCode.CONTROL, KeyCode.K);
        for (String line : TWENTY) {
            DrivenWindow.write(robot, line);
            DrivenWindow.press(robot, KeyCode.ENTER);
            assertThat(robot.lookup("#say").queryAs(TextField.class).getText()).as(line).isEmpty();
        }
        List<Lot> added = heap().lots().subList(before, heap().lots().size());
        assertThat(added).hasSize(20);
        assertThat(added.stream().map(l -> l.material().getClass()).distinct()).hasSize(9);
        // Three minutes at a hundred and fifty keys a minute, which is thirty words: no typist.
        int keys = TWENTY.stream().mapToInt(String::length).sum() + TWENTY.size();
        assertThat(keys).isLessThanOrEqualTo(450);
    }
}
