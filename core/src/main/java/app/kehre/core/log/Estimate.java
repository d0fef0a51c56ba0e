package app.kehre.core.log;

import java.util.Locale;

import app.kehre.core.brief.School;
import app.kehre.core.pace.PaceUnit;
import app.kehre.core.pace.Quantity;

/**
 * What is known of a quantity of the pace.
 *
 * @param quantity which
 * @param style the teaching style
 * @param usual its usual value
 * @param own the instructor's own, so far as it is known, or as it was pinned
 * @param classes in how many classes it was seen
 * @param times how often it was seen
 * @param spread how far a class is from it, as a share: two of three classes lie within
 * @param pinned whether it stays as the instructor said
 */
public record Estimate(Quantity quantity, School.Teaching style, double usual, double own, int classes,
        int times, double spread, boolean pinned) {

    private static final int FAIRLY = 3;
    private static final int WELL = 8;

    /** Returns its key. */
    public PaceWishes.Key key() {
        return new PaceWishes.Key(quantity, style);
    }

    /** Returns the least value that two of three classes have. */
    public double least() {
        return own * Math.exp(-spread);
    }

    /** Returns the greatest value that two of three classes have. */
    public double most() {
        return own * Math.exp(spread);
    }

    /**
     * Returns how far a value is from the usual one, on the logarithm; 0 where nothing is usual.
     *
     * @param value in the unit of the quantity
     */
    public double far(double value) {
        return usual <= 0 || value <= 0 ? 0 : Math.log(value / usual);
    }

    /** Returns how far the own value is from the usual one, on the logarithm. */
    public double far() {
        return far(own);
    }

    /** Returns how sure it is, in words: by how many classes it was seen in. */
    public String sure() {
        if (pinned) {
            return "pinned";
        }
        return classes >= WELL ? "well known" : classes >= FAIRLY ? "fairly known" : "a first guess";
    }

    /** Returns what it is: "down to the floor, and up". */
    public String words() {
        return quantity.words() + (quantity.byStyle() ? ", " + style.called() : "");
    }

    /** Returns "usual 25 s, yours 29 s". */
    public String values() {
        return "usual %s, yours %s".formatted(print(usual), print(own));
    }

    /** Nobody reads a tenth of ten seconds. */
    private String print(double value) {
        boolean fine = value < 10;
        String number = String.format(Locale.ROOT, fine ? "%.1f" : "%.0f", value).replaceFirst("\\.0$", "");
        return number + (quantity.unit() == PaceUnit.TIMES ? "\u00d7" : quantity.unit().after());
    }
}
