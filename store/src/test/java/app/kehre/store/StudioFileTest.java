package app.kehre.store;

import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;

import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import app.kehre.core.brief.School;
import app.kehre.core.exercise.Role;
import app.kehre.core.log.After;
import app.kehre.core.log.ClassRecord;
import app.kehre.core.log.LineRecord;
import app.kehre.core.log.Observation;
import app.kehre.core.log.PaceWishes;
import app.kehre.core.log.Recording;
import app.kehre.core.pace.Quantity;
import app.kehre.core.people.Regulars;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.EntryId;
import app.kehre.core.studio.ChangedElsewhere;
import app.kehre.core.studio.Doing;
import app.kehre.core.studio.FitnessChecks.Result;
import app.kehre.core.studio.Plans;
import app.kehre.core.studio.RecordRow;
import app.kehre.core.studio.StoredPlan;
import app.kehre.core.studio.StudioTrouble;
import app.kehre.core.studio.Version;
import app.kehre.core.teaching.Press;
import app.kehre.core.teaching.Teaching;
import app.kehre.core.testing.Exercises;
import app.kehre.core.timeline.Timeline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

/** What is kept in the studio comes back as it was, whoever else is there. */
class StudioFileTest {

    private static final Instant START = Instant.parse("2026-11-24T18:30:00Z");

    @TempDir
    private Path folder;

    private static ClassPlan plan() {
        ClassPlan plan = app.kehre.core.testing.Plans.of(10).segment("Toning", Role.TONING, 120)
                .item(Exercises.SQUAT, "10 reps 1-0-1 s, each side")
                .item(Exercises.ROW, "as many as possible in 30 s, beat 20").plan();
        return plan.with(plan.brief().with(plan.brief().group().withRegulars(
                new Regulars("Tuesday climbers", Set.of()))));
    }

    /** A class in which one side was skipped, a challenge counted and the rest taught as planned. */
    private static ClassRecord record(ClassPlan plan, int day) {
        Teaching taught = Teaching.ready(Timeline.of(plan));
        taught = pressed(taught, 0, new Press.Start(START.plusSeconds(600)));
        taught = pressed(taught, 40, Press.Key.SKIP_SIDE);
        taught = pressed(taught, 60, new Press.Count(new EntryId(2), 24)).at(START.plusSeconds(900));
        return Recording.of(taught, LocalDateTime.of(2026, 11, day, 18, 30));
    }

    private static Teaching pressed(Teaching taught, int second, Press press) {
        Instant now = START.plusSeconds(second);
        return taught.press(press, now, now).value().orElseThrow();
    }

    private Path file() {
        return folder.resolve("deep").resolve(StudioFile.NAME);
    }

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    @Test
    void aLineThatWasPressedAwayWasLeftOutAndTeachesNothing() throws StudioTrouble {
        Teaching taught = Teaching.ready(Timeline.of(plan()));
        taught = pressed(taught, 0, new Press.Start(START.plusSeconds(600)));
        taught = pressed(taught, 1, Press.Key.SKIP_LINE);
        ClassRecord record = Recording.of(taught.at(START.plusSeconds(900)),
                LocalDateTime.of(2026, 11, 24, 18, 30));

        assertThat(record.lines().getFirst().taughtLength()).isPositive();
        assertThat(record.lines()).extracting(LineRecord::leftOut).containsExactly(true, false);
        assertThat(record.observed()).extracting(Observation::exercise).doesNotContain("squat");
        try (StudioFile studio = StudioFile.open(file())) {
            studio.records().keep(record, new byte[0]);
            assertThat(studio.records().done("Tuesday climbers", LocalDate.of(2026, 11, 1),
                    LocalDate.of(2026, 11, 30)))
                    .containsOnlyKeys("bent-row");
        }
    }

    @Test
    void aRecordComesBackAsItWasWithWhatWasSaidOfIt() throws StudioTrouble {
        ClassRecord record = record(plan(), 24);
        After after = After.NOTHING.withPeople(Optional.of(17), Optional.of(2)).withHard(Optional.of(7))
                .withNext("Turn step was too soon.")
                .with(new EntryId(1), new After.Note("heavier", Optional.of(6)));
        try (StudioFile studio = StudioFile.open(file())) {
            studio.records().keep(record, bytes("the plan"));
            studio.records().keep(record.key(), after);
            studio.records().keep(record(plan(), 17), new byte[0]);
        }
        try (StudioFile again = StudioFile.open(file())) {
            assertThat(again.records().list("", 10)).extracting(row -> row.heading().began().getDayOfMonth())
                    .containsExactly(24, 17);
            ClassRecord back = again.records().find(record.key()).orElseThrow();
            assertThat(millis(back)).isEqualTo(millis(record));
            assertThat(back.after()).isEqualTo(after);
            assertThat(back.outcome()).isEqualTo(record.outcome());
            assertThat(back.outcome().owed()).isNotEmpty();
            assertThat(back.observed()).isEqualTo(record.observed());
            assertThat(again.records().document(record.key())).contains(bytes("the plan"));
        }
    }

