package app.kehre.core.balance;

import java.util.List;
import java.util.Set;

import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;

/** Something that is asked of every class. */
interface Check {

    /** Returns the keys of what it may find. */
    Set<CheckKey> keys();

    /** Returns what it finds. */
    List<Finding> of(ClassUnderCheck judged);
}
