package app.kehre.core.choreography;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import app.kehre.core.value.Lengths;
import app.kehre.core.value.Range;
import app.kehre.core.value.Reading;
import app.kehre.core.value.Side;

/** How often a stage of a build-up is danced, how long a hold is kept, how long the work stops to be shown. */
public sealed interface Rounds {

    /**
     * Passes on each lead; 0 on both drops the stage.
     *
     * @param right passes that the right leads, 0 to 16
     * @param left passes that the left leads, 0 to 16
     */
    record Leads(int right, int left) implements Rounds {
        public Leads {
            PASSES.check(right);
            PASSES.check(left);
        }

        @Override
        public String notation() {
            if (right == left) {
                return right == 0 ? "dropped" : right + " each lead";
            }
            List<String> words = new ArrayList<>();
            for (Side side : List.of(Side.RIGHT, Side.LEFT)) {
                if (on(side) > 0) {
                    words.add(on(side) + " " + side.word());
                }
            }
            return String.join(", ", words);
        }

        /** Returns the passes on a lead. */
        int on(Side side) {
            return side == Side.RIGHT ? right : left;
        }

        @Override
        public Leads more(int by) {
            return new Leads(Math.clamp((long) right + by, 0, (int) PASSES.most()),
                    Math.clamp((long) left + by, 0, (int) PASSES.most()));
        }
    }

    /**
     * A hold.
     *
     * @param phrases 0 to 16; 0 drops it
     */
    record Held(int phrases) implements Rounds {
        public Held {
            PHRASES.check(phrases);
        }

        @Override
        public String notation() {
            return phrases == 0 ? "dropped" : phrases == 1 ? "1 phrase" : phrases + " phrases";
        }

        @Override
        public Held more(int by) {
            return new Held(Math.clamp((long) phrases + by, 0, (int) PHRASES.most()));
        }
    }

    /**
     * The work stops, and what comes is shown.
     *
     * @param length 5 to 120 s
     */
    record Shown(Duration length) implements Rounds {
        public Shown {
            STOP.check(length);
        }

        @Override
        public String notation() {
            return Lengths.notation(length);
        }

        @Override
        public Shown more(int by) {
            return new Shown(Duration.ofSeconds(
                    Math.clamp(length.toSeconds() + by * STOP.least(), STOP.least(), STOP.most())));
        }
    }

    /** The passes of a stage on a lead. */
    Range PASSES = Range.of("the passes of a stage on a lead", 0, 16);
    /** The phrases of a hold. */
    Range PHRASES = Range.of("the phrases of a hold", 0, 16);
    /** How long the work stops for showing. */
    Range STOP = Range.ofSeconds("a stop to show a stage", 5, 120);

    /** Returns so many passes on each lead. */
    static Rounds each(int passes) {
        return new Leads(passes, passes);
    }

    /** Returns how it is written: "2 each lead", "3 right, 2 left", "1 phrase", "20 s". */
    String notation();

    /** Returns so much more, or less, as far as it goes: a pass on each lead, a phrase, 5 s. */
    Rounds more(int by);

    /** Returns whether nothing of the stage is left. */
    default boolean drops() {
        return equals(new Leads(0, 0)) || equals(new Held(0));
    }

    /** Reads what is written for a stage of a key. */
    static Reading<Rounds> parse(StageKey key, String text) {
        String typed = text.strip();
        if (typed.equalsIgnoreCase("dropped") && key.use() != StageKey.Use.SHOW) {
            return Reading.of(key.use() == StageKey.Use.HOLD ? new Held(0) : each(0));
        }
        return switch (key.use()) {
            case SHOW -> Lengths.parse(typed)
                    .flatMap(found -> STOP.problem(found).map(Reading::<Rounds>refused)
                            .orElseGet(() -> Reading.of(new Shown(found))));
            case HOLD -> PHRASES.read(typed, "phrases?", "2 phrases").map(Held::new);
            case DANCE -> passes(typed);
        };
    }

    private static Reading<Rounds> passes(String typed) {
        Matcher apart = Pattern.compile("(?i)(?:(\\d{1,3}) right)?(?:, ?)?(?:(\\d{1,3}) left)?")
                .matcher(typed);
        if (!typed.isEmpty() && apart.matches()) {
            int right = number(apart.group(1));
            int left = number(apart.group(2));
            return PASSES.problem(right).or(() -> PASSES.problem(left)).map(Reading::<Rounds>refused)
                    .orElseGet(() -> Reading.of(new Leads(right, left)));
        }
        return PASSES.read(typed, "each( lead)?", "2 each lead, or 3 right, 2 left").map(Rounds::each);
    }

    private static int number(String digits) {
        return Optional.ofNullable(digits).map(Integer::parseInt).orElse(0);
    }
}
