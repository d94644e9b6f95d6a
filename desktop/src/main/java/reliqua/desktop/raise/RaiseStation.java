package reliqua.desktop.raise;

import java.io.File;
import java.nio.charset.StandardCharsets;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.stage.FileChooser;
import reliqua.core.build.Pace;
import reliqua.core.build.Schedule;
import reliqua.core.build.Step;
import reliqua.core.build.StepNote;
import reliqua.core.build.ToolNeed;
import reliqua.core.buy.Fixing;
import reliqua.core.measure.Sum;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Words;
import reliqua.core.project.Dates;
import reliqua.core.project.Design;
import reliqua.core.project.Project;
import reliqua.core.project.Shopping;
import reliqua.desktop.Texts;
import reliqua.desktop.shell.Parts;
import reliqua.desktop.shell.PdfSaver;
import reliqua.desktop.shell.Rows;
import reliqua.desktop.shell.Seen;
import reliqua.desktop.shell.Station;
import reliqua.desktop.work.Reasons;
import reliqua.desktop.work.Workspace;
import reliqua.files.FinishedPdf;
import reliqua.files.WorkCalendar;
import reliqua.files.disk.SafeFile;

/** The steps of the build, in order, with what goes on lit up. */
public final class RaiseStation implements Station {
    private final Workspace workspace;
    private final VBox steps = new VBox(2);
    private final BuildPicture picture;
    private final Label summary = Parts.text("", "soft");
    private final VBox bench = new VBox(10);
    private final VBox slip = new VBox(10);

    /** What is told of a step, and below it what follows from all of them. */
    private final VBox told = new VBox(10);

    private final VBox further = new VBox(10);

    /** Between them, what the keeper writes: it stays as it is while the plan changes round it. */
    private final VBox written = new VBox(10);

    private final Seen writtenSeen = new Seen();
    private final ScrollPane scroll = new ScrollPane(steps);
    private final Seen seen = new Seen();
    private final Seen slipSeen = new Seen();
    private final Rows<Row> rows = new Rows<>(steps, this::row);
    private Optional<String> selected = Optional.empty();

    /** Over the workspace. */
    public RaiseStation(Workspace workspace) {
        this.workspace = workspace;
        this.picture = new BuildPicture(this::choose, workspace.background(), workspace::tell);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("bare");
        scroll.setMinWidth(350);
        scroll.setPrefWidth(370);
        HBox.setHgrow(picture, Priority.ALWAYS);
        HBox middle = new HBox(14, scroll, picture);
        VBox.setVgrow(middle, Priority.ALWAYS);
        bench.getChildren()
                .addAll(
                        Parts.row(12, Parts.text(Texts.get("station.raise"), "headline"), summary),
                        middle);
    }

    @Override
    public String id() {
        return "raise";
    }

    @Override
    public Node bench() {
        return bench;
    }

    @Override
    public Node slip() {
        return slip;
    }

    @Override
    public String pictogram() {
        return "M12 3 L12 14 M8 6 L16 6 L16 3 L8 3 Z M10 14 L14 14 L14 21 L10 21 Z";
    }

    private List<Step> all() {
        return workspace
                .designs()
                .state()
                .get()
                .design()
                .map(d -> d.paced(workspace.project()))
                .orElse(List.of());
    }

    private boolean isDone(Step step) {
        return workspace.project().done().contains(step.key());
    }

    @Override
    public String line() {
        return all().stream()
                .filter(s -> !isDone(s))
                .findFirst()
                .map(s -> Texts.get("raise.next", s.name().words(workspace.tape())))
                .orElseGet(() -> Texts.get(all().isEmpty() ? "raise.none" : "raise.finished"));
    }

    @Override
    public void refresh() {
        Project project = workspace.project();
        Optional<Design> design = workspace.designs().state().get().design();
        if (seen.isAll(
                design,
                project.done(),
                project.notes(),
                project.chosen(),
                project.keeper(),
                workspace.today())) {
            return;
        }
        List<Step> now = all();
        long done = now.stream().filter(this::isDone).count();
        summary.setText(summary(now, done));
        List<Row> all = new ArrayList<>();
        Optional<Sum> under = Optional.empty();
        for (Step step : now) {
            Sum heading = step.heading();
            if (!under.equals(Optional.of(heading))) {
                under = Optional.of(heading);
                all.add(new Row(heading.words(workspace.tape()), Optional.empty(), false));
            }
            String words = step.words().words(workspace.tape());
            all.add(new Row(words, Optional.of(step), isDone(step)));
        }
        rows.show(all);
        if (selected.isEmpty() || now.stream().noneMatch(s -> s.id().equals(selected.get()))) {
            selected = now.stream().filter(s -> !isDone(s)).findFirst().map(Step::id);
        }
        show();
    }

