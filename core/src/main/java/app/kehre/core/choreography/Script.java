package app.kehre.core.choreography;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import app.kehre.core.dose.Counts;
import app.kehre.core.music.Bpm;
import app.kehre.core.value.Lengths;
import app.kehre.core.value.Side;

/**
 * The way combinations are built up before the group, stage by stage. A pure function of the build-up and of where it
 * is taught.
 *
 * @param stages in order
 * @param fill how the stages came to their rounds
 * @param bpm the tempo of the music
 */
public record Script(List<Stage> stages, Fill fill, Bpm bpm) {

    /**
     * How stages came to their rounds.
     *
     * @param natural the eights that they take by themselves
     * @param once the eights that each of them takes once
     * @param fitted what the wished time made of them: "finished, 2 rounds more"
     * @param leftOut the titles of the stages for which the wished time is too short
     * @param undanceable the titles of the stages that cannot be danced on both leads
     * @param idle the keys of the instructor's own rounds that no stage of this way of building up has
     * @param refused why the wished time cannot be met; empty where it can, and without a wish
     */
    public record Fill(int natural, int once, List<String> fitted, List<String> leftOut,
            List<String> undanceable,
            List<StageKey> idle, Optional<String> refused) {

        /** Nothing is built up yet. */
        static final Fill NOTHING = new Fill(0, 0, List.of(), List.of(), List.of(), List.of(),
                Optional.empty());

        public Fill {
            fitted = List.copyOf(fitted);
            leftOut = List.copyOf(leftOut);
            undanceable = List.copyOf(undanceable);
            idle = List.copyOf(idle);
        }
    }

    public Script {
        stages = List.copyOf(stages);
    }

    /** Writes the script of a build-up. */
    public static Script of(Build build, Lesson lesson) {
        return new Scripting(build, lesson).script();
    }

    /** Returns the exact length. */
    public Duration length() {
        return start(stages.size());
    }

    /** Returns how many eights there are. */
    public int eights() {
        return stages.stream().mapToInt(Stage::eights).sum();
    }

    /** Returns when a stage begins, with the stop before it, from the start of the build-up. */
    public Duration start(Stage stage) {
        return start(indexOf(stage));
    }

    /** By being the same object: comparing stages would compare all their moves. */
    private int indexOf(Stage stage) {
        int index = 0;
        while (index < stages.size() && stages.get(index) != stage) {
            index++;
        }
        return index;
    }

    private Duration start(int index) {
        Duration at = Duration.ZERO;
        int eights = 0;
        for (Stage before : stages.subList(0, index)) {
            at = at.plus(before.stop());
            eights += before.eights();
        }
        return at.plus(bpm.at(2L * Counts.EIGHT * eights));
    }

    /** Returns how long a stage lasts, as it is shown: each boundary rounded on its own. */
    public Duration shown(Stage stage) {
        int index = indexOf(stage);
        return Lengths.between(start(index), start(index + 1));
    }

    /**
     * Returns for how long the work has stopped when a stage, from 0, is danced.
     *
     * @param stage from 0
     */
    public Duration stopped(int stage) {
        return stages.subList(0, stage + 1).stream().map(Stage::stop).reduce(Duration.ZERO, Duration::plus);
    }

    /**
     * Returns its build-up with the wish to take so many eights; nothing where no build-up is so short or so long.
     *
     * @param eights eights of music, 1 or more
     */
    public Optional<Build> wishing(Build build, int eights) {
        Duration time = bpm.at(2L * Counts.EIGHT * eights)
                .plus(stages.isEmpty() ? Duration.ZERO : stopped(stages.size() - 1));
        Duration whole = Duration.ofSeconds(Math.ceilDiv(time.toNanos(), 1_000_000_000L));
        return Optional.of(whole).filter(each -> Build.TIME.problem(each).isEmpty())
                .map(each -> build.withWish(Optional.of(each)));
    }

    /** Returns the cue with which a stage begins; none before the first. */
    public Optional<Cue> cue(Stage stage, List<Cue> cues) {
        int at = stage.from() * Counts.EIGHT;
        return cues.stream().filter(each -> each.at() == at).findFirst();
    }

    /** Returns how long a side leads. */
    public Duration led(Side lead) {
        return bpm.at(2L * Counts.EIGHT * eights(lead));
    }

    /** Returns how many eights a side leads. */
    public int eights(Side lead) {
        return stages.stream().mapToInt(stage -> stage.eights(lead)).sum();
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

    /** Returns "39 phrases, 9:54", and how much a wish made of it. */
    public String lengthWords() {
        int more = eights() - fill.natural();
        return "%s, %s%s".formatted(BuildUpWords.length(eights()), Lengths.clock(length()), more == 0
                ? ""
                : ", %s %s than by itself".formatted(BuildUpWords.length(Math.abs(more)),
                        more > 0 ? "more" : "less"));
    }

    /** Returns the same, and by how much one side leads more. */
    public String words() {
        List<String> words = new ArrayList<>(List.of(lengthWords()));
        int apart = eights(Side.RIGHT) - eights(Side.LEFT);
        if (apart != 0) {
            words.add("the %s leads %s more".formatted((apart > 0 ? Side.RIGHT : Side.LEFT).word(),
                    BuildUpWords.length(Math.abs(apart))));
        }
        return String.join(", ", words);
    }

    /** Returns what of the build-up is not danced as it was asked for, a sentence each; none where all of it is. */
    public List<String> missing() {
        List<String> sentences = new ArrayList<>();
        fill.refused().ifPresent(sentences::add);
        if (!fill.leftOut().isEmpty()) {
            sentences.add("No time for: %s.".formatted(String.join("; ", fill.leftOut())));
        }
        if (!fill.undanceable().isEmpty()) {
            sentences.add("Cannot be danced on both leads: %s."
                    .formatted(String.join("; ", fill.undanceable())));
        }
        if (!fill.idle().isEmpty()) {
            sentences.add("Set, but no stage of this way of building up: %s."
                    .formatted(String.join(", ", fill.idle().stream().map(StageKey::text).toList())));
        }
        return sentences;
    }
}
