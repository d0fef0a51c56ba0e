package app.kehre.bench;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;

import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

import app.kehre.core.catching.CatchingUp;
import app.kehre.core.catching.Rest;
import app.kehre.core.exercise.Library;
import app.kehre.core.proposal.Proposal;
import app.kehre.core.teaching.TeachingRun;
import app.kehre.core.timeline.Timeline;
import app.kehre.formats.library.BuiltInLibrary;
import app.kehre.formats.plan.DemoPlan;

/**
 * What is left of a class is laid out from a moment, and the proposal to end on time found, at 1,000 random moments of the
 * demos, from 40 s to 10 min late: bar 50 ms median, 100 ms in 99 of 100.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 5)
@Measurement(iterations = 5, time = 5)
@Fork(1)
public class CatchingUpBench {

    private static final int MOMENTS = 1_000;
    private static final Instant START = Instant.parse("2026-11-24T18:30:00Z");

    private final List<TeachingRun> runs = new ArrayList<>();
    private final List<Instant> moments = new ArrayList<>();
    private int at;

    /** Draws the moments. */
    public CatchingUpBench() {
        Library library = BuiltInLibrary.load();
        Random random = new Random(21);
        for (int i = 0; i < MOMENTS; i++) {
            Timeline taught = Timeline
                    .of(DemoPlan.load(DemoPlan.NAMES.get(i % DemoPlan.NAMES.size()), library).plan());
            long late = 40 + random.nextInt(560);
            runs.add(TeachingRun.ready(taught).start(START, START.plus(taught.total()).minusSeconds(late)));
            moments.add(START.plusMillis(random.nextLong(taught.total().toMillis())));
        }
    }

    /** Finds what to change. */
    @Benchmark
    public Proposal proposal() {
        at = (at + 1) % MOMENTS;
        Instant now = moments.get(at);
        return CatchingUp.of(Rest.of(runs.get(at), now, now));
    }

    /**
     * Reads some proposals aloud.
     *
     * @param arguments how many
     */
    public static void main(String[] arguments) {
        CatchingUpBench bench = new CatchingUpBench();
        long[] times = new long[MOMENTS];
        for (int i = 0; i < MOMENTS; i++) {
            long begun = System.nanoTime();
            Proposal found = bench.proposal();
            times[i] = System.nanoTime() - begun;
            if (i < Integer.parseInt(arguments[0])) {
                bench.read(found);
            }
        }
        java.util.Arrays.sort(times);
        System.out.printf("median %.1f ms, 99 of 100 within %.1f ms, longest %.1f ms%n",
                times[MOMENTS / 2] / 1e6, times[MOMENTS * 99 / 100] / 1e6, times[MOMENTS - 1] / 1e6);
    }

    private void read(Proposal found) {
        Instant now = moments.get(at);
        Rest rest = Rest.of(runs.get(at), now, now);
        System.out.printf("%s at %s of %s, over %s: %s%n",
                runs.get(at).timeline().plan().brief().title(),
                Duration.between(START, now).truncatedTo(java.time.temporal.ChronoUnit.SECONDS),
                runs.get(at).timeline().total().truncatedTo(java.time.temporal.ChronoUnit.SECONDS),
                rest.over().truncatedTo(java.time.temporal.ChronoUnit.SECONDS), found.reason());
        found.ways().forEach(way -> System.out.printf("   %s (spare %s)%n",
                String.join("; ", way.changes().stream().map(change -> change.words()).toList()),
                rest.left().minus(CatchingUp.lengthWith(rest, way.after()))));
    }
}
