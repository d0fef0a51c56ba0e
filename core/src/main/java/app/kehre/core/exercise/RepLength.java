package app.kehre.core.exercise;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

import app.kehre.core.value.Range;
import app.kehre.core.value.Reading;

/**
 * How long one rep of an exercise takes by nature: counts of the music, since people move with it; seconds for a sequence of the
 * whole body, such as a walk-out and back. Kehre's estimates (figures.md, "Pace").
 */
public sealed interface RepLength {

    /** The counts of a rep. */
    Range COUNTS = Range.of("the counts of a rep", 1, 32);
    /** The seconds of a rep. */
    Range SECONDS = Range.ofSeconds("a rep", 1, 60);
    /** A usual rep: there and back in four counts. */
    RepLength USUAL = new OfCounts(4);

    /**
     * By the music.
     *
     * @param counts 1 to 32
     */
    record OfCounts(int counts) implements RepLength {
        public OfCounts {
            COUNTS.check(counts);
        }
    }

    /**
     * By the clock.
     *
     * @param seconds 1 to 60
     */
    record OfSeconds(int seconds) implements RepLength {
        public OfSeconds {
            SECONDS.problem(seconds).ifPresent(sentence -> {
                throw new IllegalArgumentException(sentence);
            });
        }
    }

    /** Returns "4 counts" or "15 s". */
    default String notation() {
        return switch (this) {
            case OfCounts(int counts) -> counts + (counts == 1 ? " count" : " counts");
            case OfSeconds(int seconds) -> seconds + " s";
        };
    }

    /** Reads "4 counts" or "15 s". */
    static Reading<RepLength> parse(String text) {
        Matcher matcher = Pattern.compile("(\\d{1,3})\\s*(counts?|s)").matcher(text.strip());
        if (!matcher.matches()) {
            return Reading.refused(
                    "\"%s\" is no length of a rep: write it like 4 counts or 15 s.".formatted(text.strip()));
        }
        int number = Integer.parseInt(matcher.group(1));
        boolean seconds = matcher.group(2).equals("s");
        return (seconds ? SECONDS : COUNTS).problem(number).map(Reading::<RepLength>refused)
                .orElseGet(() -> Reading.of(seconds ? new OfSeconds(number) : new OfCounts(number)));
    }
}
