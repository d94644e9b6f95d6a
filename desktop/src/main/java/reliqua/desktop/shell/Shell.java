package reliqua.desktop.shell;

import java.nio.file.Path;
import java.util.List;
import java.util.function.Consumer;
import javafx.animation.Animation;
import javafx.animation.PauseTransition;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.DragEvent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import reliqua.core.measure.Language;
import reliqua.desktop.Texts;
import reliqua.desktop.birds.BirdsStation;
import reliqua.desktop.fetch.FetchStation;
import reliqua.desktop.fit.FitStation;
import reliqua.desktop.guide.GuidePages;
import reliqua.desktop.guide.GuideView;
import reliqua.desktop.heap.HeapStation;
import reliqua.desktop.heap.ImportView;
import reliqua.desktop.keep.KeepStation;
import reliqua.desktop.raise.RaiseStation;
import reliqua.desktop.saw.SawStation;
import reliqua.desktop.work.Workspace;
import reliqua.files.TableImport;
import reliqua.standins.Forecasts;

/**
 * The frame: path on the left, tally above, bench in the middle, slip on the right, say line below.
 */
public final class Shell extends BorderPane {
    private static final KeyCodeCombination SAY =
            new KeyCodeCombination(KeyCode.K, KeyCombination.SHORTCUT_DOWN);
    private static final KeyCodeCombination SLIP =
            new KeyCodeCombination(KeyCode.J, KeyCombination.SHORTCUT_DOWN);

    /** Below this width path and slip leave the bench too little room. */
    private static final double NARROW = 1060;

    private static final double LEAST_BENCH_WIDTH = 640;
    private static final double LEAST_BENCH_HEIGHT = 400;

    /** From one look at a search to the next. */
    private static final Duration CALM = Duration.millis(300);

    private final PauseTransition calm = new PauseTransition(CALM);
    private boolean waits;
    private final Workspace workspace;
    private final List<Station> stations;
    private final PathBar path;
    private final Tally tally;
    private final SayBar say;
    private final StackPane bench = new StackPane();
    private final ScrollPane benchScroll = new ScrollPane(bench);
    private final ScrollPane slip = new ScrollPane();
    private final Button details =
            Parts.button("slip-toggle", Texts.get("slip.toggle"), this::toggleSlip, "small");
    private final Label title = Parts.text("", "title");
    private final Label file = Parts.text("", "soft", "file-line");
    private final Label notice = Parts.text("", "notice");
    private final ProgressBar progress = new ProgressBar();
    private final Button stop =
            Parts.button("stop", Texts.get("stop"), () -> stopSearch(), "small");
    private final VBox left = new VBox(10);
    private final VBox centre = new VBox(4);
    private final Commands commands;
    private Consumer<Language> speaks = _ -> {};
    private boolean narrow;
    private Station current;

    /** Builds the frame around a workspace. */
    public Shell(Workspace workspace) {
        this.workspace = workspace;
        this.stations =
                List.of(
                        new BirdsStation(workspace),
                        new HeapStation(workspace),
                        new FitStation(workspace),
                        new SawStation(workspace, wholeWindow()),
                        new FetchStation(workspace),
                        new RaiseStation(workspace),
                        new KeepStation(workspace, new Forecasts()));
        this.current = stations.get(2);
        this.path = new PathBar(stations, this::go);
        this.tally = new Tally(workspace, this::go);
        this.say = new SayBar(workspace, () -> current);
        this.commands = new Commands(workspace, this);
        build();
        wire();
        go(current);
    }

    /** What is done when another language is chosen: the window is built anew. */
    public void onLanguage(Consumer<Language> how) {
        speaks = how;
    }

    void speak(Language language) {
        speaks.accept(language);
    }

    /** The station one is at. */
    public String at() {
        return current.id();
    }

    private WholeWindow wholeWindow() {
        return new WholeWindow() {
            @Override
            public void take(Node node) {
                setLeft(null);
                setBottom(null);
                setCenter(node);
            }

            @Override
            public void giveBack() {
                setLeft(left);
                setCenter(centre);
                setBottom(say);
                bench.requestFocus();
                refresh();
            }
        };
    }

