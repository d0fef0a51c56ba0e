package app.kehre.desk.exercises;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

import app.kehre.core.card.Card;
import app.kehre.core.card.Field;
import app.kehre.core.exercise.Facing;
import app.kehre.core.exercise.Family;
import app.kehre.core.exercise.Impact;
import app.kehre.core.exercise.Pattern;
import app.kehre.core.exercise.Position;
import app.kehre.core.exercise.Resistance;
import app.kehre.core.value.Named;

/** An own exercise, written field by field; what is wrong stands below its field, and nothing typed is lost. */
final class CardEditor extends VBox {

    private static final double WORD = 104;

    private final ExercisesViewModel model;
    private final VBox fields = new VBox(6);
    private final Map<Field, Label> problems = new EnumMap<>(Field.class);
    private final Label heading = new Label();
    private Card card = Card.blank("");

    CardEditor(ExercisesViewModel model) {
        this.model = model;
        heading.getStyleClass().add("heading");
        Button take = new Button("Keep it");
        take.setId("keep-exercise");
        take.getStyleClass().add("go");
        take.setOnAction(_ -> take());
        Button drop = new Button("Drop it");
        drop.setId("drop-exercise");
        drop.setOnAction(_ -> model.stopWriting());
        ScrollPane scroll = new ScrollPane(fields);
        scroll.setFitToWidth(true);
        scroll.setFocusTraversable(false);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.getStyleClass().add("card-scroll");
        fields.getStyleClass().add("detail");
        VBox.setVgrow(scroll, Priority.ALWAYS);
        setSpacing(8);
        getChildren().setAll(heading, scroll, new HBox(8, take, drop));
    }

    /** Starts with the texts of a card. */
    void show(Card start) {
        card = start;
        heading.setText(start.id().isEmpty() ? "A new exercise of your own" : "Your own exercise");
        problems.clear();
        fields.getChildren().setAll(List.of(Field.values()).stream().map(this::row).toList());
    }

    /** Puts the keyboard on the name. */
    void focusFirst() {
        applyCss();
        layout();
        Node first = lookup("#field-name");
        if (first != null) {
            first.requestFocus();
        }
    }

    private Node row(Field field) {
        Label word = new Label(field.words());
        word.getStyleClass().add("card-word");
        word.setMinWidth(WORD);
        word.setPrefWidth(WORD);
        Node input = input(field);
        input.setId("field-" + field.words().toLowerCase(java.util.Locale.ROOT).replace(' ', '-'));
        HBox.setHgrow(input, Priority.ALWAYS);
        HBox line = new HBox(6, word, input);
        line.setAlignment(Pos.CENTER_LEFT);
        Label problem = new Label();
        problem.getStyleClass().add("over");
        problem.setWrapText(true);
        problem.setMinHeight(USE_PREF_SIZE);
        problem.setVisible(false);
        problem.setManaged(false);
        problems.put(field, problem);
        return new VBox(1, line, problem);
    }

    private Node input(Field field) {
        Optional<List<String>> terms = terms(field);
        if (terms.isPresent()) {
            ComboBox<String> box = new ComboBox<>();
            box.getItems().setAll(terms.get());
            box.setPromptText(field.example());
            box.setMaxWidth(Double.MAX_VALUE);
            if (!card.text(field).isEmpty()) {
                box.setValue(card.text(field));
            }
            box.valueProperty().addListener((_, _, chosen) -> typed(field, chosen == null ? "" : chosen));
            return box;
        }
        if (field == Field.HOW) {
            TextArea area = new TextArea(card.text(field));
            area.setPromptText(field.example());
            area.setPrefRowCount(2);
            area.setWrapText(true);
            area.textProperty().addListener((_, _, text) -> typed(field, text));
            return area;
        }
        TextField text = new TextField(card.text(field));
        text.setPromptText(field.example());
        text.textProperty().addListener((_, _, now) -> typed(field, now));
        return text;
    }

    private static Optional<List<String>> terms(Field field) {
        return switch (field) {
            case FAMILY -> words(Family.values());
            case PATTERN -> words(Pattern.values());
            case POSITION -> words(Position.values());
            case FACING -> words(Facing.values());
            case IMPACT -> words(Impact.values());
            case RESISTANCE -> words(Resistance.values());
            case EVERYDAY, STAPLE -> Optional.of(List.of("yes", "no"));
            default -> Optional.empty();
        };
    }

    private static Optional<List<String>> words(Named[] terms) {
        return Optional.of(List.of(terms).stream().map(Named::words).toList());
    }

    private void typed(Field field, String text) {
        card = card.with(field, text);
        show(field, "");
    }

    private void take() {
        Map<Field, String> wrong = model.take(card).problems();
        for (Field field : Field.values()) {
            show(field, wrong.getOrDefault(field, ""));
        }
    }

    private void show(Field field, String sentence) {
        Label problem = problems.get(field);
        if (problem != null) {
            problem.setText(sentence);
            problem.setVisible(!sentence.isEmpty());
            problem.setManaged(!sentence.isEmpty());
        }
    }
}
