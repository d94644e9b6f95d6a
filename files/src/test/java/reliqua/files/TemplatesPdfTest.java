package reliqua.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.util.Optional;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import reliqua.core.cutting.Progress;
import reliqua.core.measure.Length;
import reliqua.core.project.Design;
import reliqua.core.project.Project;
import reliqua.standins.Merchants;

/** A template is of no use at any size but its own. */
class TemplatesPdfTest {
    /** Ten dots a millimetre. */
    private static final int DPI = 254;

    @Test
    void aHundredMillimetresOnThePageAreAHundredMillimetres() throws Exception {
        // All of its lengths are given: the page is what is tested here, not the search.
        Project project =
                Examples.find("kitchen-yard")
                        .orElseThrow()
                        .project(Merchants::priceBook)
                        .hold("width", Length.mm(2831))
                        .hold("depth", Length.mm(813))
                        .hold("front", Length.mm(1064))
                        .hold("back", Length.mm(876))
                        .hold("legs", Length.mm(450))
                        .hold("overhang", Length.mm(150));
        Design design =
                Design.derive(project, Optional.empty(), Progress.NONE, _ -> {})
                        .design()
                        .orElseThrow();
        try (PDDocument pdf = Loader.loadPDF(TemplatesPdf.write(project, design))) {
            String text = new PDFTextStripper().getText(pdf);
            assertThat(text).contains("full size", "100 mm", "rafter");
            BufferedImage page = new PDFRenderer(pdf).renderImageWithDPI(0, DPI, ImageType.GRAY);
            assertThat(firstLongLine(page)).isBetween(990, 1012);
        }
    }

    /** Down the page the ruler is the first line that is longer than any letter. */
    private static int firstLongLine(BufferedImage page) {
        for (int y = 0; y < page.getHeight(); y++) {
            int run = 0;
            int longest = 0;
            for (int x = 0; x < page.getWidth(); x++) {
                run = (page.getRGB(x, y) & 0xff) < 160 ? run + 1 : 0;
                longest = Math.max(longest, run);
            }
            if (longest > DPI) {
                return longest;
            }
        }
        throw new AssertionError("no ruler on the page");
    }
}
