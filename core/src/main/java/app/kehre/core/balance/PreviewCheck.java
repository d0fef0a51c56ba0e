package app.kehre.core.balance;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.brief.School;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.exercise.Pattern;
import app.kehre.core.exercise.Position;
import app.kehre.core.exercise.Role;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.footwork.RowNotation;
import app.kehre.core.value.Named;

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
            if (use.main() && asks(use) && before.add(pattern)) {
                findings.add(finding(judged, use, pattern));
            }
            before.add(pattern);
            before.addAll(shows(use.exercise()));
        }
        return findings;
    }

    /** Whether it is large enough to be shown small first: on the feet, and in toning more than in a quick tap. */
    private static boolean asks(Use use) {
        Exercise exercise = use.exercise();
        boolean dances = exercise.pattern() == Pattern.STEPPING;
        return SHOWN.contains(exercise.pattern()) && exercise.position().level() == Position.Level.STANDING
                && (dances || use.role() != Role.AEROBIC);
    }

    /** What a small move of the warm-up shows: knee bends are the squat, taps to the back and the side the lunge. */
    private static Set<Pattern> shows(Exercise exercise) {
        boolean front = exercise.work().share(Muscle.FRONT_THIGH) >= 0.5;
        boolean seat = exercise.work().share(Muscle.BUTTOCKS) >= 0.5;
        Set<Pattern> shown = EnumSet.noneOf(Pattern.class);
        if (exercise.pattern() == Pattern.MOBILITY && front && seat) {
            shown.add(Pattern.SQUAT);
        }
        if (exercise.pattern() == Pattern.TRAVEL && (front || seat) && exercise.footwork().isPresent()
                && RowNotation.print(exercise.footwork().get()).matches(".*tap (back|side).*")) {
            shown.add(Pattern.LUNGE);
        }
        if (exercise.onStep()) {
            shown.add(Pattern.STEPPING);
        }
        return shown;
    }

    /** Returns the words of the move that a finding is about. */
    static String move(Finding finding) {
        return "the " + Named.ofKey(Pattern.class, finding.detail()).orElseThrow().words();
    }

    private Finding finding(ClassUnderCheck judged, Use use, Pattern pattern) {
        return foundOf(pattern.key(), Severity.WATCH, judged.at(use),
                "No easy rehearsal of the %s in the warm-up.".formatted(pattern.words()),
                "This class warms up by rehearsal; %s comes large at once. A small one in the warm-up shows it first."
                        .formatted(use.exercise().name()),
                SourceKind.TEACHING_RANGE,
                () -> Mends.add(judged, judged.segments(Role.WARM_UP).getFirst(),
                        exercise -> shows(exercise).contains(pattern)
                                || pattern == Pattern.HINGE && exercise.pattern() == Pattern.HINGE));
    }
}
