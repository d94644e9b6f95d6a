package reliqua.core.stock;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import reliqua.core.measure.Length;

/** The length of a thing of any kind, and the same thing with another. */
public final class Remeasured {
    private Remeasured() {}

    /** The length it is asked for by; of a find the largest size, of a screw its length. */
    public static Length length(Material material) {
        return switch (material) {
            case Stick s -> s.length();
            case Sheet s -> s.length();
            case Roofing r -> r.length();
            case Mesh m -> m.length();
            case Pole p -> p.length();
            case Pallet p -> p.length();
            case FoundPart f -> f.longest();
            case Block b -> b.length();
            case Hardware h -> h.size().orElse(Length.ZERO);
        };
    }

    /** The same thing of another length; refused as the thing itself refuses it. */
    public static Material withLength(Material material, Length length) {
        return switch (material) {
            case Stick s -> s.withLength(length);
            case Sheet s -> s.withLength(length);
            case Roofing r -> r.withLength(length);
            case Mesh m -> new Mesh(m.kind(), m.aperture(), m.width(), length);
            case Pole p -> new Pole(p.butt(), p.tip(), length, p.treatment());
            case Pallet p ->
                    new Pallet(
                            p.kind(),
                            length,
                            p.width(),
                            p.deck(),
                            p.bearers(),
                            p.stamp(),
                            p.broken(),
                            p.breaking());
            case FoundPart f -> longest(f, length);
            case Block b -> Block.of(b.height(), b.width(), length);
            case Hardware h -> new Hardware(h.kind(), Optional.of(length));
        };
    }

    private static FoundPart longest(FoundPart part, Length length) {
        List<Length> sizes = new ArrayList<>(part.sizes());
        if (sizes.isEmpty()) {
            sizes.add(length);
        } else {
            sizes.set(sizes.indexOf(part.longest()), length);
        }
        return new FoundPart(part.kind(), sizes);
    }
}
