package app.kehre.desk.command;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.stream.Stream;

import app.kehre.core.brief.Brief;
import app.kehre.core.brief.School;
import app.kehre.core.drafting.Draft;
import app.kehre.core.drafting.Drafting;
import app.kehre.core.exercise.Library;
import app.kehre.core.fitting.Fitting;
import app.kehre.core.log.After;
import app.kehre.core.log.ClassRecord;
import app.kehre.core.log.Knowledge;
import app.kehre.core.log.LearnedPace;
import app.kehre.core.log.LineRecord;
import app.kehre.core.log.Recording;
import app.kehre.core.pace.Pace;
import app.kehre.core.pace.Quantity;
import app.kehre.core.people.Regulars;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.proposal.Way;
import app.kehre.core.rehearsal.Habits;
import app.kehre.core.rehearsal.Rehearsal;
import app.kehre.core.studio.FitnessChecks.Result;
import app.kehre.core.studio.Studio;
import app.kehre.core.studio.StudioTrouble;
import app.kehre.core.timeline.Timeline;
import app.kehre.formats.plan.DemoPlan;
import app.kehre.formats.plan.PlanDocument;

/**
 * A log of half a year for two groups, made up for the demo: each class is a rehearsal by a seeded instructor whose pace is
 * their own, planned with what was learned until then. All of it is marked as made up.
 */
final class DemoLog {

    private static final int WEEKS = 26;
    /** So many weeks a class is kept before the group gets another. */
    private static final int BLOCK = 4;
    private static final long SEED = 20_261_129;
    private static final List<String> GROUPS = List.of("Tuesday climbers", "Wednesday easers");
    private static final List<String> NEXT = List.of("", "", "Start on time.", "", "Turn step was too soon.",
            "More water.", "", "They liked the last part.", "Less talk at the start.", "");
    private static final List<String> NOTES = List.of("heavier", "too soon", "easier", "knees",
            "went well");

    private final Library library;
    private final SplittableRandom random = new SplittableRandom(SEED);

    private DemoLog(Library library) {
        this.library = library;
    }

    /**
     * Fills a studio that has no class yet.
     *
     * @return whether it was filled
     * @throws StudioTrouble when it could not be kept
     */
    static boolean fill(Studio studio, Library library) throws StudioTrouble {
        return fill(studio, library, WEEKS);
    }

    /**
     * As above, with fewer classes.
     *
     * @param weeks so many classes of each group, 1 or more
     */
    static boolean fill(Studio studio, Library library, int weeks) throws StudioTrouble {
        if (!studio.records().list("", 1).isEmpty()) {
            return false;
        }
        for (int group = 0; group < GROUPS.size(); group++) {
            new DemoLog(library).fill(studio, GROUPS.get(group),
                    DemoPlan.load(DemoPlan.NAMES.get(group), library), weeks);
        }
        checks(studio);
        return true;
    }

    /** Twelve older people who stand up from a chair as often as they can, every two months. Made up. */
    private static void checks(Studio studio) throws StudioTrouble {
        SplittableRandom random = new SplittableRandom(SEED);
        for (int time = 0; time < 4; time++) {
            int better = time;
            List<Double> results = random.ints(12, 9, 15).mapToObj(each -> (double) each + better).toList();
            studio.checks().keep(new Result("chair stands in 30 s", "times", GROUPS.getLast(),
                    LocalDate.of(2026, 5, 27).plusWeeks(8L * time), results));
        }
    }

    /** How people really take in the demo: longer to explain and to get down, quicker at the rack. Made up. */
    static Pace own(Pace usual) {
        Pace pace = usual;
        for (School.Teaching style : School.Teaching.values()) {
            pace = pace.with(Quantity.NEW, style, 1.25 * pace.of(Quantity.NEW, style));
            pace = pace.with(Quantity.KNOWN, style, 1.3 * pace.of(Quantity.KNOWN, style));
            pace = pace.with(Quantity.SIDE, style, 1.2 * pace.of(Quantity.SIDE, style));
            pace = pace.with(Quantity.STRETCH, style, 1.15 * pace.of(Quantity.STRETCH, style));
        }
        return pace.with(Quantity.FLOOR, 1.45 * pace.of(Quantity.FLOOR)).with(Quantity.FETCH, 16)
                .with(Quantity.REPS, 1.06);
    }

