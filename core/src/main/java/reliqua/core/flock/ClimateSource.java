package reliqua.core.flock;

import java.util.List;
import java.util.Optional;

/** A service that knows the weather of regions. */
public interface ClimateSource {
    /** The regions it knows, in the order they are shown. */
    List<Climate> regions();

    /** The weather of a region by its name, whatever the case of its letters. */
    default Optional<Climate> find(String region) {
        return regions().stream().filter(c -> c.region().equalsIgnoreCase(region)).findFirst();
    }
}
