package app.kehre.core.shorthand;

/**
 * A piece of a line.
 *
 * @param kind what it is
 * @param text a word in lower case without accents, a number in digits, or a sign
 * @param value of a number, of the middle of a range, of a clock in seconds; 0 for the others
 * @param from where it begins in the line
 * @param to where it ends
 */
record Token(Kind kind, String text, double value, int from, int to) {

    enum Kind {
        WORD, NUMBER,
        /** "10-12". */
        RANGE,
        /** "1:30". */
        CLOCK,
        /** "2-0-2". */
        ROW, SIGN
    }

    boolean is(String other) {
        return text.equals(other);
    }

    boolean isWord() {
        return kind == Kind.WORD;
    }

    boolean isSign(String sign) {
        return kind == Kind.SIGN && text.equals(sign);
    }

    /** Returns whether it is a number in digits, or a range of two. */
    boolean isNumber() {
        return kind == Kind.NUMBER || kind == Kind.RANGE;
    }

    boolean isWhole() {
        return value == Math.rint(value);
    }
}
