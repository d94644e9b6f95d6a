package reliqua.desktop.heap;

import reliqua.core.project.Describe;
import reliqua.core.stock.Lot;
import reliqua.desktop.Texts;
import reliqua.desktop.work.Workspace;

/** A lot takes the place of what it was, under a name for the menu. */
final class LotChange {
    private LotChange() {}

    /** Does it; {@code key} is the text that names the edit, with the lot in words put in. */
    static void to(Workspace workspace, String key, Lot after) {
        String words = Describe.lot(after.quantity(), after.material(), workspace.tape());
        workspace.edit(Texts.get(key, words), p -> p.withHeap(p.heap().replace(after)));
    }
}
