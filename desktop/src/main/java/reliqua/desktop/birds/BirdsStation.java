package reliqua.desktop.birds;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import reliqua.core.drawing.BirdsPicture;
import reliqua.core.flock.BirdClass;
import reliqua.core.flock.Flock;
import reliqua.core.flock.Keeper;
import reliqua.core.flock.Need;
import reliqua.core.flock.Needs;
import reliqua.core.flock.Practice;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Words;
import reliqua.desktop.Texts;
import reliqua.desktop.paint.PictureView;
import reliqua.desktop.shell.Parts;
import reliqua.desktop.shell.Station;
import reliqua.desktop.work.Workspace;

/**
 * The birds, drawn to scale in the room they need, with steppers and the schools to choose from.
 */
public final class BirdsStation implements Station {
    private final Workspace workspace;
    private final PictureView picture = new PictureView();
    private final FlowPane steppers = new FlowPane(10, 8);
    private final VBox schools = new VBox(10);
    private final Map<BirdClass, Label> figures = new EnumMap<>(BirdClass.class);
    private final VBox slip = new VBox(10);
    private final VBox bench = new VBox(12);
    private final Label summary = Parts.text("", "soft");

    /** Over the workspace. */
    public BirdsStation(Workspace workspace) {
        this.workspace = workspace;
        HBox head = Parts.row(12, Parts.text(Texts.get("station.birds"), "headline"), summary);
        VBox.setVgrow(picture, Priority.ALWAYS);
        picture.setMinHeight(150);
        ScrollPane lower = new ScrollPane(schools);
        lower.setFitToWidth(true);
        lower.getStyleClass().add("bare");
        lower.setMinHeight(196);
        lower.setPrefHeight(250);
        for (BirdClass kind : BirdClass.values()) {
            steppers.getChildren().add(stepper(kind));
        }
        bench.getChildren().addAll(head, picture, steppers, lower);
    }

    @Override
    public String id() {
        return "birds";
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
        return "M3 9 L6 12 L10 12 L13 9 L14 5 L17 5 L20 7 L17 9 L17 13 L14 17 L14 21 M11 17 L11 21 M6 12 L8 16 L14 17";
    }

    @Override
    public String line() {
        Flock flock = workspace.project().flock();
        int coming = flock.housed() - flock.total();
        return coming > 0
                ? Texts.get("birds.line.coming", flock.total(), coming)
                : Texts.get("birds.line", flock.total());
    }

    @Override
    public void refresh() {
        Flock flock = workspace.project().flock();
        Needs needs = workspace.project().needs();
        Tape tape = workspace.tape();
        summary.setText(flock.total() == 0 ? Texts.get("birds.empty") : line());
        picture.picture().set(BirdsPicture.of(flock, needs, tape));
        figures.forEach((kind, figure) -> figure.setText(String.valueOf(flock.count(kind))));
        showSchools();
        showNeeds(needs, tape);
    }

    private Node stepper(BirdClass kind) {
        String name = Needs.name(kind, 2).words(workspace.tape());
        Label figure = Parts.text("0", "stepper-figure");
        figure.setId("count-" + kind.name());
        Button fewer = Parts.button("fewer-" + kind.name(), "\u2212", () -> step(kind, -1), "step");
        fewer.setAccessibleText(Texts.get("birds.fewer", name));
        Button more = Parts.button("more-" + kind.name(), "+", () -> step(kind, 1), "step");
        more.setAccessibleText(Texts.get("birds.more", name));
        Label words = Parts.text(name, "note-ink");
        words.setWrapText(false);
        VBox stepper = new VBox(2, words, Parts.row(4, fewer, figure, more));
        stepper.setAlignment(javafx.geometry.Pos.CENTER);
        stepper.getStyleClass().add("stepper");
        figures.put(kind, figure);
        return stepper;
    }

    private void step(BirdClass kind, int by) {
        int count = Math.max(0, workspace.project().flock().count(kind) + by);
        String words = count + " " + Needs.name(kind, count).words(workspace.tape());
        workspace.edit(
                Words.say("edit.birds", words), p -> p.withFlock(p.flock().with(kind, count)));
    }

    /** The choices are made anew with their figures; the keyboard stays on the one it was on. */
    private void showSchools() {
        Node owner = bench.getScene() == null ? null : bench.getScene().getFocusOwner();
        String focused = owner == null || owner.getId() == null ? "" : owner.getId();
        schools.getChildren().setAll(space(), nests(), vents(), growth(), underside());
        if (focused.startsWith("school-")) {
            schools.applyCss();
            schools.lookupAll(".school").stream()
                    .filter(n -> focused.equals(n.getId()))
                    .findFirst()
                    .ifPresent(Node::requestFocus);
        }
    }

    private void practice(String name, Practice practice) {
        workspace.edit(Texts.get("edit.school", name), p -> p.withFlock(p.flock().with(practice)));
    }

    private Practice now() {
        return workspace.project().flock().practice();
    }

    private Node school(String key, List<? extends Node> choices) {
        Label name = Parts.text(Texts.get("school." + key), "strong");
        name.setMinWidth(96);
        HBox row = Parts.row(8);
        row.getChildren().addAll(choices);
        return Parts.row(10, name, row);
    }

