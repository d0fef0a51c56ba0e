package app.kehre.core.stepping;

import java.util.List;

import app.kehre.core.finding.Finding;

/** One question that is asked of a combination. */
interface Check {

    /** What is found wrong, without ways to mend it. */
    List<Finding> of(Checked checked);
}
