package reliqua.desktop.heap;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import reliqua.core.cutting.WorkPlan;
import reliqua.core.measure.Tape;
import reliqua.core.project.Describe;
import reliqua.core.project.Ledger;
import reliqua.core.stock.FlawMarking;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Pallet;
import reliqua.core.stock.Sorting;
import reliqua.core.stock.Stick;
import reliqua.desktop.Texts;
import reliqua.desktop.photo.PhotoStrip;
import reliqua.desktop.shell.Parts;
import reliqua.desktop.work.Workspace;

/** Everything about one lot, to be changed in place, and what it is good for; or about several. */
final class LotSlip extends VBox {
    private final Workspace workspace;
    private final LotJudgement judgement;
    private final LotFields fields;
    private final Label title = Parts.text("", "title");
    private final Label length = Parts.text("", "soft");
    private final Label best = Parts.text("", "best-use");
    private final Label others = Parts.text("", "note");
    private final StraightView straight = new StraightView();
    private final Map<Class<?>, FlawBoard> boards = new HashMap<>();
    private final Label worth = Parts.text("");
    private final Label state = Parts.text("");
    private final Label parent = Parts.text("");
    private final List<Node> ledger =
            List.of(
                    Parts.fact(Texts.get("heap.worth"), worth),
                    Parts.fact(Texts.get("heap.state"), state));
    private final Node origin = Parts.fact(Texts.get("heap.parent"), parent);
    private final Node aboveOrigin = Parts.rule();
    private final Node abovePhotos = Parts.rule();
    private final PhotoStrip noPhotos = new PhotoStrip(List.of(), Texts.get("photo.none"), _ -> {});
    private final Button apart = act("apart", this::setApart, "small");
    private final Button more = act("duplicate", this::duplicate, "small");
    private final Node copies = Parts.row(8, more, apart);
    private final Button remove = act("remove", this::remove, "plain");
    private Optional<Lot> shown = Optional.empty();

    LotSlip(Workspace workspace) {
        super(10);
        this.workspace = workspace;
        this.judgement = new LotJudgement(workspace);
        this.fields = new LotFields(workspace);
        remove.setId("remove-lot");
        show(List.of());
    }

    private Button act(String key, Consumer<Lot> action, String style) {
        return Parts.button(key, Texts.get("heap." + key), () -> shown.ifPresent(action), style);
    }

    /** Shows one lot whole, or what several have in common. */
    void show(List<Lot> lots) {
        setOnDragOver(null);
        setOnDragDropped(null);
        shown = lots.size() == 1 ? Optional.of(lots.getFirst()) : Optional.empty();
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
        fields.turnTo(lot);
        title.setText(lot.quantity() + " \u00d7 " + Describe.group(lot.material(), tape));
        length.setText(Describe.length(lot.material(), tape) + from(lot));
        List<Node> nodes = new ArrayList<>(List.of(title, length));
        nodes.addAll(judgement.hazards(lot));
        nodes.addAll(uses(lot, tape));
        nodes.addAll(fields.sizes(lot));
        nodes.addAll(fields.choices(lot));
        if (FlawMarking.takes(lot.material())) {
            nodes.add(board(lot));
        }
        if (lot.material() instanceof Stick stick) {
            straight.show(stick, tape);
            nodes.addAll(List.of(fields.warp(lot, stick), straight));
        }
        if (lot.material() instanceof Pallet pallet) {
            nodes.addAll(judgement.yields(lot, pallet));
        }
        nodes.add(aboveOrigin);
        nodes.addAll(fields.provenance(lot));
        nodes.addAll(ledger(lot, tape));
        nodes.addAll(List.of(abovePhotos, photos(lot)));
        apart.setDisable(lot.quantity() < 2);
        nodes.addAll(List.of(copies, remove));
        Parts.settle(getChildren(), nodes);
        PhotoStrip.dropOn(this, workspace, more -> LotChange.added(workspace, lot.id(), more));
    }

    private FlawBoard board(Lot lot) {
        FlawBoard board =
                boards.computeIfAbsent(
                        lot.material().getClass(), _ -> new FlawBoard(workspace, lot));
        board.show(lot);
        return board;
    }

    private Node photos(Lot lot) {
        return lot.provenance().photos().isEmpty()
                ? noPhotos
                : new PhotoStrip(
                        lot.provenance().photos(),
                        Texts.get("photo.none"),
                        left -> LotChange.photos(workspace, lot, left, "edit.photo.off"));
    }

    private static String from(Lot lot) {
        return lot.provenance().source().isEmpty() ? "" : " \u00b7 " + lot.provenance().source();
    }

    /** What it is best for, and why; then what else it would do for. */
    private List<Node> uses(Lot lot, Tape tape) {
        List<Sorting.Suit> suits = Sorting.of(lot);
        best.setText(Texts.get("heap.best", suits.getFirst().why().words(tape)));
        if (suits.size() == 1) {
            return List.of(best);
        }
        others.setText(
                Texts.get(
                        "heap.also",
                        suits.stream()
                                .skip(1)
                                .map(s -> Texts.get("sort." + s.use().name()))
                                .collect(Collectors.joining(", "))));
        return List.of(best, others);
    }

    /** What it would cost new, and what becomes of it. */
    private List<Node> ledger(Lot lot, Tape tape) {
        Optional<WorkPlan> plan =
                workspace.designs().state().get().design().map(d -> d.candidate().plan());
        Ledger.Line line = Ledger.line(workspace.project(), plan, lot);
        worth.setText(tape.say(line.worth()));
        state.setText(
                Texts.get(
                        "ledger." + line.state().name(),
                        line.reserved(),
                        line.left(),
                        line.used()));
        List<Node> nodes = new ArrayList<>(ledger);
        if (!lot.provenance().parent().isEmpty()) {
            parent.setText(lot.provenance().parent());
            nodes.add(origin);
        }
        return nodes;
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
