package reliqua.desktop.heap;

import java.util.List;
import java.util.Optional;
import reliqua.core.project.Describe;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Photo;
import reliqua.desktop.Texts;
import reliqua.desktop.photo.PhotoStrip;
import reliqua.desktop.photo.Pictures;
import reliqua.desktop.work.Workspace;

/** A lot takes the place of what it was, under a name for the menu. */
final class LotChange {
    private LotChange() {}

    /** Does it; {@code key} is the text that names the edit, with the lot in words put in. */
    static void to(Workspace workspace, String key, Lot after) {
        String words = Describe.lot(after.quantity(), after.material(), workspace.tape());
        workspace.edit(Texts.get(key, words), p -> p.withHeap(p.heap().replace(after)));
    }

    /** Other pictures of a lot. */
    static void photos(Workspace workspace, Lot lot, List<Photo> photos, String key) {
        to(workspace, key, lot.with(lot.provenance().with(photos)));
    }

    /** Pictures are added to a lot, as soon as they are read. */
    static void add(Workspace workspace, String lot, Pictures.Source source) {
        PhotoStrip.take(workspace, source, more -> added(workspace, lot, more));
    }

    static void added(Workspace workspace, String id, List<Photo> more) {
        Optional<Lot> lot = workspace.project().heap().find(id);
        lot.ifPresent(
                l ->
                        photos(
                                workspace,
                                l,
                                PhotoStrip.with(l.provenance().photos(), more),
                                "edit.photo"));
    }
}
