package app.kehre.core.balance;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.brief.School;
import app.kehre.core.exercise.Pattern;
import app.kehre.core.exercise.Role;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;

/** A pattern of the main part that the warm-up does not show, small. */
final class PreviewCheck implements KeyedCheck {

    private static final Set<Pattern> SHOWN = Set.of(Pattern.SQUAT, Pattern.LUNGE, Pattern.HINGE,
            Pattern.STEPPING);

    @Override
    public CheckKey key() {
        return CheckKey.NO_PREVIEW;
    }

    @Override
    public List<Finding> of(ClassUnderCheck judged) {
        School.WarmUp school = judged.brief().schools().warmUp();
        if (school != School.WarmUp.REHEARSAL || judged.segments(Role.WARM_UP).isEmpty()) {
            return List.of();
        }
        Set<Pattern> before = EnumSet.noneOf(Pattern.class);
        List<Finding> findings = new ArrayList<>();
        for (Use use : judged.uses()) {
            Pattern pattern = use.exercise().pattern();
            if (use.main() && SHOWN.contains(pattern) && before.add(pattern)) {
                findings.add(finding(judged, use, pattern));
            }
            before.add(pattern);
        }
        return findings;
    }

    private Finding finding(ClassUnderCheck judged, Use use, Pattern pattern) {
        return foundOf(pattern.key(), Severity.CONSIDER, judged.at(use),
                "%s comes large without having been shown small.".formatted(use.exercise().name()),
                "This class warms up by rehearsal. The %s is then shown in the warm-up first."
                        .formatted(pattern.words()),
                SourceKind.TEACHING_RANGE,
                () -> Mends.add(judged, judged.segments(Role.WARM_UP).getFirst(),
                        exercise -> exercise.pattern() == pattern));
    }
}
