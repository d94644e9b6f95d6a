package reliqua.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import java.io.IOException;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.TimeZone;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import reliqua.core.keep.Chore;
import reliqua.core.keep.Due;
import reliqua.core.keep.Entry;
import reliqua.core.keep.LogReader;
import reliqua.core.measure.Tape;
import reliqua.core.project.Keeping;
import reliqua.core.project.Project;
import reliqua.core.project.SayEdit;
import reliqua.core.project.SayLog;
import reliqua.standins.Climates;
import reliqua.standins.Forecasts;
import reliqua.standins.Merchants;

class KeepFilesTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 27);

    /** One of every kind of line. */
    private static final List<String> LINES =
            List.of(
                    "12 eggs, 2 cracked",
                    "fed 20 kg 14.50",
                    "water 15 l",
                    "2 bales shavings 13.00",
                    "grit 3.20",
                    "sold 12 eggs 4.00",
                    "lost hen Ada to hawk",
                    "3 pullets in 45.00",
                    "sold the cock 5.00",
                    "staple out by pop door, mended 15 min",
                    "turned litter 10 min",
                    "-8 last night, comb frost",
                    "fox dug at gate",
                    "=SUM(A1) looks odd",
                    "next time a \"higher\" run, and wider");

    @TempDir Path folder;

    private static Project demo() {
        return DemoProjects.ternLane(Merchants::priceBook, new Climates());
    }

    private static Project said(Project project, String line) {
        return ((SayEdit.Said.Change) SayLog.read(line, project, TODAY))
                .edit()
                .change()
                .apply(project);
    }

    @Test
    void everyKindOfLineSurvivesTheTable() throws InputException {
        Project project = demo();
        LogReader reader = new LogReader(TODAY, Tape.METRIC, project.flock());
        List<Entry> log =
                LINES.stream()
                        .flatMap(l -> ((LogReader.Read.Told) reader.read(l)).entries().stream())
                        .toList();

        String table = LogCsv.write(log);

        assertThat(LogCsv.read(table, "log.csv")).isEqualTo(log);
        assertThat(table).doesNotContain(",=SUM");
        assertThat(log.stream().map(e -> e.what().getClass()).distinct()).hasSize(15);
    }

    @Test
    void aBadTableNamesLineAndColumn() {
        assertThatThrownBy(
                        () ->
                                LogCsv.read(
                                        "day,kind,count,money\n2026-13-01,eggs,4,\n2026-01-02,egs,4,\n2026-01-02,fed,,x\n",
                                        "log.csv"))
                .isInstanceOfSatisfying(
                        InputException.class,
                        e ->
                                assertThat(e.faults())
                                        .hasSize(3)
                                        .anyMatch(f -> f.contains("line 2: column day"))
                                        .anyMatch(f -> f.contains("line 3: column kind: \"egs\""))
                                        .anyMatch(f -> f.contains("line 4: column money")));
    }

    @Test
    void aProjectKeepsItsBookAndWhomItWasBuiltFor() throws IOException, InputException {
        Project project = demo();
        for (String line :
                List.of("3 pullets in", "a 200 l barrel", "egg price 0.50", "moved in")) {
            project = said(project, line);
        }
        project =
                project.withBook(project.book().puttingOff(Chore.APRON, LocalDate.of(2026, 12, 4)));
        Path file = folder.resolve("kept.reliqua");

        ProjectFile.save(file, project);

        assertThat(ProjectFile.load(file)).isEqualTo(project);
        assertThat(project.builtFor()).isNotEqualTo(project.flock());
    }

    @Test
    void theCalendarStandsOnTheSameDaysWhereverItIsWritten() {
        TimeZone before = TimeZone.getDefault();
        List<Due> dues =
                List.of(
                        new Due(Chore.TURN_LITTER, TODAY, Optional.empty(), Due.State.TODAY),
                        new Due(
                                Chore.VENTS_UP,
                                LocalDate.of(2027, 4, 1),
                                Optional.empty(),
                                Due.State.LATER));
        try {
            for (String zone : List.of("Pacific/Kiritimati", "Pacific/Pago_Pago", "UTC")) {
                TimeZone.setDefault(TimeZone.getTimeZone(zone));
                String text = KeepCalendar.write("Yard", dues, TODAY.atStartOfDay());
                assertThat(text)
                        .contains("DTSTART;VALUE=DATE:20261127", "DTSTART;VALUE=DATE:20270401")
                        .contains("RRULE:FREQ=DAILY;INTERVAL=7");
            }
        } finally {
            TimeZone.setDefault(before);
        }
        ICalendar read =
                Biweekly.parse(KeepCalendar.write("Yard", dues, TODAY.atStartOfDay())).first();
        assertThat(read.getEvents())
                .extracting(VEvent::getSummary)
                .extracting(s -> s.getValue())
                .containsExactly("turn the litter", "open the vents wide");
    }

    @Test
    void theYearIsPrinted() throws IOException {
        Project project = demo();
        Keeping keeping =
                Keeping.of(
                        project,
                        Optional.empty(),
                        TODAY,
                        new Forecasts().next(project.site().climate(), false, TODAY, 3));

        try (PDDocument pdf = Loader.loadPDF(KeepPdf.write(project, keeping))) {
            String text = new PDFTextStripper().getText(pdf);
            assertThat(pdf.getNumberOfPages()).isBetween(1, 4);
            assertThat(text)
                    .contains("Tern Lane: the year to", "2026-06", "next time: a higher run");
        }
    }

    @Test
    void theDemoTellsOfAYearAndAHalf() {
        Keeping keeping = Keeping.of(demo(), Optional.empty(), TODAY, List.of());

        assertThat(keeping.years().months()).hasSize(19);
        assertThat(keeping.years().months())
                .allMatch(m -> m.eggs() > 0 && m.feedCost().micros() > 0);
        assertThat(demo().flock().total()).isEqualTo(9);
    }

    @Test
    void aLogWhoseQuotesDoNotMatchIsRefusedInOurWords() {
        String log = "day,kind,count,text\n2026-05-01,note,,\"never closed\"x\n";
        assertThatThrownBy(() -> LogCsv.read(log, "log.csv"))
                .isInstanceOf(InputException.class)
                .hasMessageContaining("quote that is not closed")
                .hasMessageNotContaining("CSVException");
    }
}
