package reliqua.core.build;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import reliqua.core.coop.Building;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Duty;
import reliqua.core.coop.Part;
import reliqua.core.coop.Role;
import reliqua.core.coop.Stage;

/**
 * The parts that go on in one step: those of a role, what is put together of several first, or a
 * wall that is framed flat and tipped up whole.
 *
 * @param id name of the role, the assembly or the wall; of a second house with its number
 * @param building number of the house they are of, from 0
 * @param role of all of them; none of an assembly or a wall
 * @param stage of the build
 * @param parts in their order
 */
public record StepParts(
        String id, int building, Optional<Role> role, Stage stage, List<Part> parts) {
    /** Fewer are no wall, but something in one. */
    private static final int LEAST = 3;

    private static final String WALL = "WALL_";

    /** Copies the parts. */
    public StepParts {
        parts = List.copyOf(parts);
    }

    /** The ids of the walls most houses have. */
    public static List<String> outerWalls() {
        return Stream.of(Frame.Side.FRONT, Frame.Side.BACK, Frame.Side.LEFT, Frame.Side.RIGHT)
                .map(side -> WALL + side.name())
                .toList();
    }

    /**
     * Of a coop, stage by stage; walls come before what goes on to them. Of two houses wall to wall
     * the first stands before the second is begun, else nobody could get at its skin; what is round
     * both comes last.
     */
    public static List<StepParts> of(Coop coop) {
        List<StepParts> all = new ArrayList<>();
        coop.buildings().forEach(b -> all.addAll(of(b)));
        // Stable: each house in its own order.
        all.sort(Comparator.comparing(StepParts::round));
        return all;
    }

    /** What comes before all houses stand is one; what is round them comes after, by its stage. */
    private Stage round() {
        return stage.compareTo(Stage.RUN) < 0 ? Stage.FLOOR : stage;
    }

    private static List<StepParts> of(Building building) {
        List<StepParts> all = new ArrayList<>(walls(building));
        Set<Part> framed = new HashSet<>();
        all.forEach(w -> framed.addAll(w.parts()));
        // What an assembly is made of stands together, at its first role.
        Map<String, List<Part>> byStep = new LinkedHashMap<>();
        building.coop().parts().stream()
                .filter(p -> !framed.contains(p))
                .sorted(Comparator.comparing(Part::role))
                .forEach(p -> byStep.computeIfAbsent(id(p.role()), _ -> new ArrayList<>()).add(p));
        byStep.forEach((id, parts) -> all.add(together(id, building.number(), parts)));
        // Stable: within a stage walls stay first.
        all.sort(Comparator.comparing(StepParts::stage));
        return all;
    }

    /** Of the step that parts of a role go on in. */
    public static String id(Role role) {
        return role.duty().assembly().map(Enum::name).orElse(role.name());
    }

    private static StepParts together(String id, int building, List<Part> parts) {
        Role first = parts.getFirst().role();
        boolean alone = first.duty().assembly().isEmpty();
        return new StepParts(
                Step.id(id, building),
                building,
                alone ? Optional.of(first) : Optional.empty(),
                first.stage(),
                parts);
    }

    /** Whether it is all there is of its roles in a house, and not only what is in one wall. */
    public boolean isWhole() {
        return !id.startsWith(WALL) || role.isPresent();
    }

    private static List<StepParts> walls(Building building) {
        Coop coop = building.coop();
        if (coop.that(Duty.Trait.TIPPED_UP).isEmpty()) {
            return List.of();
        }
        Map<Frame.Side, List<Part>> bySide = new EnumMap<>(Frame.Side.class);
        Set<Part> placed = new HashSet<>();
        for (Frame frame : Frames.of(building)) {
            List<Part> parts =
                    frame.members().stream()
                            .map(m -> (Part) m.part())
                            .filter(p -> p.role().is(Duty.Trait.TIPPED_UP) && placed.add(p))
                            .toList();
            bySide.computeIfAbsent(frame.side(), _ -> new ArrayList<>()).addAll(parts);
        }
        bySide.values().removeIf(parts -> parts.size() < LEAST || !isWall(parts));
        List<StepParts> walls = new ArrayList<>();
        bySide.forEach((side, parts) -> walls.add(wall(side, building.number(), parts)));
        return walls;
    }

    /** Sills and headers alone are not tipped up. */
    private static boolean isWall(Collection<Part> parts) {
        return parts.stream().anyMatch(p -> p.role().is(Duty.Trait.AWKWARD));
    }

    private static StepParts wall(Frame.Side side, int building, List<Part> parts) {
        String id = Step.id(WALL + side.name(), building);
        return new StepParts(id, building, Optional.empty(), Stage.WALLS, parts);
    }

    List<String> marks() {
        return parts.stream().map(Part::mark).toList();
    }
}
