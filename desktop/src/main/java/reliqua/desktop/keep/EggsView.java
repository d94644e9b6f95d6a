package reliqua.desktop.keep;

import java.time.format.TextStyle;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.chart.BarChart;
import javafx.scene.chart.CategoryAxis;
import javafx.scene.chart.LineChart;
import javafx.scene.chart.NumberAxis;
import javafx.scene.chart.StackedBarChart;
import javafx.scene.chart.XYChart;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import reliqua.core.keep.KeepMonth;
import reliqua.core.keep.KeepYears;
import reliqua.core.keep.Losses;
import reliqua.core.measure.Sum;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Words;
import reliqua.core.project.Keeping;
import reliqua.desktop.Texts;
import reliqua.desktop.shell.Parts;
import reliqua.desktop.work.Workspace;

/** Eggs and costs as plots, what an egg costs, and why hens lay less than usual. */
final class EggsView implements KeepView {
    private static final int MOST_MONTHS = 24;

    private final Workspace workspace;
    private final HBox figures = new HBox(26);
    private final LineChart<String, Number> laying =
            new LineChart<>(new CategoryAxis(), new NumberAxis());
    private final BarChart<String, Number> eggs =
            new BarChart<>(new CategoryAxis(), new NumberAxis());
    private final StackedBarChart<String, Number> costs =
            new StackedBarChart<>(new CategoryAxis(), new NumberAxis());
    private final VBox node = new VBox(6);
    private final VBox slip = new VBox(10);

    EggsView(Workspace workspace) {
        this.workspace = workspace;
        laying.setId("laying");
        laying.setTitle(Texts.get("eggs.laying"));
        eggs.setTitle(Texts.get("eggs.month"));
        costs.setTitle(Texts.get("eggs.costs"));
        for (XYChart<String, Number> chart : List.of(laying, eggs, costs)) {
            chart.setAnimated(false);
            chart.setMinHeight(120);
            chart.setPrefHeight(200);
            chart.setLegendSide(javafx.geometry.Side.TOP);
            HBox.setHgrow(chart, Priority.ALWAYS);
            VBox.setVgrow(chart, Priority.ALWAYS);
        }
        laying.setCreateSymbols(false);
        eggs.setLegendVisible(false);
        eggs.setCategoryGap(3);
        costs.setCategoryGap(3);
        eggs.setPrefWidth(300);
        costs.setPrefWidth(300);
        HBox lower = new HBox(8, eggs, costs);
        VBox.setVgrow(lower, Priority.ALWAYS);
        node.getChildren().addAll(figures, laying, lower);
    }

    @Override
    public String id() {
        return "eggs";
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
        KeepYears years = now.years();
        List<KeepMonth> months =
                years.months()
                        .subList(
                                Math.max(0, years.months().size() - MOST_MONTHS),
                                years.months().size());
        figures(years);
        laying.getData()
                .setAll(
                        List.of(
                                series("eggs.rate", months, m -> m.rate() * 100),
                                series("eggs.usual", months, m -> m.usualRate() * 100),
                                series("eggs.light", months, m -> m.light() / 24 * 100)));
        eggs.getData().setAll(List.of(series("eggs.eggs", months, KeepMonth::eggs)));
        costs.getData()
                .setAll(
                        List.of(
                                series("eggs.feed", months, m -> m.feedCost().amount()),
                                series("eggs.other", months, m -> m.otherCost().amount())));
        facts(now);
    }

    private interface Figure {
        Number of(KeepMonth month);
    }

    private static XYChart.Series<String, Number> series(
            String name, List<KeepMonth> months, Figure figure) {
        XYChart.Series<String, Number> series = new XYChart.Series<>();
        series.setName(Texts.get(name));
        for (KeepMonth month : months) {
            series.getData().add(new XYChart.Data<>(label(month), figure.of(month)));
        }
        return series;
    }

    /** Short, and no two alike within two years. */
    private static String label(KeepMonth month) {
        return month.month().getMonth().getDisplayName(TextStyle.SHORT, Words.language().locale())
                + " "
                + month.month().getYear() % 100;
    }

    private void figures(KeepYears years) {
        Tape tape = workspace.tape();
        figures.getChildren()
                .setAll(
                        figure("eggs.egg", tape.say(years.egg())),
                        figure("eggs.shop", tape.say(years.boughtEgg())),
                        figure("eggs.saved", tape.say(years.saved())),
                        figure("eggs.all", String.valueOf(years.eggs())));
    }

    private static Node figure(String key, String value) {
        return new VBox(0, Parts.text(value, "figure"), Parts.text(Texts.get(key), "note"));
    }

    private void facts(Keeping now) {
        Tape tape = workspace.tape();
        KeepYears years = now.years();
        slip.getChildren().setAll(Parts.text(Texts.get("eggs.how"), "title"));
        now.laying()
                .ifPresentOrElse(
                        l -> {
                            slip.getChildren()
                                    .add(
                                            Parts.text(
                                                    Texts.get(
                                                            l.causes().isEmpty()
                                                                    ? "eggs.asUsual"
                                                                    : "eggs.low",
                                                            Math.round(l.rate() * 100),
                                                            Math.round(l.usual() * 100)),
                                                    l.causes().isEmpty() ? "holds" : "danger",
                                                    "strong"));
                            l.causes()
                                    .forEach(
                                            c ->
                                                    slip.getChildren()
                                                            .add(
                                                                    Parts.text(
                                                                            "· " + c.words(tape),
                                                                            "note-ink")));
                        },
                        () -> slip.getChildren().add(Parts.text(Texts.get("eggs.few"), "soft")));
        slip.getChildren()
                .addAll(
                        Parts.rule(),
                        Parts.text(Texts.get("eggs.sum"), "strong"),
                        Parts.fact(Texts.get("eggs.feed"), tape.say(years.feedCost())),
                        Parts.fact(Texts.get("eggs.other"), tape.say(years.otherCost())),
                        Parts.fact(
                                Texts.get("eggs.coop"),
                                Texts.get(
                                        "eggs.coop.share",
                                        tape.say(years.coop()),
                                        workspace.project().book().costing().years())),
                        Parts.fact(Texts.get("eggs.taken"), "- " + tape.say(years.taken())),
                        Parts.fact(Texts.get("eggs.paid"), tape.say(years.paid())),
                        Parts.text(Texts.get("eggs.change"), "note"),
                        Parts.rule(),
                        Parts.text(Texts.get("eggs.lost"), "strong"),
                        Parts.text(lost(years), "note-ink"));
        now.losses().rows().forEach(this::loss);
    }

    /** The cause strong, where it was and what is weakest to it below. */
    private void loss(Losses.Row row) {
        List<Sum> words = row.words();
        slip.getChildren().add(Parts.text(words.getFirst().words(workspace.tape()), "strong"));
        words.subList(1, words.size())
                .forEach(
                        w ->
                                slip.getChildren()
                                        .add(
                                                Parts.text(
                                                        "· " + w.words(workspace.tape()),
                                                        "note-ink")));
    }

    private String lost(KeepYears years) {
        int birds = years.months().stream().mapToInt(KeepMonth::lost).sum();
        int minutes = years.months().stream().mapToInt(KeepMonth::minutes).sum();
        return Texts.get("eggs.lost.sum", birds, minutes / 60);
    }
}
