package reliqua.desktop.fit;

import java.util.List;
import javafx.scene.layout.VBox;
import reliqua.core.keep.Entry;
import reliqua.core.keep.Happening;
import reliqua.core.project.SayEdit;
import reliqua.desktop.Texts;
import reliqua.desktop.shell.Parts;
import reliqua.desktop.work.Workspace;

/** What the keeper would do otherwise next time; what is a figure is taken over at a press. */
final class LastTime extends VBox {
    private final Workspace workspace;
    private List<Entry> shown = List.of();

    LastTime(Workspace workspace) {
        super(5);
        this.workspace = workspace;
        setId("last-time");
        managedProperty().bind(visibleProperty());
    }

    void refresh() {
        List<Entry> notes = workspace.project().book().of(Happening.NextTime.class);
        setVisible(!notes.isEmpty());
        if (notes.equals(shown)) {
            return;
        }
        shown = notes;
        getChildren().setAll(Parts.rule(), Parts.text(Texts.get("fit.lastTime"), "strong"));
        notes.forEach(e -> show(((Happening.NextTime) e.what()).text()));
    }

    private void show(String text) {
        getChildren().add(Parts.text("\u00b7 " + text, "note-ink"));
        if (SayEdit.read(text, workspace.project()) instanceof SayEdit.Said.Change change) {
            getChildren()
                    .add(
                            Parts.button(
                                    "take-over",
                                    Texts.get("fit.lastTime.take", change.echo()),
                                    () -> workspace.edit(change.edit()),
                                    "small"));
        }
    }
}
