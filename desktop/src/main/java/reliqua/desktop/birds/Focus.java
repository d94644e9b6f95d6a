package reliqua.desktop.birds;

import javafx.scene.Node;
import javafx.scene.Parent;

/** Keeps the keyboard where it was while what is under it is made anew. */
final class Focus {
    private Focus() {}

    /**
     * Does a change that replaces nodes below {@code root}; when one of those had the focus, the
     * new node of the same id gets it.
     *
     * @param prefix of the ids of the nodes that are replaced
     */
    static void keep(Parent root, String prefix, Runnable change) {
        Node owner = root.getScene() == null ? null : root.getScene().getFocusOwner();
        String id = owner == null || owner.getId() == null ? "" : owner.getId();
        change.run();
        if (id.startsWith(prefix)) {
            find(root, id);
        }
    }

    private static boolean find(Parent parent, String id) {
        for (Node child : parent.getChildrenUnmodifiable()) {
            if (id.equals(child.getId())) {
                child.requestFocus();
                return true;
            }
            if (child instanceof Parent inner && find(inner, id)) {
                return true;
            }
        }
        return false;
    }
}
