package reliqua.desktop.fetch;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import reliqua.core.buy.Bill;
import reliqua.core.measure.Money;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Words;
import reliqua.core.project.Design;
import reliqua.core.project.PlanReview;
import reliqua.core.project.Project;
import reliqua.core.project.Shopping;
import reliqua.desktop.Texts;
import reliqua.desktop.shell.Helps;
import reliqua.desktop.shell.Parts;
import reliqua.desktop.shell.PdfSaver;
import reliqua.desktop.shell.Rows;
import reliqua.desktop.shell.Seen;
import reliqua.desktop.shell.Station;
import reliqua.desktop.work.Workspace;
import reliqua.files.PocketPdf;
import reliqua.standins.Merchants;

/** What remains to buy, in shop units, against the budget. */
public final class FetchStation implements Station {
    private final Workspace workspace;
    private final VBox lines = new VBox(2);
    private final Label summary = Parts.text("", "soft");
    private final Label total = Parts.text("", "figure");
    private final Label budget = Parts.text("", "soft");
    private final ProgressBar bar = new ProgressBar(0);
    private final VBox bench = new VBox(12);
    private final VBox slip = new VBox(10);
    private final VBox scrounge = new VBox(10);
    private final LineSlip chosen;
    private final NothingBought nothing;
    private final TwoShops shops;
    private final Label spentNote = Parts.text("", "soft");
    private static final double LIST_LEAST = 230;

    private final ToggleGroup group = new ToggleGroup();
    private final WhereView where = new WhereView();
    private final Seen seen = new Seen();
    private final Seen slipSeen = new Seen();
    private final Rows<Row> rows = new Rows<>(lines, this::line);
    private String selected = "";

    /** Over the workspace. */
    public FetchStation(Workspace workspace) {
        this.workspace = workspace;
        this.chosen = new LineSlip(workspace);
        this.nothing = new NothingBought(workspace);
        this.shops = new TwoShops(workspace, Merchants::secondHand);
        ScrollPane scroll = new ScrollPane(lines);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("bare");
        VBox.setVgrow(where, Priority.ALWAYS);
        scroll.setMinHeight(LIST_LEAST);
        scroll.setPrefHeight(LIST_LEAST);
        where.setMinHeight(0);
        where.setPrefHeight(LIST_LEAST);
        bar.getStyleClass().add("budget");
        bar.setMaxWidth(Double.MAX_VALUE);
        total.setId("fetch-total");
        bench.getChildren()
                .addAll(
                        Parts.row(
                                12,
                                Parts.text(Texts.get("station.fetch"), "headline"),
                                summary,
                                Parts.spring(),
                                Parts.button(
                                        "pocket-card", Texts.get("fetch.card"), this::card, "pill"),
                                Parts.button(
                                        "copy-list", Texts.get("fetch.copy"), this::copy, "pill")),
                        Parts.row(14, total, budget, Parts.spring(), spentNote),
                        bar,
                        scroll,
                        where);
    }

    @Override
    public String id() {
        return "fetch";
    }

    @Override
    public Node bench() {
        return bench;
    }

    @Override
    public Node slip() {
        return slip;
    }

    @Override
    public String pictogram() {
        return "M2 8 L22 8 L18 16 L7 16 Z M9 19 A1.6 1.6 0 1 0 9.1 19 M17 19 A1.6 1.6 0 1 0 17.1 19";
    }

    /** List and scrounge list on a page for the pocket. */
    private void card() {
        Project project = workspace.project();
        PlanReview known = workspace.designs().review().get();
        PdfSaver.save(
                workspace,
                bench.getScene().getWindow(),
                Texts.get("fetch.card"),
                Texts.get("fetch.card.file", project.name()),
                d -> PocketPdf.write(project, d, known.orOf(project, d)));
    }

    private Optional<Design> design() {
        return workspace.designs().state().get().design();
    }

    @Override
    public String line() {
        return design().map(d -> Texts.get("fetch.line", workspace.tape().say(d.bill().total())))
                .orElse(Texts.get("fetch.none"));
    }

    @Override
    public void refresh() {
        Project project = workspace.project();
        if (seen.isAll(
                design(),
                project.keeper(),
                project.prices(),
                Shopping.spent(project),
                project.done())) {
            return;
        }
        design().ifPresentOrElse(d -> show(d.bill()), this::showNothing);
    }

    private void showNothing() {
        summary.setText("");
        total.setText("");
        budget.setText(Texts.get("fetch.none"));
        bar.setProgress(0);
        slip.getChildren().clear();
        slipSeen.isAll();
        rows.show(List.of());
    }

