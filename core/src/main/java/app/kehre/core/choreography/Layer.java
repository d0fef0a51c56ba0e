package app.kehre.core.choreography;

import java.util.ArrayList;
import java.util.List;

import app.kehre.core.dose.Counts.Pace;
import app.kehre.core.exercise.Style;
import app.kehre.core.footwork.Derived;
import app.kehre.core.footwork.Row;

/** What is laid over a plain base, in the order in which it is added. */
enum Layer {
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
                    : ahead.withMove(
                            part.move().withFootwork(plain).withName(part.move().name() + ", plain"));
        }
    },
    RHYTHM("rhythm", "rhythm") {
        @Override
        Part without(Part part) {
            return part.pace() == Pace.HALF_TIME && part.times() * 2 <= Part.TIMES.most()
                    ? part.withPace(Pace.NORMAL).withTimes(part.times() * 2)
                    : part.pace() == Pace.DOUBLE_TIME && part.times() % 2 == 0
                            ? part.withPace(Pace.NORMAL).withTimes(part.times() / 2)
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
