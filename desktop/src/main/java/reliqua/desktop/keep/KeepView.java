package reliqua.desktop.keep;

import javafx.scene.Node;
import reliqua.core.project.Keeping;

/** One side of keeping. */
interface KeepView {
    /** Stable name: the key of its texts and the id of its switch. */
    String id();

    /** What stands on the bench. */
    Node node();

    /** What stands on the slip. */
    Node slip();

    /** Brings what is shown up to the present project. */
    void refresh(Keeping keeping);
}
