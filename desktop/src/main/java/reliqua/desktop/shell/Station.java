package reliqua.desktop.shell;

import javafx.scene.Node;

/** One of the stations along the path. */
public interface Station {
    /** Stable name: the key of its texts and the id of its board. */
    String id();

    /** What stands on the bench. */
    Node bench();

    /** What stands on the slip. */
    Node slip();

    /** One live line for the path. */
    String line();

    /** Outline of its pictogram in a box of 24. */
    String pictogram();

    /** Brings what is shown up to the present project and design. */
    void refresh();

    /**
     * Shows what has become known of the plan after it was made; everything else stays as it is, so
     * that nothing is exchanged under the keeper's hand.
     */
    default void reviewed() {}
}
