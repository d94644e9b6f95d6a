package reliqua.desktop.birds;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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
import reliqua.desktop.shell.Rows;
import reliqua.desktop.work.Workspace;

/**
 * Every need with its sum, where it comes from, and how it differs from before the last change; and
 * what an experienced keeper would add.
 */
final class NeedsSlip extends VBox {
    private final Workspace workspace;
    private final Rows<Row> rows = new Rows<>(this, NeedsSlip::row);
    private @Nullable History shown;

    NeedsSlip(Workspace workspace) {
        super(10);
        this.workspace = workspace;
        setId("needs");
    }

    /** All that one row shows. */
    private sealed interface Row {
        /** Over the needs. */
        record Title(String words) implements Row {}

        /** What somebody who has kept birds for long would add. */
        record Advised(List<String> all) implements Row {}

        /** A need, and what it was. */
        record Needed(Need need, Optional<NeedChange> change, Tape tape) implements Row {}
    }

    void refresh() {
        if (shown == workspace.history().get()) {
            return;
        }
        shown = workspace.history().get();
        Project project = workspace.project();
        Tape tape = workspace.tape();
        List<Row> all = new ArrayList<>();
        all.add(new Row.Title(Texts.get("birds.needs")));
        advice(project, tape).ifPresent(all::add);
        Map<Need.Kind, NeedChange> changes = changes();
        for (Need need : project.needs().lines()) {
            all.add(new Row.Needed(need, Optional.ofNullable(changes.get(need.kind())), tape));
        }
        rows.show(all);
    }

    private static Node row(Row row) {
        return switch (row) {
            case Row.Title title -> Parts.text(title.words(), "title");
            case Row.Advised advised -> box(advised.all());
            case Row.Needed needed -> line(needed);
        };
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

    private static Node line(Row.Needed needed) {
        Need need = needed.need();
        Tape tape = needed.tape();
        Label figure = Parts.text(tape.word(need.value()), "strong");
        figure.setMinWidth(USE_PREF_SIZE);
        figure.setWrapText(false);
        Label name = Parts.text(Words.say("need." + need.kind().name()), "soft");
        var row = Parts.row(8, name, Parts.spring());
        needed.change()
                .ifPresent(
                        change -> {
                            Label difference =
                                    Parts.text(change.difference().words(tape), "difference");
                            difference.setWrapText(false);
                            difference.setMinWidth(USE_PREF_SIZE);
                            row.getChildren().add(difference);
                        });
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

    private static Optional<Row> advice(Project project, Tape tape) {
        List<Sum> all = new ArrayList<>(Siting.of(project.site()).faults());
        all.addAll(project.advice());
        return all.isEmpty() || project.flock().total() == 0
                ? Optional.empty()
                : Optional.of(new Row.Advised(all.stream().map(s -> s.words(tape)).toList()));
    }

    private static Node box(List<String> advice) {
        VBox box = new VBox(6, Parts.text(Texts.get("birds.advice"), "strong"));
        advice.forEach(s -> box.getChildren().add(Parts.text(s, "note-ink")));
        box.getStyleClass().add("box");
        box.setId("advice");
        return box;
    }
}
