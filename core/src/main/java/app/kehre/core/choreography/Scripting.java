package app.kehre.core.choreography;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import app.kehre.core.dose.Counts;
import app.kehre.core.value.Lengths;

/** Writes a script: the stages of the method, as often as they are danced, one after the other. */
final class Scripting {

    private final Build build;
    private final Lesson lesson;
    private final Passes passes;
    private final Ladder ladder;
    private final List<Rung> rungs;

    Scripting(Build build, Lesson lesson) {
        this.build = build;
        this.lesson = lesson;
        Rehearsal rehearsal = new Rehearsal();
        this.passes = new Passes(build.hold(), rehearsal, build.ways().runsOn());
        this.ladder = Ladder.of(build, lesson, passes, rehearsal);
        this.rungs = ladder.rungs();
    }

    Script script() {
        if (rungs.isEmpty()) {
            return new Script(List.of(), Script.Fill.NOTHING, lesson.bpm());
        }
        Filling filling = new Filling(rungs, build);
        Optional<String> refused = build.wish().flatMap(wish -> refused(filling, wish));
        build.wish().ifPresent(wish -> filling.fill(eightsIn(wish.minus(stops()))));
        List<Stage> stages = new Assembly(build, lesson.bpm(), passes).stages(rungs, filling.left());
        return new Script(stages,
                new Script.Fill(filling.natural(), filling.once(), filling.fitted(), filling.leftOut(),
                        ladder.undanceable(), idle(), refused),
                lesson.bpm());
    }

    private Duration stops() {
        return rungs.stream().map(rung -> rung.stop).reduce(Duration.ZERO, Duration::plus);
    }

    /** Returns how many whole eights fit into a time. */
    private int eightsIn(Duration time) {
        int eights = Math.toIntExact(Math.max(0, time.toNanos() / length(1).toNanos()) + 1);
        while (eights > 0 && length(eights).compareTo(time) > 0) {
            eights--;
        }
        return eights;
    }

    private Duration length(int eights) {
        return lesson.bpm().at(2L * Counts.EIGHT * eights);
    }

    /** A wish is measured in the whole seconds that are shown: so the least that is said can be met. */
    private Optional<String> refused(Filling filling, Duration wish) {
        Duration least = length(filling.least()).plus(stops());
        Duration most = length(filling.most()).plus(stops());
        boolean tooShort = Lengths.seconds(wish) < Lengths.seconds(least);
        boolean tooLong = wish.minus(most).compareTo(length(Rung.PHRASE)) >= 0;
        return tooShort || tooLong
                ? Optional.of(("%s cannot be met: as they are set, the stages take %s at least, %s at most."
                        + " Change the rounds, or take the time out.").formatted(Lengths.clock(wish),
                                Lengths.clock(least), Lengths.clock(most)))
                : Optional.empty();
    }

    private List<StageKey> idle() {
        Set<StageKey> there = rungs.stream().map(rung -> rung.label.key())
                .flatMap(key -> Stream.of(key, key.show())).collect(Collectors.toSet());
        return build.own().keySet().stream().filter(key -> !there.contains(key)).sorted().toList();
    }
}