    /** The studio keeps whole milliseconds. */
    private static String millis(ClassRecord record) {
        return "%s %s %s %s".formatted(record.heading(), record.times().planned().toMillis(),
                record.times().taught().toMillis(),
                record.lines().stream().map(line -> line.name() + line.exercises()
                        + line.taughtLength().truncatedTo(ChronoUnit.SECONDS)).toList());
    }

    @Test
    void classesAreFoundByTheBeginningsOfWordsOfTitleGroupLinesAndNotes() throws StudioTrouble {
        try (StudioFile studio = StudioFile.open(file())) {
            ClassRecord record = record(plan(), 24);
            studio.records().keep(record, new byte[0]);
            studio.records().keep(record.key(), After.NOTHING.withNext("Knees were sore; less jumping."));

            assertThat(found(studio, "climb sq")).isEqualTo(1);
            assertThat(found(studio, "KNEE")).isEqualTo(1);
            assertThat(found(studio, "nees")).as("words are found by their beginnings").isZero();
            assertThat(found(studio, "\"; drop table class_record; --")).isZero();
            assertThat(studio.records().done("Tuesday climbers", LocalDate.of(2026, 11, 1),
                    LocalDate.of(2026, 11, 30)))
                    .containsEntry("squat", 1);
            assertThat(studio.records().doings("squat", 5)).singleElement().extracting(Doing::taught)
                    .isEqualTo(record.lines().getFirst().taughtLength());
        }
    }

    private static int found(StudioFile studio, String words) throws StudioTrouble {
        return studio.records().list(words, 10).size();
    }

    @Test
    void aClassThatIsLeftOutTeachesNothingAndOneThatIsForgottenIsGoneWithItsPlan() throws StudioTrouble {
        ClassRecord record = record(plan(), 24);
        try (StudioFile studio = StudioFile.open(file())) {
            studio.records().keep(record, bytes("the plan"));
            studio.records().learn(record.key(), false);
            assertThat(studio.records().observed(60)).isEmpty();
            studio.records().learn(record.key(), true);
            assertThat(studio.records().observed(60)).hasSize(1);

            studio.records().forget(record.key());
            assertThat(studio.records().list("", 10)).isEmpty();
            assertThat(studio.records().document(record.key())).isEmpty();
            studio.check();
            assertThatThrownBy(() -> studio.records().learn(record.key(), true)).hasMessage(
                    "The studio has no class of 2026-11-24T18:30 any more; nothing was changed.");
        }
    }

    @Test
    void everyVersionOfAPlanIsKeptAndNobodyWritesOverAnothersWithoutKnowing() throws Exception {
        StoredPlan stored = StoredPlan.of(plan());
        try (StudioFile mine = StudioFile.open(file()); StudioFile theirs = StudioFile.open(file())) {
            assertThat(mine.isShared()).isFalse();
            assertThat(theirs.isShared()).isTrue();
            long first = mine.plans().save(stored, bytes("one"), "squat", Plans.NONE, START);
            assertThat(mine.plans().save(stored, bytes("one"), "squat", first, START)).as("nothing is new")
                    .isEqualTo(first);
            long second = theirs.plans().save(stored, bytes("two"), "squat", first, START.plusSeconds(9));

            assertThatThrownBy(() -> mine.plans().save(stored, bytes("three"), "", first, START))
                    .isInstanceOf(ChangedElsewhere.class)
                    .hasMessage("\u201cTuesday\u201d was changed in another window meanwhile.");
            mine.plans().name(first, "as I like it");
            assertThat(theirs.plans().versions(stored.plan())).extracting(Version::number).containsExactly(
                    second,
                    first);
            assertThat(theirs.plans().document(first)).isEqualTo(bytes("one"));
            assertThat(mine.plans().find(stored.plan())).get().extracting(StoredPlan::version)
                    .isEqualTo(second);
        }
    }

    @Test
    void plansAreFoundDeletedAndBroughtBackAndTheLatestOfAGroupIsKnown() throws Exception {
        StoredPlan stored = StoredPlan.of(plan());
        try (StudioFile studio = StudioFile.open(file())) {
            studio.plans().save(stored, bytes("one"), "Squat\nRow", Plans.NONE, START);
            assertThat(studio.plans().list("row clim", 10)).hasSize(1);
            assertThat(studio.plans().groups()).extracting(StoredPlan::group)
                    .containsExactly("Tuesday climbers");
            studio.plans().delete(stored.plan(), true);
            assertThat(studio.plans().list("", 10)).isEmpty();
            studio.plans().delete(stored.plan(), false);
            assertThat(studio.plans().list("", 10)).hasSize(1);
        }
    }

