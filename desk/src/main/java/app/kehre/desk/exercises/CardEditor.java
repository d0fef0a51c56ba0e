package app.kehre.desk.exercises;

import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

import app.kehre.core.card.Card;
import app.kehre.core.card.Field;
import app.kehre.core.exercise.Exercise;
import app.kehre.desk.control.ChoiceField;
import app.kehre.desk.control.Words;

/** An own exercise: its name, what it is like, then only what differs; what follows is said at once. */
final class CardEditor extends VBox {

    private final CardModel model;
    private final Label heading = Words.plain("", "heading");
    private final TextField name = new TextField();
    private final ChoiceField<Exercise> like;
    private final VBox follows = new VBox(2);
    private final Label trouble = Words.wrapped("", "over");
    private final PointedCard pointed;
    private final TextCard texts;
    private final ScrollPane scroll = new ScrollPane();
    private final ToggleButton asText = new ToggleButton("All its texts");

    CardEditor(ExercisesViewModel exercises) {
        super(8);
        model = new CardModel(exercises);
        pointed = new PointedCard(model);
        texts = new TextCard(model);
        like = new ChoiceField<>(model::find,
                exercise -> exercise.name() + "\t" + exercise.position().words(),
                this::takeLike, () -> {});
        like.setId("like");
        like.setPromptText("Split squat");
        like.setAccessibleText("Like which exercise");
        name.setId("field-name");
        name.setPromptText(Field.NAME.example());
        name.setAccessibleText("Name of the exercise");
        name.textProperty().addListener((_, _, text) -> model.type(Field.NAME, text));
        trouble.setId("card-trouble");
        asText.setId("card-texts");
        asText.getStyleClass().setAll("chip");
        asText.setOnAction(_ -> showBody());
        follows.setId("card-follows");
        model.card().addListener(_ -> showFollows());
        model.problems().addListener(_ -> showTrouble());
        lay();
    }

    private void lay() {
        Button keep = Words.button("keep-exercise", "Keep it   Ctrl+Enter", model::keep);
        keep.getStyleClass().add("go");
        Button drop = Words.button("drop-exercise", "Drop it", model::drop);
        scroll.setFitToWidth(true);
        scroll.setFocusTraversable(false);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.getStyleClass().add("card-scroll");
        VBox.setVgrow(scroll, Priority.ALWAYS);
        HBox.setHgrow(name, Priority.ALWAYS);
        HBox.setHgrow(like, Priority.ALWAYS);
        HBox first = new HBox(8, Words.plain("name", "card-word"), name, Words.plain("like", "card-word"),
                like);
        first.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        addEventFilter(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() == KeyCode.ENTER && event.isShortcutDown()) {
                model.keep();
                event.consume();
            }
        });
        getChildren().setAll(heading, first, follows, scroll, trouble, new HBox(8, keep, drop, asText));
    }

    /** Starts with the texts of a card. */
    void show(Card start) {
        model.start(start);
        heading.setText(start.id().isEmpty() ? "A new exercise of your own" : "Your own exercise");
        name.setText(start.text(Field.NAME));
        like.clear();
        asText.setSelected(false);
        showBody();
        showFollows();
        showTrouble();
    }

    /** Puts the keyboard on the name. */
    void focusFirst() {
        name.requestFocus();
    }

    private void takeLike(Exercise other) {
        model.like(other);
        showBody();
        if (asText.isSelected()) {
            name.requestFocus();
        } else {
            pointed.focusFirst();
        }
        like.setText(other.name());
    }

    private void showBody() {
        if (asText.isSelected()) {
            texts.show();
            scroll.setContent(texts);
        } else {
            pointed.show();
            scroll.setContent(pointed);
        }
        boolean said = asText.isSelected() || model.like().isPresent()
                || !model.card().get().text(Field.DOSE).isEmpty();
        scroll.setVisible(said);
    }

    private void showFollows() {
        follows.getChildren().setAll(model.follows().stream()
                .map(sentence -> Words.wrapped(sentence, "soft", "small")).toList());
    }

    private void showTrouble() {
        String words = asText.isSelected() ? "" : model.trouble();
        trouble.setText(words);
        trouble.setVisible(!words.isEmpty());
        trouble.setManaged(!words.isEmpty());
    }
}
