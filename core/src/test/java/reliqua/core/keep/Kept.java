package reliqua.core.keep;

import java.time.LocalDate;
import java.util.List;
import reliqua.core.flock.BirdClass;
import reliqua.core.flock.Flock;
import reliqua.core.measure.Tape;

/** A logbook that tests write into. */
final class Kept {
    static final LocalDate TODAY = LocalDate.of(2026, 6, 1);
    static final Flock HENS = Flock.of(BirdClass.STANDARD, 8);

    private Kept() {}

    /** What a line says, on a day so long before today. */
    static List<Entry> said(int daysAgo, String line) {
        LogReader reader = new LogReader(TODAY.minusDays(daysAgo), Tape.METRIC, HENS);
        return switch (reader.read(line)) {
            case LogReader.Read.Told told -> told.entries();
            case LogReader.Read.Unclear unclear ->
                    throw new IllegalArgumentException(unclear.message());
        };
    }

    static KeepBook book(int daysAgo, String... lines) {
        KeepBook book = KeepBook.EMPTY;
        for (String line : lines) {
            book = book.plus(said(daysAgo, line));
        }
        return book;
    }
}
