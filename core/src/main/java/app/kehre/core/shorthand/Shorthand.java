package app.kehre.core.shorthand;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import app.kehre.core.brief.Brief;
import app.kehre.core.brief.Format;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Position;
import app.kehre.core.exercise.Role;
import app.kehre.core.kit.Equipment;

/** Reads lines as instructors write them, with the exercises that it was made of. */
public final class Shorthand {

    /** The longest line that is read, in characters; of a longer one the rest is a note. */
    public static final int LONGEST = 400;

    private final NameIndex names;

    private Shorthand(NameIndex names) {
        this.names = names;
    }

    /** Returns a reader that knows some exercises by all their names. */
    public static Shorthand of(Collection<Exercise> exercises) {
        return new Shorthand(new NameIndex(exercises));
    }

    /**
     * Where a line stands.
     *
     * @param role of its segment
     * @param brief of the class
     * @param before the position of the line before it; nothing at a beginning
     * @param clock the interval of the circuit that is open; nothing where its lines have doses of their own
     * @param marked whether it is marked as a heading, by a sign, bold, capitals or its place in a list
     * @param inTable whether it was a row of a table
     */
    public record Where(Role role, Brief brief, Optional<Position> before, Optional<Meaning.Clock> clock,
            boolean marked,
            boolean inTable) {

        /** Returns a place with nothing special. */
        public static Where of(Role role, Brief brief) {
            return new Where(role, brief, Optional.empty(), Optional.empty(), false, false);
        }

        private Situation situation() {
            boolean steps = brief.format() == Format.STEP
                    || brief.room().count(Equipment.STEP).orElse(0) > 0;
            return new Situation(role, brief.format(), steps, before, Set.of());
        }
    }

    /**
     * A way in which a line can be read.
     *
     * @param meaning what it says
     * @param score how surely, 0 to 1
     */
    public record Way(Meaning meaning, double score) {

        /** Returns whether it is taken unasked. */
        public boolean sure() {
            return score >= LineReader.SURE;
        }
    }

    /** Returns the ways in which a line can be read, the most likely first; none where nobody could read it. */
    public List<Way> read(String line, Where where) {
        String bare = Lexer.bare(line);
        String read = bare.length() > LONGEST ? bare.substring(0, LONGEST) : bare;
        boolean marked = where.marked() || Marks.heading(line, bare);
        return new LineReader(names, where.situation(), where.clock(),
                new LineReader.Seen(marked, where.inTable()))
                .read(read).stream().map(each -> new Way(each.meaning(), each.score())).toList();
    }

    /** Returns a line as the note that it stays where nobody can read it. */
    public static Meaning.Note note(String line) {
        return LineReader.note(Lexer.bare(line));
    }
}
