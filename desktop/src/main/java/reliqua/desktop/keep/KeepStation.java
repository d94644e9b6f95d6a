package reliqua.desktop.keep;

import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import reliqua.core.keep.After;
import reliqua.core.keep.Due;
import reliqua.core.keep.Entry;
import reliqua.core.keep.ForecastSource;
import reliqua.core.measure.Words;
import reliqua.core.project.Design;
import reliqua.core.project.Keeping;
import reliqua.core.project.Project;
import reliqua.core.project.SayEdit;
import reliqua.core.project.SayLog;
import reliqua.desktop.Texts;
import reliqua.desktop.shell.Parts;
import reliqua.desktop.shell.Seen;
import reliqua.desktop.shell.Station;
import reliqua.desktop.work.Workspace;

/** The coop in use. What is said here is written into the logbook. */
public final class KeepStation implements Station {
    private static final int FORECAST_DAYS = 6;

    private final Workspace workspace;
    private final ForecastSource forecasts;
    private final List<KeepView> views;
    private final AuditView audit;
    private final ScrollPane room = new ScrollPane();
    private final StackPane slip = new StackPane();
    private final VBox bench = new VBox(10);
    private final Label summary = Parts.text("", "soft");
    private KeepView shown;
    private final Seen inputs = new Seen();
    private Optional<Keeping> derived = Optional.empty();

    /** The log as it was looked at last. */
    private List<Entry> logged = List.of();

    /** Over the workspace, with a service that tells the weather to come. */
    public KeepStation(Workspace workspace, ForecastSource forecasts) {
        this.workspace = workspace;
        this.forecasts = forecasts;
        this.audit = new AuditView(workspace);
        this.views =
                List.of(
                        new DueView(workspace, this::walkRound),
                        new StoresView(workspace),
                        new EggsView(workspace),
                        new LogView(workspace),
                        audit);
        this.shown = views.getFirst();
        Label headline = Parts.text(Texts.get("station.keep"), "headline");
        headline.setMinWidth(Region.USE_PREF_SIZE);
        summary.setWrapText(false);
        HBox head = Parts.row(6, headline, summary, Parts.spring());
        ToggleGroup group = new ToggleGroup();
        for (KeepView view : views) {
            head.getChildren()
                    .add(
                            Parts.choice(
                                    "keep-" + view.id(),
                                    Texts.get("keep.side." + view.id()),
                                    group,
                                    view == shown,
                                    () -> show(view),
                                    "pill"));
        }
        VBox.setVgrow(room, Priority.ALWAYS);
        room.setFitToWidth(true);
        room.setFitToHeight(true);
        room.getStyleClass().add("bare");
        room.setContent(shown.node());
        slip.getChildren().setAll(shown.slip());
        slip.setAlignment(javafx.geometry.Pos.TOP_LEFT);
        bench.getChildren().addAll(head, room);
    }

    /** To the weak spots, those against what came, where it came, first. */
    private void walkRound(After after) {
        if (bench.lookup("#keep-" + audit.id()) instanceof ToggleButton choice) {
            choice.fire();
        }
        audit.after(after);
    }

    private void show(KeepView view) {
        shown = view;
        room.setContent(view.node());
        room.setVvalue(0);
        slip.getChildren().setAll(view.slip());
        view.refresh(keeping());
    }

    /** Derived anew only when something it follows from has changed. */
    private Keeping keeping() {
        Project now = workspace.project();
        boolean same =
                inputs.isAll(
                        now.book(),
                        now.flock(),
                        now.builtFor(),
                        now.site(),
                        now.keeper(),
                        workspace.designs().state().get().design(),
                        workspace.today());
        if (derived.isEmpty() || !same) {
            derived = Optional.of(derive());
        }
        return derived.get();
    }

    private Keeping derive() {
        Project project = workspace.project();
        Optional<Design> design = workspace.designs().state().get().design();
        return Keeping.of(
                project,
                design,
                workspace.today(),
                forecasts.next(
                        project.site().climate(),
                        project.site().southern(),
                        workspace.today(),
                        FORECAST_DAYS));
    }

    @Override
    public String id() {
        return "keep";
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
        return "M12 3 C7 3 4 11 4 15 A8 6.5 0 0 0 20 15 C20 11 17 3 12 3 Z M8 14 L11 17 L16 11";
    }

    @Override
    public SayEdit.Said read(String line, Project project) {
        return SayLog.read(line, project, workspace.today());
    }

    @Override
    public boolean hearsDigits() {
        return true;
    }

    @Override
    public String saidHere() {
        return ".keep";
    }

    @Override
    public String line() {
        Project project = workspace.project();
        if (project.book().start().isEmpty()) {
            return Texts.get("keep.line.new");
        }
        // The line is asked for after every edit anywhere: all the rest waits until one is here.
        List<Due> now =
                workspace.designs().state().get().design().stream()
                        .flatMap(
                                d ->
                                        Keeping.dues(
                                                project, d.candidate().coop(), workspace.today())
                                                .stream())
                        .filter(Due::isNow)
                        .toList();
        return now.isEmpty()
                ? Texts.get("keep.line.none")
                : now.size() == 1
                        ? Words.say("chore." + now.getFirst().chore().id())
                        : Texts.get("keep.line.due", now.size());
    }

    @Override
    public void refresh() {
        Optional<Keeping> before = derived;
        Keeping keeping = keeping();
        if (before.isEmpty() || before.get() != keeping) {
            summary.setText(summary(keeping));
            shown.refresh(keeping);
            before.ifPresent(b -> told(b, keeping));
            logged = workspace.project().book().log();
        }
    }

    /**
     * A loss or a digging hole that has just been told leads from what is due to where it can have
     * been; who looks at something else stays there.
     */
    private void told(Keeping before, Keeping now) {
        now.after()
                .filter(_ -> shown == views.getFirst())
                .filter(After::isAttack)
                .filter(a -> before.after().isEmpty() || !before.after().get().equals(a))
                .filter(_ -> hasGrown(workspace.project().book().log()))
                .ifPresent(this::walkRound);
    }

    /** What is taken back, and another project that is opened, lead nowhere. */
    private boolean hasGrown(List<Entry> log) {
        return log.size() > logged.size() && log.containsAll(logged);
    }

    private String summary(Keeping keeping) {
        if (workspace.project().book().start().isEmpty()) {
            return Texts.get("keep.empty");
        }
        return Texts.get("keep.summary", keeping.now().size());
    }
}
