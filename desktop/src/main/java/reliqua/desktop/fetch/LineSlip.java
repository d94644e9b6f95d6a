package reliqua.desktop.fetch;

import java.util.Locale;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import reliqua.core.buy.Bill;
import reliqua.core.measure.Money;
import reliqua.core.measure.Tape;
import reliqua.core.project.Design;
import reliqua.core.project.NailsForScrews;
import reliqua.core.project.Shopping;
import reliqua.desktop.Texts;
import reliqua.desktop.shell.Parts;
import reliqua.desktop.shell.Seen;
import reliqua.desktop.work.Workspace;

/** A line of the list on the slip: its price, and bringing it home. */
final class LineSlip extends VBox {
    private final Workspace workspace;
    private final Seen seen = new Seen();

    LineSlip(Workspace workspace) {
        super(8);
        this.workspace = workspace;
    }

    void show(Optional<Bill.Line> line) {
        // What is being typed stays, whatever else is found meanwhile.
        if (seen.isAll(
                line, workspace.project().prices(), workspace.project().heap(), workspace.tape())) {
            return;
        }
        getChildren().clear();
        line.ifPresent(this::show);
    }

    private void show(Bill.Line line) {
        Tape tape = workspace.tape();
        int inPack = Shopping.inPack(line, workspace.project().prices());
        TextField price = field("line-price", Texts.get("fetch.price"), amount(line.price()));
        TextField pack = field("line-pack", Texts.get("fetch.inPack"), String.valueOf(inPack));
        Runnable reprice = () -> reprice(line, price.getText(), pack.getText(), inPack);
        price.setOnAction(_ -> reprice.run());
        pack.setOnAction(_ -> reprice.run());
        TextField paid = field("line-paid", Texts.get("fetch.paid"), amount(line.total()));
        paid.setOnAction(_ -> fetched(line, paid.getText()));
        getChildren()
                .addAll(
                        Parts.text(Shopping.name(line), "title"),
                        Parts.row(8, label("fetch.price"), price));
        if (line.hardware().isPresent()) {
            getChildren().add(Parts.row(8, label("fetch.inPack"), pack));
        }
        saving(line).ifPresent(s -> getChildren().add(s));
        getChildren()
                .addAll(
                        Parts.text(Texts.get("fetch.price.how"), "note"),
                        Parts.row(8, label("fetch.paid"), paid),
                        Parts.button(
                                "line-fetched",
                                Texts.get("fetch.fetched"),
                                () -> fetched(line, paid.getText()),
                                "main-button"),
                        Parts.text(Texts.get("fetch.fetched.how", tape.say(line.total())), "note"),
                        Parts.rule());
    }

    private Optional<Label> saving(Bill.Line line) {
        Optional<Design> design = workspace.designs().state().get().design();
        return design.flatMap(d -> NailsForScrews.saving(line, d, workspace.project()))
                .map(s -> Parts.text(s.words(workspace.tape()), "note-ink"));
    }

    private static Label label(String key) {
        Label label = Parts.text(Texts.get(key), "soft");
        label.setMinWidth(92);
        return label;
    }

    private static TextField field(String id, String name, String text) {
        TextField field = new TextField(text);
        field.setId(id);
        field.setAccessibleText(name);
        field.getStyleClass().add("slip-field");
        HBox.setHgrow(field, Priority.ALWAYS);
        return field;
    }

    private static String amount(Money money) {
        return String.format(Locale.ROOT, "%.2f", money.amount());
    }

    private void reprice(Bill.Line line, String price, String pack, int before) {
        Optional<Money> money = Money.read(price);
        boolean whole = pack.strip().matches("\\d{1,5}") && Integer.parseInt(pack.strip()) > 0;
        if (money.isEmpty() || !whole) {
            workspace.tell(Texts.get("fetch.price.unclear"));
            return;
        }
        int inPack = line.hardware().isPresent() ? Integer.parseInt(pack.strip()) : before;
        workspace.edit(
                Texts.get("edit.price", line.name(), workspace.tape().say(money.get())),
                p -> Shopping.priced(p, line, money.get(), inPack));
    }

    private void fetched(Bill.Line line, String paid) {
        Optional<Money> money = Money.read(paid);
        if (money.isEmpty()) {
            workspace.tell(Texts.get("fetch.price.unclear"));
            return;
        }
        workspace.edit(
                Texts.get("edit.fetched", Shopping.name(line)),
                p -> Shopping.fetched(p, line, money.get(), workspace.today()));
    }
}