    private Node choice(
            String key, ToggleGroup group, boolean chosen, String figure, Practice practice) {
        String title = Texts.get("school." + key);
        var button =
                Parts.choice(
                        "school-" + key.replace('.', '-'),
                        "",
                        group,
                        chosen,
                        () -> practice(title, practice),
                        "school");
        Label head = Parts.text(title + "  " + figure, "strong", "note-ink");
        Label why = Parts.text(Texts.get("school." + key + ".why"), "note");
        head.setWrapText(false);
        why.setWrapText(false);
        VBox face = new VBox(0, head, why);
        face.setPrefWidth(164);
        button.setGraphic(face);
        button.setAccessibleText(title + " " + figure + ". " + Texts.get("school." + key + ".why"));
        return button;
    }

    private Needs with(Practice practice) {
        return Needs.of(workspace.project().flock().with(practice));
    }

    private Node space() {
        ToggleGroup group = new ToggleGroup();
        return school(
                "space",
                java.util.Arrays.stream(Practice.Space.values())
                        .map(
                                s ->
                                        choice(
                                                "space." + s.name(),
                                                group,
                                                s == now().space(),
                                                workspace
                                                        .tape()
                                                        .say(with(now().withSpace(s)).floor()),
                                                now().withSpace(s)))
                        .toList());
    }

    private Node nests() {
        ToggleGroup group = new ToggleGroup();
        return school(
                "nests",
                java.util.Arrays.stream(Practice.Nests.values())
                        .map(
                                n ->
                                        choice(
                                                "nests." + n.name(),
                                                group,
                                                n == now().nests(),
                                                Texts.get(
                                                        "school.nests.count",
                                                        with(now().withNests(n)).nests()),
                                                now().withNests(n)))
                        .toList());
    }

    private Node vents() {
        ToggleGroup group = new ToggleGroup();
        return school(
                "vents",
                java.util.Arrays.stream(Practice.Vents.values())
                        .map(
                                v ->
                                        choice(
                                                "vents." + v.name(),
                                                group,
                                                v == now().vents(),
                                                workspace
                                                        .tape()
                                                        .say(with(now().withVents(v)).vents()),
                                                now().withVents(v)))
                        .toList());
    }

    private Node growth() {
        ToggleGroup group = new ToggleGroup();
        List<Integer> usual = new ArrayList<>(List.of(0, 25, 50));
        if (!usual.contains(now().growth())) {
            usual.add(now().growth());
        }
        return school(
                "growth",
                usual.stream()
                        .sorted()
                        .map(
                                g ->
                                        Parts.choice(
                                                "school-growth-" + g,
                                                Texts.get(
                                                        "school.growth.percent",
                                                        g,
                                                        with(now().withGrowth(g)).birds()),
                                                group,
                                                g == now().growth(),
                                                () ->
                                                        practice(
                                                                Texts.get("school.growth"),
                                                                now().withGrowth(g)),
                                                "school"))
                        .toList());
    }

    private Node underside() {
        ToggleGroup group = new ToggleGroup();
        return school(
                "underside",
                java.util.Arrays.stream(Practice.Underside.values())
                        .map(
                                u ->
                                        choice(
                                                "underside." + u.name(),
                                                group,
                                                u == now().underside(),
                                                "",
                                                now().withUnderside(u)))
                        .toList());
    }

    private void showNeeds(Needs needs, Tape tape) {
        slip.getChildren().setAll(Parts.text(Texts.get("birds.needs"), "title"));
        for (Need need : needs.lines()) {
            Label figure = Parts.text(tape.word(need.value()), "strong");
            Label name = Parts.text(Words.say("need." + need.kind().name()), "soft");
            VBox line =
                    new VBox(
                            0,
                            Parts.row(8, name, Parts.spring(), figure),
                            Parts.text(need.sum().words(tape), "note"));
            line.setId("need-" + need.kind().name());
            slip.getChildren().add(line);
        }
        showKeeper(tape);
    }

    private void showKeeper(Tape tape) {
        Keeper keeper = workspace.project().keeper();
        List<String> most = new ArrayList<>();
        keeper.mostWidth().ifPresent(l -> most.add(Texts.get("birds.keeper.wide", tape.say(l))));
        keeper.mostDepth().ifPresent(l -> most.add(Texts.get("birds.keeper.deep", tape.say(l))));
        keeper.mostHeight().ifPresent(l -> most.add(Texts.get("birds.keeper.high", tape.say(l))));
        String limits = most.isEmpty() ? Texts.get("birds.keeper.free") : String.join(", ", most);
        slip.getChildren()
                .addAll(
                        Parts.rule(),
                        Parts.text(Texts.get("birds.keeper"), "strong"),
                        Parts.fact(Texts.get("birds.keeper.budget"), tape.say(keeper.budget())),
                        Parts.fact(Texts.get("birds.keeper.saw"), tape.say(keeper.kerf())),
                        Parts.fact(Texts.get("birds.keeper.most"), limits),
                        Parts.text(Texts.get("birds.keeper.how"), "note"));
    }
}
