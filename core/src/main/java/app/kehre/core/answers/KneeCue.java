package app.kehre.core.answers;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;

import app.kehre.core.brief.Brief;
import app.kehre.core.brief.Question;
import app.kehre.core.brief.School;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Joint;
import app.kehre.core.exercise.Pattern;

/** What is said of the knees, where the instructor's rule is not what the exercise itself says. */
public final class KneeCue {

    private static final Set<Pattern> BENDS = EnumSet.of(Pattern.SQUAT, Pattern.LUNGE, Pattern.STEPPING);

    private KneeCue() {}

    /** Returns "knees over the laces" for a squat or a lunge in a class whose instructor teaches so. */
    public static Optional<String> of(Brief brief, Exercise exercise) {
        School.Knees knees = brief.schools().knees();
        boolean bends = BENDS.contains(exercise.pattern())
                && exercise.work().loads().contains(Joint.KNEE);
        return bends && knees != Question.KNEES.usual() ? Optional.of(knees.cue()) : Optional.empty();
    }
}
