package reliqua.desktop.shell;

import java.io.File;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import javafx.stage.DirectoryChooser;
import javafx.stage.FileChooser;
import org.jspecify.annotations.Nullable;
import reliqua.core.measure.Language;
import reliqua.core.measure.UnitSystem;
import reliqua.core.project.Changes;
import reliqua.core.project.Design;
import reliqua.core.project.Keeping;
import reliqua.core.project.PlanReview;
import reliqua.core.project.Project;
import reliqua.core.stock.Heap;
import reliqua.core.stock.PriceBook;
import reliqua.desktop.Texts;
import reliqua.desktop.work.Reasons;
import reliqua.desktop.work.Workspace;
import reliqua.files.Exports;
import reliqua.files.HeapCsv;
import reliqua.files.InputException;
import reliqua.files.KeepCalendar;
import reliqua.files.KeepPdf;
import reliqua.files.PacketPdf;
import reliqua.files.PriceCsv;
import reliqua.files.ProjectFile;
import reliqua.files.TableImport;
import reliqua.files.TemplatesPdf;
import reliqua.files.TextFile;
import reliqua.files.disk.SafeFile;

/** What the menu and the keyboard do: files, undo, exports, looks. */
final class Commands {
    private static final KeyCodeCombination UNDO =
            new KeyCodeCombination(KeyCode.Z, KeyCombination.SHORTCUT_DOWN);
    private static final KeyCodeCombination REDO =
            new KeyCodeCombination(
                    KeyCode.Z, KeyCombination.SHORTCUT_DOWN, KeyCombination.SHIFT_DOWN);
    private static final KeyCodeCombination OPEN =
            new KeyCodeCombination(KeyCode.O, KeyCombination.SHORTCUT_DOWN);
    private static final KeyCodeCombination SAVE =
            new KeyCodeCombination(KeyCode.S, KeyCombination.SHORTCUT_DOWN);
    private static final KeyCodeCombination PRINT =
            new KeyCodeCombination(KeyCode.P, KeyCombination.SHORTCUT_DOWN);

    private static final List<String> LOOKS = List.of("whitewash", "lantern", "noon");
    private static final List<String> SIZES = List.of("text-normal", "text-large", "text-huge");

    private final Workspace workspace;
    private final Shell shell;
    private @Nullable TapeWindow tapeWindow;
    private final MenuButton menu = new MenuButton(Texts.get("menu"));
    private final MenuItem undo = new MenuItem();
    private final MenuItem redo = new MenuItem();
    private final Menu recent = new Menu(Texts.get("menu.recent"));
    private final Menu versions = new Menu(Texts.get("menu.versions"));

    Commands(Workspace workspace, Shell shell) {
        this.workspace = workspace;
        this.shell = shell;
        NewCoops newCoops = new NewCoops(workspace, shell);
        menu.setId("menu");
        versions.setId("menu.versions");
        menu.setOnShowing(
                _ -> {
                    listFiles();
                    newCoops.opening();
                });
        versions.getItems().add(new MenuItem(Texts.get("menu.versions.none")));
        undo.setOnAction(_ -> workspace.undo());
        redo.setOnAction(_ -> workspace.redo());
        undo.setAccelerator(UNDO);
        redo.setAccelerator(REDO);
        menu.getItems().addAll(undo, redo, new SeparatorMenuItem());
        menu.getItems().addAll(newCoops.begun());
        menu.getItems()
                .addAll(
                        item("menu.open", this::open),
                        recent,
                        item("menu.saveAs", this::saveAs),
                        versions);
        menu.getItems().addAll(newCoops.shown());
        menu.getItems()
                .addAll(
                        new SeparatorMenuItem(),
                        item("menu.import", this::importHeap),
                        item("menu.prices", this::importPrices),
                        item("menu.tape", this::tape),
                        item("menu.packet", this::packet),
                        chapters(),
                        item("menu.templates", this::templates),
                        item("menu.year", this::year),
                        item("menu.due", this::due),
                        item("menu.export", this::export),
                        new SeparatorMenuItem(),
                        looks(),
                        sizes(),
                        languages(),
                        new SeparatorMenuItem(),
                        guide());
    }

