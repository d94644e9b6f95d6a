package reliqua.desktop.heap;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import reliqua.core.measure.Length;
import reliqua.core.measure.MeasureException;
import reliqua.core.measure.Tape;
import reliqua.core.project.Describe;
import reliqua.core.stock.Block;
import reliqua.core.stock.FoundPart;
import reliqua.core.stock.Hardware;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Material;
import reliqua.core.stock.Mesh;
import reliqua.core.stock.Pallet;
import reliqua.core.stock.Pole;
import reliqua.core.stock.Roofing;
import reliqua.core.stock.Sheet;
import reliqua.core.stock.Stick;
import reliqua.core.stock.Straightness;
import reliqua.desktop.Texts;
import reliqua.desktop.shell.EntryField;
import reliqua.desktop.shell.Parts;
import reliqua.desktop.work.Workspace;

/** Everything about one lot, to be changed in place, and what it is good for. */
final class LotSlip extends VBox {
    private final Workspace workspace;
    private final LotJudgement judgement;

    LotSlip(Workspace workspace) {
        super(10);
        this.workspace = workspace;
        this.judgement = new LotJudgement(workspace);
        show(Optional.empty());
    }

    void show(Optional<Lot> lot) {
        if (lot.isEmpty()) {
            getChildren()
                    .setAll(
                            Parts.text(Texts.get("heap.slip.none"), "title"),
                            Parts.text(Texts.get("heap.slip.hint"), "soft"));
            return;
        }
        fill(lot.get());
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
        getChildren().add(field("quantity", lot.quantity() + "", text -> quantity(lot, text)));
        getChildren()
                .add(
                        field(
                                "length",
                                tape.mark(length(lot.material())),
                                text -> withLength(lot, text)));
        if (lot.material() instanceof Stick stick) {
            getChildren()
                    .add(field("bow", tape.mark(stick.bow()), text -> withBow(lot, stick, text)));
        }
        facts(lot, tape);
        if (lot.material() instanceof Stick stick) {
            straightness(stick, tape);
        }
        if (lot.material() instanceof Pallet pallet) {
            getChildren().addAll(judgement.yields(lot, pallet));
        }
        Node apart = Parts.button("apart", Texts.get("heap.apart"), () -> setApart(lot), "small");
        apart.setDisable(lot.quantity() < 2);
        getChildren()
                .add(
                        Parts.row(
                                8,
                                Parts.button(
                                        "duplicate",
                                        Texts.get("heap.duplicate"),
                                        () -> duplicate(lot),
                                        "small"),
                                apart));
        getChildren()
                .add(
                        Parts.button(
                                "remove-lot",
                                Texts.get("heap.remove"),
                                () -> remove(lot),
                                "plain"));
    }

    private static String from(Lot lot) {
        return lot.provenance().source().isEmpty() ? "" : " \u00b7 " + lot.provenance().source();
    }

    private void facts(Lot lot, Tape tape) {
        List<String> flaws = Describe.flaws(lot.material(), tape);
        if (!flaws.isEmpty()) {
            getChildren().add(Parts.fact(Texts.get("heap.flaws"), String.join("\n", flaws)));
        }
        if (lot.material() instanceof Stick stick) {
            String clear =
                    String.join(
                            " + ",
                            stick.clearSpans().stream().map(s -> tape.mark(s.length())).toList());
            getChildren().add(Parts.fact(Texts.get("heap.clear"), clear));
        }
        if (!lot.provenance().place().isEmpty()) {
            getChildren().add(Parts.fact(Texts.get("heap.where"), lot.provenance().place()));
        }
        if (!lot.provenance().note().isEmpty()) {
            getChildren().add(Parts.fact(Texts.get("heap.note"), lot.provenance().note()));
        }
        String worth =
                tape.say(workspace.project().prices().worth(lot.material()).times(lot.quantity()));
        getChildren().add(Parts.fact(Texts.get("heap.worth"), worth));
    }

    private void straightness(Stick stick, Tape tape) {
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

    private static Node field(String key, String value, Function<String, String> commit) {
        EntryField field = new EntryField("lot-" + key, Texts.get("heap." + key), commit);
        field.show(value);
        HBox.setHgrow(field, Priority.ALWAYS);
        Label name = Parts.text(Texts.get("heap." + key), "soft");
        name.setMinWidth(92);
        return Parts.row(8, name, field);
    }

    private String quantity(Lot lot, String text) {
        try {
            int count = Integer.parseInt(text.strip());
            return change(lot, lot.with(count, lot.material()));
        } catch (NumberFormatException e) {
            return Texts.get("heap.quantity.wrong");
        } catch (IllegalArgumentException e) {
            return String.valueOf(e.getMessage());
        }
    }

    private static Length length(Material material) {
        return switch (material) {
            case Stick s -> s.length();
            case Sheet s -> s.length();
            case Roofing r -> r.length();
            case Mesh m -> m.length();
            case Pole p -> p.length();
            case Pallet p -> p.length();
            case FoundPart f -> f.longest();
            case Block b -> b.length();
            case Hardware h -> h.size().orElse(Length.ZERO);
        };
    }

    private String withLength(Lot lot, String text) {
        try {
            Length length = workspace.tape().reader().read(text);
            Material changed =
                    switch (lot.material()) {
                        case Stick s -> s.withLength(length);
                        case Sheet s -> s.withLength(length);
                        case Roofing r -> r.withLength(length);
                        case Mesh m -> new Mesh(m.kind(), m.aperture(), m.width(), length);
                        case Pole p -> new Pole(p.butt(), p.tip(), length, p.treatment());
                        case Pallet p ->
                                new Pallet(
                                        p.kind(),
                                        length,
                                        p.width(),
                                        p.deck(),
                                        p.bearers(),
                                        p.stamp(),
                                        p.broken(),
                                        p.breaking());
                        case FoundPart f -> longest(f, length);
                        case Block b -> Block.of(b.height(), b.width(), length);
                        case Hardware h -> new Hardware(h.kind(), Optional.of(length));
                    };
            return change(lot, lot.with(lot.quantity(), changed));
        } catch (MeasureException e) {
            return String.valueOf(e.getMessage());
        } catch (IllegalArgumentException e) {
            return Texts.get("heap.length.wrong");
        }
    }

    private String withBow(Lot lot, Stick stick, String text) {
        try {
            Length bow = workspace.tape().reader().read(text);
            Stick bent = stick.with(stick.warp().withBow(bow));
            return change(lot, lot.with(lot.quantity(), bent));
        } catch (MeasureException e) {
            return String.valueOf(e.getMessage());
        }
    }

    /** The largest of its sizes is the one that is changed. */
    private static FoundPart longest(FoundPart part, Length length) {
        List<Length> sizes = new ArrayList<>(part.sizes());
        if (sizes.isEmpty()) {
            sizes.add(length);
        } else {
            sizes.set(sizes.indexOf(part.longest()), length);
        }
        return new FoundPart(part.kind(), sizes);
    }

    private String change(Lot before, Lot after) {
        String words = Describe.lot(after.quantity(), after.material(), workspace.tape());
        workspace.edit(Texts.get("edit.change", words), p -> p.withHeap(p.heap().replace(after)));
        return "";
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
