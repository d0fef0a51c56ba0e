package app.kehre.core.teaching;

import java.time.Instant;
import java.util.Optional;
import java.util.stream.Stream;

import app.kehre.core.exercise.Exercise;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Variant;

/** What is done to a class while it is taught, by its instructor or by Kehre. */
public sealed interface Press {

    /** Returns what stands in the record of the class: a key, or a key and what belongs to it. */
    String key();

    /** Returns the words of the proposal that is taken by it, if one is. */
    default Optional<String> taken() {
        return Optional.empty();
    }

    /** What needs nothing else to be known. */
    enum Key implements Press {
        /** Stops the class. */
        PAUSE("pause"),
        /** Goes on after a pause or a talk. */
        GO_ON("go-on"),
        /** There is more to say: the class stands where it is. */
        TALK("talk"),
        /** What runs is done: on to its other side, else to the next line. */
        NEXT("next"),
        /** Back to the start of the line, or to the one before. */
        BACK("back"),
        /** One rep, count or breath more, five seconds where the clock rules. */
        ONE_MORE("one-more"),
        /** One less. */
        ONE_LESS("one-less"),
        /** Eight counts of the music more. */
        EIGHT_MORE("eight-more"),
        /** Another round, set or interval, the same pass of a build-up again. */
        ANOTHER_ROUND("another-round"),
        /** The line is left, here, with what it has left. */
        SKIP_LINE("skip-line"),
        /** The side is left. */
        SKIP_SIDE("skip-side"),
        /** Straight to the way down. */
        FINISH("finish-now"),
        /** The first side that owes does what it owes, after this line. */
        PAY("pay"),
        /** What the first side owes is forgiven. */
        FORGIVE("forgive");

        private final String key;

        Key(String key) {
            this.key = key;
        }

        @Override
        public String key() {
            return key;
        }
    }

    /**
     * Begins the class.
     *
     * @param hardEnd when the room must be free
     */
    record Start(Instant hardEnd) implements Press {
        @Override
        public String key() {
            return "start " + hardEnd;
        }
    }

    /**
     * Everybody does an option of what runs.
     *
     * @param variant which
     */
    record Choose(Variant variant) implements Press {
        @Override
        public String key() {
            return "option " + variant.key();
        }
    }

    /**
     * Everybody does another exercise in place of what runs.
     *
     * @param exercise which
     */
    record Swap(Exercise exercise) implements Press {
        @Override
        public String key() {
            return "swap " + exercise.id();
        }
    }

    /**
     * A proposal is taken.
     *
     * @param words what it does
     * @param after the class with it
     * @param byItself whether Kehre took it, since it was asked to keep to the time
     */
    record Take(String words, ClassPlan after, boolean byItself) implements Press {
        private static final String TAKE = "take ";
        private static final String KEPT = "kept-on-time ";

        @Override
        public String key() {
            return (byItself ? KEPT : TAKE) + words;
        }

        @Override
        public Optional<String> taken() {
            return Optional.of(words);
        }
    }

    /**
     * How many were done of as many as possible.
     *
     * @param entry the line
     * @param number how many, 0 to 999
     */
    record Count(EntryId entry, int number) implements Press {
        @Override
        public String key() {
            return "count %s %d".formatted(entry, number);
        }
    }

    /**
     * What was pressed before the program broke off.
     *
     * @param key what stands in the record
     */
    record Noted(String key) implements Press {
        @Override
        public Optional<String> taken() {
            return Stream.of(Take.TAKE, Take.KEPT).filter(key::startsWith)
                    .map(start -> key.substring(start.length())).findFirst();
        }
    }

    /** Reads what stands in a record: a count as what it is, all else as noted. */
    static Press read(String key) {
        if (key.equals("undo")) {
            return new Undo();
        }
        String[] words = key.split(" ");
        return words.length == 3 && words[0].equals("count") && (words[1] + words[2]).matches("\\d{2,9}")
                ? new Count(new EntryId(Integer.parseInt(words[1])), Integer.parseInt(words[2]))
                : new Noted(key);
    }

    /** The last press is taken back. */
    record Undo() implements Press {
        @Override
        public String key() {
            return "undo";
        }
    }
}
