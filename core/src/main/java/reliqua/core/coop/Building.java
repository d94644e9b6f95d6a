package reliqua.core.coop;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import reliqua.core.measure.Length;

/**
 * One of the houses of a coop, with all that is its own. What lies before them, below them or is
 * wrapped round them belongs to the first.
 *
 * @param number from 0
 * @param left edge of its frame
 * @param coop its parts, openings and zones where they stand; its measures are those of the whole,
 *     but for its width
 */
public record Building(int number, Length left, Coop coop) {
    static List<Building> of(Coop whole) {
        int count = count(whole);
        if (count == 1) {
            return List.of(new Building(0, Length.ZERO, whole));
        }
        List<Building> all = new ArrayList<>();
        for (int number = 0; number < count; number++) {
            all.add(only(whole, number));
        }
        return all;
    }

    static int count(Coop whole) {
        return 1 + whole.zones().stream().mapToInt(Zone::building).max().orElse(0);
    }

    private static Building only(Coop whole, int number) {
        List<Part> parts = whole.parts().stream().filter(p -> of(whole, p) == number).toList();
        Bounds floor =
                parts.stream()
                        .filter(p -> p.role().stage() == Stage.FLOOR)
                        .map(p -> p.solid().bounds())
                        .reduce(Bounds::with)
                        .orElseThrow();
        Coop coop =
                new Coop(
                        parts,
                        whole.openings().stream()
                                .filter(o -> nearest(whole, o.place()) == number)
                                .toList(),
                        whole.zones().stream().filter(z -> z.building() == number).toList(),
                        whole.measures().wide(floor.width()),
                        whole.terrain());
        return new Building(number, floor.x0(), coop);
    }

    /** The number of the house that a part belongs to. */
    private static int of(Coop whole, Part part) {
        boolean round =
                part.role().stage() == Stage.RUN
                        || part.role().stage() == Stage.MESH && !part.role().is(Duty.Trait.VENTS);
        return round ? 0 : nearest(whole, part.solid().bounds());
    }

    private static int nearest(Coop whole, Bounds place) {
        Length middle = place.x0().plus(place.x1()).half();
        return whole.zones().stream()
                .filter(z -> z.kind() == Zone.Kind.HOUSE)
                .min(Comparator.comparing(z -> beside(z.floor(), middle)))
                .map(Zone::building)
                .orElse(0);
    }

    /** How far to the side of a floor; nothing before it. */
    private static Length beside(Bounds floor, Length x) {
        return floor.x0().minus(x).max(x.minus(floor.x1())).max(Length.ZERO);
    }
}
