package reliqua.desktop;

import java.nio.file.Path;
import java.util.List;
import java.util.Objects;
import javafx.application.Application;
import javafx.scene.Scene;
import javafx.scene.text.Font;
import javafx.stage.Stage;
import org.jspecify.annotations.Nullable;
import reliqua.core.project.Project;
import reliqua.desktop.shell.Shell;
import reliqua.desktop.work.DataFolder;
import reliqua.desktop.work.Workspace;
import reliqua.files.DemoProjects;
import reliqua.standins.Climates;
import reliqua.standins.Merchants;

/**
 * The application: without an argument it opens the latest project, with {@code demo} the demo,
 * else a file.
 */
public final class ReliquaApp extends Application {
    private static final double WIDTH = 1280;
    private static final double HEIGHT = 800;

    private @Nullable Workspace workspace;

    @Override
    public void start(Stage stage) {
        Workspace opened = open(getParameters().getRaw());
        workspace = opened;
        show(stage, opened);
    }

    /** Puts a workspace into a window. */
    public static void show(Stage stage, Workspace workspace) {
        fonts();
        Scene scene = new Scene(new Shell(workspace), WIDTH, HEIGHT);
        scene.getStylesheets()
                .add(
                        Objects.requireNonNull(ReliquaApp.class.getResource("reliqua.css"))
                                .toExternalForm());
        DataFolder folder = workspace.folder();
        scene.getRoot()
                .getStyleClass()
                .addAll(folder.setting("look", "whitewash"), folder.setting("size", "text-normal"));
        stage.setTitle(Texts.get("window.title"));
        stage.setMinWidth(1000);
        stage.setMinHeight(680);
        stage.setScene(scene);
        stage.show();
    }

    private static void fonts() {
        for (String weight : List.of("400", "500", "700")) {
            Font.loadFont(
                    Objects.requireNonNull(
                                    ReliquaApp.class.getResource(
                                            "fonts/hyperlegible-" + weight + ".ttf"))
                            .toExternalForm(),
                    15);
        }
    }

    private static Workspace open(List<String> arguments) {
        DataFolder folder = DataFolder.standard();
        Project demo = DemoProjects.ternLane(Merchants::priceBook, new Climates());
        Workspace workspace = new Workspace(demo, folder.freshPlace(demo.name()), folder);
        List<Path> recent = folder.recent();
        if (!arguments.isEmpty() && !arguments.getFirst().equals("demo")) {
            workspace.open(Path.of(arguments.getFirst()));
        } else if (arguments.isEmpty() && !recent.isEmpty()) {
            workspace.open(recent.getFirst());
        }
        return workspace;
    }

    @Override
    public void stop() {
        if (workspace != null) {
            workspace.close();
        }
    }
}
