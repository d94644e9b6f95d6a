package reliqua.files;

import de.rototor.pdfbox.graphics2d.PdfBoxGraphics2D;
import de.rototor.pdfbox.graphics2d.PdfBoxGraphics2DFontTextDrawer;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.function.Consumer;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDDocumentInformation;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.jspecify.annotations.Nullable;
import reliqua.core.drawing.Picture;
import reliqua.core.measure.UnitSystem;
import reliqua.core.measure.Words;
import reliqua.core.project.Project;

/** Sets text, boxes to tick and pictures down a page, and begins a new one when they do not fit. */
final class PdfFlow implements AutoCloseable {
    private static final float MARGIN = 44;
    private static final float FOOT = 34;
    private static final float GAP = 14;

    /** Words stand so far in behind a box to tick. */
    private static final float INSET = 18;

    private final PDDocument document;
    private final PDRectangle size;
    private final String footer;
    private @Nullable PDPage page;
    private @Nullable PdfBoxGraphics2D g;
    private float y;
    private int pages;

    PdfFlow(PDDocument document, PDRectangle size, String footer) {
        this.document = document;
        this.size = size;
        this.footer = footer;
        newPage();
    }

    /** A document of pages for a keeper's paper: Letter where inches are read, else A4. */
    static byte[] document(Project project, Consumer<PdfFlow> pages) throws IOException {
        boolean letter = project.keeper().tape().system() == UnitSystem.INCHES;
        try (PDDocument document = new PDDocument()) {
            PDDocumentInformation information = new PDDocumentInformation();
            information.setTitle(project.name());
            information.setCreator("Reliqua");
            document.setDocumentInformation(information);
            try (PdfFlow flow =
                    new PdfFlow(
                            document,
                            letter ? PDRectangle.LETTER : PDRectangle.A4,
                            Words.say("packet.footer", project.name()))) {
                pages.accept(flow);
            }
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            document.save(out);
            return out.toByteArray();
        }
    }

    float width() {
        return size.getWidth() - 2 * MARGIN;
    }

    private PdfBoxGraphics2D graphics() {
        return java.util.Objects.requireNonNull(g);
    }

    void newPage() {
        finishPage();
        page = new PDPage(size);
        document.addPage(page);
        pages++;
        try {
            PdfBoxGraphics2D fresh =
                    new PdfBoxGraphics2D(document, size.getWidth(), size.getHeight());
            PdfBoxGraphics2DFontTextDrawer drawer = new PdfBoxGraphics2DFontTextDrawer();
            drawer.registerFont(Fonts.stream("hyperlegible-400.ttf"));
            drawer.registerFont(Fonts.stream("hyperlegible-700.ttf"));
            fresh.setFontTextDrawer(drawer);
            g = fresh;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        y = MARGIN;
        text(footer, Fonts.regular(8), MARGIN, size.getHeight() - FOOT + 10);
        text(
                String.valueOf(pages),
                Fonts.regular(8),
                size.getWidth() - MARGIN - 10,
                size.getHeight() - FOOT + 10);
    }

    private void finishPage() {
        if (g == null) {
            return;
        }
        graphics().dispose();
        try (PDPageContentStream stream = new PDPageContentStream(document, page)) {
            stream.drawForm(graphics().getXFormObject());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Begins a new page unless so much is free. */
    void need(float height) {
        if (y + height > size.getHeight() - MARGIN - FOOT / 2) {
            newPage();
        }
    }

    void heading(String words) {
        need(60);
        y += 22;
        text(words, Fonts.bold(18), MARGIN, y);
        y += 10;
    }

    void subheading(String words) {
        need(40);
        y += 18;
        text(words, Fonts.bold(11.5f), MARGIN, y);
        y += 4;
    }

    void line(String words) {
        wrapped(words, Fonts.regular(10), MARGIN, width());
    }

    void bold(String words) {
        wrapped(words, Fonts.bold(10), MARGIN, width());
    }

    /** A line behind a box to tick, and a figure at the right edge. */
    void tick(String words, String right) {
        need(18);
        graphics().setColor(Color.BLACK);
        graphics().setStroke(new BasicStroke(0.8f));
        graphics().draw(new Rectangle2D.Float(MARGIN, y + 5, 9, 9));
        float before = y;
        if (!right.isEmpty()) {
            float wide = graphics().getFontMetrics(Fonts.bold(10)).stringWidth(right);
            text(right, Fonts.bold(10), size.getWidth() - MARGIN - wide, before + 14);
        }
        wrapped(
                words,
                Fonts.regular(10),
                MARGIN + INSET,
                width() - INSET - (right.isEmpty() ? 0 : 80));
    }

    private void wrapped(String words, Font font, float x, float most) {
        StringBuilder line = new StringBuilder();
        for (String word : words.split(" ")) {
            String longer = line.isEmpty() ? word : line + " " + word;
            if (!line.isEmpty() && graphics().getFontMetrics(font).stringWidth(longer) > most) {
                put(line.toString(), font, x);
                line = new StringBuilder(word);
            } else {
                line = new StringBuilder(longer);
            }
        }
        put(line.toString(), font, x);
    }

    private void put(String words, Font font, float x) {
        need(16);
        y += 14;
        text(words, font, x, y);
    }

    private void text(String words, Font font, float x, float baseline) {
        graphics().setFont(font);
        graphics().setColor(Color.BLACK);
        graphics().drawString(words, x, baseline);
    }

    /**
     * A picture across the page, at most so high, and no larger than {@code mostScale} points a
     * millimetre.
     */
    void picture(Picture picture, float height, double mostScale) {
        double scale =
                Math.min(mostScale, Math.min(width() / picture.width(), height / picture.height()));
        float used = (float) (picture.height() * scale);
        need(used + 8);
        AffineTransform before = graphics().getTransform();
        new Painter(graphics()).paint(picture, MARGIN, y + 6, scale);
        graphics().setTransform(before);
        y += used + 10;
    }

    /**
     * A picture with another at the right edge beside it, both at most so high.
     *
     * @param mostScale most points a millimetre of the first
     * @param wide room of the second
     */
    void pictures(Picture picture, double mostScale, Picture beside, float wide, float height) {
        float room = width() - wide - GAP;
        double scale =
                Math.min(mostScale, Math.min(room / picture.width(), height / picture.height()));
        double other = Math.min(wide / beside.width(), height / beside.height());
        float used = (float) Math.max(picture.height() * scale, beside.height() * other);
        need(used + 8);
        AffineTransform before = graphics().getTransform();
        new Painter(graphics()).paint(picture, MARGIN, y + 6, scale);
        graphics().setTransform(before);
        double x = size.getWidth() - MARGIN - beside.width() * other;
        new Painter(graphics()).paint(beside, x, y + 6, other);
        graphics().setTransform(before);
        y += used + 10;
    }

    /** A line set in under a box to tick. */
    void under(String words) {
        wrapped(words, Fonts.regular(10), MARGIN + INSET, width() - INSET);
    }

    void space(float points) {
        y += points;
    }

    @Override
    public void close() {
        finishPage();
        g = null;
    }
}
