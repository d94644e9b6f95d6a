package reliqua.desktop.fit;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicBoolean;
import javafx.application.Platform;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import reliqua.core.coop.family.CoopFamily;
import reliqua.core.cutting.Progress;
import reliqua.core.measure.Money;
import reliqua.core.project.Kinds;
import reliqua.core.project.Project;
import reliqua.desktop.work.Calculations;

/**
 * What every kind of coop would cost, fitted beside the window when the keeper asks for it, and
 * known until something changes that bears on it.
 */
final class ComparedKinds {
    private static final Logger LOG = LoggerFactory.getLogger(ComparedKinds.class);

    private final Map<CoopFamily, Money> bills = new HashMap<>();
    private final Runnable changed;
    private List<Object> inputs = List.of();
    private AtomicBoolean stopped = new AtomicBoolean(true);

    /** {@code changed} is called on the JavaFX thread whenever more is known. */
    ComparedKinds(Runnable changed) {
        this.changed = changed;
    }

    private static List<Object> bearing(Project p) {
        return List.of(
                p.keeper(),
                p.flock(),
                p.site(),
                p.heap(),
                p.prices(),
                p.cuts(),
                p.held(),
                p.addOns());
    }

    boolean isFor(Project project) {
        return bearing(project).equals(inputs);
    }

    boolean running() {
        return !stopped.get();
    }

    /** The bill of a kind that holds; nothing while it is not known for this project. */
    Optional<Money> bill(CoopFamily kind, Project project) {
        return isFor(project) ? Optional.ofNullable(bills.get(kind)) : Optional.empty();
    }

    /** Begins; or stops, where it is under way. */
    void press(Project project) {
        if (running()) {
            stopped.set(true);
            changed.run();
            return;
        }
        AtomicBoolean mine = new AtomicBoolean(false);
        stopped = mine;
        inputs = bearing(project);
        bills.clear();
        changed.run();
        Calculations.run(() -> compare(project, mine));
    }

    private void compare(Project project, AtomicBoolean mine) {
        try {
            Kinds.compare(
                    project,
                    Progress.stoppedBy(mine::get),
                    outcome -> Platform.runLater(() -> done(outcome, mine)));
        } catch (RuntimeException | Error e) {
            LOG.error("Comparing the kinds failed", e);
        } finally {
            Platform.runLater(() -> end(mine));
        }
    }

    private void done(Kinds.Outcome outcome, AtomicBoolean mine) {
        if (mine == stopped && !mine.get() && outcome.holds()) {
            outcome.bill().ifPresent(bill -> bills.put(outcome.family(), bill));
            changed.run();
        }
    }

    private void end(AtomicBoolean mine) {
        mine.set(true);
        changed.run();
    }
}
