package reliqua.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import reliqua.core.coop.Part;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.measure.Length;
import reliqua.core.stock.Flaw;
import reliqua.core.stock.FlawArea;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Lot;
import reliqua.core.stock.PriceBook;
import reliqua.core.stock.Sheet;
import reliqua.core.stock.SheetOutline;

/** Floors are cut so that their grain runs from joist to joist, however the sheet lies. */
class SheetGrainTest {
    private static final PriceBook NONE = new PriceBook("closed", List.of(), new TreeMap<>());

    @Test
    void aFloorThatFitsAcrossTheGrainOnlyIsNotCut() {
        Sheet along = sheet(Sheet.Grain.LENGTHWAYS, 900, 1500);
        assertThat(tickets(List.of(along), List.of(deck("B1", 1400, 800)))).hasSize(1);
        assertThat(tickets(List.of(along), List.of(deck("B1", 800, 1400)))).isEmpty();
        assertThat(
                        tickets(
                                List.of(sheet(Sheet.Grain.ACROSS, 900, 1500)),
                                List.of(deck("B1", 800, 1400))))
                .hasSize(1);
        assertThat(
                        tickets(
                                List.of(sheet(Sheet.Grain.NONE, 900, 1500)),
                                List.of(deck("B1", 800, 1400))))
                .hasSize(1);
    }

    @Test
    void onSheetsOfEitherGrainEverythingLiesInsideClearOfFlawsAndFloorsWithTheGrain() {
        Random random = new Random(63);
        int cut = 0;
        for (int n = 0; n < 80; n++) {
            List<Sheet> sheets = new ArrayList<>();
            for (int i = 1 + random.nextInt(3); i > 0; i--) {
                sheets.add(random(random));
            }
            List<Part> parts = new ArrayList<>();
            for (int i = 1 + random.nextInt(4); i > 0; i--) {
                int width = 250 + random.nextInt(700);
                int height = 250 + random.nextInt(700);
                parts.add(
                        random.nextBoolean()
                                ? deck("B" + i, width, height)
                                : skin("E" + i, width, height));
            }
            for (Ticket ticket : tickets(sheets, parts)) {
                cut += ticket.cuts().size();
                ticket.cuts().forEach(c -> lies(c, (Sheet) ticket.material()));
            }
        }
        assertThat(cut).isGreaterThan(80);
    }

    private static void lies(Ticket.Cut cut, Sheet sheet) {
        assertThat(cut.x().nm()).isNotNegative();
        assertThat(cut.y().nm()).isNotNegative();
        assertThat(cut.end()).isLessThanOrEqualTo(sheet.width());
        assertThat(cut.y().plus(cut.along())).isLessThanOrEqualTo(sheet.length());
        for (FlawArea flaw : sheet.barred()) {
            boolean clear =
                    cut.end().atMost(flaw.x())
                            || cut.x().atLeast(flaw.x().plus(flaw.width()))
                            || cut.y().plus(cut.along()).atMost(flaw.y())
                            || cut.y().atLeast(flaw.y().plus(flaw.length()));
            // Along a slanting edge the boxes take a little of the sheet.
            assertThat(clear || sheet.outline().isPresent()).isTrue();
        }
        Part.PanelPart part = (Part.PanelPart) cut.parts().getFirst();
        if (part.role() == Role.DECK && sheet.grain() != Sheet.Grain.NONE) {
            boolean alongX = sheet.grain() == Sheet.Grain.ACROSS;
            assertThat(alongX ? cut.across() : cut.along()).isEqualTo(part.width());
        }
    }

    private static List<Ticket> tickets(List<Sheet> sheets, List<Part> parts) {
        List<Lot> lots = new ArrayList<>();
        for (Sheet sheet : sheets) {
            lots.add(new Lot("P" + (lots.size() + 1), 1, sheet, Lot.Provenance.UNKNOWN));
        }
        Heap heap = new Heap(lots);
        Workshop workshop = Workshop.plain(Length.mm(3));
        Demand demand =
                new Demand(
                        parts,
                        heap,
                        NONE,
                        workshop,
                        new Workables(Heap.EMPTY, workshop, Set.of()),
                        Decided.NOTHING);
        Gathered gathered = new Gathered(demand, heap);
        gathered.add(demand.sheets(true), CutPlanner.Settings.LIVE, Progress.NONE);
        return gathered.plan(List.of(), workshop).tickets();
    }

    private static Sheet sheet(Sheet.Grain grain, long width, long length) {
        return new Sheet(
                        Sheet.Kind.PLYWOOD,
                        Length.mm(12),
                        Length.mm(width),
                        Length.mm(length),
                        List.of())
                .with(grain);
    }

    private static Sheet random(Random random) {
        long width = 500 + random.nextInt(800);
        long length = 500 + random.nextInt(1200);
        Sheet plain = sheet(Sheet.Grain.values()[random.nextInt(3)], width, length);
        if (random.nextInt(3) == 0) {
            return plain.with(
                    new SheetOutline(
                            List.of(
                                    corner(0, 0),
                                    corner(width, 0),
                                    corner(width, length - 200),
                                    corner(width - 150, length),
                                    corner(0, length))));
        }
        FlawArea flaw =
                new FlawArea(
                        Flaw.Kind.ROT,
                        Length.mm(random.nextInt(400)),
                        Length.mm(random.nextInt(400)),
                        Length.mm(80),
                        Length.mm(60));
        return random.nextBoolean() ? plain : plain.with(List.of(flaw));
    }

    private static SheetOutline.Corner corner(long x, long y) {
        return new SheetOutline.Corner(Length.mm(x), Length.mm(y));
    }

    private static Part deck(String mark, long width, long depth) {
        return new Part.PanelPart(
                mark,
                Role.DECK,
                Length.mm(12),
                Length.mm(width),
                Length.mm(depth),
                Optional.empty(),
                Optional.empty(),
                Solid.box(
                        Length.ZERO,
                        Length.mm(width),
                        Length.ZERO,
                        Length.mm(depth),
                        Length.ZERO,
                        Length.mm(12)));
    }

    private static Part skin(String mark, long width, long height) {
        return new Part.PanelPart(
                mark,
                Role.SKIN,
                Length.mm(12),
                Length.mm(width),
                Length.mm(height),
                Optional.empty(),
                Optional.empty(),
                Solid.box(
                        Length.ZERO,
                        Length.mm(width),
                        Length.ZERO,
                        Length.mm(12),
                        Length.ZERO,
                        Length.mm(height)));
    }
}
