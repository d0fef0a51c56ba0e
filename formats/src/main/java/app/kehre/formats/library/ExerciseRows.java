package app.kehre.formats.library;

import java.io.IOException;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import de.siegmar.fastcsv.reader.FieldMismatchStrategy;

import app.kehre.core.card.Card;
import app.kehre.core.card.Field;
import app.kehre.core.dose.Dose;
import app.kehre.core.dose.DoseNotation;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.OwnExercises;
import app.kehre.core.value.Named;
import app.kehre.core.value.Reading;
import app.kehre.formats.table.Cells;
import app.kehre.formats.table.TableText;

/** The lines of one table of exercises, as they are read. */
final class ExerciseRows {

    /** With its header, and all that ships beside what is one's own, as a whole library is exported. */
    private static final int MOST_ROWS = (int) OwnExercises.NUMBER.most() + 1001;

    /** So many lines are read side by side, then taken in their order: a long table never lies in memory as cells. */
    private static final Pattern LEGAL_ID = Pattern.compile("[a-z0-9]+(-[a-z0-9]+)*");
    private static final String NO_TABLE = "this is not a table of commas, semicolons or tabs: a quotation mark is not closed.";

    private static final int PORTION = 500;

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
    /** How many lines were read, the header among them. */
    private long rows = 1;
    private boolean broken;

    ExerciseRows(Library library) {
        this.library = library;
        this.own = library.own().byId();
    }

    /** A line by itself: what it says, whatever the others say. */
    private record Row(long line, String id, String nameId, Optional<Exercise> exercise, String problem) {}

    ImportedExercises read(TableText table) {
        if (!table.problem().isEmpty()) {
            return refused(table.line(), table.problem());
        }
        Optional<ImportedExercises> refusal = lines(table);
        if (refusal.isPresent()) {
            return refusal.get();
        }
        dropWhatNamesNothing();
        return new ImportedExercises(List.copyOf(good.values()), same, bad,
                table.foundOut() ? table.letters() : "");
    }

    /** Takes line after line, or returns why the table as a whole cannot be taken. */
    private Optional<ImportedExercises> lines(TableText table) {
        try (CsvReader<CsvRecord> csv = CsvReader.builder().fieldSeparator(table.separator())
                .extraFieldStrategy(FieldMismatchStrategy.IGNORE)
                .missingFieldStrategy(FieldMismatchStrategy.IGNORE)
                .ofCsvRecord(table.text())) {
            Iterator<CsvRecord> records = csv.iterator();
            if (!records.hasNext() || !header(records.next())) {
                return Optional.of(refused(1, "found no column \"name\"; expected a header with some of: "
                        + String.join(", ", ExerciseTable.columns()) + "."));
            }
            Optional<ImportedExercises> refusal = Optional.empty();
            for (List<CsvRecord> some = portion(records); refusal.isEmpty()
                    && !some.isEmpty(); some = portion(records)) {
                refusal = take(some);
            }
            return refusal;
        } catch (CsvParseException | IOException fault) {
            return Optional.of(refused(1, NO_TABLE));
        }
    }

    /** Returns the next lines; after a fault those before it, and then no more. */
    private List<CsvRecord> portion(Iterator<CsvRecord> records) {
        List<CsvRecord> portion = new ArrayList<>();
        try {
            while (!broken && portion.size() < PORTION && records.hasNext()) {
                portion.add(records.next());
                rows++;
            }
        } catch (CsvParseException fault) {
            broken = true;
            bad.put(rows + 1, NO_TABLE);
        }
        return portion;
    }

    private Optional<ImportedExercises> take(List<CsvRecord> portion) {
        if (rows > MOST_ROWS) {
            return Optional.of(
                    refused(MOST_ROWS + 1, "A table may have at most %d lines.".formatted(MOST_ROWS)));
        }
        for (Row row : portion.parallelStream().map(this::row).toList()) {
            row.exercise().ifPresentOrElse(read -> take(row, read),
                    () -> bad.put(row.line(), row.problem()));
            Optional<String> many = OwnExercises.NUMBER.problem(good.size() + (long) own.size());
            if (many.isPresent()) {
                return Optional.of(refused(row.line(), many.get()));
            }
        }
        return Optional.empty();
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
            return new Row(number, "", "", Optional.empty(), "found %d columns, expected %d as in the header."
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
        return new Row(number, id, Library.idOf(texts.getOrDefault(Field.NAME, "")), outcome.exercise(),
                sentence(outcome.problems()));
    }

    private boolean known(String id) {
        return library.find(id).isPresent();
    }

    /** Takes what is new or changed. What ships cannot be changed: a line that tries becomes an exercise of its own. */
    private void take(Row row, Exercise read) {
        String id = row.id();
        Optional<Exercise> before = library.find(id);
        if (before.filter(read::equals).isPresent() || (id.isEmpty() && hasAlready(row.nameId(), read))) {
            same++;
            return;
        }
        boolean change = own.containsKey(id) && !good.containsKey(id);
        Exercise taken = read.withId(change ? id : freeId(id, row.nameId()));
        good.put(taken.id(), taken);
        lines.put(taken.id(), row.line());
    }

    private boolean hasAlready(String id, Exercise read) {
        Exercise before = own.get(id);
        return before != null && before.equals(read.withId(before.id()));
    }

    /** Returns the id that the line gives where it can be had, else one of the name. */
    private String freeId(String id, String base) {
        boolean free = LEGAL_ID.matcher(id).matches() && !known(id) && !good.containsKey(id);
        if (free) {
            return id;
        }
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
