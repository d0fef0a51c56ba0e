package app.kehre.core.deriving;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Chooses what covers the most load in the time there is: the least time is found for every set of areas that can be
 * covered, so the result is the best.
 */
final class SetCover {

    /**
     * Something that covers areas.
     *
     * @param areas as bits
     * @param length in ticks, over 0
     */
    record Piece(int areas, int length) {}

    /** The most areas. */
    static final int AREAS = 18;

    private SetCover() {}

    /**
     * Returns the places of the pieces to take, the least time for the most load.
     *
     * @param loads of each area, by its bit, at most {@value #AREAS}
     * @param time in ticks
     */
    static List<Integer> best(List<Piece> pieces, double[] loads, int time) {
        List<Integer> worth = worth(pieces);
        int sets = 1 << loads.length;
        int[] least = new int[sets];
        int[] last = new int[sets];
        int[] before = new int[sets];
        Arrays.fill(least, Integer.MAX_VALUE);
        least[0] = 0;
        // A piece only ever adds areas, so it leads from a set to a greater number: going up through the numbers, each
        // set is final before it is left. A piece that adds nothing new would only cost time and is passed over.
        for (int covered = 0; covered < sets; covered++) {
            for (int i = 0; least[covered] <= time && i < worth.size(); i++) {
                int at = worth.get(i);
                Piece piece = pieces.get(at);
                int more = covered | piece.areas();
                int length = least[covered] + piece.length();
                if (more != covered && length <= time && length < least[more]) {
                    least[more] = length;
                    last[more] = at;
                    before[more] = covered;
                }
            }
        }
        return back(best(least, loads), last, before);
    }

    /** Returns the places of the pieces that no other piece does as much as in no more time; of equals the first. */
    private static List<Integer> worth(List<Piece> pieces) {
        List<Integer> worth = new ArrayList<>();
        for (int at = 0; at < pieces.size(); at++) {
            Piece piece = pieces.get(at);
            boolean needless = piece.areas() == 0;
            for (int other = 0; !needless && other < pieces.size(); other++) {
                needless = other != at && replaces(pieces.get(other), piece, other < at);
            }
            if (!needless) {
                worth.add(at);
            }
        }
        return worth;
    }

    private static boolean replaces(Piece other, Piece piece, boolean earlier) {
        boolean asMuch = (piece.areas() & ~other.areas()) == 0 && other.length() <= piece.length();
        boolean equal = other.areas() == piece.areas() && other.length() == piece.length();
        return asMuch && (!equal || earlier);
    }

    /** Most load first; of two sets with the same load the one that takes less time. */
    private static int best(int[] least, double[] loads) {
        int best = 0;
        double most = 0;
        double[] sums = new double[least.length];
        for (int covered = 1; covered < least.length; covered++) {
            int highest = Integer.highestOneBit(covered);
            double load = sums[covered ^ highest] + loads[Integer.numberOfTrailingZeros(highest)];
            sums[covered] = load;
            if (least[covered] < Integer.MAX_VALUE
                    && (load > most || load == most && least[covered] < least[best])) {
                best = covered;
                most = load;
            }
        }
        return best;
    }

    static double load(int covered, double[] loads) {
        double sum = 0;
        for (int area = 0; area < loads.length; area++) {
            sum += (covered >> area & 1) == 0 ? 0 : loads[area];
        }
        return sum;
    }

    /** Walks back from the best set by the piece that reached each set last. */
    private static List<Integer> back(int covered, int[] last, int[] before) {
        List<Integer> taken = new ArrayList<>();
        for (int at = covered; at != 0; at = before[at]) {
            taken.add(last[at]);
        }
        return taken;
    }
}
