package reliqua.files.disk;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;

/**
 * The right of one program to write a file: a lock file beside it, locked by the operating system,
 * so that it ends with the program, also one that is killed. Another may take over; the first
 * learns of it from {@link #isStill} before it next writes.
 */
public final class FileHold implements AutoCloseable {
    private static final int MOST_TRIES = 10;

    private final Path lockFile;
    private final FileChannel channel;
    private final String token;

    private FileHold(Path lockFile, FileChannel channel, String token) {
        this.lockFile = lockFile;
        this.channel = channel;
        this.token = token;
    }

    /**
     * Takes hold of a file; nothing while another program has it.
     *
     * @throws IOException when no lock file can be made, as in a folder that is read-only
     */
    public static Optional<FileHold> take(Path path) throws IOException {
        Path lockFile = lockFile(path);
        SafeFile.sweep(path);
        for (int n = 0; n < MOST_TRIES; n++) {
            FileChannel channel = open(lockFile, StandardOpenOption.CREATE);
            try {
                if (!lock(channel)) {
                    channel.close();
                    return Optional.empty();
                }
                FileHold hold = new FileHold(lockFile, channel, UUID.randomUUID().toString());
                hold.sign();
                if (hold.isStill()) {
                    return Optional.of(hold);
                }
                // Another program deleted the lock file between our opening and our locking it.
                channel.close();
            } catch (IOException e) {
                // As on a full disk: a lock file that nobody holds is of no use.
                Files.deleteIfExists(lockFile);
                channel.close();
                throw e;
            }
        }
        throw new IOException("the lock file " + lockFile.getFileName() + " keeps disappearing");
    }

    /** Takes hold of a file even if another program has it. */
    public static FileHold takeOver(Path path) throws IOException {
        Path lockFile = lockFile(path);
        Path fresh = SafeFile.fresh(lockFile);
        FileChannel channel = open(fresh, StandardOpenOption.CREATE_NEW);
        try {
            FileHold hold = new FileHold(lockFile, channel, UUID.randomUUID().toString());
            lock(channel);
            hold.sign();
            Files.move(
                    fresh,
                    lockFile,
                    StandardCopyOption.ATOMIC_MOVE,
                    StandardCopyOption.REPLACE_EXISTING);
            return hold;
        } catch (IOException e) {
            channel.close();
            Files.deleteIfExists(fresh);
            throw e;
        }
    }

    private static Path lockFile(Path path) throws IOException {
        Path target = SafeFile.target(path);
        return target.resolveSibling("." + target.getFileName() + ".lock");
    }

    private static FileChannel open(Path lockFile, StandardOpenOption how) throws IOException {
        return FileChannel.open(
                lockFile,
                Set.of(
                        how,
                        StandardOpenOption.READ,
                        StandardOpenOption.WRITE,
                        LinkOption.NOFOLLOW_LINKS));
    }

    private static boolean lock(FileChannel channel) throws IOException {
        try {
            FileLock lock = channel.tryLock();
            return lock != null;
        } catch (OverlappingFileLockException e) {
            return false;
        }
    }

    private void sign() throws IOException {
        channel.truncate(0);
        channel.write(ByteBuffer.wrap(token.getBytes(StandardCharsets.UTF_8)), 0);
    }

    /** Whether nobody has taken over since. */
    public boolean isStill() {
        try {
            return Files.readString(lockFile).equals(token);
        } catch (IOException e) {
            return false;
        }
    }

    /** Lets go; the lock file is deleted unless it is another's by now. */
    @Override
    public void close() throws IOException {
        if (isStill()) {
            Files.deleteIfExists(lockFile);
        }
        channel.close();
    }
}
