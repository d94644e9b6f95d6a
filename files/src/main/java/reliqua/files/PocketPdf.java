package reliqua.files;

import java.io.IOException;
import java.util.List;
import java.util.Optional;
import reliqua.core.build.ToolNeed;
import reliqua.core.buy.Bill;
import reliqua.core.coop.Stage;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Words;
import reliqua.core.project.Design;
import reliqua.core.project.PlanReview;
import reliqua.core.project.Project;
import reliqua.core.project.Shopping;

/**
 * A card for the pocket: what to fetch, what to look out for, what does instead, what to borrow.
 */
public final class PocketPdf {
    private final Project project;
    private final Design design;
    private final PlanReview review;
    private final Tape tape;

    private PocketPdf(Project project, Design design, PlanReview review) {
        this.project = project;
        this.design = design;
        this.review = review;
        this.tape = project.keeper().tape();
    }

    /**
     * The bytes of the PDF.
     *
     * @param review what single finds and borrowed tools would spare
     */
    public static byte[] write(Project project, Design design, PlanReview review)
            throws IOException {
        return PdfFlow.document(project, new PocketPdf(project, design, review)::pages);
    }

    private void pages(PdfFlow flow) {
        flow.heading(Words.say("pocket.head", project.name()));
        flow.columns(2);
        fetch(flow);
        ScroungeList.write(flow, design, review, tape);
        borrow(flow);
    }

    private void fetch(PdfFlow flow) {
        Bill bill = design.bill();
        flow.section(Words.say("pocket.fetch", bill.merchant()));
        for (Bill.Line line : bill.lines()) {
            flow.tick(Shopping.name(line), tape.say(line.total()));
            Shopping.fixings(line, design, tape.system()).stream()
                    .filter(f -> f.length(tape.system()).isPresent())
                    .forEach(f -> flow.under(f.words(tape)));
            Optional<Stage> first = Shopping.neededFor(line, design, project.prices());
            first.ifPresent(
                    s -> flow.under(Words.say("pocket.first", Words.say("stage." + s.name()))));
        }
        flow.space(4);
        flow.bold(
                Words.say(
                        "packet.total",
                        tape.say(bill.total()),
                        tape.say(project.keeper().budget())));
    }

    private void borrow(PdfFlow flow) {
        List<ToolNeed> away =
                design.tools(project.keeper()).stream().filter(t -> !t.there()).toList();
        if (!away.isEmpty()) {
            flow.section(Words.say("pocket.borrow"));
            away.forEach(t -> flow.tick(t.name().words(tape), ""));
        }
    }
}
