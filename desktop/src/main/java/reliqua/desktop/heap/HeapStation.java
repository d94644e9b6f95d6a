package reliqua.desktop.heap;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;
import reliqua.core.project.Describe;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Mesh;
import reliqua.core.stock.Roofing;
import reliqua.core.stock.Sheet;
import reliqua.core.stock.Stick;
import reliqua.desktop.Texts;
import reliqua.desktop.shell.Parts;
import reliqua.desktop.shell.Station;
import reliqua.desktop.work.Workspace;

/** The rack: everything in the heap drawn to one scale, grouped by section, with totals. */
public final class HeapStation implements Station {
    private static final KeyCodeCombination DUPLICATE =
            new KeyCodeCombination(KeyCode.D, KeyCombination.SHORTCUT_DOWN);
    private static final KeyCodeCombination APART =
            new KeyCodeCombination(KeyCode.T, KeyCombination.SHORTCUT_DOWN);

    private final Workspace workspace;
    private final ObservableList<RackRow> rows = FXCollections.observableArrayList();
    private final ListView<RackRow> rack = new ListView<>(rows);
    private final TextField find = new TextField();
    private final Label summary = Parts.text("", "soft");
    private final VBox bench = new VBox(10);
    private final LotSlip slip;
    private final RackIndex index = new RackIndex();
    private Heap shown = Heap.EMPTY;
    private String shownFilter = "";

    /** Over the workspace. */
    public HeapStation(Workspace workspace) {
        this.workspace = workspace;
        this.slip = new LotSlip(workspace);
        find.setId("find");
        find.setPromptText(Texts.get("heap.find"));
        find.setAccessibleText(Texts.get("heap.find"));
        find.getStyleClass().add("find");
        rack.setId("rack");
        rack.getStyleClass().add("rack");
        rack.setCellFactory(_ -> new RackCell(workspace));
        rack.setPlaceholder(Parts.text(Texts.get("heap.empty"), "soft", "placeholder"));
        VBox.setVgrow(rack, Priority.ALWAYS);
        HBox head =
                Parts.row(
                        12,
                        Parts.text(Texts.get("station.heap"), "headline"),
                        summary,
                        Parts.spring(),
                        find);
        bench.getChildren().addAll(head, rack);
        wire();
    }

    private void wire() {
        find.textProperty().addListener((_, _, _) -> refresh());
        rack.getSelectionModel()
                .selectedItemProperty()
                .addListener(
                        (_, _, row) -> {
                            if (row instanceof RackRow.OfLot lot) {
                                slip.show(Optional.of(lot.lot()));
                            }
                        });
        rack.setOnKeyPressed(
                e -> {
                    if (rack.getSelectionModel().getSelectedItem() instanceof RackRow.OfLot lot) {
                        if (e.getCode() == KeyCode.DELETE) {
                            slip.remove(lot.lot());
                        } else if (DUPLICATE.match(e)) {
                            slip.duplicate(lot.lot());
                        } else if (APART.match(e)) {
                            slip.setApart(lot.lot());
                        }
                    }
                });
    }

    @Override
    public String id() {
        return "heap";
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
        Heap heap = workspace.project().heap();
        String filter = find.getText().strip().toLowerCase(Locale.ROOT);
        if (heap == shown && filter.equals(shownFilter)) {
            return;
        }
        boolean grew = heap.lots().size() == shown.lots().size() + 1;
        shown = heap;
        shownFilter = filter;
        summary.setText(
                Texts.get(
                        "heap.summary",
                        heap.count(Stick.class),
                        heap.count(Sheet.class),
                        heap.count(Roofing.class),
                        heap.count(Mesh.class)));
        String selected =
                rack.getSelectionModel().getSelectedItem() instanceof RackRow.OfLot row
                        ? row.lot().id()
                        : "";
        String wanted = grew ? heap.lots().getLast().id() : selected;
        rows.setAll(rows(heap, filter, workspace.tape()));
        select(wanted);
    }

    private void select(String id) {
        for (int i = 0; i < rows.size(); i++) {
            if (rows.get(i) instanceof RackRow.OfLot row && row.lot().id().equals(id)) {
                rack.getSelectionModel().select(i);
                rack.scrollTo(Math.max(0, i - 4));
                slip.show(Optional.of(row.lot()));
                return;
            }
        }
        for (int i = 0; i < rows.size(); i++) {
            if (rows.get(i) instanceof RackRow.OfLot first) {
                rack.getSelectionModel().select(i);
                slip.show(Optional.of(first.lot()));
                return;
            }
        }
        slip.show(Optional.empty());
    }

    /** Groups in the order in which they first occur, each with its total. */
    List<RackRow> rows(Heap heap, String filter, Tape tape) {
        Map<String, List<Lot>> groups = new LinkedHashMap<>();
        for (Lot lot : heap.lots()) {
            if (index.matches(lot, filter, tape)) {
                groups.computeIfAbsent(Describe.group(lot.material(), tape), _ -> new ArrayList<>())
                        .add(lot);
            }
        }
        List<RackRow> rows = new ArrayList<>();
        groups.forEach(
                (name, lots) -> {
                    rows.add(new RackRow.Group(name, total(lots, tape)));
                    lots.forEach(lot -> rows.add(new RackRow.OfLot(lot)));
                });
        return rows;
    }

    private static String total(List<Lot> lots, Tape tape) {
        int pieces = lots.stream().mapToInt(Lot::quantity).sum();
        Length clear = Length.ZERO;
        for (Lot lot : lots) {
            if (lot.material() instanceof Stick s) {
                Length sound =
                        s.clearSpans().stream()
                                .map(span -> span.length())
                                .reduce(Length.ZERO, Length::plus);
                clear = clear.plus(sound.times(lot.quantity()));
            }
        }
        return clear.isPositive()
                ? Texts.get("heap.total.clear", pieces, tape.sayLong(clear))
                : Texts.get("heap.total", pieces);
    }
}
