package app.kehre.desk.command;

import java.lang.management.ManagementFactory;
import java.time.Duration;
import java.time.Instant;
import java.util.Arrays;
import java.util.Locale;
import java.util.concurrent.CompletableFuture;
import javafx.animation.AnimationTimer;

import app.kehre.desk.teach.TeachViewModel;

/** Measures the hall with both walls open: how long the JavaFX thread is busy in a pulse, and how far the class drifts. */
final class HallPulses extends AnimationTimer {

    private static final int MOST = 1_000_000;

    private final TeachViewModel model;
    private final Duration length;
    private final CompletableFuture<String> done;
    private final long[] busy = new long[MOST];
    private final Instant began = Instant.now();
    private final Duration from;
    private int pulses;
    private long before = -1;
    private Duration farthest = Duration.ZERO;

    HallPulses(TeachViewModel model, Duration length, CompletableFuture<String> done) {
        this.model = model;
        this.length = length;
        this.done = done;
        model.tick();
        this.from = model.moment().get().place();
    }

    @Override
    public void handle(long now) {
        long cpu = ManagementFactory.getThreadMXBean().getCurrentThreadCpuTime();
        if (before >= 0 && pulses < MOST) {
            busy[pulses++] = cpu - before;
        }
        model.tick();
        Duration passed = Duration.between(began, Instant.now());
        Duration off = model.moment().get().place().minus(from).minus(passed).abs();
        farthest = off.compareTo(farthest) > 0 ? off : farthest;
        before = ManagementFactory.getThreadMXBean().getCurrentThreadCpuTime();
        if (passed.compareTo(length) >= 0) {
            stop();
            done.complete(words());
        }
    }

    private String words() {
        long[] sorted = Arrays.copyOf(busy, pulses);
        Arrays.sort(sorted);
        return String.format(Locale.ROOT,
                "Both walls open, %d pulses in %d s: JavaFX thread busy median %.1f ms, 99th percentile %.1f ms,"
                        + " most %.1f ms. The class is never further from the clock on the wall than %.2f ms.%n",
                pulses, length.toSeconds(), sorted[sorted.length / 2] / 1e6,
                sorted[sorted.length * 99 / 100] / 1e6, sorted[sorted.length - 1] / 1e6,
                farthest.toNanos() / 1e6);
    }
}
