package app.kehre.core.timeline;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;

/** What a pause or a rest leaves for what comes after it: changing over and explaining happen inside it as far as it goes. */
final class FreeTime {

    private Duration left = Duration.ZERO;

    /** Returns another with as much. */
    FreeTime copy() {
        FreeTime other = new FreeTime();
        other.left = left;
        return other;
    }

    /** Says how much there is now. */
    void is(Duration length) {
        left = length;
    }

    /** Says that so much comes to it. */
    void more(Duration length) {
        left = left.plus(length);
    }

    /** Takes as much of it as a length needs. Returns what is still needed. */
    Duration take(Duration length) {
        Duration saved = length.compareTo(left) < 0 ? length : left;
        left = left.minus(saved);
        return length.minus(saved);
    }

    /** Takes as much of it as the steps need, in their order. Returns them with what is still needed. */
    List<Changeover.Step> take(List<Changeover.Step> usual) {
        List<Changeover.Step> steps = new ArrayList<>();
        for (Changeover.Step step : usual) {
            steps.add(new Changeover.Step(step.phase(), step.kind(), step.words(), take(step.length())));
        }
        return steps;
    }
}
