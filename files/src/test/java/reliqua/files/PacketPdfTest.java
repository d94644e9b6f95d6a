package reliqua.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import reliqua.core.build.Step;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.cutting.Progress;
import reliqua.core.measure.Words;
import reliqua.core.project.Design;
import reliqua.core.project.Project;
import reliqua.core.stock.Lot;
import reliqua.standins.Merchants;

class PacketPdfTest {
    private static final int MOST_PAGES = 12;

    private static Project project;
    private static Design design;
    private static byte[] pdf;

    @BeforeAll
    static void print() throws Unbuildable, IOException {
        project = Examples.find("kitchen-yard").orElseThrow().project(Merchants::priceBook);
        design =
                Design.derive(project, Optional.empty(), Progress.NONE, _ -> {})
                        .design()
                        .orElseThrow();
        pdf = PacketPdf.write(project, design);
    }

    private static String text(int from, int to) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            PDFTextStripper stripper = new PDFTextStripper();
            stripper.setSortByPosition(false);
            stripper.setStartPage(from);
            stripper.setEndPage(to);
            return stripper.getText(document).replaceAll("\\s+", " ");
        }
    }

    private static String all() throws IOException {
        return text(1, Integer.MAX_VALUE);
    }

    @Test
    void aRaisedHouseFillsNoMoreThanTwelvePages() throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(document.getNumberOfPages()).isBetween(4, MOST_PAGES);
        }
    }

    @Test
    void everyStepEveryTicketAndALabelForEveryLotAreInIt() throws IOException {
        String words = all();
        for (Step step : design.steps()) {
            assertThat(words).contains(Words.say("step." + step.role().name()).split(" ")[0]);
        }
        int tickets = design.candidate().plan().tickets().size();
        assertThat(words).contains(" " + tickets + ". ");
        for (Lot lot : project.heap().lots()) {
            assertThat(words).contains(" " + lot.id() + " ");
        }
    }

    @Test
    void theContentsNameThePagesOnWhichThingsAre() throws IOException {
        Matcher steps =
                Pattern.compile(Words.say("packet.steps") + ", page (\\d+)").matcher(text(1, 1));
        assertThat(steps.find()).isTrue();
        int page = Integer.parseInt(steps.group(1));
        assertThat(text(page, page)).contains(Words.say("packet.steps"));
    }

    @Test
    void theSameProjectGivesTheSameWords() throws IOException {
        String before = all();
        pdf = PacketPdf.write(project, design);
        assertThat(all()).isEqualTo(before);
    }
}
