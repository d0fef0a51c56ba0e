package app.kehre.desk.plan;

import javafx.scene.control.OverrunStyle;

import org.jspecify.annotations.Nullable;

import app.kehre.core.edit.Addables;
import app.kehre.core.plan.Circuit;
import app.kehre.desk.control.ChoiceField;

/** The name of a line: typing in it offers other exercises, and another name for a pause. */
final class NameCell extends RowCell {

    private static final String IN_CIRCUIT = "in-circuit";
    private static final String CIRCUIT = "circuit";

    private final PlanViewModel model;

    NameCell(PlanViewModel model) {
        this.model = model;
        label.setTextOverrun(OverrunStyle.CENTER_ELLIPSIS);
    }

    @Override
    public void startEdit() {
        Row row = getItem();
        if (row == null || isEditing()) {
            return;
        }
        super.startEdit();
        ChoiceField<Addables.Addable> field = new ChoiceField<>(
                typed -> model.choices().replacements(row.entry(), typed), PlanView::choiceWords, chosen -> {
                    cancelEdit();
                    model.replace(row.entry(), chosen);
                }, this::leave);
        field.setId("name-editor");
        field.setPromptText(row.entry().name());
        field.focusedProperty().addListener((_, _, focused) -> {
            if (!focused && isEditing()) {
                cancelEdit();
            }
        });
        setGraphic(field);
        field.requestFocus();
    }

    private void leave() {
        if (isEditing()) {
            cancelEdit();
            getTableView().requestFocus();
        }
    }

    @Override
    public void cancelEdit() {
        super.cancelEdit();
        render();
    }

    @Override
    Shown show(Row row) {
        return new Shown(row.entry().name(), "line-name");
    }

    @Override
    protected void updateItem(@Nullable Row item, boolean empty) {
        super.updateItem(item, empty);
        getStyleClass().removeAll(IN_CIRCUIT, CIRCUIT);
        if (item != null && item.inCircuit()) {
            getStyleClass().add(IN_CIRCUIT);
        } else if (item != null && item.entry() instanceof Circuit) {
            getStyleClass().add(CIRCUIT);
        }
    }
}
