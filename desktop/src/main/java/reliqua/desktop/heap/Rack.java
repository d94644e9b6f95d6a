package reliqua.desktop.heap;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.collections.FXCollections;
import javafx.collections.ListChangeListener;
import javafx.collections.ObservableList;
import javafx.scene.control.ListView;
import javafx.scene.control.SelectionMode;
import javafx.scene.control.skin.VirtualFlow;
import reliqua.core.stock.Lot;
import reliqua.desktop.Texts;
import reliqua.desktop.shell.Parts;
import reliqua.desktop.work.Workspace;

/**
 * The lines of the rack. After an edit only lines that differ are put in, what was chosen stays
 * chosen where it was seen, and in the place of a lot that is gone its neighbour is chosen.
 */
final class Rack extends ListView<RackRow> {
    /** Lines kept in view above the one that is chosen. */
    private static final int ABOVE = 4;

    /** More lines than are seen at once are put in at one go. */
    private static final int MANY = 24;

    private final ObservableList<RackRow> rows = FXCollections.observableArrayList();
    private final Runnable choice;
    private boolean filling;

    /** Empty; {@code choice} runs when something else is chosen by hand. */
    Rack(Workspace workspace, Runnable choice) {
        this.choice = choice;
        setItems(rows);
        setId("rack");
        getStyleClass().add("rack");
        getSelectionModel().setSelectionMode(SelectionMode.MULTIPLE);
        setCellFactory(_ -> new RackCell(workspace));
        setPlaceholder(Parts.text(Texts.get("heap.empty"), "soft", "placeholder"));
        getSelectionModel()
                .getSelectedItems()
                .addListener((ListChangeListener<RackRow>) _ -> chosenByHand());
    }

    private void chosenByHand() {
        if (!filling) {
            choice.run();
        }
    }

    /** The lots that are chosen. */
    List<Lot> chosen() {
        return getSelectionModel().getSelectedItems().stream()
                .filter(RackRow.OfLot.class::isInstance)
                .map(row -> ((RackRow.OfLot) row).lot())
                .toList();
    }

    /** Other lines; what was chosen stays so. */
    void show(List<RackRow> next) {
        show(next, ids(chosen()));
    }

    /** Other lines, with these lots chosen, or what stands where they were. */
    void show(List<RackRow> next, Set<String> wanted) {
        filling = true;
        int before = getSelectionModel().getSelectedIndex();
        replace(next);
        if (wanted.isEmpty() || !ids(chosen()).equals(wanted)) {
            choose(wanted, before);
        }
        filling = false;
        bringIntoView(getSelectionModel().getSelectedIndex());
    }

    private static Set<String> ids(List<Lot> lots) {
        return lots.stream().map(Lot::id).collect(Collectors.toSet());
    }

    /** Only the stretch that differs: every line that is put in is laid out and styled anew. */
    private void replace(List<RackRow> next) {
        int most = Math.min(rows.size(), next.size());
        int head = 0;
        while (head < most && rows.get(head).equals(next.get(head))) {
            head++;
        }
        int tail = 0;
        while (tail < most - head
                && rows.get(rows.size() - 1 - tail).equals(next.get(next.size() - 1 - tail))) {
            tail++;
        }
        List<RackRow> old = rows.subList(head, rows.size() - tail);
        List<RackRow> put = next.subList(head, next.size() - tail);
        if (old.size() == put.size() && put.size() > MANY) {
            rows.setAll(next);
        } else if (old.size() == put.size()) {
            for (int n = 0; n < put.size(); n++) {
                rows.set(head + n, put.get(n));
            }
        } else {
            old.clear();
            rows.addAll(head, put);
        }
    }

    private void choose(Set<String> wanted, int before) {
        Set<String> open = new HashSet<>(wanted);
        getSelectionModel().clearSelection();
        for (int i = 0; i < rows.size(); i++) {
            if (rows.get(i) instanceof RackRow.OfLot row && open.remove(row.lot().id())) {
                getSelectionModel().select(i);
            }
        }
        if (getSelectionModel().isEmpty()) {
            nearest(before);
        }
    }

    /** The lot at a line or above it, else the first. */
    private void nearest(int line) {
        for (int i = Math.min(line, rows.size() - 1); i >= 0; i--) {
            if (rows.get(i) instanceof RackRow.OfLot) {
                getSelectionModel().select(i);
                return;
            }
        }
        for (int i = 0; i < rows.size(); i++) {
            if (rows.get(i) instanceof RackRow.OfLot) {
                getSelectionModel().select(i);
                return;
            }
        }
    }

    /** Scrolls only to what is out of sight. */
    private void bringIntoView(int line) {
        if (line >= 0 && !isSeen(line)) {
            scrollTo(Math.max(0, line - ABOVE));
        }
    }

    private boolean isSeen(int line) {
        return lookup(".virtual-flow") instanceof VirtualFlow<?> flow
                && flow.getFirstVisibleCell() != null
                && line > flow.getFirstVisibleCell().getIndex()
                && line < flow.getLastVisibleCell().getIndex();
    }
}
