package app.kehre.core.drafting;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;

import app.kehre.core.brief.Brief;
import app.kehre.core.brief.Format;
import app.kehre.core.choreography.Conditions;
import app.kehre.core.choreography.TempoRange;
import app.kehre.core.exercise.Role;
import app.kehre.core.music.Bpm;
import app.kehre.core.people.Level;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Pause;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.SegmentId;

/**
 * The segments of a class before anything is chosen: welcome, warm-up, main parts by format, cool-down with the stretch.
 * How the main part is shared out is Kehre's estimate; the ends follow figures.md, "Time".
 */
public final class Outline {

    /** The end of the slot is left this free until the class is fitted. Kehre's estimate. */
    private static final Duration MARGIN = Duration.ofSeconds(15);
    private static final Duration WATER = Duration.ofSeconds(40);
    private static final int LONG_SLOT = 30;
    /** A main part of fewer minutes has no core part of its own. Kehre's estimate. */
    private static final int SHORT_MAIN = 14;
    /** A part of so many minutes is taught in two, with water between. Kehre's estimate. */
    private static final int LONG_PART = 12;
    /** The least of a main part that deserves the name. Kehre's estimate. */
    static final Duration LEAST_MAIN = Duration.ofMinutes(6);
    private static final double STRETCHING = 0.25;

    private final Brief brief;
    private final Duration edge;
    private final List<Segment> segments = new ArrayList<>();

    private record Share(Role role, String name, double of) {}

    private Outline(ClassPlan plan) {
        brief = plan.brief();
        edge = plan.thresholds().edge(brief.slot());
    }

    /** Returns a class with the segments that its kind and its slot have, all of them empty but for the welcome. */
    public static ClassPlan of(Brief brief) {
        return of(new ClassPlan(brief, List.of()));
    }

    /** Returns the class with segments for its brief, all of them empty but for the welcome. */
    static ClassPlan of(ClassPlan plan) {
        Outline shape = new Outline(plan);
        shape.lay();
        return new ClassPlan(plan.brief(), shape.segments, plan.pace()).with(plan.thresholds());
    }

    /** Returns what is left for the main part. */
    static Duration main(ClassPlan plan) {
        Outline shape = new Outline(plan);
        return shape.main();
    }

    private Duration talk() {
        return Duration.ofSeconds(brief.slot().toMinutes() >= LONG_SLOT ? 60 : 30);
    }

    private Duration stretch() {
        Duration quarter = Duration.ofMillis(Math.round(brief.slot().toMillis() * STRETCHING));
        return brief.format() == Format.STRETCH_AND_TONE && quarter.compareTo(edge) > 0
                ? quarter
                : edge.plus(MARGIN);
    }

    private Duration main() {
        long waters = brief.slot().toMinutes() / 15;
        Duration before = brief.part().begins() ? talk().plus(edge).plus(MARGIN) : Duration.ZERO;
        Duration after = brief.part().ends() ? stretch() : Duration.ZERO;
        return brief.slot().minus(before).minus(after).minus(MARGIN).minus(WATER.multipliedBy(waters));
    }

    private void lay() {
        if (brief.part().begins()) {
            add(Role.TALK, "Welcome", talk(),
                    List.of(Pause.of(EntryId.FIRST, Pause.Kind.TALK).withLength(talk())));
            add(Role.WARM_UP, "Warm-up", edge.plus(MARGIN), List.of());
        }
        Duration main = main();
        for (Share share : shares(main)) {
            Duration length = Duration.ofSeconds(Math.round(main.toSeconds() * share.of()));
            if (share.role() != Role.CORE && length.toMinutes() >= LONG_PART) {
                add(share.role(), share.name() + " 1", length.dividedBy(2), List.of());
                add(share.role(), share.name() + " 2", length.dividedBy(2), List.of());
            } else {
                add(share.role(), share.name(), length, List.of());
            }
        }
        if (brief.part().ends()) {
            add(Role.STRETCH, "Cool-down, stretch", stretch(), List.of());
        }
    }

