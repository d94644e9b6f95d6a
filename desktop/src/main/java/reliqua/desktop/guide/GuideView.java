package reliqua.desktop.guide;

import java.util.HashMap;
import java.util.Map;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import reliqua.desktop.Texts;
import reliqua.desktop.shell.Parts;

/** The guide over the whole window: pages on the left, the page read on the right. */
public final class GuideView extends BorderPane {
    private static final double LINE = 720;

    private final ScrollPane scroll = new ScrollPane();
    private final Map<String, ToggleButton> choices = new HashMap<>();

    /** Opens at a page; {@code close} brings back what was there. */
    public GuideView(String page, Runnable close) {
        getStyleClass().add("guide");
        setId("guide");
        VBox list = new VBox(6);
        list.getStyleClass().add("guide-list");
        list.getChildren()
                .addAll(
                        Parts.text(Texts.get("guide.title"), "title"),
                        Parts.button("guide-close", Texts.get("guide.close"), close, "pill"),
                        Parts.rule());
        ToggleGroup group = new ToggleGroup();
        for (String id : GuidePages.ids()) {
            ToggleButton choice =
                    Parts.choice(
                            "guide-" + id,
                            GuidePages.title(id),
                            group,
                            id.equals(page),
                            () -> show(id),
                            "buy-line");
            choice.setMaxWidth(Double.MAX_VALUE);
            choices.put(id, choice);
            list.getChildren().add(choice);
        }
        setLeft(list);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("bare");
        setCenter(scroll);
        addEventHandler(
                KeyEvent.KEY_PRESSED,
                e -> {
                    if (e.getCode() == KeyCode.ESCAPE || e.getCode() == KeyCode.F1) {
                        close.run();
                        e.consume();
                    }
                });
        show(page);
    }

    /** Takes the keys, so that Esc leads back. */
    public void begin() {
        choices.values().stream()
                .filter(ToggleButton::isSelected)
                .findFirst()
                .ifPresent(ToggleButton::requestFocus);
    }

    private void show(String id) {
        VBox page = PageView.of(GuidePages.page(id));
        page.getStyleClass().add("guide-page");
        page.setMaxWidth(LINE);
        scroll.setContent(new StackPane(page));
        scroll.setVvalue(0);
    }
}
