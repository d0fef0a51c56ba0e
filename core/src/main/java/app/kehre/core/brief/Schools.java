package app.kehre.core.brief;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;

/**
 * How this class answers the questions on which practitioners differ.
 *
 * @param chosen the answers that are not Kehre's
 */
public record Schools(Map<Question, School> chosen) {

    /** Kehre's answers throughout. */
    public static final Schools USUAL = new Schools(Map.of());

    public Schools {
        Map<Question, School> others = new EnumMap<>(Question.class);
        chosen.forEach((question, school) -> {
            if (school.question() != question) {
                throw new IllegalArgumentException("\"%s\" is no answer to \"%s\", but to \"%s\"."
                        .formatted(school.words(), question.words(), school.question().words()));
            }
            if (school != question.usual() || question.byClass()) {
                others.put(question, school);
            }
        });
        chosen = Map.copyOf(others);
    }

    /** Returns the answer to a question. */
    public School of(Question question) {
        return chosen.getOrDefault(question, question.usual());
    }

    /** Returns the teaching style, if one was chosen. */
    Optional<School.Teaching> teaching() {
        return Optional.ofNullable((School.Teaching) chosen.get(Question.TEACHING));
    }

    /** Returns what the warm-up is made of. */
    public School.WarmUp warmUp() {
        return (School.WarmUp) of(Question.WARM_UP);
    }

    /** Returns whether held stretches come first. */
    public School.FirstStretch firstStretch() {
        return (School.FirstStretch) of(Question.FIRST_STRETCH);
    }

    /** Returns how long a stretch is held. */
    public School.StretchHold hold() {
        return (School.StretchHold) of(Question.HOLD);
    }

    /** Returns what drives time. */
    public School.Time time() {
        return (School.Time) of(Question.TIME);
    }

    /** Returns how the sides follow each other. */
    public School.Sides sides() {
        return (School.Sides) of(Question.SIDES);
    }

    /** Returns how far knees go in squats and lunges. */
    public School.Knees knees() {
        return (School.Knees) of(Question.KNEES);
    }

    /** Returns how high the impact may be. */
    public School.Impact impact() {
        return (School.Impact) of(Question.IMPACT);
    }

    /** Returns what an equal dose is. */
    public School.EqualDose equalDose() {
        return (School.EqualDose) of(Question.DOSE);
    }

    /** Returns in which order areas are toned. */
    public School.Order order() {
        return (School.Order) of(Question.ORDER);
    }

    /** Returns how the group rests. */
    public School.Rest rest() {
        return (School.Rest) of(Question.REST);
    }

    /** Returns the answers with Kehre's own to a question. */
    public Schools without(Question question) {
        Map<Question, School> others = new EnumMap<>(Question.class);
        others.putAll(chosen);
        others.remove(question);
        return new Schools(others);
    }

    /** Returns the answers with another one. */
    public Schools with(School school) {
        Map<Question, School> others = new EnumMap<>(Question.class);
        others.putAll(chosen);
        others.put(school.question(), school);
        return new Schools(others);
    }
}
