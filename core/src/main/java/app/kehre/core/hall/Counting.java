package app.kehre.core.hall;

import java.time.Duration;
import java.util.Optional;

import app.kehre.core.choreography.Cue;
import app.kehre.core.choreography.DancedMove;
import app.kehre.core.choreography.Pass;
import app.kehre.core.choreography.Script;
import app.kehre.core.choreography.Stage;
import app.kehre.core.dose.Counts;
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
        int stage = span.turn().stage().orElseThrow() - 1;
        int at = countAt(script.stages().get(stage), span, place, timeline);
        Optional<Stage> next = stage + 1 < script.stages().size()
                ? Optional.of(script.stages().get(stage + 1))
                : Optional.empty();
        return Optional.of(new Counting(script.stages().get(stage), span.words(), at,
                script.cues(build.build().mirrored()).stream().filter(cue -> cue.runs(at)).findFirst(),
                next));
    }

    /** The last count that has begun. A move that is stayed on stays on its last count; a pass danced again counts again. */
    private static int countAt(Stage stage, Span now, Duration place, Timeline timeline) {
        int into = 0;
        for (int i = timeline.indexAt(place) - 1; i >= 0 && sameStage(timeline.spans().get(i), now); i--) {
            into += timeline.spans().get(i).done().move().map(DancedMove::halfCounts).orElse(0);
        }
        int whole = 2 * Counts.EIGHT * stage.eights();
        int passes = 2 * Counts.EIGHT * again(stage);
        into = into < whole ? into : whole - passes + (into - whole) % passes;
        return stage.from() * Counts.EIGHT + (into + within(now, place)) / 2;
    }

    private static boolean sameStage(Span one, Span other) {
        return one.entry().equals(other.entry()) && one.turn().stage().equals(other.turn().stage());
    }

    /** The half-counts of a move that are over. */
    private static int within(Span now, Duration place) {
        int planned = now.done().move().map(DancedMove::halfCounts).orElse(1);
        int counts = now.done().move().map(DancedMove::counts).orElse(1);
        double amount = Math.max(1, now.done().amount());
        double share = now.partDone(place.plusNanos(1)) * amount / counts;
        return Math.min(planned - 1, (int) (share * planned));
    }

    /** The eights of the passes that are danced again: one on each lead, where there are two. */
    private static int again(Stage stage) {
        int last = stage.passes().size() - 1;
        boolean bothLeads = last > 0
                && stage.passes().get(last).lead() != stage.passes().get(last - 1).lead();
        return stage.passes().subList(bothLeads ? last - 1 : last, last + 1).stream().mapToInt(Pass::eights)
                .sum();
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
