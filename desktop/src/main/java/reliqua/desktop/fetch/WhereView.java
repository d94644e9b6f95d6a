package reliqua.desktop.fetch;

import java.util.HashSet;
import java.util.List;
import java.util.stream.Collectors;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import reliqua.core.buy.Bill;
import reliqua.core.buy.Fixing;
import reliqua.core.drawing.Elevation;
import reliqua.core.measure.Tape;
import reliqua.core.project.Design;
import reliqua.core.project.Shopping;
import reliqua.core.stock.PriceBook;
import reliqua.desktop.Texts;
import reliqua.desktop.paint.PictureView;
import reliqua.desktop.shell.Parts;
import reliqua.desktop.shell.Seen;

/** Where a line of the list goes: its sum by place and length, each lit up in the picture. */
final class WhereView extends HBox {
    private static final double LIST = 372;
    private static final int MOST_MARKS = 24;

    private final VBox list = new VBox(2);
    private final PictureView picture = new PictureView();
    private final Seen seen = new Seen();

    WhereView() {
        super(14);
        ScrollPane scroll = new ScrollPane(list);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("bare");
        scroll.setMinWidth(LIST);
        scroll.setPrefWidth(LIST);
        picture.setId("where-picture");
        setHgrow(picture, Priority.ALWAYS);
        getChildren().addAll(scroll, picture);
    }

    void show(Bill.Line line, Design design, PriceBook prices, Tape tape) {
        if (seen.isAll(line, design.candidate().coop(), prices, tape)) {
            return;
        }
        list.getChildren().clear();
        List<Fixing> fixings = Shopping.fixings(line, design, tape.system());
        if (fixings.isEmpty()) {
            List<String> marks = Shopping.becomes(line, design, prices);
            String words =
                    marks.stream().limit(MOST_MARKS).collect(Collectors.joining(", "))
                            + (marks.size() > MOST_MARKS ? ", ..." : "");
            list.getChildren()
                    .addAll(
                            Parts.text(Texts.get("fetch.becomes"), "strong"),
                            Parts.text(words, "note-ink"));
            light(design, tape, marks);
            return;
        }
        list.getChildren().add(Parts.text(Texts.get("fetch.goes"), "strong"));
        ToggleGroup group = new ToggleGroup();
        for (int n = 0; n < fixings.size(); n++) {
            Fixing fixing = fixings.get(n);
            ToggleButton row = new ToggleButton(fixing.words(tape));
            row.setId("fixing-" + n);
            row.setToggleGroup(group);
            row.setSelected(n == 0);
            row.setWrapText(true);
            row.setMaxWidth(Double.MAX_VALUE);
            row.getStyleClass().add("buy-line");
            row.setOnAction(
                    _ -> {
                        row.setSelected(true);
                        light(design, tape, fixing.marks());
                    });
            list.getChildren().add(row);
        }
        light(design, tape, fixings.getFirst().marks());
    }

    private void light(Design design, Tape tape, List<String> marks) {
        picture.picture().set(Elevation.lit(design.candidate().coop(), tape, new HashSet<>(marks)));
    }
}
