package reliqua.desktop.work;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import reliqua.files.InputException;
import reliqua.files.ProjectFile;
import reliqua.files.TextFile;
import reliqua.files.UserFolders;
import reliqua.files.disk.SafeFile;

/** Where projects without a place of their own, and the list of recent files, are kept. */
public final class DataFolder {
    private static final int MOST_RECENT = 8;
    private static final String RECENT = "recent.txt";

    private final Path folder;

    /** In the given folder, which is made when needed. */
    public DataFolder(Path folder) {
        this.folder = folder;
    }

    /** In the user's folder for data. */
    public static DataFolder standard() {
        return new DataFolder(UserFolders.data());
    }

    /** Where copies of work are kept that its own file could not take. */
    Path rescued() {
        return folder.resolve("rescued");
    }

    /** Whether a project lies here, and not in a place of the keeper's choice. */
    boolean contains(Path file) {
        return folder.toAbsolutePath().equals(file.toAbsolutePath().getParent());
    }

    /** A place for a project of this name. */
    public Path place(String name) {
        return folder.resolve(name.replaceAll("[^\\p{L}\\p{N} _-]", "_") + ProjectFile.ENDING);
    }

    /** A place for a project of this name where nothing lies yet, numbered if need be. */
    public Path freshPlace(String name) {
        return beside(place(name));
    }

    /** The place itself where nothing lies there, else a numbered one beside it. */
    static Path beside(Path place) {
        String name = String.valueOf(place.getFileName());
        String stem =
                name.endsWith(ProjectFile.ENDING)
                        ? name.substring(0, name.length() - ProjectFile.ENDING.length())
                        : name;
        Path free = place;
        for (int number = 2; Files.exists(free); number++) {
            free = place.resolveSibling(stem + " " + number + ProjectFile.ENDING);
        }
        return free;
    }

    /** What was set under a name before; {@code otherwise} when nothing was. */
    public String setting(String name, String otherwise) {
        try {
            String text = TextFile.read(folder.resolve(name + ".setting")).strip();
            return text.matches("[\\w -]{1,40}") ? text : otherwise;
        } catch (IOException | InputException e) {
            return otherwise;
        }
    }

    /** Keeps a setting. */
    public void set(String name, String value) throws IOException {
        write(name + ".setting", value);
    }

    private void write(String name, String text) throws IOException {
        Files.createDirectories(folder);
        SafeFile.write(folder.resolve(name), text.getBytes(StandardCharsets.UTF_8));
    }

    /** Files opened lately that are still there, latest first; what is no path is passed over. */
    public List<Path> recent() {
        try {
            return TextFile.read(folder.resolve(RECENT))
                    .lines()
                    .limit(MOST_RECENT)
                    .filter(line -> !line.isBlank())
                    .flatMap(DataFolder::path)
                    .filter(Files::isRegularFile)
                    .toList();
        } catch (IOException | InputException e) {
            return List.of();
        }
    }

    private static Stream<Path> path(String line) {
        try {
            return Stream.of(Path.of(line));
        } catch (InvalidPathException e) {
            return Stream.empty();
        }
    }

    /** Puts a file at the top of the list. */
    public synchronized void remember(Path path) throws IOException {
        Path full = path.toAbsolutePath();
        List<String> lines =
                Stream.concat(Stream.of(full), recent().stream().filter(p -> !p.equals(full)))
                        .limit(MOST_RECENT)
                        .map(Path::toString)
                        .toList();
        write(RECENT, String.join("\n", lines) + "\n");
    }
}