    /** Shows a table before it is added to the heap. */
    void preview(TableImport table, String name) {
        WholeWindow whole = wholeWindow();
        Runnable close =
                () -> {
                    whole.giveBack();
                    go("heap");
                };
        ImportView view = new ImportView(workspace, table, name, close);
        whole.take(view);
        view.requestFocus();
    }

    /** The guide, at the page of the station one is at. */
    void guide() {
        String page = GuidePages.ids().contains(current.id()) ? current.id() : "first";
        WholeWindow whole = wholeWindow();
        GuideView guide = new GuideView(page, whole::giveBack);
        whole.take(guide);
        guide.begin();
    }

    /** Opens a project; adds a heap, or shows a table before it is added. */
    public void take(Path file) {
        commands.take(file);
    }

    private void build() {
        getStyleClass().add("shell");
        MenuButton menu = commands.menu();
        menu.setMinWidth(Region.USE_PREF_SIZE);
        title.setWrapText(false);
        title.managedProperty().bind(title.visibleProperty());
        file.managedProperty().bind(file.visibleProperty());
        VBox name = new VBox(2, title, Parts.row(6, file, Parts.spring(), menu));
        name.getStyleClass().add("name");
        left.getChildren().addAll(name, path);
        left.getStyleClass().add("left");
        setLeft(left);
        progress.setId("progress");
        progress.setMaxWidth(Double.MAX_VALUE);
        notice.setId("notice");
        notice.setMaxWidth(Double.MAX_VALUE);
        notice.managedProperty().bind(notice.visibleProperty());
        bench.getStyleClass().add("bench");
        bench.setId("bench");
        // In a small window what does not fit can be scrolled to instead of being cut off.
        bench.setMinSize(LEAST_BENCH_WIDTH, LEAST_BENCH_HEIGHT);
        benchScroll.setFitToWidth(true);
        benchScroll.setFitToHeight(true);
        benchScroll.setFocusTraversable(false);
        benchScroll.getStyleClass().add("bench-scroll");
        benchScroll.setMinSize(0, 0);
        slip.setFitToWidth(true);
        slip.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        slip.getStyleClass().add("slip");
        slip.setId("slip");
        slip.managedProperty().bind(slip.visibleProperty());
        HBox middle = new HBox(14, benchScroll, slip);
        HBox.setHgrow(benchScroll, Priority.ALWAYS);
        VBox.setVgrow(middle, Priority.ALWAYS);
        HBox.setHgrow(progress, Priority.ALWAYS);
        details.managedProperty().bind(details.visibleProperty());
        details.setVisible(false);
        HBox searching = Parts.row(8, progress, stop, details);
        searching.setMinHeight(26);
        centre.getChildren()
                .addAll(
                        tally,
                        searching,
                        new TroubleBar(workspace, commands::saveAs),
                        notice,
                        middle);
        centre.getStyleClass().add("centre");
        setCenter(centre);
        setBottom(say);
    }

    private void wire() {
        workspace.history().addListener((_, _, _) -> refresh());
        workspace.designs().state().addListener((_, _, _) -> calmly());
        calm.setOnFinished(
                _ -> {
                    if (waits) {
                        calmly();
                    }
                });
        workspace.designs().review().addListener((_, _, _) -> current.reviewed());
        workspace.saved().addListener((_, _, _) -> head());
        workspace.trouble().addListener((_, _, _) -> head());
        workspace.background().busy().addListener((_, _, _) -> head());
        workspace.path().addListener((_, _, _) -> head());
        workspace.notice().addListener((_, _, _) -> notice());
        workspace
                .designs()
                .progress()
                .addListener(
                        (_, _, share) -> {
                            progress.setProgress(share.doubleValue());
                            boolean busy = share.doubleValue() < 1;
                            progress.setOpacity(busy ? 1 : 0);
                            stop.setVisible(busy);
                            if (!busy && waits) {
                                // What was found in the end is shown at once.
                                waits = false;
                                refresh();
                            }
                        });
        widthProperty().addListener((_, _, width) -> narrow(width.doubleValue() < NARROW));
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        addEventFilter(KeyEvent.KEY_TYPED, this::typed);
        setOnDragOver(this::dragOver);
        setOnDragDropped(this::dropped);
    }

