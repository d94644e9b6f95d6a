package reliqua.desktop.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import reliqua.core.coop.family.DesignSpec;
import reliqua.core.drawing.Oblique;
import reliqua.core.fit.Candidate;
import reliqua.core.measure.Tape;
import reliqua.core.project.Design;
import reliqua.desktop.Texts;
import reliqua.desktop.paint.PictureView;
import reliqua.desktop.shell.Parts;

/** The best houses found, each as a card with its picture, size and bill. */
final class HouseCards {
    private static final double CARD = 172;
    private static final int MOST = 3;
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");

    private final HBox node = new HBox(10);
    private final Consumer<Candidate> settle;
    private @Nullable Dealt onTable;

    /** What the cards show. */
    private record Dealt(
            List<Design> designs,
            Optional<Design> standard,
            Optional<DesignSpec> current,
            Tape tape) {}

    /** No cards yet; a click on one settles on its house. */
    HouseCards(Consumer<Candidate> settle) {
        this.settle = settle;
        node.setMinHeight(132);
    }

    Node node() {
        return node;
    }

    /** Not dealt anew under the keeper's hand when nothing on them has changed. */
    void show(
            List<Design> designs,
            Optional<Design> standard,
            Optional<DesignSpec> current,
            Tape tape) {
        Dealt dealt = new Dealt(List.copyOf(designs), standard, current, tape);
        if (dealt.equals(onTable)) {
            return;
        }
        onTable = dealt;
        List<Node> cards = new ArrayList<>();
        for (int i = 0; i < Math.min(MOST, designs.size()); i++) {
            DesignSpec spec = designs.get(i).candidate().spec();
            boolean chosen = current.filter(spec::equals).isPresent();
            cards.add(card("card-" + i, designs.get(i), "fit.card", chosen, tape));
        }
        standard.ifPresent(
                s -> cards.add(card("card-standard", s, "fit.card.standard", false, tape)));
        node.getChildren().setAll(cards);
    }

    /** Depth and width of a house. */
    static String size(Candidate c, Tape tape) {
        return tape.mark(c.spec().depth()) + " x " + tape.mark(c.spec().width());
    }

    private Node card(String id, Design design, String key, boolean chosen, Tape tape) {
        Candidate c = design.candidate();
        PictureView picture = new PictureView();
        picture.picture().set(Oblique.of(c.coop()));
        picture.setMouseTransparent(true);
        VBox.setVgrow(picture, Priority.ALWAYS);
        String bill = tape.say(design.bill().total());
        Label price = Parts.text(bill, "strong", c.faults() == 0 ? "holds" : "danger");
        Label floor = Parts.text(tape.say(c.coop().measures().floor()), "soft");
        Label size = Parts.text(Texts.get(key, size(c, tape)), "strong", "note-ink");
        size.setWrapText(false);
        VBox face = new VBox(2, picture, size, Parts.row(6, price, Parts.spring(), floor));
        Button button = Parts.button(id, "", () -> settle.accept(c), "card");
        button.setGraphic(face);
        face.setPrefSize(150, 116);
        button.setAccessibleText(Texts.get(key, size(c, tape)) + ", " + bill);
        HBox.setHgrow(button, Priority.ALWAYS);
        button.setPrefWidth(CARD);
        button.setMaxWidth(CARD);
        button.pseudoClassStateChanged(CHOSEN, chosen);
        return button;
    }
}
