package reliqua.files.disk;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.FileAttribute;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFilePermission;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Stream;

/**
 * Replaces a file so that at every moment, through a crash or a power cut, either the old or the
 * new one is whole: the new one is written beside under a name nobody can foresee, forced to the
 * disk, moved into place, and the folder is forced too. A link is followed, the permissions of what
 * was there are kept, and what is no ordinary file is never written to.
 */
public final class SafeFile {
    private static final String FRESH = ".new";
    private static final int MOST_LINKS = 40;

    /** A file being written is never this old, so what is was left by a program that was killed. */
    private static final Duration LEFT_BEHIND = Duration.ofMinutes(1);

    private SafeFile() {}

    /** What is done with the file that is there before the new one takes its place. */
    @FunctionalInterface
    interface Before {
        void keep(Path target) throws IOException;
    }

    /** Replaces a text or table; the version before is not kept. */
    public static void write(Path path, byte[] bytes) throws IOException {
        write(path, bytes, _ -> {});
    }

    /** Replaces a file and keeps its versions before ({@link Generations}). */
    public static void writeKeeping(Path path, byte[] bytes) throws IOException {
        write(path, bytes, Generations::keep);
    }

    private static void write(Path path, byte[] bytes, Before before) throws IOException {
        Path target = target(path);
        boolean there = Files.exists(target, LinkOption.NOFOLLOW_LINKS);
        if (there && !Files.isRegularFile(target, LinkOption.NOFOLLOW_LINKS)) {
            throw new FileSystemException(target.toString(), null, "not an ordinary file");
        }
        if (there && !Files.isWritable(target)) {
            throw new AccessDeniedException(target.toString(), null, "write-protected");
        }
        Path fresh = fresh(target);
        try {
            fill(fresh, bytes, there ? permissions(target) : Optional.empty());
            if (there) {
                before.keep(target);
            }
            move(fresh, target);
        } catch (IOException | RuntimeException e) {
            Files.deleteIfExists(fresh);
            throw e;
        }
    }

    /** The file behind a path: links are followed, also one that leads nowhere yet. */
    public static Path target(Path path) throws IOException {
        Path target = path.toAbsolutePath();
        for (int n = 0; Files.isSymbolicLink(target); n++) {
            if (n == MOST_LINKS) {
                throw new FileSystemException(path.toString(), null, "links lead in a circle");
            }
            target = target.resolveSibling(Files.readSymbolicLink(target));
        }
        return target;
    }

    /** A name beside a file that does not exist and that nobody can foresee. */
    static Path fresh(Path target) {
        return target.resolveSibling("." + target.getFileName() + "." + UUID.randomUUID() + FRESH);
    }

    /** Writes a new file and forces it to the disk. */
    static void fill(Path fresh, byte[] bytes, Optional<Set<PosixFilePermission>> permissions)
            throws IOException {
        try (FileChannel channel = create(fresh, permissions.isPresent())) {
            ByteBuffer buffer = ByteBuffer.wrap(bytes);
            while (buffer.hasRemaining()) {
                channel.write(buffer);
            }
            if (permissions.isPresent()) {
                Files.setPosixFilePermissions(fresh, permissions.get());
            }
            channel.force(true);
        }
    }

    /** One that replaces another is nobody else's to read until it has the other's permissions. */
    private static FileChannel create(Path fresh, boolean secret) throws IOException {
        FileAttribute<?>[] attributes =
                secret
                        ? new FileAttribute<?>[] {
                            PosixFilePermissions.asFileAttribute(
                                    PosixFilePermissions.fromString("rw-------"))
                        }
                        : new FileAttribute<?>[0];
        return FileChannel.open(
                fresh, Set.of(StandardOpenOption.CREATE_NEW, StandardOpenOption.WRITE), attributes);
    }

    /** The permissions of a file, where the file system has such. */
    static Optional<Set<PosixFilePermission>> permissions(Path file) throws IOException {
        PosixFileAttributeView view =
                Files.getFileAttributeView(file, PosixFileAttributeView.class);
        return view == null ? Optional.empty() : Optional.of(view.readAttributes().permissions());
    }

    /** Moves a file over another and forces the folder to the disk. */
    static void move(Path from, Path to) throws IOException {
        Files.move(from, to, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        forceFolder(to);
    }

    /** Where a folder cannot be opened, as on some systems, the move alone must do. */
    private static void forceFolder(Path file) throws IOException {
        Path folder = file.toAbsolutePath().getParent();
        FileChannel channel;
        try {
            channel = FileChannel.open(folder, StandardOpenOption.READ);
        } catch (IOException e) {
            return;
        }
        try (channel) {
            channel.force(true);
        }
    }

    /** Deletes what programs left behind that were killed while they wrote this file. */
    public static void sweep(Path path) throws IOException {
        Path target = target(path);
        String begin = "." + target.getFileName() + ".";
        Instant old = Instant.now().minus(LEFT_BEHIND);
        List<Path> left;
        try (Stream<Path> beside = Files.list(target.toAbsolutePath().getParent())) {
            left = beside.filter(isLeft(begin, old)).toList();
        }
        for (Path each : left) {
            Files.deleteIfExists(each);
        }
    }

    private static Predicate<Path> isLeft(String begin, Instant old) {
        return path -> {
            String name = path.getFileName().toString();
            try {
                return name.startsWith(begin)
                        && name.endsWith(FRESH)
                        && Files.getLastModifiedTime(path, LinkOption.NOFOLLOW_LINKS)
                                .toInstant()
                                .isBefore(old);
            } catch (IOException e) {
                return false;
            }
        };
    }
}
