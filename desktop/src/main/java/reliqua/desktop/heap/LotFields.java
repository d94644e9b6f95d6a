package reliqua.desktop.heap;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;
import reliqua.core.measure.Words;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Remeasured;
import reliqua.core.stock.Roofing;
import reliqua.core.stock.Sheet;
import reliqua.core.stock.Stick;
import reliqua.core.stock.Treatment;
import reliqua.core.stock.Warp;
import reliqua.desktop.Texts;
import reliqua.desktop.shell.EntryField;
import reliqua.desktop.shell.Parts;
import reliqua.desktop.shell.Pills;
import reliqua.desktop.work.Workspace;

/**
 * What is typed about a lot: how many, its sizes and warp, where it lies and came from. Fields are
 * kept and turned to the next lot: making them takes longer than everything else about a slip.
 */
final class LotFields {
    private final Workspace workspace;
    private final Map<String, Field> fields = new HashMap<>();
    private final Map<String, Pills<?>> pills = new HashMap<>();
    private final Map<List<Node>, HBox> rows = new HashMap<>();
    private String shown = "";
    private boolean another;

    /** A field and what it stands in, with its name. */
    private record Field(EntryField entry, Node node) {}

    LotFields(Workspace workspace) {
        this.workspace = workspace;
    }

    /** What follows is about this lot. */
    void turnTo(Lot lot) {
        another = !lot.id().equals(shown);
        shown = lot.id();
    }

    /** Every size it has, each in a narrow field, and how many there are. */
    List<Node> sizes(Lot lot) {
        List<Node> nodes = new ArrayList<>();
        Remeasured.sizes(lot.material())
                .forEach((size, length) -> nodes.add(sized(lot, size, length)));
        nodes.addFirst(above("quantity", lot.quantity() + "", text -> quantity(lot, text)));
        List<Node> pairs = new ArrayList<>();
        for (int n = 0; n < nodes.size(); n += 2) {
            pairs.add(row(10, nodes.subList(n, Math.min(n + 2, nodes.size()))));
        }
        return pairs;
    }

    /** A field that stood in another row meanwhile comes back. */
    private Node row(double gap, List<Node> nodes) {
        HBox row = rows.computeIfAbsent(List.copyOf(nodes), _ -> Parts.row(gap));
        Parts.settle(row.getChildren(), nodes);
        return row;
    }

    private Node sized(Lot lot, Remeasured.Size size, Length now) {
        return above(
                size.name().toLowerCase(Locale.ROOT),
                workspace.tape().mark(now),
                text ->
                        measured(
                                text,
                                l ->
                                        lot.with(
                                                lot.quantity(),
                                                Remeasured.with(lot.material(), size, l))));
    }

    /** What is chosen of a few: treatment, grain, stamp, profile. */
    List<Node> choices(Lot lot) {
        return switch (lot.material()) {
            case Stick s ->
                    List.of(
                            choice(
                                    Treatment.values(),
                                    s.treatment(),
                                    "treatment.",
                                    t -> lot.with(lot.quantity(), s.with(t))));
            case Sheet s ->
                    List.of(
                            choice(
                                    Sheet.Grain.values(),
                                    s.grain(),
                                    "grain.",
                                    g -> lot.with(lot.quantity(), s.with(g))));
            case Roofing r ->
                    List.of(
                            choice(
                                    Roofing.Profile.values(),
                                    r.profile(),
                                    "profile.",
                                    p -> lot.with(lot.quantity(), r.with(p))));
            default -> List.of();
        };
    }

    private <E extends Enum<E>> Node choice(E[] all, E now, String words, Function<E, Lot> with) {
        @SuppressWarnings("unchecked")
        Pills<E> kept =
                (Pills<E>)
                        pills.computeIfAbsent(
                                words, _ -> new Pills<>(List.of(all), words, Words::say, words));
        kept.show(now, each -> change(with.apply(each)));
        return kept;
    }

    /** How far a stick is out of true, in four narrow fields. */
    Node warp(Lot lot, Stick stick) {
        Warp w = stick.warp();
        return row(
                8,
                List.of(
                        warp(lot, stick, "bow", w.bow(), Warp::withBow),
                        warp(lot, stick, "crook", w.crook(), Warp::withCrook),
                        warp(lot, stick, "twist", w.twist(), Warp::withTwist),
                        warp(lot, stick, "cup", w.cup(), Warp::withCup)));
    }