    private String summary(List<Step> now, long done) {
        if (now.isEmpty()) {
            return Texts.get("raise.none");
        }
        String steps = Texts.get("raise.summary", done, now.size());
        return schedule()
                .flatMap(Schedule::ready)
                .map(day -> Texts.get("raise.ready", steps, Dates.day(day)))
                .orElse(steps);
    }

    private Optional<Schedule> schedule() {
        return workspace
                .designs()
                .state()
                .get()
                .design()
                .map(d -> d.schedule(workspace.project(), workspace.today()));
    }

    /** The next day of work: what is done on it, and who is wanted. */
    private Node nextSession(Schedule.Session session) {
        VBox box =
                new VBox(
                        3,
                        Parts.text(
                                Texts.get(
                                        "raise.session",
                                        Dates.near(session.day()),
                                        session.minutes() / 60,
                                        session.minutes() % 60),
                                "strong"));
        session.works()
                .forEach(
                        w ->
                                box.getChildren()
                                        .add(
                                                Parts.text(
                                                        "\u00b7 " + WorkCalendar.words(w),
                                                        "note-ink")));
        if (session.wantsHelp()) {
            box.getChildren().add(Parts.text(Texts.get("raise.session.help"), "note"));
        }
        box.getChildren()
                .add(
                        Parts.button(
                                "build-calendar",
                                Texts.get("raise.calendar"),
                                this::saveCalendar,
                                "small"));
        box.getStyleClass().add("box");
        return box;
    }

    /** The coop as it was built, on a page. */
    private void savePage() {
        Project project = workspace.project();
        PdfSaver.save(
                workspace,
                bench.getScene().getWindow(),
                Texts.get("raise.page"),
                Texts.get("raise.page.file", project.name()),
                d -> FinishedPdf.write(project, d));
    }

    private void saveCalendar() {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(Texts.get("raise.calendar"));
        chooser.setInitialFileName(workspace.project().name() + ".ics");
        File file = chooser.showSaveDialog(bench.getScene().getWindow());
        Optional<Schedule> schedule = schedule();
        if (file == null || schedule.isEmpty()) {
            return;
        }
        String text =
                WorkCalendar.write(workspace.project().name(), schedule.get(), LocalDateTime.now());
        workspace
                .background()
                .run(
                        () -> {
                            SafeFile.write(file.toPath(), text.getBytes(StandardCharsets.UTF_8));
                            return Texts.get("export.done");
                        },
                        workspace::tell,
                        e -> workspace.tell(Texts.get("file.cannotWrite", Reasons.of(e))));
    }

    /** A head over steps, or one of them. */
    private record Row(String words, Optional<Step> step, boolean done) {}

    private Node row(Row row) {
        return row.step()
                .map(step -> line(step, row.words()))
                .orElseGet(() -> Parts.text(row.words(), "strong", "stage"));
    }

    private Node line(Step step, String words) {
        CheckBox box = new CheckBox(words);
        box.setId("step-" + step.id());
        box.setSelected(isDone(step));
        box.setWrapText(true);
        box.setOnAction(
                _ -> {
                    selected = Optional.of(step.id());
                    String key = box.isSelected() ? "edit.done" : "edit.undone";
                    workspace.edit(
                            Texts.get(key, step.name().words(workspace.tape())),
                            p -> workspace.settled(p).tick(step.key(), box.isSelected()));
                    Optional.ofNullable(steps.lookup("#step-" + step.id()))
                            .ifPresent(Node::requestFocus);
                });
        box.focusedProperty()
                .addListener(
                        (_, _, focused) -> {
                            if (focused) {
                                selected = Optional.of(step.id());
                                show();
                            }
                        });
        HBox.setHgrow(box, Priority.ALWAYS);
        box.setMaxWidth(Double.MAX_VALUE);
        Label minutes = Parts.text(Texts.get("raise.minutes", step.minutes()), "note");
        minutes.setMinWidth(54);
        minutes.setWrapText(false);
        HBox row = Parts.row(8, box, minutes);
        row.getStyleClass().add("list-line");
        row.setOnMouseClicked(
                _ -> {
                    selected = Optional.of(step.id());
                    show();
                });
        return row;
    }

