package app.kehre.core.balance;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;

import app.kehre.core.advice.Threshold;
import app.kehre.core.brief.Brief;
import app.kehre.core.brief.Quality;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.value.Lengths;

/**
 * What was promised to the group, and how much of the class serves it.
 *
 * @param what the area or the quality, in words
 * @param is how long it is served: an area by share, of the whole body the region that has least
 * @param least how long it should be at the least
 * @param how in sets, where they say more than minutes: "11 sets, 7 with weights or bands"; may be empty
 */
public record Promise(String what, Duration is, Duration least, String how) {

    /** Returns the areas and then the qualities that were promised. */
    public static List<Promise> of(Assessment assessment) {
        ClassPlan plan = assessment.plan();
        List<Promise> promises = new ArrayList<>();
        plan.brief().goal().areas().stream().sorted().forEach(area -> promises.add(of(area, assessment)));
        Qualities qualities = new Qualities(Use.of(assessment.timeline()), assessment.effort());
        plan.brief().goal().qualities().stream().sorted()
                .forEach(quality -> promises.add(new Promise(quality.words(),
                        seconds(qualities.seconds(quality)), least(plan.brief(), quality),
                        quality == Quality.STRENGTH ? qualities.sets() : "")));
        return promises;
    }

    private static Promise of(Muscle area, Assessment assessment) {
        return new Promise(area.words(), seconds(assessment.ledger().of(area).load()),
                assessment.plan().thresholds().seconds(Threshold.PROMISED),
                sets(assessment.ledger().of(area).sets()));
    }

    private static String sets(int sets) {
        return sets == 0 ? "" : sets == 1 ? "1 set" : sets + " sets";
    }

    private static Duration seconds(double seconds) {
        return Duration.ofSeconds(Math.round(seconds));
    }

    /** Returns how much of its slot a class that promises a quality gives it. */
    static Duration least(Brief brief, Quality quality) {
        return Duration.ofSeconds(brief.slot().toSeconds() * quality.share() / 100);
    }

    /** Returns whether it is kept. */
    public boolean kept() {
        return is.compareTo(least) >= 0;
    }

    /** Returns "strength 11:20 in 11 sets, 7 with weights or bands", and where it is not kept "relaxing 1:10, at least 3:00". */
    public String words() {
        return "%s %s%s%s".formatted(what, Lengths.clock(is), how.isEmpty() ? "" : " in " + how,
                kept() ? "" : ", at least " + Lengths.clock(least));
    }
}
