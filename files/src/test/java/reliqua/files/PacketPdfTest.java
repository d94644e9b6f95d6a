package reliqua.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import reliqua.core.build.Step;
import reliqua.core.build.StepNote;
import reliqua.core.buy.Bill;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.cutting.Progress;
import reliqua.core.flock.Tool;
import reliqua.core.measure.Money;
import reliqua.core.measure.Words;
import reliqua.core.project.Design;
import reliqua.core.project.Finished;
import reliqua.core.project.PlanReview;
import reliqua.core.project.Project;
import reliqua.core.project.Shopping;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Photo;
import reliqua.standins.Merchants;

class PacketPdfTest {
    private static final int MOST_PAGES = 12;
    private static final PlanReview REVIEW =
            new PlanReview(
                    List.of(new PlanReview.Improvement.Borrow(Tool.PRY_BAR, Money.of(12))),
                    Optional.empty());

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
        pdf = PacketPdf.write(project, design, REVIEW);
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

    private static String of(byte[] pages) throws IOException {
        try (PDDocument document = Loader.loadPDF(pages)) {
            assertThat(document.getNumberOfPages()).isBetween(1, 3);
            return new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
        }
    }

    @Test
    void aChapterIsHadAlone() throws IOException {
        String list =
                of(PacketPdf.write(project, design, REVIEW, Set.of(PacketPdf.Chapter.FETCHING)));
        assertThat(list)
                .contains("To fetch", "Worth looking out for", "12.00 less")
                .doesNotContain("Cutting", "Labels for the heap");
        String card =
                of(PacketPdf.write(project, design, REVIEW, Set.of(PacketPdf.Chapter.UPKEEP)));
        assertThat(card).contains("What comes round").doesNotContain("To fetch");
        String drawings =
                of(PacketPdf.write(project, design, REVIEW, Set.of(PacketPdf.Chapter.DRAWINGS)));
        assertThat(drawings).contains("every frame to mark out").doesNotContain("Raising it");
    }

    @Test
    void theCardForThePocketHasTheListAndWhatToLookOutFor() throws IOException {
        String card = of(PocketPdf.write(project, design, REVIEW));
        for (Bill.Line line : design.bill().lines()) {
            assertThat(card).contains(Shopping.name(line));
        }
        assertThat(card).contains("Worth looking out for").contains("12.00 less");
    }

    @Test
    void thePageOfTheCoopTellsWhatWasWrittenDown() throws IOException {
        Step first = design.steps().getFirst();
        BufferedImage picture = new BufferedImage(40, 30, BufferedImage.TYPE_INT_RGB);
        ByteArrayOutputStream jpeg = new ByteArrayOutputStream();
        ImageIO.write(picture, "jpg", jpeg);
        StepNote note =
                new StepNote(95, "one leg 8 mm longer", List.of(new Photo(jpeg.toByteArray())));
        Project built = project.tick(first.key(), true).noting(first.key(), note);
        String page = of(FinishedPdf.write(built, design));
        Finished figures = Finished.of(built, design);
        assertThat(page)
                .contains("one leg 8 mm longer")
                .contains("95 min")
                .contains(built.keeper().tape().say(figures.spared()))
                .contains("1 h 35 min");
        assertThat(figures.asNew()).isGreaterThan(figures.cost());
        assertThat(of(FinishedPdf.write(project, design))).contains("No notes were written");
    }

    @Test
    void aPictureThatCannotBeReadIsLeftOut() throws IOException {
        StepNote note = StepNote.NONE.showing(List.of(new Photo(new byte[] {1, 2, 3})));
        Project built = project.noting(design.steps().getFirst().key(), note);
        assertThat(of(FinishedPdf.write(built, design))).contains(project.name());
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
            assertThat(words).contains(step.words().words(project.keeper().tape()).split(" ")[0]);
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
        pdf = PacketPdf.write(project, design, REVIEW);
        assertThat(all()).isEqualTo(before);
    }
}
