package app.kehre.core.edit;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;

import app.kehre.core.brief.Brief;
import app.kehre.core.exercise.Role;
import app.kehre.core.music.Bpm;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Pause;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.SegmentId;

/** The bare segments that a new class starts with. */
public final class Skeleton {

    private Skeleton() {}

    /**
     * Returns a 60-minute class without exercises: greeting, warm-up and cool-down of about 12 % of the
     * slot each (figures.md, "Time"), two main parts, a closing word. Tempos lie in the teaching ranges of
     * figures.md, "Tempo of the music".
     */
    public static ClassPlan of(LocalDate date) {
        Brief brief = Brief.of("New class", date, LocalTime.of(18, 30), Duration.ofMinutes(60), 12);
        return new ClassPlan(brief,
                List.of(segment(1, Role.TALK, 1, List.of(Pause.of(EntryId.FIRST, Pause.Kind.TALK))),
                        segment(2, Role.WARM_UP, 8, List.of()), segment(3, Role.AEROBIC, 17, List.of()),
                        segment(4, Role.TONING, 14, List.of()), segment(5, Role.CORE, 10, List.of()),
                        segment(6, Role.STRETCH, 8, List.of())));
    }

    private static Segment segment(int id, Role role, int minutes, List<Entry> entries) {
        return new Segment(new SegmentId(id), name(role), role, Duration.ofMinutes(minutes), bpm(role),
                entries);
    }

    /** Returns an empty segment of a role, with its usual name and tempo and no target. */
    public static Segment segment(SegmentId id, Role role) {
        return new Segment(id, name(role), role, Duration.ZERO, bpm(role), List.of());
    }

    /** Returns the name that a new segment of the role starts with. */
    static String name(Role role) {
        return switch (role) {
            case TALK -> "Welcome";
            case WARM_UP -> "Warm-up";
            case AEROBIC -> "Aerobic";
            case TONING -> "Toning";
            case CORE -> "Core";
            case COOL_DOWN -> "Cool-down";
            case STRETCH -> "Cool-down, stretch";
            case PAUSE -> "Water";
        };
    }

    /** Returns the tempo that a new segment of the role starts with (figures.md, "Tempo of the music"). */
    static Bpm bpm(Role role) {
        return switch (role) {
            case TALK, PAUSE, COOL_DOWN -> new Bpm(100);
            case WARM_UP -> new Bpm(124);
            case AEROBIC -> new Bpm(128);
            case TONING -> new Bpm(120);
            case CORE -> new Bpm(112);
            case STRETCH -> new Bpm(92);
        };
    }
}
