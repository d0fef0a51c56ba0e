package app.kehre.core.log;

/**
 * How long a rep of an exercise is here.
 *
 * @param exercise its id
 * @param own how many times its natural length
 * @param classes in how many classes it was seen
 * @param times how often it was seen, {@value LearnedPace#ENOUGH} or more
 */
public record RepEstimate(String exercise, double own, int classes, int times) {}
