package reliqua.core.coop.madeup;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import reliqua.core.coop.Axis;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Corner;
import reliqua.core.coop.Part;
import reliqua.core.coop.Role;
import reliqua.core.measure.Length;

/**
 * A panel seen square on: across runs along the wall or the front of the floor, up runs up the wall
 * or to the back of the floor; and the framing it lies on.
 *
 * @param panel a panel without holes
 * @param across the axis across
 * @param up the axis up
 * @param framing parts behind it
 */
record Flat(Part.PanelPart panel, Axis across, Axis up, List<Part> framing) {
    private static final Set<Role> CARRY =
            Set.of(Role.STUD, Role.JOIST, Role.RIM, Role.LEG, Role.PLATE);

    private static final Length TOUCHING = Length.mm(1);

    /** Of a panel of wall or floor that has no hole and of which nothing is cut. */
    static Optional<Flat> of(Part part, Coop coop) {
        if (!(part instanceof Part.PanelPart panel)
                || panel.role() != Role.SKIN && panel.role() != Role.DECK
                || !panel.solid().holes().isEmpty()
                || panel.cutFrom().isPresent()) {
            return Optional.empty();
        }
        Bounds b = panel.solid().bounds();
        Axis across = b.width().equals(panel.thickness()) ? Axis.Y : Axis.X;
        Axis up = b.height().equals(panel.thickness()) ? Axis.Y : Axis.Z;
        if (across == up) {
            return Optional.empty();
        }
        List<Part> framing =
                coop.parts().stream()
                        .filter(p -> p.solid().bounds().near(b, TOUCHING))
                        .filter(Flat::carries)
                        .toList();
        return Optional.of(new Flat(panel, across, up, framing));
    }

    private static boolean carries(Part part) {
        return switch (part) {
            case Part.StickPart stick -> CARRY.contains(stick.role());
            case Part.WholePart whole -> !whole.ribs().isEmpty();
            case Part.PanelPart _, Part.RoofPart _, Part.MeshPart _ -> false;
        };
    }

    static Length low(Bounds b, Axis axis) {
        return switch (axis) {
            case X -> b.x0();
            case Y -> b.y0();
            case Z -> b.z0();
        };
    }

    static Length high(Bounds b, Axis axis) {
        return switch (axis) {
            case X -> b.x1();
            case Y -> b.y1();
            case Z -> b.z1();
        };
    }

    Length left() {
        return low(panel.solid().bounds(), across);
    }

    Length right() {
        return high(panel.solid().bounds(), across);
    }

    Length bottom() {
        return low(panel.solid().bounds(), up);
    }

    Length top() {
        return high(panel.solid().bounds(), up);
    }

    /** Uprights behind it, or joists below it, from left to right. */
    List<Bounds> ribs() {
        Role rib = panel.role() == Role.DECK ? Role.JOIST : Role.STUD;
        return framing.stream()
                .flatMap(p -> ribs(p, rib))
                .sorted(Comparator.comparing(b -> low(b, across)))
                .toList();
    }

    private static Stream<Bounds> ribs(Part part, Role rib) {
        if (part instanceof Part.WholePart whole) {
            return whole.ribs().stream();
        }
        return part.role() == rib ? Stream.of(part.solid().bounds()) : Stream.empty();
    }

    /** Gaps between neighbouring ribs, as pairs of bounds. */
    List<List<Bounds>> bays() {
        List<List<Bounds>> bays = new ArrayList<>();
        List<Bounds> ribs = ribs();
        for (int i = 0; i + 1 < ribs.size(); i++) {
            if (low(ribs.get(i + 1), across).compareTo(high(ribs.get(i), across)) > 0) {
                bays.add(List.of(ribs.get(i), ribs.get(i + 1)));
            }
        }
        return bays;
    }

    /** How high the panel is at a place across: less on the low side of a sloped one. */
    Length heightAt(Length place) {
        Length whole = right().minus(left());
        boolean fallsRight = panel.lowSide().isPresent() && fallsRight();
        double share = place.minus(left()).ratio(whole);
        Length low = panel.lowSide().orElse(panel.height());
        Length fall = panel.height().minus(low);
        return panel.height().minus(fall.scaled(fallsRight ? share : 1 - share));
    }

    private boolean fallsRight() {
        return topAt(right()).compareTo(topAt(left())) < 0;
    }

    private Length topAt(Length edge) {
        return panel.solid().outline().stream()
                .filter(c -> c.u().equals(edge))
                .map(Corner::v)
                .reduce(Length.ZERO, Length::max);
    }
}
