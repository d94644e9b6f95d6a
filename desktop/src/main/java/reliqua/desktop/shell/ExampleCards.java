package reliqua.desktop.shell;

import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;
import javafx.stage.Window;
import reliqua.core.drawing.Oblique;
import reliqua.core.drawing.Picture;
import reliqua.core.measure.Words;
import reliqua.core.project.Project;
import reliqua.desktop.Texts;
import reliqua.desktop.paint.PictureView;
import reliqua.files.Examples;
import reliqua.standins.Merchants;

/** Every way of building as a drawn card with one line; a press opens its keeper's project. */
final class ExampleCards {
    private static final double CARD_WIDTH = 262;
    private static final double CARD_HEIGHT = 252;
    private static final double PICTURE_HEIGHT = 138;
    private static final double WIDE = 870;
    private static final double HIGH = 700;
    private static final double GAP = 12;

    private final Stage stage = new Stage();
    private final FlowPane cards = new FlowPane(GAP, GAP);
    private final Consumer<Project> open;
    private volatile boolean closed;

    private ExampleCards(Consumer<Project> open) {
        this.open = open;
    }

    /** Shows them over a window; {@code open} hears of the one that is pressed. */
    static void show(Window over, Consumer<Project> open) {
        new ExampleCards(open).show(over);
    }

    private void show(Window over) {
        cards.setId("examples");
        Label head = Parts.text(Texts.get("examples.title"), "headline");
        Label note = Parts.text(Texts.get("examples.note"), "soft");
        ScrollPane scroll = new ScrollPane(cards);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("bench-scroll");
        VBox.setVgrow(scroll, Priority.ALWAYS);
        VBox all = new VBox(GAP, head, note, scroll);
        all.setPrefSize(WIDE, HIGH);
        stage.setOnHidden(_ -> closed = true);
        Overlay.show(stage, over, all, Texts.get("examples.title"));
        Thread.ofVirtual().name("examples").start(this::read);
    }

    /** Beside the window, one after the other. */
    private void read() {
        for (Examples.Example each : Examples.all()) {
            if (closed) {
                return;
            }
            Project project = each.project(Merchants::priceBook);
            Picture picture = Oblique.of(each.coop(project));
            Platform.runLater(() -> cards.getChildren().add(card(each, project, picture)));
        }
    }

    private Node card(Examples.Example example, Project project, Picture picture) {
        PictureView view = new PictureView();
        view.picture().set(picture);
        view.setMouseTransparent(true);
        view.setMinHeight(PICTURE_HEIGHT);
        view.setPrefHeight(PICTURE_HEIGHT);
        view.setMaxHeight(PICTURE_HEIGHT);
        Label kind = Parts.text(Words.say("family." + project.family() + ".title"), "note-ink");
        Label line = Parts.text(example.line(), "soft");
        line.setWrapText(true);
        line.setMinHeight(Region.USE_PREF_SIZE);
        VBox face =
                new VBox(
                        4,
                        view,
                        Parts.row(6, Parts.text(example.name(), "strong"), Parts.spring(), kind),
                        line);
        face.setPrefWidth(CARD_WIDTH - 22);
        Button button = Parts.button("example-" + example.id(), "", () -> choose(project), "card");
        button.setGraphic(face);
        button.setPrefWidth(CARD_WIDTH);
        button.setMinHeight(CARD_HEIGHT);
        button.setMaxHeight(CARD_HEIGHT);
        button.setAccessibleText(example.name() + ": " + example.line());
        return button;
    }

    private void choose(Project project) {
        stage.close();
        open.accept(project);
    }
}
