package reliqua.desktop.birds;

import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import reliqua.core.flock.Practice;
import reliqua.core.flock.Ways;
import reliqua.core.project.Project;
import reliqua.desktop.Texts;
import reliqua.desktop.shell.EntryField;
import reliqua.desktop.shell.Parts;
import reliqua.desktop.work.Workspace;

/**
 * Where keepers differ: every school with what it gives for this flock, whom it suits, and a place
 * for a figure of one's own.
 */
final class WaysView implements BirdsView {
    private static final double FACE = 126;
    private static final double WRAP = 490;

    private final Workspace workspace;
    private @Nullable Project shown;
    private final VBox topics = new VBox(10);

    WaysView(Workspace workspace) {
        this.workspace = workspace;
        topics.setId("ways");
        topics.setMinHeight(VBox.USE_PREF_SIZE);
    }

    @Override
    public String id() {
        return "ways";
    }

    @Override
    public Node node() {
        return topics;
    }

    @Override
    public void refresh() {
        if (shown != workspace.project()) {
            shown = workspace.project();
            Focus.keep(topics, "school-", this::show);
        }
    }

    private void show() {
        topics.getChildren().clear();
        topics.getChildren().add(Parts.text(Texts.get("ways.how"), "note"));
        Project project = workspace.project();
        Ways.of(project.flock(), project.site(), workspace.tape().system())
                .forEach(topic -> topics.getChildren().add(row(topic)));
    }

    private Node row(Ways.Topic topic) {
        Label name = Parts.text(Texts.get("school." + topic.key()), "strong");
        name.setMinWidth(88);
        name.setPrefWidth(88);
        FlowPane choices = new FlowPane(6, 6);
        choices.setPrefWrapLength(WRAP);
        choices.setRowValignment(VPos.TOP);
        ToggleGroup group = new ToggleGroup();
        for (Ways.School school : topic.schools()) {
            choices.getChildren().add(choice(topic, school, group));
        }
        HBox.setHgrow(choices, Priority.ALWAYS);
        HBox row = new HBox(8, name, choices);
        topic.own().ifPresent(o -> row.getChildren().add(own(topic, o)));
        return row;
    }

    private Node choice(Ways.Topic topic, Ways.School school, ToggleGroup group) {
        String key = "school." + topic.key() + "." + school.name();
        boolean growth = topic.key().equals("growth");
        String title = growth ? Texts.get("school.growth.percent", school.name()) : Texts.get(key);
        String why = growth ? Texts.get("school.growth.why") : Texts.get(key + ".why");
        String figure = school.figure().map(workspace.tape()::word).orElse("");
        var button =
                Parts.choice(
                        "school-" + topic.key() + "-" + school.name(),
                        "",
                        group,
                        school.followed(),
                        () -> follow(topic, title, school.practice()),
                        "school");
        VBox face = Parts.face(title, why, FACE);
        if (!figure.isEmpty()) {
            face.getChildren().add(1, Parts.wrapped(figure, "face-figure", FACE));
        }
        button.setGraphic(face);
        button.setAccessibleText(title + " " + figure + ". " + why);
        return button;
    }

    private void follow(Ways.Topic topic, String title, Practice practice) {
        workspace.edit(
                Texts.get("edit.school", Texts.get("school." + topic.key()) + ": " + title),
                p -> p.withFlock(p.flock().with(practice)));
    }

    private Node own(Ways.Topic topic, Ways.Own own) {
        String name = Texts.get("school.own", Texts.get("school." + topic.key()));
        EntryField field =
                new EntryField("own-" + topic.key(), name, text -> take(topic, own, text))
                        .prompt(Texts.get("school.own.prompt." + topic.key()))
                        .wide(104);
        field.show(own.figure().map(workspace.tape()::word).orElse(""));
        return field;
    }

    private String take(Ways.Topic topic, Ways.Own own, String text) {
        try {
            var figures = own.reader().read(text, workspace.tape());
            workspace.edit(
                    Texts.get("edit.own", Texts.get("school." + topic.key()), text),
                    p -> p.withFlock(p.flock().with(p.flock().practice().withOwn(figures))));
            return "";
        } catch (IllegalArgumentException e) {
            return String.valueOf(e.getMessage());
        }
    }
}
