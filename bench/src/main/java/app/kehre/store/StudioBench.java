package app.kehre.store;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

import app.kehre.core.brief.Brief;
import app.kehre.core.exercise.Library;
import app.kehre.core.log.After;
import app.kehre.core.log.ClassRecord;
import app.kehre.core.log.Heading;
import app.kehre.core.log.LineRecord;
import app.kehre.core.log.RecordKey;
import app.kehre.core.log.Recording;
import app.kehre.core.people.Regulars;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.PlanId;
import app.kehre.core.rehearsal.Habits;
import app.kehre.core.rehearsal.Rehearsal;
import app.kehre.core.studio.ChangedElsewhere;
import app.kehre.core.studio.Plans;
import app.kehre.core.studio.StoredPlan;
import app.kehre.core.studio.StudioTrouble;
import app.kehre.formats.library.BuiltInLibrary;
import app.kehre.formats.plan.DemoPlan;
import app.kehre.formats.plan.PlanDocument;

/**
 * A studio of a lifetime: 10,000 plans with 100,000 versions and 5,000 records of 100 lines. Prints how long it takes to open
 * it, to list and search it, and to keep something in it; medians. Run with a file to keep it, and again to measure only.
 */
public final class StudioBench {

    private static final int PLANS = 10_000;
    private static final int VERSIONS = 10;
    private static final int RECORDS = 5_000;
    private static final int LINES = 100;
    private static final int AT_ONCE = 200;
    private static final int TIMES = 21;
    private static final Instant NOW = Instant.parse("2026-11-29T10:00:00Z");

    private final StudioFile studio;
    private final Library library = BuiltInLibrary.load();
    private final List<PlanDocument> demos = DemoPlan.NAMES.stream().map(name -> DemoPlan.load(name, library)).toList();

    private StudioBench(StudioFile studio) {
        this.studio = studio;
    }

    /** Fills the file (studio-bench.db in the temporary folder) if it is not there, and measures. */
    public static void main(String... arguments) throws Exception {
        Path file = arguments.length > 0
                ? Path.of(arguments[0])
                : Path.of(System.getProperty("java.io.tmpdir"), "studio-bench.db");
        if (!Files.exists(file)) {
            long start = System.nanoTime();
            try (StudioFile fresh = StudioFile.open(file)) {
                new StudioBench(fresh).fill();
            }
            System.out.printf("filled in %d s%n", (System.nanoTime() - start) / 1_000_000_000);
        }
        System.out.printf("the file: %d MB%n", Files.size(file) / 1_000_000);
        median("open", TIMES, () -> StudioFile.open(file).close());
        try (StudioFile open = StudioFile.open(file)) {
            new StudioBench(open).measure();
        }
    }

    /** Something to be measured. */
    private interface Work {
        void run() throws Exception;
    }

    private static void median(String what, int times, Work work) throws Exception {
        long[] took = new long[times];
        for (int i = 0; i < times; i++) {
            long start = System.nanoTime();
            work.run();
            took[i] = System.nanoTime() - start;
        }
        long first = took[0];
        Arrays.sort(took);
        System.out.printf("%-52s median %7.2f ms, first %7.2f, most %7.2f%n", what, took[times / 2] / 1e6, first / 1e6,
                took[times - 1] / 1e6);
    }

    private void fill() throws StudioTrouble {
        for (int from = 0; from < PLANS; from += AT_ONCE) {
            int first = from;
            studio.change("fill", _ -> {
                for (int i = first; i < first + AT_ONCE; i++) {
                    savePlan(i);
                }
                return 0;
            });
        }
        List<ClassRecord> taught = demos.stream().map(StudioBench::taught).toList();
        for (int from = 0; from < RECORDS; from += AT_ONCE) {
            int first = from;
            studio.change("fill", _ -> {
                for (int i = first; i < first + AT_ONCE; i++) {
                    keep(record(taught.get(i % taught.size()), i), demos.get(i % demos.size()).bytes());
                }
                return 0;
            });
        }
    }

    private void keep(ClassRecord record, byte[] document) {
        try {
            studio.records().keep(record, document);
        } catch (StudioTrouble trouble) {
            throw new IllegalStateException(trouble);
        }
    }

