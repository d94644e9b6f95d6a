package reliqua.desktop.fit;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicBoolean;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import reliqua.core.coop.family.DesignSpec;
import reliqua.core.cutting.Progress;
import reliqua.core.drawing.Oblique;
import reliqua.core.fit.Candidate;
import reliqua.core.measure.Sum;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Words;
import reliqua.core.project.Beside;
import reliqua.core.project.Design;
import reliqua.core.project.Project;
import reliqua.core.project.QuickDesign;
import reliqua.core.project.WhatIfs;
import reliqua.desktop.Texts;
import reliqua.desktop.paint.PictureView;
import reliqua.desktop.shell.Parts;
import reliqua.desktop.work.Reasons;
import reliqua.desktop.work.Workspace;

/** The design shown and another, side by side; and the designs kept under a name. */
final class BesideView extends VBox {
    private static final double PICTURE = 118;
    private static final double FIELD = 155;

    private final Workspace workspace;
    private final FlowPane others = new FlowPane(6, 6);
    private final GridPane table = new GridPane();

    /** Kept while the rest is shown anew, so that what is being typed stays. */
    private final TextField field = new TextField();

    private final Map<List<Object>, Design> planned = new HashMap<>();
    private List<Object> running = List.of();
    private AtomicBoolean stopped = new AtomicBoolean();
    private List<Object> plannedFor = List.of();
    private Optional<Design> current = Optional.empty();
    private List<Other> known = List.of();
    private String chosen = "";

    /**
     * Something to compare with: found by the search, kept under a name, or what would become of it
     * if something were otherwise.
     */
    private record Other(
            String id,
            String name,
            DesignSpec spec,
            Optional<Design> design,
            boolean kept,
            Optional<WhatIfs.Ask> ask) {}

    BesideView(Workspace workspace) {
        super(8);
        this.workspace = workspace;
        others.setMinHeight(USE_PREF_SIZE);
        field.setId("variant-name");
        field.setPromptText(Texts.get("beside.name"));
        field.setAccessibleText(Texts.get("beside.name"));
        field.getStyleClass().add("slip-field");
        field.setMinWidth(FIELD);
        field.setPrefWidth(FIELD);
        ScrollPane scroll = new ScrollPane(table);
        scroll.setId("beside");
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("bare");
        setVgrow(scroll, Priority.ALWAYS);
        table.setHgap(14);
        table.setVgap(5);
        for (int share : new int[] {26, 37, 37}) {
            ColumnConstraints column = new ColumnConstraints();
            column.setPercentWidth(share);
            table.getColumnConstraints().add(column);
        }
        getChildren().addAll(others, scroll);
    }

    /** Shows a design beside one of those found, or of those kept. */
    void show(Optional<Design> now, List<Design> found, Optional<Design> standard) {
        current = now;
        known = all(now, found, standard);
        if (known.stream().noneMatch(o -> o.id().equals(chosen))) {
            // A question takes a search: it is answered when it is asked, not by itself.
            chosen =
                    known.stream()
                            .filter(o -> o.ask().isEmpty())
                            .map(Other::id)
                            .findFirst()
                            .orElse("");
        }
        others.getChildren().setAll(Parts.text(Texts.get("beside.with"), "soft"));
        ToggleGroup group = new ToggleGroup();
        known.stream()
                .filter(o -> o.ask().isEmpty())
                .forEach(
                        each ->
                                others.getChildren()
                                        .add(
                                                Parts.choice(
                                                        "with-" + each.id(),
                                                        each.name(),
                                                        group,
                                                        each.id().equals(chosen),
                                                        () -> choose(each),
                                                        "pill",
                                                        "tight")));
        others.getChildren().add(questions(group));
        fill();
    }

