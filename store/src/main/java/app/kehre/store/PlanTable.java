package app.kehre.store;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.mapper.RowMapper;

import app.kehre.core.plan.PlanId;
import app.kehre.core.studio.ChangedElsewhere;
import app.kehre.core.studio.Plans;
import app.kehre.core.studio.StoredPlan;
import app.kehre.core.studio.StudioTrouble;
import app.kehre.core.studio.Version;

/** The plans as they lie in the studio. */
final class PlanTable implements Plans {

    private static final String WHAT = "The classes";
    private static final RowMapper<StoredPlan> PLAN = (row, _) -> new StoredPlan(
            Keys.plan(row.getString("id")),
            row.getString("title"), row.getString("group_name"), LocalDate.parse(row.getString("day")),
            LocalTime.parse(row.getString("start")), Instant.parse(row.getString("saved")),
            row.getLong("version"));
    private static final RowMapper<Version> VERSION = (row, _) -> new Version(row.getLong("id"),
            Keys.plan(row.getString("plan")), row.getString("name"), Instant.parse(row.getString("saved")));

    private final StudioFile studio;

    PlanTable(StudioFile studio) {
        this.studio = studio;
    }

    @Override
    public long save(StoredPlan plan, byte[] document, String words, long after, Instant now)
            throws StudioTrouble, ChangedElsewhere {
        long saved = studio.change("\u201c%s\u201d".formatted(plan.title()), handle -> {
            String id = plan.plan().toString();
            long last = handle.createQuery("select version from plan where id = ?").bind(0, id)
                    .mapTo(Long.class).findOne().orElse(NONE);
            boolean deleted = handle.createQuery("select 1 from plan where id = ? and deleted = 1")
                    .bind(0, id)
                    .mapTo(Integer.class).findOne().isPresent();
            if (last != after && !(deleted && after == NONE)) {
                return -last;
            }
            if (last != NONE && !deleted
                    && Arrays.equals(bytes(handle, last).orElse(new byte[0]), document)) {
                return last;
            }
            return insert(handle, plan, document, words, now);
        });
        if (saved < 0 || saved == NONE) {
            throw new ChangedElsewhere(plan.title(), -saved);
        }
        return saved;
    }

    private static long insert(Handle handle, StoredPlan plan, byte[] document, String words, Instant now) {
        String id = plan.plan().toString();
        long version = handle
                .createUpdate("insert into version (plan, name, saved, document) values (?, '', ?, ?)")
                .bind(0, id).bind(1, now.toString()).bind(2, Documents.keep(handle, document))
                .executeAndReturnGeneratedKeys("id").mapTo(Long.class).one();
        handle.execute("insert into plan (id, title, group_name, day, start, saved, version)"
                + " values (?, ?, ?, ?, ?, ?, ?) on conflict (id) do update set title = excluded.title,"
                + " group_name = excluded.group_name, day = excluded.day, start = excluded.start,"
                + " saved = excluded.saved, version = excluded.version, deleted = 0", id, plan.title(),
                plan.group(), plan.date().toString(), plan.start().toString(), now.toString(), version);
        handle.execute("insert into plan_word (plan) values (?) on conflict do nothing", id);
        long word = handle.createQuery("select id from plan_word where plan = ?").bind(0, id)
                .mapTo(Long.class).one();
        handle.execute("delete from plan_words where rowid = ?", word);
        handle.execute("insert into plan_words (rowid, words) values (?, ?)", word,
                String.join("\n", plan.title(), plan.group(), words));
        return version;
    }

    @Override
    public List<StoredPlan> list(String words, int most) throws StudioTrouble {
        String query = Wanted.query(words);
        return studio.read(WHAT, handle -> query.isEmpty()
                ? handle.createQuery(
                        "select * from plan where deleted = 0 order by day desc, start desc, id limit ?")
                        .bind(0, most).map(PLAN).list()
                : handle.createQuery(
                        "select plan.* from plan_words join plan_word on plan_word.id = plan_words.rowid"
                                + " join plan on plan.id = plan_word.plan where plan_words match ? and deleted = 0"
                                + " order by day desc, start desc, plan.id limit ?")
                        .bind(0, query).bind(1, most)
                        .map(PLAN).list());
    }

    @Override
    public List<StoredPlan> between(LocalDate from, LocalDate to, int most) throws StudioTrouble {
        return studio.read(WHAT,
                handle -> handle.createQuery("select * from plan where deleted = 0 and day >= ?"
                        + " and day <= ? order by day desc, start desc, id limit ?").bind(0, from.toString())
                        .bind(1, to.toString()).bind(2, most).map(PLAN).list());
    }

    @Override
    public List<StoredPlan> groups() throws StudioTrouble {
        return studio.read(WHAT, handle -> handle.createQuery(
                "select * from (select *, row_number() over (partition by group_name order by day desc, start desc) as place"
                        + " from plan where deleted = 0 and group_name <> '') where place = 1 order by group_name")
                .map(PLAN).list());
    }

    @Override
    public Optional<StoredPlan> find(PlanId plan) throws StudioTrouble {
        return studio.read(WHAT,
                handle -> handle.createQuery("select * from plan where id = ? and deleted = 0")
                        .bind(0, plan.toString()).map(PLAN).findOne());
    }

    @Override
    public List<Version> versions(PlanId plan) throws StudioTrouble {
        return studio.read("The versions",
                handle -> handle.createQuery("select * from version where plan = ? order by id desc")
                        .bind(0, plan.toString()).map(VERSION).list());
    }

    @Override
    public byte[] document(long version) throws StudioTrouble {
        return studio.read("The version", handle -> bytes(handle, version))
                .orElseThrow(() -> new StudioTrouble("The studio has no version %d.".formatted(version)));
    }

    private static Optional<byte[]> bytes(Handle handle, long version) {
        return handle.createQuery(
                "select bytes from version join document on document.id = version.document where version.id = ?")
                .bind(0, version).mapTo(byte[].class).findOne().map(Documents::inflated);
    }

    @Override
    public void name(long version, String name) throws StudioTrouble {
        studio.change("The name of the version",
                handle -> handle.execute("update version set name = ? where id = ?", name, version));
    }

    @Override
    public void delete(PlanId plan, boolean deleted) throws StudioTrouble {
        studio.change("The class", handle -> handle.execute("update plan set deleted = ? where id = ?",
                deleted ? 1 : 0, plan.toString()));
    }
}
