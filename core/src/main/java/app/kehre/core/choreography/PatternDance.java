package app.kehre.core.choreography;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import org.jspecify.annotations.Nullable;

import app.kehre.core.dose.CountPattern;
import app.kehre.core.dose.Counts.Pace;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.footwork.Derived;
import app.kehre.core.footwork.Row;
import app.kehre.core.footwork.Stance;
import app.kehre.core.value.Side;

/** Lays the rows of a count pattern one after the other. */
final class PatternDance {

    private final Exercise move;
    private final Row row;
    private final CountPattern pattern;
    private final List<DancedMove> moves = new ArrayList<>();
    private final List<Patterned.Unfit> unfit = new ArrayList<>();
    private final Pace pace;
    private Side lead;
    private @Nullable Stance stance;

    PatternDance(Exercise move, Row row, CountPattern pattern, Side lead) {
        this.move = move;
        this.row = row;
        this.pattern = pattern;
        this.lead = lead;
        this.pace = pattern.pace() == Pace.DOUBLE_TIME && row.syncopated() ? Pace.NORMAL : pattern.pace();
    }

    Patterned danced() {
        if (pace != pattern.pace()) {
            unfit.add(new Patterned.Unfit(0,
                    "%s has steps between the counts, so it cannot be done in double time."
                            .formatted(move.name()),
                    pattern.parts().getFirst().counts()));
        }
        for (int time = 0; time < pattern.times(); time++) {
            for (int at = 0; at < pattern.parts().size(); at++) {
                lay(at, time == 0);
            }
        }
        return new Patterned(new Combination(shortened(move.name()), moves, true), unfit);
    }

    private void lay(int at, boolean first) {
        CountPattern.Part asked = pattern.parts().get(at);
        Optional<Row> derived = Derived.of(row, asked.words());
        Row danced = derived.orElse(row);
        int left = asked.counts() % danced.counts();
        int times = Math.max(1, asked.counts() / danced.counts());
        if (first && derived.isEmpty()) {
            unfit.add(new Patterned.Unfit(at, "%s: %s is done on the bench and cannot travel there and back."
                    .formatted(asked.words(), move.name()), asked.counts()));
        } else if (first && left != 0) {
            unfit.add(odd(at, asked, danced));
        }
        Exercise named = move.withFootwork(danced).withName(move.name() + ", " + asked.words());
        for (int rest = times; rest > 0; rest -= DancedMove.TIMES.most()) {
            add(named, Math.clamp(rest, 1, Math.toIntExact(DancedMove.TIMES.most())));
        }
    }

    private Patterned.Unfit odd(int at, CountPattern.Part asked, Row danced) {
        int whole = Math.max(1, Math.ceilDiv(2 * asked.counts() - danced.counts(), 2 * danced.counts()))
                * danced.counts();
        return new Patterned.Unfit(at, "%s: once takes %d counts, which does not go into %d.".formatted(
                asked.words(), danced.counts(), asked.counts()), whole);
    }

    private void add(Exercise named, int times) {
        if (moves.size() < Combination.MOVES.most()) {
            DancedMove danced = DancedMove.of(named, lead).withTimes(times).withPace(pace);
            Stance before = stance == null ? Combination.start(List.of(danced), move.onStep()) : stance;
            moves.add(danced);
            stance = Dance.outcome(List.of(danced), before).end();
            lead = stance.free() == Side.BOTH ? lead : stance.free();
        }
    }

    private static String shortened(String name) {
        return name.substring(0, Math.min(name.length(), Combination.LONGEST_NAME));
    }
}
