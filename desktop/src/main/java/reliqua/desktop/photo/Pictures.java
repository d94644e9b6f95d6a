package reliqua.desktop.photo;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.File;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.embed.swing.SwingFXUtils;
import javafx.scene.image.Image;
import javafx.scene.input.Clipboard;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import reliqua.core.stock.Photo;
import reliqua.desktop.Texts;

/**
 * Takes pictures from what is dropped or pasted, scaled down to what one needs to see. Sizes are
 * looked at before anything is decoded, and large ones are decoded with fewer points.
 */
public final class Pictures {
    /** Longer side: enough to see a flaw, and 200 of them stay a small file. */
    private static final int LONGEST = 800;

    /** No camera takes larger ones; decoding them would take the memory of the whole program. */
    private static final long MOST_POINTS = 250_000_000L;

    private Pictures() {}

    /**
     * What was dropped or pasted.
     *
     * @param files some of which may be pictures
     * @param image a picture without a file
     */
    public record Source(List<File> files, Optional<Image> image) {
        /** Copies the list. */
        public Source {
            files = List.copyOf(files);
        }

        /** Of a clipboard, or of what is being dragged. */
        public static Source of(Clipboard board) {
            return new Source(
                    board.hasFiles() ? board.getFiles() : List.of(),
                    board.hasImage() ? Optional.of(board.getImage()) : Optional.empty());
        }

        /** Whether there may be pictures in it. */
        public boolean mayHold() {
            return files.isEmpty() ? image.isPresent() : files.stream().anyMatch(Pictures::is);
        }
    }

    /**
     * What came of it.
     *
     * @param refused files that are no pictures or cannot be read, each with the reason
     */
    record Taken(List<Photo> photos, List<String> refused) {
        /** Copies the lists. */
        Taken {
            photos = List.copyOf(photos);
            refused = List.copyOf(refused);
        }
    }

    private static boolean is(File file) {
        return file.getName().toLowerCase(Locale.ROOT).matches(".*\\.(jpe?g|png|gif|bmp)");
    }

    /** Reads the pictures; takes a while, so not on the JavaFX thread. */
    static Taken read(Source source) {
        if (source.files().isEmpty()) {
            return new Taken(source.image().map(Pictures::photo).stream().toList(), List.of());
        }
        List<Photo> photos = new ArrayList<>();
        List<String> refused = new ArrayList<>();
        for (File file : source.files()) {
            try {
                photos.add(photo(read(file)));
            } catch (IOException | RuntimeException e) {
                refused.add(Texts.get("photo.refused", file.getName(), reason(e)));
            }
        }
        return new Taken(photos, refused);
    }

    private static String reason(Exception e) {
        return e instanceof Refused refused ? refused.getMessage() : Texts.get("photo.unreadable");
    }

    private static final class Refused extends IOException {
        Refused(String words) {
            super(words);
        }
    }

    private static BufferedImage read(File file) throws IOException {
        if (!file.isFile()) {
            throw new Refused(Texts.get("photo.noFile"));
        }
        try (ImageInputStream in = ImageIO.createImageInputStream(file)) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw new Refused(Texts.get("photo.unreadable"));
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(in, true, true);
                return reader.read(0, fewer(reader));
            } finally {
                reader.dispose();
            }
        }
    }

    /** Twice as many points as are kept, so that scaling down stays smooth. */
    private static ImageReadParam fewer(ImageReader reader) throws IOException {
        long width = reader.getWidth(0);
        long height = reader.getHeight(0);
        if (width * height > MOST_POINTS) {
            throw new Refused(Texts.get("photo.huge", width, height));
        }
        int step = (int) Math.max(1, Math.max(width, height) / (2 * LONGEST));
        ImageReadParam param = reader.getDefaultReadParam();
        param.setSourceSubsampling(step, step, 0, 0);
        return param;
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
