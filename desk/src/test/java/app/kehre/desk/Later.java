package app.kehre.desk;

import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;

import app.kehre.desk.command.FxThread;

/** What is worked out beside the JavaFX thread comes later: tests wait for it here, and say what they wait for. */
public final class Later {

    private static final long PATIENCE_SECONDS = 60;

    private Later() {}

    /** Waits until something is so, looked at on the JavaFX thread. */
    public static void until(String what, BooleanSupplier so) {
        until(what, so, FxThread::settle);
    }

    /** Waits until something is so, and lets time go by in another way in between. */
    static void until(String what, BooleanSupplier so, Runnable meanwhile) {
        Instructor.startOnce();
        long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(PATIENCE_SECONDS);
        while (!FxThread.call(so::getAsBoolean)) {
            if (System.nanoTime() > end) {
                throw new AssertionError("It never came about that " + what);
            }
            meanwhile.run();
        }
    }
}
