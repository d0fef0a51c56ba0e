package app.kehre.desk.control;

import java.time.Duration;
import java.util.List;
import java.util.concurrent.Executor;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.locks.LockSupport;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.application.Platform;

/**
 * Work that takes longer than a frame, done beside the JavaFX thread. Only what came of the latest question is
 * shown; what was asked before is dropped, done or not. To be used on the JavaFX thread.
 */
public final class Latest {

    private final Executor beside;
    private final AtomicInteger asked = new AtomicInteger();

    /** Makes one with a thread of its own, which does not keep the program running. */
    public Latest(String name) {
        this(Executors.newSingleThreadExecutor(
                work -> Thread.ofPlatform().daemon().name(name).unstarted(work)));
    }

    Latest(Executor beside) {
        this.beside = beside;
    }

    /** Asks for something, and shows what came of it unless something else has been asked for by then. */
    public <T> void ask(Supplier<T> work, Consumer<T> show) {
        ask(work, show, Latest::fail);
    }

    /** Asks for something; when the work fails, that is told instead, unless something else has been asked for by then. */
    public <T> void ask(Supplier<T> work, Consumer<T> show, Consumer<RuntimeException> failed) {
        int question = asked.incrementAndGet();
        beside.execute(() -> {
            if (question == asked.get()) {
                attempt(question, work, show, failed);
            }
        });
    }

    private <T> boolean attempt(int question, Supplier<T> work, Consumer<T> show,
            Consumer<RuntimeException> failed) {
        try {
            T answer = work.get();
            later(question, () -> show.accept(answer));
            return true;
        } catch (RuntimeException failure) {
            later(question, () -> failed.accept(failure));
            return false;
        }
    }

    private void later(int question, Runnable told) {
        Platform.runLater(() -> {
            if (question == asked.get()) {
                told.run();
            }
        });
    }

    /** Where nobody says what to do, it is a fault of the program like any other. */
    private static void fail(RuntimeException failure) {
        throw failure;
    }

    /**
     * Asks for something of each thing, and shows it one after the other, unless something else was asked for by then.
     *
     * @param pause how long to wait before the work begins, since something else may be asked for at once
     * @param failed told when the work fails; what would come after it is dropped
     */
    public <Q, T> void askEach(List<Q> things, Duration pause, Function<Q, T> work,
            BiConsumer<Integer, T> show, Consumer<RuntimeException> failed) {
        int question = asked.incrementAndGet();
        beside.execute(() -> {
            if (question == asked.get()) {
                LockSupport.parkNanos(pause.toNanos());
            }
            boolean going = true;
            for (int i = 0; going && i < things.size() && question == asked.get(); i++) {
                int at = i;
                going = attempt(question, () -> work.apply(things.get(at)), answer -> show.accept(at, answer),
                        failed);
            }
        });
    }

    /** Drops what was asked for. */
    public void drop() {
        asked.incrementAndGet();
    }
}
