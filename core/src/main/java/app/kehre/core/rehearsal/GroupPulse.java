package app.kehre.core.rehearsal;

import java.time.Duration;
import java.util.List;
import java.util.OptionalInt;

/**
 * How far a group spreads at a moment: nobody is told from anybody else.
 *
 * @param low one of ten lies below, per cent of the heart-rate reserve; 0 when too few report
 * @param high one of ten lies above; 0 when too few report
 * @param reporting how many straps report
 * @param silent how many do not
 */
public record GroupPulse(int low, int high, int reporting, int silent) {

    /** With fewer than these a spread would tell who is who. Kehre's estimate. */
    private static final int FEW = 5;
    private static final int TENTH = 10;

    /** Reads the straps at a place of the class. */
    public static GroupPulse of(HeartRates straps, Duration place) {
        List<OptionalInt> all = straps.read(place);
        List<Integer> heard = all.stream().filter(OptionalInt::isPresent).map(OptionalInt::getAsInt).sorted()
                .toList();
        int silent = all.size() - heard.size();
        int out = heard.size() / TENTH;
        return heard.size() < FEW
                ? new GroupPulse(0, 0, heard.size(), silent)
                : new GroupPulse(heard.get(out), heard.get(heard.size() - 1 - out), heard.size(), silent);
    }

    /** Returns "group 58 to 81 %", "group 58 to 81 %, 2 straps silent", "too few straps". */
    public String words() {
        String quiet = silent == 0
                ? ""
                : silent == 1 ? ", 1 strap silent" : ", %d straps silent".formatted(silent);
        return low == 0 && high == 0
                ? "too few straps" + quiet
                : "group %d to %d %%%s".formatted(low, high, quiet);
    }
}