    @Test
    void aPlanThatWasDeletedElsewhereIsThereAgainOnceItIsSavedEvenAsItWas() throws Exception {
        StoredPlan stored = StoredPlan.of(plan());
        try (StudioFile mine = StudioFile.open(file()); StudioFile theirs = StudioFile.open(file())) {
            long first = mine.plans().save(stored, bytes("one"), "", Plans.NONE, START);
            theirs.plans().delete(stored.plan(), true);

            long again = mine.plans().save(stored, bytes("one"), "", first, START.plusSeconds(9));
            assertThat(mine.plans().find(stored.plan())).get().extracting(StoredPlan::version)
                    .isEqualTo(again);
            theirs.plans().delete(stored.plan(), true);
            mine.plans().save(stored, bytes("two"), "", Plans.NONE, START.plusSeconds(19));
            assertThat(mine.plans().versions(stored.plan())).as("every version stays").hasSize(3);
        }
    }

    @Test
    void aPressAfterTheEndWritesTheRecordAnewAndWhatWasSaidMeanwhileStays() throws StudioTrouble {
        ClassRecord record = record(plan(), 24);
        After after = After.NOTHING.withNext("Start on time.");
        try (StudioFile studio = StudioFile.open(file())) {
            studio.records().keep(record, bytes("the plan"));
            studio.records().keep(record.key(), after);
            studio.records().learn(record.key(), false);
            studio.records().keep(record, bytes("the plan"));

            ClassRecord back = studio.records().find(record.key()).orElseThrow();
            assertThat(back.after()).isEqualTo(after);
            assertThat(back.learn()).isFalse();
            assertThat(studio.records().groups()).containsExactly("Tuesday climbers");
        }
    }

    @Test
    void whatIsWantedOfThePaceTheShelfAndTheChecksComeBack() throws StudioTrouble {
        PaceWishes wishes = PaceWishes.NONE
                .withReset(new PaceWishes.Key(Quantity.FLOOR, School.Teaching.FOLLOW_ME),
                        LocalDateTime.of(2026, 11, 1, 9, 0))
                .withPinned(new PaceWishes.Key(Quantity.SIDE, School.Teaching.SHOW_THEN_DO),
                        Optional.of(7.5));
        Result result = new Result("chair stands in 30 s", "times", "easers", LocalDate.of(2026, 11, 25),
                List.of(14.0, 11.0, 17.0));
        try (StudioFile studio = StudioFile.open(file())) {
            studio.keep(wishes);
            studio.shelf().change("patterns", _ -> Optional.of(bytes("[singles 16]")));
            studio.checks().keep(result);
        }
        try (StudioFile again = StudioFile.open(file())) {
            assertThat(again.wishes()).isEqualTo(wishes);
            assertThat(again.shelf().read("patterns")).contains(bytes("[singles 16]"));
            assertThat(again.shelf().read("settings")).isEmpty();
            assertThat(again.checks().all()).containsExactly(result);
            assertThat(result.median()).isEqualTo(14);
        }
    }

    @Test
    void aFileThatIsNoStudioIsLeftAsItIsAndSoIsANewerOne() throws IOException, StudioTrouble, SQLException {
        Path list = Files.writeString(folder.resolve(StudioFile.NAME), "a shopping list, ".repeat(200));
        assertThatThrownBy(() -> StudioFile.open(list)).isInstanceOf(StudioTrouble.class).hasMessage(
                "The studio studio.db could not be opened: it is damaged, or no studio. Nothing was changed.");
        assertThat(list).hasContent("a shopping list, ".repeat(200));

        StudioFile.open(file()).close();
        try (Connection newer = DriverManager.getConnection("jdbc:sqlite:" + file())) {
            newer.createStatement().execute("insert into flyway_schema_history values"
                    + " (9, '99', 'newer', 'SQL', 'V99', 0, 'x', '2026-11-29', 1, 1)");
        }
        assertThatThrownBy(() -> StudioFile.open(file()))
                .hasMessage("The studio studio.db was written by a newer Kehre. Nothing was changed.");
    }

