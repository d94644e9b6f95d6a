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
import org.junit.jupiter.params.provider.MethodSource;
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

    @ParameterizedTest
    @MethodSource("ids")
    void everyPageHasATitleAndPicturesThatAreThere(String id) {
        assertThat(GuidePages.title(id)).isNotEqualTo(id);
        List<String> pictures = new ArrayList<>();
        GuidePages.page(id)
                .accept(
                        new AbstractVisitor() {
                            @Override
                            public void visit(Image image) {
                                pictures.add(image.getDestination());
                            }
                        });
        assertThat(pictures).allMatch(p -> Files.isRegularFile(DOCS.resolve(p)));
    }

    @Test
    void everyFileOfTheGuideIsListed() throws java.io.IOException {
        try (var files = Files.list(DOCS)) {
            assertThat(files.map(f -> f.getFileName().toString().replace(".md", "")))
                    .containsExactlyInAnyOrderElementsOf(GuidePages.ids());
        }
    }

    @Test
    void whatTheGuideSaysOneCanSayIsUnderstood() {
        Project project = DemoProjects.ternLane(Merchants::priceBook, new Climates());
        List<String> said = inTables(GuidePages.page("talk"));
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
