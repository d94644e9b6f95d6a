package reliqua.core.build;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Part;
import reliqua.core.coop.Role;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.measure.Weight;

/**
 * Makes the steps of a coop: one for each role that has parts, in the order in which they can go
 * on.
 */
public final class Steps {
    private static final double WOOD = 450;
    private static final double SHEET = 620;

    private Steps() {}

    /** The steps, for somebody who lifts no more than that. */
    public static List<Step> of(Coop coop, Weight lift) {
        Map<Role, List<Part>> byRole = new EnumMap<>(Role.class);
        coop.parts().forEach(p -> byRole.computeIfAbsent(p.role(), _ -> new ArrayList<>()).add(p));
        List<Step> steps = new ArrayList<>();
        byRole.forEach(
                (role, parts) ->
                        steps.add(
                                new Step(
                                        role,
                                        parts.stream().map(Part::mark).toList(),
                                        5 + parts.size() * minutesEach(role),
                                        awkward(role)
                                                || parts.stream()
                                                        .anyMatch(
                                                                p ->
                                                                        kilograms(p)
                                                                                > lift
                                                                                        .toKilograms()),
                                        check(role, coop),
                                        caution(role))));
        return steps;
    }

    /** Time still to go when some steps are done. */
    public static int minutesLeft(List<Step> steps, java.util.Set<String> done) {
        return steps.stream().filter(s -> !done.contains(s.key())).mapToInt(Step::minutes).sum();
    }

    /** Minutes to fit one part once it is cut, for somebody with a drill. */
    private static int minutesEach(Role role) {
        return switch (role) {
            case LEG, SKID, RAFTER, SKIN, DECK, ROOF_SHEET, NEST_PANEL -> 12;
            case DOOR_LEAF, NEST_LID, POP_DOOR, APRON, SKIRT, RUN_MESH -> 20;
            case STUD,
                    RIM,
                    JOIST,
                    PLATE,
                    SILL,
                    HEADER,
                    PURLIN,
                    ROOST_BAR,
                    ROOST_LEDGER,
                    ROOST_POST ->
                    7;
            default -> 5;
        };
    }

    /** Walls are tipped up, roofing is passed up: neither is work for one pair of hands. */
    private static boolean awkward(Role role) {
        return role == Role.STUD || role == Role.RAFTER || role == Role.ROOF_SHEET;
    }

    private static double kilograms(Part part) {
        return switch (part) {
            case Part.StickPart s -> s.solid().cubicMetres() * WOOD;
            case Part.PanelPart p -> p.solid().cubicMetres() * SHEET;
            case Part.RoofPart _, Part.MeshPart _ -> 0;
        };
    }

    private static Optional<Sum> check(Role role, Coop coop) {
        Length width = coop.measures().width();
        Length depth = coop.measures().depth();
        return switch (role) {
            case JOIST, RIM -> Optional.of(Sum.of("build.check.square", diagonal(width, depth)));
            case LEG, SKID -> Optional.of(Sum.of("build.check.level"));
            case STUD -> Optional.of(Sum.of("build.check.plumb"));
            case RAFTER -> Optional.of(Sum.of("build.check.rafter", coop.measures().pitch()));
            case DOOR_FRAME, DOOR_LEAF, NEST_LID, GATE_FRAME ->
                    Optional.of(Sum.of("build.check.swing"));
            case VENT_MESH, RUN_MESH, SKIRT, APRON -> Optional.of(Sum.of("build.check.mesh"));
            default -> Optional.empty();
        };
    }

    private static Length diagonal(Length width, Length depth) {
        return new Length(Math.round(Math.hypot(width.nm(), depth.nm())));
    }

    private static Optional<String> caution(Role role) {
        return switch (role) {
            case ROOF_SHEET -> Optional.of("build.caution.roof");
            case STUD -> Optional.of("build.caution.raise");
            case LEG -> Optional.of("build.caution.prop");
            case VENT_MESH -> Optional.of("build.caution.mesh");
            default -> Optional.empty();
        };
    }
}