    MenuButton menu() {
        return menu;
    }

    static MenuItem item(String key, Runnable action) {
        MenuItem item = new MenuItem(Texts.get(key));
        item.setId(key);
        item.setOnAction(_ -> action.run());
        return item;
    }

    private MenuItem guide() {
        MenuItem guide = item("menu.guide", shell::guide);
        guide.setAccelerator(new KeyCodeCombination(KeyCode.F1));
        return guide;
    }

    private Menu looks() {
        return styles("menu.look", "look", LOOKS);
    }

    private Menu sizes() {
        return styles("menu.size", "size", SIZES);
    }

    /** Each under its own name. */
    private Menu languages() {
        Menu all = new Menu(Texts.get("menu.language"));
        for (Language each : Language.values()) {
            MenuItem one = new MenuItem(each.own());
            one.setId("language-" + each.id());
            one.setOnAction(_ -> speak(each));
            all.getItems().add(one);
        }
        return all;
    }

    private void speak(Language language) {
        if (keep("language", language.id())) {
            shell.speak(language);
        }
    }

    private Menu styles(String title, String setting, List<String> names) {
        Menu menuOfStyles = new Menu(Texts.get(title));
        for (String name : names) {
            menuOfStyles
                    .getItems()
                    .add(item(setting + "." + name, () -> style(setting, names, name)));
        }
        return menuOfStyles;
    }

    private void style(String setting, List<String> others, String chosen) {
        var styles = shell.getScene().getRoot().getStyleClass();
        styles.removeAll(others);
        styles.add(chosen);
        keep(setting, chosen);
    }

    private boolean keep(String setting, String chosen) {
        try {
            workspace.folder().set(setting, chosen);
            return true;
        } catch (IOException e) {
            workspace.tell(Texts.get("file.cannotSave", setting, String.valueOf(e.getMessage())));
            return false;
        }
    }

    void key(KeyEvent event) {
        if (REDO.match(event)) {
            workspace.redo();
        } else if (UNDO.match(event)) {
            workspace.undo();
        } else if (OPEN.match(event)) {
            open();
        } else if (SAVE.match(event)) {
            workspace.save();
        } else if (PRINT.match(event)) {
            packet();
        } else {
            return;
        }
        event.consume();
    }

    void refresh() {
        Optional<String> back = workspace.history().get().undoName();
        Optional<String> forth = workspace.history().get().redoName();
        undo.setText(back.map(n -> Texts.get("menu.undo", n)).orElse(Texts.get("menu.undo.none")));
        redo.setText(forth.map(n -> Texts.get("menu.redo", n)).orElse(Texts.get("menu.redo.none")));
        undo.setDisable(back.isEmpty());
        redo.setDisable(forth.isEmpty());
    }

    /** What lies on the disk is looked up when the menu is opened, and beside the window. */
    private void listFiles() {
        workspace
                .background()
                .run(
                        workspace.folder()::recent,
                        this::listRecent,
                        e -> workspace.tell(Reasons.of(e)));
        listVersions();
    }

    private void listRecent(List<Path> files) {
        recent.getItems().setAll(files.stream().map(this::recent).toList());
        recent.setDisable(files.isEmpty());
    }

    private MenuItem recent(Path file) {
        MenuItem item = new MenuItem(String.valueOf(file.getFileName()));
        item.setOnAction(_ -> workspace.open(file));
        return item;
    }

    /** The versions of before, each by the time it was saved. */
    private void listVersions() {
        Path file = workspace.path().get();
        workspace
                .background()
                .run(
                        () -> Versions.of(file),
                        this::listVersions,
                        e -> workspace.tell(Reasons.of(e)));
    }

    private void listVersions(List<Versions.Version> found) {
        versions.getItems().setAll(found.stream().map(this::version).toList());
        versions.setDisable(found.isEmpty());
    }

    private MenuItem version(Versions.Version version) {
        MenuItem item = new MenuItem(version.when());
        item.setOnAction(_ -> backTo(version));
        return item;
    }

