package app.kehre.core.finding;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.SetAside;
import app.kehre.core.proposal.Way;

/**
 * Something in a class that should be looked at.
 *
 * @param key the check that found it
 * @param detail what tells several findings of a check at one place apart: a joint, a muscle group, a limit; may be empty
 * @param severity how serious it is
 * @param place where it is
 * @param what is wrong, one sentence
 * @param reason why it matters
 * @param remedy finds the ways to mend it; that may take a while, so it is asked for only when it is wanted
 * @param extent how far off it is, in its own unit: seconds, a share; 0 for what is or is not
 */
public record Finding(CheckKey key, String detail, Severity severity, Place place, String what, Reason reason,
        Supplier<List<Way>> remedy, double extent) {

    /** Returns something that is or is not. */
    public Finding(CheckKey key, String detail, Severity severity, Place place, String what, Reason reason,
            Supplier<List<Way>> remedy) {
        this(key, detail, severity, place, what, reason, remedy, 0);
    }

    /** Returns why it matters, two sentences with the figure. */
    public String why() {
        return reason.why();
    }

    /** Returns what stands behind it. */
    public SourceKind source() {
        return reason.source();
    }

    /**
     * Returns it with how far off it is, in its own unit.
     *
     * @param other 0 or more
     */
    public Finding by(double other) {
        return new Finding(key, detail, severity, place, what, reason, remedy, other);
    }

    /** Returns what is stored of the check and the detail: "not-prepared/wrist". */
    public String check() {
        return detail.isEmpty() ? key.key() : key.key() + "/" + detail;
    }

    /** Returns the line where it is, if it is at one. */
    public Optional<EntryId> entry() {
        return place.entry();
    }

    /** Returns whether it is at a line. */
    public boolean isAt(EntryId line) {
        return entry().filter(line::equals).isPresent();
    }

    /**
     * Returns ways to mend it, the one that changes least first, each said once; none where a class would get larger than one may
     * be.
     */
    public List<Way> mends() {
        try {
            Set<String> said = new HashSet<>();
            return remedy.get().stream().filter(Way.different())
                    .filter(way -> said.add(way.words()) || entry().isEmpty()).toList();
        } catch (IllegalArgumentException tooLarge) {
            return List.of();
        }
    }

    /** Returns it with other ways to mend it. */
    public Finding withRemedy(Supplier<List<Way>> other) {
        return new Finding(key, detail, severity, place, what, reason, other, extent);
    }

    /** Returns whether both are the same check at the same place. */
    public boolean same(Finding other) {
        return key == other.key && detail.equals(other.detail)
                && place.segment().equals(other.place.segment())
                && place.entry().equals(other.place.entry());
    }

    /** Returns whether both say the same of a class: the same check at the same place, or of the class as a whole. */
    public boolean sameFact(Finding other) {
        return same(other) || key.ofTheWhole() && key == other.key && detail.equals(other.detail);
    }

    /** Returns whether the instructor set it aside, and it is not more serious since. */
    public boolean isAside(SetAside aside) {
        return wasAside(aside) && aside.holdsFor(severity);
    }

    /** Returns whether the instructor set it aside once, be it worse now. */
    public boolean wasAside(SetAside aside) {
        return check().equals(aside.check()) && place.segment().equals(aside.segment())
                && place.entry().equals(aside.entry());
    }
}
