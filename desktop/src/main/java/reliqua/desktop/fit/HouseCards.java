package reliqua.desktop.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Stream;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import reliqua.core.coop.family.DesignSpec;
import reliqua.core.drawing.Oblique;
import reliqua.core.fit.Candidate;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Words;
import reliqua.core.project.Design;
import reliqua.core.project.Spread;
import reliqua.desktop.Texts;
import reliqua.desktop.paint.PictureView;
import reliqua.desktop.shell.Parts;

/** The best houses found, each as a card with its picture, size and bill. */
final class HouseCards {
    private static final double CARD = 172;
    private static final int MOST = 4;

    /** Letters of a line of reasons. */
    private static final int ROOM = 20;

    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");

    private final HBox node = new HBox(10);
    private final Consumer<Candidate> settle;
    private @Nullable Dealt onTable;

    /** What the cards show. */
    private record Dealt(
            List<Card> cards, Optional<Design> standard, Optional<DesignSpec> current, Tape tape) {}

    /** A design and what it is best at. */
    record Card(Design design, List<Sum> why) {}

    /**
     * The picks of a search, each with its reasons; then what else was found, as far as it goes.
     */
    static List<Card> of(List<Design> all) {
        List<Card> cards = new ArrayList<>();
        Spread.of(all).forEach(p -> cards.add(new Card(p.design(), p.why())));
        all.stream()
                .filter(d -> cards.stream().noneMatch(c -> c.design().equals(d)))
                .forEach(d -> cards.add(new Card(d, List.of())));
        return cards.stream().limit(MOST).toList();
    }

    /** No cards yet; a click on one settles on its house. */
    HouseCards(Consumer<Candidate> settle) {
        this.settle = settle;
        node.setMinHeight(148);
    }

    Node node() {
        return node;
    }

    /** Not dealt anew under the keeper's hand when nothing on them has changed. */
    void show(
            List<Card> wanted, Optional<Design> standard, Optional<DesignSpec> current, Tape tape) {
        Dealt dealt = new Dealt(List.copyOf(wanted), standard, current, tape);
        if (dealt.equals(onTable)) {
            return;
        }
        onTable = dealt;
        boolean oneKind =
                Stream.concat(wanted.stream().map(Card::design), standard.stream())
                                .map(d -> d.candidate().spec().family())
                                .distinct()
                                .count()
                        == 1;
        List<Node> cards = new ArrayList<>();
        for (int i = 0; i < wanted.size(); i++) {
            DesignSpec spec = wanted.get(i).design().candidate().spec();
            boolean chosen = current.filter(spec::equals).isPresent();
            cards.add(card("card-" + i, wanted.get(i), named("fit.card", oneKind), chosen, tape));
        }
        standard.filter(_ -> wanted.size() < MOST)
                .ifPresent(
                        s ->
                                cards.add(
                                        card(
                                                "card-standard",
                                                new Card(s, List.of()),
                                                named("fit.card.standard", oneKind),
                                                false,
                                                tape)));
        node.getChildren().setAll(cards);
    }

    /** Where all are of one kind, which is chosen above them, its name is left out. */
    private static String named(String key, boolean oneKind) {
        return oneKind ? key + ".size" : key;
    }

    /** As many reasons as have room, and how many more there are: the tooltip tells them all. */
    private static String inShort(List<Sum> why, Tape tape) {
        StringBuilder told = new StringBuilder(why.getFirst().words(tape));
        int n = 1;
        while (n < why.size() && told.length() + why.get(n).words(tape).length() < ROOM) {
            told.append(", ").append(why.get(n).words(tape));
            n++;
        }
        return n == why.size() ? told.toString() : told + " +" + (why.size() - n);
    }

    /** Depth and width of a house, or of two wall to wall. */
    static String size(Candidate c, Tape tape) {
        Length width = c.coop().isSeveral() ? c.coop().measures().width() : c.spec().width();
        return tape.mark(c.spec().depth()) + " x " + tape.mark(width);
    }

    private Node card(String id, Card card, String key, boolean chosen, Tape tape) {
        Design design = card.design();
        Candidate c = design.candidate();
        PictureView picture = new PictureView();
        picture.picture().set(Oblique.of(c.coop()));
        picture.setMouseTransparent(true);
        VBox.setVgrow(picture, Priority.ALWAYS);
        String bill = tape.say(design.bill().total());
        Label price = Parts.text(bill, "strong", c.faults() == 0 ? "holds" : "danger");
        Label floor = Parts.text(tape.say(c.coop().measures().floor()), "soft");
        String kind = Words.say("family." + c.spec().family() + ".short");
        Label size = Parts.text(Texts.get(key, kind, size(c, tape)), "strong", "note-ink");
        size.setWrapText(false);
        VBox face = new VBox(2, picture, size, Parts.row(6, price, Parts.spring(), floor));
        String why = String.join(", ", card.why().stream().map(w -> w.words(tape)).toList());
        if (!why.isEmpty()) {
            Label reason = Parts.text(inShort(card.why(), tape), "note");
            reason.setWrapText(false);
            face.getChildren().add(2, reason);
        }
        Button button = Parts.button(id, "", () -> settle.accept(c), "card");
        button.setGraphic(face);
        face.setPrefSize(150, 132);
        button.setAccessibleText(Texts.get(key, kind, size(c, tape)) + ", " + bill + ", " + why);
        if (!why.isEmpty()) {
            button.setTooltip(new Tooltip(why));
        }
        HBox.setHgrow(button, Priority.ALWAYS);
        button.setPrefWidth(CARD);
        button.setMaxWidth(CARD);
        button.pseudoClassStateChanged(CHOSEN, chosen);
        return button;
    }
}