    private void show(Bill bill) {
        Tape tape = workspace.tape();
        Money limit = workspace.project().keeper().budget();
        summary.setText(Texts.get("fetch.at", bill.merchant()));
        total.setText(tape.say(bill.total()));
        Money left = limit.minus(bill.total());
        budget.setText(
                left.micros() >= 0
                        ? Texts.get("fetch.left", tape.say(limit), tape.say(left))
                        : Texts.get(
                                "fetch.over", tape.say(limit), tape.say(Money.ZERO.minus(left))));
        bar.setProgress(limit.isZero() ? 1 : Math.min(1, bill.total().amount() / limit.amount()));
        bar.pseudoClassStateChanged(
                javafx.css.PseudoClass.getPseudoClass("over"), left.micros() < 0);
        if (bill.lines().stream().noneMatch(l -> l.id().equals(selected))) {
            selected = bill.lines().isEmpty() ? "" : bill.lines().getFirst().id();
        }
        List<Row> all =
                bill.lines().stream()
                        .map(l -> new Row(l.id(), Shopping.name(l), waits(l), tape.say(l.total())))
                        .distinct()
                        .toList();
        rows.show(all.isEmpty() ? List.of(Row.NONE) : all);
        choose();
        Money spent = Shopping.spent(workspace.project());
        spentNote.setText(spent.isZero() ? "" : Texts.get("fetch.spent", tape.say(spent)));
        nothing.refresh(bill);
        design().ifPresent(shops::refresh);
        showLine();
        showSlip(bill, tape);
        reviewed();
    }

    private void showSlip(Bill bill, Tape tape) {
        if (slipSeen.isAll(bill.fromHeap(), bill.heapShare(), tape)) {
            return;
        }
        slip.getChildren()
                .setAll(
                        chosen,
                        Parts.text(Texts.get("fetch.heap"), "strong"),
                        Parts.fact(Texts.get("fetch.worth"), tape.say(bill.fromHeap())),
                        Parts.fact(
                                Texts.get("fetch.share"),
                                Math.round(bill.heapShare() * 100) + " %"),
                        Parts.rule(),
                        Parts.text(Texts.get("fetch.how"), "note"),
                        scrounge,
                        Parts.rule(),
                        shops,
                        Parts.rule(),
                        nothing);
    }

    @Override
    public void reviewed() {
        scrounge.getChildren().clear();
        PlanReview review = workspace.designs().review().get();
        if (!review.improvements().isEmpty()) {
            scrounge.getChildren()
                    .addAll(Parts.rule(), Parts.text(Texts.get("fetch.scrounge"), "title"));
            review.improvements()
                    .forEach(i -> scrounge.getChildren().add(Helps.row(i, workspace.tape())));
        }
    }

    /** All that a line of the list shows. */
    private record Row(String id, String name, String waits, String price) {
        /** In place of a list with nothing on it. */
        static final Row NONE = new Row("", "", "", "");
    }

    private Node line(Row shown) {
        if (shown.equals(Row.NONE)) {
            return Parts.text(Texts.get("fetch.nothing"), "soft");
        }
        ToggleButton name = new ToggleButton(shown.name());
        name.setId("buy-" + shown.id());
        name.getStyleClass().add("buy-line");
        name.setToggleGroup(group);
        name.setMaxWidth(Double.MAX_VALUE);
        name.setOnAction(
                _ -> {
                    name.setSelected(true);
                    selected = shown.id();
                    showLine();
                });
        HBox.setHgrow(name, Priority.ALWAYS);
        Label wait = Parts.text(shown.waits(), "note");
        wait.setMinWidth(170);
        wait.setWrapText(false);
        Label price = Parts.text(shown.price(), "strong");
        price.setMinWidth(76);
        price.setAlignment(Pos.CENTER_RIGHT);
        HBox row = Parts.row(10, name, wait, price);
        row.getStyleClass().add("list-line");
        return row;
    }

    /** The line that is chosen is pressed; those that went are no choice any more. */
    private void choose() {
        group.getToggles()
                .removeIf(
                        t ->
                                t instanceof ToggleButton button
                                        && !lines.getChildren().contains(button.getParent()));
        group.getToggles()
                .forEach(
                        t ->
                                t.setSelected(
                                        t instanceof ToggleButton button
                                                && button.getId().equals("buy-" + selected)));
    }

    /** The stage of the build it is needed for first. */
    private String waits(Bill.Line line) {
        return design().flatMap(d -> Shopping.neededFor(line, d, workspace.project().prices()))
                .map(stage -> Texts.get("fetch.needed", Words.say("stage." + stage.name())))
                .orElse("");
    }

    /** The line that is chosen, on the slip and in the picture. */
    private void showLine() {
        Optional<Bill.Line> line =
                design().stream()
                        .flatMap(d -> d.bill().lines().stream())
                        .filter(l -> l.id().equals(selected))
                        .findFirst();
        chosen.show(line);
        where.setVisible(line.isPresent());
        line.ifPresent(
                l ->
                        where.show(
                                l,
                                design().orElseThrow(),
                                workspace.project().prices(),
                                workspace.tape()));
    }

    /** The list on the clipboard, for a message or the pocket. */
    private void copy() {
        design().ifPresent(
                        d -> {
                            ClipboardContent content = new ClipboardContent();
                            content.putString(Shopping.text(d, workspace.tape()));
                            Clipboard.getSystemClipboard().setContent(content);
                            workspace.tell(Texts.get("fetch.copied"));
                        });
    }
}
