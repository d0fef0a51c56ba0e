package app.kehre.store;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.statement.PreparedBatch;
import org.jspecify.annotations.Nullable;

import app.kehre.core.log.After;
import app.kehre.core.log.ClassRecord;
import app.kehre.core.log.Heading;
import app.kehre.core.log.LineRecord;
import app.kehre.core.log.Observation;
import app.kehre.core.log.RecordKey;
import app.kehre.core.log.SegmentRecord;
import app.kehre.core.teaching.Debt;
import app.kehre.core.timeline.Tally;

/** Writes the records of classes; to be used inside of a transaction. */
final class RecordWriter {

    private final Handle handle;

    RecordWriter(Handle handle) {
        this.handle = handle;
    }

    Optional<Long> find(RecordKey key) {
        return handle.createQuery("select id from class_record where plan = ? and began = ?")
                .bind(0, key.plan().toString()).bind(1, key.began().toString()).mapTo(Long.class).findOne();
    }

    void forget(RecordKey key) {
        find(key).ifPresent(id -> {
            Optional<Long> document = handle.createQuery("select document from class_record where id = ?")
                    .bind(0, id).mapTo(Long.class).findOne();
            handle.execute("delete from record_words where rowid = ?", id);
            handle.execute("delete from class_record where id = ?", id);
            document.ifPresent(each -> Documents.release(handle, each));
        });
    }

    void write(ClassRecord record, byte[] document) {
        forget(record.key());
        long id = insert(record, document.length == 0 ? null : Documents.keep(handle, document));
        segments(id, record.segments());
        lines(id, record);
        outcome(id, record);
        index(id, record);
    }

    private long insert(ClassRecord record, @Nullable Long document) {
        Heading heading = record.heading();
        return handle.createUpdate(
                "insert into class_record (plan, title, group_name, began, slot_ms, origin, planned_ms, predicted_ms, usual_ms, taught_ms,"
                        + " learn, people, newcomers, hard, next, document)"
                        + " values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)")
                .bind(0, heading.plan().toString()).bind(1, heading.title()).bind(2, heading.group())
                .bind(3, heading.began().toString()).bind(4, heading.slot().toMillis())
                .bind(5, heading.origin().key()).bind(6, record.times().planned().toMillis())
                .bind(7, record.times().predicted().toMillis())
                .bind(8, record.times().usual().toMillis()).bind(9, record.times().taught().toMillis())
                .bind(10, record.learn() ? 1 : 0).bind(11, record.after().people().orElse(null))
                .bind(12, record.after().newcomers().orElse(null))
                .bind(13, record.after().hard().orElse(null))
                .bind(14, record.after().next()).bind(15, document).executeAndReturnGeneratedKeys("id")
                .mapTo(Long.class).one();
    }

    private void segments(long id, List<SegmentRecord> segments) {
        PreparedBatch all = handle
                .prepareBatch("insert into segment_record values (?, ?, ?, ?, ?, ?, ?, ?, ?)");
        for (int at = 0; at < segments.size(); at++) {
            SegmentRecord each = segments.get(at);
            all.add(id, at, Keys.number(each.segment()), each.name(), each.role().key(),
                    each.times().planned().toMillis(), each.times().predicted().toMillis(),
                    each.times().usual().toMillis(),
                    each.times().taught().toMillis());
        }
        execute(all);
    }

    private void lines(long id, ClassRecord record) {
        PreparedBatch all = handle.prepareBatch(
                "insert into line_record (record, position, line, segment, name, subject, begins_ms, note, hard)"
                        + " values (?, ?, ?, ?, ?, ?, ?, ?, ?)");
        PreparedBatch subjects = handle.prepareBatch(
                "insert or ignore into line_subject (record, position, subject, danced) values (?, ?, ?, ?)");
        PreparedBatch uses = handle.prepareBatch("insert into line_use values (?, ?, ?, ?, ?)");
        for (int at = 0; at < record.lines().size(); at++) {
            int position = at;
            LineRecord line = record.lines().get(at);
            After.Note note = record.after().of(line.line());
            all.add(id, at, Keys.number(line.line()), Keys.number(line.segment()), line.name(),
                    String.join("\n", line.exercises()),
                    line.begins().toMillis(), note.words(), note.hard().orElse(null));
            new TreeSet<>(line.exercises()).forEach(each -> subjects.add(id, position, each, 0));
            new TreeSet<>(line.combinations()).forEach(each -> subjects.add(id, position, each, 1));
            for (Tally.Use use : Tally.Use.values()) {
                Duration planned = line.planned().getOrDefault(use, Duration.ZERO);
                Duration taught = line.taught().getOrDefault(use, Duration.ZERO);
                if (!planned.isZero() || !taught.isZero()) {
                    uses.add(id, at, use.key(), planned.toMillis(), taught.toMillis());
                }
            }
        }
        execute(all);
        execute(subjects);
        execute(uses);
    }

    private void outcome(long id, ClassRecord record) {
        PreparedBatch taken = handle.prepareBatch("insert into taken values (?, ?, ?)");
        List<String> words = record.outcome().taken();
        for (int at = 0; at < words.size(); at++) {
            taken.add(id, at, words.get(at));
        }
        execute(taken);
        PreparedBatch owed = handle.prepareBatch("insert into owed values (?, ?, ?, ?, ?, ?)");
        for (int at = 0; at < record.outcome().owed().size(); at++) {
            Debt debt = record.outcome().owed().get(at);
            owed.add(id, at, debt.exercise(), debt.side().word(), Keys.of(debt.unit()), debt.amount());
        }
        execute(owed);
        PreparedBatch counted = handle.prepareBatch("insert into counted values (?, ?, ?)");
        record.outcome().counts().forEach((line, number) -> counted.add(id, Keys.number(line), number));
        execute(counted);
        PreparedBatch observed = handle.prepareBatch(
                "insert into observation (record, position, quantity, style, value, exercise, role, usual)"
                        + " values (?, ?, ?, ?, ?, ?, ?, ?)");
        for (int at = 0; at < record.observed().size(); at++) {
            Observation each = record.observed().get(at);
            observed.add(id, at, each.quantity().key(), each.style().key(), each.value(), each.exercise(),
                    each.role().key(), each.usual());
        }
        execute(observed);
    }

    /** Keeps what is said of a class, on a record that is there. */
    void keep(long id, After after) {
        handle.createUpdate(
                "update class_record set people = ?, newcomers = ?, hard = ?, next = ? where id = ?")
                .bind(0, after.people().orElse(null)).bind(1, after.newcomers().orElse(null))
                .bind(2, after.hard().orElse(null)).bind(3, after.next()).bind(4, id).execute();
        handle.execute("update line_record set note = '', hard = null where record = ?", id);
        PreparedBatch notes = handle
                .prepareBatch("update line_record set note = ?, hard = ? where record = ? and line = ?");
        after.lines().forEach(
                (line, note) -> notes.add(note.words(), note.hard().orElse(null), id, Keys.number(line)));
        execute(notes);
    }

    /** Lets a class be found by its words. */
    void index(long id, ClassRecord record) {
        String words = Stream.of(
                Stream.of(record.heading().title(), record.heading().group(), record.after().next()),
                record.after().lines().values().stream().map(After.Note::words),
                record.lines().stream().map(LineRecord::name)).flatMap(each -> each).distinct()
                .collect(Collectors.joining("\n"));
        handle.execute("delete from record_words where rowid = ?", id);
        handle.execute("insert into record_words (rowid, words) values (?, ?)", id, words);
    }

    private static void execute(PreparedBatch batch) {
        if (batch.size() > 0) {
            batch.execute();
        }
    }
}
