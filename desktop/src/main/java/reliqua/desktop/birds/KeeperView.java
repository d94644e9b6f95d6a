package reliqua.desktop.birds;

import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import reliqua.core.drawing.KeeperPicture;
import reliqua.core.flock.Keeper;
import reliqua.core.flock.Tool;
import reliqua.core.flock.Wish;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;
import reliqua.desktop.Texts;
import reliqua.desktop.paint.PictureView;
import reliqua.desktop.shell.EntryField;
import reliqua.desktop.shell.Parts;
import reliqua.desktop.work.Workspace;

/** The keeper to scale beside the house: body, tools, wishes, money and limits. */
final class KeeperView implements BirdsView {
    /** The words of the say line before a figure typed here. */
    private static final Map<String, String> SAID =
            Map.ofEntries(
                    Map.entry("height", "height "),
                    Map.entry("reach", "reach "),
                    Map.entry("lift", "lift "),
                    Map.entry("hours", "hours "),
                    Map.entry("budget", "budget "),
                    Map.entry("kerf", "kerf "),
                    Map.entry("trim", "trim "),
                    Map.entry("currency", "currency "),
                    Map.entry("widest", "no wider than "),
                    Map.entry("deepest", "no deeper than "),
                    Map.entry("highest", "no higher than "),
                    Map.entry("hour", "an hour "));

    private final Workspace workspace;
    private final PictureView picture = new PictureView();
    private final Map<String, EntryField> fields = new LinkedHashMap<>();
    private final Map<String, BiFunction<Keeper, Tape, String>> figures = new LinkedHashMap<>();
    private final Map<Tool, ToggleButton> tools = new EnumMap<>(Tool.class);
    private final Map<Wish, ToggleButton> wishes = new EnumMap<>(Wish.class);
    private final ToggleButton inches;
    private final ToggleButton millimetres;
    private final ToggleButton helper;
    private final VBox node = new VBox(10);

    KeeperView(Workspace workspace) {
        this.workspace = workspace;
        ToggleGroup units = new ToggleGroup();
        inches =
                Parts.choice(
                        "units-inches",
                        Texts.get("keeper.inches"),
                        units,
                        false,
                        () -> tape(Tape.INCH),
                        "pill");
        millimetres =
                Parts.choice(
                        "units-mm",
                        Texts.get("keeper.mm"),
                        units,
                        false,
                        () -> tape(Tape.METRIC),
                        "pill");
        helper =
                Parts.toggle(
                        "helper",
                        Texts.get("keeper.helper"),
                        false,
                        on ->
                                edit(
                                        Texts.get(on ? "edit.helper" : "edit.alone"),
                                        k -> k.withBody(k.body().withHelper(on))));
        VBox.setVgrow(picture, Priority.ALWAYS);
        picture.setMinHeight(150);
        figure("height", (k, t) -> t.sayLong(k.body().height()));
        figure("reach", (k, t) -> t.say(k.body().reach()));
        figure("lift", (k, t) -> t.say(k.body().lift()));
        figure("hours", (k, _) -> String.valueOf(k.hoursAWeek()));
        figure("budget", (k, t) -> t.say(k.budget()));
        figure("hour", (k, t) -> t.say(k.hour()));
        figure("kerf", (k, t) -> t.say(k.kerf()));
        figure("trim", (k, t) -> t.say(k.trim()));
        figure("currency", (_, t) -> t.currency());
        figure("widest", (k, t) -> limit(k.limits().width(), t));
        figure("deepest", (k, t) -> limit(k.limits().depth(), t));
        figure("highest", (k, t) -> limit(k.limits().height(), t));
        FlowPane measures = new FlowPane(8, 6);
        figures.keySet().forEach(key -> measures.getChildren().add(field(key)));
        HBox kind = Parts.row(6, inches, millimetres, helper);
        kind.setAlignment(Pos.BOTTOM_LEFT);
        kind.setMinHeight(56);
        measures.getChildren().add(kind);
        HBox wanted = Parts.row(6);
        for (Wish wish : Wish.values()) {
            ToggleButton button = wish(wish);
            wishes.put(wish, button);
            wanted.getChildren().add(button);
        }
        FlowPane atHand = new FlowPane(6, 6);
        for (Tool tool : Tool.values()) {
            ToggleButton tile = tool(tool);
            tools.put(tool, tile);
            atHand.getChildren().add(tile);
        }
        node.getChildren()
                .addAll(
                        picture,
                        measures,
                        wanted,
                        Parts.text(Texts.get("keeper.tools"), "strong"),
                        atHand);
    }

