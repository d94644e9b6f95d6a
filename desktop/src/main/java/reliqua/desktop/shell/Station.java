package reliqua.desktop.shell;

import javafx.scene.Node;
import reliqua.core.project.Project;
import reliqua.core.project.SayEdit;

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

    /** What a line would do that is said here. */
    default SayEdit.Said read(String line, Project project) {
        return SayEdit.read(line, project);
    }

    /** Whether a digit typed outside any field begins a line. */
    default boolean hearsDigits() {
        return false;
    }

    /** What the keys of the words around an empty line end with. */
    default String saidHere() {
        return "";
    }

    /** Brings what is shown up to the present project and design. */
    void refresh();

    /**
     * Shows what has become known of the plan after it was made; everything else stays as it is, so
     * that nothing is exchanged under the keeper's hand.
     */
    default void reviewed() {}
}
