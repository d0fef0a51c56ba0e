package app.kehre.core.choreography;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

import app.kehre.core.exercise.Exercise;
import app.kehre.core.footwork.Slip;
import app.kehre.core.footwork.Stance;
import app.kehre.core.footwork.Walk;
import app.kehre.core.value.Side;

/**
 * What could come at a point of a combination: the moves that fit first.
 *
 * @param free the foot that is free there; both at the start and after landing on both
 * @param stance how one stands there
 * @param countsLeft the counts left in the phrase, 1 to 32
 * @param count the count after which it would come, 0 at the start
 * @param moves in order
 */
public record Fits(Side free, Stance stance, int countsLeft, int count, List<Fit> moves) {
    public Fits {
        moves = List.copyOf(moves);
    }

    /**
     * Finds what could come before a place of a combination.
     *
     * @param at the place, 0 to the number of moves
     */
    public static Fits of(Combination combination, int at, List<Exercise> moves) {
        List<DancedMove> before = combination.moves().subList(0, at);
        boolean step = combination.moves().isEmpty() || combination.onStep();
        Stance stance = before.isEmpty()
                ? combination.start().on(Side.BOTH)
                : Dance.outcome(before, Combination.start(before, combination.onStep())).end();
        int half = before.stream().mapToInt(DancedMove::halfCounts).sum();
        int left = Combination.PHRASE - half / 2 % Combination.PHRASE;
        Side lead = stance.free() == Side.BOTH ? combination.lead() : stance.free();
        Set<String> used = combination.moves().stream().map(danced -> danced.move().id())
                .collect(Collectors.toSet());
        List<Fit> found = moves.stream().map(move -> fit(move, lead, stance, left, before.isEmpty()))
                .sorted(Comparator.comparing((Fit fit) -> !fit.fits())
                        .thenComparing(fit -> fit.danced().move().onStep() != step)
                        .thenComparing(fit -> fit.danced().turnIn() != 0)
                        .thenComparing(fit -> used.contains(fit.danced().move().id())))
                .toList();
        return new Fits(stance.free(), stance, left, half / 2, found);
    }

    private static Fit fit(Exercise move, Side lead, Stance stance, int left, boolean first) {
        DancedMove danced = turned(DancedMove.of(move, lead), stance, first);
        Optional<Slip> slip = first ? Optional.empty() : slip(danced, stance);
        if (slip.isPresent()) {
            return new Fit(danced, false, slip.get().words());
        }
        if (danced.counts() > left) {
            return new Fit(danced, false,
                    "%d counts, %d are left in the phrase".formatted(danced.counts(), left));
        }
        return new Fit(danced, true, "%d, %s%s".formatted(danced.counts(), danced.facts().after().words(),
                danced.turnIn() == 0 ? "" : ", " + danced.details()));
    }

    private static Optional<Slip> slip(DancedMove danced, Stance stance) {
        return Walk.of(danced.row(0), danced.lead(), stance, danced.turnIn()).slips().stream().findFirst();
    }

    private static DancedMove turned(DancedMove danced, Stance stance, boolean first) {
        if (first || slip(danced, stance).isEmpty()) {
            return danced;
        }
        for (int quarters : new int[]{1, -1, 2}) {
            if (slip(danced.withTurnIn(quarters), stance).isEmpty()) {
                return danced.withTurnIn(quarters);
            }
        }
        return danced;
    }
}
