package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import reliqua.core.measure.Length;

/**
 * The sheets and panels of one thickness, in plain numbers: lengths in nanometres, prices in
 * millionths.
 *
 * @param kerf kerf
 * @param panels wanted panels, one entry each
 * @param own one entry an own sheet
 * @param shop shop items
 */
record SheetProblem(long kerf, List<PanelType> panels, List<Bin> own, List<Bin> shop) {

    /** One wanted panel. */
    record PanelType(String id, long width, long length, boolean turn) {}

    /** A rectangle from x0, y0 to x1, y1. */
    record Rect(long x0, long y0, long x1, long y1) {
        long width() {
            return x1 - x0;
        }

        long length() {
            return y1 - y0;
        }

        boolean overlaps(long ax0, long ay0, long ax1, long ay1) {
            return ax0 < x1 && x0 < ax1 && ay0 < y1 && y0 < ay1;
        }
    }

    /** One own sheet, or a shop item. */
    record Bin(String source, int copy, long width, long length, List<Rect> flaws, long price) {}

    static List<SheetProblem> split(CutJob job) {
        Map<Length, List<CutJob.Panel>> byThickness = new LinkedHashMap<>();
        for (CutJob.Panel panel : job.panels()) {
            byThickness.computeIfAbsent(panel.thickness(), _ -> new ArrayList<>()).add(panel);
        }
        return byThickness.entrySet().stream()
                .map(e -> ofThickness(job, e.getKey(), e.getValue()))
                .toList();
    }

    private static SheetProblem ofThickness(
            CutJob job, Length thickness, List<CutJob.Panel> wanted) {
        List<PanelType> panels = new ArrayList<>();
        for (CutJob.Panel panel : wanted) {
            for (int n = 0; n < panel.quantity(); n++) {
                panels.add(
                        new PanelType(
                                panel.id(), panel.width().nm(), panel.length().nm(), panel.turn()));
            }
        }
        List<Bin> own = new ArrayList<>();
        for (CutJob.OwnSheet sheet : job.sheets()) {
            if (sheet.thickness().equals(thickness)) {
                List<Rect> flaws =
                        sheet.flaws().stream()
                                .map(
                                        f ->
                                                new Rect(
                                                        f.x().nm(),
                                                        f.y().nm(),
                                                        f.x().plus(f.width()).nm(),
                                                        f.y().plus(f.length()).nm()))
                                .toList();
                for (int copy = 1; copy <= sheet.quantity(); copy++) {
                    own.add(
                            new Bin(
                                    sheet.id(),
                                    copy,
                                    sheet.width().nm(),
                                    sheet.length().nm(),
                                    flaws,
                                    0));
                }
            }
        }
        List<Bin> shop =
                job.shop().stream()
                        .filter(i -> i.sheet() && i.thickness().equals(thickness))
                        .map(
                                i ->
                                        new Bin(
                                                i.id(),
                                                0,
                                                i.width().nm(),
                                                i.length().nm(),
                                                List.of(),
                                                i.price().micros()))
                        .toList();
        return new SheetProblem(job.kerf().nm(), List.copyOf(panels), List.copyOf(own), shop);
    }
}
