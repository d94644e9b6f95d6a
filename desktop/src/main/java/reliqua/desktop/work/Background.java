package reliqua.desktop.work;

import java.util.concurrent.Callable;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Consumer;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.util.Duration;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Work that would hold up the window - files, pictures, long notes - done beside it. Whatever it
 * gives or throws arrives on the JavaFX thread.
 */
public final class Background {
    private static final Logger LOG = LoggerFactory.getLogger(Background.class);

    /** What takes no longer than this needs no sign that it goes on. */
    private static final Duration SHORT = Duration.millis(300);

    private final AtomicInteger running = new AtomicInteger();
    private final ReadOnlyBooleanWrapper busy = new ReadOnlyBooleanWrapper(false);

    /** Whether something has been going on for longer than a moment. */
    public ReadOnlyBooleanProperty busy() {
        return busy.getReadOnlyProperty();
    }

    /** Does work; then one of the two is called. */
    public <T> void run(Callable<T> work, Consumer<T> done, Consumer<Exception> failed) {
        running.incrementAndGet();
        PauseTransition sign = new PauseTransition(SHORT);
        sign.setOnFinished(_ -> busy.set(running.get() > 0));
        sign.play();
        Thread.ofVirtual()
                .start(
                        () -> {
                            try {
                                T result = work.call();
                                Platform.runLater(() -> end(() -> done.accept(result)));
                            } catch (Exception e) {
                                LOG.debug("Work failed", e);
                                Platform.runLater(() -> end(() -> failed.accept(e)));
                            } catch (Error e) {
                                LOG.error("Work failed", e);
                                Exception told = new IllegalStateException(e.toString(), e);
                                Platform.runLater(() -> end(() -> failed.accept(told)));
                            }
                        });
    }

    private void end(Runnable last) {
        if (running.decrementAndGet() == 0) {
            busy.set(false);
        }
        last.run();
    }
}
