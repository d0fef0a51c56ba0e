package app.kehre.core.choreography;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

import app.kehre.core.value.Side;

/** Fits the rounds of stages to a number of phrases: never more, and never less. */
final class Filling {

    private final int phrases;
    private final List<Rung> rungs;
    private final List<String> leftOut = new ArrayList<>();
    private final int least;

    Filling(List<Rung> rungs, Build build, int phrases) {
        this.rungs = rungs;
        this.phrases = phrases;
        for (Rung rung : rungs) {
            Integer own = build.changes().get(rung.key);
            rung.fixed = own != null;
            rung.rounds = own == null ? 1 : own;
        }
        this.least = taken();
        leaveOutTheImpossible();
        drop();
        grow();
    }

    /** Returns the phrases that are more than each stage once. */
    int spare() {
        return Math.max(0, phrases - least);
    }

    /** Returns the phrases that each stage once takes. */
    int least() {
        return least;
    }

    /** Returns the titles of the stages for which there is no time. */
    List<String> leftOut() {
        return leftOut;
    }

    /** Returns the phrases that no stage takes. */
    int left() {
        return phrases - taken();
    }

    private int taken() {
        return rungs.stream().mapToInt(Rung::phrases).sum();
    }

    /** Leaves out what can be missed first, until the rest fits; what the instructor chose goes last. */
    private void drop() {
        while (left() < 0) {
            Optional<Rung> next = rungs.stream().filter(rung -> rung.rounds > 0)
                    .min(Comparator.comparing((Rung rung) -> rung.fixed)
                            .thenComparing(rung -> rung.kind)
                            .thenComparing(rung -> rung.kind == Stage.Kind.REDUCE ? -rung.pass() : 0)
                            .thenComparing(rung -> -rung.combination));
            if (next.isEmpty()) {
                return;
            }
            if (next.get().fixed && next.get().rounds > 1) {
                next.get().rounds--;
            } else {
                leaveOut(next.get());
            }
        }
    }

    /** Leaves out each stage that alone is longer than the time; if it is a finished combination, the stages that lead to it too. */
    private void leaveOutTheImpossible() {
        List<Rung> impossible = rungs.stream()
                .filter(rung -> rung.rounds > 0 && !rung.fixed && rung.phrases() > phrases).toList();
        impossible.forEach(this::leaveOut);
        impossible.stream().filter(rung -> rung.kind == Stage.Kind.FINISHED)
                .forEach(finished -> rungs.stream()
                        .filter(rung -> rung.rounds > 0 && !rung.fixed
                                && rung.combination == finished.combination
                                && rung.kind != Stage.Kind.FINALE)
                        .forEach(this::leaveOut));
    }

    private void leaveOut(Rung rung) {
        leftOut.add(rung.title);
        rung.rounds = 0;
    }

    private void grow() {
        Optional<Rung> next = growing();
        while (next.isPresent()) {
            next.get().rounds++;
            next = growing();
        }
        for (Rung rung : rungs) {
            if (rung.hold() && !rung.fixed && rung.rounds > 0 && left() > 0) {
                rung.rounds++;
            }
        }
    }

    private Optional<Rung> growing() {
        int left = left();
        return rungs.stream()
                .filter(rung -> !rung.hold() && !rung.fixed && rung.rounds > 0 && rung.rounds < rung.most
                        && rung.round() <= left)
                .min(Comparator.comparingDouble(rung -> (double) (rung.rounds + 1) / rung.weight));
    }

    /** Returns the side that a phrase more should lead. */
    static Side behind(int right, int left) {
        return right <= left ? Side.RIGHT : Side.LEFT;
    }
}
