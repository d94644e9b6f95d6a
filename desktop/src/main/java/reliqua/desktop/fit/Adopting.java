package reliqua.desktop.fit;

import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import reliqua.core.fit.Candidate;
import reliqua.core.project.Adoption;
import reliqua.core.project.Project;
import reliqua.desktop.work.Reasons;
import reliqua.desktop.work.Workspace;

/**
 * Settles on a design, and tells what becomes of work that is done; that is found beside the
 * window, by drawing both coops.
 */
final class Adopting {
    private Adopting() {}

    /** In the words of the undo list. */
    static void settle(Workspace workspace, Candidate house, String words) {
        take(workspace, house, words, p -> p.settledOn(house));
    }

    /** A change by which a house is taken: settled on, or come back to. */
    static void take(
            Workspace workspace, Candidate house, String words, UnaryOperator<Project> change) {
        Project before = workspace.project();
        workspace.edit(words, change);
        workspace
                .background()
                .run(
                        () -> Adoption.of(before, house),
                        becomes -> {
                            if (becomes.isTold()) {
                                workspace.tell(words(becomes, workspace));
                            }
                        },
                        e -> workspace.tell(Reasons.of(e)));
    }

    static String words(Adoption becomes, Workspace workspace) {
        return becomes.words().stream()
                .map(w -> w.words(workspace.tape()))
                .collect(Collectors.joining(" "));
    }
}
