package app.kehre.core.log;

import java.time.LocalDateTime;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

import app.kehre.core.brief.School;
import app.kehre.core.pace.Quantity;

/**
 * What the instructor wants of the pace that is learned.
 *
 * @param pinned values that stay, whatever is seen
 * @param since from when on classes count; what was seen before is forgotten
 */
public record PaceWishes(Map<Key, Double> pinned, Map<Key, LocalDateTime> since) {

    /** Nothing is wanted. */
    public static final PaceWishes NONE = new PaceWishes(Map.of(), Map.of());

    /**
     * A quantity of the pace.
     *
     * @param quantity which
     * @param style the teaching style, where it depends on it; else the first
     */
    public record Key(Quantity quantity, School.Teaching style) implements Comparable<Key> {

        public Key {
            style = quantity.byStyle() ? style : School.Teaching.FOLLOW_ME;
        }

        @Override
        public int compareTo(Key other) {
            int first = quantity.compareTo(other.quantity);
            return first == 0 ? style.compareTo(other.style) : first;
        }
    }

    /**
     * Checks the values.
     *
     * @throws IllegalArgumentException with the sentence, when one is out of range
     */
    public PaceWishes {
        pinned.forEach((key, value) -> key.quantity.problem(value).ifPresent(sentence -> {
            throw new IllegalArgumentException(sentence);
        }));
        pinned = Map.copyOf(pinned);
        since = Map.copyOf(since);
    }

    /** Returns the value that stays. */
    public Optional<Double> pinned(Key key) {
        return Optional.ofNullable(pinned.get(key));
    }

    /** Returns whether a class counts that was begun at a time. */
    boolean counts(Key key, LocalDateTime began) {
        LocalDateTime from = since.get(key);
        return from == null || !began.isBefore(from);
    }

    /**
     * Returns the wishes with a value that stays; nothing lets it be learned again.
     *
     * @param value in the unit of the quantity; nothing lets it go
     */
    public PaceWishes withPinned(Key key, Optional<Double> value) {
        Map<Key, Double> others = new TreeMap<>(pinned);
        others.remove(key);
        value.ifPresent(each -> others.put(key, each));
        return new PaceWishes(others, since);
    }

    /** Returns the wishes in which a quantity is learned from classes from a time on, and has no value that stays. */
    public PaceWishes withReset(Key key, LocalDateTime from) {
        Map<Key, LocalDateTime> others = new TreeMap<>(since);
        others.put(key, from);
        return new PaceWishes(withPinned(key, Optional.empty()).pinned, others);
    }

    /** Returns these wishes, and those of others for what nothing is wanted of here. */
    public PaceWishes or(PaceWishes others) {
        Map<Key, Double> values = new TreeMap<>(pinned);
        Map<Key, LocalDateTime> times = new TreeMap<>(since);
        others.pinned.forEach((key, value) -> {
            if (!since.containsKey(key)) {
                values.putIfAbsent(key, value);
            }
        });
        others.since.forEach((key, time) -> {
            if (!pinned.containsKey(key)) {
                times.putIfAbsent(key, time);
            }
        });
        return new PaceWishes(values, times);
    }
}
