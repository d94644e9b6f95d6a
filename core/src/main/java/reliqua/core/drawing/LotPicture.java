package reliqua.core.drawing;

import java.util.ArrayList;
import java.util.List;
import reliqua.core.measure.Length;
import reliqua.core.stock.Block;
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
            case Sheet s -> sheet(s);
            case Roofing r -> roofing(r);
            case Mesh m -> roll(Math.min(m.length().toMm(), 3600), m.width().toMm());
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
        ribs(sketch, roofing, length, width);
        for (Length row : roofing.holes()) {
            for (double y = width / 12; y < width; y += width / 6) {
                sketch.ellipse(row.toMm(), y, 9, 9, Ink.PAPER, Ink.DANGER, "");
            }
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

    /** Ribs as far apart as they are; a ninth of the width where nobody measured. */
    private static void ribs(Picture.Sketch sketch, Roofing roofing, double length, double width) {
        if (roofing.profile() == Roofing.Profile.FLAT) {
            return;
        }
        double pitch = roofing.ribPitch().map(Length::toMm).orElse(width / 9);
        double beside = roofing.profile() == Roofing.Profile.BOX ? pitch * 0.16 : 0;
        for (double y = pitch; y < width - 1; y += pitch) {
            sketch.line(0, y, length, y, Ink.METAL_EDGE, false);
            if (beside > 0 && y + beside < width) {
                sketch.line(0, y + beside, length, y + beside, Ink.METAL_EDGE, false);
            }
        }
    }

    private static Picture roll(double across, double down) {
        Picture.Sketch sketch = new Picture.Sketch();
        sketch.rectangle(0, 0, across, down, Ink.MESH, Ink.METAL_EDGE, "");
        return sketch.picture();
    }

    /** Where a sheet's own edge runs, length across. */
    static List<Picture.Point> edge(Sheet sheet) {
        double across = sheet.length().toMm();
        double down = sheet.width().toMm();
        return sheet.outline()
                .map(
                        o ->
                                o.corners().stream()
                                        .map(c -> new Picture.Point(c.y().toMm(), c.x().toMm()))
                                        .toList())
                .orElse(
                        List.of(
                                new Picture.Point(0, 0),
                                new Picture.Point(across, 0),
                                new Picture.Point(across, down),
                                new Picture.Point(0, down)));
    }

    /** A short arrow with two heads along the grain. */
    private static void grain(Picture.Sketch sketch, Sheet sheet) {
        if (sheet.grain() == Sheet.Grain.NONE) {
            return;
        }
        double x = sheet.length().toMm() / 2;
        double y = sheet.width().toMm() / 2;
        boolean along = sheet.grain() == Sheet.Grain.LENGTHWAYS;
        double reach = Math.min(220, (along ? x : y) * 0.6);
        double head = reach / 4;
        double dx = along ? 1 : 0;
        double dy = along ? 0 : 1;
        sketch.line(
                x - dx * reach, y - dy * reach, x + dx * reach, y + dy * reach, Ink.SOFT, false);
        for (int end : new int[] {-1, 1}) {
            for (int side : new int[] {-1, 1}) {
                double tipX = x + end * dx * reach;
                double tipY = y + end * dy * reach;
                sketch.line(
                        tipX,
                        tipY,
                        tipX - end * dx * head + side * dy * head / 2,
                        tipY - end * dy * head + side * dx * head / 2,
                        Ink.SOFT,
                        false);
            }
        }
    }

    private static Picture sheet(Sheet sheet) {
        Picture.Sketch sketch = new Picture.Sketch();
        double across = sheet.length().toMm();
        double down = sheet.width().toMm();
        sketch.area(edge(sheet), List.of(), Ink.SHEET, Ink.WOOD_EDGE, "");
        sketch.reach(new Picture.Point(across, down));
        grain(sketch, sheet);
        sheet.flaws()
                .forEach(
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