    private List<Other> all(Optional<Design> now, List<Design> found, Optional<Design> standard) {
        Optional<DesignSpec> here = now.map(d -> d.candidate().spec());
        List<Other> all = new ArrayList<>();
        for (HouseCards.Card card : HouseCards.of(found)) {
            add(all, here, "card-" + all.size(), name(card.design()), card.design());
        }
        standard.ifPresent(
                s -> add(all, here, "standard", Texts.get("beside.standard", name(s)), s));
        workspace
                .project()
                .variants()
                .forEach(
                        (name, kept) ->
                                all.add(
                                        new Other(
                                                "kept-" + kept(all),
                                                name,
                                                kept.spec(),
                                                Optional.empty(),
                                                true,
                                                Optional.empty())));
        here.ifPresent(
                spec ->
                        WhatIfs.of(workspace.project())
                                .forEach(
                                        ask ->
                                                all.add(
                                                        new Other(
                                                                "if-" + ask.id(),
                                                                ask.words().words(tape()),
                                                                spec,
                                                                Optional.empty(),
                                                                false,
                                                                Optional.of(ask)))));
        return all;
    }

    private void choose(Other other) {
        chosen = other.id();
        fill();
    }

    /** What might be otherwise, behind one button; the question that is asked stands on it. */
    private MenuButton questions(ToggleGroup others) {
        MenuButton menu = new MenuButton(Texts.get("beside.if"));
        menu.setId("what-if");
        menu.getStyleClass().addAll("pill", "tight");
        for (Other each : known) {
            if (each.ask().isPresent()) {
                MenuItem item = new MenuItem(each.name());
                item.setId(each.id());
                item.setOnAction(
                        _ -> {
                            others.selectToggle(null);
                            menu.setText(each.name());
                            choose(each);
                        });
                menu.getItems().add(item);
                if (each.id().equals(chosen)) {
                    menu.setText(each.name());
                }
            }
        }
        return menu;
    }

    private static long kept(List<Other> all) {
        return all.stream().filter(Other::kept).count();
    }

    private static void add(
            List<Other> all, Optional<DesignSpec> here, String id, String name, Design design) {
        DesignSpec spec = design.candidate().spec();
        if (here.filter(spec::equals).isEmpty()) {
            all.add(new Other(id, name, spec, Optional.of(design), false, Optional.empty()));
        }
    }

    private String name(Design design) {
        Candidate c = design.candidate();
        String kind = Words.say("family." + c.spec().family() + ".short");
        return Texts.get("fit.card", kind, HouseCards.size(c, workspace.tape()));
    }

    private void fill() {
        table.getChildren().clear();
        if (current.isEmpty()) {
            return;
        }
        Optional<Other> other = known.stream().filter(o -> o.id().equals(chosen)).findFirst();
        head(0, 1, current.get(), keep(current.get()));
        if (other.isEmpty()) {
            table.add(Parts.text(Texts.get("beside.none"), "soft"), 2, 0);
            return;
        }
        Optional<Design> design = other.get().design().or(() -> planned(other.get()));
        if (design.isEmpty()) {
            String wait = other.get().ask().isPresent() ? "beside.fitting" : "beside.planning";
            table.add(Parts.text(Texts.get(wait), "soft"), 2, 0);
            return;
        }
        head(0, 2, design.get(), take(other.get(), design.get()));
        compare(Beside.of(current.get(), design.get()));
    }

    private void head(int row, int column, Design design, Node below) {
        PictureView picture = new PictureView();
        picture.picture().set(Oblique.of(design.candidate().coop()));
        picture.setMouseTransparent(true);
        picture.setMinHeight(PICTURE);
        picture.setPrefHeight(PICTURE);
        table.add(new VBox(4, picture, Parts.text(name(design), "strong"), below), column, row);
    }

    /** A field for a name, and a press that keeps the design shown under it. */
    private Node keep(Design design) {
        Runnable keep = () -> keep(field.getText().strip(), design);
        field.setOnAction(_ -> keep.run());
        return Parts.row(
                6, field, Parts.button("keep-variant", Texts.get("beside.keep"), keep, "small"));
    }

    private void keep(String name, Design design) {
        if (name.isEmpty()) {
            workspace.tell(Texts.get("beside.nameless"));
            return;
        }
        field.clear();
        Project.Chosen kept = new Project.Chosen(design.candidate().spec());
        workspace.edit(Texts.get("edit.variant", name), p -> p.keeping(name, kept));
    }

    private Node take(Other other, Design design) {
        if (other.ask().isPresent()) {
            return Parts.text(other.name(), "soft");
        }
        Node take =
                Parts.button(
                        "take-other",
                        Texts.get("fit.settle"),
                        () -> settle(other, design),
                        "small");
        if (!other.kept()) {
            return take;
        }
        Node drop =
                Parts.button(
                        "drop-variant",
                        Texts.get("beside.drop"),
                        () ->
                                workspace.edit(
                                        Texts.get("edit.variant.drop", other.name()),
                                        p -> p.dropping(other.name())),
                        "small");
        return Parts.row(6, take, drop);
    }

