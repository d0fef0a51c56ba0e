package app.kehre.core.balance;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.function.Supplier;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.finding.Place;
import app.kehre.core.finding.Reason;
import app.kehre.core.proposal.Way;

/** A check that asks one thing and so has one key. */
interface KeyedCheck extends Check {

    /** Returns what it asks. */
    CheckKey key();

    @Override
    default Set<CheckKey> keys() {
        return EnumSet.of(key());
    }

    /** Returns a finding of this check. */
    default Finding found(Severity severity, Place place, String what, String why, SourceKind source,
            Supplier<List<Way>> remedy) {
        return new Finding(key(), "", severity, place, what, new Reason(why, source), remedy);
    }

    /** Returns a finding of this check that may find several things at one place, told apart by a word. */
    default Finding foundOf(String detail, Severity severity, Place place, String what, String why,
            SourceKind source, Supplier<List<Way>> remedy) {
        return new Finding(key(), detail, severity, place, what, new Reason(why, source), remedy);
    }
}
