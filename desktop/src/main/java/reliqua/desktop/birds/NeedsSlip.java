package reliqua.desktop.birds;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import reliqua.core.flock.Need;
import reliqua.core.flock.NeedChange;
import reliqua.core.flock.Siting;
import reliqua.core.measure.Sum;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Words;
import reliqua.core.project.History;
import reliqua.core.project.Project;
import reliqua.desktop.Texts;
import reliqua.desktop.shell.Parts;
import reliqua.desktop.work.Workspace;

/**
 * Every need with its sum, where it comes from, and how it differs from before the last change; and
 * what an experienced keeper would add.
 */
final class NeedsSlip extends VBox {
    private final Workspace workspace;
    private @Nullable History shown;

    NeedsSlip(Workspace workspace) {
        super(10);
        this.workspace = workspace;
        setId("needs");
    }

    void refresh() {
        if (shown == workspace.history().get()) {
            return;
        }
        shown = workspace.history().get();
        Project project = workspace.project();
        Tape tape = workspace.tape();
        getChildren().setAll(Parts.text(Texts.get("birds.needs"), "title"));
        advice(project, tape);
        Map<Need.Kind, NeedChange> changes = changes();
        for (Need need : project.needs().lines()) {
            getChildren().add(line(need, changes, tape));
        }
    }

    /** Against the project before the last edit. */
    private Map<Need.Kind, NeedChange> changes() {
        History history = workspace.history().get();
        if (history.past().isEmpty()) {
            return Map.of();
        }
        Project before = history.past().getLast().project();
        return NeedChange.between(before.needs(), history.now().needs()).stream()
                .collect(Collectors.toMap(NeedChange::kind, c -> c));
    }

    private static Node line(Need need, Map<Need.Kind, NeedChange> changes, Tape tape) {
        Label figure = Parts.text(tape.word(need.value()), "strong");
        figure.setMinWidth(USE_PREF_SIZE);
        figure.setWrapText(false);
        Label name = Parts.text(Words.say("need." + need.kind().name()), "soft");
        var row = Parts.row(8, name, Parts.spring());
        NeedChange change = changes.get(need.kind());
        if (change != null) {
            Label difference = Parts.text(change.difference().words(tape), "difference");
            difference.setWrapText(false);
            difference.setMinWidth(USE_PREF_SIZE);
            row.getChildren().add(difference);
        }
        row.getChildren().add(figure);
        String source =
                Texts.get(
                        need.standing() == Need.Standing.MUST ? "needs.must" : "needs.wish",
                        need.source().words(tape));
        VBox line =
                new VBox(
                        0,
                        row,
                        Parts.text(need.sum().words(tape), "note"),
                        Parts.text(source, "note", "source"));
        line.setId("need-" + need.kind().name());
        return line;
    }

    private void advice(Project project, Tape tape) {
        List<Sum> all = new java.util.ArrayList<>(Siting.of(project.site()).faults());
        all.addAll(project.advice());
        if (all.isEmpty() || project.flock().total() == 0) {
            return;
        }
        VBox box = new VBox(6, Parts.text(Texts.get("birds.advice"), "strong"));
        all.forEach(s -> box.getChildren().add(Parts.text(s.words(tape), "note-ink")));
        box.getStyleClass().add("box");
        box.setId("advice");
        getChildren().add(box);
    }
}
