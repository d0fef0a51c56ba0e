package app.kehre.core.pace;

import java.time.Duration;
import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Predicate;

import app.kehre.core.brief.School;
import app.kehre.core.exercise.Role;

/**
 * How long people take in a class: a value for each {@link Quantity}, where it depends on how it is taught one for each teaching
 * style. What is not said is usual.
 *
 * @param values one for each quantity, in range
 * @param ownReps how many times its natural length a rep of an exercise is, by its id; what is not there is as
 *     {@link Quantity#REPS}
 * @param ofKind a quantity in one kind of segment; what is not there is as everywhere
 */
public record Pace(Map<Quantity, ByStyle> values, Map<String, Double> ownReps, Map<PaceKind, Double> ofKind) {

    private static final int MILLIS = 1000;

    /** The pace of a usual group. */
    public static final Pace USUAL = new Pace(Map.of(), Map.of(), Map.of());
    /** The pace of an older group. */
    public static final Pace OLDER = USUAL.with(Quantity.FLOOR, Quantity.FLOOR_OLDER);

    /**
     * Completes the values with the usual ones.
     *
     * @throws IllegalArgumentException when a value is out of its range, with the sentence
     */
    public Pace {
        Map<Quantity, ByStyle> all = new EnumMap<>(Quantity.class);
        for (Quantity quantity : Quantity.values()) {
            ByStyle value = values.getOrDefault(quantity, quantity.usual());
            for (School.Teaching style : School.Teaching.values()) {
                quantity.problem(value.in(style)).ifPresent(sentence -> {
                    throw new IllegalArgumentException(sentence);
                });
            }
            all.put(quantity, value);
        }
        values = Collections.unmodifiableMap(all);
        ownReps = Collections.unmodifiableMap(new TreeMap<>(ownReps));
        ofKind = Collections.unmodifiableMap(new TreeMap<>(ofKind));
        ofKind.forEach((kind, value) -> kind.quantity().problem(value).ifPresent(sentence -> {
            throw new IllegalArgumentException(sentence);
        }));
        ownReps.values().forEach(times -> Quantity.REPS.problem(times).ifPresent(sentence -> {
            throw new IllegalArgumentException(sentence);
        }));
    }

    /** Returns the usual pace of a group. */
    public static Pace usual(boolean older) {
        return older ? OLDER : USUAL;
    }

    /** Returns a pace at which nothing costs time but the work itself: for trying doses alone. */
    public static Pace withoutWaits() {
        Map<Quantity, ByStyle> none = new EnumMap<>(Quantity.class);
        for (Quantity quantity : Quantity.values()) {
            if (quantity.isWait()) {
                none.put(quantity, ByStyle.all(0));
            }
        }
        return new Pace(none, Map.of(), Map.of());
    }

    /** Returns a quantity in its unit. */
    public double of(Quantity quantity, School.Teaching style) {
        ByStyle value = values.get(quantity);
        return value == null ? quantity.usual().in(style) : value.in(style);
    }

    /** Returns a quantity in a kind of segment, in its unit. */
    public double of(Quantity quantity, School.Teaching style, Role role) {
        double everywhere = of(quantity, style);
        return ofKind.isEmpty() || !quantity.byStyle()
                ? everywhere
                : ofKind.getOrDefault(new PaceKind(quantity, style, role), everywhere);
    }

    /** Returns a quantity of seconds in a kind of segment as a length. */
    public Duration length(Quantity quantity, School.Teaching style, Role role) {
        return Duration.ofMillis(Math.round(of(quantity, style, role) * MILLIS));
    }

    /** Returns the same with other values in kinds of segments. */
    public Pace withOfKind(Map<PaceKind, Double> other) {
        return new Pace(values, ownReps, other);
    }

    /** Returns a quantity that is the same in all styles, in its unit. */
    public double of(Quantity quantity) {
        return of(quantity, School.Teaching.FOLLOW_ME);
    }

    /** Returns how many times its natural length a rep of an exercise is. */
    public double reps(String exercise) {
        return ownReps.getOrDefault(exercise, of(Quantity.REPS));
    }

    /** Returns the same with other lengths of reps by exercise. */
    public Pace withOwnReps(Map<String, Double> other) {
        return new Pace(values, other, ofKind);
    }

    /** Returns a quantity of seconds as a length. */
    public Duration length(Quantity quantity, School.Teaching style) {
        return Duration.ofMillis(Math.round(of(quantity, style) * MILLIS));
    }

    /** Returns a quantity of seconds that is the same in all styles as a length. */
    public Duration length(Quantity quantity) {
        return length(quantity, School.Teaching.FOLLOW_ME);
    }

    /**
     * Returns the same with another value in all styles, and in all kinds of segments.
     *
     * @param value in the unit of the quantity and in its range
     */
    public Pace with(Quantity quantity, double value) {
        return with(quantity, ByStyle.all(value), kind -> kind.quantity() == quantity);
    }

    /**
     * Returns the same with another value in a style, in all kinds of segments; in all where it does not depend on the style.
     *
     * @param value in the unit of the quantity and in its range
     */
    public Pace with(Quantity quantity, School.Teaching style, double value) {
        ByStyle before = values.getOrDefault(quantity, quantity.usual());
        return with(quantity, quantity.byStyle() ? before.with(style, value) : ByStyle.all(value),
                kind -> kind.quantity() == quantity && kind.style() == style);
    }

    private Pace with(Quantity quantity, ByStyle value, Predicate<PaceKind> gone) {
        Map<Quantity, ByStyle> others = new EnumMap<>(Quantity.class);
        others.putAll(values);
        others.put(quantity, value);
        Map<PaceKind, Double> kinds = new TreeMap<>(ofKind);
        kinds.keySet().removeIf(gone);
        return new Pace(others, ownReps, kinds);
    }

}
