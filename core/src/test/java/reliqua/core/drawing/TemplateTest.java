package reliqua.core.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Houses;
import reliqua.core.coop.Part;
import reliqua.core.coop.Role;
import reliqua.core.coop.family.CoopFamily;
import reliqua.core.coop.family.Families;
import reliqua.core.measure.Tape;

/** Paper that is cut out and laid on wood. */
class TemplateTest {
    /** What an A4 or a Letter page has between its margins, in millimetres. */
    private static final double WIDE = 172;

    private static final double HIGH = 215;

    private static double[] size(Template template) {
        return new double[] {template.picture().width(), template.picture().height()};
    }

    @ParameterizedTest
    @MethodSource("reliqua.core.coop.Houses#families")
    void everyTemplateFitsItsPageAndIsAsWideAsItsStick(CoopFamily family) {
        Coop coop = Houses.random(family, new Random(31));
        for (Template template : Template.of(coop)) {
            assertThat(size(template)[0]).isLessThan(WIDE);
            assertThat(size(template)[1]).isLessThan(HIGH);
            assertThat(template.words().words(Tape.METRIC)).isNotBlank();
            for (String mark : template.marks()) {
                Part part = coop.find(mark).orElseThrow();
                assertThat(part.solid().isBox()).as("cut square: %s", mark).isFalse();
                if (part instanceof Part.StickPart stick
                        && template.where() != Template.Where.WHOLE) {
                    double across =
                            Math.max(
                                    stick.section().width().toMm(),
                                    stick.section().thickness().toMm());
                    assertThat(size(template)[1]).isLessThanOrEqualTo(across + 1);
                }
            }
        }
    }

    @Test
    void raftersHaveTheirTailAndTheirSeats() {
        Coop coop = Houses.ordinary();
        List<Template> rafters =
                Template.of(coop).stream().filter(t -> t.role() == Role.RAFTER).toList();
        assertThat(rafters).extracting(Template::where).contains(Template.Where.END);
        Set<String> marked = new HashSet<>();
        rafters.forEach(t -> marked.addAll(t.marks()));
        assertThat(marked).hasSize(coop.of(Role.RAFTER).size());
        assertThat(rafters.size()).as("alike are drawn once").isLessThan(marked.size() * 3);
    }

    /** Both legs of an A and both their feet are one cut, turned over. */
    @Test
    void mirrorImagesAreOneTemplate() {
        Coop pen = Houses.random(Families.find("aframe").orElseThrow(), new Random(32));
        List<Template> legs =
                Template.of(pen).stream().filter(t -> t.role() == Role.PEN_LEG).toList();
        assertThat(legs).isNotEmpty().hasSizeLessThanOrEqualTo(2);
        assertThat(legs).allMatch(t -> t.marks().size() == pen.of(Role.PEN_LEG).size());
    }

    @Test
    void theRulerIsAsLongAsItSays() {
        for (Tape tape : List.of(Tape.INCH, Tape.METRIC)) {
            assertThat(RulerPicture.of(tape).width()).isEqualTo(RulerPicture.length(tape).toMm());
        }
    }
}
