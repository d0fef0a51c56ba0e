package app.kehre.store;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.mapper.RowMapper;
import org.jdbi.v3.core.statement.PreparedBatch;

import app.kehre.core.log.ClassRecord;
import app.kehre.core.log.LineRecord;
import app.kehre.core.log.Observation;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.PlanId;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.studio.Records;
import app.kehre.core.studio.StudioTrouble;
import app.kehre.core.teaching.Debt;
import app.kehre.core.timeline.Tally;

/** The classes that were taught, as they lie in the studio. */
final class RecordTable implements Records {

    private final StudioFile studio;

    RecordTable(StudioFile studio) {
        this.studio = studio;
    }

    @Override
    public void keep(ClassRecord record) throws StudioTrouble {
        studio.change("The record of \u201c%s\u201d".formatted(record.title()), handle -> {
            handle.execute("delete from class_record where plan = ? and began = ?", record.plan().toString(),
                    record.began().toString());
            long id = handle
                    .createUpdate(
                            "insert into class_record (plan, title, began, slot_ms, planned_ms, taught_ms)"
                                    + " values (?, ?, ?, ?, ?, ?)")
                    .bind(0, record.plan().toString()).bind(1, record.title())
                    .bind(2, record.began().toString()).bind(3, record.slot().toMillis())
                    .bind(4, record.planned().toMillis()).bind(5, record.taught().toMillis())
                    .executeAndReturnGeneratedKeys("id").mapTo(Long.class).one();
            lines(handle, id, record.lines());
            others(handle, id, record);
        });
    }

    private static void lines(Handle handle, long record, List<LineRecord> lines) {
        PreparedBatch all = handle.prepareBatch("insert into line_record values (?, ?, ?, ?, ?, ?)");
        PreparedBatch uses = handle.prepareBatch("insert into line_use values (?, ?, ?, ?, ?)");
        for (int at = 0; at < lines.size(); at++) {
            LineRecord line = lines.get(at);
            all.add(record, at, Keys.number(line.line()), Keys.number(line.segment()), line.name(),
                    line.subject());
            for (Tally.Use use : Tally.Use.values()) {
                Duration planned = line.planned().getOrDefault(use, Duration.ZERO);
                Duration taught = line.taught().getOrDefault(use, Duration.ZERO);
                if (!planned.isZero() || !taught.isZero()) {
                    uses.add(record, at, Keys.of(use), planned.toMillis(), taught.toMillis());
                }
            }
        }
        execute(all);
        execute(uses);
    }

    private static void others(Handle handle, long id, ClassRecord record) {
        PreparedBatch taken = handle.prepareBatch("insert into taken values (?, ?, ?)");
        for (int at = 0; at < record.taken().size(); at++) {
            taken.add(id, at, record.taken().get(at));
        }
        execute(taken);
        PreparedBatch owed = handle.prepareBatch("insert into owed values (?, ?, ?, ?, ?, ?)");
        for (int at = 0; at < record.owed().size(); at++) {
            Debt debt = record.owed().get(at);
            owed.add(id, at, debt.exercise(), debt.side().word(), Keys.of(debt.unit()), debt.amount());
        }
        execute(owed);
        PreparedBatch counted = handle.prepareBatch("insert into counted values (?, ?, ?)");
        record.counts().forEach((line, number) -> counted.add(id, Keys.number(line), number));
        execute(counted);
        PreparedBatch observed = handle.prepareBatch("insert into observation values (?, ?, ?, ?, ?)");
        for (int at = 0; at < record.observed().size(); at++) {
            Observation each = record.observed().get(at);
            observed.add(id, at, each.quantity().key(), each.style().key(), each.value());
        }
        execute(observed);
    }

    private static void execute(PreparedBatch batch) {
        if (batch.size() > 0) {
            batch.execute();
        }
    }

    @Override
    public List<ClassRecord> all() throws StudioTrouble {
        return studio.read("The records", handle -> {
            Map<Long, List<LineRecord>> lines = lines(handle);
            Map<Long, List<String>> taken = grouped(handle, "select * from taken order by record, position",
                    (row, _) -> row.getString("words"));
            Map<Long, List<Debt>> owed = grouped(handle, "select * from owed order by record, position",
                    (row, _) -> new Debt(row.getString("exercise"), Keys.side(row.getString("side")),
                            Keys.unit(row.getString("unit")), row.getInt("amount")));
            Map<Long, List<Map.Entry<EntryId, Integer>>> counted = grouped(handle,
                    "select * from counted order by record, line",
                    (row, _) -> Map.entry(new EntryId(row.getInt("line")), row.getInt("number")));
            Map<Long, List<Observation>> observed = grouped(handle,
                    "select * from observation order by record, position",
                    (row, _) -> new Observation(Keys.quantity(row.getString("quantity")),
                            Keys.style(row.getString("style")), row.getDouble("value")));
            return handle.createQuery("select * from class_record order by began, id").map((row, _) -> {
                long id = row.getLong("id");
                Map<EntryId, Integer> counts = new LinkedHashMap<>();
                counted.getOrDefault(id, List.of())
                        .forEach(each -> counts.put(each.getKey(), each.getValue()));
                return new ClassRecord(PlanId.parse(row.getString("plan")).value().orElseThrow(),
                        row.getString("title"), LocalDateTime.parse(row.getString("began")),
                        Duration.ofMillis(row.getLong("slot_ms")),
                        Duration.ofMillis(row.getLong("planned_ms")),
                        Duration.ofMillis(row.getLong("taught_ms")), lines.getOrDefault(id, List.of()),
                        taken.getOrDefault(id, List.of()), owed.getOrDefault(id, List.of()), counts,
                        observed.getOrDefault(id, List.of()));
            }).list();
        });
    }

    private static <T> Map<Long, List<T>> grouped(Handle handle, String query,
            RowMapper<T> mapper) {
        Map<Long, List<T>> all = new LinkedHashMap<>();
        handle.createQuery(query)
                .map((row, context) -> Map.entry(row.getLong("record"), mapper.map(row, context)))
                .forEach(each -> all.computeIfAbsent(each.getKey(), _ -> new ArrayList<>())
                        .add(each.getValue()));
        return all;
    }

    private static Map<Long, List<LineRecord>> lines(Handle handle) {
        record Place(long record, int position) {}
        Map<Place, Map<Tally.Use, Duration>> planned = new LinkedHashMap<>();
        Map<Place, Map<Tally.Use, Duration>> taught = new LinkedHashMap<>();
        handle.createQuery("select * from line_use").map((row, _) -> {
            Place place = new Place(row.getLong("record"), row.getInt("position"));
            Tally.Use use = Keys.use(row.getString("what"));
            planned.computeIfAbsent(place, _ -> new EnumMap<>(Tally.Use.class)).put(use,
                    Duration.ofMillis(row.getLong("planned_ms")));
            taught.computeIfAbsent(place, _ -> new EnumMap<>(Tally.Use.class)).put(use,
                    Duration.ofMillis(row.getLong("taught_ms")));
            return place;
        }).list();
        return grouped(handle, "select * from line_record order by record, position", (row, _) -> {
            Place place = new Place(row.getLong("record"), row.getInt("position"));
            return new LineRecord(new EntryId(row.getInt("line")), new SegmentId(row.getInt("segment")),
                    row.getString("name"), row.getString("subject"), planned.getOrDefault(place, Map.of()),
                    taught.getOrDefault(place, Map.of()));
        });
    }
}
