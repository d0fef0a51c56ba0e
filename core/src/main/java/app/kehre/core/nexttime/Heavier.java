package app.kehre.core.nexttime;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import app.kehre.core.kit.Load;

/** The next size of a load, up or down. */
final class Heavier {

    /** Weights in kilograms go up and down by one: what a hall has lies that far apart. Kehre's estimate. */
    private static final int HALVES = 2;
    private static final int LEAST = 1;
    private static final int MOST = 100;
    private static final List<Load.Size> WORDS = List.of(Load.Size.LIGHT, Load.Size.MEDIUM, Load.Size.HEAVY);

    private Heavier() {}

    /** Returns the load with its first piece a size heavier or lighter; nothing where there is no such size. */
    static Optional<Load> of(Load load, boolean heavier) {
        if (load.isNone()) {
            return Optional.empty();
        }
        Load.Piece first = load.pieces().getFirst();
        return size(first.size(), heavier).map(size -> {
            List<Load.Piece> pieces = new ArrayList<>(load.pieces());
            pieces.set(0, new Load.Piece(first.kit(), size, first.howMany(), first.where(), first.risers()));
            return new Load(pieces, load.orNone());
        });
    }

    private static Optional<Load.Size> size(Load.Size size, boolean heavier) {
        int step = heavier ? 1 : -1;
        return switch (size) {
            case Load.Size.Kilos(int halves) -> {
                int next = halves + step * HALVES;
                yield next < LEAST || next > MOST ? Optional.empty() : Optional.of(new Load.Size.Kilos(next));
            }
            case Load.Size.Word word -> {
                int next = word.equals(Load.Size.UNSIZED)
                        ? (heavier ? WORDS.size() - 1 : 0)
                        : WORDS.indexOf(word) + step;
                yield next < 0 || next >= WORDS.size() ? Optional.empty() : Optional.of(WORDS.get(next));
            }
        };
    }
}
