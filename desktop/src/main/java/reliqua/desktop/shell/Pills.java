package reliqua.desktop.shell;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;

/** A few choices beside one another of which one is made; kept and turned to the next thing. */
public final class Pills<E extends Enum<E>> extends FlowPane {
    private final Map<E, ToggleButton> buttons = new HashMap<>();
    private Consumer<E> action = _ -> {};

    /**
     * None chosen yet.
     *
     * @param all what can be chosen, in order
     * @param id before the name of each: the button's id
     * @param say turns a key into words
     * @param key before the name of each: the key of its words
     */
    public Pills(List<E> all, String id, UnaryOperator<String> say, String key) {
        super(4, 4);
        ToggleGroup group = new ToggleGroup();
        for (E each : all) {
            ToggleButton button =
                    Parts.choice(
                            id + each.name(),
                            say.apply(key + each.name()),
                            group,
                            false,
                            () -> action.accept(each),
                            "pill",
                            "tight");
            buttons.put(each, button);
            getChildren().add(button);
        }
    }

    /** This one is chosen; what is chosen by hand goes to the action. */
    public void show(E now, Consumer<E> action) {
        this.action = action;
        buttons.get(now).setSelected(true);
    }
}
