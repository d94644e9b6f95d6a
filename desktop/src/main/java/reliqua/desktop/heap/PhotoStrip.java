package reliqua.desktop.heap;

import java.io.ByteArrayInputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Photo;
import reliqua.desktop.Texts;
import reliqua.desktop.shell.Parts;
import reliqua.desktop.work.Reasons;
import reliqua.desktop.work.Workspace;

/** The pictures of a lot; dropped on the slip or pasted on the rack they are added. */
final class PhotoStrip extends VBox {
    private static final double THUMB = 108;

    private final Workspace workspace;
    private final Lot lot;

    PhotoStrip(Workspace workspace, Lot lot) {
        super(6);
        this.workspace = workspace;
        this.lot = lot;
        getChildren().add(Parts.text(Texts.get("photo.title"), "strong"));
        List<Photo> photos = lot.provenance().photos();
        if (photos.isEmpty()) {
            getChildren().add(Parts.text(Texts.get("photo.none"), "note"));
            return;
        }
        FlowPane row = new FlowPane(8, 8);
        photos.forEach(photo -> row.getChildren().add(thumb(photo)));
        getChildren().add(row);
    }

    private Node thumb(Photo photo) {
        // Decoded small: a rack of two hundred pictures must not fill the memory.
        Image image =
                new Image(new ByteArrayInputStream(photo.jpeg()), THUMB * 2, THUMB * 2, true, true);
        ImageView view = new ImageView(image);
        view.setFitWidth(THUMB);
        view.setFitHeight(THUMB);
        view.setPreserveRatio(true);
        view.setAccessibleText(Texts.get("photo.title"));
        return Parts.column(
                4,
                view,
                Parts.button(
                        "photo-off-" + photo.name(),
                        Texts.get("flaw.off"),
                        () -> remove(photo),
                        "small"));
    }

    private void remove(Photo photo) {
        List<Photo> fewer = new ArrayList<>(lot.provenance().photos());
        fewer.remove(photo);
        change(workspace, lot, fewer, "edit.photo.off");
    }

    /** Adds pictures to a lot, as soon as they are read; those that cannot be read are named. */
    static void add(Workspace workspace, String lot, Pictures.Source source) {
        workspace
                .background()
                .run(
                        () -> Pictures.read(source),
                        taken -> added(workspace, lot, taken),
                        e -> workspace.tell(Reasons.of(e)));
    }

    private static void added(Workspace workspace, String id, Pictures.Taken taken) {
        Optional<Lot> lot = workspace.project().heap().find(id);
        if (lot.isPresent() && !taken.photos().isEmpty()) {
            List<Photo> more = new ArrayList<>(lot.get().provenance().photos());
            taken.photos().stream().filter(p -> !more.contains(p)).forEach(more::add);
            change(workspace, lot.get(), more, "edit.photo");
        }
        if (!taken.refused().isEmpty()) {
            workspace.tell(String.join("\n", taken.refused()));
        }
    }

    private static void change(Workspace workspace, Lot lot, List<Photo> photos, String key) {
        LotChange.to(workspace, key, lot.with(lot.provenance().with(photos)));
    }
}
