package reliqua.desktop.fit;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import reliqua.core.check.Finding;
import reliqua.core.measure.Length;
import reliqua.core.measure.MeasureException;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Words;
import reliqua.core.project.Adoption;
import reliqua.core.project.Describe;
import reliqua.core.project.Design;
import reliqua.core.project.Project;
import reliqua.core.project.Remedies;
import reliqua.core.stock.Lot;
import reliqua.desktop.Texts;
import reliqua.desktop.shell.Parts;
import reliqua.desktop.shell.Rows;
import reliqua.desktop.work.PricedLater;
import reliqua.desktop.work.Workspace;

/**
 * The few dimensions, to be typed and held; what the rules say; and the button that settles on this
 * house.
 */
final class DesignSlip extends VBox {
    private record Line(TextField field, ToggleButton hold) {}

    private final Workspace workspace;
    private final Map<String, Line> lines = new LinkedHashMap<>();
    private final Label kind = Parts.text("", "title");
    private final Label note = Parts.text("", "soft");
    private final VBox lengths = new VBox(9);
    private String shownFamily = "";
    private final VBox findings = new VBox(7);
    private final Rows<Found> found = new Rows<>(findings, this::row);
    private final PricedLater<Remedies.Remedy> remedies =
            new PricedLater<>(Remedies::of, this::showRemedies);
    private Optional<Design> shown = Optional.empty();
    private final VBox idle = new VBox(5);
    private final LastTime lastTime;
    private final Label fault = Parts.text("", "danger", "note");
    private final Button settle = new Button();
    private final Label becomes = Parts.text("", "note");
    private final Label figures = Parts.text("", "soft");

    DesignSlip(Workspace workspace) {
        super(9);
        this.workspace = workspace;
        this.lastTime = new LastTime(workspace);
        workspace.designs().progress().addListener((_, _, _) -> priceWhenPlanned());
        getChildren().addAll(kind, note, lengths);
        fault.managedProperty().bind(fault.textProperty().isNotEmpty());
        settle.setId("settle");
        becomes.setId("becomes");
        settle.getStyleClass().add("main-button");
        settle.setMaxWidth(Double.MAX_VALUE);
        settle.setOnAction(_ -> settle());
        getChildren()
                .addAll(
                        fault,
                        settle,
                        becomes,
                        figures,
                        Parts.rule(),
                        Parts.text(Texts.get("fit.findings"), "strong"),
                        findings,
                        lastTime,
                        idle);
    }

    /** What may be used but has no place in this kind of house yet. */
    private void showIdle() {
        List<Lot> waiting = workspace.project().heap().idle();
        idle.getChildren().clear();
        if (waiting.isEmpty()) {
            return;
        }
        idle.getChildren().addAll(Parts.rule(), Parts.text(Texts.get("fit.idle"), "strong"));
        for (Lot lot : waiting) {
            String what = Describe.lot(lot.quantity(), lot.material(), workspace.tape());
            idle.getChildren().add(Parts.text(what, "note-ink"));
        }
        idle.getChildren().add(Parts.text(Texts.get("fit.idle.why"), "note"));
    }

    /** The lengths of the kind of coop that is sought, and of what is built on. */
    private void showKind(Project project) {
        boolean any = project.anyKind() && project.chosen().isEmpty();
        String family =
                any
                        ? shown.map(d -> d.candidate().spec().family()).orElse(Project.ANY_KIND)
                        : project.kind().id();
        if (project.keys().equals(List.copyOf(lines.keySet())) && family.equals(shownFamily)) {
            return;
        }
        shownFamily = family;
        kind.setText(Words.say("family." + family + ".title"));
        note.setText(
                any
                        ? Words.say("family." + Project.ANY_KIND + ".note")
                        : Words.say("family." + family + ".note"));
        lines.clear();
        lengths.getChildren().setAll(project.keys().stream().map(this::line).toList());
    }

    private HBox line(String name) {
        Label words = Parts.text(FitStation.name(name), "soft");
        words.setMinWidth(72);
        TextField field = new TextField();
        field.setId("dimension-" + name);
        field.setAccessibleText(FitStation.name(name));
        field.getStyleClass().add("slip-field");
        field.setOnAction(_ -> hold(name, field.getText()));
        HBox.setHgrow(field, Priority.ALWAYS);
        ToggleButton hold = new ToggleButton(Texts.get("fit.hold"));
        hold.setId("hold-" + name);
        hold.getStyleClass().add("pill");
        hold.setMinWidth(USE_PREF_SIZE);
        hold.setAccessibleText(Texts.get("fit.hold.name", FitStation.name(name)));
        hold.setOnAction(
                _ -> {
                    if (hold.isSelected()) {
                        hold(name, field.getText());
                    } else {
                        workspace.edit(
                                Texts.get("edit.release", FitStation.name(name)),
                                p -> unsettled(p.release(name)));
                    }
                });
        lines.put(name, new Line(field, hold));
        return Parts.row(8, words, field, hold);
    }

    /** A house settled on stays as it is; changing a dimension means fitting anew. */
    private static Project unsettled(Project project) {
        return project.withChosen(Optional.empty());
    }