    private List<Share> shares(Duration main) {
        boolean small = main.toMinutes() < SHORT_MAIN;
        return switch (brief.format()) {
            case LOW_IMPACT -> danced("Low impact", small);
            case STEP -> danced("Step", small);
            case EXPRESS -> small
                    ? List.of(new Share(Role.AEROBIC, "Block", 1))
                    : List.of(new Share(Role.AEROBIC, "Block 1", 0.5),
                            new Share(Role.TONING, "Block 2", 0.5));
            case CIRCUIT -> small
                    ? List.of(new Share(Role.AEROBIC, "Circuit", 0.55),
                            new Share(Role.TONING, "Strength circuit", 0.45))
                    : List.of(new Share(Role.AEROBIC, "Circuit", 0.4),
                            new Share(Role.TONING, "Strength circuit", 0.38),
                            new Share(Role.CORE, "Core", 0.22));
            case CONDITIONING -> small
                    ? List.of(new Share(Role.TONING, "Toning", 0.65), new Share(Role.CORE, "Core", 0.35))
                    : List.of(new Share(Role.TONING, "Toning, standing", 0.45),
                            new Share(Role.TONING, "Toning, further", 0.3),
                            new Share(Role.CORE, "Core", 0.25));
            case STRETCH_AND_TONE ->
                List.of(new Share(Role.TONING, "Tone", 0.6), new Share(Role.CORE, "Flow", 0.4));
            case FLOOR -> List.of(new Share(Role.TONING, "Floor: hips and back", 0.45),
                    new Share(Role.CORE, "Floor: core", 0.55));
            case CHAIR -> small
                    ? List.of(new Share(Role.AEROBIC, "Cardio on chairs", 0.45),
                            new Share(Role.TONING, "Strength on chairs", 0.55))
                    : List.of(new Share(Role.AEROBIC, "Cardio on chairs", 0.38),
                            new Share(Role.TONING, "Strength on chairs", 0.38),
                            new Share(Role.TONING, "Steady behind the chair", 0.24));
            case EXPECTING -> small
                    ? List.of(new Share(Role.AEROBIC, "Low impact", 0.5),
                            new Share(Role.TONING, "Toning", 0.5))
                    : List.of(new Share(Role.AEROBIC, "Low impact", 0.45),
                            new Share(Role.TONING, "Toning", 0.3),
                            new Share(Role.CORE, "All-fours and side", 0.25));
            case MIXED -> small
                    ? List.of(new Share(Role.AEROBIC, "Aerobic", 0.5), new Share(Role.TONING, "Toning", 0.5))
                    : List.of(new Share(Role.AEROBIC, "Aerobic", 0.4), new Share(Role.TONING, "Toning", 0.36),
                            new Share(Role.CORE, "Core", 0.24));
        };
    }

    /** A dance, and toning beside it: more of that where areas were promised. */
    private List<Share> danced(String name, boolean small) {
        double dance = brief.goal().areas().isEmpty() ? 0.55 : 0.45;
        Share first = new Share(Role.AEROBIC, name, dance);
        return small
                ? List.of(first, new Share(Role.TONING, "Toning", 1 - dance))
                : List.of(first, new Share(Role.TONING, "Toning", (1 - dance) * 0.6),
                        new Share(Role.CORE, "Core", (1 - dance) * 0.4));
    }

    private void add(Role role, String name, Duration target, List<Entry> entries) {
        segments.add(new Segment(new SegmentId(segments.size() + 1), name, role,
                Duration.ofSeconds(target.toSeconds()),
                bpm(role), entries));
    }

    /** The middle of what figures.md, "Tempo of the music", gives for the role and the group. */
    private Bpm bpm(Role role) {
        boolean step = brief.format() == Format.STEP && role == Role.AEROBIC;
        TempoRange range = step
                ? TempoRange.onStep(Conditions.LOWEST + 5, Level.of(brief.group().mix()))
                : TempoRange.of(role, brief.group().older());
        return new Bpm((range.least() + range.most()) / 2);
    }
}
