package app.kehre.core.sheet;

import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

import app.kehre.core.brief.Brief;
import app.kehre.core.dose.Hold;
import app.kehre.core.dose.ShortDose;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Pattern;
import app.kehre.core.exercise.Role;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Segment;
import app.kehre.core.timeline.Timeline;

/**
 * What participants take home: the stretches and the easy moves of the class in plain words. Nothing that needs somebody
 * who looks on: no loads, no reps to count, no balance.
 *
 * @param title of the class
 * @param day of it
 * @param pieces in the order of the class, each once
 * @param caution when to stop, and whom to ask
 */
public record HandOut(String title, String day, List<Piece> pieces, String caution) {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM uuuu", Locale.ENGLISH);
    private static final int TEN = 10;
    private static final String CAUTION = "It may pull, it must not hurt. Breathe on; come out slowly. Stop for pain in a"
            + " joint, in the chest, or dizziness. After an operation, in pregnancy or with an illness ask your doctor"
            + " or physiotherapist first.";

    /**
     * A stretch or an easy move.
     *
     * @param name what it is called
     * @param how a sentence or a few
     * @param dose how long, and on which sides
     */
    public record Piece(String name, String how, String dose) {}

    public HandOut {
        pieces = List.copyOf(pieces);
    }

    /** Returns the hand-out of a class. */
    public static HandOut of(Timeline timeline) {
        ClassPlan plan = timeline.plan();
        Brief brief = plan.brief();
        Map<Exercise, Piece> pieces = new LinkedHashMap<>();
        for (Segment segment : plan.segments()) {
            if (!segment.leftOut() && (segment.role() == Role.STRETCH || segment.role() == Role.COOL_DOWN)) {
                segment.items().filter(item -> alone(item.exercise()))
                        .forEach(item -> pieces.putIfAbsent(item.exercise(), piece(item, timeline)));
            }
        }
        return new HandOut(brief.title(), DAY.format(brief.date()), new ArrayList<>(pieces.values()),
                CAUTION);
    }

    /** Returns it without some of its pieces, by their names. */
    public HandOut without(Set<String> names) {
        return new HandOut(title, day,
                pieces.stream().filter(piece -> !names.contains(piece.name())).toList(),
                caution);
    }

    private static boolean alone(Exercise exercise) {
        return exercise.rests() || exercise.pattern() == Pattern.MOBILITY;
    }

    private static Piece piece(Item item, Timeline timeline) {
        String how = String.join(". ",
                item.exercise().coaching().lines().stream().map(HandOut::bare).toList()) + ".";
        boolean held = item.dose() instanceof Hold;
        String sides = ShortDose.sides(item.dose()).length() == 2 ? ", each side" : "";
        long tens = Math.max(1, (timeline.lengthOf(item).toSeconds() + TEN / 2) / TEN);
        return new Piece(item.name(), how,
                held ? ShortDose.of(item.dose()) + sides : "about %d s".formatted(tens * TEN));
    }

    private static String bare(String line) {
        String stripped = line.strip().replaceAll("\\.$", "");
        return stripped.isEmpty()
                ? stripped
                : stripped.substring(0, 1).toUpperCase(Locale.ENGLISH) + stripped.substring(1);
    }
}
