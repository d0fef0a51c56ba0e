package app.kehre.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.IntStream;

import app.kehre.core.exercise.Exercise;
import app.kehre.formats.library.BuiltInLibrary;
import app.kehre.formats.library.ExerciseTable;

/** Writes a long table of own exercises: those that ship, again and again, each with a name of its own. */
final class OwnTable {

    private OwnTable() {}

    /** Writes so many exercises (first argument) to a file (second). */
    public static void main(String[] arguments) throws IOException {
        List<Exercise> shipped = BuiltInLibrary.load().all();
        List<Exercise> many = IntStream.range(0, Integer.parseInt(arguments[0])).mapToObj(i -> {
            Exercise each = shipped.get(i % shipped.size());
            return each.withId("own-" + i).withName("N%d %s".formatted(i, each.name()));
        }).toList();
        Files.writeString(Path.of(arguments[1]), ExerciseTable.write(many));
    }
}
