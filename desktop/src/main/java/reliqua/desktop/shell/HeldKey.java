package reliqua.desktop.shell;

import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/**
 * The key that was heeded last, until it is let go. A keyboard repeats a key that is held, and a
 * hand that rests on the space bar must not cut ten sticks.
 */
public final class HeldKey {
    private KeyCode down = KeyCode.UNDEFINED;

    /** Hears the keys that are let go over a node, or with it. */
    public HeldKey(Node node) {
        node.addEventFilter(
                KeyEvent.KEY_RELEASED, e -> down = e.getCode() == down ? KeyCode.UNDEFINED : down);
        node.focusWithinProperty().addListener((_, _, _) -> down = KeyCode.UNDEFINED);
    }

    /** A key is heeded. */
    public void heed(KeyEvent pressed) {
        down = pressed.getCode();
    }

    /** Whether a key has been heeded already and only repeats. */
    public boolean repeats(KeyEvent pressed) {
        return pressed.getCode() == down;
    }

    /** Whether a letter comes from the key that was heeded, and is not meant for a field. */
    public boolean wrote(KeyEvent typed) {
        return typed.getCharacter().equalsIgnoreCase(down.getChar());
    }
}
