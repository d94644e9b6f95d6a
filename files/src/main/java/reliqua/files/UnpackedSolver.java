package reliqua.files;

import com.google.ortools.Loader;
import com.sun.jna.Platform;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.JarURLConnection;
import java.net.URL;
import java.net.URLConnection;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.jar.JarFile;
import java.util.stream.Stream;
import java.util.zip.CRC32;
import java.util.zip.ZipEntry;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import reliqua.core.cutting.SolverLibrary;

/**
 * Unpacks the native solver once into the user's cache instead of anew at every start, and links it
 * from there; where that does not work (no home, no room, nothing may be executed there) it falls
 * back on the solver's own loader. What killed programs left in the folder for temporary files is
 * cleaned up.
 */
public final class UnpackedSolver implements SolverLibrary {
    private static final Logger LOG = LoggerFactory.getLogger(UnpackedSolver.class);
    private static final String LIBRARY = "jniortools";
    private static final String UNPACKED = "solver-";
    private static final String LEFT_BEHIND = "ortools-java";

    /** Nobody fits a coop for longer than this without a break. */
    private static final Duration LONGEST_RUN = Duration.ofDays(1);

    private final Path cache;

    /** In the user's cache. */
    public UnpackedSolver() {
        this(UserFolders.cache());
    }

    UnpackedSolver(Path cache) {
        this.cache = cache;
    }

    @Override
    public void link() {
        if (!linkFromCache()) {
            Loader.loadNativeLibraries();
        }
        sweep(Path.of(System.getProperty("java.io.tmpdir")));
    }

    private boolean linkFromCache() {
        try {
            Optional<Path> folder = unpacked();
            folder.ifPresent(
                    f -> System.load(f.resolve(System.mapLibraryName(LIBRARY)).toString()));
            return folder.isPresent();
        } catch (IOException | RuntimeException | UnsatisfiedLinkError e) {
            LOG.debug("The solver cannot be kept in {}", cache, e);
            return false;
        }
    }

    /** The folder with the libraries; nothing where they do not come out of a jar. */
    Optional<Path> unpacked() throws IOException {
        URL resource =
                Loader.class.getClassLoader().getResource("ortools-" + Platform.RESOURCE_PREFIX);
        if (resource == null || Platform.isWindows()) {
            return Optional.empty();
        }
        URLConnection connection = resource.openConnection();
        if (!(connection instanceof JarURLConnection inJar)) {
            return Optional.empty();
        }
        try (JarFile jar = new JarFile(Path.of(inJar.getJarFile().getName()).toFile())) {
            List<ZipEntry> libraries =
                    jar.stream()
                            .filter(e -> e.getName().startsWith(inJar.getEntryName() + "/"))
                            .filter(e -> !e.isDirectory())
                            .map(ZipEntry.class::cast)
                            .toList();
            Path folder = cache.resolve(UNPACKED + digest(libraries)).toAbsolutePath();
            if (!holds(folder, libraries)) {
                unpack(jar, libraries, folder);
            }
            return Optional.of(folder);
        }
    }

    private static String name(ZipEntry library) {
        return library.getName().substring(library.getName().lastIndexOf('/') + 1);
    }

    /** Another release has other libraries, and so another folder. */
    private static String digest(List<ZipEntry> libraries) {
        CRC32 sum = new CRC32();
        for (ZipEntry each : libraries) {
            sum.update((each.getName() + each.getSize() + each.getCrc()).getBytes());
        }
        return Long.toHexString(sum.getValue());
    }

    private static boolean holds(Path folder, List<ZipEntry> libraries) throws IOException {
        for (ZipEntry each : libraries) {
            Path file = folder.resolve(name(each));
            if (!Files.isRegularFile(file) || Files.size(file) != each.getSize()) {
                return false;
            }
        }
        return true;
    }

    /** Beside its place and then moved there, so that the folder is whole whenever it is there. */
    private void unpack(JarFile jar, List<ZipEntry> libraries, Path folder) throws IOException {
        Files.createDirectories(cache);
        for (Path other : beginning(cache, UNPACKED)) {
            delete(other);
        }
        Path fresh = cache.resolve(UNPACKED + UUID.randomUUID());
        Files.createDirectory(fresh);
        try {
            for (ZipEntry each : libraries) {
                try (var in = jar.getInputStream(each)) {
                    Files.copy(in, fresh.resolve(name(each)));
                }
            }
            Files.move(fresh, folder);
        } catch (IOException e) {
            delete(fresh);
            if (!holds(folder, libraries)) {
                throw e;
            }
        }
    }

    /** Deletes what runs that were killed unpacked and could not delete. */
    static void sweep(Path temporary) {
        Instant old = Instant.now().minus(LONGEST_RUN);
        try {
            for (Path each : beginning(temporary, LEFT_BEHIND)) {
                if (Files.isWritable(each)
                        && Files.getLastModifiedTime(each).toInstant().isBefore(old)) {
                    delete(each);
                }
            }
        } catch (IOException e) {
            LOG.debug("Left-overs in {} stay", temporary, e);
        }
    }

    private static List<Path> beginning(Path folder, String begin) throws IOException {
        try (Stream<Path> all = Files.list(folder)) {
            return all.filter(p -> p.getFileName().toString().startsWith(begin))
                    .filter(p -> Files.isDirectory(p, java.nio.file.LinkOption.NOFOLLOW_LINKS))
                    .toList();
        }
    }

    private static void delete(Path folder) throws IOException {
        try (Stream<Path> inside = Files.walk(folder)) {
            inside.sorted(java.util.Comparator.reverseOrder())
                    .forEach(
                            path -> {
                                try {
                                    Files.deleteIfExists(path);
                                } catch (IOException e) {
                                    throw new UncheckedIOException(e);
                                }
                            });
        } catch (UncheckedIOException e) {
            throw e.getCause();
        }
    }
}
