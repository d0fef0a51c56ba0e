package app.kehre.core.choreography;

import java.util.List;

/** One question that is asked of a combination. */
interface Check {

    /** What is found wrong, without ways to mend it. */
    List<Misstep> of(Checked checked);
}
