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
        Part without(Part part) {
            return part.plainly();
        }
    },
    ARMS("arms", "arms") {
        @Override
        Part without(Part part) {
            return part.withArms("").without(Style.ARMS, Style.OVERHEAD);
        }
    },
    DIRECTION("direction", "direction") {
        @Override
        Part without(Part part) {
            Row row = part.move().footwork().orElseThrow();
            Row plain = Derived.plain(row);
            Part ahead = part.withTurnIn(0).without(Style.DIRECTION, Style.TRAVEL);
            return plain.equals(row)
                    ? ahead
                    : ahead.withPlain(Optional.empty()).withMove(
                            part.move().withFootwork(plain).withName(part.move().name() + ", plain"));
        }
    },
    RHYTHM("rhythm", "rhythm") {
        @Override
        Part without(Part part) {
            Part alone = part.withPlain(Optional.empty());
            return part.pace() == Pace.HALF_TIME && part.times() * 2 <= Part.TIMES.most()
                    ? alone.withPace(Pace.NORMAL).withTimes(part.times() * 2)
                    : part.pace() == Pace.DOUBLE_TIME && part.times() % 2 == 0
                            ? alone.withPace(Pace.NORMAL).withTimes(part.times() / 2)
                            : part;
        }
    },
    HOP("hop", "hop as an option") {
        @Override
        Part without(Part part) {
            return part.withHop(false);
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

    abstract Part without(Part part);

    /** The layer of the moves themselves, where there is one. */
    static List<Layer> ofMoves(List<Part> parts) {
        return of(parts).stream().filter(layer -> layer == MOVES).toList();
    }

    List<Part> without(List<Part> parts) {
        return parts.stream().map(this::without).toList();
    }

    /** The layers that moves have. */
    static List<Layer> of(List<Part> parts) {
        List<Layer> found = new ArrayList<>();
        for (Layer layer : values()) {
            if (!layer.without(parts).equals(parts)) {
                found.add(layer);
            }
        }
        return found;
    }

    /** The moves without any of the layers. */
    static List<Part> plain(List<Part> parts, List<Layer> layers) {
        List<Part> plain = parts;
        for (Layer layer : layers) {
            plain = layer.without(plain);
        }
        return plain;
    }
}
