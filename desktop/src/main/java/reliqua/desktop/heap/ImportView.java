package reliqua.desktop.heap;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;
import org.jspecify.annotations.Nullable;
import reliqua.core.measure.Tape;
import reliqua.core.project.Describe;
import reliqua.core.stock.Lot;
import reliqua.desktop.Texts;
import reliqua.desktop.shell.Parts;
import reliqua.desktop.work.Reasons;
import reliqua.desktop.work.Workspace;
import reliqua.files.TableImport;

/**
 * Somebody's list before it is added: what each column holds, guessed and open to change, and every
 * line as it is understood or why it is not. Nothing is added before the keeper says so; what is
 * not understood stays out and is named.
 */
public final class ImportView extends VBox {
    private final Workspace workspace;
    private final TableImport table;
    private final Runnable close;
    private final List<TableImport.Column> columns;
    private final ListView<TableImport.Line> lines = new ListView<>();
    private final Label summary = Parts.text("", "soft");
    private final Button add;

    /** Over a table read from a file of this name; {@code close} takes the view away. */
    public ImportView(Workspace workspace, TableImport table, String name, Runnable close) {
        super(12);
        this.workspace = workspace;
        this.table = table;
        this.close = close;
        this.columns = new ArrayList<>(table.guess());
        this.add = Parts.button("import-add", "", this::add, "main-button");
        setId("import");
        getStyleClass().add("at-the-saw");
        lines.setId("import-lines");
        lines.getStyleClass().add("rack");
        lines.setCellFactory(_ -> new LineCell());
        VBox.setVgrow(lines, Priority.ALWAYS);
        Button cancel = Parts.button("import-close", Texts.get("import.close"), close, "plain");
        getChildren()
                .addAll(
                        Parts.text(Texts.get("import.title", name), "headline"),
                        Parts.text(Texts.get("import.how"), "soft"),
                        choices(),
                        summary,
                        lines,
                        Parts.row(12, add, cancel));
        setOnKeyPressed(
                e -> {
                    if (e.getCode() == KeyCode.ESCAPE) {
                        close.run();
                    }
                });
        read();
    }

    private Node choices() {
        FlowPane pane = new FlowPane(14, 8);
        for (int n = 0; n < table.headers().size(); n++) {
            pane.getChildren().add(choice(n));
        }
        return pane;
    }

    private Node choice(int index) {
        ComboBox<TableImport.Column> box = new ComboBox<>();
        box.setId("column-" + index);
        box.setAccessibleText(Texts.get("import.column", table.headers().get(index)));
        box.getItems().setAll(TableImport.Column.values());
        box.setConverter(
                new StringConverter<>() {
                    @Override
                    public String toString(TableImport.@Nullable Column column) {
                        return column == null ? "" : Texts.get("import." + column.name());
                    }

                    @Override
                    public TableImport.Column fromString(String text) {
                        return TableImport.Column.NONE;
                    }
                });
        box.setValue(columns.get(index));
        box.valueProperty()
                .addListener(
                        (_, _, column) -> {
                            columns.set(index, column);
                            read();
                        });
        return new VBox(2, Parts.text(table.headers().get(index), "soft"), box);
    }

    /** Reads every line anew; what is overtaken by another choice of columns is not shown. */
    private void read() {
        List<TableImport.Column> chosen = List.copyOf(columns);
        Tape tape = workspace.tape();
        workspace
                .background()
                .run(
                        () -> table.lines(chosen, tape),
                        read -> {
                            if (chosen.equals(columns)) {
                                show(read);
                            }
                        },
                        e -> workspace.tell(Reasons.of(e)));
    }

    private void show(List<TableImport.Line> read) {
        lines.getItems().setAll(read);
        long good = lots().size();
        long bad = lines.getItems().size() - good;
        summary.setText(Texts.get("import.summary", good, bad));
        add.setText(Texts.get("import.add", good));
        add.setDisable(good == 0);
    }

    private List<Lot> lots() {
        return lines.getItems().stream().flatMap(l -> l.lot().stream()).toList();
    }

    private void add() {
        List<Lot> lots = lots();
        workspace.edit(Texts.get("edit.import.lines", lots.size()), p -> p.adding(lots));
        close.run();
    }

    private final class LineCell extends ListCell<TableImport.Line> {
        LineCell() {
            getStyleClass().add("rack-cell");
            setPrefWidth(0);
        }

        @Override
        protected void updateItem(TableImport.@Nullable Line line, boolean empty) {
            super.updateItem(line, empty);
            setText(null);
            setGraphic(empty || line == null ? null : row(line));
        }

        private HBox row(TableImport.Line line) {
            Label number = Parts.text(String.valueOf(line.number()), "soft");
            number.setMinWidth(34);
            Label said = Parts.text(line.said(), "soft");
            said.setMinWidth(360);
            said.setPrefWidth(360);
            String echo =
                    line.lot()
                            .map(
                                    l ->
                                            Describe.lot(
                                                            l.quantity(),
                                                            l.material(),
                                                            workspace.tape())
                                                    + flaws(l))
                            .orElse(line.fault());
            Label understood =
                    line.lot().isPresent()
                            ? Parts.text(echo, "strong")
                            : Parts.text(echo, "danger");
            HBox.setHgrow(understood, Priority.ALWAYS);
            return Parts.row(10, number, said, understood);
        }

        private String flaws(Lot lot) {
            List<String> flaws = Describe.flaws(lot.material(), workspace.tape());
            return flaws.isEmpty() ? "" : ", " + String.join(", ", flaws);
        }
    }
}
