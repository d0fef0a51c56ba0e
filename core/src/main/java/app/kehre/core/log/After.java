package app.kehre.core.log;

import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

import app.kehre.core.plan.EntryId;
import app.kehre.core.value.Range;

/**
 * What the instructor says of a class once it is over; all of it may be left open. No names of people belong in it.
 *
 * @param people how many came, 0 to 200
 * @param newcomers how many of them for the first time
 * @param hard how hard it was for the group, 0 to 10 (figures.md, "How hard it was")
 * @param next a sentence for the next time, at most {@value #LONGEST} characters; may be empty
 * @param lines what is said of a line
 */
public record After(Optional<Integer> people, Optional<Integer> newcomers, Optional<Integer> hard,
        String next,
        Map<EntryId, Note> lines) {

    /** The longest sentence, in characters. */
    public static final int LONGEST = 400;
    /** How many came. */
    public static final Range PEOPLE = Range.of("the people who came", 0, 200);
    /** How hard it was. */
    public static final Range HARD = Range.of("how hard it was", 0, 10);
    /** Nothing was said yet. */
    public static final After NOTHING = new After(Optional.empty(), Optional.empty(), Optional.empty(), "",
            Map.of());

    /**
     * What is said of a line.
     *
     * @param words such as "too soon"; at most {@value After#LONGEST} characters, may be empty
     * @param hard how hard it was, 0 to 10
     */
    public record Note(String words, Optional<Integer> hard) {

        public Note {
            checkWords(words);
            hard.ifPresent(HARD::check);
        }

        /** Returns whether nothing is said. */
        public boolean isEmpty() {
            return words.isEmpty() && hard.isEmpty();
        }
    }

    /**
     * Checks it.
     *
     * @throws IllegalArgumentException with the sentence
     */
    public After {
        people.ifPresent(PEOPLE::check);
        newcomers.ifPresent(PEOPLE::check);
        hard.ifPresent(HARD::check);
        if (newcomers.isPresent() && people.isPresent() && newcomers.get() > people.get()) {
            throw new IllegalArgumentException(
                    "%d of %d who came cannot be new.".formatted(newcomers.get(), people.get()));
        }
        checkWords(next);
        Map<EntryId, Note> said = new TreeMap<>();
        lines.forEach((line, note) -> {
            if (!note.isEmpty()) {
                said.put(line, note);
            }
        });
        lines = Map.copyOf(said);
    }

    private static void checkWords(String words) {
        if (words.length() > LONGEST) {
            throw new IllegalArgumentException(
                    "A note has at most %d characters, not %d.".formatted(LONGEST, words.length()));
        }
    }

    /**
     * Returns it with other people.
     *
     * @param came 0 to 200
     * @param fresh 0 to 200
     */
    public After withPeople(Optional<Integer> came, Optional<Integer> fresh) {
        return new After(came, fresh, hard, next, lines);
    }

    /**
     * Returns it with how hard the class was.
     *
     * @param other 0 to 10
     */
    public After withHard(Optional<Integer> other) {
        return new After(people, newcomers, other, next, lines);
    }

    /** Returns it with another sentence for the next time. */
    public After withNext(String other) {
        return new After(people, newcomers, hard, other, lines);
    }

    /** Returns what is said of a line. */
    public Note of(EntryId line) {
        return lines.getOrDefault(line, new Note("", Optional.empty()));
    }

    /** Returns it with something else said of a line. */
    public After with(EntryId line, Note note) {
        Map<EntryId, Note> others = new TreeMap<>(lines);
        others.put(line, note);
        return new After(people, newcomers, hard, next, others);
    }
}