    private static String limit(Optional<Length> most, Tape tape) {
        return most.map(tape::say).orElse("");
    }

    private void figure(String key, BiFunction<Keeper, Tape, String> shown) {
        figures.put(key, shown);
    }

    private Node field(String key) {
        String name = Texts.get("keeper." + key);
        EntryField field =
                new EntryField("keeper-" + key, name, text -> take(key, text))
                        .wide(92)
                        .prompt(Texts.get("keeper.none"));
        fields.put(key, field);
        Label words = Parts.text(name, "note");
        words.setWrapText(false);
        return new VBox(1, words, field);
    }

    /** Typed as it would be said; an emptied limit is none. */
    private String take(String key, String text) {
        String line = SAID.getOrDefault(key, key + " ") + text;
        if (text.isBlank()) {
            line =
                    switch (key) {
                        case "widest" -> "any width";
                        case "deepest" -> "any depth";
                        case "highest" -> "any height";
                        default -> line;
                    };
        }
        return workspace.say(line);
    }

    private void edit(String words, UnaryOperator<Keeper> change) {
        workspace.edit(words, p -> p.withKeeper(change.apply(p.keeper())));
    }

    /** Another tape; the currency stays. */
    private void tape(Tape other) {
        Tape now = workspace.tape();
        edit(
                Texts.get("edit.units"),
                k -> k.withTape(new Tape(other.system(), now.denominator(), now.currency())));
    }

    private ToggleButton wish(Wish wish) {
        String name = wish.sum().words(workspace.tape());
        return Parts.toggle(
                "wish-" + wish.name(),
                name,
                false,
                on ->
                        edit(
                                Texts.get(on ? "edit.wish" : "edit.wish.none", name),
                                k -> k.with(wish, on)));
    }

    private ToggleButton tool(Tool tool) {
        String name = tool.sum().words(workspace.tape());
        String allows = tool.allows().words(workspace.tape());
        ToggleButton tile =
                Parts.toggle(
                        "tool-" + tool.name(),
                        "",
                        false,
                        on ->
                                edit(
                                        Texts.get(on ? "edit.tool" : "edit.tool.none", name),
                                        k -> k.with(tool, on)));
        tile.getStyleClass().setAll("toggle-button", "school");
        tile.setGraphic(Parts.face(name, allows, 138));
        tile.setAccessibleText(name + ": " + allows);
        return tile;
    }

    @Override
    public String id() {
        return "keeper";
    }

    @Override
    public Node node() {
        return node;
    }

    @Override
    public void refresh() {
        Keeper keeper = workspace.project().keeper();
        Tape tape = workspace.tape();
        var house =
                workspace
                        .designs()
                        .state()
                        .get()
                        .design()
                        .map(d -> d.candidate().coop().measures());
        picture.picture().set(KeeperPicture.of(keeper, house, tape));
        figures.forEach(
                (key, figure) -> {
                    EntryField field = fields.get(key);
                    if (field != null) {
                        field.show(figure.apply(keeper, tape));
                    }
                });
        inches.setSelected(tape.system() == Tape.INCH.system());
        millimetres.setSelected(tape.system() == Tape.METRIC.system());
        helper.setSelected(keeper.body().helper());
        tools.forEach((tool, tile) -> tile.setSelected(keeper.tools().contains(tool)));
        wishes.forEach((wish, button) -> button.setSelected(keeper.wishes().contains(wish)));
    }
}
