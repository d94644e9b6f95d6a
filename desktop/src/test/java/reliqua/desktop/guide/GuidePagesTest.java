package reliqua.desktop.guide;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.commonmark.ext.gfm.tables.TableRow;
import org.commonmark.node.AbstractVisitor;
import org.commonmark.node.Code;
import org.commonmark.node.CustomNode;
import org.commonmark.node.Image;
import org.commonmark.node.Node;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import reliqua.core.measure.Language;
import reliqua.core.project.Project;
import reliqua.core.project.SayEdit;
import reliqua.files.DemoProjects;
import reliqua.standins.Climates;
import reliqua.standins.Merchants;

class GuidePagesTest {
    private static final Path DOCS = Path.of("../docs/guide");

    static List<String> ids() {
        return GuidePages.ids();
    }

    private static Path folder(Language language) {
        return language == Language.ENGLISH ? DOCS : DOCS.resolve(language.id());
    }

    @ParameterizedTest
    @MethodSource("ids")
    void everyPageHasATitleAndPicturesThatAreThere(String id) {
        assertThat(GuidePages.title(id)).isNotEqualTo(id);
        for (Language language : Language.values()) {
            assertThat(pictures(GuidePages.page(id, language)))
                    .allMatch(p -> Files.isRegularFile(folder(language).resolve(p)));
        }
    }

    private static List<String> pictures(Node page) {
        List<String> pictures = new ArrayList<>();
        page.accept(
                new AbstractVisitor() {
                    @Override
                    public void visit(Image image) {
                        pictures.add(image.getDestination());
                    }
                });
        return pictures;
    }

    @Test
    void everyFileOfTheGuideIsListed() throws java.io.IOException {
        for (Language language : Language.values()) {
            try (var files = Files.list(folder(language))) {
                assertThat(
                                files.filter(Files::isRegularFile)
                                        .map(f -> f.getFileName().toString().replace(".md", "")))
                        .containsExactlyInAnyOrderElementsOf(GuidePages.ids());
            }
        }
    }

    @ParameterizedTest
    @EnumSource(Language.class)
    void whatTheGuideSaysOneCanSayIsUnderstood(Language language) {
        Project project = DemoProjects.kerrinRigg(Merchants::priceBook, new Climates());
        List<String> said = inTables(GuidePages.page("talk", language));
        assertThat(said).hasSizeGreaterThan(20);
        for (String line : said) {
            assertThat(SayEdit.read(line, project))
                    .as(line)
                    .isInstanceOf(SayEdit.Said.Change.class);
        }
    }

    private static List<String> inTables(Node page) {
        List<String> said = new ArrayList<>();
        page.accept(
                new AbstractVisitor() {
                    private boolean inRow;

                    @Override
                    public void visit(CustomNode node) {
                        boolean before = inRow;
                        inRow = before || node instanceof TableRow;
                        visitChildren(node);
                        inRow = before;
                    }

                    @Override
                    public void visit(Code code) {
                        if (inRow) {
                            said.add(code.getLiteral());
                        }
                    }
                });
        return said;
    }
}
