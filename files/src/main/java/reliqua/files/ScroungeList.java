package reliqua.files;

import java.util.List;
import reliqua.core.measure.Sum;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Words;
import reliqua.core.project.Describe;
import reliqua.core.project.Design;
import reliqua.core.project.NoBuying;
import reliqua.core.project.PlanReview;

/** What to look out for on paper, and what would do in place of what is bought. */
final class ScroungeList {
    private ScroungeList() {}

    static void write(PdfFlow flow, Design design, PlanReview review, Tape tape) {
        finds(flow, review, tape);
        instead(flow, design, tape);
    }

    private static void finds(PdfFlow flow, PlanReview review, Tape tape) {
        flow.section(Words.say("pocket.scrounge"));
        if (review.improvements().isEmpty()) {
            flow.line(Words.say("pocket.scrounge.none"));
            return;
        }
        flow.line(Words.say("pocket.scrounge.how"));
        for (PlanReview.Improvement each : review.improvements()) {
            flow.tick(
                    Describe.improvement(each, tape),
                    Words.say("pocket.saves", tape.say(each.saving())));
        }
    }

    private static void instead(PdfFlow flow, Design design, Tape tape) {
        List<Sum> instead = NoBuying.instead(design);
        if (!instead.isEmpty()) {
            flow.section(Words.say("pocket.instead"));
            instead.forEach(i -> flow.line("- " + i.words(tape)));
        }
    }
}
