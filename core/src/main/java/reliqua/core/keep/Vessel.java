package reliqua.core.keep;

import java.util.Locale;
import reliqua.core.measure.Temperature;
import reliqua.core.measure.Volume;
import reliqua.core.measure.Words;

/**
 * Something birds eat or drink from, or a store behind it.
 *
 * @param kind what it is
 * @param volume it holds
 * @param places nipples or ports; zero where birds stand round the edge
 */
public record Vessel(Kind kind, Volume volume, int places) {
    private static final double LARGEST = 5000;

    /** What birds eat and drink from. Each freezes at about the temperature given, in one night. */
    public enum Kind {
        /** Open water. */
        BUCKET(Use.WATER, -4, 0),
        /** A tank over a round lip. */
        DRINKER(Use.WATER, -3, 0),
        /** A closed tank with nipples: the drop in the nipple freezes first. */
        NIPPLES(Use.WATER, -2, 4),
        /** Wide enough to dip a head in. */
        TUB(Use.WATER, -5, 0),
        /** Behind the others; birds do not drink from it. */
        BARREL(Use.WATER_STORE, -10, 0),
        /** Round, hung or standing. */
        FEEDER(Use.FEED, 0, 0),
        /** A pipe with ports. */
        TUBE(Use.FEED, 0, 3),
        /** Long and open. */
        TROUGH(Use.FEED, 0, 0),
        /** Closed, out of the reach of birds and rats. */
        BIN(Use.FEED_STORE, 0, 0);

        private final Use use;
        private final int freezes;
        private final int birdsToPlace;

        Kind(Use use, int freezes, int birdsToPlace) {
            this.use = use;
            this.freezes = freezes;
            this.birdsToPlace = birdsToPlace;
        }

        public Use use() {
            return use;
        }

        /** A night this cold freezes it. */
        public Temperature freezes() {
            return new Temperature(freezes);
        }

        /** Name in files and in the keys of words. */
        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** What it is for. */
    public enum Use {
        WATER,
        WATER_STORE,
        FEED,
        FEED_STORE;

        /** Whether feed or the water. */
        public boolean isFeed() {
            return this == FEED || this == FEED_STORE;
        }
    }

    /** Edge for one bird at a round or long vessel, in millimetres. */
    private static final double EDGE = 100;

    /** Refuses what holds nothing or more than a tank on wheels. */
    public Vessel {
        if (volume.litres() <= 0 || volume.litres() > LARGEST || places < 0 || places > 100) {
            throw new IllegalArgumentException(Words.say("vessel.size"));
        }
    }

    /** One of a kind, with two nipples or ports where it has such. */
    public static Vessel of(Kind kind, double litres) {
        return new Vessel(kind, new Volume(litres), kind.birdsToPlace > 0 ? 2 : 0);
    }

    /**
     * Birds it serves at a time: four to a nipple, three to a port, 100 mm of edge each. The edge
     * of a round one is that of a can a fifth higher than wide; of a trough, that of one 120 mm
     * wide and high, used from both sides.
     */
    public int birds() {
        if (kind.use == Use.WATER_STORE || kind.use == Use.FEED_STORE) {
            return 0;
        }
        if (kind.birdsToPlace > 0) {
            return kind.birdsToPlace * places;
        }
        double edge =
                kind == Kind.TROUGH
                        ? 2 * volume.litres() * 1e6 / (120 * 120)
                        : Math.PI * Math.cbrt(volume.litres() * 1e6 / (Math.PI / 4 * 1.2));
        return (int) (edge / EDGE);
    }
}
