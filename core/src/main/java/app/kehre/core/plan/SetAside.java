package app.kehre.core.plan;

import java.util.Optional;

import app.kehre.core.advice.Severity;

/**
 * A finding that the instructor has seen and leaves as it is. It holds for what it was about: when the line is gone, or
 * its exercise is another, it says nothing any more, and the finding is back; so it is when it has become more serious.
 *
 * @param check the key of the check
 * @param segment the segment that it concerns; none where it concerns the class
 * @param entry the line that it concerns, if one
 * @param subject what the line was about then, as {@link Entry#subject}; empty without a line
 * @param severity how serious it was; none in a plan written by an earlier Kehre, where it holds however serious it is
 * @param reason why, in the instructor's words, 1 to {@value #LONGEST} characters
 */
public record SetAside(String check, Optional<SegmentId> segment, Optional<EntryId> entry, String subject,
        Optional<Severity> severity, String reason) {

    /** The longest reason, in characters. */
    public static final int LONGEST = 200;

    public SetAside {
        if (check.isBlank()) {
            throw new IllegalArgumentException("A finding that is set aside must name its check.");
        }
        if (reason.isBlank() || reason.length() > LONGEST) {
            throw new IllegalArgumentException(
                    "The reason must have from 1 to %d characters, not %d.".formatted(LONGEST,
                            reason.length()));
        }
    }

    /** Returns a finding set aside for what stands in a plan now. */
    public static SetAside of(ClassPlan plan, String check, Optional<SegmentId> segment,
            Optional<EntryId> entry, Optional<Severity> severity, String reason) {
        return new SetAside(check, segment, entry,
                entry.flatMap(plan::find).map(Entry::subject).orElse(""), severity, reason);
    }

    /** Returns whether it is about a finding that is as serious as this; what has become worse was never looked at. */
    public boolean holdsFor(Severity now) {
        return severity.isEmpty() || now.compareTo(severity.get()) >= 0;
    }

    /** Returns whether what it was about still stands in a plan. */
    public boolean holdsIn(ClassPlan plan) {
        return entry.isPresent()
                ? entry.flatMap(plan::find).filter(line -> line.subject().equals(subject)).isPresent()
                : segment.isEmpty() || segment.flatMap(plan::findSegment).isPresent();
    }
}