    private void settle(Other other, Design design) {
        String words = Texts.get("edit.settle", other.name());
        if (other.kept()) {
            Adopting.take(workspace, design.candidate(), words, p -> p.backTo(other.name()));
        } else {
            Adopting.settle(workspace, design.candidate(), words);
        }
    }

    private void compare(Beside both) {
        int row = 1;
        for (Beside.Row each : both.rows()) {
            row(row++, each);
        }
        row = block(row, "beside.buys", both.buys(), true);
        block(row, "beside.findings", both.findings(), false);
    }

    private int block(int from, String title, List<Beside.Row> rows, boolean named) {
        if (rows.isEmpty()) {
            return from;
        }
        int row = from;
        table.add(Parts.text(Texts.get(title), "strong"), 0, row++, 3, 1);
        for (Beside.Row each : rows) {
            if (named) {
                row(row++, each);
            } else {
                each.left().ifPresent(cell(1, row, "danger"));
                each.right().ifPresent(cell(2, row, "danger"));
                row++;
            }
        }
        return row;
    }

    private java.util.function.Consumer<Sum> cell(int column, int row, String style) {
        return sum -> table.add(Parts.text(sum.words(tape()), "note-ink", style), column, row);
    }

    private void row(int row, Beside.Row each) {
        table.add(Parts.text(each.what().words(tape()), "soft"), 0, row);
        each.left().ifPresent(s -> table.add(figure(s, each, Beside.Better.LEFT), 1, row));
        each.right().ifPresent(s -> table.add(figure(s, each, Beside.Better.RIGHT), 2, row));
    }

    private Label figure(Sum sum, Beside.Row row, Beside.Better side) {
        boolean better = row.better() == side && !sameWords(row);
        Label label = Parts.text(sum.words(tape()), better ? "holds" : "note-ink");
        if (better) {
            label.getStyleClass().add("strong");
            label.setAccessibleText(Texts.get("beside.better", label.getText()));
        }
        return label;
    }

    /** What the tape does not tell apart is no better. */
    private boolean sameWords(Beside.Row row) {
        return row.left().map(s -> s.words(tape())).equals(row.right().map(s -> s.words(tape())));
    }

    private Tape tape() {
        return workspace.tape();
    }

    /** What is kept is planned anew, and what is asked fitted, for things as they are now. */
    private Optional<Design> planned(Other other) {
        Project project = workspace.project();
        List<Object> now =
                List.of(
                        project.heap(),
                        project.prices(),
                        project.builtNeeds(),
                        project.keeper(),
                        project.cuts(),
                        project.held(),
                        project.addOns());
        if (!now.equals(plannedFor)) {
            planned.clear();
            running = List.of();
            plannedFor = now;
        }
        List<Object> key = List.of(other.id(), other.spec());
        Optional<Design> done = Optional.ofNullable(planned.get(key));
        if (done.isEmpty() && !running.equals(key)) {
            // Only what is looked at now is worth a search.
            stopped.set(true);
            AtomicBoolean mine = new AtomicBoolean();
            stopped = mine;
            running = key;
            workspace
                    .background()
                    .run(
                            () -> answer(project, other, Progress.stoppedBy(mine::get)),
                            design -> {
                                if (!mine.get() && now.equals(plannedFor)) {
                                    running = List.of();
                                    planned(other, key, design);
                                }
                            },
                            e -> {
                                running = List.of();
                                workspace.tell(Reasons.of(e));
                            });
        }
        return done;
    }

    private static Optional<Design> answer(Project project, Other other, Progress progress) {
        return other.ask()
                .map(ask -> WhatIfs.answer(project, other.spec(), ask, progress))
                .orElseGet(() -> new QuickDesign(project).of(other.spec()));
    }

    private void planned(Other other, List<Object> key, Optional<Design> design) {
        if (design.isEmpty()) {
            workspace.tell(Texts.get("beside.unbuildable", other.name()));
            return;
        }
        planned.put(key, design.get());
        fill();
    }
}
