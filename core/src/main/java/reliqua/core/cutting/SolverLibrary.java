package reliqua.core.cutting;

/**
 * Brings the native library of the solver into the process. A service: where none is provided, the
 * solver's own loader unpacks it into the folder for temporary files.
 */
@FunctionalInterface
public interface SolverLibrary {
    /**
     * Links the library.
     *
     * @throws RuntimeException or {@link LinkageError} when it cannot be linked, with the reason
     */
    void link();
}
