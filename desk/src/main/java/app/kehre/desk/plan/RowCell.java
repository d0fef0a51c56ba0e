package app.kehre.desk.plan;

import javafx.scene.control.Label;
import javafx.scene.control.TableCell;

import org.jspecify.annotations.Nullable;

/** A cell of a line: shows it, except while it is being edited. */
abstract class RowCell extends TableCell<Line, Row> {

    /**
     * What a cell shows.
     *
     * @param text the words
     * @param style how they look
     */
    record Shown(String text, String style) {}

    /** The words of the line; the same label for every line, since a new one would have to be styled anew. */
    final Label label = new Label();
    private String style = "";

    /** Returns what is shown of a line. */
    abstract Shown show(Row row);

    @Override
    protected void updateItem(@Nullable Row item, boolean empty) {
        super.updateItem(item, empty);
        if (!isEditing()) {
            render();
        }
    }

    /** Shows the line as it stands, or nothing. */
    final void render() {
        Row row = getItem();
        if (isEmpty() || row == null) {
            setGraphic(null);
            return;
        }
        Shown shown = show(row);
        label.setText(shown.text());
        if (!shown.style().equals(style)) {
            style = shown.style();
            label.getStyleClass().setAll("label");
            label.getStyleClass().addAll(style.split(" "));
        }
        setGraphic(label);
    }
}
