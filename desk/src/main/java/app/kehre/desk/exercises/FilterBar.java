package app.kehre.desk.exercises;

import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.FlowPane;

import app.kehre.core.choosing.Filter;
import app.kehre.core.exercise.Impact;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.exercise.Pattern;
import app.kehre.core.exercise.Position;
import app.kehre.core.exercise.Role;
import app.kehre.core.value.Named;

/** The filters, each a word that says what it leaves. */
final class FilterBar extends FlowPane {

    private final ExercisesViewModel model;

    FilterBar(ExercisesViewModel model) {
        super(12, 5);
        this.model = model;
        getChildren().setAll(
                choice("role", "any segment", Role.class, Filter::role,
                        (now, role) -> new Filter(role, now.area(), now.pattern(), now.position(),
                                now.impact(), now.kitAtHand(), now.cautionFree(), now.ownOnly())),
                choice("area", "any area", Muscle.class, Filter::area,
                        (now, area) -> new Filter(now.role(), area, now.pattern(), now.position(),
                                now.impact(), now.kitAtHand(), now.cautionFree(), now.ownOnly())),
                choice("pattern", "any pattern", Pattern.class, Filter::pattern,
                        (now, pattern) -> new Filter(now.role(), now.area(), pattern, now.position(),
                                now.impact(), now.kitAtHand(), now.cautionFree(), now.ownOnly())),
                choice("position", "any position", Position.class, Filter::position,
                        (now, position) -> new Filter(now.role(), now.area(), now.pattern(), position,
                                now.impact(), now.kitAtHand(), now.cautionFree(), now.ownOnly())),
                choice("impact", "any impact", Impact.class, Filter::impact,
                        (now, impact) -> new Filter(now.role(), now.area(), now.pattern(), now.position(),
                                impact, now.kitAtHand(), now.cautionFree(), now.ownOnly())),
                mark("at-hand", "kit is here", (now, set) -> new Filter(now.role(), now.area(),
                        now.pattern(), now.position(), now.impact(), set, now.cautionFree(), now.ownOnly())),
                mark("caution-free", "no caution for this group", (now, set) -> new Filter(now.role(),
                        now.area(), now.pattern(), now.position(), now.impact(), now.kitAtHand(), set,
                        now.ownOnly())),
                mark("own-only", "my own", (now, set) -> new Filter(now.role(), now.area(), now.pattern(),
                        now.position(), now.impact(), now.kitAtHand(), now.cautionFree(), set)));
    }

    private <T extends Enum<T> & Named> Node choice(String id, String any, Class<T> list,
            Function<Filter, Optional<T>> now, BiFunction<Filter, Optional<T>, Filter> change) {
        MenuButton button = new MenuButton(any);
        button.setId("filter-" + id);
        button.getStyleClass().addAll("flat", "filter");
        MenuItem all = new MenuItem(any);
        all.setOnAction(_ -> model.filter().set(change.apply(model.filter().get(), Optional.empty())));
        button.getItems().add(all);
        for (T term : List.of(list.getEnumConstants())) {
            MenuItem item = new MenuItem(term.words());
            item.setOnAction(
                    _ -> model.filter().set(change.apply(model.filter().get(), Optional.of(term))));
            button.getItems().add(item);
        }
        model.filter().addListener((_, _, filter) -> {
            button.setText(now.apply(filter).map(Named::words).orElse(any));
            button.getStyleClass().remove("chosen");
            if (now.apply(filter).isPresent()) {
                button.getStyleClass().add("chosen");
            }
        });
        return button;
    }

    private Node mark(String id, String words, BiFunction<Filter, Boolean, Filter> change) {
        CheckBox box = new CheckBox(words);
        box.setId("filter-" + id);
        box.setOnAction(_ -> model.filter().set(change.apply(model.filter().get(), box.isSelected())));
        return box;
    }
}
