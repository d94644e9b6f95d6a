package reliqua.core.stock;

import reliqua.core.measure.Length;

/**
 * What sizes a thing of its kind can have; a line that says others was misread or mistyped, and is
 * asked back rather than taken.
 */
final class YardSense {
    private static final Length LONGEST = Length.mm(12_500);
    private static final Length SHORTEST = Length.mm(20);
    private static final Length THICKEST_STICK = Length.mm(400);
    private static final Length WIDEST_STICK = Length.mm(650);
    private static final Length THICKEST_SHEET = Length.mm(80);
    private static final Length WIDEST_SHEET = Length.mm(4000);
    private static final Length WIDEST_PALLET = Length.mm(3000);
    private static final Length LARGEST_FIND = Length.mm(12_000);
    private static final Length LONGEST_WALL = Length.mm(60_000);
    private static final Length LARGEST_WHEEL = Length.mm(1500);
    private static final Length LARGEST_TUB = Length.mm(2500);
    private static final Length LARGEST_DOOR = Length.mm(4000);

    /** No find is smaller in every direction. */
    static final Length SMALLEST_FIND = Length.mm(60);

    private static final Length LONGEST_SCREW = Length.mm(600);
    private static final Length WIDEST_MESH = Length.mm(3000);
    private static final Length WIDEST_APERTURE = Length.mm(200);

    private YardSense() {}

    /**
     * Refuses what nothing of its kind measures.
     *
     * @throws IllegalArgumentException with the sizes as they were read
     */
    static void require(Material material) {
        boolean sensible =
                switch (material) {
                    case Stick s ->
                            s.section().thickness().atMost(THICKEST_STICK)
                                    && s.section().width().atMost(WIDEST_STICK)
                                    && within(s.length(), LONGEST);
                    case Sheet s ->
                            s.thickness().atMost(THICKEST_SHEET)
                                    && within(s.width(), WIDEST_SHEET)
                                    && within(s.length(), LONGEST);
                    case Roofing r ->
                            within(r.fullWidth(), WIDEST_SHEET) && within(r.length(), LONGEST);
                    case Mesh m ->
                            m.aperture().atMost(WIDEST_APERTURE) && m.width().atMost(WIDEST_MESH);
                    case Pole p -> p.butt().atMost(WIDEST_STICK) && within(p.length(), LONGEST);
                    case Pallet p ->
                            within(p.length(), WIDEST_PALLET) && within(p.width(), WIDEST_PALLET);
                    case FoundPart f -> isSensible(f);
                    case Block b -> b.length().atMost(WIDEST_PALLET);
                    case Hardware h -> h.size().stream().allMatch(s -> s.atMost(LONGEST_SCREW));
                };
        if (!sensible) {
            throw YardScan.unclear("say.absurd");
        }
    }

    private static boolean isSensible(FoundPart found) {
        return found.sizes().stream().allMatch(s -> s.atMost(largest(found.kind())))
                && (found.sizes().isEmpty()
                        || found.sizes().stream().anyMatch(s -> s.atLeast(SMALLEST_FIND)));
    }

    /** No find of a kind measures more, whichever way. */
    static Length largest(FoundPart.Kind kind) {
        return switch (kind) {
            case WHEEL -> LARGEST_WHEEL;
            case CRATE, TUB, BUCKET, DRAWER, COOLER -> LARGEST_TUB;
            case WINDOW, DOOR, CABINET_DOOR -> LARGEST_DOOR;
            case PANEL, HOOP, PIPE, AXLE, TARP, FLOORING, PLATFORM, NEST_BOX -> LARGEST_FIND;
            case STANDING_WALL -> LONGEST_WALL;
        };
    }

    private static boolean within(Length length, Length most) {
        return length.atLeast(SHORTEST) && length.atMost(most);
    }
}
