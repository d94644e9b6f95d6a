package reliqua.core.drawing;

import java.util.ArrayList;
import java.util.List;
import reliqua.core.stock.Block;
import reliqua.core.stock.FlawArea;
import reliqua.core.stock.FoundPart;
import reliqua.core.stock.Hardware;
import reliqua.core.stock.Material;
import reliqua.core.stock.Mesh;
import reliqua.core.stock.Pallet;
import reliqua.core.stock.Pole;
import reliqua.core.stock.Roofing;
import reliqua.core.stock.Sheet;
import reliqua.core.stock.Stick;

/**
 * One thing of the heap as it lies in the rack, all to one scale: flaws hatched, bow drawn four
 * times too large.
 */
public final class LotPicture {
    private static final double BOW = 4;
    private static final int STEPS = 12;
    private static final double STRIP = 62;

    private LotPicture() {}

    /** The drawing, length across. */
    public static Picture of(Material material) {
        return switch (material) {
            case Stick s -> stick(s);
            case Sheet s ->
                    sheet(s.length().toMm(), s.width().toMm(), s.flaws(), Ink.SHEET, Ink.WOOD_EDGE);
            case Roofing r -> roofing(r);
            case Mesh m ->
                    sheet(
                            Math.min(m.length().toMm(), 3600),
                            m.width().toMm(),
                            List.of(),
                            Ink.MESH,
                            Ink.METAL_EDGE);
            case Pole p -> OddPicture.pole(p);
            case Pallet p -> OddPicture.pallet(p);
            case FoundPart f -> OddPicture.found(f);
            case Block b -> OddPicture.block(b);
            case Hardware h -> OddPicture.hardware(h);
        };
    }

    private static Picture stick(Stick stick) {
        Picture.Sketch sketch = new Picture.Sketch();
        double length = stick.length().toMm();
        double bow = Math.min(stick.warp().bow().max(stick.warp().crook()).toMm() * BOW, STRIP);
        List<Picture.Point> upper = new ArrayList<>();
        List<Picture.Point> lower = new ArrayList<>();
        for (int i = 0; i <= STEPS; i++) {
            double t = (double) i / STEPS;
            double rise = -bow * 4 * t * (1 - t);
            upper.add(new Picture.Point(length * t, rise));
            lower.addFirst(new Picture.Point(length * t, rise + STRIP));
        }
        List<Picture.Point> outline = new ArrayList<>(upper);
        outline.addAll(lower);
        sketch.area(outline, List.of(), Ink.WOOD, Ink.WOOD_EDGE, "");
        stick.flaws()
                .forEach(
                        flaw -> {
                            double from = Math.max(0, flaw.from().toMm());
                            double to = Math.min(length, flaw.to().toMm());
                            double middle = (from + to) / 2 / length;
                            double rise = -bow * 4 * middle * (1 - middle);
                            sketch.rectangle(
                                    from,
                                    rise,
                                    Math.max(to, from + 12),
                                    rise + STRIP,
                                    Ink.FLAW,
                                    Ink.DANGER,
                                    "");
                        });
        sketch.reach(new Picture.Point(0, -STRIP));
        return sketch.picture();
    }

    private static Picture roofing(Roofing roofing) {
        Picture.Sketch sketch = new Picture.Sketch();
        double length = roofing.length().toMm();
        double width = roofing.fullWidth().toMm();
        sketch.rectangle(0, 0, length, width, Ink.METAL, Ink.METAL_EDGE, "");
        for (double y = width / 9; y < width - 1; y += width / 9) {
            sketch.line(0, y, length, y, Ink.METAL_EDGE, false);
        }
        roofing.flaws()
                .forEach(
                        f ->
                                sketch.rectangle(
                                        Math.max(0, f.from().toMm()),
                                        0,
                                        Math.min(length, f.to().toMm()),
                                        width,
                                        Ink.FLAW,
                                        Ink.DANGER,
                                        ""));
        return sketch.picture();
    }

    private static Picture sheet(
            double across, double down, List<FlawArea> flaws, Ink fill, Ink edge) {
        Picture.Sketch sketch = new Picture.Sketch();
        sketch.rectangle(0, 0, across, down, fill, edge, "");
        flaws.forEach(
                f ->
                        sketch.rectangle(
                                Math.max(0, f.y().toMm()),
                                Math.max(0, f.x().toMm()),
                                Math.min(across, f.y().plus(f.length()).toMm()),
                                Math.min(down, f.x().plus(f.width()).toMm()),
                                Ink.FLAW,
                                Ink.DANGER,
                                ""));
        return sketch.picture();
    }
}
