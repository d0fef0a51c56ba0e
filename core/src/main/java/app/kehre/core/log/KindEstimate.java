package app.kehre.core.log;

import app.kehre.core.pace.PaceKind;

/**
 * What is known of a quantity of the pace in a kind of segment.
 *
 * @param kind which
 * @param own the instructor's own value there
 * @param classes in how many classes it was seen there
 * @param times how often
 */
public record KindEstimate(PaceKind kind, double own, int classes, int times) {}