    /** In a narrow window the path keeps its pictograms, and the slip comes when it is called. */
    private void narrow(boolean now) {
        if (now == narrow) {
            return;
        }
        narrow = now;
        path.compact(now);
        tally.compact(now);
        say.compact(now);
        title.setVisible(!now);
        file.setVisible(!now);
        details.setVisible(now);
        slip.setVisible(!now);
        left.getStyleClass().remove("narrow");
        if (now) {
            left.getStyleClass().add("narrow");
        }
    }

    private void toggleSlip() {
        slip.setVisible(!slip.isVisible());
    }

    private void key(KeyEvent event) {
        if (event.getCode() == KeyCode.F1 && getCenter() == centre) {
            guide();
            event.consume();
        } else if (SAY.match(event)) {
            say.begin("");
            event.consume();
        } else if (SLIP.match(event)) {
            toggleSlip();
            event.consume();
        } else if (event.isShortcutDown()
                && number(event.getCode()) > 0
                && number(event.getCode()) <= stations.size()) {
            go(stations.get(number(event.getCode()) - 1));
            event.consume();
        } else {
            commands.key(event);
        }
    }

    private static int number(KeyCode code) {
        return code.isDigitKey() ? code.ordinal() - KeyCode.DIGIT0.ordinal() : -1;
    }

    /** A digit typed where lines are said, outside any field, begins one. */
    private void typed(KeyEvent event) {
        boolean inField =
                getScene() != null && getScene().getFocusOwner() instanceof TextInputControl;
        boolean digit = event.getCharacter().matches("\\d");
        if (!inField && digit && current.hearsDigits() && !event.isShortcutDown()) {
            say.begin(event.getCharacter());
            event.consume();
        }
    }

    private void dragOver(DragEvent event) {
        if (event.getDragboard().hasFiles()) {
            event.acceptTransferModes(TransferMode.COPY);
        }
        event.consume();
    }

    private void dropped(DragEvent event) {
        event.getDragboard().getFiles().forEach(f -> take(f.toPath()));
        event.setDropCompleted(true);
        event.consume();
    }

    /** Goes to a station by its id. */
    public void go(String id) {
        stations.stream().filter(s -> s.id().equals(id)).findFirst().ifPresent(this::go);
    }

    private void go(Station station) {
        current = station;
        path.select(station);
        refresh();
        put(bench, station.bench());
        station.slip().getStyleClass().remove("slip-paper");
        station.slip().getStyleClass().add("slip-paper");
        slip.setContent(station.slip());
    }

    private static void put(StackPane pane, Node node) {
        if (!pane.getChildren().equals(List.of(node))) {
            pane.getChildren().setAll(node);
        }
    }

    private void refresh() {
        current.refresh();
        path.refresh();
        tally.refresh();
        say.refresh();
        head();
        notice();
        commands.refresh();
    }

    /** While it goes on, a search finds better houses faster than anybody reads them. */
    private void calmly() {
        boolean busy = workspace.designs().progress().get() < 1;
        waits = busy && calm.getStatus() == Animation.Status.RUNNING;
        if (!waits) {
            refresh();
            calm.playFromStart();
        }
    }

    private void stopSearch() {
        workspace.designs().stop();
    }

    private void head() {
        title.setText(workspace.project().name());
        file.setText(Texts.get(state()));
    }

    private String state() {
        if (workspace.background().busy().get()) {
            return "file.busy";
        }
        boolean saved = workspace.saved().get();
        if (workspace.trouble().get().isPresent()) {
            return saved ? "file.reading" : "file.unsaved";
        }
        return saved ? "file.saved" : "file.saving";
    }

    private void notice() {
        String fault = workspace.designs().state().get().fault();
        String words = workspace.notice().get().isEmpty() ? fault : workspace.notice().get();
        notice.setText(words);
        notice.setVisible(!words.isEmpty());
    }
}
