package reliqua.files;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import reliqua.core.build.Pace;
import reliqua.core.build.Step;
import reliqua.core.build.StepNote;
import reliqua.core.check.Finding;
import reliqua.core.coop.Coop;
import reliqua.core.drawing.Oblique;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Words;
import reliqua.core.project.Design;
import reliqua.core.project.Finished;
import reliqua.core.project.Project;
import reliqua.core.stock.Photo;

/** A page of the coop as it was built: what it cost and spared, hours, notes and pictures. */
public final class FinishedPdf {
    private static final float PICTURE_HIGH = 210;
    private static final float PHOTO_HIGH = 150;

    private final Project project;
    private final Design design;
    private final Tape tape;

    private FinishedPdf(Project project, Design design) {
        this.project = project;
        this.design = design;
        this.tape = project.keeper().tape();
    }

    /** The bytes of the PDF. */
    public static byte[] write(Project project, Design design) throws IOException {
        return PdfFlow.document(project, new FinishedPdf(project, design)::pages);
    }

    private void pages(PdfFlow flow) {
        Coop coop = design.candidate().coop();
        Coop.Measures m = coop.measures();
        flow.heading(project.name());
        flow.line(
                Words.say(
                        "finished.sub",
                        Words.say("family." + design.candidate().spec().family()),
                        tape.say(m.width()),
                        tape.say(m.depth()),
                        tape.say(m.floor()),
                        project.flock().housed()));
        flow.picture(Oblique.of(coop), PICTURE_HIGH, 1);
        figures(flow);
        notes(flow);
        rules(flow);
    }

    private void figures(PdfFlow flow) {
        Finished now = Finished.of(project, design);
        flow.bold(
                Words.say(
                        "finished.cost",
                        tape.say(now.cost()),
                        tape.say(now.paid()),
                        tape.say(now.toBuy())));
        flow.line(Words.say("finished.asNew", tape.say(now.asNew()), tape.say(now.spared())));
        flow.line(
                Words.say(
                        "finished.hours",
                        now.minutes() / 60,
                        now.minutes() % 60,
                        Math.round(now.left() / 60.0)));
        Pace pace = design.pace(project);
        if (pace.isKnown()) {
            flow.line(Words.say("finished.pace", pace.taken(), pace.planned()));
        }
    }

    private void notes(PdfFlow flow) {
        flow.subheading(Words.say("finished.notes"));
        List<Photo> photos = new ArrayList<>();
        boolean any = false;
        for (Step step : design.steps()) {
            StepNote note = project.note(step.key());
            if (!note.isEmpty()) {
                any = true;
                String name = step.words().words(tape);
                flow.tick(
                        name,
                        note.minutes() == 0 ? "" : Words.say("packet.minutes", note.minutes()));
                if (!note.words().isEmpty()) {
                    flow.under(note.words());
                }
                photos.addAll(note.photos());
            }
        }
        if (!any) {
            flow.line(Words.say("finished.none"));
        }
        flow.photos(photos.stream().map(Photo::jpeg).toList(), PHOTO_HIGH);
    }

    private void rules(PdfFlow flow) {
        flow.subheading(Words.say("finished.rules"));
        design.candidate().findings().stream()
                .filter(f -> f.severity() != Finding.Severity.GOOD)
                .forEach(f -> flow.line("!  " + f.sum().words(tape)));
        long good =
                design.candidate().findings().stream()
                        .filter(f -> f.severity() == Finding.Severity.GOOD)
                        .count();
        flow.line(Words.say("packet.good", good));
    }
}