    @Test
    void aStudioOfTheFirstVersionIsBroughtUpToDate() throws Exception {
        Files.createDirectories(file().getParent());
        try (Connection old = DriverManager.getConnection("jdbc:sqlite:" + file())) {
            Flyway.configure(StudioFile.class.getClassLoader())
                    .dataSource("jdbc:sqlite:" + file(), null, null)
                    .locations("classpath:app/kehre/store/migrations").target("1").load().migrate();
            old.createStatement().execute("insert into class_record values (1, '" + plan().identity().plan()
                    + "', 'Old class', '2026-11-03T18:30', 3600000, 3500000, 3600000)");
            old.createStatement()
                    .execute("insert into line_record values (1, 0, 1, 1, 'Side taps', 'side-tap, squat')");
            old.createStatement().execute("insert into line_use values (1, 0, 'work', 30000, 30000)");
        }
        try (StudioFile studio = StudioFile.open(file())) {
            RecordRow row = studio.records().list("old", 1).getFirst();
            assertThat(row.times().predicted()).isEqualTo(Duration.ofSeconds(3500));
            assertThat(
                    studio.records().find(row.heading().key()).orElseThrow().lines().getFirst().exercises())
                    .containsExactly("side-tap", "squat");
            assertThat(studio.records().doings("squat", 3)).hasSize(1);
        }
    }

    @Test
    void backupsAreDatedCheckedAndLetGoAndOneIsPutBack() throws Exception {
        Backups backups = new Backups(folder.resolve("backups"));
        ClassRecord record = record(plan(), 24);
        try (StudioFile studio = StudioFile.open(file())) {
            studio.records().keep(record, bytes("the plan"));
            for (LocalDate day = LocalDate.of(2026, 9, 20); day
                    .isBefore(LocalDate.of(2026, 11, 30)); day = day
                            .plusDays(1)) {
                assertThat(backups.keepToday(studio, day)).isPresent();
                assertThat(backups.keepToday(studio, day)).isEmpty();
            }
            assertThat(backups.days()).hasSize(13).startsWith(LocalDate.of(2026, 11, 29))
                    .endsWith(LocalDate.of(2026, 11, 1), LocalDate.of(2026, 10, 1),
                            LocalDate.of(2026, 9, 20));
            Path copy = folder.resolve("backups").resolve("studio-2026-11-29.db");
            assertThat(folder.resolve("backups")).isDirectoryNotContaining("glob:**{-wal,-shm,.making}");
            assertThatThrownBy(() -> StudioFile.restore(copy, file())).hasMessage(
                    "The studio studio.db is open in a window; close it first. Nothing was changed.");
            studio.records().forget(record.key());
        }
        Path before = StudioFile.restore(folder.resolve("backups").resolve("studio-2026-11-29.db"), file())
                .orElseThrow();
        try (StudioFile restored = StudioFile.open(file()); StudioFile as = StudioFile.open(before)) {
            assertThat(restored.records().list("", 5)).hasSize(1);
            assertThat(as.records().list("", 5)).isEmpty();
        }
    }

    private static byte[] random(int seed) {
        byte[] bytes = new byte[40_000];
        new Random(seed).nextBytes(bytes);
        return bytes;
    }

    @Test
    void aDamagedPageIsFoundByTheCheckAndNoBackupIsReplacedByIt() throws Exception {
        Path copy = folder.resolve("copy.db");
        try (StudioFile studio = StudioFile.open(file())) {
            for (int day = 1; day < 28; day++) {
                studio.records().keep(record(plan(), day), random(day));
            }
            studio.backUp(copy);
        }
        byte[] good = Files.readAllBytes(copy);
        try (RandomAccessFile raw = new RandomAccessFile(file().toFile(), "rw")) {
            for (long place = raw.length() * 3 / 16384 * 4096; place < raw.length(); place += 2 * 4096) {
                raw.seek(place);
                raw.write(new byte[2000]);
            }
        }
        try (StudioFile damaged = StudioFile.open(file())) {
            assertThatThrownBy(damaged::check).isInstanceOf(StudioTrouble.class).hasMessageStartingWith(
                    "studio.db is damaged");
            assertThatThrownBy(() -> damaged.backUp(copy)).isInstanceOf(StudioTrouble.class);
        }
        assertThat(copy).hasBinaryContent(good);
        assertThatThrownBy(() -> StudioFile.restore(file(), folder.resolve("other.db")))
                .isInstanceOf(StudioTrouble.class);
        assertThat(folder.resolve("other.db")).doesNotExist();
    }

    @Test
    void workGoesOnInMemoryAndIsSavedElsewhere() throws StudioTrouble {
        Path rescued = folder.resolve("rescued.db");
        try (StudioFile nowhere = StudioFile.inMemory()) {
            nowhere.records().keep(record(plan(), 24), bytes("the plan"));
            nowhere.backUp(rescued);
        }
        try (StudioFile studio = StudioFile.open(rescued)) {
            assertThat(studio.records().list("", 5)).hasSize(1);
        }
    }
}
