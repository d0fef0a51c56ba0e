package app.kehre.core.hall;

import java.time.Duration;
import java.util.Optional;

import app.kehre.core.choreography.Cue;
import app.kehre.core.choreography.Script;
import app.kehre.core.choreography.Stage;
import app.kehre.core.dose.Counts;
import app.kehre.core.music.Bpm;
import app.kehre.core.plan.BuildUp;
import app.kehre.core.plan.Entry;
import app.kehre.core.teaching.Moment;
import app.kehre.core.timeline.Phase;
import app.kehre.core.timeline.Span;
import app.kehre.core.timeline.Timeline;

/**
 * Where a build-up stands: the running count and what is to be announced on it.
 *
 * @param stage the stage that is taught
 * @param move what is danced
 * @param at the count of the build-up, from 0
 * @param cue the cue that runs; none between cues
 * @param next the stage that follows in the build-up
 */
public record Counting(Stage stage, String move, int at, Optional<Cue> cue, Optional<Stage> next) {

    private static final int EIGHTS = 4;

    /** Finds where a build-up stands; nothing outside of one and while the group changes over to it. */
    public static Optional<Counting> of(Moment moment, Timeline timeline) {
        Optional<Span> span = moment.span().filter(found -> found.phase() == Phase.WORK);
        return span.flatMap(found -> moment.entry()
                .flatMap(entry -> of(entry, found, moment.place(), timeline)));
    }

    private static Optional<Counting> of(Entry entry, Span span, Duration place, Timeline timeline) {
        Script script = timeline.scripts().get(entry.id());
        if (script == null || !(entry instanceof BuildUp build)) {
            return Optional.empty();
        }
        Duration start = timeline.ofEntry(entry.id()).end().minus(script.length());
        int stage = span.turn().stage().orElseThrow() - 1;
        int at = countAt(place.minus(start).minus(script.stopped(stage)), script.bpm());
        Optional<Stage> next = stage + 1 < script.stages().size()
                ? Optional.of(script.stages().get(stage + 1))
                : Optional.empty();
        return Optional.of(new Counting(script.stages().get(stage), span.words(), at,
                script.cues(build.build().mirrored()).stream().filter(cue -> cue.runs(at)).findFirst(),
                next));
    }

    /** The last count that has begun. */
    private static int countAt(Duration into, Bpm bpm) {
        int count = (int) (into.toNanos() / bpm.at(2).toNanos());
        while (bpm.at(2L * (count + 1)).compareTo(into.plusNanos(1)) <= 0) {
            count++;
        }
        return count;
    }

    /** Returns the count in the eight, 1 to 8. */
    public int count() {
        return at % Counts.EIGHT + 1;
    }

    /** Returns the eight in the phrase, 1 to 4. */
    public int eight() {
        return at / Counts.EIGHT % EIGHTS + 1;
    }

    /** Returns what to say on this count; empty between cues. */
    public String said() {
        return cue.map(found -> found.said(at)).orElse("");
    }

    /** Returns the sign and the instructor's own foot: "three fingers up, you lead left"; empty between cues. */
    public String shown() {
        return cue.map(found -> "%s, you lead %s".formatted(found.sign(), found.own().word())).orElse("");
    }
}
