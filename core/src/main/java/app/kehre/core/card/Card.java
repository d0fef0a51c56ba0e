package app.kehre.core.card;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

import app.kehre.core.dose.Dose;
import app.kehre.core.dose.DoseNotation;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.value.Reading;

/**
 * The texts of an exercise, field by field, finished or not.
 *
 * @param id the exercise's id, which is no text of the card
 * @param texts the texts; a field that is missing is empty
 */
public record Card(String id, Map<Field, String> texts) {

    /**
     * What came of reading a card.
     *
     * @param exercise the exercise, when every field was understood
     * @param problems a sentence for each field that was not
     */
    public record Outcome(Optional<Exercise> exercise, Map<Field, String> problems) {
        public Outcome {
            problems = Map.copyOf(problems);
        }
    }

    public Card {
        texts = Map.copyOf(texts);
    }

    /** Returns the card of an exercise. */
    public static Card of(Exercise exercise) {
        Map<Field, String> texts = new EnumMap<>(Field.class);
        for (Field field : Field.values()) {
            texts.put(field, CardWords.of(exercise, field));
        }
        return new Card(exercise.id(), texts);
    }

    /** Returns a card with nothing but what most exercises have. */
    public static Card blank(String id) {
        Map<Field, String> texts = new EnumMap<>(Field.class);
        texts.put(Field.IMPACT, "none");
        texts.put(Field.FACING, "front");
        texts.put(Field.LOAD, "none");
        texts.put(Field.METS, "3.5, Kehre's estimate");
        return new Card(id, texts);
    }

    /** Returns the text of a field. */
    public String text(Field field) {
        return texts.getOrDefault(field, "");
    }

    /** Returns the card with another text. */
    public Card with(Field field, String text) {
        Map<Field, String> others = new EnumMap<>(Field.class);
        others.putAll(texts);
        others.put(field, text);
        return new Card(id, others);
    }

    /** Reads the card: the exercise, or what is wrong with which field. */
    public Outcome read() {
        return read(DoseNotation::parse);
    }

    /**
     * Reads the card.
     *
     * @param doses reads a dose, for whoever reads thousands of cards that say mostly the same ones
     */
    public Outcome read(Function<String, Reading<Dose>> doses) {
        return new CardReader(this, doses).read();
    }
}