    private void hold(String name, String text) {
        Tape tape = workspace.tape();
        try {
            Length length = tape.reader().read(text);
            if (!length.isPositive()) {
                fault.setText(Texts.get("fit.positive"));
                return;
            }
            Optional<Length> built = workspace.project().built(name).filter(b -> !b.equals(length));
            if (built.isPresent()) {
                fault.setText(
                        Words.say(
                                "say.dimension.built",
                                FitStation.name(name),
                                tape.say(built.get())));
                return;
            }
            fault.setText("");
            workspace.edit(
                    Texts.get("edit.hold", FitStation.name(name), tape.say(length)),
                    p -> unsettled(p.hold(name, length)));
        } catch (MeasureException e) {
            fault.setText(String.valueOf(e.getMessage()));
        }
    }

    private void settle() {
        if (workspace.project().chosen().isPresent()) {
            workspace.edit(Texts.get("edit.unsettle"), p -> p.withChosen(Optional.empty()));
            return;
        }
        shown.ifPresent(
                d -> {
                    Project.Chosen chosen = new Project.Chosen(d.candidate().spec());
                    workspace.edit(
                            Texts.get("edit.settle", workspace.tape().mark(chosen.spec().width())),
                            p -> p.withChosen(Optional.of(chosen)));
                });
    }

    /** What taking this design would do to what is cut and built. */
    private void showBecomes(Optional<Adoption> adoption) {
        Optional<Adoption> told = adoption.filter(Adoption::isTold);
        becomes.setText(told.map(a -> Adopting.words(a, workspace)).orElse(""));
        boolean lost = told.map(a -> !a.lost().isEmpty()).orElse(false);
        becomes.getStyleClass().setAll("label", lost ? "danger" : "note");
        becomes.setManaged(told.isPresent());
        becomes.setVisible(told.isPresent());
    }

    void refresh(Optional<Design> design) {
        shown = design;
        showIdle();
        lastTime.refresh();
        showKind(workspace.project());
        boolean settled = workspace.project().chosen().isPresent();
        settle.setText(Texts.get(settled ? "fit.unsettle" : "fit.settle"));
        settle.setDisable(design.isEmpty() && !settled);
        showBecomes(design.map(d -> Adoption.of(workspace.project(), d.candidate())));
        lines.forEach(
                (name, line) -> {
                    boolean held = workspace.project().held().containsKey(name);
                    line.hold().setSelected(held);
                    line.hold().setText(Texts.get(held ? "fit.held" : "fit.hold"));
                    if (!line.field().isFocused()) {
                        Optional<Length> length =
                                Optional.ofNullable(workspace.project().held().get(name))
                                        .or(
                                                () ->
                                                        design.map(
                                                                d ->
                                                                        d.candidate()
                                                                                .spec()
                                                                                .lengths()
                                                                                .get(name)));
                        line.field().setText(length.map(workspace.tape()::mark).orElse(""));
                    }
                });
        design.ifPresentOrElse(this::show, () -> found.show(List.of()));
        priceWhenPlanned();
        if (design.isEmpty()) {
            figures.setText("");
        }
    }

    /** What a row shows: a finding, or below it what would mend it. */
    private record Found(Finding finding, Optional<Remedies.Remedy> remedy, Tape tape) {}

    private Node row(Found found) {
        return found.remedy().map(r -> (Node) button(r)).orElseGet(() -> told(found));
    }

    private static Node told(Found found) {
        Finding finding = found.finding();
        Label sign =
                Parts.text(
                        switch (finding.severity()) {
                            case FAULT -> "\u2715";
                            case WARNING -> "!";
                            case GOOD -> "\u2713";
                        },
                        "sign",
                        "sign-" + finding.severity().name().toLowerCase(java.util.Locale.ROOT));
        sign.setMinWidth(20);
        Label words = Parts.text(finding.sum().words(found.tape()), "note-ink");
        HBox.setHgrow(words, Priority.ALWAYS);
        HBox row = Parts.row(8, sign, words);
        row.setAccessibleText(
                Texts.get("severity." + finding.severity().name()) + ": " + words.getText());
        return row;
    }

    private void show(Design design) {
        Tape tape = workspace.tape();
        List<Finding> all =
                design.candidate().findings().stream()
                        .sorted(java.util.Comparator.comparing(Finding::severity))
                        .toList();
        List<Remedies.Remedy> offered = remedies.of(design);
        List<Found> rows = new ArrayList<>();
        for (Finding finding : all) {
            rows.add(new Found(finding, Optional.empty(), tape));
            offered.stream()
                    .filter(r -> r.rule().equals(finding.rule()))
                    .forEach(r -> rows.add(new Found(finding, Optional.of(r), tape)));
        }
        found.show(rows.stream().distinct().toList());
        figures.setText(
                Texts.get(
                        "fit.figures",
                        design.candidate().coop().parts().size(),
                        tape.say(design.candidate().coop().measures().weight())));
    }

    /** A search that is still going on shows other designs before anybody reads the prices. */
    private void priceWhenPlanned() {
        if (workspace.designs().progress().get() >= 1) {
            shown.ifPresent(d -> remedies.price(workspace.project(), d));
        }
    }

    private void showRemedies() {
        shown.ifPresent(this::show);
    }

    /** What would mend it and what that costs; a press does it. */
    private Node button(Remedies.Remedy remedy) {
        Tape tape = workspace.tape();
        String price = Parts.more(remedy.more(), tape);
        String what = remedy.what().words(tape);
        Button button =
                Parts.button(
                        "remedy-" + remedy.rule(),
                        what + "  " + price,
                        () -> workspace.edit(remedy.edit().name(), remedy.edit().change()),
                        "pill");
        button.setWrapText(true);
        button.setMinHeight(Region.USE_PREF_SIZE);
        VBox.setMargin(button, new Insets(0, 0, 4, 28));
        return button;
    }
}
