package app.kehre.desk.plan;

import java.util.List;
import java.util.function.LongFunction;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.SimpleBooleanProperty;

import app.kehre.core.brief.School;
import app.kehre.core.pace.Pace;
import app.kehre.core.pace.Quantity;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.rehearsal.Habits;
import app.kehre.core.timeline.PaceShare;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.typing.PaceText;
import app.kehre.core.value.Counted;
import app.kehre.core.value.Lengths;
import app.kehre.desk.control.Commit;
import app.kehre.desk.session.Learning;
import app.kehre.desk.session.OpenPlan;
import app.kehre.desk.session.TypedText;

/** How long people take in the open class, and what was learned of it, without a single node. */
final class PaceModel {

    private final OpenPlan open;
    private final Learning learning;
    private final BooleanProperty shown = new SimpleBooleanProperty();

    PaceModel(OpenPlan open, Learning learning) {
        this.open = open;
        this.learning = learning;
    }

    /** Returns whether the pace is shown beside the lines. */
    BooleanProperty shown() {
        return shown;
    }

    /** Returns the style in which the class is taught. */
    School.Teaching style() {
        return open.plan().brief().teaching();
    }

    /** Returns what each quantity makes of the class. */
    List<PaceShare> shares() {
        return PaceShare.of(open.plan());
    }

    /** Returns what happens with a typed text of a quantity. */
    Commit typed(Quantity quantity, School.Teaching style) {
        return new TypedText(open, () -> "Pace: " + quantity.words(),
                text -> PaceText.with(open.plan().pace(), quantity, style, text).map(open.plan()::with),
                _ -> "");
    }

    /** Gives the class the usual pace of its group. */
    void takeUsual() {
        open.edit("Usual pace", plan -> plan.with(usual(plan)));
    }

    /** Gives the class the instructor's own pace. */
    void takeYours() {
        open.edit("Your pace", plan -> plan.with(yours(plan)));
    }

    /** Returns whether the instructor's own pace is known and the class has another. */
    boolean hasOther() {
        return learning.classes() > 0 && !isYours();
    }

    private boolean isYours() {
        return open.plan().pace().equals(yours(open.plan()));
    }

    private static Pace usual(ClassPlan plan) {
        return Pace.usual(plan.brief().group().older());
    }

    private Pace yours(ClassPlan plan) {
        return learning.pace(plan.brief().group().older());
    }

    /** Returns how the class is taught on one day or another. */
    LongFunction<Habits> days(ClassPlan plan) {
        return learning.days(plan);
    }

    /** Returns which values the class has, and what others would make of it. */
    String words(List<PaceShare> shares) {
        ClassPlan plan = open.plan();
        int classes = learning.classes();
        if (classes == 0) {
            return "Kehre's estimates to start with; change them to what your group takes.";
        }
        String said = "%s, %d of them not as usual. At the usual pace the class takes %s, at yours, learnt from %s, %s."
                .formatted(isYours() ? "These values are yours" : "These are the values of this class",
                        shares.stream().filter(share -> !share.usual()).count(), length(plan, usual(plan)),
                        Counted.of(classes, "class"), length(plan, yours(plan)));
        int kinds = plan.pace().ofKind().size();
        int reps = plan.pace().ownReps().size();
        return kinds + reps == 0
                ? said
                : said + " %d more hold in one kind of part only; %d exercises have reps of a length of their own."
                        .formatted(kinds, reps);
    }

    private static String length(ClassPlan plan, Pace pace) {
        return Lengths.clock(Timeline.of(plan.with(pace)).total());
    }
}
