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
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import org.openjdk.jmh.infra.Blackhole;

import app.kehre.core.choreography.Build;
import app.kehre.core.stepping.Checks;
import app.kehre.core.choreography.Combination;
import app.kehre.core.choreography.Conditions;
import app.kehre.core.choreography.Method;
import app.kehre.core.choreography.Lesson;
import app.kehre.core.choreography.DancedMove;
import app.kehre.core.choreography.Script;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Library;
import app.kehre.core.value.Side;
import app.kehre.formats.library.BuiltInLibrary;

/** Checking a combination of 64 counts and building it up in twelve minutes: bar 1 ms median. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 5, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class BuildBench {

    /** The method of the build-up. */
    @Param({"ADD_ON", "LINK", "LAYERING", "REDUCTION", "MIXTURE"})
    private Method method = Method.ADD_ON;

    private final Conditions conditions = Conditions.of(126);
    private final Lesson lesson = new Lesson(conditions.bpm(), Duration.ofSeconds(90), Duration.ofSeconds(120),
            List.of());
    private Build build;

    /** Makes a combination of 64 counts with arms and a hop. */
    public BuildBench() {
        Library library = BuiltInLibrary.load();
        List<DancedMove> moves = new ArrayList<>();
        for (Side lead : List.of(Side.RIGHT, Side.LEFT)) {
            moves.add(DancedMove.of(move(library, "basic-step"), lead).withTimes(3).withArms("press overhead"));
            moves.add(DancedMove.of(move(library, "knee-up"), lead).withHop(true));
            moves.add(DancedMove.of(move(library, "v-step"), lead.other()).withTimes(2));
            moves.add(DancedMove.of(move(library, "repeater-knee"), lead.other()));
            moves.add(DancedMove.of(move(library, "basic-step"), lead).withTapChange(true));
        }
        moves.removeLast();
        moves.remove(4);
        moves.set(4, moves.get(4).withLead(Side.RIGHT));
        build = Build.of(List.of(new Combination("Long way", moves, false)), method,
                move(library, "basic-step")).withWish(Optional.of(Duration.ofMinutes(12)));
    }

    private static Exercise move(Library library, String id) {
        return library.find(id).orElseThrow();
    }

    /** Takes the method over. */
    @Setup
    public void choose() {
        build = build.withMethod(method);
    }

    /** Checks the combination and writes its build-up with all cues. */
    @Benchmark
    public void checkAndBuild(Blackhole sink) {
        sink.consume(Checks.of(build.combinations().getFirst(), conditions));
        Script script = Script.of(build, lesson);
        sink.consume(script.cues(true));
    }
}
