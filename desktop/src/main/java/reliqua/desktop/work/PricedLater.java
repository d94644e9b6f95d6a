package reliqua.desktop.work;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicBoolean;
import javafx.application.Platform;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import reliqua.core.cutting.Progress;
import reliqua.core.project.Design;
import reliqua.core.project.Project;

/** Prices something about the design shown last, beside the window: each price takes a plan. */
public final class PricedLater<T> {
    private static final Logger LOG = LoggerFactory.getLogger(PricedLater.class);

    /** Works out the prices. */
    @FunctionalInterface
    public interface Pricing<T> {
        /** All prices there are; fewer when the progress is cancelled. */
        List<T> of(Project project, Design design, Progress progress);
    }

    private final Pricing<T> pricing;
    private final Runnable changed;
    private Optional<Design> priced = Optional.empty();
    private List<T> known = List.of();
    private AtomicBoolean stopped = new AtomicBoolean(true);

    /** {@code changed} is called on the JavaFX thread when prices are known. */
    public PricedLater(Pricing<T> pricing, Runnable changed) {
        this.pricing = pricing;
        this.changed = changed;
    }

    /** What is known about this design so far. */
    public List<T> of(Design design) {
        return priced.filter(p -> p == design).isPresent() ? known : List.of();
    }

    /** Prices it, unless that is done or under way. */
    public void price(Project project, Design design) {
        if (priced.filter(p -> p == design).isPresent()) {
            return;
        }
        stopped.set(true);
        AtomicBoolean mine = new AtomicBoolean(false);
        stopped = mine;
        priced = Optional.of(design);
        known = List.of();
        Calculations.run(() -> run(project, design, mine));
    }

    private void run(Project project, Design design, AtomicBoolean mine) {
        try {
            List<T> found = pricing.of(project, design, Progress.stoppedBy(mine::get));
            Platform.runLater(() -> done(found, mine));
        } catch (RuntimeException | Error e) {
            LOG.error("Pricing failed", e);
        }
    }

    private void done(List<T> found, AtomicBoolean mine) {
        if (!mine.get()) {
            known = found;
            changed.run();
        }
    }
}
