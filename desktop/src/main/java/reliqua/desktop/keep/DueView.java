package reliqua.desktop.keep;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import reliqua.core.coop.Coop;
import reliqua.core.drawing.Elevation;
import reliqua.core.drawing.Picture;
import reliqua.core.keep.After;
import reliqua.core.keep.Chore;
import reliqua.core.keep.Due;
import reliqua.core.keep.Entry;
import reliqua.core.keep.Happening;
import reliqua.core.keep.Season;
import reliqua.core.keep.Warning;
import reliqua.core.keep.Wording;
import reliqua.core.measure.Sum;
import reliqua.core.measure.Words;
import reliqua.core.project.Dates;
import reliqua.core.project.Keeping;
import reliqua.core.project.Project;
import reliqua.core.project.SayLog;
import reliqua.desktop.Texts;
import reliqua.desktop.paint.PictureView;
import reliqua.desktop.shell.Parts;
import reliqua.desktop.shell.Rows;
import reliqua.desktop.shell.Seen;
import reliqua.desktop.work.Workspace;

/** What comes round, the parts it is about lit up; the weather to come; what happened last. */
final class DueView implements KeepView {
    private static final int WEEK = 7;

    private final Workspace workspace;
    private final Consumer<After> walkRound;
    private final VBox list = new VBox(2);
    private final Rows<Row> rows = new Rows<>(list, this::row);
    private final Seen told = new Seen();
    private final Seen seen = new Seen();
    private final PictureView picture = new PictureView();
    private final VBox notices = new VBox(8);
    private final HBox node;
    private final VBox slip = new VBox(10);
    private final ToggleGroup faces = new ToggleGroup();
    private Optional<Season.Face> shownFace = Optional.empty();
    private Optional<Chore> selected = Optional.empty();
    private Optional<Keeping> keeping = Optional.empty();

    /** {@code walkRound} shows where an animal may come in. */
    DueView(Workspace workspace, Consumer<After> walkRound) {
        this.workspace = workspace;
        this.walkRound = walkRound;
        picture.setId("keep-picture");
        ScrollPane scroll = new ScrollPane(list);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("bare");
        scroll.setMinWidth(330);
        scroll.setPrefWidth(390);
        HBox faces = Parts.row(6, season(Season.Face.WINTER), season(Season.Face.SUMMER));
        VBox right = new VBox(10, notices, faces, picture);
        VBox.setVgrow(picture, Priority.ALWAYS);
        picture.setMinHeight(150);
        VBox.setMargin(picture, new Insets(0, 0, 16, 0));
        HBox.setHgrow(right, Priority.ALWAYS);
        node = new HBox(14, scroll, right);
    }

    /** A head over chores, or one of them. */
    private record Row(String head, Optional<Due> due, LocalDate today) {}

    private Node row(Row row) {
        return row.due()
                .map(due -> line(due, row.today()))
                .orElseGet(() -> Parts.text(row.head(), "strong", "stage"));
    }

    @Override
    public String id() {
        return "due";
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
        keeping = Optional.of(now);
        List<Row> all = new ArrayList<>();
        Due.State state = null;
        for (Due due : now.dues()) {
            if (due.state() != state) {
                state = due.state();
                all.add(new Row(Texts.get("due." + state.name()), Optional.empty(), now.today()));
            }
            all.add(new Row("", Optional.of(due), now.today()));
        }
        if (all.isEmpty()) {
            all.add(new Row(Texts.get("keep.noCoop"), Optional.empty(), now.today()));
        }
        rows.show(all);
        if (selected.isEmpty() || now.dues().stream().noneMatch(d -> selected.get() == d.chore())) {
            selected = now.dues().stream().findFirst().map(Due::chore);
        }
        notices(now);
        show(now);
    }

    /** How the coop is kept in one half of the year; pressed again, what is due. */
    private ToggleButton season(Season.Face face) {
        ToggleButton button = new ToggleButton(Texts.get("season." + face.name()));
        button.setId("season-" + face.name());
        button.setToggleGroup(faces);
        button.getStyleClass().add("pill");
        button.setOnAction(
                _ -> {
                    shownFace = button.isSelected() ? Optional.of(face) : Optional.empty();
                    keeping.ifPresent(this::show);
                });
        return button;
    }

    private void show(Season.Face face, Coop coop) {
        Project project = workspace.project();
        Season season =
                Season.of(
                        face,
                        coop,
                        project.flock().practice().litter(),
                        project.site().climate(),
                        project.book().vessels());
        picture.picture().set(Elevation.lit(coop, workspace.tape(), new HashSet<>(season.marks())));
        slip.getChildren().add(Parts.text(Texts.get("season." + face.name() + ".title"), "title"));
        season.todo()
                .forEach(
                        s ->
                                slip.getChildren()
                                        .add(Parts.text("\u00b7 " + s.words(workspace.tape()))));
    }

    private void notices(Keeping now) {
        if (told.isAll(now.warnings(), now.after(), now.outgrown(), workspace.tape())) {
            return;
        }
        notices.getChildren().clear();
        now.warnings().forEach(w -> notices.getChildren().add(warning(w)));
        now.after().ifPresent(a -> notices.getChildren().add(after(a)));
        if (!now.outgrown().isEmpty()) {
            notices.getChildren().add(card(Texts.get("keep.outgrown"), now.outgrown()));
        }
    }

