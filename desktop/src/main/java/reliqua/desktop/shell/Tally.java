package reliqua.desktop.shell;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Circle;
import reliqua.core.check.Finding;
import reliqua.core.measure.Tape;
import reliqua.core.project.Design;
import reliqua.desktop.Texts;
import reliqua.desktop.work.Workspace;

/**
 * The tally: four tags that answer how it is going. Each says where its figure comes from, and
 * leads there.
 */
final class Tally extends HBox {
    private static final class Tag {
        private final Label figure = Parts.text("", "tag-figure");
        private final Label note = Parts.text("", "tag-note");
        private final Tooltip why = new Tooltip();
        private final Button button = new Button();

        Tag(String id, Runnable go) {
            Label name = Parts.text(Texts.get("tally." + id), "tag-name");
            name.setWrapText(false);
            figure.setWrapText(false);
            note.setWrapText(false);
            BorderPane lower = new BorderPane();
            lower.setLeft(figure);
            lower.setRight(note);
            BorderPane.setAlignment(note, javafx.geometry.Pos.BOTTOM_RIGHT);
            Circle eye = new Circle(4);
            eye.getStyleClass().add("tag-eye");
            VBox words = new VBox(2, name, lower);
            HBox.setHgrow(words, Priority.ALWAYS);
            HBox face = new HBox(10, eye, words);
            face.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
            button.setGraphic(face);
            button.setId("tally-" + id);
            button.getStyleClass().add("tag");
            button.setMaxWidth(Double.MAX_VALUE);
            button.setOnAction(_ -> go.run());
            button.setTooltip(why);
            HBox.setHgrow(button, Priority.ALWAYS);
        }

        void show(String id, String words, String aside, String reason, String tone) {
            figure.setText(words);
            List<String> classes =
                    tone.isEmpty()
                            ? List.of("label", "tag-figure")
                            : List.of("label", "tag-figure", tone);
            if (!figure.getStyleClass().equals(classes)) {
                figure.getStyleClass().setAll(classes);
            }
            note.setText(aside);
            why.setText(reason);
            button.setAccessibleText(Texts.get("tally." + id) + ": " + words + ", " + aside);
        }
    }

    private final Workspace workspace;
    private final List<Tag> tags = new ArrayList<>();
    private static final List<String> NAMES = List.of("buy", "heap", "work", "warnings");
    private static final List<String> WHERE = List.of("fetch", "heap", "raise", "fit");

    Tally(Workspace workspace, Consumer<String> go) {
        super(14);
        this.workspace = workspace;
        getStyleClass().add("tally");
        for (int i = 0; i < NAMES.size(); i++) {
            String where = WHERE.get(i);
            Tag tag = new Tag(NAMES.get(i), () -> go.accept(where));
            tags.add(tag);
            getChildren().add(tag.button);
            tag.button.setPrefWidth(100);
        }
    }

    /** Figures without their notes, where there is little room. */
    void compact(boolean now) {
        setSpacing(now ? 6 : 14);
        tags.forEach(
                tag -> {
                    tag.note.setVisible(!now);
                    tag.note.setManaged(!now);
                });
    }

    void refresh() {
        workspace.designs().state().get().design().ifPresentOrElse(this::show, this::showNothing);
    }

    private void showNothing() {
        for (int i = 0; i < NAMES.size(); i++) {
            tags.get(i).show(NAMES.get(i), "-", "", Texts.get("tally.none"), "");
        }
    }

    private void show(Design design) {
        Tape tape = workspace.tape();
        var budget = workspace.project().keeper().budget();
        boolean within = design.bill().total().compareTo(budget) <= 0;
        tags.get(0)
                .show(
                        "buy",
                        tape.say(design.bill().total()),
                        Texts.get("tally.budget", tape.say(budget)),
                        Texts.get(
                                "tally.buy.why",
                                design.bill().lines().size(),
                                design.bill().merchant()),
                        within ? "" : "danger");
        tags.get(1)
                .show(
                        "heap",
                        Math.round(design.bill().heapShare() * 100) + " %",
                        Texts.get("tally.worth", tape.say(design.bill().fromHeap())),
                        Texts.get("tally.heap.why"),
                        "holds");
        tags.get(2)
                .show(
                        "work",
                        hours(design.minutesLeft(workspace.project())),
                        weeks(design),
                        Texts.get("tally.work.why", hours(design.minutes())),
                        "");
        long faults = count(design, Finding.Severity.FAULT);
        long warnings = count(design, Finding.Severity.WARNING);
        tags.get(3)
                .show(
                        "warnings",
                        String.valueOf(faults + warnings),
                        faults == 0
                                ? Texts.get("tally.noFault")
                                : Texts.get("tally.faults", faults),
                        Texts.get("tally.warnings.why"),
                        faults + warnings == 0 ? "holds" : "danger");
    }

    private static long count(Design design, Finding.Severity severity) {
        return design.candidate().findings().stream().filter(f -> f.severity() == severity).count();
    }

    private String weeks(Design design) {
        int aWeek = workspace.project().keeper().hoursAWeek();
        int minutes = design.minutesLeft(workspace.project());
        return Texts.get("tally.weeks", Math.ceilDiv(minutes, aWeek * 60), aWeek);
    }

    private static String hours(int minutes) {
        return Texts.get("tally.hours", Math.round(minutes / 60.0));
    }
}
