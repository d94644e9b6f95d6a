package reliqua.desktop.heap;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Words;
import reliqua.core.project.Describe;
import reliqua.core.stock.Condition;
import reliqua.core.stock.FoundPart;
import reliqua.core.stock.Hazard;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Pallet;
import reliqua.core.stock.PalletYield;
import reliqua.desktop.Texts;
import reliqua.desktop.shell.Parts;
import reliqua.desktop.work.Workspace;

/** What must be decided about a lot: hazards, and how a pallet is broken down. */
final class LotJudgement {
    private final Workspace workspace;

    LotJudgement(Workspace workspace) {
        this.workspace = workspace;
    }

    /** What breaking it down gives, pried or sawn, with the minutes. */
    List<Node> yields(Lot lot, Pallet pallet) {
        Tape tape = workspace.tape();
        List<Node> nodes = new ArrayList<>();
        nodes.add(Parts.rule());
        nodes.add(Parts.text(Texts.get("heap.yield"), "strong"));
        nodes.add(breaking(lot, pallet));
        for (PalletYield.Way way : PalletYield.Way.values()) {
            PalletYield yield = PalletYield.of(pallet, way);
            String boards =
                    Texts.get(
                            "heap.yield." + way.name(),
                            yield.boards() * lot.quantity(),
                            tape.say(yield.board().length()),
                            yield.bearers() * lot.quantity(),
                            yield.minutes() * lot.quantity());
            nodes.add(Parts.text(boards, "note-ink"));
            nodes.add(
                    Parts.button(
                            "broken-" + way.name(),
                            Texts.get("heap.broke." + way.name()),
                            () -> breakDown(lot, yield),
                            "small"));
        }
        return nodes;
    }

    /** What may become of it: the plan chooses, or the keeper does. */
    private Node breaking(Lot lot, Pallet pallet) {
        FlowPane choices = new FlowPane(6, 6);
        ToggleGroup group = new ToggleGroup();
        for (Pallet.Breaking each : Pallet.Breaking.values()) {
            choices.getChildren()
                    .add(
                            Parts.choice(
                                    "breaking-" + each.name(),
                                    Words.say("pallet." + each.name()),
                                    group,
                                    pallet.breaking() == each,
                                    () -> pin(lot, pallet.with(each)),
                                    "pill"));
        }
        return choices;
    }

    private void pin(Lot lot, Pallet pallet) {
        LotChange.to(workspace, "edit.change", lot.with(lot.quantity(), pallet));
    }

    /** The pallets leave the heap; what came out of them takes their place, to be corrected. */
    private void breakDown(Lot lot, PalletYield yield) {
        String words = Describe.lot(lot.quantity(), lot.material(), workspace.tape());
        workspace.edit(
                Texts.get("edit.break", words),
                p -> p.withHeap(p.heap().brokenDown(lot.id(), yield, p.spentIds())));
    }

    /** Every hazard with why it matters, and the decision where it arises. */
    List<Node> hazards(Lot lot) {
        List<Node> nodes = new ArrayList<>();
        for (Hazard hazard : lot.condition().hazards()) {
            VBox box =
                    new VBox(
                            4,
                            Parts.text(Words.say("hazard." + hazard.name()), "danger", "strong"),
                            Parts.text(Words.say("hazard." + hazard.name() + ".why"), "note-ink"));
            box.getStyleClass().add("caution");
            nodes.add(box);
        }
        boolean barred = lot.condition().hazards().stream().anyMatch(Hazard::barred);
        boolean refused = lot.condition().verdict() == Condition.Verdict.REFUSE;
        if (refused) {
            nodes.add(verdict(lot, "take-back", Condition.Verdict.OPEN));
        } else if (!lot.condition().hazards().isEmpty()) {
            if (!barred && lot.condition().open()) {
                nodes.add(verdict(lot, "judge-good", Condition.Verdict.USE));
            }
            nodes.add(verdict(lot, "refuse", Condition.Verdict.REFUSE));
        }
        if (lot.material() instanceof FoundPart && lot.condition().usable()) {
            nodes.add(pin(lot));
        }
        return nodes;
    }

    /** A found thing that the design must have in it. */
    private Node pin(Lot lot) {
        boolean must = lot.condition().verdict() == Condition.Verdict.MUST;
        String words = Describe.lot(lot.quantity(), lot.material(), workspace.tape());
        return Parts.button(
                "pin",
                Texts.get(must ? "heap.unpin" : "heap.pin"),
                () ->
                        workspace.edit(
                                Texts.get(must ? "edit.unpin" : "edit.pin", words),
                                p -> p.pinning(lot.id(), !must)),
                "plain");
    }

    private Node verdict(Lot lot, String key, Condition.Verdict verdict) {
        return Parts.button(
                key,
                Texts.get("heap." + key),
                () ->
                        LotChange.to(
                                workspace, "edit." + key, lot.with(lot.condition().with(verdict))),
                "plain");
    }
}
