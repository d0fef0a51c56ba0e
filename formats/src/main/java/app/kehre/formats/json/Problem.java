package app.kehre.formats.json;

/**
 * What is wrong with a field.
 *
 * @param place the field, such as "segments[2].entries[0].dose"; empty for the whole document
 * @param sentence what was found and what was expected
 */
public record Problem(String place, String sentence) {
    public Problem {
        sentence = Cut.sentence(sentence);
    }

    /** Returns "segments[2].entries[0].dose: found ...". */
    public String words() {
        return place.isEmpty() ? sentence : Cut.place(place) + ": " + sentence;
    }
}
