package reliqua.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;
import reliqua.core.stock.SheetOutline;

/** Panels and sheets that are no rectangles. */
class SheetNestingTest {
    private static final long[][] SLOPED = {{0, 0}, {1000, 0}, {1000, 700}, {0, 900}};

    @Test
    void everyLayoutOfRandomShapesIsValidAndNoDearerThanTheirRectangles() {
        Random random = new Random(31);
        int cheaper = 0;
        for (int n = 0; n < 120; n++) {
            CutJob job = shaped(random);
            CutPlan plan = new CutPlanner(CutPlanner.Settings.LIVE).plan(job, Progress.NONE);
            assertThat(PlanChecker.faults(job, plan)).as("job %d", n).isEmpty();
            CutPlan quick = new CutPlanner(CutPlanner.Settings.QUICK).plan(job, Progress.NONE);
            if (total(quick) == total(plan)) {
                assertThat(quick.lowerBound()).as("job %d", n).isLessThanOrEqualTo(plan.cost());
            }
            CutPlan boxes =
                    new CutPlanner(CutPlanner.Settings.LIVE).plan(boxes(job), Progress.NONE);
            assertThat(total(plan)).as("job %d", n).isLessThanOrEqualTo(total(boxes));
            if (total(plan) == total(boxes)) {
                assertThat(plan.cost()).as("job %d", n).isLessThanOrEqualTo(boxes.cost());
                assertThat(plan.lowerBound()).as("job %d", n).isLessThanOrEqualTo(boxes.cost());
            }
            cheaper +=
                    total(plan) < total(boxes) || plan.cost().compareTo(boxes.cost()) < 0 ? 1 : 0;
        }
        assertThat(cheaper).isGreaterThan(10);
    }

    private static int total(CutPlan plan) {
        return plan.unplaced().values().stream().mapToInt(Integer::intValue).sum();
    }

    @Test
    void twoSlopedEndsLieHeadToTail() {
        CutJob job = job(1003, 1620, List.of(panel("end", 1000, 900, 2, outline(SLOPED))));
        CutPlan plan = plan(job);
        assertThat(plan.unplaced()).isEmpty();
        assertThat(plan.sheets().getFirst().panels())
                .extracting(CutPlan.PlacedPanel::half)
                .containsExactlyInAnyOrder(false, true);
    }

    @Test
    void aSmallPanelComesOutOfTheOpeningOfALargeOne() {
        PanelOutline wall =
                new PanelOutline(
                        PanelOutline.rectangle(mm(0), mm(0), mm(1000), mm(900)),
                        List.of(PanelOutline.rectangle(mm(300), mm(0 + 200), mm(700), mm(700))));
        CutJob job =
                job(
                        1000,
                        900,
                        List.of(
                                panel("wall", 1000, 900, 1, Optional.of(wall)),
                                panel("shelf", 390, 480, 1, Optional.empty())));
        CutPlan plan = plan(job);
        assertThat(plan.unplaced()).isEmpty();
        assertThat(
                        plan(job(
                                        1000,
                                        900,
                                        List.of(
                                                panel("wall", 1000, 900, 1, Optional.of(wall)),
                                                panel("shelf", 398, 480, 1, Optional.empty()))))
                                .unplaced())
                .as("no room for the kerf")
                .containsKey("shelf");
    }

    @Test
    void aPanelWithANotchLetsAnotherIn() {
        long[][] notched = {{0, 0}, {1000, 0}, {1000, 600}, {600, 600}, {600, 900}, {0, 900}};
        CutJob job =
                job(
                        1000,
                        900,
                        List.of(
                                panel("floor", 1000, 900, 1, outline(notched)),
                                panel("lid", 397, 297, 1, Optional.empty())));
        assertThat(plan(job).unplaced()).isEmpty();
    }

    @Test
    void aSlopedPanelFitsTheSlopedOffcutOfAnother() {
        OwnSheet offcut =
                new OwnSheet(
                        "P",
                        mm(12),
                        mm(1000),
                        mm(900),
                        1,
                        List.of(),
                        Optional.of(edge(SLOPED)),
                        false);
        CutJob job =
                new CutJob(
                        mm(3),
                        List.of(),
                        List.of(offcut),
                        List.of(),
                        List.of(),
                        List.of(panel("end", 1000, 900, 1, outline(SLOPED))));
        CutPlan plan = plan(job);
        assertThat(plan.unplaced()).isEmpty();
    }

    @Test
    void aCornerBeyondThePanelIsRefused() {
        assertThatThrownBy(() -> panel("end", 900, 900, 1, outline(SLOPED)))
                .hasMessageContaining("end");
    }

    private static CutPlan plan(CutJob job) {
        CutPlan plan = new CutPlanner(CutPlanner.Settings.FULL).plan(job, Progress.NONE);
        assertThat(PlanChecker.faults(job, plan)).isEmpty();
        return plan;
    }

    private static Length mm(long mm) {
        return Length.mm(mm);
    }

