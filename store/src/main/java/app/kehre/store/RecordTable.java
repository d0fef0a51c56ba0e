package app.kehre.store;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToIntBiFunction;

import org.jdbi.v3.core.Handle;

import app.kehre.core.log.After;
import app.kehre.core.log.ClassRecord;
import app.kehre.core.log.Observation;
import app.kehre.core.log.Observed;
import app.kehre.core.log.RecordKey;
import app.kehre.core.studio.Doing;
import app.kehre.core.studio.RecordRow;
import app.kehre.core.studio.Records;
import app.kehre.core.studio.StudioTrouble;
import app.kehre.core.studio.Truth;

/** The classes that were taught, as they lie in the studio. */
final class RecordTable implements Records {

    private static final String WHAT = "The records";
    /** A line that was done, as {@code LineRecord.done} says it. */
    private static final String DONE = " and (select sum(taught_ms) > 0 and sum(taught_ms) * 20 > sum(planned_ms)"
            + " from line_use where line_use.record = one.id and line_use.position = line_subject.position)";

    private final StudioFile studio;

    RecordTable(StudioFile studio) {
        this.studio = studio;
    }

    @Override
    public void keep(ClassRecord record, byte[] document) throws StudioTrouble {
        studio.change("The record of \u201c%s\u201d".formatted(record.heading().title()), handle -> {
            new RecordWriter(handle).write(withWhatWasSaid(handle, record), document);
            return 1;
        });
    }

    /** A last press after the end of a class writes its record anew; what was said of it meanwhile stays. */
    private static ClassRecord withWhatWasSaid(Handle handle, ClassRecord record) {
        return record.after().equals(After.NOTHING)
                ? new RecordReader(handle).find(record.key())
                        .map(before -> record.with(before.after()).withLearn(before.learn())).orElse(record)
                : record;
    }

    @Override
    public void keep(RecordKey key, After after) throws StudioTrouble {
        change(key, (handle, id) -> {
            RecordWriter writer = new RecordWriter(handle);
            writer.keep(id, after);
            new RecordReader(handle).find(key).ifPresent(record -> writer.index(id, record));
            return 1;
        });
    }

    @Override
    public void learn(RecordKey key, boolean learn) throws StudioTrouble {
        change(key, (handle, id) -> handle.execute("update class_record set learn = ? where id = ?",
                learn ? 1 : 0, id));
    }

    private void change(RecordKey key, ToIntBiFunction<Handle, Long> work) throws StudioTrouble {
        int changed = studio.change("What is said of the class",
                handle -> new RecordWriter(handle).find(key).map(id -> work.applyAsInt(handle, id))
                        .orElse(0));
        if (changed == 0) {
            throw new StudioTrouble(
                    "The studio has no class of %s any more; nothing was changed.".formatted(key.began()));
        }
    }

    @Override
    public void forget(RecordKey key) throws StudioTrouble {
        studio.change("The record", handle -> {
            new RecordWriter(handle).forget(key);
            return 1;
        });
    }

    @Override
    public List<RecordRow> list(String words, int most) throws StudioTrouble {
        String query = Wanted.query(words);
        return studio.read(WHAT, handle -> query.isEmpty()
                ? handle.createQuery("select * from class_record order by began desc, id limit ?")
                        .bind(0, most).map(RecordReader.ROW).list()
                : handle.createQuery("select class_record.* from record_words join class_record"
                        + " on class_record.id = record_words.rowid where record_words match ?"
                        + " order by began desc, id limit ?").bind(0, query).bind(1, most)
                        .map(RecordReader.ROW).list());
    }

    @Override
    public List<RecordRow> between(LocalDate from, LocalDate to) throws StudioTrouble {
        return studio.read(WHAT, handle -> handle
                .createQuery("select * from class_record where began >= ? and began < ? order by began, id")
                .bind(0, from.toString()).bind(1, to.plusDays(1).toString()).map(RecordReader.ROW).list());
    }

    @Override
    public Optional<ClassRecord> find(RecordKey key) throws StudioTrouble {
        return studio.read(WHAT, handle -> new RecordReader(handle).find(key));
    }

    @Override
    public Optional<byte[]> document(RecordKey key) throws StudioTrouble {
        return studio.read("The plan of the class", handle -> handle
                .createQuery(
                        "select bytes from class_record join document on document.id = class_record.document"
                                + " where plan = ? and began = ?")
                .bind(0, key.plan().toString()).bind(1, key.began().toString()).mapTo(byte[].class).findOne()
                .map(Documents::inflated));
    }

