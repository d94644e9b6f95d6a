package reliqua.desktop.guide;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Objects;
import org.commonmark.Extension;
import org.commonmark.ext.gfm.tables.TablesExtension;
import org.commonmark.node.Heading;
import org.commonmark.node.Node;
import org.commonmark.node.Text;
import org.commonmark.parser.Parser;
import reliqua.core.measure.Language;
import reliqua.core.measure.Words;

/** The pages of the guide, in the order in which they are listed. */
public final class GuidePages {
    private static final List<String> IDS =
            List.of(
                    "first",
                    "birds",
                    "heap",
                    "fit",
                    "saw",
                    "fetch",
                    "raise",
                    "keep",
                    "talk",
                    "files",
                    "cautions");
    private static final List<Extension> TABLES = List.of(TablesExtension.create());
    private static final Parser PARSER = Parser.builder().extensions(TABLES).build();

    private GuidePages() {}

    /** Their names. */
    public static List<String> ids() {
        return IDS;
    }

    /** A page in the language that is spoken, parsed. */
    public static Node page(String id) {
        return page(id, Words.language());
    }

    /** The same in a certain language. */
    static Node page(String id, Language language) {
        return PARSER.parse(text(id, language));
    }

    /** What stands over a page. */
    public static String title(String id) {
        Node first = page(id).getFirstChild();
        return first instanceof Heading heading && heading.getFirstChild() instanceof Text text
                ? text.getLiteral()
                : id;
    }

    /** English pages lie on top, the others in a folder by their letters. */
    private static String text(String id, Language language) {
        String folder = language == Language.ENGLISH ? "" : language.id() + "/";
        String name = "/reliqua/desktop/guide/" + folder + id + ".md";
        try (InputStream in = GuidePages.class.getResourceAsStream(name)) {
            byte[] bytes = Objects.requireNonNull(in, name).readAllBytes();
            return new String(bytes, StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
