package app.kehre.formats.library;

import java.util.List;
import java.util.stream.Stream;

import app.kehre.core.card.Card;
import app.kehre.core.card.Field;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Library;
import app.kehre.core.value.Named;
import app.kehre.formats.table.Cells;
import app.kehre.formats.table.TableText;

/** Exercises as a table: CSV with a header, one line an exercise, a column for the id and for each field of its card. */
public final class ExerciseTable {

    static final String ID = "id";

    private ExerciseTable() {}

    /** Writes exercises as a table. */
    public static String write(List<Exercise> exercises) {
        return Cells.table(rows -> {
            rows.accept(columns());
            exercises.forEach(each -> {
                Card card = Card.of(each);
                rows.accept(Stream.concat(Stream.of(each.id()), Stream.of(Field.values()).map(card::text))
                        .toList());
            });
        });
    }

    static List<String> columns() {
        return Stream.concat(Stream.of(ID), Stream.of(Field.values()).map(Named::words)).toList();
    }

    /**
     * Reads a table of own exercises. Columns may stand in any order; those that are not known are left aside. A line
     * whose id is that of an own exercise changes it; one that says what the library has already changes nothing.
     */
    public static ImportedExercises read(byte[] bytes, Library library) {
        return new ExerciseRows(library).read(TableText.of(bytes));
    }
}
