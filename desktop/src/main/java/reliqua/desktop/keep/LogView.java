package reliqua.desktop.keep;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import reliqua.core.keep.Entry;
import reliqua.core.keep.Happening;
import reliqua.core.keep.LogReader;
import reliqua.core.keep.Wording;
import reliqua.core.project.Dates;
import reliqua.core.project.Keeping;
import reliqua.core.project.Project;
import reliqua.core.project.SayLog;
import reliqua.core.stock.Photo;
import reliqua.desktop.Texts;
import reliqua.desktop.photo.PhotoStrip;
import reliqua.desktop.shell.Parts;
import reliqua.desktop.shell.Seen;
import reliqua.desktop.work.Workspace;

/** The logbook, latest first; a line is put right by saying it anew. */
final class LogView implements KeepView {
    private final Workspace workspace;
    private final TextField search = new TextField();
    private final ListView<Entry> list = new ListView<>();
    private final VBox node = new VBox(8);
    private final VBox slip = new VBox(10);
    private final Seen seen = new Seen();

    LogView(Workspace workspace) {
        this.workspace = workspace;
        search.setId("log-search");
        search.setPromptText(Texts.get("log.search"));
        search.setAccessibleText(Texts.get("log.search"));
        search.textProperty().addListener((_, _, _) -> fill());
        list.setId("log");
        list.getStyleClass().add("log");
        list.setPlaceholder(Parts.text(Texts.get("log.none"), "soft", "placeholder"));
        list.setCellFactory(_ -> new Line());
        list.getSelectionModel().selectedItemProperty().addListener((_, _, _) -> show());
        VBox.setVgrow(list, Priority.ALWAYS);
        node.getChildren().addAll(search, list);
    }

    @Override
    public String id() {
        return "log";
    }

    @Override
    public Node node() {
        return node;
    }

    @Override
    public Node slip() {
        return slip;
    }

    @Override
    public void refresh(Keeping now) {
        fill();
        show();
    }

    /** What is being typed stays, whatever is planned or laid meanwhile. */
    private boolean isShown(@Nullable Entry chosen) {
        return seen.isAll(
                Optional.ofNullable(chosen), workspace.project().book(), workspace.tape());
    }

    private void fill() {
        String wanted = search.getText().strip().toLowerCase(Locale.ROOT);
        List<Entry> entries =
                workspace.project().book().log().reversed().stream()
                        .filter(e -> wanted.isEmpty() || text(e).contains(wanted))
                        .toList();
        if (!list.getItems().equals(entries)) {
            list.getItems().setAll(entries);
        }
    }

    private String text(Entry entry) {
        return (Dates.day(entry.day())
                        + " "
                        + Wording.of(entry.what(), workspace.tape())
                        + " "
                        + entry.said())
                .toLowerCase(Locale.ROOT);
    }

    private void show() {
        Entry chosen = list.getSelectionModel().getSelectedItem();
        if (isShown(chosen)) {
            return;
        }
        slip.getChildren().clear();
        if (chosen == null) {
            slip.getChildren()
                    .addAll(
                            Parts.text(Texts.get("log.how"), "title"),
                            Parts.text(Texts.get("log.examples"), "note-ink"));
            nextTime();
            return;
        }
        TextField said = new TextField(chosen.said());
        said.setId("log-said");
        said.setAccessibleText(Texts.get("log.said"));
        Label echo = Parts.text("", "note-ink");
        said.textProperty().addListener((_, _, text) -> echo.setText(understood(chosen, text)));
        said.setOnAction(_ -> correct(chosen, said.getText()));
        echo.setText(Wording.of(chosen.what(), workspace.tape()));
        slip.getChildren()
                .addAll(
                        Parts.text(Dates.day(chosen.day()), "title"),
                        Parts.text(Texts.get("log.said"), "soft"),
                        said,
                        Parts.text(Texts.get("log.understood"), "soft"),
                        echo,
                        Parts.button(
                                "log-correct",
                                Texts.get("log.correct"),
                                () -> correct(chosen, said.getText()),
                                "main-button"),
                        Parts.button("log-strike", Texts.get("log.strike"), () -> strike(chosen)),
                        Parts.rule(),
                        photos(chosen));
    }

    /** The pictures of a line; more are dropped on them. */
    private Node photos(Entry chosen) {
        PhotoStrip strip =
                new PhotoStrip(
                        chosen.photos(), Texts.get("built.photo.none"), left -> show(chosen, left));
        PhotoStrip.dropOn(
                strip, workspace, more -> show(chosen, PhotoStrip.with(chosen.photos(), more)));
        return strip;
    }

    private void show(Entry chosen, List<Photo> photos) {
        workspace.edit(Texts.get("edit.log.photo"), p -> SayLog.showing(p, chosen, photos));
        list.getSelectionModel().select(chosen.showing(photos));
    }

    /** What the keeper would do otherwise next time. */
    private void nextTime() {
        List<Entry> next = workspace.project().book().of(Happening.NextTime.class);
        if (next.isEmpty()) {
            return;
        }
        slip.getChildren().addAll(Parts.rule(), Parts.text(Texts.get("log.next"), "strong"));
        next.forEach(
                e ->
                        slip.getChildren()
                                .add(
                                        Parts.text(
                                                "· " + ((Happening.NextTime) e.what()).text(),
                                                "note-ink")));
    }

    private LogReader.Read read(Entry entry, String text, Project project) {
        return SayLog.told(text, project, entry.day());
    }

    private String understood(Entry entry, String text) {
        return switch (read(entry, text, workspace.project())) {
            case LogReader.Read.Unclear unclear -> unclear.message();
            case LogReader.Read.Told told ->
                    String.join(
                            " · ",
                            told.entries().stream()
                                    .map(e -> Wording.of(e.what(), workspace.tape()))
                                    .toList());
        };
    }

    private void correct(Entry entry, String text) {
        if (read(entry, text, workspace.project()) instanceof LogReader.Read.Told told) {
            workspace.edit(
                    Texts.get("edit.log.correct"),
                    p -> SayLog.written(SayLog.struck(p, entry), told.entries()));
        }
    }

    private void strike(Entry entry) {
        workspace.edit(Texts.get("edit.log.strike"), p -> SayLog.struck(p, entry));
    }

    /** One line: the day, what was understood. */
    private final class Line extends ListCell<Entry> {
        @Override
        protected void updateItem(@Nullable Entry entry, boolean empty) {
            super.updateItem(entry, empty);
            if (entry == null || empty) {
                setGraphic(null);
                return;
            }
            Label day = Parts.text(Dates.day(entry.day()), "soft");
            day.setMinWidth(128);
            Label what = Parts.text(Wording.of(entry.what(), workspace.tape()));
            what.setWrapText(false);
            boolean grave =
                    entry.what() instanceof Happening.Lost
                            || entry.what() instanceof Happening.Seen s && s.attack();
            if (grave) {
                what.getStyleClass().addAll("danger", "strong");
            }
            HBox row = Parts.row(10, day, what);
            if (!entry.photos().isEmpty()) {
                row.getChildren().add(Parts.text(Texts.get("rack.photo"), "note"));
            }
            setGraphic(row);
        }
    }
}
