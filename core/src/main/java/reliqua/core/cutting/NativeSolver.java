package reliqua.core.cutting;

import com.google.ortools.Loader;
import com.google.ortools.init.OrToolsVersion;
import java.util.ServiceLoader;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Links the native solver once; where it cannot be linked the planners go on without it and claim
 * no proof.
 */
public final class NativeSolver {
    private static final Logger LOG = LoggerFactory.getLogger(NativeSolver.class);

    private NativeSolver() {}

    private static final class Holder {
        static final boolean LOADED = load();

        private static boolean load() {
            try {
                ServiceLoader.load(SolverLibrary.class)
                        .findFirst()
                        .orElse(Loader::loadNativeLibraries)
                        .link();
                // A loader may return without having linked anything; the first call tells.
                LOG.debug("Solver {}", OrToolsVersion.getVersionString());
                return true;
            } catch (RuntimeException | LinkageError e) {
                LOG.debug("Not linked", e);
                LOG.warn(
                        "The native solver could not be loaded; plans are made by heuristics alone."
                                + " It needs a folder for temporary files with 70 MB of room from"
                                + " which programs may run");
                return false;
            }
        }
    }

    /**
     * Whether the solver is there; the first call takes about 0.7 s, so make it in the background.
     */
    public static boolean isLoaded() {
        return Holder.LOADED;
    }
}
