package app.kehre.store;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.mapper.RowMapper;

import app.kehre.core.brief.School;
import app.kehre.core.log.After;
import app.kehre.core.log.ClassRecord;
import app.kehre.core.log.Heading;
import app.kehre.core.log.LineRecord;
import app.kehre.core.log.Observation;
import app.kehre.core.log.Outcome;
import app.kehre.core.log.RecordKey;
import app.kehre.core.log.SegmentRecord;
import app.kehre.core.log.Times;
import app.kehre.core.pace.Pace;
import app.kehre.core.pace.Quantity;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.studio.RecordRow;
import app.kehre.core.teaching.Debt;
import app.kehre.core.timeline.Tally;

/** Reads the records of classes. */
final class RecordReader {

    /** A record as it stands in a list. */
    static final RowMapper<RecordRow> ROW = (row, _) -> new RecordRow(heading(row), times(row),
            number(row, "people"), number(row, "hard"), row.getString("next"), row.getInt("learn") != 0);
    /** An observation. */
    static final RowMapper<Observation> OBSERVATION = (row, _) -> {
        Quantity quantity = Keys.quantity(row.getString("quantity"));
        School.Teaching style = Keys.style(row.getString("style"));
        double usual = row.getDouble("usual");
        return new Observation(quantity, style, Keys.role(row.getString("role")), row.getString("exercise"),
                row.getDouble("value"), usual > 0 ? usual : Pace.USUAL.of(quantity, style));
    };

    private final Handle handle;

    RecordReader(Handle handle) {
        this.handle = handle;
    }

    Optional<ClassRecord> find(RecordKey key) {
        return handle.createQuery("select * from class_record where plan = ? and began = ?")
                .bind(0, key.plan().toString()).bind(1, key.began().toString())
                .map((row, _) -> record(row, row.getLong("id"))).findOne();
    }

    private ClassRecord record(ResultSet row, long id) throws SQLException {
        After after = new After(number(row, "people"), number(row, "newcomers"), number(row, "hard"),
                row.getString("next"), notes(id));
        return new ClassRecord(heading(row), times(row), segments(id), lines(id),
                new Outcome(taken(id), owed(id), counts(id)),
                list(id, "select * from observation where record = ? order by position", OBSERVATION), after,
                row.getInt("learn") != 0);
    }

    private <T> List<T> list(long id, String query, RowMapper<T> mapper) {
        return handle.createQuery(query).bind(0, id).map(mapper).list();
    }

    private static Heading heading(ResultSet row) throws SQLException {
        return new Heading(Keys.plan(row.getString("plan")), row.getString("title"),
                row.getString("group_name"), LocalDateTime.parse(row.getString("began")),
                Duration.ofMillis(row.getLong("slot_ms")), Keys.origin(row.getString("origin")));
    }

    private static Times times(ResultSet row) throws SQLException {
        return new Times(Duration.ofMillis(row.getLong("planned_ms")),
                Duration.ofMillis(row.getLong("predicted_ms")),
                Duration.ofMillis(row.getLong("usual_ms")), Duration.ofMillis(row.getLong("taught_ms")));
    }

    private static Optional<Integer> number(ResultSet row, String column) throws SQLException {
        int value = row.getInt(column);
        return row.wasNull() ? Optional.empty() : Optional.of(value);
    }

    private List<SegmentRecord> segments(long id) {
        return list(id, "select * from segment_record where record = ? order by position",
                (row, _) -> new SegmentRecord(new SegmentId(row.getInt("segment")), row.getString("name"),
                        Keys.role(row.getString("role")), times(row)));
    }

    private Map<EntryId, After.Note> notes(long id) {
        Map<EntryId, After.Note> notes = new HashMap<>();
        list(id, "select * from line_record where record = ? and (note <> '' or hard is not null)",
                (row, _) -> Map.entry(new EntryId(row.getInt("line")),
                        new After.Note(row.getString("note"), number(row, "hard"))))
                .forEach(each -> notes.put(each.getKey(), each.getValue()));
        return notes;
    }

    private List<LineRecord> lines(long id) {
        Map<Integer, Map<Tally.Use, Duration>> planned = new HashMap<>();
        Map<Integer, Map<Tally.Use, Duration>> taught = new HashMap<>();
        list(id, "select * from line_use where record = ?", (row, _) -> {
            int position = row.getInt("position");
            Tally.Use use = Keys.use(row.getString("what"));
            planned.computeIfAbsent(position, _ -> new EnumMap<>(Tally.Use.class)).put(use,
                    Duration.ofMillis(row.getLong("planned_ms")));
            taught.computeIfAbsent(position, _ -> new EnumMap<>(Tally.Use.class)).put(use,
                    Duration.ofMillis(row.getLong("taught_ms")));
            return position;
        });
        Map<Integer, List<String>> combinations = new HashMap<>();
        list(id, "select * from line_subject where record = ? and danced = 1 order by position, subject",
                (row, _) -> combinations.computeIfAbsent(row.getInt("position"), _ -> new ArrayList<>())
                        .add(row.getString("subject")));
        return list(id, "select * from line_record where record = ? order by position",
                (row, _) -> new LineRecord(new EntryId(row.getInt("line")),
                        new SegmentId(row.getInt("segment")), row.getString("name"),
                        row.getString("subject").lines().toList(),
                        combinations.getOrDefault(row.getInt("position"), List.of()),
                        Duration.ofMillis(row.getLong("begins_ms")),
                        planned.getOrDefault(row.getInt("position"), Map.of()),
                        taught.getOrDefault(row.getInt("position"), Map.of())));
    }

    private List<String> taken(long id) {
        return list(id, "select words from taken where record = ? order by position",
                (row, _) -> row.getString("words"));
    }

    private List<Debt> owed(long id) {
        return list(id, "select * from owed where record = ? order by position",
                (row, _) -> new Debt(row.getString("exercise"), Keys.side(row.getString("side")),
                        Keys.unit(row.getString("unit")), row.getInt("amount")));
    }

    private Map<EntryId, Integer> counts(long id) {
        Map<EntryId, Integer> counts = new HashMap<>();
        list(id, "select * from counted where record = ?",
                (row, _) -> Map.entry(new EntryId(row.getInt("line")), row.getInt("number")))
                .forEach(each -> counts.put(each.getKey(), each.getValue()));
        return counts;
    }
}
