package reliqua.desktop.saw;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import reliqua.core.coop.madeup.Seam;
import reliqua.core.cutting.WorkPlan;
import reliqua.core.measure.Money;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Words;
import reliqua.core.project.PlanReview;
import reliqua.desktop.Texts;
import reliqua.desktop.shell.Helps;
import reliqua.desktop.shell.Parts;
import reliqua.desktop.work.DesignService;
import reliqua.desktop.work.Workspace;

/** How good the plan is, how it is weighed, and what would make it better. */
final class PlanCard extends VBox {
    /** What an hour may count at a click; other figures are said. */
    private static final List<Integer> HOURS = List.of(0, 3, 6, 12);

    private final Workspace workspace;
    private final Label work = Parts.text("", "note-ink");
    private final VBox helps = new VBox(8);

    PlanCard(Workspace workspace) {
        super(8);
        this.workspace = workspace;
        setId("plan-card");
        getStyleClass().add("plan-card");
    }

    void show() {
        getChildren().clear();
        DesignService.State state = workspace.designs().state().get();
        state.design()
                .map(d -> d.candidate().plan())
                .ifPresent(plan -> show(plan, state.seconds()));
    }

    private void show(WorkPlan plan, double seconds) {
        Tape tape = workspace.tape();
        Label took = Parts.text(Texts.get("plan.seconds", rounded(seconds)), "note");
        took.setWrapText(false);
        took.setMinWidth(USE_PREF_SIZE);
        getChildren()
                .addAll(
                        Parts.row(
                                12, Parts.text(bound(plan, tape), "strong"), Parts.spring(), took),
                        hours(tape),
                        Parts.text(Texts.get("plan.order"), "soft"));
        if (!plan.remark().isEmpty()) {
            getChildren().add(1, Parts.text(plan.remark(), "note-ink"));
        }
        if (plan.makingMinutes() > 0) {
            getChildren().add(work);
        }
        joints(plan);
        getChildren().add(helps);
        reviewed(plan);
    }

    /** What has become known of the plan since it was shown. */
    void reviewed() {
        workspace.designs().state().get().design().ifPresent(d -> reviewed(d.candidate().plan()));
    }

    private void reviewed(WorkPlan plan) {
        Tape tape = workspace.tape();
        PlanReview review = workspace.designs().review().get();
        work.setText(work(plan, review, tape));
        helps.getChildren().clear();
        if (!review.improvements().isEmpty()) {
            helps.getChildren().add(Parts.text(Texts.get("plan.help"), "strong"));
            review.improvements().forEach(i -> helps.getChildren().add(Helps.row(i, tape)));
        }
        helps.setManaged(!helps.getChildren().isEmpty());
    }

    /** Which parts are made up of several, a line for each way. */
    private void joints(WorkPlan plan) {
        Map<Seam.Kind, List<String>> byKind = new TreeMap<>();
        plan.seams()
                .forEach(
                        s ->
                                byKind.computeIfAbsent(s.kind(), _ -> new ArrayList<>())
                                        .add(s.mark()));
        byKind.forEach(
                (kind, marks) ->
                        getChildren()
                                .add(
                                        Parts.text(
                                                Words.say(
                                                        "seam." + kind.name(),
                                                        String.join(", ", marks)),
                                                "note-ink")));
    }

    private static String rounded(double seconds) {
        return String.format(java.util.Locale.ENGLISH, "%.1f", seconds);
    }

    private static String bound(WorkPlan plan, Tape tape) {
        if (!plan.missing().isEmpty()) {
            return Texts.get("plan.missing", plan.missing().size());
        }
        Money open = plan.weighed().minus(plan.lowerBound());
        if (plan.proven() || open.micros() <= 0) {
            return Texts.get("plan.proven", tape.say(plan.cost()));
        }
        return plan.lowerBound().isZero()
                ? Texts.get("plan.open.unknown", tape.say(plan.cost()))
                : Texts.get(
                        "plan.open",
                        tape.say(plan.cost()),
                        tape.say(open),
                        tape.say(plan.lowerBound()));
    }

    private static String work(WorkPlan plan, PlanReview review, Tape tape) {
        int minutes = plan.makingMinutes();
        String time =
                minutes < 60
                        ? Texts.get("plan.minutes", minutes)
                        : Texts.get("plan.time", minutes / 60, minutes % 60);
        return review.worthOfWork()
                .map(m -> Texts.get("plan.work.saves", time, tape.say(m)))
                .orElse(Texts.get("plan.work", time));
    }

    private HBox hours(Tape tape) {
        Money now = workspace.project().keeper().hour();
        TreeSet<Money> choices = new TreeSet<>(HOURS.stream().map(Money::of).toList());
        choices.add(now);
        ToggleGroup group = new ToggleGroup();
        HBox row = Parts.row(6, Parts.text(Texts.get("plan.hour"), "note-ink"));
        for (Money hour : choices) {
            String words = hour.isZero() ? Texts.get("plan.hour.nothing") : tape.say(hour);
            row.getChildren()
                    .add(
                            Parts.choice(
                                    "hour-" + Math.round(hour.amount()),
                                    words,
                                    group,
                                    hour.equals(now),
                                    () ->
                                            workspace.edit(
                                                    Texts.get("edit.hour", words),
                                                    p -> p.withKeeper(p.keeper().withHour(hour))),
                                    "pill"));
        }
        return row;
    }
}
