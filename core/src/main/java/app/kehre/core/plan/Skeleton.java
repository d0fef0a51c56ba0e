package app.kehre.core.plan;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;

import app.kehre.core.dose.Bpm;
import app.kehre.core.exercise.Role;

/** The bare segments that a new class starts with. */
public final class Skeleton {

    private Skeleton() {}

    /**
     * Returns a 60-minute class without exercises: greeting, warm-up and cool-down of about 12 % of the
     * slot each (figures.md, "Time"), two main parts, a closing word. Tempos lie in the teaching ranges of
     * figures.md, "Tempo of the music".
     */
    public static ClassPlan of(LocalDate date) {
        Brief brief = new Brief("New class", date, LocalTime.of(18, 30), Duration.ofMinutes(60), 12,
                Map.of());
        return new ClassPlan(brief, List.of(
                segment(1, "Welcome", Role.TALK, 1, 100, List.of(Pause.of(1, Pause.Kind.TALK))),
                segment(2, "Warm-up", Role.WARM_UP, 8, 124, List.of()),
                segment(3, "Aerobic", Role.AEROBIC, 17, 128, List.of()),
                segment(4, "Toning", Role.TONING, 14, 120, List.of()),
                segment(5, "Core", Role.CORE, 10, 112, List.of()),
                segment(6, "Cool-down, stretch", Role.STRETCH, 8, 92, List.of())));
    }

    private static Segment segment(int id, String name, Role role, int minutes, int bpm,
            List<Entry> entries) {
        return new Segment(id, name, role, Duration.ofMinutes(minutes), new Bpm(bpm), entries);
    }
}
