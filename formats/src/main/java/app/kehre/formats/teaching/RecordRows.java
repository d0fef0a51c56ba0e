package app.kehre.formats.teaching;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import app.kehre.core.log.After;
import app.kehre.core.log.ClassRecord;
import app.kehre.core.log.LineRecord;
import app.kehre.core.log.Times;
import app.kehre.core.timeline.Tally;
import app.kehre.formats.table.Cells;

/** The records of classes as tables (CSV, RFC 4180, UTF-8), lengths in milliseconds. */
public final class RecordRows {

    private static final List<String> CLASSES = List.of("began", "title", "group", "origin", "slot_ms",
            "planned_ms",
            "predicted_ms", "usual_ms", "taught_ms", "learn", "people", "newcomers", "hard", "next");
    private static final List<String> LINES = List.of("began", "title", "line", "name", "exercises",
            "begins_ms",
            "planned_ms", "taught_ms", "work_ms", "explaining_ms", "changeover_ms", "rest_ms", "talk_ms",
            "note", "hard");

    private RecordRows() {}

    /** Returns a row a class. */
    public static String classes(List<ClassRecord> records) {
        return Cells.table(rows -> {
            rows.accept(CLASSES);
            records.forEach(record -> rows.accept(row(record)));
        });
    }

    private static List<String> row(ClassRecord record) {
        Times times = record.times();
        After after = record.after();
        return List.of(record.heading().began().toString(), record.heading().title(),
                record.heading().group(),
                record.heading().origin().key(),
                millis(record.heading().slot()), millis(times.planned()), millis(times.predicted()),
                millis(times.usual()), millis(times.taught()), String.valueOf(record.learn()),
                text(after.people()),
                text(after.newcomers()), text(after.hard()), after.next());
    }

    /** Returns a row a line of a class, by what its taught time was used for. */
    public static String lines(List<ClassRecord> records) {
        return Cells.table(rows -> {
            rows.accept(LINES);
            records.forEach(record -> record.lines().forEach(line -> rows.accept(row(record, line))));
        });
    }

    private static List<String> row(ClassRecord record, LineRecord line) {
        List<String> row = new ArrayList<>(
                List.of(record.heading().began().toString(), record.heading().title(),
                        line.line().toString(), line.name(), String.join(" ", line.exercises()),
                        millis(line.begins()),
                        millis(line.plannedLength()), millis(line.taughtLength())));
        for (Tally.Use use : Tally.Use.values()) {
            row.add(millis(line.taught().getOrDefault(use, Duration.ZERO)));
        }
        After.Note note = record.after().of(line.line());
        row.add(note.words());
        row.add(text(note.hard()));
        return row;
    }

    private static String text(Optional<Integer> number) {
        return number.map(String::valueOf).orElse("");
    }

    private static String millis(Duration length) {
        return String.valueOf(length.toMillis());
    }
}
