package app.kehre.desk.brief;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;

import app.kehre.core.brief.Brief;
import app.kehre.core.value.Reading;
import app.kehre.desk.control.InlineField;

/** The rows of the Brief place: each knows how to show the brief, and changes it. */
final class BriefForm {

    private final BriefViewModel model;
    private final List<Consumer<Brief>> shows = new ArrayList<>();

    BriefForm(BriefViewModel model) {
        this.model = model;
    }

    /** Shows a brief in all rows that were made. */
    void show(Brief brief) {
        shows.forEach(each -> each.accept(brief));
    }

    /** Does something with each brief that is shown. */
    void whenShown(Consumer<Brief> shown) {
        shows.add(shown);
    }

    /** Returns a text that is edited where it stands. */
    InlineField text(String id, String name, double width, Function<Brief, String> text,
            BiFunction<Brief, String, Reading<Brief>> reader) {
        InlineField field = new InlineField(name, model.typed(name, reader), model::hint);
        field.setId(id);
        field.setPrefWidth(width);
        field.setMaxWidth(width);
        field.setMinWidth(width);
        shows.add(brief -> field.show(text.apply(brief)));
        return field;
    }

    /** Returns a mark that is set or not. */
    Node mark(String id, String words, Function<Brief, Boolean> set,
            BiFunction<Brief, Boolean, Brief> change) {
        CheckBox box = new CheckBox(words);
        box.setId(id);
        box.setOnAction(_ -> model.change(words, brief -> change.apply(brief, box.isSelected())));
        shows.add(brief -> box.setSelected(set.apply(brief)));
        return box;
    }

    /** Returns a word that is chosen or not. */
    Node chip(String id, String words, Function<Brief, Boolean> set,
            BiFunction<Brief, Boolean, Brief> change) {
        ToggleButton chip = new ToggleButton(words);
        chip.setId(id);
        chip.getStyleClass().setAll("chip");
        chip.setOnAction(_ -> model.change("Promise of " + words,
                brief -> change.apply(brief, chip.isSelected())));
        shows.add(brief -> chip.setSelected(set.apply(brief)));
        return chip;
    }

    /** Returns a choice among words. */
    <T> MenuButton choice(String id, String name, Map<String, T> terms, Function<Brief, String> now,
            BiFunction<Brief, T, Brief> change) {
        MenuButton button = new MenuButton();
        button.setId(id);
        button.getStyleClass().addAll("flat", "chosen");
        terms.forEach((words, term) -> {
            MenuItem item = new MenuItem(words);
            item.setOnAction(_ -> model.change(name, brief -> change.apply(brief, term)));
            button.getItems().add(item);
        });
        shows.add(brief -> button.setText(now.apply(brief)));
        return button;
    }

    /** Returns a word with what it is about beside it. */
    static HBox row(String word, double width, Node... nodes) {
        Label label = new Label(word);
        label.getStyleClass().add("soft");
        label.setMinWidth(width);
        label.setPrefWidth(width);
        HBox row = new HBox(6, label);
        row.getChildren().addAll(nodes);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    /** Returns terms by their words, in their order. */
    static <T> Map<String, T> inOrder(List<T> terms, Function<T, String> words) {
        Map<String, T> map = new LinkedHashMap<>();
        terms.forEach(term -> map.put(words.apply(term), term));
        return map;
    }
}