    @Override
    public List<Observed> observed(int most) throws StudioTrouble {
        return studio.read(WHAT, handle -> {
            Map<LocalDateTime, List<Observation>> all = new LinkedHashMap<>();
            handle.createQuery(
                    "select began, observation.* from (select id, began from class_record where learn = 1"
                            + " and origin <> 'by-hand' order by began desc limit ?) as one"
                            + " join observation on observation.record = one.id order by began, position")
                    .bind(0, most)
                    .map((row, context) -> Map.entry(LocalDateTime.parse(row.getString("began")),
                            RecordReader.OBSERVATION.map(row, context)))
                    .forEach(each -> all.computeIfAbsent(each.getKey(), _ -> new ArrayList<>())
                            .add(each.getValue()));
            return all.entrySet().stream().map(each -> new Observed(each.getKey(), each.getValue())).toList();
        });
    }

    @Override
    public List<Truth> truths(int most) throws StudioTrouble {
        return studio.read(WHAT, handle -> handle.createQuery("select began, one.predicted_ms as planned,"
                + " one.usual_ms as usual, one.taught_ms as taught,"
                + " avg(abs(part.taught_ms - part.predicted_ms) * 1.0 / part.predicted_ms) as parts,"
                + " avg(abs(part.taught_ms - part.usual_ms) * 1.0 / max(1, part.usual_ms)) as parts_usual"
                + " from (select * from class_record where learn = 1 and origin <> 'by-hand' and planned_ms > 0"
                + " and taught_ms * 2 > planned_ms order by began desc limit ?) as one"
                + " join segment_record as part on part.record = one.id and part.predicted_ms >= 30000"
                + " group by one.id order by began").bind(0, most)
                .map((row, _) -> new Truth(LocalDateTime.parse(row.getString("began")),
                        off(row.getDouble("taught"), row.getDouble("planned")),
                        off(row.getDouble("taught"), row.getDouble("usual")), row.getDouble("parts"),
                        row.getDouble("parts_usual")))
                .list());
    }

    private static double off(double taught, double predicted) {
        return predicted == 0 ? 0 : (taught - predicted) / predicted;
    }

    @Override
    public Map<String, Integer> done(String group, LocalDate from, LocalDate to) throws StudioTrouble {
        return studio.read("What was done", handle -> {
            Map<String, Integer> done = new LinkedHashMap<>();
            handle.createQuery("select line_subject.subject as subject, count(distinct one.id) as times"
                    + " from class_record as one join line_subject on line_subject.record = one.id"
                    + " where began >= :from and began < :to and (:group = '' or group_name = :group)"
                    + DONE
                    + " group by line_subject.subject order by times desc, line_subject.subject")
                    .bind("from", from.toString()).bind("to", to.plusDays(1).toString()).bind("group", group)
                    .map((row, _) -> Map.entry(row.getString("subject"), row.getInt("times")))
                    .forEach(each -> done.put(each.getKey(), each.getValue()));
            return done;
        });
    }

    @Override
    public List<String> groups() throws StudioTrouble {
        return studio.read(WHAT, handle -> handle
                .createQuery("select distinct group_name from class_record where group_name <> '' order by 1")
                .mapTo(String.class).list());
    }

    @Override
    public List<String> combinations(String group, LocalDate from, LocalDate to) throws StudioTrouble {
        return studio.read("What was danced", handle -> handle
                .createQuery("select distinct line_subject.subject from class_record as one"
                        + " join line_subject on line_subject.record = one.id and danced = 1"
                        + " where began >= :from and began < :to and (:group = '' or group_name = :group)"
                        + DONE + " order by 1")
                .bind("from", from.toString()).bind("to", to.plusDays(1).toString()).bind("group", group)
                .mapTo(String.class).list());
    }

    @Override
    public List<Doing> doings(String exercise, int most) throws StudioTrouble {
        return studio.read("What was done", handle -> handle.createQuery(
                "select began, title, note, sum(line_use.planned_ms) as planned, sum(line_use.taught_ms) as taught"
                        + " from line_subject join class_record on class_record.id = line_subject.record"
                        + " join line_record using (record, position) join line_use using (record, position)"
                        + " where line_subject.subject = ? group by record, position having taught > 0"
                        + " order by began desc limit ?")
                .bind(0, exercise).bind(1, most)
                .map((row, _) -> new Doing(LocalDateTime.parse(row.getString("began")),
                        row.getString("title"),
                        Duration.ofMillis(row.getLong("planned")), Duration.ofMillis(row.getLong("taught")),
                        row.getString("note")))
                .list());
    }
}
