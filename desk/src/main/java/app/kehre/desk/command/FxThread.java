package app.kehre.desk.command;

import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Supplier;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;

import org.jspecify.annotations.Nullable;

/** The JavaFX thread as seen from another one, which waits for it. */
public final class FxThread {

    private static final int PULSES = 3;
    private static final long PATIENCE_SECONDS = 60;

    private FxThread() {}

    /**
     * Runs something on the JavaFX thread and returns what came of it.
     *
     * @throws IllegalStateException when it failed, with its fault, or was not done within a minute
     */
    public static <T> T call(Supplier<T> work) {
        if (Platform.isFxApplicationThread()) {
            return work.get();
        }
        AtomicReference<@Nullable T> result = new AtomicReference<>();
        AtomicReference<@Nullable Throwable> fault = new AtomicReference<>();
        CountDownLatch done = new CountDownLatch(1);
        Platform.runLater(() -> {
            try {
                result.set(work.get());
            } catch (RuntimeException | Error found) {
                fault.set(found);
            } finally {
                done.countDown();
            }
        });
        await(done);
        T value = result.get();
        if (value == null) {
            Throwable found = fault.get();
            throw new IllegalStateException(found == null ? "Nothing came of it." : found.getMessage(),
                    found);
        }
        return value;
    }

    /** Lets windows lay themselves out and draw. */
    public static void settle() {
        CountDownLatch drawn = new CountDownLatch(PULSES);
        AnimationTimer timer = call(() -> {
            AnimationTimer counting = new AnimationTimer() {
                @Override
                public void handle(long now) {
                    drawn.countDown();
                }
            };
            counting.start();
            return counting;
        });
        await(drawn);
        call(() -> {
            timer.stop();
            return timer;
        });
    }

    private static void await(CountDownLatch latch) {
        try {
            if (!latch.await(PATIENCE_SECONDS, TimeUnit.SECONDS)) {
                throw new IllegalStateException("The window did not answer in a minute.");
            }
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(stopped);
        }
    }
}
