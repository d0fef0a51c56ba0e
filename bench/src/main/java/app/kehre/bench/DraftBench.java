package app.kehre.bench;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
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

import app.kehre.core.brief.Brief;
import app.kehre.core.brief.Format;
import app.kehre.core.drafting.Draft;
import app.kehre.core.drafting.Drafting;
import app.kehre.core.exercise.Library;
import app.kehre.core.plan.ClassPlan;
import app.kehre.formats.library.BuiltInLibrary;

/** A class of 60 minutes drafted from its brief: bar 500 ms median. Every call takes another format and another seed. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 5, time = 3)
@Measurement(iterations = 5, time = 6)
@Fork(1)
public class DraftBench {

    private final Library library = BuiltInLibrary.load();
    private long seed;

    /** Drafts a class. */
    @Benchmark
    public Draft draft() {
        seed++;
        Format format = Format.values()[(int) (seed % Format.values().length)];
        Brief brief = Brief
                .of("A class", LocalDate.of(2026, 12, 1), LocalTime.of(18, 30), Duration.ofMinutes(60), 14)
                .with(format);
        return Drafting.of(new ClassPlan(brief, List.of()), library, List.of(), seed).value().orElseThrow();
    }
}
