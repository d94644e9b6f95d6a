package reliqua.core.check;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import reliqua.core.coop.Part;
import reliqua.core.stock.Hardware;

/**
 * What mending a weak place takes, beyond the coop as it is designed.
 *
 * @param parts mesh and battens to be cut, under marks of their own
 * @param hardware single things by kind; staples of the mesh are not among them
 */
public record Mending(List<Part> parts, Map<Hardware.Kind, Integer> hardware) {
    /** Nothing but care. */
    public static final Mending NONE = new Mending(List.of(), Map.of());

    /** Copies both. */
    public Mending {
        parts = List.copyOf(parts);
        hardware = Collections.unmodifiableMap(new TreeMap<>(hardware));
    }

    /** Whether it takes nothing that has a price. */
    public boolean isFree() {
        return parts.isEmpty() && hardware.isEmpty();
    }
}
