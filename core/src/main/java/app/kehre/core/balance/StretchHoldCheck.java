package app.kehre.core.balance;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.advice.Threshold;
import app.kehre.core.dose.Amount;
import app.kehre.core.dose.Hold;
import app.kehre.core.dose.Stage;
import app.kehre.core.exercise.Role;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.proposal.Way;
import app.kehre.core.timeline.Phase;

/** A held stretch is shorter than the class's setting. */
final class StretchHoldCheck implements KeyedCheck {

    private static final int LEAST_OF_ALL = 10;

    @Override
    public CheckKey key() {
        return CheckKey.SHORT_HOLD;
    }

    @Override
    public List<Finding> of(ClassUnderCheck judged) {
        int least = judged.brief().stretchHold() - judged.figures().of(Threshold.STRETCH_HOLD);
        List<Finding> findings = new ArrayList<>();
        for (Use use : judged.uses()) {
            boolean holds = use.span().phase() == Phase.HOLD && use.exercise().rests()
                    && (use.role() == Role.STRETCH || use.role() == Role.COOL_DOWN);
            boolean seen = findings.stream().anyMatch(each -> each.isAt(use.entry()));
            if (holds && !seen && Math.round(use.seconds()) < least) {
                findings.add(finding(judged, use, least));
            }
        }
        return findings;
    }

    private Finding finding(ClassUnderCheck judged, Use use, int least) {
        long seconds = Math.round(use.seconds());
        return found(seconds < LEAST_OF_ALL ? Severity.FIX : Severity.WATCH, judged.at(use),
                "%s is held for %d s, less than %d.".formatted(use.exercise().name(), seconds, least),
                "This class holds stretches for at least %d s. Static stretches of 10 to 30 s, older adults 30 to 60, are what is tested."
                        .formatted(least),
                SourceKind.PUBLISHED, () -> mends(judged, use, least)).by(least - (double) seconds);
    }

    private static List<Way> mends(ClassUnderCheck judged, Use use, int least) {
        return judged.ofItem(use.entry(), item -> item.dose() instanceof Hold hold
                ? List.of(Way.of("%s: %d s".formatted(item.name(), least),
                        judged.plan().with(item.withDose(longer(hold, least)))))
                : List.of());
    }

    private static Hold longer(Hold hold, int seconds) {
        return new Hold(hold.sets(),
                new Stage.Held(new Amount.OfTime(Duration.ofSeconds(seconds)), hold.held().postures()),
                hold.kind(),
                hold.rest(), hold.sides());
    }
}
