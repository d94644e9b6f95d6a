package reliqua.desktop.heap;

import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.VBox;
import reliqua.core.cutting.WorkPlan;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;
import reliqua.core.project.Describe;
import reliqua.core.project.Ledger;
import reliqua.core.stock.FlawMarking;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Pallet;
import reliqua.core.stock.Sorting;
import reliqua.core.stock.Stick;
import reliqua.core.stock.Straightness;
import reliqua.desktop.Texts;
import reliqua.desktop.photo.PhotoStrip;
import reliqua.desktop.shell.Parts;
import reliqua.desktop.work.Workspace;

/** Everything about one lot, to be changed in place, and what it is good for; or about several. */
final class LotSlip extends VBox {
    private final Workspace workspace;
    private final LotJudgement judgement;
    private final LotFields fields;

    LotSlip(Workspace workspace) {
        super(10);
        this.workspace = workspace;
        this.judgement = new LotJudgement(workspace);
        this.fields = new LotFields(workspace);
        show(List.of());
    }

    /** Shows one lot whole, or what several have in common. */
    void show(List<Lot> lots) {
        setOnDragOver(null);
        setOnDragDropped(null);
        if (lots.isEmpty()) {
            getChildren()
                    .setAll(
                            Parts.text(Texts.get("heap.slip.none"), "title"),
                            Parts.text(Texts.get("heap.slip.hint"), "soft"));
        } else if (lots.size() > 1) {
            getChildren().setAll(new ManySlip(workspace, lots));
        } else {
            fill(lots.getFirst());
        }
    }

    private void fill(Lot lot) {
        Tape tape = workspace.tape();
        getChildren()
                .setAll(
                        Parts.text(
                                lot.quantity() + " \u00d7 " + Describe.group(lot.material(), tape),
                                "title"),
                        Parts.text(Describe.length(lot.material(), tape) + from(lot), "soft"));
        getChildren().addAll(judgement.hazards(lot));
        getChildren().addAll(uses(lot, tape));
        getChildren().addAll(fields.sizes(lot));
        getChildren().addAll(fields.choices(lot));
        if (FlawMarking.takes(lot.material())) {
            getChildren().add(new FlawBoard(workspace, lot));
        }
        if (lot.material() instanceof Stick stick) {
            getChildren().add(fields.warp(lot, stick));
            straightness(stick, tape);
        }
        if (lot.material() instanceof Pallet pallet) {
            getChildren().addAll(judgement.yields(lot, pallet));
        }
        getChildren().add(Parts.rule());
        getChildren().addAll(fields.provenance(lot));
        getChildren().addAll(ledger(lot, tape));
        getChildren()
                .addAll(
                        Parts.rule(),
                        new PhotoStrip(
                                lot.provenance().photos(),
                                Texts.get("photo.none"),
                                left -> LotChange.photos(workspace, lot, left, "edit.photo.off")));
        getChildren().addAll(buttons(lot));
        PhotoStrip.dropOn(this, workspace, more -> LotChange.added(workspace, lot.id(), more));
    }

    private static String from(Lot lot) {
        return lot.provenance().source().isEmpty() ? "" : " \u00b7 " + lot.provenance().source();
    }

    /** What it is best for, and why; then what else it would do for. */
    private static List<Node> uses(Lot lot, Tape tape) {
        List<Sorting.Suit> suits = Sorting.of(lot);
        List<Node> nodes = new java.util.ArrayList<>();
        nodes.add(
                Parts.text(Texts.get("heap.best", suits.getFirst().why().words(tape)), "best-use"));
        if (suits.size() > 1) {
            String others =
                    String.join(
                            ", ",
                            suits.stream()
                                    .skip(1)
                                    .map(s -> Texts.get("sort." + s.use().name()))
                                    .toList());
            nodes.add(Parts.text(Texts.get("heap.also", others), "note"));
        }
        return nodes;
    }

    private void straightness(Stick stick, Tape tape) {
        String clear =
                String.join(
                        " + ",
                        stick.clearSpans().stream().map(s -> tape.mark(s.length())).toList());
        getChildren().add(Parts.fact(Texts.get("heap.clear"), clear));
        getChildren().addAll(Parts.rule(), Parts.text(Texts.get("heap.straight"), "strong"));
        for (Straightness role : Straightness.values()) {
            Length to = stick.straightTo(role.tolerance());
            ProgressBar bar = new ProgressBar(to.ratio(stick.length()));
            bar.getStyleClass().add("gauge");
            bar.setPrefWidth(76);
            Label name = Parts.text(Texts.get("straight." + role.name()), "note-ink");
            name.setMinWidth(88);
            getChildren()
                    .add(
                            Parts.row(
                                    8,
                                    name,
                                    bar,
                                    Parts.spring(),
                                    Parts.text(Texts.get("heap.to", tape.mark(to)), "soft")));
        }
    }

    /** What it would cost new, and what becomes of it. */
    private List<Node> ledger(Lot lot, Tape tape) {
        Optional<WorkPlan> plan =
                workspace.designs().state().get().design().map(d -> d.candidate().plan());
        List<Node> nodes = new java.util.ArrayList<>();
        Ledger.Line line = Ledger.line(workspace.project(), plan, lot);
        nodes.add(Parts.fact(Texts.get("heap.worth"), tape.say(line.worth())));
        nodes.add(
                Parts.fact(
                        Texts.get("heap.state"),
                        Texts.get(
                                "ledger." + line.state().name(),
                                line.reserved(),
                                line.left(),
                                line.used())));
        if (!lot.provenance().parent().isEmpty()) {
            nodes.add(Parts.fact(Texts.get("heap.parent"), lot.provenance().parent()));
        }
        return nodes;
    }

    private List<Node> buttons(Lot lot) {
        Node apart = Parts.button("apart", Texts.get("heap.apart"), () -> setApart(lot), "small");
        apart.setDisable(lot.quantity() < 2);
        Node more =
                Parts.button(
                        "duplicate", Texts.get("heap.duplicate"), () -> duplicate(lot), "small");
        return List.of(
                Parts.row(8, more, apart),
                Parts.button("remove-lot", Texts.get("heap.remove"), () -> remove(lot), "plain"));
    }

    /** The same once more, under a name of its own. */
    void duplicate(Lot lot) {
        String words = Describe.lot(lot.quantity(), lot.material(), workspace.tape());
        workspace.edit(
                Texts.get("edit.duplicate", words),
                p -> p.withHeap(p.heap().plus(lot.withId(p.freshId(lot.material())))));
    }

    /** One of several becomes a lot of its own, to be described by itself. */
    void setApart(Lot lot) {
        if (lot.quantity() < 2) {
            return;
        }
        String words = Describe.lot(1, lot.material(), workspace.tape());
        workspace.edit(
                Texts.get("edit.apart", words),
                p -> p.withHeap(p.heap().apart(lot.id(), 1, p.spentIds())));
    }

    void remove(Lot lot) {
        String words = Describe.lot(lot.quantity(), lot.material(), workspace.tape());
        workspace.edit(Texts.get("edit.remove", words), p -> p.withHeap(p.heap().minus(lot.id())));
    }
}
