package reliqua.core.cutting;

import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;
import reliqua.core.measure.Words;
import reliqua.core.stock.Latitude;
import reliqua.core.stock.SheetOutline;
import reliqua.core.stock.Span;

/**
 * What lies in the yard, what the shop sells and which parts are wanted: the cut-job format,
 * version 4. Version 3 is the same without bevels of pieces; version 2 is also without latitude of
 * pieces, poles and the price of an hour; version 1 is also without {@code workables} and sources
 * of pieces.
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
        List<Piece> pieces,
        List<Panel> panels,
        Money hour) {

    /**
     * Refuses a negative kerf or hour and ids that occur twice among the sources or among the
     * parts.
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
            List<Piece> pieces,
            List<Panel> panels) {
        this(kerf, sticks, List.of(), sheets, shop, pieces, panels, Money.ZERO);
    }

    /** A job in which money comes first and work second. */
    public CutJob(
            Length kerf,
            List<OwnStick> sticks,
            List<Workable> workables,
            List<OwnSheet> sheets,
            List<ShopItem> shop,
            List<Piece> pieces,
            List<Panel> panels) {
        this(kerf, sticks, workables, sheets, shop, pieces, panels, Money.ZERO);
    }

    /** What so many minutes of work beforehand count. */
    public Money charge(int minutes) {
        return Workshop.charge(hour, minutes);
    }

    private static void unique(Set<String> seen, String id) {
        if (id.isEmpty() || !seen.add(id)) {
            throw new IllegalArgumentException(Words.say("cutting.twice", id));
        }
    }

    private static void positive(String id, Length... sizes) {
        for (Length size : sizes) {
            if (!size.isPositive()) {
                throw new IllegalArgumentException(Words.say("cutting.notPositive", id, size));
            }
        }
    }

    private static void inside(String id, boolean holds) {
        if (!holds) {
            throw new IllegalArgumentException(Words.say("cutting.outline", id));
        }
    }

    private static void counted(String id, int quantity) {
        if (quantity < 1) {
            throw new IllegalArgumentException(Words.say("cutting.quantity", id, quantity));
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
            positive("flaw", width, length);
        }
    }

    /**
     * Own sticks of one description; {@code bow} is the gap under a string over the whole length.
     *
     * @param tip of a pole: its diameter at the other end, tapering evenly from {@code thickness}
     *     at the marked end, which is the thicker one
     * @param looks how poor it looks, zero or more: zero is fair
     */
    public record OwnStick(
            String id,
            Length thickness,
            Length width,
            Length length,
            int quantity,
            List<Stretch> flaws,
            Length bow,
            Optional<Length> tip,
            int looks) {
        /**
         * Refuses sizes not above zero, a quantity below one, a negative bow, and a pole that is
         * not round or thicker at its tip.
         */
        public OwnStick {
            positive(id, thickness, width, length);
            counted(id, quantity);
            if (tip.isPresent()
                    && !(thickness.equals(width)
                            && tip.get().isPositive()
                            && tip.get().atMost(thickness))) {
                throw new IllegalArgumentException(Words.say("cutting.tip", id));
            }
            if (looks < 0) {
                throw new IllegalArgumentException(Words.say("cutting.looks", id, looks));
            }
            if (bow.nm() < 0) {
                throw new IllegalArgumentException(Words.say("stock.bow.negative", bow));
            }
            flaws = List.copyOf(flaws);
        }

        /** Of fair looks. */
        public OwnStick(
                String id,
                Length thickness,
                Length width,
                Length length,
                int quantity,
                List<Stretch> flaws,
                Length bow,
                Optional<Length> tip) {
            this(id, thickness, width, length, quantity, flaws, bow, tip, 0);
        }

        /** A sawn stick. */
        public OwnStick(
                String id,
                Length thickness,
                Length width,
                Length length,
                int quantity,
                List<Stretch> flaws,
                Length bow) {
            this(id, thickness, width, length, quantity, flaws, bow, Optional.empty());
        }

        /** The stretches between flaws, in order; none is empty. */
        public List<Span> clearSpans() {
            return Span.clear(flaws.stream().map(f -> new Span(f.from(), f.to())).toList(), length);
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
            counted(id, quantity);
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
     * Own sheets of one description.
     *
     * @param outline its edge, where it is no rectangle
     */
    public record OwnSheet(
            String id,
            Length thickness,
            Length width,
            Length length,
            int quantity,
            List<Box> flaws,
            Optional<SheetOutline> outline) {
        /** Refuses sizes not above zero, a quantity below one and an edge beyond its size. */
        public OwnSheet {
            positive(id, thickness, width, length);
            counted(id, quantity);
            flaws = List.copyOf(flaws);
            inside(id, outline.isEmpty() || outline.get().within(width, length));
        }

        /** A rectangle. */
        public OwnSheet(
                String id,
                Length thickness,
                Length width,
                Length length,
                int quantity,
                List<Box> flaws) {
            this(id, thickness, width, length, quantity, flaws, Optional.empty());
        }
    }

    /** Something the shop sells, sound and straight, in any number. */
    public record ShopItem(
            String id, boolean sheet, Length thickness, Length width, Length length, Money price) {
        /** Refuses sizes not above zero and a negative price. */
        public ShopItem {
            positive(id, thickness, width, length);
            if (price.micros() < 0) {
                throw new IllegalArgumentException(Words.say("cutting.price", id));
            }
        }
    }

    /**
     * A wanted stick part; without {@code maxBow} any bow will do.
     *
     * @param only sources it must come from; any, where the set is empty
     * @param never sources it must not come from
     * @param latitude which larger sections and which poles serve as well
     * @param bevel how its ends slant, where pieces may lie nested; its length is from long point
     *     to long point
     * @param seen whether it is in sight when all stands, so that it should look well
     * @param covered how much of its near end may be flawed, because it lies under another piece
     */
    public record Piece(
            String id,
            Length thickness,
            Length width,
            Length length,
            int quantity,
            Optional<Length> maxBow,
            Set<String> only,
            Set<String> never,
            Latitude latitude,
            Optional<Bevel> bevel,
            boolean seen,
            Length covered) {
        /**
         * Refuses sizes not above zero, a quantity below one, and a bevel or a covered end longer
         * than the piece.
         */
        public Piece {
            positive(id, thickness, width, length);
            counted(id, quantity);
            if (covered.nm() < 0 || covered.compareTo(length) >= 0) {
                throw new IllegalArgumentException(Words.say("cutting.covered", id, covered));
            }
            bevel.filter(b -> !b.run().atMost(length))
                    .ifPresent(
                            b -> {
                                throw new IllegalArgumentException(
                                        Words.say("cutting.bevelLong", id, b.run()));
                            });
            only = Collections.unmodifiableSet(new TreeSet<>(only));
            never = Collections.unmodifiableSet(new TreeSet<>(never));
        }

        /** From anywhere. */
        public Piece(
                String id,
                Length thickness,
                Length width,
                Length length,
                int quantity,
                Optional<Length> maxBow) {
            this(id, thickness, width, length, quantity, maxBow, Set.of(), Set.of(), Latitude.NONE);
        }

        /** With square ends. */
        public Piece(
                String id,
                Length thickness,
                Length width,
                Length length,
                int quantity,
                Optional<Length> maxBow,
                Set<String> only,
                Set<String> never,
                Latitude latitude) {
            this(
                    id,
                    thickness,
                    width,
                    length,
                    quantity,
                    maxBow,
                    only,
                    never,
                    latitude,
                    Optional.empty(),
                    false,
                    Length.ZERO);
        }

        /** Whether it may come from there. */
        public boolean from(String source) {
            return (only.isEmpty() || only.contains(source)) && !never.contains(source);
        }
    }

    /**
     * A wanted panel; {@code turn} tells whether it may be rotated by 90 degrees. By a half turn it
     * may be rotated always.
     *
     * @param width of its least rectangle
     * @param length of that rectangle
     * @param outline its shape, where it is no rectangle
     */
    public record Panel(
            String id,
            Length thickness,
            Length width,
            Length length,
            int quantity,
            boolean turn,
            Optional<PanelOutline> outline) {
        /** Refuses sizes not above zero, a quantity below one and a shape beyond its size. */
        public Panel {
            positive(id, thickness, width, length);
            counted(id, quantity);
            inside(id, outline.isEmpty() || outline.get().within(width, length));
        }

        /** A rectangle. */
        public Panel(
                String id,
                Length thickness,
                Length width,
                Length length,
                int quantity,
                boolean turn) {
            this(id, thickness, width, length, quantity, turn, Optional.empty());
        }
    }
}
