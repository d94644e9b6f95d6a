package reliqua.desktop.heap;

import java.util.EnumMap;
import java.util.Map;
import java.util.stream.Collectors;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.VBox;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;
import reliqua.core.stock.Stick;
import reliqua.core.stock.Straightness;
import reliqua.desktop.Texts;
import reliqua.desktop.shell.Parts;

/** What of a stick is clear, and how long a piece of it is straight enough for each use. */
final class StraightView extends VBox {
    private final Label clear = Parts.text("");
    private final Map<Straightness, ProgressBar> bars = new EnumMap<>(Straightness.class);
    private final Map<Straightness, Label> lengths = new EnumMap<>(Straightness.class);

    StraightView() {
        super(10);
        getChildren()
                .addAll(
                        Parts.fact(Texts.get("heap.clear"), clear),
                        Parts.rule(),
                        Parts.text(Texts.get("heap.straight"), "strong"));
        for (Straightness use : Straightness.values()) {
            ProgressBar bar = new ProgressBar(0);
            bar.getStyleClass().add("gauge");
            bar.setPrefWidth(76);
            Label name = Parts.text(Texts.get("straight." + use.name()), "note-ink");
            name.setMinWidth(88);
            Label length = Parts.text("", "soft");
            bars.put(use, bar);
            lengths.put(use, length);
            getChildren().add(Parts.row(8, name, bar, Parts.spring(), length));
        }
    }

    void show(Stick stick, Tape tape) {
        clear.setText(
                stick.clearSpans().stream()
                        .map(s -> tape.mark(s.length()))
                        .collect(Collectors.joining(" + ")));
        for (Straightness use : Straightness.values()) {
            Length to = stick.straightTo(use.tolerance());
            bars.get(use).setProgress(to.ratio(stick.length()));
            lengths.get(use).setText(Texts.get("heap.to", tape.mark(to)));
        }
    }
}
