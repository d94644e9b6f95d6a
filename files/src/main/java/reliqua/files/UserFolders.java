package reliqua.files;

import java.nio.file.Path;
import java.util.Optional;

/** Where a program keeps things of its user: the folders the desktop's conventions name. */
public final class UserFolders {
    private UserFolders() {}

    /** Projects without a place of their own, settings, rescued work. */
    public static Path data() {
        return named("reliqua.home")
                .or(() -> environment("XDG_DATA_HOME"))
                .orElseGet(() -> home().resolve(".local").resolve("share").resolve("reliqua"));
    }

    /** What can be made again. */
    public static Path cache() {
        return named("reliqua.cache")
                .or(() -> environment("XDG_CACHE_HOME"))
                .orElseGet(() -> home().resolve(".cache").resolve("reliqua"));
    }

    private static Optional<Path> named(String property) {
        return Optional.of(System.getProperty(property, ""))
                .filter(text -> !text.isEmpty())
                .map(Path::of);
    }

    /** By convention only an absolute path counts. */
    private static Optional<Path> environment(String variable) {
        return Optional.ofNullable(System.getenv(variable))
                .filter(text -> !text.isEmpty())
                .map(Path::of)
                .filter(Path::isAbsolute)
                .map(folder -> folder.resolve("reliqua"));
    }

    private static Path home() {
        return Path.of(System.getProperty("user.home", "."));
    }
}
