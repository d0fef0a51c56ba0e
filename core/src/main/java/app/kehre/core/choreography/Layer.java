package app.kehre.core.choreography;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import app.kehre.core.dose.Counts.Pace;
import app.kehre.core.exercise.Style;
import app.kehre.core.footwork.Derived;
import app.kehre.core.footwork.Row;

/** What is laid over a plain base, in the order in which it is added. */
enum Layer {
    /** The moves themselves, where the instructor teaches another one first. */
    MOVES("moves", "the moves themselves") {
        @Override
        DancedMove without(DancedMove danced) {
            return danced.plainly();
        }
    },
    ARMS("arms", "arms") {
        @Override
        DancedMove without(DancedMove danced) {
            return danced.withArms("").without(Style.ARMS, Style.OVERHEAD);
        }
    },
    DIRECTION("direction", "direction") {
        @Override
        DancedMove without(DancedMove danced) {
            Row row = danced.move().footwork().orElseThrow();
            Row plain = Derived.plain(row);
            DancedMove ahead = danced.withTurnIn(0).without(Style.DIRECTION, Style.TRAVEL);
            return plain.equals(row)
                    ? ahead
                    : ahead.withPlain(Optional.empty()).withMove(
                            danced.move().withFootwork(plain).withName(danced.move().name() + ", plain"));
        }
    },
    RHYTHM("rhythm", "rhythm") {
        @Override
        DancedMove without(DancedMove danced) {
            DancedMove alone = danced.withPlain(Optional.empty());
            return danced.pace() == Pace.HALF_TIME && danced.times() * 2 <= DancedMove.TIMES.most()
                    ? alone.withPace(Pace.NORMAL).withTimes(danced.times() * 2)
                    : danced.pace() == Pace.DOUBLE_TIME && danced.times() % 2 == 0
                            ? alone.withPace(Pace.NORMAL).withTimes(danced.times() / 2)
                            : danced;
        }
    },
    HOP("hop", "hop as an option") {
        @Override
        DancedMove without(DancedMove danced) {
            return danced.withHop(false);
        }
    };

    private final String key;
    private final String words;

    Layer(String key, String words) {
        this.key = key;
        this.words = words;
    }

    /** What is stored of it. */
    String key() {
        return key;
    }

    String words() {
        return words;
    }

    abstract DancedMove without(DancedMove danced);

    /** The layer of the moves themselves, where there is one. */
    static List<Layer> ofMoves(List<DancedMove> moves) {
        return of(moves).stream().filter(layer -> layer == MOVES).toList();
    }

    List<DancedMove> without(List<DancedMove> moves) {
        return moves.stream().map(this::without).toList();
    }

    /** The layers that moves have. */
    static List<Layer> of(List<DancedMove> moves) {
        List<Layer> found = new ArrayList<>();
        for (Layer layer : values()) {
            if (!layer.without(moves).equals(moves)) {
                found.add(layer);
            }
        }
        return found;
    }

    /** The moves without any of the layers. */
    static List<DancedMove> plain(List<DancedMove> moves, List<Layer> layers) {
        List<DancedMove> plain = moves;
        for (Layer layer : layers) {
            plain = layer.without(plain);
        }
        return plain;
    }
}
