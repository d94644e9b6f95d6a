package reliqua.desktop.heap;

import java.util.List;
import java.util.Optional;
import javafx.geometry.HPos;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import reliqua.core.cutting.WorkPlan;
import reliqua.core.measure.Tape;
import reliqua.core.project.Describe;
import reliqua.core.project.Ledger;
import reliqua.desktop.Texts;
import reliqua.desktop.shell.Parts;
import reliqua.desktop.work.Workspace;

/** Where the heap came from, what it cost, what it would have cost new, and what becomes of it. */
final class LedgerView extends ScrollPane {
    private static final List<String> COLUMNS =
            List.of("source", "things", "paid", "worth", "reserved", "used");

    private final Workspace workspace;

    LedgerView(Workspace workspace) {
        this.workspace = workspace;
        setId("ledger");
        setFitToWidth(true);
        getStyleClass().add("bare");
    }

    void refresh() {
        GridPane grid = new GridPane(18, 8);
        grid.getStyleClass().add("ledger");
        for (int n = 0; n < COLUMNS.size(); n++) {
            ColumnConstraints column = new ColumnConstraints();
            column.setHalignment(n == 0 ? HPos.LEFT : HPos.RIGHT);
            column.setHgrow(n == 0 ? Priority.ALWAYS : Priority.NEVER);
            grid.getColumnConstraints().add(column);
            Label head = Parts.text(Texts.get("ledger.head." + COLUMNS.get(n)), "soft");
            head.setMinWidth(n == 0 ? 0 : 78);
            head.setAlignment(n == 0 ? Pos.CENTER_LEFT : Pos.CENTER_RIGHT);
            grid.add(head, n, 0);
        }
        Tape tape = workspace.tape();
        Optional<WorkPlan> plan =
                workspace.designs().state().get().design().map(d -> d.candidate().plan());
        Ledger ledger = Ledger.of(workspace.project(), plan);
        List<Ledger.Origin> origins = ledger.origins();
        origins.forEach(o -> line(grid, o, tape, grid.getRowCount(), ""));
        ledger.total(Texts.get("ledger.total"))
                .ifPresent(all -> line(grid, all, tape, grid.getRowCount(), "strong"));
        VBox all = new VBox(14, grid);
        List<Ledger.Line> cut = ledger.lines().stream().filter(l -> l.used() > 0).toList();
        if (!cut.isEmpty()) {
            all.getChildren().add(Parts.text(Texts.get("ledger.cut"), "strong"));
            cut.forEach(l -> all.getChildren().add(cut(l, tape)));
        }
        setContent(all);
    }

    /** A lot that has been cut from, with what is left of it. */
    private static Node cut(Ledger.Line line, Tape tape) {
        String state =
                Texts.get(
                        "ledger." + line.state().name(), line.reserved(), line.left(), line.used());
        return Parts.row(
                12,
                Parts.text(line.lot().id(), "soft"),
                Parts.text(Describe.size(line.lot().material(), tape)),
                Parts.spring(),
                Parts.text(state, "soft"));
    }

    private static void line(
            GridPane grid, Ledger.Origin origin, Tape tape, int row, String style) {
        String source = origin.source().isEmpty() ? Texts.get("ledger.unknown") : origin.source();
        List<String> cells =
                List.of(
                        source,
                        String.valueOf(origin.things()),
                        origin.paid().isZero() ? "\u2013" : tape.say(origin.paid()),
                        tape.say(origin.worth()),
                        some(origin.reserved()),
                        some(origin.used()));
        for (int n = 0; n < cells.size(); n++) {
            Label cell = Parts.text(cells.get(n), style.isEmpty() ? "plain-text" : style);
            grid.add(cell, n, row);
        }
    }

    private static String some(int count) {
        return count == 0 ? "\u2013" : String.valueOf(count);
    }
}
