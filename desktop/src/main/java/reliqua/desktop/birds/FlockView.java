package reliqua.desktop.birds;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import reliqua.core.drawing.BirdsPicture;
import reliqua.core.flock.BirdClass;
import reliqua.core.flock.Flock;
import reliqua.core.flock.NeedChange;
import reliqua.core.flock.Needs;
import reliqua.core.flock.Pen;
import reliqua.core.flock.WhatIf;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Words;
import reliqua.core.project.Project;
import reliqua.desktop.Texts;
import reliqua.desktop.paint.PictureView;
import reliqua.desktop.shell.Parts;
import reliqua.desktop.shell.Rows;
import reliqua.desktop.work.Workspace;

/** The birds to scale with steppers for who they are, how they live, and what would change. */
final class FlockView implements BirdsView {
    private static final int CHANGES_SHOWN = 4;

    private final Workspace workspace;
    private @Nullable Project shown;
    private final PictureView picture = new PictureView();
    private final Map<BirdClass, Stepper> classes = new EnumMap<>(BirdClass.class);
    private final Map<Pen.Kind, Stepper> pens = new EnumMap<>(Pen.Kind.class);
    private final Stepper cocks;
    private final Map<Flock.Style, ToggleButton> styles = new EnumMap<>(Flock.Style.class);
    private final Map<Flock.Purpose, ToggleButton> purposes = new EnumMap<>(Flock.Purpose.class);
    private final FlowPane whatIfs = new FlowPane(8, 8);
    private final Rows<Card> cards = new Rows<>(whatIfs, this::card);
    private final VBox node = new VBox(10);

    FlockView(Workspace workspace) {
        this.workspace = workspace;
        this.cocks = new Stepper("COCKS", Words.say("bird.cock.many"), this::cocks);
        VBox.setVgrow(picture, Priority.ALWAYS);
        picture.setMinHeight(140);
        FlowPane who = new FlowPane(8, 8);
        for (BirdClass kind : BirdClass.values()) {
            String name = Needs.name(kind, 2).words(workspace.tape());
            Stepper stepper = new Stepper(kind.name(), name, count -> hens(kind, count));
            classes.put(kind, stepper);
            who.getChildren().add(stepper);
        }
        who.getChildren().add(cocks);
        for (Pen.Kind kind : Pen.Kind.values()) {
            String name = Words.say("pen." + kind.name());
            Stepper stepper = new Stepper("PEN-" + kind.name(), name, count -> pen(kind, count));
            pens.put(kind, stepper);
            who.getChildren().add(stepper);
        }
        HBox lives = Parts.row(6, lead("flock.style"));
        ToggleGroup group = new ToggleGroup();
        for (Flock.Style style : Flock.Style.values()) {
            ToggleButton button = style(style, group);
            styles.put(style, button);
            lives.getChildren().add(button);
        }
        HBox kept = Parts.row(6, lead("flock.purpose"));
        for (Flock.Purpose purpose : Flock.Purpose.values()) {
            ToggleButton button = purpose(purpose);
            purposes.put(purpose, button);
            kept.getChildren().add(button);
        }
        node.getChildren().addAll(picture, who, lives, kept, whatIfs);
    }

    private static Node lead(String key) {
        Label words = Parts.text(Texts.get(key), "strong");
        words.setMinWidth(72);
        return words;
    }

    private ToggleButton style(Flock.Style style, ToggleGroup group) {
        String name = Words.say("style." + style.name());
        return Parts.choice(
                "style-" + style.name(),
                name,
                group,
                false,
                () ->
                        workspace.edit(
                                Texts.get("edit.style", name),
                                p -> p.withFlock(WhatIf.kept(p.flock(), style))),
                "pill");
    }

    private ToggleButton purpose(Flock.Purpose purpose) {
        String name = Words.say("purpose." + purpose.name());
        return Parts.toggle(
                "purpose-" + purpose.name(),
                name,
                false,
                on ->
                        workspace.edit(
                                Texts.get(on ? "edit.purpose" : "edit.purpose.not", name),
                                p -> p.withFlock(p.flock().with(purpose, on))));
    }

    private void hens(BirdClass kind, int count) {
        String words = count + " " + Needs.name(kind, count).words(workspace.tape());
        workspace.edit(
                Words.say("edit.birds", words), p -> p.withFlock(p.flock().with(kind, count)));
    }

    /** Cocks are of the class most hens are of; those of other classes stay. */
    private void cocks(int count) {
        Flock flock = workspace.project().flock();
        BirdClass kind = flock.cockClass();
        int others = flock.cockCount() - flock.cocks().getOrDefault(kind, 0);
        workspace.edit(
                Words.say("edit.birds", Words.say("say.cocks", count)),
                p -> p.withFlock(p.flock().withCocks(kind, Math.max(0, count - others))));
    }

    private void pen(Pen.Kind kind, int count) {
        String name = Words.say("pen." + kind.name());
        workspace.edit(
                Words.say("say.pen", name, count),
                p -> p.withFlock(p.flock().withPen(kind, count)));
    }

    @Override
    public String id() {
        return "flock";
    }

    @Override
    public Node node() {
        return node;
    }

    @Override
    public void refresh() {
        if (shown == workspace.project()) {
            return;
        }
        shown = workspace.project();
        Flock flock = shown.flock();
        picture.picture().set(BirdsPicture.of(flock, shown.needs(), workspace.tape()));
        classes.forEach((kind, stepper) -> stepper.show(flock.hens().getOrDefault(kind, 0)));
        cocks.show(flock.cockCount());
        pens.forEach((kind, stepper) -> stepper.show(flock.penned(kind)));
        styles.forEach((style, button) -> button.setSelected(style == flock.style()));
        purposes.forEach((each, button) -> button.setSelected(flock.purposes().contains(each)));
        Focus.keep(node, "whatif-", this::showWhatIfs);
    }

    private void showWhatIfs() {
        Tape tape = workspace.tape();
        cards.show(
                workspace.project().whatIfs().entrySet().stream()
                        .map(e -> new Card(e.getKey(), differences(e.getValue(), tape), tape))
                        .toList());
    }

    /** All that a card shows. */
    private record Card(WhatIf question, String differences, Tape tape) {}

    private static String differences(List<NeedChange> changes, Tape tape) {
        return String.join(
                ", ", changes.stream().limit(CHANGES_SHOWN).map(c -> c.words(tape)).toList());
    }

    private Node card(Card card) {
        WhatIf question = card.question();
        String differences = card.differences();
        String title = question.sum().words(card.tape());
        var button =
                Parts.button(
                        "whatif-" + question.name(),
                        "",
                        () -> workspace.edit(title, p -> p.withFlock(question.apply(p.flock()))),
                        "school");
        VBox face = Parts.face(Texts.get("flock.whatIf", title), differences, 143);
        button.setGraphic(face);
        button.setMaxHeight(Double.MAX_VALUE);
        button.setAccessibleText(Texts.get("flock.whatIf", title) + " " + differences);
        return button;
    }
}
