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
        int question = asked.incrementAndGet();
        beside.execute(() -> {
            if (question == asked.get()) {
                T answer = work.get();
                Platform.runLater(() -> {
                    if (question == asked.get()) {
                        show.accept(answer);
                    }
                });
            }
        });
    }

    /**
     * Asks for something of each thing, and shows it one after the other, unless something else was asked for by then.
     *
     * @param pause how long to wait before the work begins, since something else may be asked for at once
     */
    public <Q, T> void askEach(List<Q> things, Duration pause, Function<Q, T> work,
            BiConsumer<Integer, T> show) {
        int question = asked.incrementAndGet();
        beside.execute(() -> {
            if (question == asked.get()) {
                LockSupport.parkNanos(pause.toNanos());
            }
            for (int i = 0; i < things.size() && question == asked.get(); i++) {
                int at = i;
                T answer = work.apply(things.get(i));
                Platform.runLater(() -> {
                    if (question == asked.get()) {
                        show.accept(at, answer);
                    }
                });
            }
        });
    }

    /** Drops what was asked for. */
    public void drop() {
        asked.incrementAndGet();
    }
}
