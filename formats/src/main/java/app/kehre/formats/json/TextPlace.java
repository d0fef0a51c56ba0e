package app.kehre.formats.json;

/**
 * A place in a text.
 *
 * @param line from 1
 * @param column in characters, from 1
 */
record TextPlace(int line, int column) {

    /** Returns "Line 3, column 12: ", to stand before a sentence. */
    String words() {
        return "Line %d, column %d: ".formatted(line, column);
    }
}
