package reliqua.desktop.heap;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import javafx.scene.layout.VBox;
import reliqua.core.measure.Money;
import reliqua.core.stock.Condition;
import reliqua.core.stock.Lot;
import reliqua.desktop.Texts;
import reliqua.desktop.shell.Parts;
import reliqua.desktop.work.Workspace;

/** Several lots at once: what is typed or decided here goes for all of them. */
final class ManySlip extends VBox {
    private final Workspace workspace;
    private final List<Lot> lots;
    private final Set<String> ids;

    ManySlip(Workspace workspace, List<Lot> lots) {
        super(10);
        this.workspace = workspace;
        this.lots = List.copyOf(lots);
        this.ids = lots.stream().map(Lot::id).collect(Collectors.toCollection(TreeSet::new));
        int things = lots.stream().mapToInt(Lot::quantity).sum();
        Money worth =
                lots.stream()
                        .map(
                                l ->
                                        workspace
                                                .project()
                                                .prices()
                                                .worth(l.material())
                                                .times(l.quantity()))
                        .reduce(Money.ZERO, Money::plus);
        getChildren()
                .addAll(
                        Parts.text(Texts.get("many.title", lots.size()), "title"),
                        Parts.text(Texts.get("many.things", things), "soft"),
                        Parts.fact(Texts.get("heap.worth"), workspace.tape().say(worth)),
                        Parts.rule(),
                        LotFields.field("where", same(p -> p.place()), this::place),
                        LotFields.field("source", same(p -> p.source()), this::source),
                        LotFields.field(
                                "since",
                                same(p -> p.since().map(LocalDate::toString).orElse("")),
                                this::since),
                        LotFields.field("note", same(p -> p.note()), this::note));
        getChildren()
                .add(
                        Parts.row(
                                8,
                                decide("judge-good", Condition.Verdict.USE),
                                decide("refuse", Condition.Verdict.REFUSE)));
        getChildren().add(decide("take-back", Condition.Verdict.OPEN));
        getChildren()
                .add(
                        Parts.button(
                                "remove-many",
                                Texts.get("many.remove", lots.size()),
                                this::remove,
                                "plain"));
    }

    /** What they have in common, or nothing. */
    private String same(Function<Lot.Provenance, String> of) {
        List<String> all = lots.stream().map(l -> of.apply(l.provenance())).distinct().toList();
        return all.size() == 1 ? all.getFirst() : "";
    }

    private String place(String text) {
        return change(p -> p.withPlace(text));
    }

    private String source(String text) {
        return change(p -> p.withSource(text));
    }

    private String note(String text) {
        return change(p -> p.withNote(text));
    }

    private String since(String text) {
        try {
            Optional<LocalDate> day =
                    text.isBlank() ? Optional.empty() : Optional.of(LocalDate.parse(text.strip()));
            return change(p -> p.withSince(day));
        } catch (DateTimeParseException e) {
            return Texts.get("heap.since.wrong");
        }
    }

    private String change(UnaryOperator<Lot.Provenance> how) {
        changeLots(lot -> lot.with(how.apply(lot.provenance())));
        return "";
    }

    private javafx.scene.Node decide(String key, Condition.Verdict verdict) {
        return Parts.button(
                "many-" + key,
                Texts.get("heap." + key),
                () -> changeLots(lot -> lot.with(lot.condition().with(verdict))),
                "small");
    }

    private void changeLots(UnaryOperator<Lot> how) {
        workspace.edit(
                Texts.get("edit.many", lots.size()), p -> p.withHeap(p.heap().changed(ids, how)));
    }

    /** All of them leave the heap. */
    void remove() {
        workspace.edit(
                Texts.get("edit.many.remove", lots.size()), p -> p.withHeap(p.heap().minus(ids)));
    }
}
