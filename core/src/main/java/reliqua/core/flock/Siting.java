package reliqua.core.flock;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import reliqua.core.measure.Bearing;
import reliqua.core.measure.Sum;

/**
 * Which way a coop should look on its ground, and what belongs on each of its walls.
 *
 * <p>Every direction is worth the sum of four agreements, each from -1 to 1: front to the winter
 * morning sun (weight 2: light and dry litter), back to the strong wind (1.5: rain stays off the
 * doors and the draught off the roosts), roof draining downhill (1, less on gentle ground), front
 * towards the way the keeper comes (0.5). The best of the sixteen points of the compass wins.
 *
 * @param best direction the front should look to
 * @param reasons what speaks for it
 * @param walls what each wall is for, as the coop faces now
 * @param faults what is wrong with the way it faces now
 */
public record Siting(
        Bearing best, List<Sum> reasons, Map<Wall, List<Duty>> walls, List<Sum> faults) {
    private static final double LIGHT = 2;
    private static final double SHELTER = 1.5;
    private static final double DRAIN = 1;
    private static final double ACCESS = 0.5;

    /** From this fall on, draining counts in full. */
    private static final double STEEP_PERCENT = 5;

    private static final int POINTS = 16;

    /** Beyond this many degrees off, something is as good as turned away. */
    private static final double OFF = 80;

    /** The four walls, as seen by somebody who looks out of the front. */
    public enum Wall {
        FRONT(0),
        RIGHT(90),
        BACK(180),
        LEFT(270);

        private final double turn;

        Wall(double turn) {
            this.turn = turn;
        }

        /** The direction this wall looks to. */
        public Bearing looks(Bearing facing) {
            return facing.turned(turn);
        }

        /** The wall in words. */
        public Sum sum() {
            return Sum.of("wall." + name());
        }
    }

    /** What a wall can be for. */
    public enum Duty {
        DOORS,
        GLAZING,
        NESTS,
        DRAIN,
        VENTS,
        RUN,
        BLIND;

        /** The duty in words. */
        public Sum sum() {
            return Sum.of("duty." + name());
        }
    }

    /** Copies the lists. */
    public Siting {
        reasons = List.copyOf(reasons);
        walls = Map.copyOf(walls);
        faults = List.copyOf(faults);
    }

    /** The siting of a coop on a site. */
    public static Siting of(Site site) {
        Bearing best = site.facing();
        double most = Double.NEGATIVE_INFINITY;
        for (int n = 0; n < POINTS; n++) {
            Bearing facing = new Bearing(n * 360.0 / POINTS);
            double worth = worth(site, facing);
            if (worth > most + 1e-9) {
                most = worth;
                best = facing;
            }
        }
        return new Siting(best, reasons(site), walls(site), faults(site));
    }

    /** How much speaks for a direction of the front. */
    static double worth(Site site, Bearing facing) {
        double drain = Math.min(1, site.slope() / STEEP_PERCENT);
        return LIGHT * facing.agreement(morningSun(site))
                + SHELTER * facing.opposite().agreement(site.windFrom())
                + DRAIN * drain * facing.opposite().agreement(site.downhill())
                + way(site).map(to -> ACCESS * facing.agreement(to)).orElse(0.0);
    }

    /** Where the sun stands on a winter morning: south-east, or north-east below the equator. */
    public static Bearing morningSun(Site site) {
        return new Bearing(site.southern() ? 45 : 135);
    }

    /** Where it never stands in winter. */
    static Bearing coldSide(Site site) {
        return new Bearing(site.southern() ? 180 : 0);
    }

    /** The way the keeper comes: from the house door, or through the gate. */
    static Optional<Bearing> way(Site site) {
        return site.find(SiteMark.Kind.HOUSE_DOOR)
                .or(() -> site.find(SiteMark.Kind.GATE))
                .map(site::towards);
    }

    private static List<Sum> reasons(Site site) {
        List<Sum> reasons = new ArrayList<>();
        reasons.add(Sum.of("siting.sun", morningSun(site)));
        reasons.add(Sum.of("siting.wind", site.windFrom()));
        if (site.slope() > 0) {
            reasons.add(Sum.of("siting.slope", site.downhill(), site.slope()));
        }
        way(site).ifPresent(to -> reasons.add(Sum.of("siting.way", to)));
        return reasons;
    }

    private static Map<Wall, List<Duty>> walls(Site site) {
        Map<Wall, List<Duty>> walls = new EnumMap<>(Wall.class);
        for (Wall wall : Wall.values()) {
            walls.put(wall, new ArrayList<>());
        }
        // The model's fixed sides: doors and high vents in front, the low eave behind.
        duties(walls, Wall.FRONT).add(Duty.DOORS);
        duties(walls, Wall.FRONT).add(Duty.VENTS);
        duties(walls, Wall.BACK).add(Duty.DRAIN);
        Wall sunny = nearest(site, morningSun(site), List.of(Wall.FRONT, Wall.LEFT, Wall.RIGHT));
        duties(walls, sunny).add(Duty.GLAZING);
        List<Wall> sides = List.of(Wall.LEFT, Wall.RIGHT);
        // Hens lay in a dim corner, and the keeper collects every day: the shadier side, unless the
        // other is clearly nearer to the way.
        Bearing sun = morningSun(site);
        Wall dim =
                sides.stream()
                        .min(
                                Comparator.comparing(
                                        (Wall w) ->
                                                w.looks(site.facing()).agreement(sun)
                                                        - way(site)
                                                                .map(
                                                                        w.looks(site.facing())
                                                                                ::agreement)
                                                                .orElse(0.0)))
                        .orElseThrow();
        duties(walls, dim).add(Duty.NESTS);
        Wall lee =
                nearest(
                        site,
                        site.windFrom().opposite(),
                        List.of(Wall.FRONT, Wall.LEFT, Wall.RIGHT));
        duties(walls, lee == dim ? Wall.FRONT : lee).add(Duty.RUN);
        Wall cold = nearest(site, coldSide(site), List.of(Wall.values()));
        duties(walls, cold).add(Duty.BLIND);
        return walls;
    }

    private static List<Duty> duties(Map<Wall, List<Duty>> walls, Wall wall) {
        return walls.computeIfAbsent(wall, _ -> new ArrayList<>());
    }

    private static Wall nearest(Site site, Bearing to, List<Wall> of) {
        return of.stream()
                .max(Comparator.comparing(w -> w.looks(site.facing()).agreement(to)))
                .orElseThrow();
    }

    private static List<Sum> faults(Site site) {
        List<Sum> faults = new ArrayList<>();
        Bearing front = site.facing();
        Bearing back = front.opposite();
        if (front.apart(morningSun(site)) > OFF) {
            faults.add(Sum.of("siting.fault.sun", front, morningSun(site)));
        }
        if (front.apart(site.windFrom()) < 180 - OFF - 40) {
            faults.add(Sum.of("siting.fault.wind", site.windFrom()));
        }
        if (site.slope() >= 3 && back.apart(site.downhill()) > 100) {
            faults.add(Sum.of("siting.fault.drain", back, site.downhill()));
        }
        return faults;
    }
}
