package reliqua.files.disk;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.NoSuchFileException;
import java.nio.file.OpenOption;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.BasicFileAttributes;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/**
 * The right of one program to write a file: a lock file beside it, locked by the operating system,
 * so that it ends with the program, also one that is killed. Another may take over by putting a
 * lock file of its own in its place; the first learns of it from {@link #isStill} before it next
 * writes.
 *
 * <p>Unix lets go of a process's lock when the process closes the file through any opening of it,
 * so the lock file is opened once and then only looked at from outside.
 */
public final class FileHold implements AutoCloseable {
    private static final int MOST_TRIES = 10;

    /** Lock files this process has locked, by identity: they must not be opened a second time. */
    private static final Set<String> MINE = ConcurrentHashMap.newKeySet();

    private final Path lockFile;
    private final FileChannel channel;
    private final String identity;

    private FileHold(Path lockFile, FileChannel channel, String identity) {
        this.lockFile = lockFile;
        this.channel = channel;
        this.identity = identity;
        MINE.add(identity);
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
            Optional<String> before = identity(lockFile);
            if (before.filter(MINE::contains).isPresent()) {
                return Optional.empty();
            }
            FileChannel channel;
            try {
                channel =
                        open(
                                lockFile,
                                before.isEmpty()
                                        ? Set.of(StandardOpenOption.CREATE_NEW)
                                        : Set.of());
            } catch (FileAlreadyExistsException | NoSuchFileException e) {
                // It came or went between our looking and our opening it.
                continue;
            }
            if (!isLocked(channel)) {
                channel.close();
                return Optional.empty();
            }
            Optional<String> after = identity(lockFile);
            boolean same = after.isPresent() && (before.isEmpty() || before.equals(after));
            if (same) {
                return Optional.of(new FileHold(lockFile, channel, after.get()));
            }
            channel.close();
        }
        throw new IOException("the lock file " + lockFile.getFileName() + " keeps disappearing");
    }

    /** Takes hold of a file even if another program has it. */
    public static FileHold takeOver(Path path) throws IOException {
        Path lockFile = lockFile(path);
        Path fresh = SafeFile.fresh(lockFile);
        FileChannel channel = open(fresh, Set.of(StandardOpenOption.CREATE_NEW));
        try {
            isLocked(channel);
            Optional<String> identity = identity(fresh);
            Files.move(
                    fresh,
                    lockFile,
                    StandardCopyOption.ATOMIC_MOVE,
                    StandardCopyOption.REPLACE_EXISTING);
            return new FileHold(lockFile, channel, identity.orElse(""));
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

    private static FileChannel open(Path lockFile, Set<OpenOption> how) throws IOException {
        Set<OpenOption> all = new java.util.HashSet<>(how);
        all.add(StandardOpenOption.WRITE);
        all.add(LinkOption.NOFOLLOW_LINKS);
        return FileChannel.open(lockFile, all);
    }

    private static boolean isLocked(FileChannel channel) throws IOException {
        try {
            return channel.tryLock() != null;
        } catch (OverlappingFileLockException e) {
            return false;
        }
    }

    /** What tells one file from another that took its name; nothing where there is none. */
    private static Optional<String> identity(Path file) throws IOException {
        try {
            BasicFileAttributes now =
                    Files.readAttributes(
                            file, BasicFileAttributes.class, LinkOption.NOFOLLOW_LINKS);
            Object key = now.fileKey();
            return Optional.of(String.valueOf(key == null ? now.creationTime() : key));
        } catch (NoSuchFileException e) {
            return Optional.empty();
        }
    }

    /** Whether nobody has taken over since. */
    public boolean isStill() {
        try {
            return identity(lockFile).filter(identity::equals).isPresent();
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
        MINE.remove(identity);
    }
}
