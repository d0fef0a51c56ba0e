package app.kehre.formats.json;

import java.math.BigDecimal;

/** A number that is printed as it was written: 1e400 and 0.10 stay what they are. */
final class WrittenNumber extends BigDecimal {

    private static final long serialVersionUID = 1L;
    private static final BigDecimal MOST = BigDecimal.valueOf(Integer.MAX_VALUE);

    private final String text;

    /**
     * Reads a number.
     *
     * @throws NumberFormatException when its exponent has more than nine digits or so
     */
    WrittenNumber(String text) {
        super(text);
        this.text = text;
    }

    /** Returns whether a number is whole and an int: asked in this order, since one of a billion digits is easily written. */
    static boolean isInt(BigDecimal number) {
        return number.abs().compareTo(MOST) <= 0
                && (number.scale() <= 0 || number.stripTrailingZeros().scale() <= 0);
    }

    @Override
    public String toString() {
        return text;
    }
}
