package app.kehre.core.log;

import app.kehre.core.brief.School;
import app.kehre.core.pace.Quantity;

/**
 * What is known of a quantity of the pace.
 *
 * @param quantity which
 * @param style the teaching style
 * @param usual its usual value
 * @param own the instructor's own, so far as it is known
 * @param classes in how many classes it was seen
 * @param times how often it was seen
 * @param spread how far a class is from it, as a share: two of three classes lie within
 */
public record Estimate(Quantity quantity, School.Teaching style, double usual, double own, int classes,
        int times, double spread) {}
