package app.kehre.desk.plan;

import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import java.util.function.IntConsumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;

import app.kehre.core.plan.Entry;
import app.kehre.core.value.Named;
import app.kehre.core.value.Reading;
import app.kehre.desk.control.InlineField;

/** Rows of a card that can be edited: a word, and a text, a choice or a mark beside it. */
final class CardForm {

    private static final double WORD_WIDTH = 98;

    private final PlanViewModel model;

    CardForm(PlanViewModel model) {
        this.model = model;
    }

    /** Returns a row with a text that is edited where it stands. */
    Node text(String word, String id, Entry entry, String text, String empty,
            BiFunction<Entry, String, Reading<Entry>> reader) {
        InlineField field = new InlineField(word, model.ofEntry(entry.id(), word, reader), model::setHint);
        field.setId(id);
        field.setPromptText(empty);
        field.show(text);
        HBox.setHgrow(field, Priority.ALWAYS);
        return row(word, field);
    }

    /** Returns a row with a choice of a closed list. */
    <T extends Enum<T> & Named> Node choice(String word, String id, Class<T> list, T now,
            Consumer<T> choose) {
        List<T> terms = List.of(list.getEnumConstants());
        return pick(word, id, terms.stream().map(Named::words).toList(), now.words(),
                at -> choose.accept(terms.get(at)));
    }

    /** Returns a row with a choice among words; told the place of the chosen one. */
    static Node pick(String word, String id, List<String> words, String now, IntConsumer choose) {
        MenuButton button = new MenuButton(now);
        button.setId(id);
        button.getStyleClass().addAll("flat", "card-choice");
        for (int i = 0; i < words.size(); i++) {
            int at = i;
            MenuItem item = new MenuItem(words.get(i));
            item.setOnAction(_ -> choose.accept(at));
            button.getItems().add(item);
        }
        return row(word, button);
    }

    /** Returns a mark that is set or not. */
    static Node mark(String words, String id, boolean set, Consumer<Boolean> change) {
        CheckBox box = new CheckBox(words);
        box.setId(id);
        box.setSelected(set);
        box.setOnAction(_ -> change.accept(box.isSelected()));
        return box;
    }

    /** Returns a word with a node beside it. */
    static HBox row(String word, Node node) {
        Label label = new Label(word);
        label.getStyleClass().add("card-word");
        label.setMinWidth(WORD_WIDTH);
        label.setPrefWidth(WORD_WIDTH);
        HBox row = new HBox(6, label, node);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }
}
