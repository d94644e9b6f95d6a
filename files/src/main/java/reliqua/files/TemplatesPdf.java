package reliqua.files;

import java.io.IOException;
import java.util.List;
import reliqua.core.drawing.RulerPicture;
import reliqua.core.drawing.Template;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Words;
import reliqua.core.project.Design;
import reliqua.core.project.Project;

/** Paper to cut out and lay on the wood: ends, seats and small panels at their true size. */
public final class TemplatesPdf {
    private static final double POINTS_A_MM = 72 / 25.4;

    /** More marks than this do not help to find a stick. */
    private static final int MOST_MARKS = 12;

    private final Project project;
    private final Design design;
    private final Tape tape;

    private TemplatesPdf(Project project, Design design) {
        this.project = project;
        this.design = design;
        this.tape = project.keeper().tape();
    }

    /** The bytes of the PDF; where all is cut square one page says so. */
    public static byte[] write(Project project, Design design) throws IOException {
        return PdfFlow.document(project, new TemplatesPdf(project, design)::pages);
    }

    private void pages(PdfFlow flow) {
        flow.heading(Words.say("templates.head", project.name()));
        List<Template> templates = Template.of(design.candidate().coop());
        if (templates.isEmpty()) {
            flow.line(Words.say("templates.none"));
            return;
        }
        flow.bold(Words.say("templates.how", tape.say(RulerPicture.length(tape))));
        flow.drawn(RulerPicture.of(tape), POINTS_A_MM);
        flow.line(Words.say("templates.use"));
        for (Template template : templates) {
            double high = template.picture().height() * POINTS_A_MM;
            flow.need((float) high + 44);
            flow.subheading(
                    Words.say("templates.of", template.words().words(tape), marks(template)));
            flow.drawn(template.picture(), POINTS_A_MM);
        }
    }

    private static String marks(Template template) {
        String some = String.join(", ", template.marks().stream().limit(MOST_MARKS).toList());
        return template.marks().size() > MOST_MARKS ? some + " ..." : some;
    }
}
