package reliqua.files.disk;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.attribute.BasicFileAttributes;
import java.nio.file.attribute.FileTime;
import java.util.Optional;

/**
 * How a file looked at a moment. Two differ when another program wrote, replaced, moved or deleted
 * it between them.
 *
 * @param seen what was there; empty when nothing was
 */
public record FileStamp(Optional<Seen> seen) {
    /** No file. */
    public static final FileStamp NONE = new FileStamp(Optional.empty());

    /**
     * A file that is there.
     *
     * @param key the file system's own number of it, as a text; empty where there is none
     */
    public record Seen(long size, FileTime written, String key) {}

    /** How a file looks now; an unreadable folder counts as no file. */
    public static FileStamp of(Path path) throws IOException {
        try {
            BasicFileAttributes now = Files.readAttributes(path, BasicFileAttributes.class);
            String key = now.fileKey() == null ? "" : now.fileKey().toString();
            return new FileStamp(Optional.of(new Seen(now.size(), now.lastModifiedTime(), key)));
        } catch (NoSuchFileException e) {
            return NONE;
        }
    }

    /** Whether there was a file. */
    public boolean isThere() {
        return seen.isPresent();
    }
}
