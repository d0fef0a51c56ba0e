package app.kehre.core.rehearsal;

import java.time.Duration;
import java.util.List;
import java.util.OptionalInt;

/** Where the heart-rate straps of a group would be connected. Only a stand-in that ships with Kehre is behind it. */
public interface HeartRates {

    /**
     * Returns what each strap reports, in no order that tells whose it is: per cent of the heart-rate reserve of its wearer,
     * 0 to 130, as the strap reckons it; empty for one that reports nothing now.
     *
     * @param place of the class
     */
    List<OptionalInt> read(Duration place);
}
