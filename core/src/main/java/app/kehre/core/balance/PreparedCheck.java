package app.kehre.core.balance;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.advice.Threshold;
import app.kehre.core.exercise.Joint;
import app.kehre.core.exercise.Role;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.plan.Segment;
import app.kehre.core.proposal.Way;
import app.kehre.core.value.Named;

/** A joint carries load before anything has made it ready: wrists before planks. */
final class PreparedCheck implements KeyedCheck {

    /** Neck and elbow come along with the shoulder, the foot with the ankle: alone they are no fault of a warm-up. */
    private static final Set<Joint> WORTH_IT = EnumSet
            .complementOf(EnumSet.of(Joint.NECK, Joint.ELBOW, Joint.FOOT));

    @Override
    public CheckKey key() {
        return CheckKey.NOT_PREPARED;
    }

    @Override
    public List<Finding> of(ClassUnderCheck judged) {
        List<Finding> findings = new ArrayList<>();
        for (Joint joint : WORTH_IT) {
            double load = judged.ledger().of(joint).load();
            if (load > judged.figures().of(Threshold.PREPARE_FROM)) {
                firstUnprepared(judged.uses(), joint)
                        .ifPresent(use -> findings.add(finding(judged, use, joint)));
            }
        }
        return findings;
    }

    /** The first use that loads a joint, if nothing before it made the joint ready. */
    static Optional<Use> firstUnprepared(List<Use> uses, Joint joint) {
        for (Use use : uses) {
            boolean ready = use.prepares().contains(joint);
            boolean loads = use.purpose() == Use.Purpose.LOAD
                    && use.exercise().work().loads().contains(joint);
            if (ready && use.purpose() != Use.Purpose.RELEASE) {
                return Optional.empty();
            }
            if (loads) {
                return Optional.of(use);
            }
        }
        return Optional.empty();
    }

    private static String the(Joint joint) {
        return "the " + joint.words();
    }

    /** Returns the words of the joint that a finding is about. */
    static String joint(Finding finding) {
        return the(Named.ofKey(Joint.class, finding.detail()).orElseThrow());
    }

    private Finding finding(ClassUnderCheck judged, Use use, Joint joint) {
        return foundOf(joint.key(), Severity.FIX, judged.at(use),
                "Nothing prepares %s for %s.".formatted(the(joint), use.exercise().name()),
                "A joint that carries more than %d s is moved before, without load. Half a minute in the warm-up does it."
                        .formatted(judged.figures().of(Threshold.PREPARE_FROM)),
                SourceKind.TEACHING_RANGE, () -> mends(judged, joint));
    }

    private static List<Way> mends(ClassUnderCheck judged, Joint joint) {
        Optional<Segment> warmUp = judged.segments(Role.WARM_UP).stream().findFirst();
        return warmUp.map(segment -> Mends.add(judged, segment,
                exercise -> exercise.work().prepares().contains(joint)
                        && !exercise.work().loads().contains(joint)))
                .orElse(List.of());
    }
}