    /** As one step that can be undone; what differs is said. */
    private void backTo(Versions.Version version) {
        workspace
                .background()
                .run(
                        () -> ProjectFile.load(version.file()),
                        then -> {
                            String changes =
                                    Changes.between(then, workspace.project()).stream()
                                            .map(c -> c.words(workspace.tape()))
                                            .collect(Collectors.joining(", "));
                            workspace.edit(Texts.get("edit.version", version.when()), _ -> then);
                            workspace.tell(Texts.get("version.back", version.when(), changes));
                        },
                        e -> workspace.tell(Reasons.of(e)));
    }

    /** Made when first asked for, and kept: it remembers where the cursor was. */
    private void tape() {
        if (tapeWindow == null) {
            tapeWindow = new TapeWindow(workspace, shell.getScene());
        }
        tapeWindow.show();
    }

    private FileChooser chooser(String title, String kind, String ending) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(Texts.get(title));
        chooser.getExtensionFilters()
                .add(new FileChooser.ExtensionFilter(Texts.get(kind), "*" + ending));
        return chooser;
    }

    private void open() {
        File file =
                chooser("menu.open", "file.project", ProjectFile.ENDING)
                        .showOpenDialog(shell.getScene().getWindow());
        if (file != null) {
            workspace.open(file.toPath());
        }
    }

    void saveAs() {
        FileChooser chooser = chooser("menu.saveAs", "file.project", ProjectFile.ENDING);
        chooser.setInitialFileName(workspace.project().name() + ProjectFile.ENDING);
        File file = chooser.showSaveDialog(shell.getScene().getWindow());
        if (file != null) {
            workspace.saveAs(file.toPath());
        }
    }

    /** Of a table that is dropped or chosen here, what it holds tells what it is. */
    private void importHeap() {
        table("menu.import").ifPresent(this::take);
    }

    private void importPrices() {
        table("menu.prices").ifPresent(path -> take(path, true));
    }

    private Optional<Path> table(String title) {
        File file =
                chooser(title, "file.table", ".csv").showOpenDialog(shell.getScene().getWindow());
        return Optional.ofNullable(file).map(File::toPath);
    }

    /** Opens a project, adds a heap, or takes over prices. */
    void take(Path path) {
        take(path, false);
    }

    /** The same, {@code asPrices} where that is what was asked for. */
    void take(Path path, boolean asPrices) {
        String name = String.valueOf(path.getFileName()).toLowerCase(Locale.ROOT);
        if (name.endsWith(ProjectFile.ENDING)) {
            workspace.open(path);
            return;
        }
        Project now = workspace.project();
        workspace
                .background()
                .run(
                        () -> Table.read(path, name, now, asPrices),
                        table -> taken(table, name),
                        e -> cannotOpen(name, e));
    }

    /** A heap or prices as they are written here, or anybody's table. */
    private record Table(
            Optional<Heap> heap, Optional<PriceBook> prices, Optional<TableImport> other) {
        static Table read(Path path, String name, Project now, boolean asPrices)
                throws IOException, InputException {
            String text = TextFile.read(path);
            UnitSystem system = now.keeper().tape().system();
            if (asPrices || PriceCsv.isPrices(text)) {
                PriceBook prices = PriceCsv.read(text, name, system, now.prices().merchant());
                return new Table(Optional.empty(), Optional.of(prices), Optional.empty());
            }
            return HeapCsv.isHeap(text)
                    ? new Table(
                            Optional.of(HeapCsv.read(text, name, system)),
                            Optional.empty(),
                            Optional.empty())
                    : new Table(
                            Optional.empty(),
                            Optional.empty(),
                            Optional.of(TableImport.read(text, name)));
        }
    }

    private void taken(Table table, String name) {
        table.heap()
                .ifPresent(
                        added -> {
                            workspace.edit(
                                    Texts.get("edit.import", name), p -> p.adding(added.lots()));
                            shell.go("heap");
                        });
        table.prices()
                .ifPresent(
                        prices -> {
                            workspace.edit(Texts.get("edit.prices"), p -> p.withPrices(prices));
                            shell.go("fetch");
                        });
        table.other().ifPresent(other -> shell.preview(other, name));
    }

    private void cannotOpen(String name, Exception e) {
        workspace.tell(
                e instanceof InputException
                        ? Reasons.of(e)
                        : Texts.get("file.cannotOpen", name, Reasons.of(e)));
    }

    private void packet() {
        Project project = workspace.project();
        PlanReview known = workspace.designs().review().get();
        pdf(
                "menu.packet",
                workspace.project().name() + ".pdf",
                d -> PacketPdf.write(project, d, known.orOf(project, d)));
    }

    /** Some of the packet alone. */
    private Menu chapters() {
        Menu menu = new Menu(Texts.get("menu.chapters"));
        menu.setId("menu.chapters");
        for (PacketPdf.Chapter chapter : PacketPdf.Chapter.values()) {
            menu.getItems().add(item("menu.chapter." + chapter.name(), () -> chapter(chapter)));
        }
        return menu;
    }

    private void chapter(PacketPdf.Chapter chapter) {
        Project project = workspace.project();
        PlanReview known = workspace.designs().review().get();
        String key = "menu.chapter." + chapter.name();
        pdf(
                key,
                workspace.project().name() + " - " + Texts.get(key) + ".pdf",
                d -> PacketPdf.write(project, d, known.orOf(project, d), Set.of(chapter)));
    }

    /** Ends and seats at full size, to cut out. */
    private void templates() {
        pdf(
                "menu.templates",
                Texts.get("file.templates", workspace.project().name()),
                d -> TemplatesPdf.write(workspace.project(), d));
    }

    /** The year of the coop in use, on a page. */
    private void year() {
        pdf(
                "menu.year",
                Texts.get("file.year", workspace.project().name()),
                d -> KeepPdf.write(workspace.project(), keeping(d)));
    }

    private void pdf(String key, String name, PdfSaver.Making making) {
        PdfSaver.save(workspace, shell.getScene().getWindow(), Texts.get(key), name, making);
    }

    /** What comes round, for any calendar. */
    private void due() {
        FileChooser chooser = chooser("menu.due", "file.ics", ".ics");
        chooser.setInitialFileName(workspace.project().name() + ".ics");
        File file = chooser.showSaveDialog(shell.getScene().getWindow());
        if (file != null) {
            withDesign(
                    d ->
                            SafeFile.write(
                                    file.toPath(),
                                    KeepCalendar.write(
                                                    workspace.project().name(),
                                                    keeping(d).dues(),
                                                    workspace.today().atStartOfDay())
                                            .getBytes(StandardCharsets.UTF_8)));
        }
    }

    private Keeping keeping(Design design) {
        return Keeping.of(workspace.project(), Optional.of(design), workspace.today(), List.of());
    }

    private void export() {
        DirectoryChooser chooser = new DirectoryChooser();
        chooser.setTitle(Texts.get("menu.export"));
        File folder = chooser.showDialog(shell.getScene().getWindow());
        if (folder != null) {
            withDesign(d -> exportTo(folder.toPath(), d));
        }
    }

    private void exportTo(Path folder, Design design) throws IOException {
        for (Map.Entry<String, byte[]> file :
                Exports.all(workspace.project(), design, workspace.today()).entrySet()) {
            SafeFile.write(folder.resolve(file.getKey()), file.getValue());
        }
    }

    private interface Writing {
        void write(Design design) throws IOException;
    }

    /** Writes in the background and says how it went. */
    private void withDesign(Writing writing) {
        Optional<Design> design = workspace.designs().state().get().design();
        if (design.isEmpty()) {
            workspace.tell(Texts.get("export.nothing"));
            return;
        }
        workspace
                .background()
                .run(
                        () -> {
                            writing.write(design.get());
                            return Texts.get("export.done");
                        },
                        workspace::tell,
                        e -> workspace.tell(Texts.get("file.cannotWrite", Reasons.of(e))));
    }
}
