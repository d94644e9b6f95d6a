package reliqua.bench;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import reliqua.core.cutting.CutJob;
import reliqua.core.cutting.OwnSheet;
import reliqua.core.cutting.WantedPanel;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;

/**
 * What a careful person does with sheets and no computer: the tallest panel first, side by side in
 * rows across the sheet, each in the first row that takes it, else a new row, else another sheet,
 * else buy. Of a sheet with flaws the largest clear rectangle is used.
 */
final class Shelves {
    /** A row across a sheet: how tall it is and how much of its width is left. */
    private static final class Row {
        private final Length height;
        private Length room;

        Row(Length height, Length room) {
            this.height = height;
            this.room = room;
        }
    }

    /** The clear part of a sheet, and how much of its length is left for rows. */
    private static final class Board {
        private final Length thickness;
        private final Length width;
        private final List<Row> rows = new ArrayList<>();
        private Length room;

        Board(Length thickness, Length width, Length length) {
            this.thickness = thickness;
            this.width = width;
            this.room = length;
        }
    }

    private record Way(Length across, Length along) {}

    private record Clear(Length x0, Length y0, Length x1, Length y1) {
        double area() {
            return x1.atLeast(x0) && y1.atLeast(y0) ? x1.minus(x0).toMm() * y1.minus(y0).toMm() : 0;
        }

        boolean isClearOf(CutJob.Box flaw) {
            return flaw.x().atLeast(x1)
                    || x0.atLeast(flaw.x().plus(flaw.width()))
                    || flaw.y().atLeast(y1)
                    || y0.atLeast(flaw.y().plus(flaw.length()));
        }
    }

    private final CutJob job;
    private final List<Board> boards = new ArrayList<>();
    private Money cost = Money.ZERO;

    private Shelves(CutJob job) {
        this.job = job;
    }

    /** The bill for the sheets of a job. */
    static Money cost(CutJob job) {
        Shelves shelves = new Shelves(job);
        job.sheets().forEach(shelves::lay);
        job.panels().stream()
                .sorted(Comparator.comparing(Shelves::tallest).reversed())
                .forEach(
                        panel -> {
                            for (int n = 0; n < panel.quantity(); n++) {
                                shelves.cut(panel);
                            }
                        });
        return shelves.cost;
    }

    private static Length tallest(WantedPanel panel) {
        return panel.turn() ? panel.width().max(panel.length()) : panel.length();
    }

    private void lay(OwnSheet sheet) {
        for (int copy = 0; copy < sheet.quantity(); copy++) {
            boards.add(clear(sheet));
        }
    }

    /** The largest rectangle between two of its edges or of the edges of its flaws each way. */
    private static Board clear(OwnSheet sheet) {
        List<Length> xs =
                Stream.concat(
                                Stream.of(Length.ZERO, sheet.width()),
                                sheet.flaws().stream()
                                        .flatMap(f -> Stream.of(f.x(), f.x().plus(f.width()))))
                        .sorted()
                        .toList();
        List<Length> ys =
                Stream.concat(
                                Stream.of(Length.ZERO, sheet.length()),
                                sheet.flaws().stream()
                                        .flatMap(f -> Stream.of(f.y(), f.y().plus(f.length()))))
                        .sorted()
                        .toList();
        Clear best = new Clear(Length.ZERO, Length.ZERO, Length.ZERO, Length.ZERO);
        for (Length x0 : xs) {
            for (Length x1 : xs) {
                for (Length y0 : ys) {
                    for (Length y1 : ys) {
                        Clear next = new Clear(x0, y0, x1, y1);
                        if (next.area() > best.area()
                                && sheet.flaws().stream().allMatch(next::isClearOf)) {
                            best = next;
                        }
                    }
                }
            }
        }
        return new Board(sheet.thickness(), best.x1.minus(best.x0), best.y1.minus(best.y0));
    }

    private static List<Way> ways(WantedPanel panel) {
        Way given = new Way(panel.width(), panel.length());
        Way turned = new Way(panel.length(), panel.width());
        return panel.turn() ? List.of(given, turned) : List.of(given);
    }

    private void cut(WantedPanel panel) {
        for (Board board : boards) {
            if (board.thickness.equals(panel.thickness()) && put(panel, board)) {
                return;
            }
        }
        buy(panel);
    }

    private boolean put(WantedPanel panel, Board board) {
        for (Row row : board.rows) {
            for (Way way : ways(panel)) {
                if (row.height.atLeast(way.along()) && row.room.atLeast(way.across())) {
                    row.room = row.room.minus(way.across()).minus(job.kerf());
                    return true;
                }
            }
        }
        for (Way way : ways(panel)) {
            if (board.room.atLeast(way.along()) && board.width.atLeast(way.across())) {
                board.room = board.room.minus(way.along()).minus(job.kerf());
                Length left = board.width.minus(way.across()).minus(job.kerf());
                board.rows.add(new Row(way.along(), left));
                return true;
            }
        }
        return false;
    }

    private void buy(WantedPanel panel) {
        Optional<CutJob.ShopItem> item =
                job.shop().stream()
                        .filter(i -> i.sheet() && i.thickness().equals(panel.thickness()))
                        .filter(i -> put(panel, new Board(i.thickness(), i.width(), i.length())))
                        .min(
                                Comparator.comparingDouble(
                                        i ->
                                                i.price().amount()
                                                        / (i.width().toMetres()
                                                                * i.length().toMetres())));
        if (item.isPresent()) {
            CutJob.ShopItem i = item.get();
            cost = cost.plus(i.price());
            boards.add(new Board(i.thickness(), i.width(), i.length()));
            put(panel, boards.getLast());
        }
    }
}
