package reliqua.files;

import java.io.IOException;
import java.util.List;
import reliqua.core.drawing.YearPicture;
import reliqua.core.keep.Due;
import reliqua.core.keep.Entry;
import reliqua.core.keep.Happening;
import reliqua.core.keep.KeepMonth;
import reliqua.core.keep.KeepYears;
import reliqua.core.keep.Wording;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Words;
import reliqua.core.project.Dates;
import reliqua.core.project.Keeping;
import reliqua.core.project.Project;
import reliqua.core.stock.Photo;

/** The year on paper: eggs, costs, losses, what is due, what one would do otherwise next time. */
public final class KeepPdf {
    private static final int MONTHS = 12;
    private static final int DUES = 8;
    private static final float PHOTO_HIGH = 110;

    private final Project project;
    private final Keeping keeping;
    private final Tape tape;

    private KeepPdf(Project project, Keeping keeping) {
        this.project = project;
        this.keeping = keeping;
        this.tape = project.keeper().tape();
    }

    /** The bytes of the PDF. */
    public static byte[] write(Project project, Keeping keeping) throws IOException {
        return new KeepPdf(project, keeping).write();
    }

    private byte[] write() throws IOException {
        return PdfFlow.document(
                project,
                flow -> {
                    year(flow);
                    losses(flow);
                    happened(flow);
                    due(flow);
                });
    }

    private void year(PdfFlow flow) {
        KeepYears years = keeping.years();
        flow.heading(Words.say("keep.pdf.head", project.name(), Dates.day(keeping.today())));
        if (years.eggs() == 0) {
            flow.line(Words.say("keep.pdf.none"));
            return;
        }
        flow.line(
                Words.say(
                        "keep.pdf.sum",
                        years.eggs(),
                        years.days(),
                        tape.say(years.egg()),
                        tape.say(years.boughtEgg()),
                        tape.say(years.saved())));
        flow.line(
                Words.say(
                        "keep.pdf.costs",
                        tape.say(years.feedCost()),
                        tape.say(years.otherCost()),
                        tape.say(years.coop()),
                        tape.say(years.taken())));
        List<KeepMonth> months = last(years.months());
        flow.picture(YearPicture.of(months), 190, 2);
        for (KeepMonth month : months) {
            flow.line(
                    Words.say(
                            "keep.pdf.month",
                            month.month().toString(),
                            month.eggs(),
                            Math.round(month.rate() * 100),
                            Math.round(month.usualRate() * 100),
                            tape.say(month.feed()),
                            tape.say(month.cost())));
        }
    }

    private static List<KeepMonth> last(List<KeepMonth> months) {
        return months.subList(Math.max(0, months.size() - MONTHS), months.size());
    }

    private void losses(PdfFlow flow) {
        if (!keeping.losses().rows().isEmpty()) {
            flow.subheading(Words.say("keep.pdf.losses"));
            keeping.losses().rows().stream()
                    .flatMap(r -> r.words().stream())
                    .forEach(w -> flow.line(w.words(tape)));
        }
    }

    private void happened(PdfFlow flow) {
        flow.subheading(Words.say("keep.pdf.happened"));
        List<Entry> told =
                project.book().log().reversed().stream()
                        .filter(e -> !e.day().isBefore(keeping.today().minusYears(1)))
                        .filter(
                                e ->
                                        e.what() instanceof Happening.Lost
                                                || e.what() instanceof Happening.Joined
                                                || e.what() instanceof Happening.Left
                                                || e.what() instanceof Happening.Mended
                                                || e.what() instanceof Happening.Seen
                                                || e.what() instanceof Happening.NextTime)
                        .toList();
        told.forEach(e -> flow.line(Dates.day(e.day()) + "   " + Wording.of(e.what(), tape)));
        if (told.isEmpty()) {
            flow.line(Words.say("keep.pdf.quiet"));
        }
        flow.photos(
                told.stream().flatMap(e -> e.photos().stream()).map(Photo::jpeg).toList(),
                PHOTO_HIGH);
    }

    private void due(PdfFlow flow) {
        flow.subheading(Words.say("keep.pdf.due"));
        for (Due due : keeping.dues().stream().limit(DUES).toList()) {
            flow.tick(
                    Words.say("chore." + due.chore().id())
                            + " - "
                            + Words.say("chore." + due.chore().id() + ".sign"),
                    Dates.near(due.day()));
        }
    }
}
