package reliqua.desktop.birds;

import javafx.scene.Node;

/** One side of birds and place: the flock, the ways of keeping, the ground, and so on. */
interface BirdsView {
    /** Stable name: the key of its texts and the id of its switch. */
    String id();

    /** What stands on the bench. */
    Node node();

    /** Brings what is shown up to the present project. */
    void refresh();
}
