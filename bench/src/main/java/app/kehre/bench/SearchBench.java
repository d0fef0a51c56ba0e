package app.kehre.bench;

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

import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Role;
import app.kehre.formats.library.BuiltInLibrary;

/** Searching 10,000 exercises: bar 5 ms median. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 4, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class SearchBench {

    private static final int ENTRIES = 10_000;

    /** A letter, a word, words of several fields, slips of one and of two words, nothing, nothing found. */
    @Param({"s", "plank", "buttocks standing", "squta", "forearn plnak", "", "xylophone"})
    private String typed = "";

    private Library library = Library.of(List.of());

    /** Makes a library of 10,000: the shipped ones again and again, with words of their own in their names. */
    @Setup
    public void fill() {
        List<Exercise> shipped = BuiltInLibrary.load().all();
        List<Exercise> many = new ArrayList<>();
        for (int i = 0; i < ENTRIES; i++) {
            Exercise each = shipped.get(i % shipped.size());
            many.add(each.withId(each.id() + "-" + i).withName(each.name() + " " + word(i)));
        }
        library = Library.of(many);
    }

    private static String word(int number) {
        StringBuilder word = new StringBuilder();
        for (int rest = number + 26 * 26; rest > 0; rest /= 26) {
            word.append((char) ('a' + rest % 26)).append("eiou".charAt(rest % 4));
        }
        return word.toString();
    }

    /** Searches. */
    @Benchmark
    public List<Exercise> search() {
        return library.search(typed, Role.TONING);
    }
}
