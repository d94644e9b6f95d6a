package reliqua.desktop.fit;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicBoolean;
import javafx.application.Platform;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import reliqua.core.cutting.Progress;
import reliqua.core.project.Design;
import reliqua.core.project.Project;
import reliqua.core.project.Remedies;

/** Prices what would mend a design's findings, beside the window, for the design shown last. */
final class PricedRemedies {
    private static final Logger LOG = LoggerFactory.getLogger(PricedRemedies.class);

    private final Runnable changed;
    private Optional<Design> priced = Optional.empty();
    private List<Remedies.Remedy> known = List.of();
    private AtomicBoolean stopped = new AtomicBoolean(true);

    /** {@code changed} is called on the JavaFX thread when they are known. */
    PricedRemedies(Runnable changed) {
        this.changed = changed;
    }

    /** What mends a rule's finding, as far as it is known for this design. */
    List<Remedies.Remedy> of(Design design, String rule) {
        return priced.filter(p -> p == design).isPresent()
                ? known.stream().filter(r -> r.rule().equals(rule)).toList()
                : List.of();
    }

    /** Prices them for a design, unless that is done or under way. */
    void price(Project project, Design design) {
        if (priced.filter(p -> p == design).isPresent()) {
            return;
        }
        stopped.set(true);
        AtomicBoolean mine = new AtomicBoolean(false);
        stopped = mine;
        priced = Optional.of(design);
        known = List.of();
        Thread.ofVirtual().start(() -> run(project, design, mine));
    }

    private void run(Project project, Design design, AtomicBoolean mine) {
        try {
            List<Remedies.Remedy> found =
                    Remedies.of(project, design, Progress.stoppedBy(mine::get));
            Platform.runLater(() -> done(found, mine));
        } catch (RuntimeException | Error e) {
            LOG.error("Pricing remedies failed", e);
        }
    }

    private void done(List<Remedies.Remedy> found, AtomicBoolean mine) {
        if (!mine.get()) {
            known = found;
            changed.run();
        }
    }
}