    private Node warp(
            Lot lot, Stick stick, String key, Length gap, BiFunction<Warp, Length, Warp> with) {
        return above(
                key,
                workspace.tape().mark(gap),
                text ->
                        measured(
                                text,
                                l ->
                                        lot.with(
                                                lot.quantity(),
                                                stick.with(with.apply(stick.warp(), l)))));
    }

    /** Where it lies and came from, since when, for how much, and what else. */
    List<Node> provenance(Lot lot) {
        Lot.Provenance p = lot.provenance();
        return List.of(
                beside("where", p.place(), text -> change(lot, p.withPlace(text))),
                beside("source", p.source(), text -> change(lot, p.withSource(text))),
                beside(
                        "since",
                        p.since().map(LocalDate::toString).orElse(""),
                        text -> since(lot, text)),
                beside("paid", paid(p), text -> paid(lot, text)),
                beside("note", p.note(), text -> change(lot, p.withNote(text))));
    }

    private static String paid(Lot.Provenance p) {
        return p.paid().isZero() ? "" : String.valueOf(p.paid().amount());
    }

    private String since(Lot lot, String text) {
        try {
            Optional<LocalDate> day =
                    text.isBlank() ? Optional.empty() : Optional.of(LocalDate.parse(text.strip()));
            return change(lot, lot.provenance().withSince(day));
        } catch (DateTimeParseException e) {
            return Texts.get("heap.since.wrong");
        }
    }

    private String paid(Lot lot, String text) {
        Optional<Money> paid = text.isBlank() ? Optional.of(Money.ZERO) : Money.read(text);
        return paid.map(m -> change(lot, lot.provenance().withPaid(m)))
                .orElse(Texts.get("heap.paid.wrong"));
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

    private String measured(String text, Function<Length, Lot> with) {
        try {
            return change(with.apply(workspace.tape().reader().read(text)));
        } catch (IllegalArgumentException e) {
            return String.valueOf(e.getMessage());
        }
    }

    private String change(Lot lot, Lot.Provenance other) {
        return change(lot.with(other));
    }

    private String change(Lot before, Lot after) {
        return before.equals(after) ? "" : change(after);
    }

    private String change(Lot after) {
        LotChange.to(workspace, "edit.change", after);
        return "";
    }

    /** A narrow field with its name above. */
    private Node above(String key, String value, Function<String, String> commit) {
        return kept(key, value, commit, LotFields::above);
    }

    private Node beside(String key, String value, Function<String, String> commit) {
        return kept(key, value, commit, LotFields::field);
    }

    private Node kept(
            String key,
            String value,
            Function<String, String> commit,
            BiFunction<String, EntryField, Node> framed) {
        Field field = fields.get(key);
        if (field == null) {
            EntryField entry = entry(key, commit);
            field = new Field(entry, framed.apply(key, entry));
            fields.put(key, field);
            field.entry().show(value);
        } else if (another) {
            field.entry().turnTo(value, commit);
        } else {
            field.entry().commitTo(commit);
            field.entry().show(value);
        }
        return field.node();
    }

    private static EntryField entry(String key, Function<String, String> commit) {
        return new EntryField("lot-" + key, Texts.get("heap." + key), commit);
    }

    private static Node above(String key, EntryField field) {
        Label name = Parts.text(Texts.get("heap." + key), "soft");
        // A name that may wrap makes the narrow field as high as if it did.
        name.setWrapText(false);
        VBox both = new VBox(2, name, field);
        HBox.setHgrow(both, Priority.ALWAYS);
        both.setPrefWidth(50);
        return both;
    }

    /** A named field of the slip. */
    static Node field(String key, String value, Function<String, String> commit) {
        EntryField field = entry(key, commit);
        field.show(value);
        return field(key, field);
    }

    private static Node field(String key, EntryField field) {
        HBox.setHgrow(field, Priority.ALWAYS);
        Label name = Parts.text(Texts.get("heap." + key), "soft");
        name.setMinWidth(72);
        return Parts.row(8, name, field);
    }
}
