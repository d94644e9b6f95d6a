package reliqua.core.cutting;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;
import reliqua.core.measure.Words;

/**
 * What lies in the yard, what the shop sells and which parts are wanted: the cut-job format,
 * version 1.
 *
 * @param kerf material lost by one saw cut, zero or more
 * @param sticks own linear material
 * @param sheets own flat material
 * @param shop what can be bought in any number
 * @param pieces wanted parts cut from sticks
 * @param panels wanted parts cut from sheets
 */
public record CutJob(
        Length kerf,
        List<OwnStick> sticks,
        List<OwnSheet> sheets,
        List<ShopItem> shop,
        List<Piece> pieces,
        List<Panel> panels) {

    /** Refuses a negative kerf and ids that occur twice among the sources or among the parts. */
    public CutJob {
        sticks = List.copyOf(sticks);
        sheets = List.copyOf(sheets);
        shop = List.copyOf(shop);
        pieces = List.copyOf(pieces);
        panels = List.copyOf(panels);
        if (kerf.nm() < 0) {
            throw new IllegalArgumentException(Words.say("cutting.kerf", kerf));
        }
        Set<String> sources = new HashSet<>();
        sticks.forEach(s -> unique(sources, s.id()));
        sheets.forEach(s -> unique(sources, s.id()));
        shop.forEach(s -> unique(sources, s.id()));
        Set<String> parts = new HashSet<>();
        pieces.forEach(p -> unique(parts, p.id()));
        panels.forEach(p -> unique(parts, p.id()));
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
     */
    public record OwnStick(
            String id,
            Length thickness,
            Length width,
            Length length,
            int quantity,
            List<Stretch> flaws,
            Length bow) {
        /** Refuses sizes not above zero, a quantity below one and a negative bow. */
        public OwnStick {
            positive(id, thickness, width, length);
            counted(id, quantity);
            if (bow.nm() < 0) {
                throw new IllegalArgumentException(Words.say("stock.bow.negative", bow));
            }
            flaws = List.copyOf(flaws);
        }
    }

    /** Own sheets of one description. */
    public record OwnSheet(
            String id,
            Length thickness,
            Length width,
            Length length,
            int quantity,
            List<Box> flaws) {
        /** Refuses sizes not above zero and a quantity below one. */
        public OwnSheet {
            positive(id, thickness, width, length);
            counted(id, quantity);
            flaws = List.copyOf(flaws);
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

    /** A wanted stick part; without {@code maxBow} any bow will do. */
    public record Piece(
            String id,
            Length thickness,
            Length width,
            Length length,
            int quantity,
            Optional<Length> maxBow) {
        /** Refuses sizes not above zero and a quantity below one. */
        public Piece {
            positive(id, thickness, width, length);
            counted(id, quantity);
        }
    }

    /** A wanted rectangle; {@code turn} tells whether it may be rotated by 90 degrees. */
    public record Panel(
            String id, Length thickness, Length width, Length length, int quantity, boolean turn) {
        /** Refuses sizes not above zero and a quantity below one. */
        public Panel {
            positive(id, thickness, width, length);
            counted(id, quantity);
        }
    }
}
