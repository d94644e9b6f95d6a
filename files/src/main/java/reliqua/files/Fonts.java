package reliqua.files;

import java.awt.Font;
import java.awt.FontFormatException;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;

/** The program's own typeface, for paper. */
final class Fonts {
    private static final Font REGULAR = load("hyperlegible-400.ttf");
    private static final Font BOLD = load("hyperlegible-700.ttf");

    private Fonts() {}

    static Font regular(float size) {
        return REGULAR.deriveFont(size);
    }

    static Font bold(float size) {
        return BOLD.deriveFont(size);
    }

    static InputStream stream(String name) {
        InputStream in = Fonts.class.getResourceAsStream("fonts/" + name);
        if (in == null) {
            throw new IllegalStateException("font " + name + " is not shipped");
        }
        return in;
    }

    private static Font load(String name) {
        try (InputStream in = stream(name)) {
            return Font.createFont(Font.TRUETYPE_FONT, in);
        } catch (FontFormatException | IOException e) {
            throw new UncheckedIOException(new IOException("font " + name + " cannot be read", e));
        }
    }
}
