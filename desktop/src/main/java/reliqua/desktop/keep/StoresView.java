package reliqua.desktop.keep;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import reliqua.core.drawing.MovesPicture;
import reliqua.core.drawing.RainYearPicture;
import reliqua.core.drawing.VesselsPicture;
import reliqua.core.keep.Capacities;
import reliqua.core.keep.LitterPlan;
import reliqua.core.keep.Moves;
import reliqua.core.keep.RainYear;
import reliqua.core.keep.Toil;
import reliqua.core.keep.Vessel;
import reliqua.core.measure.Sum;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Words;
import reliqua.core.project.Keeping;
import reliqua.desktop.Texts;
import reliqua.desktop.paint.PictureView;
import reliqua.desktop.shell.Parts;
import reliqua.desktop.work.Workspace;

/** Feed and water as vessels that empty day by day, rain from the roof, litter, fresh ground. */
final class StoresView implements KeepView {
    private final Workspace workspace;
    private final PictureView vessels = new PictureView();
    private final PictureView below = new PictureView();
    private final Label belowHead = Parts.text("", "strong");
    private final Label belowNote = Parts.text("", "note");
    private final Slider days = new Slider(0, 14, 0);
    private final Label after = Parts.text("", "strong");
    private final Label hint = Parts.text("", "soft");
    private final VBox node = new VBox(8);
    private final VBox slip = new VBox(10);
    private java.util.Optional<Keeping> keeping = java.util.Optional.empty();

    StoresView(Workspace workspace) {
        this.workspace = workspace;
        vessels.setId("vessels");
        days.setId("keep-days");
        days.setBlockIncrement(1);
        days.setMajorTickUnit(7);
        days.setMinorTickCount(6);
        days.setSnapToTicks(true);
        days.setShowTickMarks(true);
        days.setAccessibleText(Texts.get("keep.days"));
        days.valueProperty().addListener((_, _, _) -> keeping.ifPresent(this::fill));
        HBox.setHgrow(days, Priority.ALWAYS);
        after.setMinWidth(330);
        VBox.setVgrow(vessels, Priority.ALWAYS);
        VBox.setVgrow(below, Priority.ALWAYS);
        vessels.setPrefHeight(250);
        below.setPrefHeight(210);
        node.getChildren()
                .addAll(
                        hint,
                        vessels,
                        Parts.row(12, days, after),
                        Parts.rule(),
                        belowHead,
                        belowNote,
                        below);
        belowNote.setMinHeight(javafx.scene.layout.Region.USE_PREF_SIZE);
        hint.managedProperty().bind(hint.visibleProperty());
    }

    @Override
    public String id() {
        return "stores";
    }

    @Override
    public Node node() {
        return node;
    }

    @Override
    public Node slip() {
        return slip;
    }

    @Override
    public void refresh(Keeping now) {
        keeping = java.util.Optional.of(now);
        List<Vessel> has = workspace.project().book().vessels();
        hint.setText(Texts.get("keep.vessels.none" + unit()));
        hint.setVisible(has.isEmpty());
        fill(now);
        below(now);
        facts(now, has);
    }

    private String unit() {
        return workspace.tape().system() == reliqua.core.measure.UnitSystem.INCHES ? "" : ".metric";
    }

    /** The vessels as they are after the days of the slider. */
    private void fill(Keeping now) {
        Capacities c = now.capacities();
        double gone = Math.rint(days.getValue());
        double feed = left(c.feedDays(), gone);
        double water = left(c.waterDays(), gone);
        vessels.picture()
                .set(
                        VesselsPicture.of(
                                workspace.project().book().vessels(),
                                feed,
                                water,
                                workspace.tape()));
        after.setText(
                Texts.get(
                        "keep.after.days",
                        (int) gone,
                        Math.round(feed * 100),
                        Math.round(water * 100)));
    }

    private static double left(double lasts, double gone) {
        return lasts <= 0 ? 0 : Math.max(0, 1 - gone / lasts);
    }

