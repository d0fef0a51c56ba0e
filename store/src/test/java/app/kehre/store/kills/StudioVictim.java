package app.kehre.store.kills;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;

import app.kehre.core.exercise.Role;
import app.kehre.core.log.After;
import app.kehre.core.log.ClassRecord;
import app.kehre.core.log.Heading;
import app.kehre.core.log.LineRecord;
import app.kehre.core.log.Outcome;
import app.kehre.core.log.SegmentRecord;
import app.kehre.core.log.Times;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.PlanId;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.studio.ChangedElsewhere;
import app.kehre.core.studio.StoredPlan;
import app.kehre.core.studio.StudioTrouble;
import app.kehre.store.Backups;
import app.kehre.store.StudioFile;

/** Works in a studio until it is killed, and says each thing once it is kept. */
public final class StudioVictim {

    static final PlanId PLAN = PlanId.of("the plan".getBytes(StandardCharsets.UTF_8));
    private static final LocalDateTime FIRST = LocalDateTime.of(2026, 1, 1, 18, 30);

    private StudioVictim() {}

    /** Works in a file in a way: "save", "teach", "shelf", "copy" or "open". */
    public static void main(String... arguments) throws StudioTrouble, ChangedElsewhere {
        Path file = Path.of(arguments[0]);
        say("begun");
        try (StudioFile studio = StudioFile.open(file)) {
            say("open");
            long version = studio.plans().find(PLAN).map(StoredPlan::version).orElse(0L);
            for (int i = 1;; i++) {
                switch (arguments[1]) {
                    case "save" -> {
                        version = studio.plans().save(plan(), text(i), "squat", version, Instant.now());
                        say("kept " + version);
                    }
                    case "teach" -> {
                        studio.records().keep(record(i), text(i));
                        studio.records().keep(record(i).key(), After.NOTHING.withHard(Optional.of(i % 11)));
                        say("kept " + i);
                    }
                    case "shelf" -> {
                        int number = i;
                        studio.shelf().change("exercises.json", _ -> Optional.of(text(number)));
                        say("kept " + i);
                    }
                    default -> {
                        new Backups(file.resolveSibling("backups")).keepToday(studio,
                                LocalDate.of(2026, 1, 1).plusDays(i % 400));
                        say("kept " + i);
                    }
                }
            }
        }
    }

    private static void say(String words) {
        System.out.println(words);
        System.out.flush();
    }

    static StoredPlan plan() {
        return new StoredPlan(PLAN, "Tuesday", "", LocalDate.of(2026, 11, 24), LocalTime.of(18, 30),
                Instant.EPOCH, 0);
    }

    static byte[] text(int number) {
        return ("number " + number + " ").repeat(400).getBytes(StandardCharsets.UTF_8);
    }

    static ClassRecord record(int number) {
        Times times = new Times(Duration.ofMinutes(59), Duration.ofMinutes(60));
        Heading heading = new Heading(PLAN, "Tuesday " + number, "", FIRST.plusHours(number),
                Duration.ofHours(1),
                Heading.Origin.TAUGHT);
        List<LineRecord> lines = IntStream.rangeClosed(1, 30)
                .mapToObj(line -> new LineRecord(new EntryId(line), new SegmentId(1), "Line " + line,
                        List.of("squat"),
                        List.of(), Duration.ofMinutes(line), Map.of(), Map.of()))
                .toList();
        return new ClassRecord(heading, times,
                List.of(new SegmentRecord(new SegmentId(1), "Toning", Role.TONING, times)), lines,
                Outcome.PLAIN,
                List.of(), After.NOTHING, true);
    }
}
