package app.kehre.core.studio;

import java.time.LocalDateTime;

/**
 * How true a plan was.
 *
 * @param began when the class was begun
 * @param whole by which share the class took longer than planned; negative when it was shorter
 * @param wholeUsual the same against the usual pace, as if nothing had been learned
 * @param segments by which share its segments were off, whichever way, the mean of those of half a minute or more
 * @param segmentsUsual the same against the usual pace
 */
public record Truth(LocalDateTime began, double whole, double wholeUsual, double segments,
        double segmentsUsual) {}
