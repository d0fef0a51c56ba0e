package app.kehre.desk.exercises;

import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.OverrunStyle;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import org.jspecify.annotations.Nullable;

import app.kehre.core.exercise.Exercise;
import app.kehre.core.value.Named;

/** A row of the library: the name, what it works and where, and how much energy it takes. */
final class ExerciseCell extends ListCell<Exercise> {

    private final ExercisesViewModel model;
    private final Label name = new Label();
    private final Label own = new Label();
    private final Label below = new Label();
    private final Label mets = new Label();
    private final HBox row;

    ExerciseCell(ExercisesViewModel model) {
        this.model = model;
        name.getStyleClass().add("choice-name");
        name.setTextOverrun(OverrunStyle.CENTER_ELLIPSIS);
        own.getStyleClass().addAll("soft", "small");
        below.getStyleClass().addAll("soft", "small");
        mets.getStyleClass().addAll("soft", "small");
        mets.setMinWidth(USE_PREF_SIZE);
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox first = new HBox(8, name, own);
        first.setAlignment(Pos.BASELINE_LEFT);
        VBox words = new VBox(0, first, below);
        words.setMinWidth(0);
        row = new HBox(8, words, gap, mets);
        row.setAlignment(Pos.CENTER_LEFT);
        setPrefWidth(0);
    }

    @Override
    protected void updateItem(@Nullable Exercise item, boolean empty) {
        super.updateItem(item, empty);
        if (item == null || empty) {
            setGraphic(null);
            return;
        }
        name.setText(item.name());
        own.setText(model.isOwn(item) ? "my own" : model.used(item));
        String muscles = item.main().stream().map(Named::words).collect(Collectors.joining(", "));
        String kit = item.equipment().stream().sorted().map(each -> each.noun(1))
                .collect(Collectors.joining(", "));
        below.setText(item.position().words() + (muscles.isEmpty() ? "" : " \u00b7 " + muscles)
                + (kit.isEmpty() ? "" : " \u00b7 " + kit));
        mets.setText(item.work().mets().number() + " METs");
        setGraphic(row);
    }
}
