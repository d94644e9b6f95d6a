package reliqua.desktop.saw;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import reliqua.core.cutting.Yields;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;
import reliqua.desktop.Texts;
import reliqua.desktop.shell.Parts;

/** What each section gives, as a strip to one scale: pieces, what goes back, what is lost. */
final class YieldView extends ScrollPane {
    private static final double WIDEST = 560;

    private final PlanCard card;

    YieldView(PlanCard card) {
        this.card = card;
        setId("yields");
        setFitToWidth(true);
        getStyleClass().add("bare");
    }

    void show(List<Yields.Line> lines, Tape tape) {
        VBox all = new VBox(16);
        all.getStyleClass().add("ledger");
        double longest = lines.stream().mapToDouble(l -> l.all().toMm()).max().orElse(1);
        card.show();
        all.getChildren().addAll(card, Parts.text(Texts.get("yield.how"), "soft"));
        lines.forEach(line -> all.getChildren().add(row(line, WIDEST / longest, tape)));
        setContent(all);
    }

    private static Node row(Yields.Line line, double scale, Tape tape) {
        long share = Math.round(100 * line.pieces().ratio(line.all()));
        HBox head =
                Parts.row(
                        12,
                        Parts.text(
                                tape.section(line.section().thickness(), line.section().width()),
                                "strong"),
                        Parts.text(
                                Texts.get(
                                        "yield.line",
                                        line.sticks(),
                                        tape.sayLong(line.all()),
                                        share),
                                "soft"));
        Label bill =
                Parts.text(
                        line.bill().isZero()
                                ? Texts.get("yield.free")
                                : Texts.get("yield.bill", tape.say(line.bill())),
                        line.bill().isZero() ? "holds" : "danger",
                        "strong");
        head.getChildren().addAll(Parts.spring(), bill);
        HBox strip = new HBox(bar(line.pieces(), scale, "yield-pieces"));
        line.leftovers().forEach(l -> strip.getChildren().add(bar(l, scale, "yield-kept")));
        strip.getChildren().add(bar(line.lost(), scale, "yield-lost"));
        return new VBox(4, head, strip, Parts.text(words(line, tape), "note"));
    }

    private static String words(Yields.Line line, Tape tape) {
        String pieces = tape.sayLong(line.pieces());
        String lost = tape.sayLong(line.lost());
        if (line.leftovers().isEmpty()) {
            return Texts.get("yield.parts.none", pieces, lost);
        }
        return Texts.get(
                "yield.parts",
                pieces,
                tape.sayLong(line.kept()),
                line.leftovers().size(),
                tape.sayLong(line.leftovers().getFirst()),
                lost);
    }

    private static Region bar(Length length, double scale, String style) {
        Region bar = new Region();
        bar.getStyleClass().add(style);
        bar.setMinSize(length.toMm() * scale, 24);
        bar.setPrefSize(length.toMm() * scale, 24);
        return bar;
    }
}
