package app.kehre.core.balance;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.choosing.GroupFit;
import app.kehre.core.choosing.Unanswered;
import app.kehre.core.exercise.Impact;
import app.kehre.core.exercise.Library;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.proposal.Way;
import app.kehre.core.timeline.Timeline;

/** A caution that concerns somebody in the group and to which the plan has no answer. */
final class CautionCheck implements KeyedCheck {

    @Override
    public CheckKey key() {
        return CheckKey.CAUTION;
    }

    @Override
    public List<Finding> of(ClassUnderCheck judged) {
        return Unanswered.of(judged.plan()).stream().map(open -> finding(judged, open)).toList();
    }

    private Finding finding(ClassUnderCheck judged, Unanswered open) {
        String what = "%s: %s, %s. Nothing else is planned for %s.".formatted(open.item().name(),
                open.caution().limit().words(), people(open.people()),
                open.people() == 1 ? "this person" : "them");
        String why = "%s carries the usual caution \"%s\". It is a caution, no diagnosis: the local rules and"
                .formatted(open.item().name(), open.caution().advice())
                + " licensed professionals come first.";
        return foundOf(open.caution().limit().key(), severity(open), judged.at(open.item()), what, why,
                SourceKind.TEACHING_RANGE, () -> mends(judged.timeline(), judged.library(), open));
    }

    private static List<Way> mends(Timeline timeline, Library library, Unanswered open) {
        List<Way> mends = new ArrayList<>();
        GroupFit.forThem(timeline.plan(), library, open).ifPresent(
                proposal -> mends.add(Way.of(proposal.words(), proposal.apply(timeline.plan()))));
        forAll(timeline, library, open).ifPresent(mends::add);
        return mends;
    }

    private static Optional<Way> forAll(Timeline timeline, Library library, Unanswered open) {
        return GroupFit.forAll(timeline, library, open.item())
                .map(all -> Way.of(all.swap().exercise().name() + " for all",
                        all.apply(timeline.plan())));
    }

    private static String people(int number) {
        return number == 1 ? "1 person" : number + " people";
    }

    /** With a serious limit, and in high impact, it can hurt; elsewhere the class suffers. */
    private static Severity severity(Unanswered open) {
        boolean serious = open.caution().limit().serious()
                || open.item().exercise().impact() == Impact.HIGH;
        return serious ? Severity.STOP : Severity.FIX;
    }
}
