package reliqua.core.stock;

import reliqua.core.measure.Length;
import reliqua.core.measure.Words;

/**
 * A concrete block, brick or paver, for footings and to weigh down an apron.
 *
 * @param height smallest side
 * @param width middle side
 * @param length largest side
 */
public record Block(Length height, Length width, Length length) implements Material {
    /** Refuses sides that are not above zero or not in order. */
    public Block {
        if (!height.isPositive() || height.compareTo(width) > 0 || width.compareTo(length) > 0) {
            throw new IllegalArgumentException(Words.say("stock.block", height, width, length));
        }
    }

    /** A block from its three sides in any order. */
    public static Block of(Length a, Length b, Length c) {
        var sides = java.util.stream.Stream.of(a, b, c).sorted().toList();
        return new Block(sides.get(0), sides.get(1), sides.get(2));
    }
}
