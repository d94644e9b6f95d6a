package reliqua.core.keep;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import reliqua.core.flock.BirdClass;
import reliqua.core.flock.Flock;
import reliqua.core.measure.Money;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Temperature;

public class LogReaderTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 27);
    private static final Flock FLOCK =
            Flock.of(BirdClass.STANDARD, 9).withCocks(BirdClass.STANDARD, 1);

    @Test
    void readsLinesAsTheyAreSaid() throws IOException {
        List<String> wrong = new ArrayList<>();
        int all = 0;
        for (String line : lines()) {
            String[] cells = line.split("\\s*\\|\\s*");
            Tape tape = cells[0].equals("in") ? Tape.INCH : Tape.METRIC;
            String read = read(cells[1], tape);
            all++;
            if (!read.equals(cells[2])) {
                wrong.add(line + "  was  " + read);
            }
        }
        assertThat(wrong).as("of %d", all).isEmpty();
    }

    private static List<String> lines() throws IOException {
        try (InputStream in = LogReaderTest.class.getResourceAsStream("lines.txt")) {
            return new String(Objects.requireNonNull(in).readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(l -> !l.startsWith("#"))
                    .toList();
        }
    }

    private static String read(String line, Tape tape) {
        return switch (new LogReader(TODAY, tape, FLOCK).read(line)) {
            case LogReader.Read.Told told ->
                    told.entries().stream()
                            .map(LogReaderTest::short_)
                            .collect(Collectors.joining(" + "));
            case LogReader.Read.Unclear unclear -> "? " + unclear.message();
        };
    }

    private static String short_(Entry entry) {
        String day = entry.day().equals(TODAY) ? "" : " @" + entry.day();
        return figures(entry.what()) + day;
    }

    private static String figures(Happening what) {
        return switch (what) {
            case Happening.Eggs e -> "eggs " + e.count() + " " + e.cracked();
            case Happening.Fed f -> "fed " + f.feed().grams() + " " + money(f.cost(), "-");
            case Happening.Watered w -> "water " + number(w.water().litres());
            case Happening.Bedding b -> ("bedding " + b.bales() + " " + money(b.cost(), "-"));
            case Happening.Paid p -> "paid " + money(p.cost(), "-");
            case Happening.Sold s -> "earned " + money(s.taken(), "-");
            case Happening.Lost l ->
                    "lost "
                            + l.birds().count()
                            + " "
                            + l.animal()
                                    .map(Enum::name)
                                    .orElse(
                                            l.cause() == Happening.Cause.UNKNOWN
                                                    ? "-"
                                                    : l.cause().name());
            case Happening.Joined j -> birds(j.birds(), 1, j.cost());
            case Happening.Left l -> birds(l.birds(), -1, l.taken());
            case Happening.Mended m ->
                    ("mended " + m.minutes() + " " + money(m.cost(), "")).strip();
            case Happening.Worked w -> "work " + w.chore().id() + " " + w.minutes();
            case Happening.Weather w -> "weather " + degrees(w.low()) + " " + degrees(w.high());
            case Happening.Seen s ->
                    "seen "
                            + s.animal().map(Enum::name).orElse("-")
                            + (s.attack() ? " attack" : "");
            case Happening.Note _ -> "note";
            case Happening.NextTime _ -> "next";
        };
    }

    private static String birds(Birds birds, int sign, Money cost) {
        return ("birds "
                        + sign * birds.count()
                        + " "
                        + (birds.cocks() ? "COCKS" : birds.kind().name())
                        + " "
                        + money(cost, ""))
                .strip();
    }

    private static String degrees(Optional<Temperature> t) {
        return t.map(d -> number(d.celsius())).orElse("-");
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.1f", value).replaceAll("\\.0$", "");
    }

    private static String money(Money money, String none) {
        return money.isZero() ? none : String.format(Locale.ROOT, "%.2f", money.amount());
    }
}