    private void savePlan(int number) {
        PlanDocument demo = demos.get(number % demos.size());
        byte[] bytes = demo.bytes();
        String text = new String(bytes, StandardCharsets.UTF_8);
        StoredPlan plan = new StoredPlan(PlanId.of(("plan " + number).getBytes(StandardCharsets.UTF_8)),
                "%s %d".formatted(demo.plan().brief().title(), number), "group " + number % 40,
                LocalDate.of(2006, 1, 1).plusDays(number), demo.plan().brief().start(), NOW, 0);
        String words = String.join("\n", demo.plan().lines().map(Entry::name).toList());
        long last = Plans.NONE;
        for (int version = 0; version < VERSIONS; version++) {
            try {
                last = studio.plans().save(plan,
                        text.replace("\"title\" : \"", "\"title\" : \"%d %d ".formatted(number, version))
                                .getBytes(StandardCharsets.UTF_8),
                        words, last, NOW.plusSeconds(version));
            } catch (StudioTrouble | ChangedElsewhere trouble) {
                throw new IllegalStateException(trouble);
            }
        }
    }

    private static ClassRecord taught(PlanDocument demo) {
        Brief brief = demo.plan().brief();
        ClassPlan plan = demo.plan()
                .with(brief.with(brief.group().withRegulars(new Regulars("group 7", Set.of()))));
        Rehearsal rehearsal = Rehearsal.of(plan, NOW, 7, new Habits(5, Duration.ZERO, false, false));
        return Recording.of(rehearsal.taught(), LocalDateTime.ofInstant(NOW, ZoneOffset.UTC));
    }

    private static ClassRecord record(ClassRecord taught, int number) {
        List<LineRecord> lines = new ArrayList<>();
        for (int i = 0; i < LINES; i++) {
            LineRecord line = taught.lines().get(i % taught.lines().size());
            lines.add(new LineRecord(new EntryId(i + 1), line.segment(), line.name(), line.exercises(),
                    line.combinations(), line.begins(), line.planned(), line.taught()));
        }
        Heading heading = new Heading(PlanId.of(("plan " + number).getBytes(StandardCharsets.UTF_8)),
                taught.heading().title() + " " + number, "group " + number % 40,
                LocalDateTime.of(2006, 1, 1, 18, 30).plusHours(35L * number), taught.heading().slot(),
                Heading.Origin.TAUGHT);
        After after = new After(Optional.of(12), Optional.empty(), Optional.of(6), "word%d again".formatted(number % 997),
                Map.of());
        return new ClassRecord(heading, taught.times(), taught.segments(), lines, taught.outcome(), taught.observed(),
                after, true);
    }

    private void measure() throws Exception {
        median("list of plans", TIMES, () -> studio.plans().list("", 48));
        median("search of plans: squat fri 77", TIMES, () -> studio.plans().list("squat fri 77", 48));
        median("groups", TIMES, () -> studio.plans().groups());
        StoredPlan plan = studio.plans().list("", 1).getFirst();
        median("versions of a plan", TIMES, () -> studio.plans().versions(plan.plan()));
        median("a version as a document", TIMES, () -> studio.plans().document(plan.version()));
        median("list of records", TIMES, () -> studio.records().list("", 300));
        median("search of records: word12 climb", TIMES, () -> studio.records().list("word12 climb", 300));
        median("search of records: squat", TIMES, () -> studio.records().list("squat", 300));
        median("a month", TIMES,
                () -> studio.records().between(LocalDate.of(2016, 3, 1), LocalDate.of(2016, 3, 31)));
        RecordKey key = studio.records().list("", 1).getFirst().heading().key();
        median("a record of 100 lines", TIMES, () -> studio.records().find(key));
        median("what the last 60 classes say of the pace", TIMES, () -> studio.records().observed(60));
        median("how true the last 60 plans were", TIMES, () -> studio.records().truths(60));
        LocalDate last = key.began().toLocalDate();
        median("what a group did in eight weeks", TIMES,
                () -> studio.records().done("group 7", last.minusWeeks(8), last));
        median("when an exercise was done", TIMES, () -> studio.records().doings("squat", 12));
        commits(plan, key);
    }

    private void commits(StoredPlan plan, RecordKey key) throws Exception {
        byte[] document = studio.plans().document(plan.version());
        long[] last = {plan.version()};
        int[] number = {0};
        median("keep a version (a commit)", 101, () -> {
            document[document.length - 2] = (byte) ('a' + number[0]++ % 26);
            last[0] = studio.plans().save(plan, document, "squat", last[0], NOW.plusSeconds(number[0]));
        });
        After after = After.NOTHING.withNext("one more");
        median("keep a note (a commit)", 101,
                () -> studio.records().keep(key, after.withHard(Optional.of(number[0]++ % 11))));
    }
}
