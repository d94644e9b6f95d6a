package reliqua.desktop.shell;

import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import reliqua.core.measure.Tape;
import reliqua.core.project.Describe;
import reliqua.core.project.PlanReview;
import reliqua.desktop.Texts;

/** What would lower the bill, a line each. */
public final class Helps {
    private Helps() {}

    /** What it is, and what it saves. */
    public static Node row(PlanReview.Improvement improvement, Tape tape) {
        String words = Describe.improvement(improvement, tape);
        Label saves =
                Parts.text(
                        Texts.get("help.saves", tape.say(improvement.saving())), "holds", "strong");
        saves.setWrapText(false);
        saves.setMinWidth(Region.USE_PREF_SIZE);
        return Parts.row(10, Parts.text(words, "note-ink"), Parts.spring(), saves);
    }
}
