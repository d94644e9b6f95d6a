package reliqua.bench;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import reliqua.core.cutting.CutJob;
import reliqua.core.cutting.OwnSheet;
import reliqua.core.cutting.WantedPanel;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;

/** Jobs with sheets, cut up from edge to edge or messy. */
final class FreshSheets {
    private static final int KERF = 3;
    private static final int SMALLEST = 90;
    private static final Length THICKNESS = Length.mm(12);

    private record Box(int x, int y, int width, int length) {}

    private final Random random;
    private final List<OwnSheet> sheets = new ArrayList<>();
    private final Map<Box, Integer> panels = new LinkedHashMap<>();

    private FreshSheets(Random random) {
        this.random = random;
    }

    /** Whole sheets and off-cuts cut up without waste, some parts spoiled: a bill of nothing. */
    static CutJob planted(Random random) {
        FreshSheets fresh = new FreshSheets(random);
        for (int n = 3 + random.nextInt(5); n > 0; n--) {
            boolean whole = random.nextInt(3) == 0;
            int width = whole ? 1220 : 400 + random.nextInt(800);
            int length = whole ? 2440 : 600 + random.nextInt(1800);
            List<Box> boxes =
                    new ArrayList<>(
                            fresh.split(new Box(0, 0, width, length), 3 + random.nextInt(10)));
            List<CutJob.Box> flaws = new ArrayList<>();
            if (boxes.size() > 3 && random.nextInt(5) < 2) {
                flaws.add(box(boxes.remove(random.nextInt(boxes.size()))));
            }
            boxes.forEach(
                    b -> fresh.panels.merge(new Box(0, 0, b.width, b.length), 1, Integer::sum));
            fresh.sheet(width, length, flaws);
        }
        return fresh.job();
    }

    /** Panels of a few sizes, too many for what lies about. */
    static CutJob yard(Random random) {
        FreshSheets fresh = new FreshSheets(random);
        for (int n = 4 + random.nextInt(5); n > 0; n--) {
            int width = 300 + random.nextInt(920);
            int length = 500 + random.nextInt(1900);
            List<CutJob.Box> flaws = new ArrayList<>();
            for (int f = random.nextInt(3); f > 0; f--) {
                flaws.add(
                        box(
                                new Box(
                                        random.nextInt(width - 150),
                                        random.nextInt(length - 200),
                                        20 + random.nextInt(130),
                                        20 + random.nextInt(180))));
            }
            fresh.sheet(width, length, flaws);
        }
        for (int n = 5 + random.nextInt(8); n > 0; n--) {
            Box size = new Box(0, 0, 150 + random.nextInt(900), 200 + random.nextInt(1600));
            fresh.panels.merge(size, 1 + random.nextInt(4), Integer::sum);
        }
        return fresh.job();
    }

    private static CutJob.Box box(Box b) {
        return new CutJob.Box(
                Length.mm(b.x), Length.mm(b.y), Length.mm(b.width), Length.mm(b.length));
    }

    private void sheet(int width, int length, List<CutJob.Box> flaws) {
        sheets.add(
                new OwnSheet(
                        "P" + (sheets.size() + 1),
                        THICKNESS,
                        Length.mm(width),
                        Length.mm(length),
                        1,
                        flaws));
    }

    private List<Box> split(Box box, int wanted) {
        boolean across = random.nextDouble() < (double) box.width / (box.width + box.length);
        int side = across ? box.width : box.length;
        if (wanted <= 1 || side < 2 * SMALLEST + KERF) {
            return List.of(box);
        }
        int first = SMALLEST + random.nextInt(side - KERF - 2 * SMALLEST + 1);
        int rest = side - KERF - first;
        int next = first + KERF;
        Box a =
                across
                        ? new Box(box.x, box.y, first, box.length)
                        : new Box(box.x, box.y, box.width, first);
        Box b =
                across
                        ? new Box(box.x + next, box.y, rest, box.length)
                        : new Box(box.x, box.y + next, box.width, rest);
        int share = Math.max(1, Math.round((float) wanted * first / side));
        List<Box> boxes = new ArrayList<>(split(a, share));
        boxes.addAll(split(b, Math.max(1, wanted - share)));
        return boxes;
    }

    private CutJob job() {
        List<WantedPanel> wanted = new ArrayList<>();
        panels.forEach(
                (size, count) -> {
                    boolean turn = random.nextBoolean();
                    boolean given = turn && random.nextBoolean();
                    wanted.add(
                            new WantedPanel(
                                    "p" + wanted.size(),
                                    THICKNESS,
                                    Length.mm(given ? size.length : size.width),
                                    Length.mm(given ? size.width : size.length),
                                    count,
                                    turn));
                });
        List<CutJob.ShopItem> shop =
                List.of(
                        shop("Q1", 1220, 2440, Money.cents(3995)),
                        shop("Q2", 1220, 1220, Money.cents(2295)));
        return new CutJob(Length.mm(KERF), List.of(), sheets, shop, List.of(), wanted);
    }

    private static CutJob.ShopItem shop(String id, int width, int length, Money price) {
        return new CutJob.ShopItem(id, true, THICKNESS, Length.mm(width), Length.mm(length), price);
    }
}
