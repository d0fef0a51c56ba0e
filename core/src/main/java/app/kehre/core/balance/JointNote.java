package app.kehre.core.balance;

import java.time.Duration;
import java.util.Arrays;
import java.util.List;

import app.kehre.core.exercise.Joint;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.value.Lengths;

/**
 * A joint that the class loads, and whether it was made ready before.
 *
 * @param joint the joint
 * @param load how long it carries
 * @param ready whether something before its first load made it ready, or its load is too short to ask for that
 */
public record JointNote(Joint joint, Duration load, boolean ready) {

    /** Returns the joints that are loaded, in the order of the body. */
    public static List<JointNote> of(Assessment assessment) {
        List<String> missed = assessment.findings().stream()
                .filter(finding -> finding.key() == CheckKey.NOT_PREPARED).map(finding -> finding.detail())
                .toList();
        return Arrays.stream(Joint.values())
                .filter(joint -> assessment.ledger().of(joint).load() >= 1)
                .map(joint -> new JointNote(joint,
                        Duration.ofSeconds(Math.round(assessment.ledger().of(joint).load())),
                        !missed.contains(joint.key())))
                .toList();
    }

    /** Returns "2:10, ready" or "2:10, not ready". */
    public String words() {
        return "%s, %s".formatted(Lengths.clock(load), ready ? "ready" : "not ready");
    }
}
