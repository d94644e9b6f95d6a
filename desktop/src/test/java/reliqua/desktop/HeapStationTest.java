package reliqua.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.List;
import java.util.concurrent.TimeoutException;
import javafx.scene.Node;
import javafx.scene.control.Labeled;
import javafx.scene.control.ListView;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import javafx.stage.Window;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import reliqua.core.flock.Flock;
import reliqua.core.measure.Length;
import reliqua.core.project.Project;
import reliqua.core.stock.Condition;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Pallet;
import reliqua.core.stock.Stick;
import reliqua.files.DemoProjects;
import reliqua.files.ProjectFile;
import reliqua.standins.Climates;
import reliqua.standins.Merchants;

/** The heap in the real window: said, pasted, judged, broken down, set apart, measured. */
@ExtendWith(ApplicationExtension.class)
class HeapStationTest {
    private static final Project KERRIN_RIGG =
            DemoProjects.kerrinRigg(Merchants::priceBook, new Climates());

    private DrivenWindow window;

    @Start
    void start(Stage stage) throws IOException {
        window = new DrivenWindow(stage, birdless(KERRIN_RIGG), "heap");
    }

    /** No house is sought for nobody, which leaves the machine to the hands. */
    private static Project birdless(Project demo) {
        return demo.withFlock(Flock.EMPTY);
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

    /** A button of the slip, wherever it is scrolled to. */
    private static void press(FxRobot robot, String button) {
        robot.interact(() -> robot.lookup(button).queryButton().fire());
    }

    private void keepSaying(FxRobot robot, List<String> lines) {
        for (String line : lines) {
            robot.interact(() -> robot.lookup("#say").queryAs(TextField.class).requestFocus());
            DrivenWindow.enter(robot, "#say", line);
        }
    }

    @Test
    void everyLotOfBothDemosCanBeLookedAt(FxRobot robot) throws TimeoutException {
        for (Project demo :
                List.of(
                        project(),
                        birdless(DemoProjects.ternLane(Merchants::priceBook, new Climates())))) {
            robot.interact(
                    () ->
                            window.workspace.open(
                                    demo, window.file.resolveSibling(demo.name() + ".reliqua")));
            DrivenWindow.until(() -> project().equals(demo));
            ListView<Object> rack = robot.lookup("#rack").queryListView();
            robot.interact(() -> demo.heap().lots().forEach(lot -> looksAt(rack, lot)));
        }
    }

    /** Chosen alone, it has its slip; all at one go, without waiting for a frame each. */
    private void looksAt(ListView<Object> rack, Lot lot) {
        for (int i = 0; i < rack.getItems().size(); i++) {
            if (rack.getItems().get(i).toString().contains("id=" + lot.id() + ",")) {
                rack.getSelectionModel().clearAndSelect(i);
            }
        }
        assertThat(window.stage.getScene().lookup("#remove-lot")).as(lot.id()).isNotNull();
        assertThat(window.stage.getScene().lookup("#slip").lookupAll(".title"))
                .as(lot.id())
                .isNotEmpty();
    }

    @Test
    void everyKindIsSaidAndUndone(FxRobot robot) {
        int before = heap().lots().size();
        keepSaying(
                robot,
                List.of(
                        "3 pallets 1200x1000 HT",
                        "2 windows 600 x 900 from the chapel",
                        "round pole 80 to 60 x 2.5m",
                        "8 blocks 440x215x100",
                        "100 screws 60mm",
                        "4 scafold boards 2.4m split 200 at one end"));
        assertThat(heap().lots()).hasSize(before + 6);
        for (int n = 0; n < 6; n++) {
            DrivenWindow.undo(robot);
        }
        assertThat(heap().lots()).hasSize(before);
    }

    @Test
    void manyLinesArePastedAtOnceAndTheUnclearOneStays(FxRobot robot) throws TimeoutException {
        int before = heap().lots().size();
        robot.interact(
                () -> {
                    ClipboardContent content = new ClipboardContent();
                    content.putString(
                            "6 of 47x100 at 2400\n\nsomething odd\n2 pallets 1200x800 HT\n");
                    Clipboard.getSystemClipboard().setContent(content);
                    TextField say = robot.lookup("#say").queryAs(TextField.class);
                    say.requestFocus();
                    say.paste();
                });
        DrivenWindow.until(() -> heap().lots().size() == before + 2);
        assertThat(robot.lookup("#say").queryAs(TextField.class).getText())
                .isEqualTo("something odd");
        assertThat(window.workspace.notice().get()).contains("something odd");
        robot.interact(window.workspace::undo);
        assertThat(heap().lots()).hasSize(before);
    }

    @Test
    void aHazardIsJudgedWhereItArisesAndStaysInTheFile(FxRobot robot) throws Exception {
        keepSaying(robot, List.of("2 pallets 1200x1000"));
        String id = heap().lots().getLast().id();
        DrivenWindow.choose(robot, id);
        press(robot, "#refuse");
        DrivenWindow.settle();
        assertThat(heap().find(id).orElseThrow().condition().verdict())
                .isEqualTo(Condition.Verdict.REFUSE);
        assertThat(heap().usable()).noneMatch(l -> l.id().equals(id));
        robot.interact(window.workspace::saveNow);
        assertThat(ProjectFile.load(window.file).heap()).isEqualTo(heap());
        DrivenWindow.choose(robot, id);
        press(robot, "#take-back");
        DrivenWindow.settle();
        DrivenWindow.choose(robot, id);
        press(robot, "#judge-good");
        DrivenWindow.settle();
        assertThat(heap().usable()).anyMatch(l -> l.id().equals(id));
    }

    @Test
    void aPalletIsBrokenDown(FxRobot robot) {
        Lot pallets =
                heap().lots().stream()
                        .filter(l -> l.material() instanceof Pallet)
                        .findFirst()
                        .orElseThrow();
        int sticks = heap().count(Stick.class);
        DrivenWindow.choose(robot, pallets.id());
        press(robot, "#broken-SAWN");
        DrivenWindow.settle();
        assertThat(heap().find(pallets.id())).isEmpty();
        assertThat(heap().count(Stick.class)).isGreaterThan(sticks + 20);
    }

    @Test
    void lotsAreDoubledAndSetApartByKeys(FxRobot robot) {
        Lot lot = heap().lots().stream().filter(l -> l.quantity() > 2).findFirst().orElseThrow();
        DrivenWindow.choose(robot, lot.id());
        DrivenWindow.control(robot, KeyCode.T);
        assertThat(heap().find(lot.id()).orElseThrow().quantity()).isEqualTo(lot.quantity() - 1);
        assertThat(heap().lots().getLast().quantity()).isEqualTo(1);
        int lots = heap().lots().size();
        DrivenWindow.choose(robot, lot.id());
        DrivenWindow.control(robot, KeyCode.D);
        assertThat(heap().lots()).hasSize(lots + 1);
        assertThat(heap().lots().getLast().material()).isEqualTo(lot.material());
    }

    @Test
    void theSimulatedTapeFillsTheFieldWithTheCursor(FxRobot robot) {
        Lot stick =
                heap().lots().stream()
                        .filter(l -> l.material() instanceof Stick)
                        .findFirst()
                        .orElseThrow();
        DrivenWindow.choose(robot, stick.id());
        robot.interact(() -> robot.lookup("#lot-length").queryAs(TextField.class).requestFocus());
        MenuButton menu =
                (MenuButton)
                        robot.lookup(n -> n instanceof MenuButton b && b.getText().equals("Menu"))
                                .query();
        MenuItem tape =
                menu.getItems().stream()
                        .filter(i -> "menu.tape".equals(i.getId()))
                        .findFirst()
                        .orElseThrow();
        robot.interact(tape::fire);
        DrivenWindow.settle();
        Window small =
                Window.getWindows().stream()
                        .filter(w -> w != window.stage && w instanceof Stage)
                        .findFirst()
                        .orElseThrow();
        Node held = small.getScene().lookup("#tape-held");
        robot.interact(
                () -> {
                    ((TextField) held).setText("1900");
                    ((javafx.scene.control.Button) small.getScene().lookup("#tape-send")).fire();
                });
        DrivenWindow.settle();
        Length length = ((Stick) heap().find(stick.id()).orElseThrow().material()).length();
        assertThat(Math.abs(length.toMm() - 1900)).isLessThan(3);
        robot.interact(small::hide);
    }

    @Test
    void whatWaitsInTheYardIsListedInFit(FxRobot robot) {
        robot.interact(() -> window.fire("go-fit"));
        DrivenWindow.settle();
        assertThat(robot.lookup(".label").queryAllAs(Labeled.class))
                .extracting(Labeled::getText)
                .anyMatch(t -> t.contains("window"));
    }
}
