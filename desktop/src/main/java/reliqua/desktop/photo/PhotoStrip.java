package reliqua.desktop.photo;

import java.io.ByteArrayInputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.input.DragEvent;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import reliqua.core.stock.Photo;
import reliqua.desktop.Texts;
import reliqua.desktop.shell.Parts;
import reliqua.desktop.work.Reasons;
import reliqua.desktop.work.Workspace;

/** Pictures of one thing, each with a button that takes it away. */
public final class PhotoStrip extends VBox {
    private static final double THUMB = 108;

    /**
     * The pictures there are; {@code changed} takes what is left once one is taken away.
     *
     * @param none what to do while there are none
     */
    public PhotoStrip(List<Photo> photos, String none, Consumer<List<Photo>> changed) {
        super(6);
        getChildren().add(Parts.text(Texts.get("photo.title"), "strong"));
        if (photos.isEmpty()) {
            getChildren().add(Parts.text(none, "note"));
            return;
        }
        FlowPane row = new FlowPane(8, 8);
        for (Photo photo : photos) {
            List<Photo> fewer = new ArrayList<>(photos);
            fewer.remove(photo);
            row.getChildren().add(thumb(photo, () -> changed.accept(fewer)));
        }
        getChildren().add(row);
    }

    private static Node thumb(Photo photo, Runnable remove) {
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
                Parts.button("photo-off-" + photo.name(), Texts.get("flaw.off"), remove, "small"));
    }

    /** Reads pictures beside the window; those that cannot be read are named. */
    public static void take(
            Workspace workspace, Pictures.Source source, Consumer<List<Photo>> taken) {
        workspace
                .background()
                .run(
                        () -> Pictures.read(source),
                        read -> {
                            if (!read.photos().isEmpty()) {
                                taken.accept(read.photos());
                            }
                            if (!read.refused().isEmpty()) {
                                workspace.tell(String.join("\n", read.refused()));
                            }
                        },
                        e -> workspace.tell(Reasons.of(e)));
    }

    /** Pictures dropped on a part of the window are read. */
    public static void dropOn(Node node, Workspace workspace, Consumer<List<Photo>> taken) {
        node.setOnDragOver(
                event -> {
                    if (Pictures.Source.of(event.getDragboard()).mayHold()) {
                        event.acceptTransferModes(TransferMode.COPY);
                        event.consume();
                    }
                });
        node.setOnDragDropped(event -> dropped(event, workspace, taken));
    }

    private static void dropped(DragEvent event, Workspace workspace, Consumer<List<Photo>> taken) {
        Pictures.Source source = Pictures.Source.of(event.getDragboard());
        if (source.mayHold()) {
            take(workspace, source, taken);
            event.setDropCompleted(true);
            event.consume();
        }
    }

    /** Those that were there and the new ones, each once. */
    public static List<Photo> with(List<Photo> there, List<Photo> more) {
        List<Photo> all = new ArrayList<>(there);
        more.stream().filter(p -> !all.contains(p)).forEach(all::add);
        return all;
    }
}
