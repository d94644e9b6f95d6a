package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import reliqua.core.measure.Length;
import reliqua.core.stock.SheetOutline;

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

    /**
     * One wanted panel.
     *
     * @param outline its shape, where it is no rectangle
     * @param grain whether grain must run along its length
     */
    record PanelType(
            String id,
            long width,
            long length,
            boolean turn,
            Optional<PanelOutline> outline,
            boolean grain) {
        /** Whether its least rectangle fits an empty sheet without flaws. */
        boolean fits(Bin bin) {
            return width <= bin.width() && length <= bin.length()
                    || mayTurn(bin) && length <= bin.width() && width <= bin.length();
        }

        /** Whether it may be turned by a quarter on such a sheet. */
        boolean mayTurn(Bin bin) {
            return turn && !(grain && bin.grain());
        }
    }

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

    /**
     * One own sheet, or a shop item.
     *
     * @param flaws what no panel may overlap; outside a slanting edge a little more than there is
     * @param trueFlaws of these, what is spoiled inside the edge
     * @param outline its edge, where it is no rectangle
     * @param grain whether it has a grain along its length
     */
    record Bin(
            String source,
            int copy,
            long width,
            long length,
            List<Rect> flaws,
            List<Rect> trueFlaws,
            Optional<SheetOutline> outline,
            boolean grain,
            long price) {
        /** The same for all own sheets of this shape. */
        Bin alike() {
            return new Bin("", 0, width, length, flaws, trueFlaws, outline, grain, 0);
        }
    }

    /** Whether anything is not a rectangle. */
    boolean hasOutlines() {
        return panels.stream().anyMatch(p -> p.outline().isPresent())
                || own.stream().anyMatch(b -> b.outline().isPresent());
    }

    static List<SheetProblem> split(CutJob job) {
        Map<Length, List<WantedPanel>> byThickness = new LinkedHashMap<>();
        for (WantedPanel panel : job.panels()) {
            byThickness.computeIfAbsent(panel.thickness(), _ -> new ArrayList<>()).add(panel);
        }
        return byThickness.entrySet().stream()
                .map(e -> ofThickness(job, e.getKey(), e.getValue()))
                .toList();
    }

    /** Flaws, and what lies outside its edge. */
    private static List<Rect> barred(OwnSheet sheet) {
        Stream<Rect> outside =
                sheet.outline().stream()
                        .flatMap(o -> o.outside(sheet.width(), sheet.length()).stream())
                        .map(f -> rect(f.x(), f.y(), f.width(), f.length()));
        return Stream.concat(spoiled(sheet).stream(), outside).toList();
    }

    private static List<Rect> spoiled(OwnSheet sheet) {
        return sheet.flaws().stream().map(f -> rect(f.x(), f.y(), f.width(), f.length())).toList();
    }

    private static Rect rect(Length x, Length y, Length width, Length length) {
        return new Rect(x.nm(), y.nm(), x.plus(width).nm(), y.plus(length).nm());
    }

    private static SheetProblem ofThickness(
            CutJob job, Length thickness, List<WantedPanel> wanted) {
        List<PanelType> panels = new ArrayList<>();
        for (WantedPanel panel : wanted) {
            for (int n = 0; n < panel.quantity(); n++) {
                panels.add(
                        new PanelType(
                                panel.id(),
                                panel.width().nm(),
                                panel.length().nm(),
                                panel.turn(),
                                panel.outline(),
                                panel.grain()));
            }
        }
        List<Bin> own = new ArrayList<>();
        for (OwnSheet sheet : job.sheets()) {
            if (sheet.thickness().equals(thickness)) {
                List<Rect> flaws = barred(sheet);
                for (int copy = 1; copy <= sheet.quantity(); copy++) {
                    own.add(
                            new Bin(
                                    sheet.id(),
                                    copy,
                                    sheet.width().nm(),
                                    sheet.length().nm(),
                                    flaws,
                                    spoiled(sheet),
                                    sheet.outline(),
                                    sheet.grain(),
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
                                                List.of(),
                                                Optional.empty(),
                                                i.grain(),
                                                i.price().micros()))
                        .toList();
        return new SheetProblem(job.kerf().nm(), List.copyOf(panels), List.copyOf(own), shop);
    }
}
