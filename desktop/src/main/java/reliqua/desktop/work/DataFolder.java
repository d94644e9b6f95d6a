package reliqua.desktop.work;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;

/** Where projects without a place of their own, and the list of recent files, are kept. */
public final class DataFolder {
    private static final int MOST_RECENT = 8;

    private final Path folder;

    /** In the given folder, which is made when needed. */
    public DataFolder(Path folder) {
        this.folder = folder;
    }

    /** In the folder the system property or the user's home names. */
    public static DataFolder standard() {
        String named = System.getProperty("reliqua.home", "");
        Path home = Path.of(System.getProperty("user.home"), ".local", "share", "reliqua");
        return new DataFolder(named.isEmpty() ? home : Path.of(named));
    }

    /** A place for a project of this name. */
    public Path place(String name) {
        return folder.resolve(
                name.replaceAll("[^\\p{L}\\p{N} _-]", "_") + reliqua.files.ProjectFile.ENDING);
    }

    /** A place for a project of this name where nothing lies yet, numbered if need be. */
    public Path freshPlace(String name) {
        Path first = place(name);
        for (int number = 2; Files.exists(first); number++) {
            first = place(name + " " + number);
        }
        return first;
    }

    /** What was set under a name before; {@code otherwise} when nothing was. */
    public String setting(String name, String otherwise) {
        Path file = folder.resolve(name + ".setting");
        try {
            return Files.exists(file) ? Files.readString(file).strip() : otherwise;
        } catch (IOException e) {
            return otherwise;
        }
    }

    /** Keeps a setting. */
    public void set(String name, String value) throws IOException {
        make();
        Files.writeString(folder.resolve(name + ".setting"), value);
    }

    /** Makes the folder. */
    public void make() throws IOException {
        Files.createDirectories(folder);
    }

    /** Files opened lately that are still there, latest first. */
    public List<Path> recent() {
        Path list = folder.resolve("recent.txt");
        if (!Files.exists(list)) {
            return List.of();
        }
        try {
            return Files.readAllLines(list).stream()
                    .filter(line -> !line.isBlank())
                    .map(Path::of)
                    .filter(Files::exists)
                    .toList();
        } catch (IOException e) {
            return List.of();
        }
    }

    /** Puts a file at the top of the list. */
    public void remember(Path path) throws IOException {
        make();
        Path full = path.toAbsolutePath();
        List<String> lines =
                Stream.concat(Stream.of(full), recent().stream().filter(p -> !p.equals(full)))
                        .limit(MOST_RECENT)
                        .map(Path::toString)
                        .toList();
        Files.write(folder.resolve("recent.txt"), lines);
    }
}
