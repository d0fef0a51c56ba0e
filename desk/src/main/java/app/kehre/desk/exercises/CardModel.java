package app.kehre.desk.exercises;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

import app.kehre.core.card.Card;
import app.kehre.core.card.Field;
import app.kehre.core.card.Follows;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.people.Limit;

/** An own exercise while it is written: like another one, then only what differs. Nothing typed is lost. */
final class CardModel {

    private final ExercisesViewModel exercises;
    private final ReadOnlyObjectWrapper<Card> card = new ReadOnlyObjectWrapper<>(Card.blank(""));
    private final ReadOnlyObjectWrapper<Map<Field, String>> problems = new ReadOnlyObjectWrapper<>(Map.of());
    private Optional<Exercise> like = Optional.empty();

    CardModel(ExercisesViewModel exercises) {
        this.exercises = exercises;
    }

    /** Starts with the texts of a card. */
    void start(Card other) {
        like = Optional.empty();
        problems.set(Map.of());
        card.set(other);
    }

    /** Returns the card as it stands. */
    ReadOnlyObjectProperty<Card> card() {
        return card.getReadOnlyProperty();
    }

    /** Returns what is wrong with which field since it was last to be kept. */
    ReadOnlyObjectProperty<Map<Field, String>> problems() {
        return problems.getReadOnlyProperty();
    }

    /** Returns the exercise that it is like. */
    Optional<Exercise> like() {
        return like;
    }

    void type(Field field, String text) {
        change(each -> each.with(field, text));
    }

    void change(UnaryOperator<Card> change) {
        card.set(change.apply(card.get()));
    }

    /** Takes over all of another exercise but its names. */
    void like(Exercise other) {
        like = Optional.of(other);
        Card same = new Card(card.get().id(), Card.of(other).texts());
        card.set(same.with(Field.NAME, card.get().text(Field.NAME)).with(Field.OTHER_NAMES, ""));
    }

    /** Finds exercises that it may be like. */
    List<Exercise> find(String typed) {
        return exercises.library().search(typed).stream().filter(each -> !each.id().equals(card.get().id()))
                .limit(8).toList();
    }

    /** Returns what follows from what is said so far; empty while too little is said. */
    List<String> follows() {
        Card named = card.get().text(Field.NAME).isBlank()
                ? card.get().with(Field.NAME, "New exercise")
                : card.get();
        return new Card("new-exercise", named.texts()).read().exercise()
                .map(exercise -> Follows.of(exercise, exercises.brief())).orElse(List.of());
    }

    /** Takes it over as an own exercise, or says what is wrong. */
    void keep() {
        problems.set(exercises.take(card.get()).problems());
    }

    /** Returns in one sentence what keeps it from being kept, for who does not see the texts. */
    String trouble() {
        return problems.get().entrySet().stream().min(Map.Entry.comparingByKey())
                .map(each -> !card.get().text(Field.DOSE).isEmpty()
                        ? "%s: %s".formatted(each.getKey().words(), each.getValue())
                        : "Say which exercise it is like, or fill in its texts.")
                .orElse("");
    }

    void drop() {
        exercises.stopWriting();
    }

    /** Returns how many of the group have a limit. */
    int people(Limit limit) {
        return exercises.brief().group().with(limit);
    }

    Optional<Exercise> named(String id) {
        return exercises.find(id);
    }
}
