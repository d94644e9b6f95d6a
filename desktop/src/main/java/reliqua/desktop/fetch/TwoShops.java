package reliqua.desktop.fetch;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import reliqua.core.cutting.Progress;
import reliqua.core.measure.Money;
import reliqua.core.measure.Tape;
import reliqua.core.measure.UnitSystem;
import reliqua.core.project.Design;
import reliqua.core.project.Project;
import reliqua.core.project.Shops;
import reliqua.core.stock.PriceBook;
import reliqua.desktop.Texts;
import reliqua.desktop.shell.Parts;
import reliqua.desktop.work.Reasons;
import reliqua.desktop.work.Workspace;

/**
 * The list at one merchant, at another and at both, with the trips; asked for, as it plans anew.
 */
final class TwoShops extends VBox {
    private final Workspace workspace;
    private final Function<UnitSystem, PriceBook> others;
    private final TextField trip = new TextField("0");
    private List<Object> askedFor = List.of();

    /** {@code others} gives the other merchant for a tape. */
    TwoShops(Workspace workspace, Function<UnitSystem, PriceBook> others) {
        super(6);
        this.workspace = workspace;
        this.others = others;
        trip.setId("trip");
        trip.setPrefColumnCount(5);
        trip.setAccessibleText(Texts.get("shops.trip"));
        trip.getStyleClass().add("slip-field");
    }

    /** The button again, once something has changed that bears on it. */
    void refresh(Design design) {
        List<Object> now = List.of(workspace.project().heap(), design.bill());
        if (now.equals(askedFor)) {
            return;
        }
        askedFor = now;
        Label words = Parts.text(Texts.get("shops.trip"), "soft");
        getChildren()
                .setAll(
                        Parts.button(
                                "compare-shops",
                                Texts.get("shops.compare", other().merchant()),
                                () -> compare(design),
                                "small"),
                        Parts.row(8, words, trip));
    }

    private PriceBook other() {
        return others.apply(workspace.tape().system());
    }

    private void compare(Design design) {
        Optional<Money> each = Money.read(trip.getText());
        if (each.isEmpty()) {
            workspace.tell(Texts.get("fetch.price.unclear"));
            return;
        }
        Project project = workspace.project();
        List<Object> asked = askedFor;
        PriceBook other = other();
        getChildren().setAll(Parts.text(Texts.get("shops.wait"), "soft"));
        workspace
                .background()
                .run(
                        () -> Shops.compare(project, design, other, each.get(), Progress.NONE),
                        quotes -> {
                            if (asked == askedFor) {
                                show(quotes, each.get());
                            }
                        },
                        e -> {
                            askedFor = List.of();
                            refresh(design);
                            workspace.tell(Reasons.of(e));
                        });
    }

    private void show(List<Shops.Quote> quotes, Money each) {
        getChildren().setAll(Parts.text(Texts.get("shops.head"), "strong"));
        for (int n = 0; n < quotes.size(); n++) {
            getChildren().add(quote(quotes.get(n), each, n));
        }
    }

    private Node quote(Shops.Quote quote, Money each, int n) {
        Tape tape = workspace.tape();
        String total = quote.whole() ? tape.say(quote.with(each)) : Texts.get("shops.notAll");
        Label price = Parts.text(total, "strong", n == 0 && quote.whole() ? "holds" : "soft");
        price.setWrapText(false);
        Label name = Parts.text(quote.prices().merchant(), "note-ink");
        VBox box = new VBox(2, name, Parts.row(8, price));
        boolean here = quote.prices().merchant().equals(workspace.project().prices().merchant());
        if (!here && quote.whole()) {
            ((javafx.scene.layout.HBox) box.getChildren().getLast())
                    .getChildren()
                    .add(
                            Parts.button(
                                    "shop-" + n,
                                    Texts.get("shops.take"),
                                    () -> take(quote),
                                    "small"));
        }
        return box;
    }

    private void take(Shops.Quote quote) {
        workspace.edit(
                Texts.get("edit.shop", quote.prices().merchant()),
                p -> p.withPrices(quote.prices()));
    }
}