    private static SheetOutline edge(long[][] corners) {
        List<SheetOutline.Corner> list = new ArrayList<>();
        for (long[] c : corners) {
            list.add(new SheetOutline.Corner(mm(c[0]), mm(c[1])));
        }
        return new SheetOutline(list);
    }

    private static Optional<PanelOutline> outline(long[][] corners) {
        return Optional.of(new PanelOutline(edge(corners), List.of()));
    }

    private static WantedPanel panel(
            String id, long width, long length, int quantity, Optional<PanelOutline> outline) {
        return new WantedPanel(id, mm(12), mm(width), mm(length), quantity, true, outline, false);
    }

    private static CutJob job(long width, long length, List<WantedPanel> panels) {
        OwnSheet own = new OwnSheet("P", mm(12), mm(width), mm(length), 1, List.of());
        return new CutJob(mm(3), List.of(), List.of(own), List.of(), List.of(), panels);
    }

    private static CutJob shaped(Random random) {
        List<OwnSheet> own = new ArrayList<>();
        for (int i = 1 + random.nextInt(4); i > 0; i--) {
            long w = 500 + random.nextInt(900);
            long l = 600 + random.nextInt(1200);
            long cut = 100 + random.nextInt(300);
            Optional<SheetOutline> edge =
                    random.nextBoolean()
                            ? Optional.empty()
                            : Optional.of(
                                    edge(
                                            new long[][] {
                                                {0, 0}, {w, 0}, {w, l - cut}, {w - cut, l}, {0, l}
                                            }));
            List<CutJob.Box> flaws =
                    random.nextInt(3) > 0
                            ? List.of()
                            : List.of(
                                    new CutJob.Box(
                                            mm(random.nextInt(300)),
                                            mm(random.nextInt(300)),
                                            mm(90),
                                            mm(60)));
            own.add(
                    new OwnSheet(
                            "P" + i, mm(12), mm(w), mm(l), 1, flaws, edge, random.nextBoolean()));
        }
        List<WantedPanel> panels = new ArrayList<>();
        for (int i = 3 + random.nextInt(6); i > 0; i--) {
            panels.add(panel(random, "p" + i));
        }
        List<CutJob.ShopItem> shop =
                random.nextBoolean()
                        ? List.of()
                        : List.of(
                                new CutJob.ShopItem(
                                        "B", true, mm(12), mm(900), mm(1000), Money.of(9)));
        return new CutJob(mm(random.nextInt(4)), List.of(), own, shop, List.of(), panels);
    }

    private static WantedPanel panel(Random random, String id) {
        long w = 200 + random.nextInt(700);
        long l = 200 + random.nextInt(700);
        Optional<PanelOutline> outline =
                switch (random.nextInt(4)) {
                    case 0 -> outline(new long[][] {{0, 0}, {w, 0}, {w, l / 2}, {0, l}});
                    case 1 ->
                            Optional.of(
                                    new PanelOutline(
                                            PanelOutline.rectangle(mm(0), mm(0), mm(w), mm(l)),
                                            List.of(
                                                    PanelOutline.rectangle(
                                                            mm(w / 4),
                                                            mm(l / 4),
                                                            mm(w - 40),
                                                            mm(l - 50)))));
                    case 2 ->
                            outline(
                                    new long[][] {
                                        {0, 0},
                                        {w, 0},
                                        {w, l},
                                        {w / 2, l},
                                        {w / 2, l / 2},
                                        {0, l / 2}
                                    });
                    default -> Optional.empty();
                };
        return new WantedPanel(
                id,
                mm(12),
                mm(w),
                mm(l),
                1 + random.nextInt(2),
                random.nextInt(4) > 0,
                outline,
                random.nextInt(3) == 0);
    }

    private static CutJob boxes(CutJob job) {
        return new CutJob(
                job.kerf(),
                List.of(),
                job.sheets().stream()
                        .map(
                                s ->
                                        new OwnSheet(
                                                s.id(),
                                                s.thickness(),
                                                s.width(),
                                                s.length(),
                                                s.quantity(),
                                                boxes(s),
                                                Optional.empty(),
                                                s.grain()))
                        .toList(),
                job.shop(),
                List.of(),
                job.panels().stream()
                        .map(
                                p ->
                                        new WantedPanel(
                                                p.id(),
                                                p.thickness(),
                                                p.width(),
                                                p.length(),
                                                p.quantity(),
                                                p.turn(),
                                                Optional.empty(),
                                                p.grain()))
                        .toList());
    }

    private static List<CutJob.Box> boxes(OwnSheet sheet) {
        List<CutJob.Box> boxes = new ArrayList<>(sheet.flaws());
        sheet.outline()
                .ifPresent(
                        o ->
                                o.outside(sheet.width(), sheet.length())
                                        .forEach(
                                                f ->
                                                        boxes.add(
                                                                new CutJob.Box(
                                                                        f.x(),
                                                                        f.y(),
                                                                        f.width(),
                                                                        f.length()))));
        return boxes;
    }
}
