package reliqua.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.TreeMap;
import java.util.concurrent.TimeoutException;
import javafx.scene.control.TextField;
import javafx.scene.input.Clipboard;
import javafx.stage.Stage;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import reliqua.core.buy.Bill;
import reliqua.core.drawing.Picture;
import reliqua.core.measure.Money;
import reliqua.core.project.Project;
import reliqua.core.stock.Hardware;
import reliqua.core.stock.PriceBook;
import reliqua.desktop.paint.PictureView;
import reliqua.files.PriceCsv;

/** The list in the real window: another price, brought home, taken back, copied. */
@ExtendWith(ApplicationExtension.class)
class FetchStationTest {
    private DrivenWindow window;

    /** Before the window, which must come up in a set time. */
    @BeforeAll
    static void seek() {
        SettledHouse.ternLane();
    }

    @Start
    void start(Stage stage) throws IOException {
        window = new DrivenWindow(stage, SettledHouse.ternLane(), "fetch");
    }

    @Stop
    void stop() {
        window.workspace.close();
    }

    private Bill bill() {
        return DrivenWindow.design(window.workspace).bill();
    }

    /** The first line of hardware. */
    private Bill.Line small() {
        return bill().lines().stream()
                .filter(l -> l.hardware().isPresent())
                .findFirst()
                .orElseThrow();
    }

    /** Such a table is no heap: nothing may be added to the rack. */
    @Test
    void aPriceBookThatIsDroppedTakesThePlaceOfTheOldOne(FxRobot robot)
            throws TimeoutException, IOException {
        DrivenWindow.planned(window.workspace);
        Project before = window.project();
        PriceBook.Pack screws = before.prices().hardware().get(Hardware.Kind.SCREWS);
        TreeMap<Hardware.Kind, PriceBook.Pack> dearer = new TreeMap<>(before.prices().hardware());
        dearer.put(Hardware.Kind.SCREWS, new PriceBook.Pack(screws.count(), Money.of(77.5)));
        PriceBook changed =
                new PriceBook(before.prices().merchant(), before.prices().offers(), dearer);
        Path table = Files.createTempFile("prices", ".csv");
        Files.writeString(table, PriceCsv.write(changed));
        robot.interact(() -> window.take(table));
        DrivenWindow.until(() -> window.project().prices().hardware().equals(dearer));
        assertThat(window.project().heap()).isEqualTo(before.heap());
        DrivenWindow.planned(window.workspace);
        assertThat(bill().total()).isGreaterThan(Money.of(77.5));
        DrivenWindow.undo(robot);
        assertThat(window.project().prices()).isEqualTo(before.prices());
    }

    @Test
    void aPriceIsChangedAndTheBillFollows(FxRobot robot) throws TimeoutException {
        DrivenWindow.planned(window.workspace);
        Money before = bill().total();
        robot.interact(() -> window.fire("buy-" + small().id()));
        DrivenWindow.type(robot, "#line-price", "0.60");
        DrivenWindow.planned(window.workspace);
        assertThat(
                        window.project()
                                .prices()
                                .hardware()
                                .get(small().hardware().orElseThrow())
                                .price())
                .isEqualTo(Money.of(0.6));
        assertThat(bill().total()).isLessThan(before);

        DrivenWindow.type(robot, "#line-price", "cheap");
        assertThat(window.workspace.notice().get()).contains("4.50");
    }

    @Test
    void aLineOpensToWhereItGoesAndLightsItUp(FxRobot robot) throws TimeoutException {
        DrivenWindow.planned(window.workspace);
        robot.interact(() -> window.fire("buy-SCREWS"));
        PictureView picture = robot.lookup("#where-picture").queryAs(PictureView.class);
        Picture first = picture.picture().get();
        robot.interact(() -> window.fire("fixing-1"));
        assertThat(picture.picture().get()).isNotEqualTo(first);
        robot.interact(() -> robot.lookup("#copy-list").queryButton().fire());
        robot.interact(
                () ->
                        assertThat(Clipboard.getSystemClipboard().getString())
                                .contains("[ ]")
                                .contains("sticks on sticks"));
    }

    @Test
    void whatIsBroughtHomeFallsOffTheListUntilItIsUndone(FxRobot robot) throws TimeoutException {
        DrivenWindow.planned(window.workspace);
        Money before = bill().total();
        String kind = small().id();
        int lots = window.project().heap().lots().size();
        robot.interact(() -> window.fire("buy-" + small().id()));
        robot.interact(() -> robot.lookup("#line-paid").queryAs(TextField.class).setText("4.00"));
        robot.interact(() -> robot.lookup("#line-fetched").queryButton().fire());
        DrivenWindow.planned(window.workspace);

        assertThat(window.project().heap().lots()).hasSize(lots + 1);
        assertThat(bill().total()).isLessThan(before);
        assertThat(robot.lookup("#buy-" + kind).tryQuery()).isEmpty();

        DrivenWindow.undo(robot);
        DrivenWindow.planned(window.workspace);
        assertThat(bill().total()).isEqualTo(before);
    }
}
