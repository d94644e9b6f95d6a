package reliqua.core.fit;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Building;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Part;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.coop.Stage;
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
 * @param groups what of it stands
 */
public record AsBuilt(DesignSpec spec, List<Group> groups) {
    /** Another length that is a little different moves what follows from it. */
    private static final Length NUDGE = Length.mm(16);

    /** Copies the groups. */
    public AsBuilt {
        groups = List.copyOf(groups);
    }

    /**
     * Parts that went on together.
     *
     * @param id of the step
     * @param whole whether they are all there are of their roles in their house, not only those of
     *     one wall
     * @param building number of their house, from 0
     * @param left edge of the frame of that house
     * @param parts as they stand
     */
    public record Group(String id, boolean whole, int building, Length left, List<Part> parts) {
        /** Copies the parts. */
        public Group {
            parts = List.copyOf(parts);
        }

        /** Whether they are stapled or pegged on, and come off whole. */
        boolean comesOff() {
            return parts.stream().allMatch(p -> p.role().stage() == Stage.MESH);
        }

        /**
         * Whether they are in a coop where they stand, and nothing more of their kind is there. A
         * house may get another at its left, and what stands may have a hole cut into it.
         */
        boolean isIn(Coop coop) {
            return coop.buildings().stream()
                    .filter(b -> b.number() == building)
                    .anyMatch(this::isIn);
        }

        private boolean isIn(Building other) {
            Set<Role> roles = parts.stream().map(Part::role).collect(Collectors.toSet());
            List<Place> here = places(parts, left);
            Bounds room =
                    here.stream().map(p -> p.solid().bounds()).reduce(Bounds::with).orElseThrow();
            List<Place> there =
                    places(
                            other.coop().parts().stream()
                                    .filter(p -> roles.contains(p.role()))
                                    .toList(),
                            other.left());
            List<Place> alike =
                    there.stream()
                            .filter(p -> whole || isWithin(p.solid().bounds(), room))
                            .toList();
            return alike.size() == here.size()
                    && here.stream().allMatch(p -> alike.stream().anyMatch(p::stands));
        }
    }

    private static boolean isWithin(Bounds part, Bounds room) {
        return part.x0().atLeast(room.x0())
                && part.x1().atMost(room.x1())
                && part.y0().atLeast(room.y0())
                && part.y1().atMost(room.y1())
                && part.z0().atLeast(room.z0())
                && part.z1().atMost(room.z1());
    }

    /** A part by what it is and where; marks follow from what else there is. */
    private record Place(Role role, Solid solid) {
        boolean stands(Place other) {
            return role == other.role && solid.isOrHolds(other.solid);
        }
    }

    /** Counted from an edge. */
    private static List<Place> places(List<Part> parts, Length edge) {
        return parts.stream()
                .map(
                        p ->
                                new Place(
                                        p.role(),
                                        edge.nm() == 0
                                                ? p.solid()
                                                : p.solid().atSide(false, edge.negated())))
                .toList();
    }

    /** All parts that stand. */
    public List<Part> parts() {
        return groups.stream().flatMap(g -> g.parts().stream()).toList();
    }

    /** The steps by which it came to stand. */
    public Set<String> ids() {
        return groups.stream().map(Group::id).collect(Collectors.toCollection(TreeSet::new));
    }

    /**
     * Whether all that stands is in a coop where it stands. Mesh need not be: it comes off whole
     * and goes on again elsewhere, so that a run can be built on to a coop that stands.
     */
    public boolean isIn(Coop coop) {
        return groups.stream().allMatch(g -> g.comesOff() || g.isIn(coop));
    }

    /** The steps whose parts stand otherwise in a coop, and would have to be taken down. */
    public Set<String> lostIn(Coop coop) {
        return groups.stream()
                .filter(g -> !g.isIn(coop))
                .map(Group::id)
                .collect(Collectors.toCollection(TreeSet::new));
    }

    /** The lengths that cannot change any more, because what stands follows from them. */
    public Map<String, Length> lengths(Brief brief) {
        Map<String, Length> fixed = new TreeMap<>();
        spec.lengths()
                .forEach(
                        (key, length) -> {
                            boolean free =
                                    isFree(key, length::plus, brief)
                                            && isFree(key, length::minus, brief);
                            if (!free) {
                                fixed.put(key, length);
                            }
                        });
        return fixed;
    }

    /** Whether what stands is the same when a length is nudged; what cannot be built tells no. */
    private boolean isFree(String key, Function<Length, Length> nudged, Brief brief) {
        return built(spec.with(key, nudged.apply(NUDGE)), brief).map(this::isIn).orElse(true);
    }

    private static Optional<Coop> built(DesignSpec spec, Brief brief) {
        try {
            return Optional.of(CoopBuilder.build(spec, brief));
        } catch (Unbuildable e) {
            return Optional.empty();
        }
    }
}
