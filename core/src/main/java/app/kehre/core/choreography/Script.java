package app.kehre.core.choreography;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;

import app.kehre.core.music.Bpm;
import app.kehre.core.value.Lengths;
import app.kehre.core.value.Side;

/**
 * The way combinations are built up before the group, phrase by phrase, in the time there is. A pure function
 * of the build-up and the tempo.
 *
 * @param stages in order
 * @param phrases how many there are
 * @param spare how many are more than each stage once
 * @param least how many each stage once takes
 * @param leftOut the titles of the stages for which there is no time
 * @param bpm the tempo of the music
 */
public record Script(List<Stage> stages, int phrases, int spare, int least, List<String> leftOut, Bpm bpm) {
    public Script {
        stages = List.copyOf(stages);
        leftOut = List.copyOf(leftOut);
    }

    /** Writes the script of a build-up at a tempo. */
    public static Script of(Build build, Bpm bpm) {
        int phrases = phrasesIn(build.time(), bpm);
        Rehearsal rehearsal = new Rehearsal();
        Passes passes = new Passes(build.hold(), rehearsal);
        List<Rung> rungs = Ladder.of(build, passes, rehearsal);
        if (rungs.isEmpty()) {
            return new Script(List.of(), 0, 0, 0, List.of(), bpm);
        }
        Filling filling = new Filling(rungs, build, phrases);
        return new Script(new Assembly(build, bpm, passes).stages(rungs, filling.left()), phrases,
                filling.spare(),
                filling.least(), filling.leftOut(), bpm);
    }

    /** Returns how many whole phrases fit into a time. */
    public static int phrasesIn(Duration time, Bpm bpm) {
        int phrases = (int) (time.toNanos() / bpm.at(2L * Combination.PHRASE).toNanos()) + 1;
        while (phrases > 0 && lengthOf(phrases, bpm).compareTo(time) > 0) {
            phrases--;
        }
        return phrases;
    }

    private static Duration lengthOf(int phrases, Bpm bpm) {
        return bpm.at(2L * Combination.PHRASE * phrases);
    }

    /** Returns the exact length. */
    public Duration length() {
        return lengthOf(stages.stream().mapToInt(Stage::phrases).sum(), bpm);
    }

    /** Returns when a stage begins, from the start of the build-up. */
    public Duration start(Stage stage) {
        return lengthOf(stage.from(), bpm);
    }

    /** Returns how long a stage lasts, as it is shown: each boundary rounded on its own. */
    public Duration shown(Stage stage) {
        return Lengths.between(start(stage), lengthOf(stage.from() + stage.phrases(), bpm));
    }

    /** Returns how many phrases a side leads. */
    public int phrases(Side lead) {
        return stages.stream().mapToInt(stage -> stage.phrases(lead)).sum();
    }

    /** Returns all passes, in order. */
    public List<Pass> passes() {
        return stages.stream().flatMap(stage -> stage.passes().stream()).toList();
    }

    /** Returns whether all of it can be danced. */
    public boolean works() {
        return passes().stream().allMatch(Pass::works);
    }

    /** Returns the cues, in order. */
    public List<Cue> cues(boolean mirrored) {
        return new Cues(this, mirrored).all();
    }

    /** Returns "39 phrases, 12 to spare" and what is uneven or left out. */
    public String words() {
        List<String> words = new ArrayList<>();
        words.add(phrases == 1 ? "1 phrase" : phrases + " phrases");
        words.add(leftOut.isEmpty()
                ? "%d to spare".formatted(spare)
                : "%d too few for all stages".formatted(least - phrases));
        int more = phrases(Side.RIGHT) - phrases(Side.LEFT);
        if (more != 0) {
            words.add("the %s leads %d more".formatted((more > 0 ? Side.RIGHT : Side.LEFT).word(),
                    Math.abs(more)));
        }
        return String.join(", ", words);
    }
}
