package app.kehre.formats.library;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import de.siegmar.fastcsv.writer.CsvWriter;

import app.kehre.core.card.Card;
import app.kehre.core.card.Field;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Library;
import app.kehre.core.term.Named;

/** Exercises as a table: CSV with a header, one line an exercise, a column for the id and for each field of its card. */
public final class ExerciseTable {

    private static final String ID = "id";

    private ExerciseTable() {}

    /**
     * What came of reading a table.
     *
     * @param good the exercises of the lines that were understood, with ids that the library does not use yet
     * @param bad by the number of the line, counted from 1 with the header, what is wrong with it
     */
    public record Outcome(List<Exercise> good, Map<Long, String> bad) {
        public Outcome {
            good = List.copyOf(good);
        }

        /** Returns a sentence a bad line, in order: "Line 3: ...". */
        public List<String> sentences() {
            return bad.entrySet().stream()
                    .map(each -> "Line %d: %s".formatted(each.getKey(), each.getValue()))
                    .toList();
        }
    }

    /** Writes exercises as a table. */
    public static String write(List<Exercise> exercises) {
        StringWriter text = new StringWriter();
        try (CsvWriter csv = CsvWriter.builder().build(text)) {
            csv.writeRecord(columns());
            exercises.forEach(each -> {
                Card card = Card.of(each);
                csv.writeRecord(Stream.concat(Stream.of(each.id()), Stream.of(Field.values()).map(card::text))
                        .toList());
            });
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return text.toString();
    }

    private static List<String> columns() {
        return Stream.concat(Stream.of(ID), Stream.of(Field.values()).map(Named::words)).toList();
    }

    /** Reads a table of own exercises. Columns may stand in any order; those that are not known are left aside. */
    public static Outcome read(byte[] bytes, Library library) {
        List<Exercise> good = new ArrayList<>();
        Map<Long, String> bad = new TreeMap<>();
        Set<String> taken = new HashSet<>();
        List<String> header = List.of();
        try (CsvReader<CsvRecord> csv = CsvReader.builder().allowExtraFields(true).allowMissingFields(true)
                .allowExtraFields(true).allowMissingFields(true)
                .ofCsvRecord(new String(bytes, StandardCharsets.UTF_8).replaceFirst("^\uFEFF", ""))) {
            for (CsvRecord line : csv) {
                if (header.isEmpty()) {
                    header = line.getFields().stream().map(String::strip).toList();
                    if (!header.contains(Field.NAME.words())) {
                        bad.put(1L, "found no column \"name\"; expected a header with some of: "
                                + String.join(", ", columns()) + ".");
                        return new Outcome(good, bad);
                    }
                    continue;
                }
                read(line, header, name -> library.freeId(name, taken), bad).ifPresent(exercise -> {
                    good.add(exercise);
                    taken.add(exercise.id());
                });
            }
        } catch (CsvParseException | IOException fault) {
            bad.put((long) good.size() + bad.size() + 2,
                    "this is not CSV (%s).".formatted(fault.getMessage()));
        }
        return new Outcome(good, bad);
    }

    private static Optional<Exercise> read(CsvRecord line, List<String> header, UnaryOperator<String> freeId,
            Map<Long, String> bad) {
        if (line.getFieldCount() != header.size()) {
            bad.put(line.getStartingLineNumber(), "found %d columns, expected %d as in the header."
                    .formatted(line.getFieldCount(), header.size()));
            return Optional.empty();
        }
        Map<Field, String> texts = new EnumMap<>(Field.class);
        for (int i = 0; i < header.size(); i++) {
            String text = line.getField(i);
            Named.find(Field.class, header.get(i)).ifPresent(field -> texts.put(field, text));
        }
        Card.Outcome outcome = new Card(freeId.apply(texts.getOrDefault(Field.NAME, "")), texts).read();
        if (!outcome.problems().isEmpty()) {
            bad.put(line.getStartingLineNumber(), sentence(outcome.problems()));
        }
        return outcome.exercise();
    }

    private static String sentence(Map<Field, String> problems) {
        return String.join(" ", new TreeMap<>(problems).entrySet().stream()
                .map(each -> "%s: %s".formatted(each.getKey().words(), each.getValue())).toList());
    }
}
