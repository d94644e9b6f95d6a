package reliqua.desktop.raise;

import java.io.File;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.stage.FileChooser;
import reliqua.core.build.Step;
import reliqua.core.build.StepNote;
import reliqua.core.measure.Length;
import reliqua.core.measure.MeasureException;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Words;
import reliqua.core.project.Project;
import reliqua.core.stock.Photo;
import reliqua.desktop.Texts;
import reliqua.desktop.photo.PhotoStrip;
import reliqua.desktop.photo.Pictures;
import reliqua.desktop.shell.Parts;
import reliqua.desktop.work.Reasons;
import reliqua.desktop.work.Workspace;

/** What is written down of a step as it was done: minutes, a note, pictures. */
final class AsBuilt extends VBox {
    private final Workspace workspace;
    private final Step step;
    private final StepNote begun;
    private final TextField minutes = new TextField();
    private final TextArea words = new TextArea();

    AsBuilt(Workspace workspace, Step step) {
        super(6);
        this.workspace = workspace;
        this.step = step;
        begun = note();
        setId("as-built");
        minutes.setId("took");
        minutes.setPrefColumnCount(5);
        minutes.setText(shown(begun));
        minutes.setPromptText(Texts.get("built.minutes"));
        minutes.setAccessibleText(Texts.get("built.took"));
        minutes.setOnAction(_ -> readMinutes());
        minutes.focusedProperty().addListener((_, _, in) -> leaving(in, this::readMinutes));
        words.setId("built-words");
        words.setPrefRowCount(2);
        words.setWrapText(true);
        words.setText(begun.words());
        words.setPromptText(Texts.get("built.words"));
        words.setAccessibleText(Texts.get("built.note"));
        words.focusedProperty().addListener((_, _, in) -> leaving(in, this::readWords));
        PhotoStrip.dropOn(this, workspace, this::add);
        getChildren()
                .addAll(
                        Parts.text(Texts.get("built.title"), "strong"),
                        Parts.row(8, Parts.text(Texts.get("built.took"), "note-ink"), minutes),
                        words,
                        lengths(),
                        new PhotoStrip(begun.photos(), Texts.get("built.photo.none"), this::show),
                        Parts.button(
                                "built-photo", Texts.get("built.photo"), this::choose, "small"));
    }

    /**
     * Of a step that is done: what the lengths it follows from really came to. Which those are is
     * found by drawing the coop anew, beside the window.
     */
    private VBox lengths() {
        VBox all = new VBox(4);
        Project project = workspace.project();
        if (project.done().contains(step.key())) {
            workspace
                    .background()
                    .run(
                            () -> project.lengthsOf(step.id()),
                            lengths -> fill(all, lengths),
                            e -> workspace.tell(Reasons.of(e)));
        }
        return all;
    }

    private void fill(VBox all, Map<String, Length> lengths) {
        lengths.forEach((key, length) -> all.getChildren().add(length(key, length)));
        if (!lengths.isEmpty()) {
            all.getChildren().add(Parts.text(Texts.get("built.lengths"), "note"));
        }
    }

    private HBox length(String key, Length meant) {
        Label name = Parts.text(Words.say("dimension." + key), "note-ink");
        name.setMinWidth(72);
        TextField field = new TextField(workspace.tape().mark(meant));
        field.setId("measured-" + key);
        field.getStyleClass().add("slip-field");
        field.setAccessibleText(Texts.get("built.length", Words.say("dimension." + key)));
        field.setOnAction(_ -> measured(key, meant, field.getText()));
        return Parts.row(8, name, field);
    }

    private void measured(String key, Length meant, String typed) {
        Tape tape = workspace.tape();
        try {
            Length length = tape.reader().read(typed);
            if (!length.equals(meant)) {
                workspace.edit(
                        Texts.get("edit.cameOut", Words.say("dimension." + key), tape.say(length)),
                        p -> p.measured(key, length));
            }
        } catch (MeasureException e) {
            workspace.tell(String.valueOf(e.getMessage()));
        }
    }

    private StepNote note() {
        return workspace.project().note(step.key());
    }

    private static String shown(StepNote note) {
        return note.minutes() == 0 ? "" : String.valueOf(note.minutes());
    }

    private static void leaving(boolean in, Runnable read) {
        if (!in) {
            read.run();
        }
    }

    private void readMinutes() {
        String typed = minutes.getText().strip();
        if (typed.equals(shown(begun))) {
            // Left as it was: after an undo the field must not write its old figure again.
            return;
        }
        if (typed.isEmpty()) {
            change(n -> n.taking(0));
            return;
        }
        try {
            int took = Integer.parseInt(typed);
            change(n -> n.taking(took));
        } catch (NumberFormatException e) {
            workspace.tell(Texts.get("built.notMinutes", typed));
            minutes.setText(shown(begun));
        }
    }

    private void readWords() {
        if (!words.getText().strip().equals(begun.words())) {
            change(n -> n.saying(words.getText()));
        }
    }

    private void choose() {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(Texts.get("built.photo"));
        List<File> files = chooser.showOpenMultipleDialog(getScene().getWindow());
        if (files != null) {
            Pictures.Source source = new Pictures.Source(files, Optional.empty());
            PhotoStrip.take(workspace, source, this::add);
        }
    }

    private void add(List<Photo> more) {
        show(PhotoStrip.with(note().photos(), more));
    }

    private void show(List<Photo> photos) {
        change(n -> n.showing(photos));
    }

    private void change(UnaryOperator<StepNote> how) {
        try {
            StepNote changed = how.apply(note());
            if (!changed.equals(note())) {
                String role = step.name().words(workspace.tape());
                workspace.edit(Texts.get("edit.built", role), p -> p.noting(step.key(), changed));
            }
        } catch (IllegalArgumentException e) {
            workspace.tell(e.getMessage());
        }
    }
}
