package app.kehre.core.studio;

import java.util.Optional;

import app.kehre.core.log.Heading;
import app.kehre.core.log.Times;

/**
 * A class that was taught, as it stands in a list.
 *
 * @param heading which class
 * @param times how long it was thought to take, and took
 * @param people how many came, if somebody said
 * @param hard how hard it was, 0 to 10, if somebody said
 * @param next the sentence for the next time; may be empty
 * @param learn whether the pace is learned from it
 */
public record RecordRow(Heading heading, Times times, Optional<Integer> people, Optional<Integer> hard,
        String next, boolean learn) {}
