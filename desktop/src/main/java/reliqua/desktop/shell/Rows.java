package reliqua.desktop.shell;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import javafx.collections.ObservableList;
import javafx.scene.Node;
import javafx.scene.layout.Pane;

/**
 * Rows of a pane, each made once of what it shows: after a change only those are made anew that
 * show something else. Styling a new row costs the window far more than anything else of a change.
 *
 * @param <K> what a row shows, all of it; no two rows of a pane show the same
 */
public final class Rows<K> {
    private final Pane pane;
    private final Function<K, Node> maker;
    private Map<K, Node> made = new HashMap<>();

    public Rows(Pane pane, Function<K, Node> maker) {
        this.pane = pane;
        this.maker = maker;
    }

    /** Shows these rows and no others. */
    public void show(List<K> shown) {
        Map<K, Node> kept = new HashMap<>();
        List<Node> nodes = new ArrayList<>();
        for (K each : shown) {
            Node node = made.get(each);
            Node row = node == null ? maker.apply(each) : node;
            kept.put(each, row);
            nodes.add(row);
        }
        made = kept;
        fill(pane.getChildren(), nodes);
    }

    /** What is the same at both ends stays; a row that is taken out and put back is styled anew. */
    private static void fill(ObservableList<Node> there, List<Node> wanted) {
        int begin = 0;
        int least = Math.min(there.size(), wanted.size());
        while (begin < least && there.get(begin) == wanted.get(begin)) {
            begin++;
        }
        int end = 0;
        while (end < least - begin
                && there.get(there.size() - 1 - end) == wanted.get(wanted.size() - 1 - end)) {
            end++;
        }
        there.subList(begin, there.size() - end).clear();
        there.addAll(begin, wanted.subList(begin, wanted.size() - end));
    }
}
