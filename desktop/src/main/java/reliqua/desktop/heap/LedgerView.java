package reliqua.desktop.heap;

import java.util.List;
import java.util.Optional;
import javafx.geometry.HPos;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import reliqua.core.measure.Money;
import reliqua.core.measure.Tape;
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
        List<Ledger.Origin> origins =
                Ledger.of(
                                workspace.project(),
                                workspace
                                        .designs()
                                        .state()
                                        .get()
                                        .design()
                                        .map(d -> d.candidate().plan()))
                        .origins();
        origins.forEach(o -> line(grid, o, tape, grid.getRowCount(), ""));
        total(origins).ifPresent(all -> line(grid, all, tape, grid.getRowCount(), "strong"));
        setContent(grid);
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

    private static Optional<Ledger.Origin> total(List<Ledger.Origin> origins) {
        Money paid = origins.stream().map(Ledger.Origin::paid).reduce(Money.ZERO, Money::plus);
        Money worth = origins.stream().map(Ledger.Origin::worth).reduce(Money.ZERO, Money::plus);
        return origins.isEmpty()
                ? Optional.empty()
                : Optional.of(
                        new Ledger.Origin(
                                Texts.get("ledger.total"),
                                origins.stream().mapToInt(Ledger.Origin::things).sum(),
                                paid,
                                worth,
                                origins.stream().mapToInt(Ledger.Origin::used).sum(),
                                origins.stream().mapToInt(Ledger.Origin::reserved).sum()));
    }
}
