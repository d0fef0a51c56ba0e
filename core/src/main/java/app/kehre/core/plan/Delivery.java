package app.kehre.core.plan;

import java.time.Duration;
import java.util.Optional;
import java.util.Set;

import app.kehre.core.brief.School;
import app.kehre.core.exercise.Style;
import app.kehre.core.value.Range;

/**
 * How an item is taught, where that is not the usual way.
 *
 * @param known whether the group knows it already; the first use in a class is new unless it is marked so
 * @param explaining how it is explained
 * @param teaching the style in which it is taught; nothing for its segment's
 * @param changeover how long changing over to it takes, 0 to 600 s; nothing for what its position and load ask
 * @param variant which option is asked for
 * @param layer what is put on top, in the instructor's words; at most {@value #LONGEST_LAYER} characters
 * @param style what of it makes the move harder
 * @param holdingEights eights of a holding pattern before it, over which it is explained, 0 to 16
 * @param locked whether its dose stays as it is when Kehre makes the class fit
 */
public record Delivery(boolean known, Explaining explaining, Optional<School.Teaching> teaching,
        Optional<Duration> changeover, Variant variant,
        String layer, Set<Style> style, int holdingEights, boolean locked) {

    /** The longest layer, in characters. */
    public static final int LONGEST_LAYER = 60;
    /** The length of a changeover. */
    public static final Range CHANGEOVER = Range.ofSeconds("a changeover", 0, 600);
    /** The eights of a holding pattern. */
    public static final Range HOLDING = Range.of("the eights of a holding pattern", 0, 16);
    /** The usual way. */
    public static final Delivery USUAL = new Delivery(false, Explaining.USUAL, Optional.empty(),
            Optional.empty(),
            Variant.STANDARD,
            "", Set.of(), 0, false);

    public Delivery {
        changeover.ifPresent(CHANGEOVER::check);
        HOLDING.check(holdingEights);
        checkLayer(layer);
        style = Style.of(style);
    }

    /**
     * Says what is against a layer, here and for one round.
     *
     * @throws IllegalArgumentException with the sentence
     */
    static void checkLayer(String layer) {
        if (layer.lines().count() > 1) {
            throw new IllegalArgumentException("A layer must be one line, without a line break.");
        }
        if (layer.length() > LONGEST_LAYER) {
            throw new IllegalArgumentException("A layer must be one line of at most %d characters, not %d."
                    .formatted(LONGEST_LAYER, layer.length()));
        }
    }

    /** Returns the same, known or not. */
    public Delivery withKnown(boolean other) {
        return new Delivery(other, explaining, teaching, changeover, variant, layer, style, holdingEights,
                locked);
    }

    /** Returns the same with another way to explain. */
    public Delivery withExplaining(Explaining other) {
        return new Delivery(known, other, teaching, changeover, variant, layer, style, holdingEights, locked);
    }

    /** Returns the same in another teaching style; nothing for the segment's. */
    public Delivery withTeaching(Optional<School.Teaching> other) {
        return new Delivery(known, explaining, other, changeover, variant, layer, style, holdingEights,
                locked);
    }

    /**
     * Returns the same with another changeover.
     *
     * @param other 0 to 600 s; nothing for what its position and load ask
     */
    public Delivery withChangeover(Optional<Duration> other) {
        return new Delivery(known, explaining, teaching, other, variant, layer, style, holdingEights, locked);
    }

    /** Returns the same with another option. */
    public Delivery withVariant(Variant other) {
        return new Delivery(known, explaining, teaching, changeover, other, layer, style, holdingEights,
                locked);
    }

    /** Returns the same with another layer. */
    public Delivery withLayer(String other) {
        return new Delivery(known, explaining, teaching, changeover, variant, other, style, holdingEights,
                locked);
    }

    /** Returns the same with another style. */
    public Delivery withStyle(Set<Style> other) {
        return new Delivery(known, explaining, teaching, changeover, variant, layer, other, holdingEights,
                locked);
    }

    /**
     * Returns the same with another holding pattern.
     *
     * @param other 0 to 16
     */
    public Delivery withHoldingEights(int other) {
        return new Delivery(known, explaining, teaching, changeover, variant, layer, style, other, locked);
    }

    /** Returns the same, locked or not. */
    public Delivery withLocked(boolean other) {
        return new Delivery(known, explaining, teaching, changeover, variant, layer, style, holdingEights,
                other);
    }
}
