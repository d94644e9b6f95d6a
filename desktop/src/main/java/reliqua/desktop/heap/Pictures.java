package reliqua.desktop.heap;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.File;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.embed.swing.SwingFXUtils;
import javafx.scene.image.Image;
import javafx.scene.input.Clipboard;
import javafx.scene.input.Dragboard;
import javax.imageio.ImageIO;
import reliqua.core.stock.Photo;

/** Takes pictures from what is dropped or pasted, scaled down to what a lot needs. */
final class Pictures {
    /** Longer side: enough to see a flaw, and 200 of them stay a small file. */
    private static final int LONGEST = 800;

    private Pictures() {}

    /** Whether something dropped may be pictures. */
    static boolean in(Dragboard board) {
        return board.hasImage()
                || board.hasFiles() && board.getFiles().stream().anyMatch(Pictures::is);
    }

    private static boolean is(File file) {
        return file.getName()
                .toLowerCase(java.util.Locale.ROOT)
                .matches(".*\\.(jpe?g|png|gif|bmp)");
    }

    /** The pictures of what was dropped; files that are none are left out. */
    static List<Photo> of(Dragboard board) {
        if (board.hasFiles()) {
            return files(board.getFiles());
        }
        return board.hasImage() ? List.of(photo(board.getImage())) : List.of();
    }

    /** The pictures of what was copied. */
    static List<Photo> of(Clipboard clipboard) {
        if (clipboard.hasFiles()) {
            return files(clipboard.getFiles());
        }
        return clipboard.hasImage() ? List.of(photo(clipboard.getImage())) : List.of();
    }

    /** The pictures among some files. */
    static List<Photo> files(List<File> files) {
        List<Photo> photos = new ArrayList<>();
        files.stream().filter(Pictures::is).forEach(f -> file(f).ifPresent(photos::add));
        return photos;
    }

    private static Optional<Photo> file(File file) {
        try {
            return Optional.ofNullable(ImageIO.read(file)).map(Pictures::photo);
        } catch (IOException e) {
            return Optional.empty();
        }
    }

    private static Photo photo(Image image) {
        return photo(SwingFXUtils.fromFXImage(image, null));
    }

    /** Scaled down and without transparency, which a JPEG has not. */
    static Photo photo(BufferedImage image) {
        double scale =
                Math.min(1, (double) LONGEST / Math.max(image.getWidth(), image.getHeight()));
        int width = Math.max(1, (int) Math.round(image.getWidth() * scale));
        int height = Math.max(1, (int) Math.round(image.getHeight() * scale));
        BufferedImage small = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = small.createGraphics();
        graphics.setRenderingHint(
                RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        graphics.drawImage(image, 0, 0, width, height, java.awt.Color.WHITE, null);
        graphics.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            ImageIO.write(small, "jpg", out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return new Photo(out.toByteArray());
    }
}