    private void below(Keeping now) {
        Tape tape = workspace.tape();
        if (now.moves().isPresent()) {
            Moves moves = now.moves().get();
            belowHead.setText(Texts.get("keep.moves"));
            belowNote.setText(
                    Texts.get(
                            moves.restsEnough() ? "keep.moves.enough" : "keep.moves.short",
                            moves.days(),
                            tape.say(moves.daily()),
                            Moves.REST_DAYS));
            int today =
                    moves.days() == 0
                            ? 0
                            : (int) Math.floorMod(now.today().toEpochDay(), (long) moves.days());
            below.picture().set(MovesPicture.of(workspace.project().site(), moves, today, tape));
        } else if (now.rain().isPresent()) {
            RainYear rain = now.rain().get();
            belowHead.setText(Texts.get("keep.rain"));
            belowNote.setText(
                    Texts.get(
                            "keep.rain.note",
                            tape.say(rain.roof()),
                            tape.say(rain.barrel()),
                            Math.round(rain.dryDays()),
                            tape.say(rain.firstFlush())));
            below.picture().set(RainYearPicture.of(rain, tape));
        }
    }

    /** What to know before a pen is moved; what is too much stands out. */
    private void toil(Toil toil) {
        slip.getChildren().addAll(Parts.rule(), Parts.text(Texts.get("keep.toil"), "strong"));
        toil.reminders().forEach(r -> slip.getChildren().add(reminder(r, toil)));
    }

    private Node reminder(Sum reminder, Toil toil) {
        boolean heavy = !toil.isWithin() && reminder.terms().contains(toil.most());
        return Parts.text("· " + reminder.words(workspace.tape()), heavy ? "danger" : "note-ink");
    }

    private void facts(Keeping now, List<Vessel> has) {
        Tape tape = workspace.tape();
        Capacities c = now.capacities();
        int birds = workspace.project().flock().total();
        slip.getChildren().setAll(Parts.text(Texts.get("keep.away", c.daysAway()), "title"));
        c.away().stream()
                .limit(4)
                .forEach(
                        l ->
                                slip.getChildren()
                                        .add(
                                                Parts.text(
                                                        Texts.get(
                                                                "keep.limit",
                                                                l.days(),
                                                                Words.say(
                                                                        "away."
                                                                                + l.cause()
                                                                                        .name())),
                                                        "note-ink")));
        now.toil().ifPresent(this::toil);
        slip.getChildren()
                .addAll(
                        Parts.rule(),
                        Parts.fact(
                                Texts.get("keep.feed"),
                                Texts.get("keep.perDay", tape.fine(c.feed()))),
                        Parts.fact(
                                Texts.get("keep.water"),
                                Texts.get("keep.perDay", tape.say(c.water()))),
                        Parts.fact(Texts.get("keep.eat"), places(c.feedPlaces(), birds)),
                        Parts.fact(Texts.get("keep.drink"), places(c.waterPlaces(), birds)),
                        Parts.fact(Texts.get("keep.lip"), tape.say(c.lip(tape))),
                        Parts.fact(
                                Texts.get("keep.shell"),
                                Texts.get("keep.perMonth", tape.fine(c.shell()))),
                        Parts.fact(
                                Texts.get("keep.grit"),
                                c.grit().grams() == 0
                                        ? Texts.get("keep.grit.found")
                                        : Texts.get("keep.perMonth", tape.fine(c.grit()))));
        Capacities.frost(has, workspace.project().site().climate())
                .forEach(
                        f ->
                                slip.getChildren()
                                        .add(Parts.text(f.words(tape), "danger", "note-ink")));
        now.litter().ifPresent(l -> litter(l, tape));
        slip.getChildren().add(Parts.text(Texts.get("keep.rats"), "note"));
    }

    private static String places(int places, int birds) {
        return Texts.get(places >= birds ? "keep.places" : "keep.places.few", places, birds);
    }

    private void litter(LitterPlan litter, Tape tape) {
        slip.getChildren()
                .addAll(
                        Parts.rule(),
                        Parts.text(Texts.get("keep.litter"), "strong"),
                        Parts.text(
                                Texts.get(
                                        "keep.litter." + litter.school().name(),
                                        tape.say(litter.start()),
                                        litter.startBales(),
                                        tape.say(litter.topUp()),
                                        Math.round(litter.yearBales()),
                                        tape.say(litter.compost()),
                                        tape.fine(litter.worms())),
                                "note-ink"));
    }
}
