package reliqua.desktop.shell;

import java.util.HashSet;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import reliqua.core.measure.Money;
import reliqua.core.measure.Tape;
import reliqua.desktop.Texts;

/** Small pieces the stations are put together from. */
public final class Parts {
    private Parts() {}

    public static Label text(String words, String... styles) {
        Label label = new Label(words);
        label.getStyleClass().addAll(styles);
        label.setWrapText(true);
        return label;
    }

    /** The beginning of a text that may be long. */
    public static String shortened(String text, int most) {
        return text.length() <= most ? text : text.substring(0, most - 3) + "...";
    }

    public static Button button(String id, String words, Runnable action, String... styles) {
        Button button = new Button(words);
        button.setId(id);
        button.getStyleClass().addAll(styles);
        button.setOnAction(_ -> action.run());
        return button;
    }

    /** A choice in a row of choices. */
    public static ToggleButton choice(
            String id,
            String words,
            ToggleGroup group,
            boolean chosen,
            Runnable action,
            String... styles) {
        ToggleButton button = new ToggleButton(words);
        button.setId(id);
        button.setToggleGroup(group);
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setSelected(chosen);
        button.getStyleClass().addAll(styles);
        button.setOnAction(
                _ -> {
                    button.setSelected(true);
                    action.run();
                });
        return button;
    }

    /** Something that is or is not. */
    public static ToggleButton toggle(
            String id, String words, boolean on, java.util.function.Consumer<Boolean> action) {
        ToggleButton button = new ToggleButton(words);
        button.setId(id);
        button.setSelected(on);
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.getStyleClass().add("pill");
        button.setOnAction(_ -> action.accept(button.isSelected()));
        return button;
    }

    /** Two lines on a button: what it is, and a note. */
    public static VBox face(String head, String note, double width) {
        return new VBox(1, wrapped(head, "face-head", width), wrapped(note, "face-note", width));
    }

    /** A text that knows its height at once, whatever it is put in. */
    public static Text wrapped(String words, String style, double width) {
        Text text = new Text(words);
        text.getStyleClass().add(style);
        text.setWrappingWidth(width);
        return text;
    }

    public static Region spring() {
        Region region = new Region();
        HBox.setHgrow(region, Priority.ALWAYS);
        VBox.setVgrow(region, Priority.ALWAYS);
        return region;
    }

    public static HBox row(double gap, Node... nodes) {
        HBox row = new HBox(gap, nodes);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    public static VBox column(double gap, Node... nodes) {
        return new VBox(gap, nodes);
    }

    /** A name and its value on one line of the slip. */
    public static HBox fact(String name, String value) {
        return fact(name, text(value));
    }

    /** A name and a value that changes. */
    public static HBox fact(String name, Label right) {
        Label left = text(name, "soft");
        left.setMinWidth(92);
        left.setPrefWidth(92);
        HBox.setHgrow(right, Priority.ALWAYS);
        HBox row = new HBox(8, left, right);
        row.setAlignment(Pos.BASELINE_LEFT);
        return row;
    }

    public static Region rule() {
        Region rule = new Region();
        rule.getStyleClass().add("rule");
        return rule;
    }

    /**
     * These nodes in this order; those that are there already are not taken out, because what is
     * put in is styled anew.
     */
    public static void settle(List<Node> children, List<Node> wanted) {
        children.retainAll(new HashSet<>(wanted));
        for (int n = 0; n < wanted.size(); n++) {
            Node node = wanted.get(n);
            if (n == children.size() || children.get(n) != node) {
                children.remove(node);
                children.add(n, node);
            }
        }
    }

    /** What a change adds to the bill or takes off it. */
    public static String more(Money more, Tape tape) {
        if (more.isZero()) {
            return Texts.get("fit.remedy.free");
        }
        return more.compareTo(Money.ZERO) > 0
                ? Texts.get("fit.remedy.more", tape.say(more))
                : Texts.get("fit.remedy.less", tape.say(Money.ZERO.minus(more)));
    }
}
