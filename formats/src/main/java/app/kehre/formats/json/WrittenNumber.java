package app.kehre.formats.json;

import java.math.BigDecimal;

/** A number that is printed as it was written: 1e400 and 0.10 stay what they are. */
final class WrittenNumber extends BigDecimal {

    private static final long serialVersionUID = 1L;

    private final String text;

    /** Reads a number. @throws NumberFormatException when its exponent has more than nine digits or so */
    WrittenNumber(String text) {
        super(text);
        this.text = text;
    }

    @Override
    public String toString() {
        return text;
    }
}
