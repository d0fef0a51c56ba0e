package app.kehre.core.balance;

import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import app.kehre.core.exercise.Joint;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.value.Lengths;

/**
 * A joint that the class loads, and whether something makes it ready before.
 *
 * @param joint the joint
 * @param load how long it carries
 * @param ready whether something before its first load makes it ready
 * @param missed whether it should have been: a finding says so, set aside or not
 */
public record JointNote(Joint joint, Duration load, boolean ready, boolean missed) {

    /** Returns the joints that are loaded, in the order of the body. */
    public static List<JointNote> of(Assessment assessment) {
        Set<String> missed = Stream.concat(assessment.findings().stream(),
                assessment.aside().stream().flatMap(aside -> aside.fact().parts().stream()))
                .filter(finding -> finding.key() == CheckKey.NOT_PREPARED).map(Finding::detail)
                .collect(Collectors.toSet());
        List<Use> uses = Use.of(assessment.timeline());
        return Arrays.stream(Joint.values()).filter(joint -> assessment.ledger().of(joint).load() >= 1)
                .map(joint -> new JointNote(joint,
                        Duration.ofSeconds(Math.round(assessment.ledger().of(joint).load())),
                        PreparedCheck.firstUnprepared(uses, joint).isEmpty(), missed.contains(joint.key())))
                .toList();
    }

    /** Returns "2:10, ready", "2:10, not ready" or, where that is not asked, "2:10". */
    public String words() {
        return Lengths.clock(load) + (missed ? ", not ready" : ready ? ", ready" : "");
    }
}