    private void fill(Studio studio, String group, PlanDocument demo, int weeks) throws StudioTrouble {
        Pace usual = Pace.usual(demo.plan().brief().group().older());
        List<ClassRecord> records = new ArrayList<>();
        ClassPlan base = demo.plan();
        for (int week = weeks; week > 0; week--) {
            if ((weeks - week) % BLOCK == 0) {
                base = block(demo.plan(), (weeks - week) / BLOCK);
            }
            Brief brief = base.brief().withDate(demo.plan().brief().date().minusWeeks(week));
            Regulars regulars = new Regulars(group, known(records, brief));
            ClassPlan plan = base.with(brief.with(brief.group().withRegulars(regulars)))
                    .with(LearnedPace.of(usual, records).pace());
            ClassRecord record = taught(fitted(plan), own(usual), week);
            records.add(record);
            studio.records().keep(record, demo.with(plan).bytes());
        }
    }

    private ClassPlan block(ClassPlan demo, int number) {
        Optional<ClassPlan> drafted = number % 2 == 0
                ? Optional.empty()
                : Drafting.of(new ClassPlan(demo.brief(), List.of()), library, List.of(), number).value()
                        .map(Draft::plan);
        return drafted.orElse(demo).copy();
    }

    /** Whoever sees that a class is too long for its slot makes it fit. */
    private static ClassPlan fitted(ClassPlan plan) {
        return Timeline.of(plan).fit().over()
                ? Fitting.of(plan, new Fitting.Asked(plan.brief().slot(), Optional.empty())).ways().stream()
                        .findFirst().map(Way::after).orElse(plan)
                : plan;
    }

    private static Set<String> known(List<ClassRecord> records, Brief brief) {
        Map<String, Integer> done = new HashMap<>();
        records.stream()
                .filter(each -> !each.heading().began().toLocalDate().isBefore(Knowledge.from(brief.date())))
                .forEach(each -> each.lines().stream().filter(LineRecord::done)
                        .flatMap(line -> Stream.concat(line.exercises().stream(),
                                line.combinations().stream()))
                        .distinct()
                        .forEach(subject -> done.merge(subject, 1, Integer::sum)));
        return Knowledge.of(done, Set.of());
    }

    private ClassRecord taught(ClassPlan plan, Pace own, int week) {
        Instant slot = plan.brief().date().atTime(plan.brief().start()).toInstant(ZoneOffset.UTC);
        Rehearsal rehearsal = Rehearsal.of(plan, slot, random.nextLong(),
                new Habits(random.nextInt(-6, 7), Duration.ofMinutes(random.nextInt(3)), true, week % 3 == 0,
                        Optional.of(own)));
        ClassRecord record = Recording.of(rehearsal.taught(),
                LocalDateTime.ofInstant(rehearsal.began(), ZoneOffset.UTC));
        return record.with(record.heading().asDemo()).with(said(record, plan.brief().people()));
    }

    private After said(ClassRecord record, int people) {
        int came = Math.max(1, people - random.nextInt(6));
        After after = After.NOTHING.withPeople(Optional.of(came), Optional.of(random.nextInt(3) % (came + 1)))
                .withHard(Optional.of(5 + random.nextInt(4))).withNext(NEXT.get(random.nextInt(NEXT.size())));
        for (LineRecord line : record.furthestOff().stream()
                .filter(each -> !each.leftOut() && !each.exercises().isEmpty()).limit(2)
                .toList()) {
            if (random.nextBoolean()) {
                after = after.with(line.line(), new After.Note(note(line), Optional.empty()));
            }
        }
        return after;
    }

    private String note(LineRecord line) {
        return line.how().startsWith("explaining") && line.off().isPositive()
                ? "explain longer"
                : NOTES.get(random.nextInt(NOTES.size()));
    }
}
