package app.kehre.core.plan;

import java.util.ArrayList;
import java.util.List;

import app.kehre.core.brief.School;
import app.kehre.core.choreography.Combination;
import app.kehre.core.choreography.Lesson;
import app.kehre.core.choreography.Script;
import app.kehre.core.choreography.Scripts;
import app.kehre.core.pace.Quantity;

/** Where the build-ups of a plan are taught: to which music, to people of which pace, after which others. */
public final class Lessons {

    private Lessons() {}

    /** Returns the script of a build-up as it stands in the plan, or would stand in the place of the one of its id. */
    public static Script script(ClassPlan plan, BuildUp build) {
        return Scripts.of(build.build(), of(plan, build));
    }

    /**
     * Returns where a build-up of the plan is taught.
     *
     * @throws java.util.NoSuchElementException if the plan has none of its id
     */
    public static Lesson of(ClassPlan plan, BuildUp build) {
        Segment segment = plan.segmentOf(build.id()).orElseThrow();
        School.Teaching style = segment.teaching(plan.brief());
        List<Combination> before = build.build().ways().finaleOfAll() ? before(plan, build) : List.of();
        return new Lesson(segment.bpm(), plan.pace().length(Quantity.PIECE, style),
                plan.pace().length(Quantity.WHOLE, style), before);
    }

    /** Returns the combinations that are taught before a build-up of the plan and danced on the same: step or floor. */
    public static List<Combination> before(ClassPlan plan, BuildUp build) {
        List<Combination> before = new ArrayList<>();
        for (Segment segment : plan.segments()) {
            for (Entry entry : segment.entries()) {
                if (entry.id().equals(build.id())) {
                    return before;
                }
                if (entry instanceof BuildUp earlier && !segment.leftOut()) {
                    earlier.build().combinations().stream()
                            .filter(each -> each.onStep() == build.build().onStep()).forEach(before::add);
                }
            }
        }
        return before;
    }
}
