package reliqua.desktop.shell;

import java.util.function.Supplier;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.Clipboard;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Line;
import javafx.scene.text.Text;
import reliqua.core.measure.UnitSystem;
import reliqua.core.project.Project;
import reliqua.core.project.SayEdit;
import reliqua.core.project.SayMany;
import reliqua.desktop.Texts;
import reliqua.desktop.work.Reasons;
import reliqua.desktop.work.Workspace;

/** The say line, on the blade of a tape: one line typed as it would be called, with a live echo. */
final class SayBar extends VBox {
    private static final double PIXELS_PER_INCH = 64;

    /** Of a line that was not understood, so much is given back to be put right. */
    private static final int SHOWN = 400;

    private static final int MOST_NAMED = 5;

    private final Workspace workspace;
    private final Supplier<Station> at;
    private final TextField field =
            new TextField() {
                @Override
                public void paste() {
                    String text = Clipboard.getSystemClipboard().getString();
                    if (text == null || !pasted(text)) {
                        super.paste();
                    }
                }
            };
    private final Label echo = Parts.text("", "say-echo");
    private final Label detail = Parts.text("", "say-detail");
    private final VBox words = new VBox(1);
    private final Blade blade = new Blade();

    /** A line is read as it is said at the station one is at. */
    SayBar(Workspace workspace, Supplier<Station> at) {
        this.workspace = workspace;
        this.at = at;
        getStyleClass().add("say");
        field.setId("say");
        field.setAccessibleText(Texts.get("say.name"));
        field.getStyleClass().add("say-field");
        compact(false);
        words.getChildren().addAll(echo, detail);
        words.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        HBox.setHgrow(field, Priority.ALWAYS);
        HBox line = new HBox(16, field, words);
        line.getStyleClass().add("say-line");
        getChildren().addAll(blade, line);
        field.textProperty().addListener((_, _, text) -> echo(text));
        field.setOnAction(_ -> enter());
        new SayHints(workspace, field);
        echo("");
    }

    /** Less room for the echo in a narrow window. */
    void compact(boolean now) {
        words.setMinWidth(now ? 260 : 360);
        words.setPrefWidth(now ? 300 : 400);
    }

    private void echo(String text) {
        echo.getStyleClass().remove("danger");
        if (text.isBlank()) {
            echo.setText(Texts.get("say.idle" + at.get().saidHere()));
            detail.setText(Texts.get("say.examples" + at.get().saidHere() + unit()));
            return;
        }
        switch (at.get().read(text, workspace.project())) {
            case SayEdit.Said.Change change -> {
                echo.setText(change.echo());
                String more = change.detail().isEmpty() ? "" : change.detail() + "  ·  ";
                detail.setText(more + Texts.get("say.enter"));
            }
            case SayEdit.Said.Unclear unclear -> {
                echo.setText(Texts.get("say.unclear"));
                echo.getStyleClass().add("danger");
                detail.setText(unclear.message());
            }
        }
    }

    /** Several lines from a note at once: what is clear is done, the first of the rest stays. */
    private boolean pasted(String text) {
        if (text.lines().filter(l -> !l.isBlank()).count() < 2) {
            return false;
        }
        Project project = workspace.project();
        workspace
                .background()
                .run(
                        () -> SayMany.read(text, project),
                        this::said,
                        e -> workspace.tell(Reasons.of(e)));
        return true;
    }

    private void said(SayMany many) {
        many.edit().ifPresent(workspace::edit);
        if (many.unclear().isEmpty()) {
            workspace.tell("");
            return;
        }
        SayMany.Unclear first = many.unclear().getFirst();
        field.setText(Parts.shortened(first.line(), SHOWN));
        field.end();
        workspace.tell(
                Texts.get(
                        "say.many.unclear",
                        many.understood(),
                        many.unclear().size(),
                        String.join(
                                "; ",
                                many.unclear().stream()
                                        .limit(MOST_NAMED)
                                        .map(u -> Parts.shortened(u.line(), 60))
                                        .toList())));
    }

    private void enter() {
        if (at.get().read(field.getText(), workspace.project())
                instanceof SayEdit.Said.Change change) {
            workspace.edit(change.edit());
            field.clear();
        }
    }

    /** Puts the cursor in the line; {@code begun} is what was typed to get there. */
    void begin(String begun) {
        field.requestFocus();
        if (!begun.isEmpty()) {
            field.appendText(begun);
        }
        field.end();
    }

    /** Examples are in the keeper's unit. */
    private String unit() {
        return workspace.tape().system() == UnitSystem.INCHES ? "" : ".metric";
    }

    void refresh() {
        field.setPromptText(Texts.get("say.prompt" + at.get().saidHere() + unit()));
        if (field.getText().isBlank()) {
            echo("");
        }
        blade.show(workspace.tape().system());
    }

    /** The marks of the blade: inches and eighths, or centimetres. */
    private static final class Blade extends Pane {
        private UnitSystem shown = UnitSystem.INCHES;

        Blade() {
            getStyleClass().add("blade");
            setMinHeight(20);
            setPrefHeight(20);
            setMouseTransparent(true);
            widthProperty().addListener((_, _, _) -> draw());
        }

        void show(UnitSystem system) {
            if (system != shown) {
                shown = system;
                draw();
            }
        }

        private void draw() {
            getChildren().clear();
            double unit = shown == UnitSystem.INCHES ? PIXELS_PER_INCH : PIXELS_PER_INCH / 2.54;
            int parts = shown == UnitSystem.INCHES ? 8 : 2;
            int step = shown == UnitSystem.INCHES ? 1 : 10;
            for (int n = 0; n * unit / parts < getWidth(); n++) {
                double x = n * unit / parts;
                boolean whole = n % parts == 0;
                double length = whole ? 14 : n % (parts / 2) == 0 ? 9 : 5;
                Line line = new Line(x, 0, x, length);
                line.getStyleClass().addAll("stroke", "ink-ink");
                getChildren().add(line);
                boolean numbered =
                        whole && n > 0 && (shown == UnitSystem.INCHES || n / parts % 5 == 0);
                if (numbered) {
                    Text number = new Text(x + 4, 15, String.valueOf(n / parts * step));
                    number.getStyleClass().add("blade-number");
                    getChildren().add(number);
                }
            }
        }
    }
}