    private void show() {
        Optional<Design> design = workspace.designs().state().get().design();
        Optional<Step> step =
                all().stream().filter(s -> selected.equals(Optional.of(s.id()))).findFirst();
        if (design.isEmpty() || step.isEmpty()) {
            picture.clear();
            clear();
            return;
        }
        Tape tape = workspace.tape();
        picture.show(design.get(), step.get(), tape);
        Project project = workspace.project();
        if (slipSeen.isAll(
                step.get(),
                design.get().fixings(step.get(), tape.system()),
                design.get().pace(project),
                schedule(),
                project.note(step.get().key()),
                project.done(),
                project.chosen(),
                project.keeper())) {
            return;
        }
        told.getChildren()
                .setAll(
                        Parts.text(step.get().words().words(workspace.tape()), "title"),
                        pieces(step.get()),
                        Parts.fact(
                                Texts.get("raise.time"),
                                Texts.get("raise.minutes", step.get().minutes())));
        hardware(design.get(), step.get());
        step.get()
                .check()
                .ifPresent(
                        c ->
                                told.getChildren()
                                        .add(Parts.fact(Texts.get("raise.check"), c.words(tape))));
        if (step.get().twoPeople()) {
            told.getChildren().add(caution(Texts.get("raise.two"), Texts.get("raise.two.why")));
        }
        step.get()
                .caution()
                .ifPresent(
                        key ->
                                told.getChildren()
                                        .add(caution(Texts.get("raise.mind"), Words.say(key))));
        write(step.get());
        further.getChildren().clear();
        pace(design.get());
        showSession();
        further.getChildren()
                .addAll(
                        Parts.rule(),
                        Parts.text(Texts.get("raise.page.why"), "note"),
                        Parts.button(
                                "coop-page", Texts.get("raise.page"), this::savePage, "small"));
    }

    private void clear() {
        told.getChildren().clear();
        written.getChildren().clear();
        further.getChildren().clear();
        slipSeen.isAll();
        writtenSeen.isAll();
    }

    /** Made anew for another step, and where what it shows has become another. */
    private void write(Step step) {
        Project project = workspace.project();
        boolean done = project.done().contains(step.key());
        StepNote note = project.note(step.key());
        if (!writtenSeen.isAll(step.key(), note, done, project.chosen(), workspace.tape())) {
            written.getChildren().setAll(Parts.rule(), new AsBuilt(workspace, step));
        }
        if (slip.getChildren().isEmpty()) {
            slip.getChildren().addAll(told, written, further);
        }
    }

    /** What the minutes written down say about those to come. */
    private void pace(Design design) {
        Pace pace = design.pace(workspace.project());
        if (pace.isKnown()) {
            String told =
                    Texts.get(
                            "built.pace",
                            pace.taken(),
                            pace.planned(),
                            Math.round(pace.factor() * 100));
            further.getChildren().add(Parts.text(told, "note"));
        }
    }

    private static Node pieces(Step step) {
        return step.marks().isEmpty()
                ? Parts.text(Texts.get(step.dries() ? "raise.dries" : "raise.noPieces"), "note-ink")
                : Parts.fact(Texts.get("raise.pieces"), String.join(", ", step.marks()));
    }

    private void choose(Step step) {
        selected = Optional.of(step.id());
        show();
    }

    /** The small things that go in, counted. */
    private void hardware(Design design, Step step) {
        List<Fixing> fixings = design.fixings(step, workspace.tape().system());
        if (!fixings.isEmpty()) {
            told.getChildren().add(Parts.text(Texts.get("raise.hardware"), "strong"));
        }
        for (Fixing fixing : fixings) {
            told.getChildren().add(Parts.text(Shopping.step(fixing, workspace.tape()), "note-ink"));
        }
    }

    private void showSession() {
        schedule().stream()
                .flatMap(s -> s.sessions().stream())
                .findFirst()
                .ifPresent(s -> further.getChildren().addAll(Parts.rule(), nextSession(s)));
        tools();
    }

    /** What to borrow, and what stands ready. */
    private void tools() {
        Tape tape = workspace.tape();
        List<ToolNeed> needs =
                workspace
                        .designs()
                        .state()
                        .get()
                        .design()
                        .map(d -> d.tools(workspace.project().keeper()))
                        .orElse(List.of());
        if (needs.isEmpty()) {
            return;
        }
        further.getChildren().addAll(Parts.rule(), Parts.text(Texts.get("raise.tools"), "strong"));
        for (ToolNeed need : needs) {
            if (!need.there()) {
                String words =
                        Texts.get(
                                "raise.borrow",
                                need.name().words(tape),
                                need.instead().map(i -> i.words(tape)).orElse(""));
                further.getChildren().add(Parts.text(words, "danger", "note-ink"));
            }
        }
        String ready =
                needs.stream()
                        .filter(ToolNeed::there)
                        .map(n -> n.name().words(tape))
                        .collect(Collectors.joining(", "));
        further.getChildren().add(Parts.text(Texts.get("raise.tools.ready", ready), "note-ink"));
    }

    private static Node caution(String title, String words) {
        VBox box =
                new VBox(2, Parts.text(title, "danger", "strong"), Parts.text(words, "note-ink"));
        box.getStyleClass().add("caution");
        return box;
    }
}
