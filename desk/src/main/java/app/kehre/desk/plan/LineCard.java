package app.kehre.desk.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.beans.property.ObjectProperty;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

import app.kehre.core.exercise.Caution;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Option;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Variant;
import app.kehre.core.typing.EntryText;
import app.kehre.core.value.Named;
import app.kehre.desk.control.CueRows;
import app.kehre.desk.control.Words;
import app.kehre.desk.look.Palette;
import app.kehre.desk.look.Tips;

/** What the instructor wants to know of the selected line: how it is done, its options, whom it may hurt. */
final class LineCard extends ScrollPane {

    private static final String DEFER = "Usual cautions, no diagnosis. Local rules and licensed professionals"
            + " come first.";

    private static final double WORD = 82;

    private final VBox content = new VBox(5);
    private final PlanViewModel model;
    private final TeachingPane teaching;
    private Optional<EntryId> shown = Optional.empty();

    LineCard(PlanViewModel model, ObjectProperty<Palette> palette) {
        this.model = model;
        this.teaching = new TeachingPane(model, palette);
        setId("card");
        setContent(content);
        setFitToWidth(true);
        setFitToHeight(true);
        setHbarPolicy(ScrollBarPolicy.NEVER);
        setFocusTraversable(false);
        getStyleClass().add("card-scroll");
        content.getStyleClass().add("card");
    }

    void show(Optional<Entry> entry) {
        List<Node> rows = new ArrayList<>();
        if (model.pace().shown().get()) {
            rows.addAll(new PacePane(model).rows());
            content.getChildren().setAll(rows);
            return;
        }
        entry.ifPresent(found -> {
            rows.add(heading(found.name()));
            String why = model.plan().why(found);
            if (!why.isEmpty()) {
                rows.add(row("proposed", why));
            }
            found.item().ifPresentOrElse(item -> addExercise(rows, item),
                    () -> rows.add(Words.wrapped(EntryText.gist(found), "soft")));
        });
        entry.ifPresent(found -> rows.addAll(teaching.rows(found)));
        content.getChildren().setAll(rows);
        Optional<EntryId> id = entry.map(Entry::id);
        if (!id.equals(shown)) {
            setVvalue(0);
        }
        shown = id;
    }

    private void addExercise(List<Node> rows, Item item) {
        Exercise exercise = item.exercise();
        rows.add(Words.wrapped(summary(exercise), "soft"));
        rows.add(Words.wrapped(String.join(" ", exercise.coaching().lines()), "how"));
        rows.addAll(CueRows.of(exercise.cues(), WORD));
        rows.add(option(item, Variant.EASIER, words(exercise.easier())));
        rows.add(option(item, Variant.STANDARD, "as described"));
        rows.add(option(item, Variant.HARDER, words(exercise.harder())));
        for (Caution caution : exercise.cautions()) {
            rows.add(caution(item, caution));
        }
        if (!exercise.cautions().isEmpty()) {
            rows.add(Words.wrapped(DEFER, "soft"));
        }
    }

    /** An option; pressing its word makes it the base. */
    private Node option(Item item, Variant variant, String words) {
        ToggleButton word = new ToggleButton(variant.words());
        word.setId("option-" + variant.words());
        word.getStyleClass().setAll("use", "option-word");
        word.setSelected(item.delivery().variant() == variant);
        Tips.say(word, "Make this the base");
        word.setOnAction(_ -> {
            word.setSelected(true);
            model.change("Base of " + item.name(), item.withDelivery(item.delivery().withVariant(variant)));
        });
        word.setMinWidth(WORD);
        word.setMaxWidth(WORD);
        Label right = Words.wrapped(words, "card-text");
        HBox row = new HBox(6, word, right);
        row.setAlignment(Pos.TOP_LEFT);
        HBox.setHgrow(right, Priority.ALWAYS);
        return row;
    }

    private Node caution(Item item, Caution caution) {
        int people = model.plan().brief().group().with(caution.limit());
        Exercise instead = item.instead().get(caution.limit());
        String here = people == 0 ? "" : " (%d here)".formatted(people);
        String answer = instead == null ? "" : "; instead: " + instead.name();
        return row(caution.limit().words(), caution.advice() + here + answer);
    }

    private static String summary(Exercise exercise) {
        String muscles = exercise.main().stream().map(Named::words).collect(Collectors.joining(", "));
        return exercise.position().words() + (muscles.isEmpty() ? "" : " \u00b7 " + muscles);
    }

    private static String words(Option option) {
        return option.name() + ": " + option.change();
    }

    private static Node heading(String text) {
        Label label = Words.wrapped(text, "heading");
        label.setPadding(new javafx.geometry.Insets(2, 0, 0, 0));
        return label;
    }

    private static Node row(String word, String text) {
        return Words.row(word, WORD, text);
    }
}
