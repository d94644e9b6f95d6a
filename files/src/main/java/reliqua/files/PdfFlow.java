package reliqua.files;

import de.rototor.pdfbox.graphics2d.PdfBoxGraphics2D;
import de.rototor.pdfbox.graphics2d.PdfBoxGraphics2DFontTextDrawer;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.geom.AffineTransform;
import java.awt.geom.Line2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javax.imageio.ImageIO;
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
    private static final float MARGIN = 36;
    private static final float FOOT = 30;
    private static final float GAP = 14;
    private static final float GUTTER = 18;

    /** From the upper edge of a picture to what follows, besides its height. */
    private static final float BELOW_PICTURE = 8;

    /** Words stand so far in behind a box to tick. */
    private static final float INSET = 18;

    private final PDDocument document;
    private final PDRectangle size;
    private final String footer;
    private @Nullable PDPage page;
    private @Nullable PdfBoxGraphics2D g;
    private float y;
    private int pages;

    /**
     * Columns of the page, the one that is filled, where they begin, and the lowest of them yet.
     */
    private int columns = 1;

    private int column;
    private float top = MARGIN;
    private float lowest = MARGIN;

    /** Whether heights are only added up, and nothing is set or begun. */
    private boolean measuring;

    /** Size of type and of a line of it. */
    private float type = 10;

    private float leading = 14;

    /** The page on which each heading stands. */
    private final Map<String, Integer> headings = new LinkedHashMap<>();

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

    /** Of a column. */
    float width() {
        return (size.getWidth() - 2 * MARGIN - (columns - 1) * GUTTER) / columns;
    }

    private float left() {
        return MARGIN + column * (width() + GUTTER);
    }

    private float right() {
        return left() + width();
    }

    /** From here on in so many columns, in smaller type where there are several. */
    void columns(int number) {
        y = Math.max(y, lowest);
        columns = number;
        column = 0;
        top = y;
        lowest = y;
        type = number == 1 ? 10 : 8.25f;
        leading = number == 1 ? 14 : 10.5f;
    }

    /** The pages of the headings so far. */
    Map<String, Integer> headings() {
        return headings;
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
        top = MARGIN;
        lowest = MARGIN;
        column = 0;
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

    /** Goes on in the next column, or on a new page, unless so much is free. */
    void need(float height) {
        if (measuring || y + height <= size.getHeight() - MARGIN - FOOT / 2) {
            return;
        }
        lowest = Math.max(lowest, y);
        if (column + 1 < columns) {
            column++;
            y = top;
        } else {
            newPage();
        }
    }

    /** What is set here is not parted, unless it is higher than a column. */
    void together(Runnable block) {
        need(heightOf(block));
        block.run();
    }

    private float heightOf(Runnable block) {
        float before = y;
        boolean within = measuring;
        measuring = true;
        block.run();
        measuring = within;
        float height = y - before;
        y = before;
        return height;
    }

    void heading(String words) {
        columns(1);
        need(90);
        y += 22;
        text(words, Fonts.bold(18), left(), y);
        headings.put(words, pages);
        y += 10;
    }

    /** A heading within the columns there are. */
    void section(String words) {
        need(80);
        y += 20;
        text(words, Fonts.bold(14), left(), y);
        headings.put(words, pages);
        y += 6;
    }

    void subheading(String words) {
        need(40);
        y += 18;
        text(words, Fonts.bold(type + 1.5f), left(), y);
        y += 4;
    }

    void line(String words) {
        wrapped(words, Fonts.regular(type), left(), width());
    }

    void bold(String words) {
        wrapped(words, Fonts.bold(type), left(), width());
    }

    /** A line behind a box to tick, and a figure at the right edge. */
    void tick(String words, String right) {
        together(() -> ticked(words, right));
    }

    private void ticked(String words, String right) {
        box(new Rectangle2D.Float(left(), y + leading - type + 1, type - 1, type - 1), 0.8f);
        float wide = 0;
        if (!right.isEmpty()) {
            wide = graphics().getFontMetrics(Fonts.bold(type)).stringWidth(right) + GAP;
            text(right, Fonts.bold(type), right() - wide + GAP, y + leading);
        }
        wrapped(words, Fonts.regular(type), left() + INSET, width() - INSET - wide);
    }

    /**
     * A word that fits no line by itself is not parted, and no paragraph is parted by the end of a
     * column; there it begins anew with that column's own edge.
     */
    private void wrapped(String words, Font font, float x, float most) {
        float inset = x - left();
        List<String> lines = lines(words, font, most);
        need(lines.size() * leading + 2);
        for (String line : lines) {
            y += leading;
            text(line, font, left() + inset, y);
        }
    }

    private List<String> lines(String words, Font font, float most) {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : words.split(" ")) {
            String longer = line.isEmpty() ? word : line + " " + word;
            if (!line.isEmpty() && graphics().getFontMetrics(font).stringWidth(longer) > most) {
                lines.add(line.toString());
                line = new StringBuilder(word);
            } else {
                line = new StringBuilder(longer);
            }
        }
        lines.add(line.toString());
        return lines;
    }

    private void box(Rectangle2D.Float box, float stroke) {
        if (measuring) {
            return;
        }
        graphics().setColor(Color.BLACK);
        graphics().setStroke(new BasicStroke(stroke));
        graphics().draw(box);
    }

    private void text(String words, Font font, float x, float baseline) {
        if (measuring) {
            return;
        }
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
        drawn(picture, scale);
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
        paint(picture, left(), scale);
        paint(beside, (float) (right() - beside.width() * other), other);
        y += used + BELOW_PICTURE;
    }

    /** A picture at exactly so many points a millimetre, which must fit the page. */
    void drawn(Picture picture, double scale) {
        float above = Painter.above(picture, scale);
        float used = above + (float) (picture.height() * scale);
        need(used + 8);
        y += above;
        paint(picture, left(), scale);
        y += used - above + BELOW_PICTURE;
    }

    private void paint(Picture picture, float x, double scale) {
        if (measuring) {
            return;
        }
        AffineTransform before = graphics().getTransform();
        new Painter(graphics()).paint(picture, x, y + 6, scale);
        graphics().setTransform(before);
    }

    /** Photos side by side, as many as find room in a row; one that cannot be read is left out. */
    void photos(List<byte[]> jpegs, float height) {
        float x = left();
        for (byte[] jpeg : jpegs) {
            Optional<BufferedImage> image = decoded(jpeg);
            if (image.isEmpty()) {
                continue;
            }
            float wide =
                    Math.min(width(), height * image.get().getWidth() / image.get().getHeight());
            if (x == left()) {
                need(height + 8);
            } else if (x + wide > right()) {
                y += height + 8;
                x = left();
                need(height + 8);
            }
            float high = wide * image.get().getHeight() / image.get().getWidth();
            AffineTransform place = AffineTransform.getTranslateInstance(x, y + 6);
            place.scale(wide / image.get().getWidth(), high / (double) image.get().getHeight());
            graphics().drawImage(image.get(), place, null);
            x += wide + 8;
        }
        if (x > left()) {
            y += height + 8;
        }
    }

    private static Optional<BufferedImage> decoded(byte[] jpeg) {
        try {
            return Optional.ofNullable(ImageIO.read(new ByteArrayInputStream(jpeg)));
        } catch (IOException e) {
            return Optional.empty();
        }
    }

    /** How high a picture may be on a page that begins with a heading. */
    float pageHeight() {
        return size.getHeight() - 2 * MARGIN - FOOT;
    }

    /** A thin line across the column. */
    void rule() {
        need(8);
        y += 5;
        graphics().setColor(Color.GRAY);
        graphics().setStroke(new BasicStroke(0.5f));
        graphics().draw(new Line2D.Float(left(), y, right(), y));
    }

    /** A frame to cut out, with a large word and lines below. */
    void label(String large, List<String> lines, float height) {
        need(height + 6);
        box(new Rectangle2D.Float(left(), y + 3, width(), height), 0.6f);
        text(large, Fonts.bold(15), left() + 6, y + 20);
        for (int n = 0; n < lines.size(); n++) {
            text(lines.get(n), Fonts.regular(7.5f), left() + 6, y + 31 + n * 9);
        }
        y += height + 6;
    }

    /** A line set in under a box to tick. */
    void under(String words) {
        wrapped(words, Fonts.regular(type), left() + INSET, width() - INSET);
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
