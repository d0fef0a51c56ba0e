package app.kehre.core.hall;

import app.kehre.core.dose.Counts;
import app.kehre.core.teaching.Moment;

/**
 * What runs now as a string of beads: one for each rep, or for each eight of a move that is counted.
 *
 * @param number of beads; 0 where nothing is counted
 * @param current the bead that runs, from 1; 0 where nothing is counted
 * @param done how much of the span is over, from 0 to 1
 */
public record Beads(int number, int current, double done) {

    private static final Beads NONE = new Beads(0, 0, 0);

    /** Returns the beads at a moment; none before an empty class and after the end. */
    public static Beads of(Moment moment) {
        return moment.span().map(span -> {
            int each = HallWords.inEights(span) ? Counts.EIGHT : 1;
            return new Beads(whole(span.done().amount(), each), whole(span.partAt(moment.place()), each),
                    span.partDone(moment.place()));
        }).orElse(NONE);
    }

    private static int whole(int parts, int each) {
        return (parts + each - 1) / each;
    }
}
