package app.kehre.core.shorthand;

import java.time.Duration;

import app.kehre.core.dose.Counts;
import app.kehre.core.dose.Sides;
import app.kehre.core.dose.Speed;
import app.kehre.core.kit.Load;
import app.kehre.core.plan.Variant;

/** What a few tokens of a line say, beside the name of an exercise. */
sealed interface Fact {

    /** A number without a unit: "12". */
    record Bare(int number) implements Fact {}

    /** "x16", "16 times". */
    record Times(int number) implements Fact {}

    /** "12 reps", "20 steps". */
    record Reps(int number) implements Fact {}

    /** "16 pulses". */
    record Pulses(int number) implements Fact {}

    /** "3 x 12", "3 sets of 12", "2 sets" with 0 behind. */
    record Sets(int sets, int number) implements Fact {}

    /** "3 x 30 s". */
    record SetsOf(int sets, Duration length) implements Fact {}

    /** "32 counts", "4 x 8 counts". */
    record Music(int counts) implements Fact {}

    /** "30 s", "2 min". */
    record Time(Duration length, boolean about) implements Fact {}

    /** "hold 30 s", "hold 8 counts" with counts in the place of the length. */
    record Held(Duration length, int counts) implements Fact {}

    /** "5 breaths". */
    record Breaths(int number, boolean deep) implements Fact {}

    /** "40 on 20 off". */
    record Clock(Duration work, Duration rest) implements Fact {}

    /** "3 rounds". */
    record Rounds(int number) implements Fact {}

    /** "rest 60 s". */
    record Rest(Duration length) implements Fact {}

    /** "AMRAP 45 s". */
    record AsMany(Duration length) implements Fact {}

    /** "as many as possible" without a time. */
    record Most() implements Fact {}

    /** "each side"; one that says only "each" may mean each exercise. */
    record Side(Sides sides, boolean bare) implements Fact {}

    /** "2 kg", "heavy", "with weights", "bodyweight". */
    record With(Load load, boolean sizeOnly) implements Fact {}

    /** "slow", "quick". */
    record Pace(Speed speed) implements Fact {}

    /** "half time". */
    record MusicPace(Counts.Pace pace) implements Fact {}

    /** "easier option". */
    record OptionOf(Variant variant) implements Fact {}

    /** "124 BPM". */
    record Tempo(int bpm) implements Fact {}
}
