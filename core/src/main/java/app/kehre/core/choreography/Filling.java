package app.kehre.core.choreography;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

import app.kehre.core.value.Side;

/**
 * Chooses how often stages are danced: each as long as it takes by itself, or, where a time is wished, so often that
 * it is met. What the instructor fixed is never changed.
 */
final class Filling {

    private final List<Rung> rungs;
    private final List<String> leftOut = new ArrayList<>();
    private final List<Combination> combinations;
    private final int natural;
    private int wish;

    Filling(List<Rung> rungs, Build build) {
        this.rungs = rungs;
        this.combinations = build.combinations();
        for (Rung rung : rungs) {
            take(rung, build);
        }
        this.natural = taken();
        this.wish = natural;
    }

    /** Takes over what the instructor set of a stage and of what comes before it. */
    private static void take(Rung rung, Build build) {
        StageKey key = rung.label.key();
        Optional.ofNullable(build.own().get(key)).ifPresent(rung::fix);
        if (!rung.hold() && rung.rounds() > 0) {
            boolean held = build.own().get(key.hold()) instanceof Rounds.Held hold && hold.phrases() > 0;
            if (build.own().get(key.show()) instanceof Rounds.Shown shown) {
                rung.stop = shown.length();
            }
            rung.kept = held || !rung.stop.isZero();
        }
    }

    /** Returns the eights that the stages take by themselves. */
    int natural() {
        return natural;
    }

    /** Returns the eights of each stage danced once, and of what is fixed. */
    int once() {
        return rungs.stream().mapToInt(rung -> rung.fixed ? rung.eights() : rung.once()).sum();
    }

    /** Returns the least eights that are possible: what is set, and the shortest finished dance where nothing is. */
    int least() {
        int stays = rungs.stream().filter(rung -> rung.fixed || rung.kept)
                .mapToInt(rung -> rung.fixed ? rung.eights() : rung.once()).sum();
        boolean danced = rungs.stream()
                .anyMatch(rung -> rung.kept || rung.fixed && !rung.hold() && rung.rounds() > 0);
        return danced
                ? stays
                : stays + shortest(Rung::taught).or(() -> shortest(rung -> !rung.hold())).orElse(0);
    }

    private Optional<Integer> shortest(Predicate<Rung> wanted) {
        return rungs.stream().filter(free(wanted)).map(Rung::once).min(Comparator.naturalOrder());
    }

    /** Returns the most eights that are possible. */
    int most() {
        return rungs.stream().mapToInt(rung -> rung.fixed
                ? rung.eights()
                : rung.growth.most() * rung.round() + (rung.walks() ? 2 * Rung.PHRASE : 0)).sum();
    }

    /** Chooses the rounds so that they take so many eights, or as near as it is possible. */
    void fill(int eights) {
        wish = Math.min(Math.max(eights, least()), most());
        shrink();
        leaveOutTheImpossible();
        drop();
        grow();
    }

    /** Returns what the wish made of the stages: "finished, 2 rounds more". */
    List<String> fitted() {
        List<String> words = new ArrayList<>();
        for (Rung rung : rungs) {
            int more = rung.rounds() - rung.growth.natural();
            if (!rung.fixed && rung.rounds() > 0 && more != 0) {
                String what = rung.hold() ? "phrase" : "round";
                words.add("%s, %d %s%s %s".formatted(name(rung), Math.abs(more), what,
                        Math.abs(more) == 1 ? "" : "s", more > 0 ? "more" : "less"));
            }
        }
        if (left() >= Rung.PHRASE) {
            words.add("%s of a hold before the first".formatted(BuildUpWords.length(left() / 4 * 4)));
        }
        return words;
    }

    private String name(Rung rung) {
        return rung.label.kind() == Stage.Kind.FINISHED
                ? combinations.get(rung.label.combination()).name() + ", finished"
                : rung.label.title();
    }

    /** Returns the titles of the stages for which there is no time. */
    List<String> leftOut() {
        return leftOut;
    }

    /** Returns the eights that no stage takes, where they may be filled with holds. */
    int left() {
        return rungs.stream().allMatch(rung -> rung.fixed) ? 0 : wish - taken();
    }

    private int taken() {
        return rungs.stream().mapToInt(Rung::eights).sum();
    }

    private static Predicate<Rung> free(Predicate<Rung> wanted) {
        return rung -> !rung.fixed && wanted.test(rung);
    }

    /** Dances what comes most often less often, down to once. */
    private void shrink() {
        Optional<Rung> next = Optional.empty();
        do {
            next.ifPresent(rung -> rung.set(rung.rounds() - 1));
            next = rungs.stream().filter(free(rung -> rung.rounds() > 1))
                    .max(Comparator.comparingDouble(rung -> (double) rung.rounds() / rung.growth.weight()));
        } while (taken() > wish && next.isPresent());
    }

    /** Leaves out what can be missed first, until the rest fits; a dance is always left. */
    private void drop() {
        while (taken() > wish) {
            Optional<Rung> next = rungs.stream()
                    .filter(free(rung -> rung.rounds() > 0 && !rung.kept && !isLastDance(rung)))
                    .min(Comparator.comparing((Rung rung) -> rung.label.kind())
                            .thenComparing(rung -> rung.label.kind() == Stage.Kind.REDUCE ? -rung.pass() : 0)
                            .thenComparing(rung -> -rung.label.combination()));
            if (next.isEmpty()) {
                return;
            }
            leaveOut(next.get());
        }
    }

    private boolean isLastDance(Rung rung) {
        return !rung.hold()
                && rungs.stream().noneMatch(other -> other != rung && !other.hold() && other.rounds() > 0);
    }

    /** Leaves out each stage that alone is longer than the time; if it is a finished combination, the stages that lead to it too. */
    private void leaveOutTheImpossible() {
        for (Rung rung : rungs) {
            boolean impossible = !rung.fixed && !rung.kept && rung.rounds() > 0 && rung.eights() > wish;
            if (impossible) {
                leaveOut(rung);
                if (rung.label.kind() == Stage.Kind.FINISHED) {
                    rungs.stream().filter(free(other -> other.rounds() > 0 && !other.kept
                            && other.label.combination() == rung.label.combination()
                            && other.label.kind() != Stage.Kind.FINALE)).forEach(this::leaveOut);
                }
            }
        }
    }

    private void leaveOut(Rung rung) {
        leftOut.add(name(rung));
        rung.set(0);
    }

    private void grow() {
        Optional<Rung> next = growing();
        while (next.isPresent()) {
            next.get().set(next.get().rounds() + 1);
            next = growing();
        }
        for (Rung rung : rungs) {
            if (rung.hold() && !rung.fixed && rung.right > 0 && left() >= Rung.PHRASE) {
                rung.set(rung.right + 1);
            }
        }
    }

    private Optional<Rung> growing() {
        int left = left();
        return rungs.stream()
                .filter(free(rung -> !rung.hold() && rung.rounds() > 0 && rung.rounds() < rung.growth.most()
                        && rung.round() <= left))
                .min(Comparator
                        .comparingDouble(rung -> (double) (rung.rounds() + 1) / rung.growth.weight()));
    }

    /** Returns the side that a phrase more should lead. */
    static Side behind(int right, int left) {
        return right <= left ? Side.RIGHT : Side.LEFT;
    }
}
