package app.kehre.bench;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
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

import app.kehre.core.dose.Reps;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Role;
import app.kehre.core.fitting.Fitting;
import app.kehre.core.music.Bpm;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.proposal.Proposal;
import app.kehre.core.timeline.Timeline;
import app.kehre.formats.library.BuiltInLibrary;
import app.kehre.formats.plan.DemoPlan;

/** A class of 60 items in five segments, 3 to 8 levels each, made to end four minutes sooner: bar 20 ms median. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 5, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class FitBench {

    private static final int SEGMENTS = 5;
    private static final int ITEMS = 12;

    private final ClassPlan plan;
    private final Fitting.Asked asked;

    /** Makes the class. */
    public FitBench() {
        Library library = BuiltInLibrary.load();
        List<Exercise> toning = library.all().stream().filter(each -> each.suits(Role.TONING))
                .filter(each -> each.usualDose() instanceof Reps).toList();
        List<Segment> segments = new ArrayList<>();
        for (int i = 0; i < SEGMENTS; i++) {
            List<Entry> entries = new ArrayList<>();
            for (int at = 0; at < ITEMS; at++) {
                int id = i * ITEMS + at + 1;
                entries.add(Item.of(new EntryId(id), toning.get(id % toning.size())));
            }
            segments.add(
                    new Segment(new SegmentId(i + 1), "Part " + (i + 1), Role.TONING, Duration.ZERO,
                            new Bpm(120), entries));
        }
        plan = new ClassPlan(DemoPlan.load(library).plan().brief(), segments);
        asked = new Fitting.Asked(Timeline.of(plan).total().minus(Duration.ofMinutes(4)), Optional.empty());
    }

    /** Finds up to three ways. */
    @Benchmark
    public Proposal fit() {
        return Fitting.of(plan, asked);
    }
}
