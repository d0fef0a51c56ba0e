package app.kehre.desk.exercises;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

import app.kehre.core.card.Field;
import app.kehre.core.exercise.Facing;
import app.kehre.core.exercise.Family;
import app.kehre.core.exercise.Impact;
import app.kehre.core.exercise.Pattern;
import app.kehre.core.exercise.Position;
import app.kehre.core.exercise.Resistance;
import app.kehre.core.value.Named;

/** An own exercise, written field by field; what is wrong stands below its field. */
final class TextCard extends VBox {

    private static final double WORD = 104;

    private final CardModel model;
    private final Map<Field, Label> problems = new EnumMap<>(Field.class);

    TextCard(CardModel model) {
        super(6);
        this.model = model;
        getStyleClass().add("detail");
        model.problems().subscribe(wrong -> {
            for (Field field : Field.values()) {
                show(field, wrong.getOrDefault(field, ""));
            }
        });
    }

    /** Shows the texts of the card. */
    void show() {
        problems.clear();
        getChildren().setAll(List.of(Field.values()).stream().filter(field -> field != Field.NAME)
                .map(this::row).toList());
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
            if (!model.card().get().text(field).isEmpty()) {
                box.setValue(model.card().get().text(field));
            }
            box.valueProperty().addListener((_, _, chosen) -> typed(field, chosen == null ? "" : chosen));
            return box;
        }
        if (field == Field.HOW) {
            TextArea area = new TextArea(model.card().get().text(field));
            area.setPromptText(field.example());
            area.setPrefRowCount(2);
            area.setWrapText(true);
            area.textProperty().addListener((_, _, text) -> typed(field, text));
            return area;
        }
        TextField text = new TextField(model.card().get().text(field));
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
        model.type(field, text);
        show(field, "");
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
