package app.kehre.core.timeline;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;

import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Item;

/** Lays what stands between two pieces of work: changing over and explaining, as far as no pause or rest gives the time. */
final class Between {

    private final Tape tape;
    private final Changeover changeover;
    private final LaterUse later;
    private final FreeTime free = new FreeTime();

    Between(ClassPlan plan, Tape tape) {
        this.tape = tape;
        this.changeover = new Changeover(plan.brief(), plan.pace());
        this.later = new LaterUse(plan);
    }

    /** Takes note that a pause or a rest gives so much time for what comes. */
    void isFree(Duration length) {
        free.is(length);
    }

    /** Takes note that so much time comes to what a pause has left. */
    void isFreeToo(Duration more) {
        free.more(more);
    }

    /** Returns what changing over to an item takes beyond the free time. */
    List<Changeover.Step> steps(Item item) {
        return free.take(allSteps(item));
    }

    /** Returns what putting away takes when a pause begins after an item in its round, beyond the free time. */
    List<Changeover.Step> emptyHands(Item last, int round) {
        return free.take(changeover.emptyHands(later.after(last, round)));
    }

    /** Returns what changing over takes, whatever time is free: what the item says, else what its position and its load ask. */
    List<Changeover.Step> allSteps(Item item) {
        List<Changeover.Step> usual = changeover.to(item, later.after(item, tape.turn().round().orElse(0)));
        if (item.delivery().changeover().isEmpty()) {
            return usual;
        }
        Duration length = item.delivery().changeover().get();
        List<Changeover.Step> steps = new ArrayList<>();
        usual.forEach(step -> steps
                .add(new Changeover.Step(step.phase(), step.kind(), step.words(), Duration.ZERO)));
        if (length.isPositive()) {
            String words = steps.isEmpty() ? "change over" : steps.getLast().words();
            if (!steps.isEmpty()) {
                steps.removeLast();
            }
            steps.add(new Changeover.Step(Phase.SET_UP, Mark.Kind.KIT, words, length));
        }
        return steps;
    }

    void lay(List<Changeover.Step> steps) {
        steps.forEach(this::lay);
    }

    void lay(Changeover.Step step) {
        tape.mark(step.kind(), step.words());
        tape.clock(step.phase(), step.length(), tape.turn(), step.words());
    }

    /** Lays what takes a length beyond the free time. */
    void lay(Phase phase, Duration length) {
        lay(phase, length, "");
    }

    void lay(Phase phase, Duration length, String words) {
        tape.clock(phase, free.take(length), tape.turn(), words);
    }
}
