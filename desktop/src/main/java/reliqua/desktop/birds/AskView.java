package reliqua.desktop.birds;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.format.FormatStyle;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import reliqua.core.flock.Reminder;
import reliqua.core.measure.Words;
import reliqua.core.project.Project;
import reliqua.desktop.Texts;
import reliqua.desktop.shell.Parts;
import reliqua.desktop.work.Workspace;

/** What to ask the local offices and neighbours, ticked with the day it was asked. */
final class AskView implements BirdsView {
    private static final DateTimeFormatter DAY =
            DateTimeFormatter.ofLocalizedDate(FormatStyle.LONG);

    private final Workspace workspace;
    private @Nullable Project shown;
    private final VBox rows = new VBox(2);
    private final VBox node = new VBox(12);

    private static String day(LocalDate day) {
        return DAY.withLocale(Words.language().locale()).format(day);
    }

    AskView(Workspace workspace) {
        this.workspace = workspace;
        Label how = Parts.text(Texts.get("ask.how"), "caution");
        node.getChildren().addAll(how, rows);
    }

    @Override
    public String id() {
        return "ask";
    }

    @Override
    public Node node() {
        return node;
    }

    @Override
    public void refresh() {
        if (shown != workspace.project()) {
            shown = workspace.project();
            Focus.keep(rows, "ask-", this::show);
        }
    }

    private void show() {
        rows.getChildren().clear();
        for (Reminder each : Reminder.of(workspace.project().flock())) {
            rows.getChildren().add(row(each));
        }
    }

    private Node row(Reminder reminder) {
        String question = reminder.sum().words(workspace.tape());
        Optional<LocalDate> day =
                Optional.ofNullable(workspace.project().site().asked().get(reminder));
        CheckBox box = new CheckBox(question);
        box.setId("ask-" + reminder.name());
        box.setSelected(day.isPresent());
        box.setWrapText(true);
        box.setOnAction(_ -> tick(reminder, question, box.isSelected()));
        Label when =
                Parts.text(
                        day.map(d -> Texts.get("ask.asked", day(d)))
                                .orElseGet(() -> Texts.get("ask.open")),
                        day.isPresent() ? "holds" : "soft");
        when.setWrapText(false);
        HBox row = Parts.row(10, box, Parts.spring(), when);
        row.getStyleClass().add("list-line");
        row.setMinHeight(44);
        return row;
    }

    private void tick(Reminder reminder, String question, boolean asked) {
        Optional<LocalDate> day = asked ? Optional.of(LocalDate.now()) : Optional.empty();
        workspace.edit(
                Texts.get(asked ? "edit.asked" : "edit.asked.not", question),
                p -> p.withSite(p.site().withAsked(reminder, day)));
    }
}
