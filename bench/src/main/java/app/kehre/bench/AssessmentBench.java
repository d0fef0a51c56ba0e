package app.kehre.bench;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
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

import app.kehre.core.balance.Assessment;
import app.kehre.core.brief.Brief;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Role;
import app.kehre.core.music.Bpm;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.SegmentId;
import app.kehre.formats.library.BuiltInLibrary;

/**
 * Judging a class: timeline, effort of three and of a group of 30, ledger and findings. Bar: 2 ms median for a class
 * of 60 min with 120 items, linear to 2,000 items.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 5, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class AssessmentBench {

    private static final int SEGMENTS = 10;

    /** How many items. */
    @Param({"120", "500", "2000"})
    private int items = 120;

    private final Library library = BuiltInLibrary.load();
    private ClassPlan plan = new ClassPlan(
            Brief.of("?", LocalDate.EPOCH, LocalTime.NOON, Duration.ofMinutes(60), 18),
            List.of());

    /** Lays out a class of all kinds of exercises, each as short as a half-minute in the middle. */
    @Setup
    public void make() {
        List<Segment> segments = new ArrayList<>();
        List<Role> roles = List.of(Role.WARM_UP, Role.AEROBIC, Role.TONING, Role.AEROBIC, Role.TONING,
                Role.CORE,
                Role.TONING, Role.CORE, Role.COOL_DOWN, Role.STRETCH);
        int id = 1;
        for (int i = 0; i < SEGMENTS; i++) {
            Role role = roles.get(i);
            List<Exercise> suitable = library.all().stream().filter(each -> each.suits(role)).toList();
            List<Entry> entries = new ArrayList<>();
            for (int k = 0; k < items / SEGMENTS; k++) {
                Exercise exercise = suitable.get(k % suitable.size());
                entries.add(Item.of(new EntryId(id++), exercise).withDose(exercise.dosing().least()));
            }
            segments.add(
                    new Segment(new SegmentId(i + 1), role.words() + " " + i, role, Duration.ZERO,
                            new Bpm(120), entries));
        }
        plan = new ClassPlan(plan.brief(), segments);
    }

    /** Judges the class. */
    @Benchmark
    public Assessment judge() {
        return Assessment.of(plan, library);
    }
}
