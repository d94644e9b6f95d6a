package reliqua.desktop.work;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.beans.property.ReadOnlyDoubleWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.cutting.NativeSolver;
import reliqua.core.cutting.Progress;
import reliqua.core.cutting.WorkPlan;
import reliqua.core.fit.Candidate;
import reliqua.core.project.Design;
import reliqua.core.project.PlanReview;
import reliqua.core.project.Project;
import reliqua.desktop.Texts;

/**
 * Derives the design of the project in the background. A newer project cancels the work on an older
 * one; a better house is shown as soon as it is found. All properties change on the JavaFX thread.
 */
public final class DesignService {
    private static final Logger LOG = LoggerFactory.getLogger(DesignService.class);

    /**
     * What is known of the design.
     *
     * @param design the latest, if any house can be built
     * @param search the search it came from, when it is finished and was one
     * @param fault why there is none; empty otherwise
     * @param seconds from the edit to this
     */
    public record State(
            Optional<Design> design,
            Optional<Design.Search> search,
            String fault,
            double seconds) {}

    private final ExecutorService worker =
            Executors.newSingleThreadExecutor(
                    task -> {
                        Thread thread = new Thread(task, "design");
                        thread.setDaemon(true);
                        return thread;
                    });
    private final ReadOnlyObjectWrapper<State> state =
            new ReadOnlyObjectWrapper<>(new State(Optional.empty(), Optional.empty(), "", 0));
    private final ReadOnlyObjectWrapper<PlanReview> review =
            new ReadOnlyObjectWrapper<>(PlanReview.NONE);
    private final ReadOnlyStringWrapper doing = new ReadOnlyStringWrapper("");
    private final ReadOnlyDoubleWrapper progress = new ReadOnlyDoubleWrapper(1);
    private @Nullable Run current;
    private @Nullable List<Object> inputs;

    /** The latest design. */
    public ReadOnlyObjectProperty<State> state() {
        return state.getReadOnlyProperty();
    }

    /** What would make the plan better: known a little later than the plan, nothing until then. */
    public ReadOnlyObjectProperty<PlanReview> review() {
        return review.getReadOnlyProperty();
    }

    /** What the search is at, in words; empty when there is none to tell. */
    public ReadOnlyStringProperty doing() {
        return doing.getReadOnlyProperty();
    }

    /** How far the work is, from 0 to 1; 1 when there is none. */
    public ReadOnlyDoubleProperty progress() {
        return progress.getReadOnlyProperty();
    }

    /** Follows a project; what does not bear on the design (ticks, names) starts no work. */
    void follow(Project project) {
        List<Object> bearing =
                List.of(
                        project.keeper(),
                        project.builtFor(),
                        project.site(),
                        project.heap(),
                        project.prices(),
                        project.family(),
                        project.addOns(),
                        project.held(),
                        project.chosen(),
                        project.cuts(),
                        project.wishes());
        if (bearing.equals(inputs)) {
            return;
        }
        inputs = bearing;
        if (state.get().design().filter(d -> !project.seeks(d.candidate().spec())).isPresent()) {
            state.set(new State(Optional.empty(), Optional.empty(), "", 0));
        }
        stop();
        Run run = new Run(project);
        current = run;
        progress.set(0);
        review.set(PlanReview.NONE);
        // Once the window has had its turn: at the start it is seen first, and what is opened at
        // once
        // in place of something else is all that is searched.
        Platform.runLater(() -> begin(run));
    }

    private void begin(Run run) {
        if (current == run && !worker.isShutdown()) {
            worker.submit(() -> Calculations.finish(run));
        }
    }

    /** Stops the search with the best so far. */
    public void stop() {
        if (current != null) {
            current.cancelled = true;
        }
    }

    void close() {
        stop();
        worker.shutdown();
    }

    private final class Run implements Runnable, Progress {
        private final Project project;
        private final Optional<WorkPlan> before =
                state.get().design().map(d -> d.candidate().plan());
        private final long begun = System.nanoTime();
        private volatile boolean cancelled;

        Run(Project project) {
            this.project = project;
        }

        @Override
        public void run() {
            try {
                NativeSolver.isLoaded();
                Design.Derived derived = Design.derive(project, before, this, this::better);
                String why =
                        derived.design().isPresent()
                                ? ""
                                : derived.obstacle()
                                        .map(o -> o.words(project.keeper().tape()))
                                        .orElse("");
                show(state(derived.design(), derived.search(), why), true);
                derived.design().ifPresent(this::review);
                LOG.debug("Design derived in {} ms", (System.nanoTime() - begun) / 1_000_000);
            } catch (Unbuildable e) {
                String why = e.reason().words(project.keeper().tape());
                show(state(Optional.empty(), Optional.empty(), why), true);
            } catch (RuntimeException | Error e) {
                // Also what no program expects, as memory that runs out: the window must not wait.
                LOG.error("The design could not be derived", e);
                show(state(Optional.empty(), Optional.empty(), Texts.get("design.fault")), true);
            }
        }

        private State state(Optional<Design> design, Optional<Design.Search> search, String fault) {
            return new State(design, search, fault, (System.nanoTime() - begun) / 1e9);
        }

        private void review(Design design) {
            Candidate house = design.candidate();
            PlanReview known =
                    PlanReview.of(project, house.coop(), house.plan(), Progress.until(this));
            Platform.runLater(
                    () -> {
                        if (current == this && !cancelled) {
                            review.set(known);
                        }
                    });
        }

        private void better(Candidate candidate) {
            Design design = Design.of(candidate, project);
            LOG.debug("A house after {} ms", (System.nanoTime() - begun) / 1_000_000);
            show(state(Optional.of(design), Optional.empty(), ""), false);
        }

        private void show(State next, boolean last) {
            Platform.runLater(
                    () -> {
                        if (current == this) {
                            state.set(next);
                            if (last) {
                                doing.set("");
                                progress.set(1);
                            }
                        }
                    });
        }

        @Override
        public void report(double share, String words) {
            Platform.runLater(
                    () -> {
                        if (current == this && share < 1) {
                            progress.set(share);
                            doing.set(words);
                        }
                    });
        }

        @Override
        public boolean cancelled() {
            return cancelled;
        }
    }
}
