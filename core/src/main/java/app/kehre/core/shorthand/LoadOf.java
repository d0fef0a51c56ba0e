package app.kehre.core.shorthand;

import java.util.List;
import java.util.Optional;

import app.kehre.core.exercise.Exercise;
import app.kehre.core.kit.Equipment;
import app.kehre.core.kit.Load;
import app.kehre.core.plan.Item;

/** What the facts of a line make of the usual load of its exercise. */
final class LoadOf {

    private LoadOf() {}

    /** A weight without a number is as many as the exercise usually has. */
    static Item loaded(Item item, List<Fact> facts) {
        Item loaded = item;
        for (Fact fact : facts) {
            if (fact instanceof Fact.With(Load load, boolean open)) {
                loaded = loaded.withLoad(open ? asUsual(load, item.exercise()) : load);
            }
        }
        return loaded;
    }

    private static Load asUsual(Load load, Exercise exercise) {
        if (load.isNone()) {
            return load;
        }
        Load.Piece piece = load.pieces().getFirst();
        Optional<Load.Piece> usual = exercise.usualLoad().find(piece.kit());
        boolean sized = !piece.size().equals(Load.Size.UNSIZED);
        if (usual.isPresent()) {
            return new Load(List.of(new Load.Piece(piece.kit(), sized ? piece.size() : usual.get().size(),
                    usual.get().howMany(), usual.get().where(), 0)));
        }
        // "light" of a band exercise is a light band.
        Optional<Load.Piece> other = exercise.usualLoad().pieces().stream().filter(each -> sized
                && piece.kit() == Equipment.WEIGHT && !(piece.size() instanceof Load.Size.Kilos)).findFirst();
        return other.map(each -> new Load(List.of(
                new Load.Piece(each.kit(), piece.size(), each.howMany(), each.where(), each.risers()))))
                .orElseGet(() -> new Load(List.of(new Load.Piece(piece.kit(), piece.size(),
                        piece.kit() == Equipment.WEIGHT ? 2 : 1, Load.Where.USUAL, 0))));
    }
}
