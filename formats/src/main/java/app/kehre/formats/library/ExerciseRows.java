package app.kehre.formats.library;

import java.io.IOException;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;

import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import de.siegmar.fastcsv.reader.FieldMismatchStrategy;

import app.kehre.core.card.Card;
import app.kehre.core.card.Field;
import app.kehre.core.dose.Dose;
import app.kehre.core.dose.DoseNotation;
import app.kehre.core.dose.Reading;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.OwnExercises;
import app.kehre.core.term.Named;
import app.kehre.formats.table.Cells;
import app.kehre.formats.table.TableText;

/** The lines of one table of exercises, as they are read. */
final class ExerciseRows {

    /** With its header, and all that ships beside what is one's own, as a whole library is exported. */
    private static final int MOST_ROWS = (int) OwnExercises.NUMBER.most() + 1001;

    private final Library library;
    private final Map<String, Exercise> own;
    private final Map<String, Exercise> good = new LinkedHashMap<>();
    private final Map<String, Long> lines = new HashMap<>();
    /** The doses of this table: thousands of lines say mostly the same ones. */
    private final Map<String, Reading<Dose>> doses = new ConcurrentHashMap<>();
    private final Map<String, Integer> numbers = new HashMap<>();
    private final Map<Long, String> bad = new TreeMap<>();
    private List<String> header = List.of();
    private List<Optional<Field>> fields = List.of();
    private int same;

    ExerciseRows(Library library) {
        this.library = library;
        this.own = library.own().byId();
    }

    /** A line by itself: what it says, whatever the others say. */
    private record Row(long line, String id, Optional<Exercise> exercise, String problem) {}

    ImportedExercises read(TableText table) {
        if (!table.problem().isEmpty()) {
            return refused(table.line(), table.problem());
        }
        List<CsvRecord> records = records(table);
        if (records.isEmpty() || !header(records.getFirst())) {
            return refused(1, "found no column \"name\"; expected a header with some of: "
                    + String.join(", ", ExerciseTable.columns()) + ".");
        }
        if (records.size() > MOST_ROWS) {
            return refused(MOST_ROWS + 1, "A table may have %d lines, and this one has %d."
                    .formatted(MOST_ROWS, records.size()));
        }
        for (Row row : records.stream().skip(1).parallel().map(this::row).toList()) {
            row.exercise().ifPresentOrElse(read -> take(row.id(), read, row.line()),
                    () -> bad.put(row.line(), row.problem()));
            Optional<String> many = OwnExercises.NUMBER.problem(good.size() + (long) own.size());
            if (many.isPresent()) {
                return refused(row.line(), many.get());
            }
        }
        dropWhatNamesNothing();
        return new ImportedExercises(List.copyOf(good.values()), same, bad,
                table.foundOut() ? table.letters() : "");
    }

    private List<CsvRecord> records(TableText table) {
        List<CsvRecord> records = new ArrayList<>();
        try (CsvReader<CsvRecord> csv = CsvReader.builder().fieldSeparator(table.separator())
                .extraFieldStrategy(FieldMismatchStrategy.IGNORE)
                .missingFieldStrategy(FieldMismatchStrategy.IGNORE)
                .ofCsvRecord(table.text())) {
            csv.forEach(records::add);
        } catch (CsvParseException | IOException fault) {
            bad.put(records.size() + 1L,
                    "this is not a table of commas, semicolons or tabs: a quotation mark is not closed.");
        }
        return records;
    }

    private static ImportedExercises refused(long line, String sentence) {
        return new ImportedExercises(List.of(), 0, Map.of(line, sentence), "");
    }

    private boolean header(CsvRecord line) {
        header = line.getFields().stream().map(String::strip).toList();
        fields = header.stream().map(name -> Named.find(Field.class, name)).toList();
        return header.contains(Field.NAME.words());
    }

    private Row row(CsvRecord line) {
        long number = line.getStartingLineNumber();
        if (line.getFieldCount() != header.size()) {
            return new Row(number, "", Optional.empty(), "found %d columns, expected %d as in the header."
                    .formatted(line.getFieldCount(), header.size()));
        }
        Map<Field, String> texts = new EnumMap<>(Field.class);
        String id = "";
        for (int i = 0; i < header.size(); i++) {
            String text = Cells.plain(line.getField(i));
            fields.get(i).ifPresent(field -> texts.put(field, text));
            id = header.get(i).equals(ExerciseTable.ID) ? text.strip() : id;
        }
        Card.Outcome outcome = new Card(known(id) ? id : "new", texts)
                .read(text -> doses.computeIfAbsent(text, DoseNotation::parse));
        return new Row(number, id, outcome.exercise(), sentence(outcome.problems()));
    }

    private boolean known(String id) {
        return library.find(id).isPresent();
    }

    /** Takes what is new or changed. What ships cannot be changed: a line that tries becomes an exercise of its own. */
    private void take(String id, Exercise read, long line) {
        Optional<Exercise> before = library.find(id);
        if (before.filter(read::equals).isPresent() || (id.isEmpty() && hasAlready(read))) {
            same++;
            return;
        }
        boolean change = own.containsKey(id) && !good.containsKey(id);
        Exercise taken = read.withId(change ? id : freeId(id, read.name()));
        good.put(taken.id(), taken);
        lines.put(taken.id(), line);
    }

    private boolean hasAlready(Exercise read) {
        Exercise before = own.get(Library.idOf(read.name()));
        return before != null && before.equals(read.withId(before.id()));
    }

    /** Returns the id that the line gives where it can be had, else one of the name. */
    private String freeId(String id, String name) {
        boolean free = id.matches("[a-z0-9]+(-[a-z0-9]+)*") && !known(id) && !good.containsKey(id);
        if (free) {
            return id;
        }
        String base = Library.idOf(name);
        int number = numbers.getOrDefault(base, 1);
        while (known(Library.numbered(base, number)) || good.containsKey(Library.numbered(base, number))) {
            number++;
        }
        numbers.put(base, number);
        return Library.numbered(base, number);
    }

    private void dropWhatNamesNothing() {
        for (Exercise each : List.copyOf(good.values())) {
            String nothing = each.named().filter(id -> !known(id) && !lines.containsKey(id)).distinct()
                    .collect(Collectors.joining("\", \""));
            if (!nothing.isEmpty()) {
                bad.put(lines.getOrDefault(each.id(), 1L),
                        "it leads to \"%s\", which is the id of no exercise.".formatted(nothing));
                good.remove(each.id());
            }
        }
    }

    private static String sentence(Map<Field, String> problems) {
        List<String> sentences = new ArrayList<>();
        new TreeMap<>(problems)
                .forEach((field, problem) -> sentences.add("%s: %s".formatted(field.words(), problem)));
        return String.join(" ", sentences);
    }
}
