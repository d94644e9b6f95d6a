package reliqua.desktop.heap;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.Clipboard;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;
import org.jspecify.annotations.Nullable;
import reliqua.core.measure.Tape;
import reliqua.core.project.Project;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Mesh;
import reliqua.core.stock.Roofing;
import reliqua.core.stock.Sheet;
import reliqua.core.stock.Stick;
import reliqua.desktop.Texts;
import reliqua.desktop.photo.Pictures;
import reliqua.desktop.shell.Parts;
import reliqua.desktop.shell.Station;
import reliqua.desktop.work.Workspace;

/** The rack: everything in the heap drawn to one scale, grouped by section, with totals. */
public final class HeapStation implements Station {
    private static final KeyCodeCombination DUPLICATE =
            new KeyCodeCombination(KeyCode.D, KeyCombination.SHORTCUT_DOWN);
    private static final KeyCodeCombination APART =
            new KeyCodeCombination(KeyCode.T, KeyCombination.SHORTCUT_DOWN);
    private static final KeyCodeCombination PASTE =
            new KeyCodeCombination(KeyCode.V, KeyCombination.SHORTCUT_DOWN);

    private final Workspace workspace;
    private final Rack rack;
    private final TextField find = new TextField();
    private final ComboBox<RackRows.Order> order = new ComboBox<>();
    private final Label summary = Parts.text("", "soft");
    private final VBox bench = new VBox(10);
    private final LotSlip slip;
    private final LedgerView ledger;
    private final ToggleButton books;
    private final RackRows lines = new RackRows();
    private Heap shown = Heap.EMPTY;
    private String shownFilter = "";
    private RackRows.Order shownOrder = RackRows.Order.RECORDED;
    private List<Lot> shownLots = List.of();
    private Tape shownTape = Tape.METRIC;

    /** Over the workspace. */
    public HeapStation(Workspace workspace) {
        this.workspace = workspace;
        this.rack = new Rack(workspace, this::showSlip);
        this.slip = new LotSlip(workspace);
        this.ledger = new LedgerView(workspace);
        this.books = Parts.toggle("books", Texts.get("ledger.show"), false, this::openBooks);
        VBox.setVgrow(rack, Priority.ALWAYS);
        VBox.setVgrow(ledger, Priority.ALWAYS);
        buildHead();
        wire();
    }

    private void buildHead() {
        find.setId("find");
        find.setPromptText(Texts.get("heap.find"));
        find.setAccessibleText(Texts.get("heap.find"));
        find.getStyleClass().add("find");
        order.setId("order");
        order.setAccessibleText(Texts.get("rack.order"));
        order.getItems().setAll(RackRows.Order.values());
        order.setValue(RackRows.Order.RECORDED);
        order.setConverter(
                new StringConverter<>() {
                    @Override
                    public String toString(RackRows.@Nullable Order each) {
                        return each == null ? "" : Texts.get("rack.order." + each.name());
                    }

                    @Override
                    public RackRows.Order fromString(String text) {
                        return RackRows.Order.RECORDED;
                    }
                });
        bench.getChildren()
                .addAll(
                        Parts.row(
                                10,
                                Parts.text(Texts.get("station.heap"), "headline"),
                                Parts.spring(),
                                books,
                                order,
                                find),
                        summary,
                        rack);
    }

    private void wire() {
        find.textProperty().addListener((_, _, _) -> refresh());
        order.valueProperty().addListener((_, _, _) -> refresh());
        rack.setOnKeyPressed(this::key);
    }

    private void key(KeyEvent event) {
        List<Lot> lots = rack.chosen();
        if (lots.isEmpty()) {
            return;
        }
        if (event.getCode() == KeyCode.DELETE) {
            removed(lots);
        } else if (DUPLICATE.match(event)) {
            lots.forEach(slip::duplicate);
        } else if (APART.match(event) && lots.size() == 1) {
            slip.setApart(lots.getFirst());
        } else if (PASTE.match(event) && lots.size() == 1) {
            Pictures.Source source = Pictures.Source.of(Clipboard.getSystemClipboard());
            if (source.mayHold()) {
                LotChange.add(workspace, lots.getFirst().id(), source);
                event.consume();
            }
        }
    }

    private void removed(List<Lot> lots) {
        if (lots.size() == 1) {
            slip.remove(lots.getFirst());
        } else {
            new ManySlip(workspace, lots).remove();
        }
    }

    private void openBooks(boolean open) {
        bench.getChildren().set(2, open ? ledger : rack);
        ledger.refresh();
    }

    @Override
    public String id() {
        return "heap";
    }

    @Override
    public boolean hearsDigits() {
        return true;
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
        return "M2 19 L22 19 M4 15 L20 15 M4 11 L18 11 M7 7 L20 7 M9 3 L16 3";
    }

    @Override
    public String line() {
        Heap heap = workspace.project().heap();
        return Texts.get("heap.line", heap.count(Stick.class), heap.count(Sheet.class));
    }

    @Override
    public void refresh() {
        if (books.isSelected()) {
            ledger.refresh();
        }
        Project project = workspace.project();
        Heap heap = project.heap();
        String filter = find.getText().strip().toLowerCase(Locale.ROOT);
        RackRows.Order now = order.getValue();
        if (heap == shown && filter.equals(shownFilter) && now == shownOrder) {
            return;
        }
        Set<String> fresh = fresh(heap);
        shown = heap;
        shownFilter = filter;
        shownOrder = now;
        summary.setText(
                Texts.get(
                        "heap.summary",
                        heap.count(Stick.class),
                        heap.count(Sheet.class),
                        heap.count(Roofing.class),
                        heap.count(Mesh.class)));
        List<RackRow> next = lines.of(heap, filter, now, project.prices(), workspace.tape());
        if (fresh.size() == 1) {
            rack.show(next, fresh);
        } else {
            rack.show(next);
        }
        showSlip();
    }

    /** Lots that were not there before. */
    private Set<String> fresh(Heap heap) {
        if (heap == shown) {
            return Set.of();
        }
        Set<String> ids = heap.lots().stream().map(Lot::id).collect(Collectors.toSet());
        shown.lots().forEach(lot -> ids.remove(lot.id()));
        return ids;
    }

    /** Only when something else is chosen: building it takes longer than finding. */
    private void showSlip() {
        List<Lot> lots = rack.chosen();
        Tape tape = workspace.tape();
        if (!lots.equals(shownLots) || lots.isEmpty() || !tape.equals(shownTape)) {
            shownLots = lots;
            shownTape = tape;
            slip.show(lots);
        }
    }
}
