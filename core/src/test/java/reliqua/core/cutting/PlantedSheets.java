package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;

/**
 * Sheets cut from edge to edge without waste, some of the parts spoiled: a plan for nothing exists.
 */
final class PlantedSheets {
    /** On half millimetres, as numbers of them. */
    private record Box(int x, int y, int width, int length) {}

    private static final int KERF = 6;
    private static final int SMALLEST = 180;

    private PlantedSheets() {}

    static CutJob job(Random random) {
        List<OwnSheet> sheets = new ArrayList<>();
        Map<List<Integer>, Integer> panels = new LinkedHashMap<>();
        for (int n = 1 + random.nextInt(4); n > 0; n--) {
            Box sheet = new Box(0, 0, 1000 + random.nextInt(1400), 1200 + random.nextInt(3600));
            List<Box> boxes = new ArrayList<>(split(random, sheet, 3 + random.nextInt(9)));
            List<CutJob.Box> flaws = new ArrayList<>();
            for (int f = random.nextInt(3); f > 0 && boxes.size() > 2; f--) {
                Box b = boxes.remove(random.nextInt(boxes.size()));
                flaws.add(new CutJob.Box(mm(b.x), mm(b.y), mm(b.width), mm(b.length)));
            }
            boxes.forEach(b -> panels.merge(List.of(b.width, b.length), 1, Integer::sum));
            sheets.add(new OwnSheet("P" + n, mm(24), mm(sheet.width), mm(sheet.length), 1, flaws));
        }
        return job(random, sheets, panels);
    }

    /** So many equal sheets, each cut into about so many panels. */
    static CutJob ofEqual(Random random, int count, int parts) {
        Box sheet = new Box(0, 0, 2440, 4880);
        List<OwnSheet> sheets = new ArrayList<>();
        Map<List<Integer>, Integer> panels = new LinkedHashMap<>();
        for (int n = 1; n <= count; n++) {
            split(random, sheet, parts)
                    .forEach(b -> panels.merge(List.of(b.width, b.length), 1, Integer::sum));
            sheets.add(
                    new OwnSheet("P" + n, mm(24), mm(sheet.width), mm(sheet.length), 1, List.of()));
        }
        return job(random, sheets, panels);
    }

    private static CutJob job(
            Random random, List<OwnSheet> sheets, Map<List<Integer>, Integer> panels) {
        List<WantedPanel> wanted = new ArrayList<>();
        panels.forEach(
                (size, count) -> {
                    boolean turn = random.nextBoolean();
                    boolean given = turn && random.nextBoolean();
                    wanted.add(
                            new WantedPanel(
                                    "p" + wanted.size(),
                                    mm(24),
                                    mm(size.get(given ? 1 : 0)),
                                    mm(size.get(given ? 0 : 1)),
                                    count,
                                    turn));
                });
        CutJob.ShopItem shop =
                new CutJob.ShopItem("Q", true, mm(24), mm(2440), mm(4880), Money.of(20));
        return new CutJob(mm(KERF), List.of(), sheets, List.of(shop), List.of(), wanted);
    }

    private static Length mm(int halves) {
        return Length.ofMm(halves / 2.0);
    }

    private static List<Box> split(Random random, Box box, int wanted) {
        boolean across = random.nextDouble() < (double) box.width / (box.width + box.length);
        int side = across ? box.width : box.length;
        if (wanted <= 1 || side < 2 * SMALLEST + KERF) {
            return List.of(box);
        }
        int first = SMALLEST + random.nextInt(side - KERF - 2 * SMALLEST + 1);
        int rest = side - KERF - first;
        Box a =
                across
                        ? new Box(box.x, box.y, first, box.length)
                        : new Box(box.x, box.y, box.width, first);
        Box b =
                across
                        ? new Box(box.x + first + KERF, box.y, rest, box.length)
                        : new Box(box.x, box.y + first + KERF, box.width, rest);
        int share = Math.max(1, Math.round((float) wanted * first / side));
        List<Box> boxes = new ArrayList<>(split(random, a, share));
        boxes.addAll(split(random, b, Math.max(1, wanted - share)));
        return boxes;
    }
}
