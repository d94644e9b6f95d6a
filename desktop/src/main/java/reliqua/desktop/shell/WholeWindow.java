package reliqua.desktop.shell;

import javafx.scene.Node;

/** Gives the whole window to one node for a while. */
public interface WholeWindow {
    /** Shows the node in place of everything else. */
    void take(Node node);

    /** Brings everything else back. */
    void giveBack();
}
