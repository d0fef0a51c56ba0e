package app.kehre.core.drafting;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;

import app.kehre.core.dose.Interval;
import app.kehre.core.dose.Sides;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Position;
import app.kehre.core.people.Level;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Segment;
import app.kehre.core.timeline.DoseLength;

/** Makes timed circuits: work and rest by the clock, for so many rounds, the later ones without showing. */
final class Circuits {

    private static final int ROUNDS = 2;
    private static final Duration REST = Duration.ofSeconds(20);
    private static final int FEWEST = 3;
    private static final int MOST = 8;
    /** The denser of the usual turns of a minute (45 and 15 s, 40 and 20 s), since no station jumps. Teaching range. */
    private static final int WORK = 45;
    private static final int REST_AFTER = 15;
    /** Where people are new or older: shorter work, and the 20 s to breathe and change that 40 s would have. Teaching range. */
    private static final int GENTLE = 30;
    private static final int GENTLE_REST = 20;

    private final ClassPlan plan;

    Circuits(ClassPlan plan) {
        this.plan = plan;
    }

    /** Returns whether an exercise makes a station: standing, both sides in one, nothing to fetch in a short rest. */
    static boolean station(Exercise exercise) {
        Sides sides = exercise.usualDose().sides();
        return (sides == Sides.TOGETHER || sides == Sides.ALTERNATING) && !exercise.setting().boundToKit()
                && exercise.position().level() == Position.Level.STANDING;
    }

    /** Returns what each does: less work and more rest for newcomers and older groups. */
    Interval dose(Exercise exercise) {
        boolean gentle = isGentle();
        int work = gentle ? GENTLE : WORK;
        int rest = gentle ? GENTLE_REST : REST_AFTER;
        Sides usual = exercise.usualDose().sides();
        Sides sides = usual == Sides.TOGETHER || usual == Sides.ALTERNATING ? usual : Sides.EACH_SIDE;
        return new Interval(Duration.ofSeconds(sides == Sides.EACH_SIDE ? work / 2 : work),
                Duration.ofSeconds(rest), 1, true, sides);
    }

    /** Returns how many stations a segment has: as many as it takes for two rounds, four in eight minutes. Teaching range. */
    long stations(Segment segment) {
        boolean gentle = isGentle();
        int turn = gentle ? GENTLE + GENTLE_REST : WORK + REST_AFTER;
        return Math.clamp(segment.target().plus(REST).toSeconds() / ((long) ROUNDS * turn), FEWEST, MOST);
    }

    private boolean isGentle() {
        return Level.of(plan.brief().group().mix()) == Level.NEWCOMERS || plan.brief().group().older();
    }

    /** Returns a circuit of exercises that fills a segment. */
    Circuit circuit(Segment segment, EntryId id, List<Exercise> exercises) {
        List<Item> items = new ArrayList<>();
        long each = 0;
        for (Exercise exercise : exercises.stream().limit(MOST).toList()) {
            long length = DoseLength.of(dose(exercise), exercise, segment, plan).toSeconds();
            if (!items.isEmpty()
                    && ROUNDS * (each + length) + REST.toSeconds() > segment.target().toSeconds()) {
                break;
            }
            each += length;
            items.add(Item.of(id.next(1 + items.size()), exercise).withDose(dose(exercise)));
        }
        int rounds = Math.toIntExact(Math
                .clamp((segment.target().toSeconds() + REST.toSeconds()) / (each + REST.toSeconds()), 1, 4));
        return new Circuit(id, segment.name(), rounds, REST, Math.min(2, rounds), List.copyOf(items), "");
    }
}
