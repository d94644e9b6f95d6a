package reliqua.core.fit;

import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Part;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.coop.addon.CoopBuilder;
import reliqua.core.coop.family.Brief;
import reliqua.core.coop.family.DesignSpec;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.measure.Length;

/**
 * What stands already of a coop: a design that is sought in the middle of a build must take it in
 * as it is.
 *
 * @param spec the design it was built after
 * @param roles what of it is on
 * @param parts all parts of those roles
 */
public record AsBuilt(DesignSpec spec, Set<Role> roles, List<Part> parts) {
    /** Another length that is a little different moves what follows from it. */
    private static final Length NUDGE = Length.mm(16);

    /** Copies the collections. */
    public AsBuilt {
        roles = Set.copyOf(roles);
        parts = List.copyOf(parts);
    }

    /** Of a design, as far as it is built; nothing where no part of it is on. */
    public static Optional<AsBuilt> of(DesignSpec spec, Brief brief, Set<Role> roles) {
        try {
            Coop coop = CoopBuilder.build(spec, brief);
            List<Part> parts = of(coop, roles);
            return parts.isEmpty()
                    ? Optional.empty()
                    : Optional.of(new AsBuilt(spec, roles, parts));
        } catch (Unbuildable e) {
            return Optional.empty();
        }
    }

    private static List<Part> of(Coop coop, Collection<Role> roles) {
        return coop.parts().stream().filter(p -> roles.contains(p.role())).toList();
    }

    /** A part by what it is and where; marks follow from what else there is. */
    private record Place(Role role, Solid solid) {}

    private static Map<Place, Long> places(List<Part> parts) {
        return parts.stream()
                .collect(
                        Collectors.groupingBy(
                                p -> new Place(p.role(), p.solid()), Collectors.counting()));
    }

    /** Whether all that stands is in a coop where it stands, and nothing more of its kind. */
    public boolean isIn(Coop coop) {
        return places(of(coop, roles)).equals(places(parts));
    }

    /** What of it stands otherwise in a coop, and would have to be taken down. */
    public Set<Role> lostIn(Coop coop) {
        Set<Role> lost = EnumSet.noneOf(Role.class);
        for (Role role : roles) {
            List<Part> mine = parts.stream().filter(p -> p.role() == role).toList();
            if (!places(mine).equals(places(of(coop, Set.of(role))))) {
                lost.add(role);
            }
        }
        return lost;
    }

    /** The lengths that cannot change any more, because what stands follows from them. */
    public Map<String, Length> lengths(Brief brief) {
        Map<String, Length> fixed = new TreeMap<>();
        spec.lengths()
                .forEach(
                        (key, length) -> {
                            if (!isFree(key, length::plus, brief)
                                    || !isFree(key, length::minus, brief)) {
                                fixed.put(key, length);
                            }
                        });
        return fixed;
    }

    /** Whether what stands is the same when a length is nudged; what cannot be built tells no. */
    private boolean isFree(String key, Function<Length, Length> nudged, Brief brief) {
        try {
            return isIn(CoopBuilder.build(spec.with(key, nudged.apply(NUDGE)), brief));
        } catch (Unbuildable e) {
            // The other way will tell.
            return true;
        }
    }
}