    private Node warning(Warning warning) {
        String head =
                Texts.get(
                        "keep.warning." + warning.kind().name(),
                        Dates.near(warning.day()),
                        workspace.tape().word(warning.figure()));
        return card(head, warning.todo());
    }

    private Node after(After after) {
        Entry entry = after.entry();
        VBox card =
                card(
                        Texts.get(
                                "keep.after",
                                Dates.near(entry.day()),
                                Wording.of(entry.what(), workspace.tape())),
                        after.look());
        if (after.isAttack()) {
            card.getChildren()
                    .add(
                            Parts.button(
                                    "after-audit",
                                    Texts.get("keep.after.audit"),
                                    () -> walkRound.accept(after),
                                    "small"));
        }
        return card;
    }

    private VBox card(String head, List<Sum> lines) {
        VBox box = new VBox(2, Parts.text(head, "danger", "strong"));
        lines.forEach(
                l ->
                        box.getChildren()
                                .add(Parts.text("· " + l.words(workspace.tape()), "note-ink")));
        box.getStyleClass().add("caution");
        box.setMinHeight(javafx.scene.layout.Region.USE_PREF_SIZE);
        return box;
    }

    private Node line(Due due, LocalDate today) {
        Chore chore = due.chore();
        CheckBox box = new CheckBox(Words.say("chore." + chore.id()));
        box.setId("chore-" + chore.id());
        box.setWrapText(true);
        box.setOnAction(_ -> done(chore));
        box.focusedProperty()
                .addListener(
                        (_, _, focused) -> {
                            if (focused) {
                                select(chore);
                            }
                        });
        HBox.setHgrow(box, Priority.ALWAYS);
        box.setMaxWidth(Double.MAX_VALUE);
        Label day =
                Parts.text(when(due, today), due.state() == Due.State.OVERDUE ? "danger" : "note");
        day.setMinWidth(96);
        day.setWrapText(false);
        HBox row = Parts.row(8, box, day);
        row.getStyleClass().add("list-line");
        row.setOnMouseClicked(_ -> select(chore));
        return row;
    }

    private static String when(Due due, LocalDate today) {
        long days = ChronoUnit.DAYS.between(today, due.day());
        if (days == 0) {
            return Texts.get("due.today");
        }
        if (days < 0) {
            return Texts.get("due.late", -days);
        }
        return days <= 31 ? Texts.get("due.in", days) : Dates.near(due.day());
    }

    private void done(Chore chore) {
        selected = Optional.of(chore);
        Entry entry =
                new Entry(
                        workspace.today(),
                        new Happening.Worked(chore, 0),
                        Words.say("chore." + chore.id()));
        workspace.edit(
                Texts.get("edit.chore", Words.say("chore." + chore.id())),
                p -> SayLog.written(p, List.of(entry)));
        Optional.ofNullable(list.lookup("#chore-" + chore.id())).ifPresent(Node::requestFocus);
    }

    private void putOff(Chore chore) {
        LocalDate until = workspace.today().plusDays(WEEK);
        workspace.edit(
                Texts.get("edit.putOff", Words.say("chore." + chore.id())),
                p -> p.withBook(p.book().puttingOff(chore, until)));
    }

    private void select(Chore chore) {
        shownFace = Optional.empty();
        faces.selectToggle(null);
        selected = Optional.of(chore);
        keeping.ifPresent(this::show);
    }

    private void show(Keeping now) {
        Optional<Due> due =
                now.dues().stream()
                        .filter(d -> selected.equals(Optional.of(d.chore())))
                        .findFirst();
        Project project = workspace.project();
        if (seen.isAll(
                now.coop(), due, shownFace, project.keeper(), project.site(), project.book())) {
            return;
        }
        slip.getChildren().clear();
        if (now.coop().isEmpty() || due.isEmpty()) {
            picture.picture().set(new Picture(List.of(), 0, 0, 1, 1));
            return;
        }
        Coop coop = now.coop().get();
        if (shownFace.isPresent()) {
            show(shownFace.get(), coop);
            return;
        }
        Chore chore = due.get().chore();
        List<String> marks = chore.marks(coop);
        picture.picture().set(Elevation.lit(coop, workspace.tape(), new HashSet<>(marks)));
        String key = "chore." + chore.id();
        slip.getChildren()
                .addAll(
                        Parts.text(Words.say(key), "title"),
                        Parts.fact(Texts.get("due.when"), Dates.day(due.get().day())),
                        Parts.fact(
                                Texts.get("due.last"),
                                due.get().last().map(Dates::day).orElse(Texts.get("due.never"))),
                        Parts.fact(
                                Texts.get("raise.time"),
                                Texts.get("raise.minutes", chore.minutes())),
                        Parts.fact(Texts.get("due.sign"), Words.say(key + ".sign")),
                        Parts.fact(Texts.get("due.have"), Words.say(key + ".have")),
                        Parts.button(
                                "chore-done",
                                Texts.get("due.done"),
                                () -> done(chore),
                                "main-button"),
                        Parts.button("chore-off", Texts.get("due.putOff"), () -> putOff(chore)));
    }
}
