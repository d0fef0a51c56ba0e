package app.kehre.desk.command;

import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Objects;
import java.util.concurrent.Callable;

import org.jspecify.annotations.Nullable;
import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.OwnExercises;
import app.kehre.desk.session.OwnLibrary;
import app.kehre.formats.disk.DiskTrouble;
import app.kehre.formats.disk.LocalDisk;
import app.kehre.formats.library.BuiltInLibrary;
import app.kehre.formats.library.ExerciseTable;
import app.kehre.formats.library.ImportedExercises;
import app.kehre.formats.library.LibrarySummary;

/** {@code kehre library}. */
@Command(name = "library", mixinStandardHelpOptions = true, description = {
        "Counts, finds, exports or adds exercises, your own ones with them.",
        "A table to import has a header with the columns that --csv writes; their order does not matter."})
final class LibraryCommand implements Callable<Integer> {

    @Spec
    private @Nullable CommandSpec spec;

    @ArgGroup(exclusive = true, multiplicity = "1")
    private @Nullable Wish wish;

    @Option(names = "--take-good", description = "With --import: takes the good lines although others are bad.")
    private boolean takeGood;

    /** What is wanted. */
    static final class Wish {
        @Option(names = "--summary", description = "How many exercises there are, family by family.")
        private boolean summary;

        @Option(names = "--csv", description = "All exercises, as CSV.")
        private boolean csv;

        @Option(names = "--find", paramLabel = "WORDS", description = {
                "What the words find, the best first, with id, family and what it is chosen for."})
        private @Nullable String words;

        @Option(names = "--import", paramLabel = "CSV", description = {
                "Adds the exercises of a table to your own.",
                "Bad lines are named; with a bad line nothing is taken, unless --take-good is given."})
        private @Nullable Path table;
    }

    @Override
    public Integer call() throws DiskTrouble {
        Wish asked = Objects.requireNonNull(wish, "a wish");
        OwnLibrary ownLibrary = OwnLibrary.ofUser(BuiltInLibrary.load());
        if (!ownLibrary.trouble().isEmpty()) {
            err().println(ownLibrary.trouble());
        }
        if (asked.table != null) {
            return add(asked.table, ownLibrary);
        }
        if (asked.words != null) {
            List<Exercise> found = ownLibrary.library().get().search(asked.words);
            print(LibrarySummary.ranking(found));
            return found.isEmpty() ? 1 : ownLibrary.trouble().isEmpty() ? 0 : Main.FILE_TROUBLE;
        }
        if (asked.csv) {
            print(ExerciseTable.write(ownLibrary.library().get().all()));
        }
        if (asked.summary) {
            print(LibrarySummary.of(ownLibrary.library().get()));
        }
        return ownLibrary.trouble().isEmpty() ? 0 : Main.FILE_TROUBLE;
    }

    private int add(Path table, OwnLibrary ownLibrary) throws DiskTrouble {
        byte[] bytes = new LocalDisk().read(table);
        ImportedExercises read = ExerciseTable.read(bytes, ownLibrary.library().get());
        read.sentences().forEach(err()::println);
        boolean take = !read.good().isEmpty() && (read.bad().isEmpty() || takeGood);
        if (take) {
            OwnExercises known = ownLibrary.library().get().own();
            ownLibrary.change(own -> own.withAll(own.equals(known)
                    ? read.good()
                    : ExerciseTable.read(bytes, ownLibrary.library().get().with(own)).good()));
        }
        print("%s %s%n".formatted(read.words(), take
                ? "Taken: %d.".formatted(read.good().size())
                : "Nothing was taken%s.".formatted(
                        read.good().isEmpty() ? "" : "; --take-good takes the good ones")));
        return read.bad().isEmpty() ? 0 : 1;
    }

    private static void print(String text) {
        byte[] bytes = text.getBytes(StandardCharsets.UTF_8);
        System.out.write(bytes, 0, bytes.length);
        System.out.flush();
    }

    private PrintWriter err() {
        return Objects.requireNonNull(spec, "spec").commandLine().getErr();
    }
}
