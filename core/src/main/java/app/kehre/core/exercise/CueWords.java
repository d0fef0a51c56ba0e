package app.kehre.core.exercise;

import java.util.List;
import java.util.stream.Stream;

import app.kehre.core.value.Range;

/**
 * What is called out while an exercise runs (craft.md 9a): few words each, for who is breathing hard. Left and right
 * are the group's own. A text may be empty.
 *
 * @param see what people see when it is right
 * @param act what to do, in the rhythm in which it is done
 * @param feel where it is felt
 * @param breathe when to breathe
 */
public record CueWords(String see, String act, String feel, String breathe) {

    /** So many words of a cue are taken in while moving; a teaching range, Kehre's estimate. */
    public static final Range WORDS = Range.of("the words of a cue", 0, 8);

    /** Nothing to call out. */
    public static final CueWords NONE = new CueWords("", "", "", "");

    public CueWords {
        for (String cue : List.of(see, act, feel, breathe)) {
            if (cue.contains(";")) {
                throw new IllegalArgumentException(
                        "The cue \"%s\" has a semicolon, which sets cues apart.".formatted(cue));
            }
            if (!WORDS.problem(words(cue)).isEmpty()) {
                throw new IllegalArgumentException("The cue \"%s\" has %d words, expected at most %d."
                        .formatted(cue, words(cue), WORDS.most()));
            }
        }
    }

    private static int words(String cue) {
        return cue.isBlank() ? 0 : cue.strip().split("\\s+").length;
    }

    /** Returns whether a text can be called out. */
    static boolean fits(String text) {
        return text.indexOf(';') < 0 && WORDS.problem(words(text)).isEmpty();
    }

    /** Returns whether there is nothing to call out. */
    public boolean isEmpty() {
        return equals(NONE);
    }

    /** Returns what fills the gaps of this from another. */
    CueWords or(CueWords other) {
        return new CueWords(either(see, other.see), either(act, other.act), either(feel, other.feel),
                either(breathe, other.breathe));
    }

    private static String either(String text, String other) {
        return text.isEmpty() ? other : text;
    }

    /** Returns them as the mirror image: left is right and right is left, for who faces the group and moves with it. */
    public CueWords mirrored() {
        return new CueWords(mirrored(see), mirrored(act), mirrored(feel), mirrored(breathe));
    }

    private static String mirrored(String cue) {
        return String.join(" ", Stream.of(cue.split(" ", -1)).map(CueWords::otherSide).toList());
    }

    private static String otherSide(String word) {
        String held = "\u0000";
        return word.replaceAll("\\bleft\\b", held).replaceAll("\\bright\\b", "left").replace(held, "right")
                .replaceAll("\\bLeft\\b", held).replaceAll("\\bRight\\b", "Left").replace(held, "Right");
    }
}
