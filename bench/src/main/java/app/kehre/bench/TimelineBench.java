package app.kehre.bench;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;

import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

import app.kehre.core.exercise.Library;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Segment;
import app.kehre.core.timeline.Timeline;
import app.kehre.formats.library.BuiltInLibrary;
import app.kehre.formats.plan.DemoPlan;

/** Compiling a class: bar 1 ms median for 120 items, and linear growth to 2,000. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 4, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class TimelineBench {

    @Param({"120", "500", "1000", "2000"})
    private int items = 120;

    private ClassPlan plan = DemoPlan.load(BuiltInLibrary.load()).plan();

    /** Fills a class with so many items, every fourth part of them in circuits of two rounds. */
    @Setup
    public void fill() {
        Library library = BuiltInLibrary.load();
        List<Entry> entries = new ArrayList<>();
        int id = 1;
        for (int made = 0; made < items;) {
            List<Item> some = new ArrayList<>();
            for (int i = 0; i < 4 && made < items; i++, made++) {
                some.add(Item.of(new EntryId(++id), library.all().get(made % library.all().size())));
            }
            if (made % 16 == 0) {
                entries.add(
                        new Circuit(new EntryId(++id), "Circuit", 2, Duration.ofSeconds(20), 0, List.copyOf(some), ""));
            } else {
                entries.addAll(some);
            }
        }
        List<Segment> segments = new ArrayList<>();
        int parts = plan.segments().size();
        for (int i = 0; i < parts; i++) {
            segments.add(plan.segments().get(i).withEntries(
                    entries.subList(entries.size() * i / parts, entries.size() * (i + 1) / parts)));
        }
        plan = new ClassPlan(plan.brief(), segments);
    }

    /** Compiles the class. */
    @Benchmark
    public Timeline compile() {
        return Timeline.of(plan);
    }
}
