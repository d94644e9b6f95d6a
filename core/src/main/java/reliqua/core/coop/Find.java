package reliqua.core.coop;

import java.util.List;
import java.util.stream.IntStream;
import reliqua.core.measure.Length;
import reliqua.core.stock.Block;
import reliqua.core.stock.FoundPart;
import reliqua.core.stock.Material;
import reliqua.core.stock.Pallet;

/** What serves for a part that is used whole, as it lies in the heap. */
public sealed interface Find {
    /** Whether a thing serves. */
    boolean takes(Material material);

    /**
     * The better of two things that serve has the lower figure: the closer in size, the sounder.
     */
    double spoilt(Material material);

    /**
     * A pallet of this size.
     *
     * @param length of its stringers
     * @param width along its deck boards
     */
    record OfPallet(Length length, Length width) implements Find {
        /** Pallets of one maker differ by as much. */
        private static final Length TOLERANCE = Length.mm(6);

        /** With more boards gone it is worth more as boards than as a wall. */
        private static final double SOUND = 0.25;

        @Override
        public boolean takes(Material material) {
            return material instanceof Pallet p
                    && p.stamp().usable()
                    && near(p.length(), length)
                    && near(p.width(), width)
                    && p.broken() <= p.deck().count() * SOUND;
        }

        /** Kept whole by the keeper first, then with the fewest boards broken. */
        @Override
        public double spoilt(Material material) {
            Pallet pallet = (Pallet) material;
            return pallet.broken() + (pallet.breaking() == Pallet.Breaking.WHOLE ? 0 : 0.5);
        }

        private static boolean near(Length has, Length asked) {
            return has.minus(asked).abs().atMost(TOLERANCE);
        }
    }

    /** A block or paver of this height to stand on. */
    record OfBlock(Length height) implements Find {
        @Override
        public boolean takes(Material material) {
            return material instanceof Block b && b.height().equals(height);
        }

        @Override
        public double spoilt(Material material) {
            Block block = (Block) material;
            return -block.width().toMetres() * block.length().toMetres();
        }
    }

    /**
     * A slab of these sides, to lie on.
     *
     * @param width smaller side of its face
     * @param length larger side of it
     */
    record OfSlab(Length width, Length length) implements Find {
        /** Joints take up as much. */
        private static final Length TOLERANCE = Length.mm(4);

        @Override
        public boolean takes(Material material) {
            return material instanceof Block b
                    && b.width().minus(width).abs().atMost(TOLERANCE)
                    && b.length().minus(length).abs().atMost(TOLERANCE);
        }

        /** The thinner ones are easier to lay. */
        @Override
        public double spoilt(Material material) {
            return ((Block) material).height().toMetres();
        }
    }

    /**
     * A hoop or a pipe of this length.
     *
     * @param arc length of it
     */
    record OfArch(Length arc) implements Find {
        private static final Length TOLERANCE = Length.mm(25);

        @Override
        public boolean takes(Material material) {
            return material instanceof FoundPart f
                    && f.kind().uses().contains(FoundPart.Use.ARCH)
                    && f.longest().minus(arc).abs().atMost(TOLERANCE);
        }

        @Override
        public double spoilt(Material material) {
            return ((FoundPart) material).longest().minus(arc).abs().toMm();
        }
    }

    /**
     * A tarpaulin at least so large, whichever way it lies.
     *
     * @param side one side
     * @param other the other
     */
    record OfCover(Length side, Length other) implements Find {
        @Override
        public boolean takes(Material material) {
            return material instanceof FoundPart f
                    && f.kind().uses().contains(FoundPart.Use.COVER)
                    && f.sizes().size() >= 2
                    && covers(f.sizes().getFirst(), f.sizes().get(1));
        }

        private boolean covers(Length a, Length b) {
            return a.max(b).atLeast(side.max(other)) && a.min(b).atLeast(side.min(other));
        }

        /** The smallest that is large enough. */
        @Override
        public double spoilt(Material material) {
            FoundPart cover = (FoundPart) material;
            return cover.sizes().getFirst().toMetres() * cover.sizes().get(1).toMetres();
        }
    }

    /**
     * An odd thing of this kind and size: a door, a window, a crate, a wheel.
     *
     * @param kind what it was
     * @param sizes as measured
     */
    record OfThing(FoundPart.Kind kind, List<Length> sizes) implements Find {
        /** An opening made for one door takes another that differs by less than its gap. */
        private static final Length TOLERANCE = Length.mm(3);

        /** Copies the list. */
        public OfThing {
            sizes = List.copyOf(sizes);
        }

        @Override
        public boolean takes(Material material) {
            return material instanceof FoundPart f
                    && f.kind() == kind
                    && f.sizes().size() == sizes.size()
                    && IntStream.range(0, sizes.size())
                            .allMatch(n -> near(f.sizes().get(n), sizes.get(n)));
        }

        private static boolean near(Length has, Length asked) {
            return has.minus(asked).abs().atMost(TOLERANCE);
        }

        @Override
        public double spoilt(Material material) {
            return 0;
        }
    }
}
