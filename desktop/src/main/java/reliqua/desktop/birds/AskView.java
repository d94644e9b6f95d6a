package reliqua.desktop.birds;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.format.FormatStyle;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
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
        Optional<Reminder.Asked> told = told(reminder);
        CheckBox box = new CheckBox(question);
        box.setId("ask-" + reminder.name());
        box.setSelected(told.isPresent());
        box.setWrapText(true);
        box.setOnAction(_ -> tick(reminder, question, box.isSelected()));
        Label when =
                Parts.text(
                        told.map(t -> Texts.get("ask.asked", day(t.day())))
                                .orElseGet(() -> Texts.get("ask.open")),
                        told.isPresent() ? "holds" : "soft");
        when.setWrapText(false);
        HBox row = Parts.row(10, box, Parts.spring(), when);
        row.getStyleClass().add("list-line");
        row.setMinHeight(44);
        return Parts.column(2, row, answer(reminder, question, told));
    }

    private Optional<Reminder.Asked> told(Reminder reminder) {
        return Optional.ofNullable(workspace.project().site().asked().get(reminder));
    }

    /** Room for what was said; an answer is one to a question that was asked. */
    private Node answer(Reminder reminder, String question, Optional<Reminder.Asked> told) {
        String before = told.map(Reminder.Asked::answer).orElse("");
        TextField field = new TextField(before);
        field.setId("ask-" + reminder.name() + "-answer");
        field.setPromptText(Texts.get("ask.answer"));
        field.setAccessibleText(Texts.get("ask.answer") + " " + question);
        Runnable keep =
                () -> {
                    if (!field.getText().strip().equals(before)) {
                        keep(reminder, question, field.getText());
                    }
                };
        field.setOnAction(_ -> keep.run());
        field.focusedProperty()
                .addListener(
                        (_, _, in) -> {
                            if (!in) {
                                keep.run();
                            }
                        });
        return field;
    }

    private void keep(Reminder reminder, String question, String answer) {
        LocalDate day = told(reminder).map(Reminder.Asked::day).orElseGet(workspace::today);
        workspace.edit(
                Texts.get("edit.answer", question),
                p ->
                        p.withSite(
                                p.site()
                                        .withAsked(
                                                reminder,
                                                Optional.of(new Reminder.Asked(day, answer)))));
    }

    private void tick(Reminder reminder, String question, boolean asked) {
        Optional<Reminder.Asked> now =
                asked ? Optional.of(new Reminder.Asked(workspace.today(), "")) : Optional.empty();
        workspace.edit(
                Texts.get(asked ? "edit.asked" : "edit.asked.not", question),
                p -> p.withSite(p.site().withAsked(reminder, now)));
    }
}
