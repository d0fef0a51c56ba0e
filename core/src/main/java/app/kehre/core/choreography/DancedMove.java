package app.kehre.core.choreography;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import app.kehre.core.dose.Counts.Pace;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Style;
import app.kehre.core.footwork.Derived;
import app.kehre.core.footwork.Row;
import app.kehre.core.footwork.RowFacts;
import app.kehre.core.value.Range;
import app.kehre.core.value.Side;

/**
 * A move in a combination.
 *
 * @param move an exercise with footwork
 * @param lead the side of the foot that leads the first time, right or left
 * @param times how often it is done, 1 to 16; a move that changes the lead goes on with the other foot
 * @param pace how a danced count stands to the music
 * @param look how it is danced
 * @param plain the move that is taught first in its place, where it is not its own plain version
 * @param tapChange whether its last act is changed so that the other foot is free
 * @param turnIn quarter turns to the right with which it is entered, -1 to 2
 */
public record DancedMove(Exercise move, Side lead, int times, Pace pace, Look look, Optional<Exercise> plain,
        boolean tapChange, int turnIn) {

    /**
     * How a move is danced.
     *
     * @param arms what the arms do, at most {@value #LONGEST_ARMS} characters; empty for as usual
     * @param style what makes it harder than plain; hops stand by themselves
     * @param hop whether a hop is shown as an option under what is lifted
     */
    public record Look(String arms, Set<Style> style, boolean hop) {

        /** As usual. */
        public static final Look USUAL = new Look("", Set.of(), false);

        public Look {
            style = Style.of(style);
            if (arms.length() > LONGEST_ARMS) {
                throw new IllegalArgumentException("The arms have at most %d characters, not %d."
                        .formatted(LONGEST_ARMS, arms.length()));
            }
        }
    }

    /** How often a move is done in a row. */
    public static final Range TIMES = Range.of("how often a move is done", 1, 16);
    /** The quarter turns with which a move is entered. */
    public static final Range TURN_IN = Range.of("the quarter turns into a move", -1, 2);
    /** The longest words for the arms, in characters. */
    public static final int LONGEST_ARMS = 40;

    public DancedMove {
        TIMES.check(times);
        TURN_IN.check(turnIn);
        if (lead == Side.BOTH) {
            throw new IllegalArgumentException("A move leads with the right or with the left.");
        }
        Row row = move.footwork().orElseThrow(() -> new IllegalArgumentException(
                "\"%s\" has no footwork, so it cannot be part of a combination.".formatted(move.name())));
        if (pace == Pace.DOUBLE_TIME && row.syncopated()) {
            throw new IllegalArgumentException(
                    "\"%s\" has steps between the counts, so it cannot be done in double time."
                            .formatted(move.name()));
        }
        plain.ifPresent(other -> Plain.check(move, times, pace, other));
    }

    /** Returns the move done once at the music's own pace. */
    public static DancedMove of(Exercise move, Side lead) {
        return new DancedMove(move, lead, 1, Pace.NORMAL, Look.USUAL, Optional.empty(), false, 0);
    }

    /** Returns what the arms do; empty for as usual. */
    public String arms() {
        return look.arms();
    }

    /** Returns what makes it harder than plain; hops stand by themselves. */
    public Set<Style> style() {
        return look.style();
    }

    /** Returns whether a hop is shown as an option under what is lifted. */
    public boolean hop() {
        return look.hop();
    }

    /**
     * Returns the footwork of a time, from 0: with the hop, and with the changed end in the last time.
     *
     * @param time which time it is done, from 0
     */
    public Row row(int time) {
        Row row = move.footwork().orElseThrow();
        Row hopped = hop() ? Derived.hopped(row) : row;
        return changed(hopped, time);
    }

    /** Returns the footwork without the hop, which changes neither where one stands nor the free foot. */
    Row footing(int time) {
        return changed(move.footwork().orElseThrow(), time);
    }

    private Row changed(Row row, int time) {
        return tapChange && time == times - 1 ? row.changingOver() : row;
    }

    /** Returns what follows from the footwork of the move. */
    public RowFacts facts() {
        return RowFacts.of(move.footwork().orElseThrow());
    }

    /** Returns the half-counts of the music that it lasts. */
    public int halfCounts() {
        return halfCountsOnce() * times;
    }

    /** Returns the half-counts of the music that it lasts once. */
    public int halfCountsOnce() {
        return move.footwork().orElseThrow().counts() * pace.halfCounts();
    }

    /** Returns the counts of the music that it lasts, the last one begun counted whole. */
    public int counts() {
        return Math.ceilDiv(halfCounts(), 2);
    }

    /** Returns "Knee lift on the step, right". */
    public String name() {
        return move.name() + ", " + lead.word();
    }

    /** Returns what is special about it: "2 times, half time, arms overhead"; may be empty. */
    public String details() {
        StringBuilder words = new StringBuilder();
        add(words, times > 1 ? times + " times" : "");
        add(words, pace.notation());
        add(words, how());
        add(words, hop() ? "hop as an option" : "");
        add(words, tapChange ? "tap change" : "");
        add(words, switch (turnIn) {
            case -1 -> "quarter turn left into it";
            case 1 -> "quarter turn right into it";
            case 2 -> "half turn into it";
            default -> "";
        });
        add(words, plain.map(other -> "first as " + other.name()).orElse(""));
        return words.toString();
    }

    /** Returns the instructor's words for the arms, and what of the style they do not say: "pull down, travelling". */
    String how() {
        StringBuilder words = new StringBuilder(arms());
        add(words, Style.words(arms().isEmpty() ? style() : without(Style.ARMS, Style.OVERHEAD).style()));
        return words.toString();
    }

    private static void add(StringBuilder words, String more) {
        words.append(words.isEmpty() || more.isEmpty() ? "" : ", ").append(more);
    }

    /** Returns the same led by the other foot, turning the other way. */
    public DancedMove mirrored() {
        return new DancedMove(move, lead.other(), times, pace, look, plain, tapChange,
                turnIn == 2 ? 2 : -turnIn);
    }

    /** Returns the same on a lead, mirrored if need be. */
    public DancedMove led(Side side) {
        return side == lead ? this : mirrored();
    }

    /** Returns it with another move. */
    public DancedMove withMove(Exercise other) {
        return new DancedMove(other, lead, times, pace, look, plain, tapChange, turnIn);
    }

    /** Returns it with an exercise as it is now; a plain version that does not fit any more is let go. */
    public DancedMove refreshed(Exercise changed) {
        DancedMove alone = withPlain(Optional.empty());
        DancedMove now = move.id().equals(changed.id()) ? alone.withMove(changed) : alone;
        return now.withPlain(plain.map(each -> each.id().equals(changed.id()) ? changed : each)
                .filter(each -> Plain.problem(now, each).isEmpty()));
    }

    /** Returns it led by a side, nothing else changed. */
    public DancedMove withLead(Side other) {
        return new DancedMove(move, other, times, pace, look, plain, tapChange, turnIn);
    }

    /**
     * Returns it so many times.
     *
     * @param other 1 to 16
     */
    public DancedMove withTimes(int other) {
        return new DancedMove(move, lead, other, pace, look, plain, tapChange, turnIn);
    }

    /** Returns it at another pace. */
    public DancedMove withPace(Pace other) {
        return new DancedMove(move, lead, times, other, look, plain, tapChange, turnIn);
    }

    /** Returns it with other arms. */
    public DancedMove withArms(String other) {
        return new DancedMove(move, lead, times, pace, new Look(other.strip(), style(), hop()), plain,
                tapChange, turnIn);
    }

    /** Returns it in another style. */
    public DancedMove withStyle(Set<Style> other) {
        return new DancedMove(move, lead, times, pace, new Look(arms(), other, hop()), plain, tapChange,
                turnIn);
    }

    /** Returns it without some of its style. */
    DancedMove without(Style... some) {
        Set<Style> less = EnumSet.noneOf(Style.class);
        less.addAll(style());
        List.of(some).forEach(less::remove);
        return withStyle(less);
    }

    /** Returns it with the hop as an option, or without. */
    public DancedMove withHop(boolean other) {
        return new DancedMove(move, lead, times, pace, new Look(arms(), style(), other), plain, tapChange,
                turnIn);
    }

    /** Returns it with its end changed, or not. */
    public DancedMove withTapChange(boolean other) {
        return new DancedMove(move, lead, times, pace, look, plain, other, turnIn);
    }

    /** Returns it with another move that is taught first in its place, or none. */
    public DancedMove withPlain(Optional<Exercise> other) {
        return new DancedMove(move, lead, times, pace, look, other, tapChange, turnIn);
    }

    /** Returns the move that is taught first, for as many counts; the move itself where there is no other. */
    DancedMove plainly() {
        return plain
                .map(other -> new DancedMove(other, lead, Plain.times(move, times, pace, other), Pace.NORMAL,
                        Look.USUAL, Optional.empty(),
                        tapChange != Plain.endsOnOther(move, times, pace, other),
                        turnIn))
                .orElse(this);
    }

    /**
     * Returns it entered with other quarter turns.
     *
     * @param other quarter turns to the right, -1 to 2
     */
    public DancedMove withTurnIn(int other) {
        return new DancedMove(move, lead, times, pace, look, plain, tapChange, other);
    }

}
