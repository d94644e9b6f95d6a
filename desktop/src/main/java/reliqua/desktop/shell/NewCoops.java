package reliqua.desktop.shell;

import java.util.List;
import javafx.scene.control.MenuItem;
import reliqua.core.flock.Flock;
import reliqua.core.flock.Keeper;
import reliqua.core.project.Project;
import reliqua.core.stock.Heap;
import reliqua.desktop.Texts;
import reliqua.desktop.work.Workspace;
import reliqua.files.DemoProjects;
import reliqua.standins.Climates;
import reliqua.standins.Merchants;

/** Items of the menu that begin a coop: from nothing, from one that stands, from an example. */
final class NewCoops {
    private final Workspace workspace;
    private final Shell shell;
    private final MenuItem extend = Commands.item("menu.extend", this::extend);

    NewCoops(Workspace workspace, Shell shell) {
        this.workspace = workspace;
        this.shell = shell;
    }

    /** From nothing, or from the coop that is open. */
    List<MenuItem> begun() {
        return List.of(
                Commands.item("menu.new", this::startNew),
                Commands.item("menu.next", this::startNext),
                extend);
    }

    /** Made up, to look at. */
    List<MenuItem> shown() {
        return List.of(
                Commands.item(
                        "menu.tern",
                        () -> open(DemoProjects.ternLane(Merchants::priceBook, new Climates()))),
                Commands.item(
                        "menu.kerrin",
                        () -> open(DemoProjects.kerrinRigg(Merchants::priceBook, new Climates()))),
                Commands.item(
                        "menu.examples",
                        () -> ExampleCards.show(shell.getScene().getWindow(), this::open)));
    }

    /** Nothing can be built on to a coop of which nothing stands. */
    void opening() {
        extend.setDisable(workspace.project().done().isEmpty());
    }

    private void startNew() {
        Keeper keeper = workspace.project().keeper();
        open(
                Project.start(
                                Texts.get("new.name"),
                                keeper,
                                Flock.EMPTY,
                                Heap.EMPTY,
                                Merchants.priceBook(keeper.tape().system()))
                        .seekingAny());
        shell.go("birds");
    }

    /** What is learned goes on into the next coop. */
    private void startNext() {
        Project now = workspace.project();
        open(now.next(Texts.get("next.name", now.name())));
        shell.go("fit");
    }

    private void extend() {
        Project now = workspace.project();
        open(now.extending(Texts.get("extend.name", now.name())));
        shell.go("fit");
    }

    private void open(Project project) {
        workspace.open(project, workspace.folder().freshPlace(project.name()));
    }
}
