package reliqua.core.cutting;

import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;
import reliqua.core.measure.Words;

/**
 * What lies in the yard, what the shop sells and which parts are wanted: the cut-job format,
 * version 4. Version 3 is the same without bevels, covered ends and looks of sticks, without
 * outlines and grain of sheets; version 2 is also without latitude of pieces, poles and the price
 * of an hour; version 1 is also without {@code workables} and sources of pieces.
 *
 * @param kerf material lost by one saw cut, zero or more
 * @param sticks own linear material
 * @param workables own things that can be made into sticks in one of several ways: pallets to be
 *     broken down, boards to be ripped
 * @param sheets own flat material
 * @param shop what can be bought in any number
 * @param pieces wanted parts cut from sticks
 * @param panels wanted parts cut from sheets
 * @param hour what an hour of work beforehand counts, zero or more; where it is zero, money comes
 *     first and work second
 */
public record CutJob(
        Length kerf,
        List<OwnStick> sticks,
        List<Workable> workables,
        List<OwnSheet> sheets,
        List<ShopItem> shop,
        List<WantedPiece> pieces,
        List<WantedPanel> panels,
        Money hour) {

    /**
     * Refuses a negative kerf or hour, ids that occur twice among the sources or among the parts,
     * and more than 100,000 sticks, sheets, pieces or panels in all.
     */
    public CutJob {
        sticks = List.copyOf(sticks);
        workables = List.copyOf(workables);
        sheets = List.copyOf(sheets);
        shop = List.copyOf(shop);
        pieces = List.copyOf(pieces);
        panels = List.copyOf(panels);
        if (kerf.nm() < 0) {
            throw new IllegalArgumentException(Words.say("cutting.kerf", kerf));
        }
        if (hour.micros() < 0) {
            throw new IllegalArgumentException(Words.say("cutting.hour", hour));
        }
        few("sticks", sticks.stream().mapToLong(OwnStick::quantity).sum());
        few("sheets", sheets.stream().mapToLong(OwnSheet::quantity).sum());
        few("pieces", pieces.stream().mapToLong(WantedPiece::quantity).sum());
        few("panels", panels.stream().mapToLong(WantedPanel::quantity).sum());
        Set<String> sources = new HashSet<>();
        sticks.forEach(s -> unique(sources, s.id()));
        workables.forEach(w -> unique(sources, w.id()));
        sheets.forEach(s -> unique(sources, s.id()));
        shop.forEach(s -> unique(sources, s.id()));
        Set<String> parts = new HashSet<>();
        pieces.forEach(p -> unique(parts, p.id()));
        panels.forEach(p -> unique(parts, p.id()));
    }

    /** A job in which nothing has to be worked into sticks first. */
    public CutJob(
            Length kerf,
            List<OwnStick> sticks,
            List<OwnSheet> sheets,
            List<ShopItem> shop,
            List<WantedPiece> pieces,
            List<WantedPanel> panels) {
        this(kerf, sticks, List.of(), sheets, shop, pieces, panels, Money.ZERO);
    }

    /** A job in which money comes first and work second. */
    public CutJob(
            Length kerf,
            List<OwnStick> sticks,
            List<Workable> workables,
            List<OwnSheet> sheets,
            List<ShopItem> shop,
            List<WantedPiece> pieces,
            List<WantedPanel> panels) {
        this(kerf, sticks, workables, sheets, shop, pieces, panels, Money.ZERO);
    }

    /** What so many minutes of work beforehand count. */
    public Money charge(int minutes) {
        return Workshop.charge(hour, minutes);
    }

    private static void few(String list, long number) {
        if (number > Sizes.MOST) {
            throw new IllegalArgumentException(Words.say("cutting.many", list, number, Sizes.MOST));
        }
    }

    private static void unique(Set<String> seen, String id) {
        if (id.isEmpty() || !seen.add(id)) {
            throw new IllegalArgumentException(Words.say("cutting.twice", id));
        }
    }

    /** A stretch of a stick to avoid, {@code from} before {@code to}. */
    public record Stretch(Length from, Length to) {
        /** Refuses a stretch without extent. */
        public Stretch {
            if (from.compareTo(to) >= 0) {
                throw new IllegalArgumentException(Words.say("stock.flaw.order", from, to));
            }
        }
    }

    /** A rectangle of a sheet to avoid; x along the width, y along the length. */
    public record Box(Length x, Length y, Length width, Length length) {
        /** Refuses a box without extent. */
        public Box {
            Sizes.positive("flaw", width, length);
        }
    }

    /**
     * Own things of one description, each of which is made into sticks in one way, or left alone.
     *
     * @param ways what can be made of one; ids are unique, the least work is preferred at the same
     *     price
     */
    public record Workable(String id, int quantity, List<Way> ways) {
        /** Refuses a quantity below one, no way at all, and a way named twice. */
        public Workable {
            Sizes.counted(id, quantity);
            ways = List.copyOf(ways);
            if (ways.isEmpty()) {
                throw new IllegalArgumentException(Words.say("cutting.noWay", id));
            }
            Set<String> names = new HashSet<>();
            ways.forEach(w -> unique(names, w.id()));
        }

        /** The way of this name. */
        public Optional<Way> way(String name) {
            return ways.stream().filter(w -> w.id().equals(name)).findFirst();
        }
    }

    /**
     * One way to make sticks of a thing.
     *
     * @param minutes of work before the first cut across, zero or more
     * @param gives the sticks that come out, one entry each description with how many of it; their
     *     ids are names within the way
     */
    public record Way(String id, int minutes, List<OwnStick> gives) {
        /** Refuses work below zero and a way that gives nothing. */
        public Way {
            if (minutes < 0 || gives.isEmpty()) {
                throw new IllegalArgumentException(Words.say("cutting.way", id));
            }
            gives = List.copyOf(gives);
        }

        /** The sticks one by one: equal ones as often as they come. */
        public List<OwnStick> each() {
            return gives.stream()
                    .flatMap(s -> Collections.nCopies(s.quantity(), s).stream())
                    .toList();
        }
    }

    /**
     * Something the shop sells, sound and straight, in any number.
     *
     * @param grain whether it is a sheet with a grain, which runs along its length
     */
    public record ShopItem(
            String id,
            boolean sheet,
            Length thickness,
            Length width,
            Length length,
            Money price,
            boolean grain) {
        /** A stick, or a sheet without grain. */
        public ShopItem(
                String id,
                boolean sheet,
                Length thickness,
                Length width,
                Length length,
                Money price) {
            this(id, sheet, thickness, width, length, price, false);
        }

        /** Refuses sizes not above zero and a negative price. */
        public ShopItem {
            Sizes.positive(id, thickness, width, length);
            if (price.micros() < 0) {
                throw new IllegalArgumentException(Words.say("cutting.price", id));
            }
        }
    }
}
