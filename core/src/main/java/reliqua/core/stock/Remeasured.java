package reliqua.core.stock;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import reliqua.core.measure.Length;

/** The sizes of a thing of any kind by name, and the same thing with another size. */
public final class Remeasured {
    /** The sizes things have. */
    public enum Size {
        THICKNESS,
        WIDTH,
        HEIGHT,
        COVER,
        RIBS,
        APERTURE,
        BUTT,
        TIP,
        DEPTH,
        LENGTH
    }

    private Remeasured() {}

    /**
     * Every size a thing of this kind has, in the order they are named; zero where not measured.
     */
    public static Map<Size, Length> sizes(Material material) {
        Map<Size, Length> sizes = new EnumMap<>(Size.class);
        switch (material) {
            case Stick s -> {
                sizes.put(Size.THICKNESS, s.section().thickness());
                sizes.put(Size.WIDTH, s.section().width());
            }
            case Sheet s -> {
                sizes.put(Size.THICKNESS, s.thickness());
                sizes.put(Size.WIDTH, s.width());
            }
            case Roofing r -> {
                sizes.put(Size.WIDTH, r.fullWidth());
                sizes.put(Size.COVER, r.coverWidth());
                sizes.put(Size.RIBS, r.ribPitch().orElse(Length.ZERO));
            }
            case Mesh m -> {
                sizes.put(Size.APERTURE, m.aperture());
                sizes.put(Size.WIDTH, m.width());
            }
            case Pole p -> {
                sizes.put(Size.BUTT, p.butt());
                sizes.put(Size.TIP, p.tip());
            }
            case Pallet p -> sizes.put(Size.WIDTH, p.width());
            case Block b -> {
                sizes.put(Size.HEIGHT, b.height());
                sizes.put(Size.WIDTH, b.width());
            }
            case FoundPart f -> found(sizes, f);
            case Hardware _ -> {}
        }
        if (!(material instanceof FoundPart)) {
            sizes.put(Size.LENGTH, length(material));
        }
        return sizes;
    }

    private static void found(Map<Size, Length> sizes, FoundPart part) {
        List<Size> names = names(part);
        for (int n = 0; n < names.size(); n++) {
            sizes.put(names.get(n), n < part.sizes().size() ? part.sizes().get(n) : Length.ZERO);
        }
    }

    /** What stands upright is as high as other things are long. */
    private static List<Size> names(FoundPart part) {
        return switch (part.kind()) {
            case WINDOW, DOOR, CABINET_DOOR, PANEL, STANDING_WALL ->
                    List.of(Size.WIDTH, Size.HEIGHT, Size.DEPTH);
            case CRATE,
                    TUB,
                    BUCKET,
                    DRAWER,
                    COOLER,
                    HOOP,
                    PIPE,
                    WHEEL,
                    AXLE,
                    TARP,
                    FLOORING,
                    PLATFORM,
                    NEST_BOX ->
                    List.of(Size.WIDTH, Size.LENGTH, Size.DEPTH);
        };
    }

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

    /** The same thing with one size changed; refused as the thing itself refuses it. */
    public static Material with(Material material, Size size, Length length) {
        Map<Size, Length> now = sizes(material);
        now.replace(size, length);
        Length along = now.get(Size.LENGTH);
        return switch (material) {
            case Stick s ->
                    s.with(Section.of(now.get(Size.THICKNESS), now.get(Size.WIDTH)))
                            .withLength(along);
            case Sheet s -> sheet(s, now);
            case Roofing r ->
                    new Roofing(
                            along,
                            now.get(Size.WIDTH),
                            now.get(Size.COVER).min(now.get(Size.WIDTH)),
                            r.profile(),
                            Optional.of(now.get(Size.RIBS)).filter(Length::isPositive),
                            r.holes(),
                            r.flaws());
            case Mesh m -> new Mesh(m.kind(), now.get(Size.APERTURE), now.get(Size.WIDTH), along);
            case Pole p -> new Pole(now.get(Size.BUTT), now.get(Size.TIP), along, p.treatment());
            case Pallet p ->
                    new Pallet(
                            p.kind(),
                            along,
                            now.get(Size.WIDTH),
                            p.deck(),
                            p.bearers(),
                            p.stamp(),
                            p.broken(),
                            p.breaking());
            case FoundPart f -> new FoundPart(f.kind(), measured(f, now));
            case Block _ -> Block.of(now.get(Size.HEIGHT), now.get(Size.WIDTH), along);
            case Hardware h -> new Hardware(h.kind(), Optional.of(along));
        };
    }

    /** Another width or length makes it a rectangle again; another thickness leaves its edge. */
    private static Sheet sheet(Sheet s, Map<Size, Length> now) {
        boolean same =
                s.width().equals(now.get(Size.WIDTH)) && s.length().equals(now.get(Size.LENGTH));
        return new Sheet(
                s.kind(),
                now.get(Size.THICKNESS),
                now.get(Size.WIDTH),
                now.get(Size.LENGTH),
                s.grain(),
                same ? s.outline() : Optional.empty(),
                s.flaws());
    }

    private static List<Length> measured(FoundPart part, Map<Size, Length> now) {
        List<Length> sizes = new ArrayList<>();
        for (Size size : names(part)) {
            if (now.get(size).isPositive()) {
                sizes.add(now.get(size));
            }
        }
        return sizes;
    }
}
