package app.kehre.trials.balance;

import java.time.Duration;

import app.kehre.core.exercise.Role;
import app.kehre.core.plan.Pause;
import app.kehre.core.testing.Plans;

import static app.kehre.core.testing.Ids.line;

/** Pauses that are longer than usual. */
final class Longer {

    private Longer() {}

    /** Adds a pause of a minute and a half in which nobody moves. */
    static Plans pause(Plans plans) {
        return plans.segment("Pause", Role.PAUSE, 120)
                .entry(Pause.of(line(1), Pause.Kind.WATER).withLength(Duration.ofSeconds(90)));
    }
}
