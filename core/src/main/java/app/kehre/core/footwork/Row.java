package app.kehre.core.footwork;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

import app.kehre.core.value.Named;
import app.kehre.core.value.Range;
import app.kehre.core.value.Reading;
import app.kehre.core.value.Term;

/**
 * A move as a row of half-counts, relative to the lead foot: 1 & 2 & ... It starts with the weight on the
 * other foot or on both, so that the lead foot is free.
 *
 * @param from where the bench must be when it starts
 * @param beats half-counts, an even number, 1 to 32 counts
 */
public record Row(From from, List<Beat> beats) {

    /** The counts of a move. */
    public static final Range COUNTS = Range.of("the counts of a move", 1, 32);

    /** Where the bench must be when a move starts. */
    public enum From implements Named {
        /** Anywhere: the move has nothing to do with the bench. */
        ANYWHERE("anywhere", "anywhere"),
        /** On the floor, the bench ahead. */
        AHEAD("ahead", "ahead"),
        /** On the floor, along the bench, the bench on the side of the lead foot. */
        SIDE("side", "side"),
        /** On the floor beyond an end of the bench, the bench on the side of the lead foot. */
        END("end", "end"),
        /** On top of the bench. */
        TOP("top", "top"),
        /** On top of the bench, facing along it. */
        TOP_ALONG("top-along", "top along"),
        /** The bench between the feet. */
        ASTRIDE("astride", "astride");

        private final Term term;

        From(String key, String words) {
            this.term = new Term(key, words);
        }

        @Override
        public Term term() {
            return term;
        }
    }

    public Row {
        beats = List.copyOf(beats);
        if (beats.size() % 2 != 0) {
            throw new IllegalArgumentException("A row has whole counts, not %d half-counts."
                    .formatted(beats.size()));
        }
        COUNTS.check(beats.size() / 2);
    }

    /**
     * Reads a row that is known to be right.
     *
     * @throws IllegalArgumentException with the sentence otherwise
     */
    public static Row of(String notation) {
        Reading<Row> reading = RowNotation.parse(notation);
        return reading.value().orElseThrow(() -> new IllegalArgumentException(reading.problem()));
    }

    /** Returns how many counts it has, as danced. */
    public int counts() {
        return beats.size() / 2;
    }

    /** Returns whether it has steps between the counts. */
    public boolean syncopated() {
        for (int i = 1; i < beats.size(); i += 2) {
            if (!beats.get(i).rests()) {
                return true;
            }
        }
        return false;
    }

    /** Returns all acts, in order. */
    public Stream<Act> acts() {
        return beats.stream().flatMap(beat -> beat.acts().stream());
    }

    /** Returns whether it goes onto the bench or off it, or starts there. */
    public boolean bench() {
        return from != From.ANYWHERE || acts().anyMatch(act -> act.way().bench());
    }

    /** Returns the row with other half-counts. */
    Row withBeats(List<Beat> others) {
        return new Row(from, others);
    }

    /**
     * Returns the row with its last act changed so that the other foot is free at its end: a step becomes a
     * tap, a gesture becomes a step. The same row when it ends on both feet, where either foot is free.
     */
    public Row changingOver() {
        List<Beat> others = new ArrayList<>(beats);
        for (int i = others.size() - 1; i >= 0; i--) {
            Beat beat = others.get(i);
            if (!beat.rests()) {
                others.set(i, changedOver(beat));
                return withBeats(others);
            }
        }
        return this;
    }

    private static Beat changedOver(Beat beat) {
        Act act = beat.gesture().or(beat::bearing).orElseThrow();
        return switch (act.kind()) {
            case GESTURE -> new Beat(List.of(closing(act)), beat.turn());
            case STEP, LEAP -> new Beat(
                    List.of(new Act(act.foot(), Act.Kind.GESTURE, tapWay(act), Act.Shape.TAP)), beat.turn());
            case HOP, PLANT, JUMP -> beat;
        };
    }

    /** The foot of a gesture comes to the other foot instead: after a gesture from the bench, down to the floor. */
    private static Act closing(Act gesture) {
        return new Act(gesture.foot(), Act.Kind.STEP, Act.Way.HERE, Act.Shape.PLAIN);
    }

    private static Act.Way tapWay(Act step) {
        return step.way().bench() ? Act.Way.HERE : step.way();
    }
}
