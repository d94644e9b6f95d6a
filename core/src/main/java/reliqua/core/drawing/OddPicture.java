package reliqua.core.drawing;

import java.util.List;
import reliqua.core.measure.Length;
import reliqua.core.stock.Block;
import reliqua.core.stock.FoundPart;
import reliqua.core.stock.Hardware;
import reliqua.core.stock.Pallet;
import reliqua.core.stock.Pole;

/** The odd things of the rack, to the same scale as the boards. */
final class OddPicture {
    private static final double UNKNOWN = 300;

    /** Of a floor, in millimetres. */
    private static final double BOARD = 140;

    private static final double LEAST = 60;

    private OddPicture() {}

    /** Seen from the side, butt to the left. */
    static Picture pole(Pole pole) {
        Picture.Sketch sketch = new Picture.Sketch();
        double length = pole.length().toMm();
        double butt = Math.max(pole.butt().toMm(), 30);
        double tip = Math.max(pole.tip().toMm(), 24);
        List<Picture.Point> outline =
                List.of(
                        new Picture.Point(0, -butt / 2),
                        new Picture.Point(length, -tip / 2),
                        new Picture.Point(length, tip / 2),
                        new Picture.Point(0, butt / 2));
        sketch.area(outline, List.of(), Ink.WOOD, Ink.WOOD_EDGE, "");
        sketch.ellipse(0, 0, butt / 5, butt / 2, Ink.SHEET, Ink.WOOD_EDGE, "");
        return sketch.picture();
    }

    /** Seen from above: deck boards over bearers; broken ones hatched. */
    static Picture pallet(Pallet pallet) {
        Picture.Sketch sketch = new Picture.Sketch();
        double length = pallet.length().toMm();
        double width = pallet.width().toMm();
        double bearer = pallet.bearers().section().thickness().toMm();
        int bearers = pallet.bearers().count();
        for (int n = 0; n < bearers; n++) {
            double y = bearers == 1 ? width / 2 : n * (width - bearer) / (bearers - 1);
            sketch.rectangle(0, y, length, y + bearer, Ink.SHEET_SIDE, Ink.WOOD_EDGE, "");
        }
        int upper = Math.ceilDiv(pallet.deck().count() * 7, 12);
        double board = Math.min(pallet.deck().section().width().toMm(), length / upper);
        for (int n = 0; n < upper; n++) {
            double x = upper == 1 ? 0 : n * (length - board) / (upper - 1);
            boolean broken = n < pallet.broken();
            sketch.rectangle(
                    x,
                    0,
                    x + board,
                    width,
                    broken ? Ink.FLAW : Ink.WOOD,
                    broken ? Ink.DANGER : Ink.WOOD_EDGE,
                    "");
        }
        return sketch.picture();
    }

    /** As wide and high as measured, by what it was. */
    static Picture found(FoundPart part) {
        Picture.Sketch sketch = new Picture.Sketch();
        double wide = part.sizes().isEmpty() ? UNKNOWN : part.sizes().getFirst().toMm();
        double high =
                part.sizes().size() < 2 ? Math.min(wide, UNKNOWN) : part.sizes().get(1).toMm();
        if (part.kind() == FoundPart.Kind.PIPE || part.kind() == FoundPart.Kind.AXLE) {
            wide = part.sizes().isEmpty() ? UNKNOWN : part.longest().toMm();
            high = LEAST / 2;
        }
        switch (part.kind()) {
            case WHEEL, HOOP -> wheel(sketch, wide / 2);
            case WINDOW -> {
                sketch.rectangle(0, 0, wide, high, Ink.WATER, Ink.WOOD_EDGE, "");
                sketch.line(wide / 2, 0, wide / 2, high, Ink.WOOD_EDGE, true);
                sketch.line(0, high / 2, wide, high / 2, Ink.WOOD_EDGE, true);
            }
            case PLATFORM, STANDING_WALL -> boards(sketch, wide, high);
            case DOOR, CABINET_DOOR, PANEL, FLOORING -> {
                sketch.rectangle(0, 0, wide, high, Ink.SHEET, Ink.WOOD_EDGE, "");
                double in = Math.min(wide, high) * 0.15;
                sketch.rectangle(in, in, wide - in, high - in, Ink.SHEET_SIDE, Ink.WOOD_EDGE, "");
            }
            case TARP -> sketch.rectangle(0, 0, wide, high, Ink.LEAF, Ink.SOFT, "");
            case PIPE, AXLE -> sketch.rectangle(0, 0, wide, high, Ink.METAL, Ink.METAL_EDGE, "");
            case CRATE, TUB, BUCKET, DRAWER, COOLER, NEST_BOX -> {
                sketch.rectangle(0, 0, wide, high, Ink.SHEET, Ink.WOOD_EDGE, "");
                sketch.line(0, high / 3, wide, high / 3, Ink.WOOD_EDGE, false);
                sketch.line(0, 2 * high / 3, wide, 2 * high / 3, Ink.WOOD_EDGE, false);
            }
        }
        return sketch.picture();
    }

    /** Board beside board. */
    private static void boards(Picture.Sketch sketch, double wide, double high) {
        sketch.rectangle(0, 0, wide, high, Ink.WOOD, Ink.WOOD_EDGE, "");
        for (double y = BOARD; y < high; y += BOARD) {
            sketch.line(0, y, wide, y, Ink.WOOD_EDGE, false);
        }
    }

    private static void wheel(Picture.Sketch sketch, double r) {
        sketch.ellipse(r, r, r, r, Ink.METAL, Ink.METAL_EDGE, "");
        sketch.ellipse(r, r, r * 0.75, r * 0.75, Ink.PAPER, Ink.METAL_EDGE, "");
    }

    static Picture block(Block block) {
        Picture.Sketch sketch = new Picture.Sketch();
        double length = block.length().toMm();
        sketch.rectangle(0, 0, length, block.height().toMm(), Ink.METAL, Ink.METAL_EDGE, "");
        return sketch.picture();
    }

    /** A screw as long as it is, or a small square. */
    static Picture hardware(Hardware hardware) {
        Picture.Sketch sketch = new Picture.Sketch();
        double size = hardware.size().map(Length::toMm).orElse(LEAST);
        sketch.rectangle(0, 0, Math.max(size, LEAST), 24, Ink.METAL, Ink.METAL_EDGE, "");
        sketch.rectangle(0, -18, 12, 42, Ink.METAL, Ink.METAL_EDGE, "");
        return sketch.picture();
    }
}
