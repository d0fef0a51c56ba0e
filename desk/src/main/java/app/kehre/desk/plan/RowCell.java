package app.kehre.desk.plan;

import javafx.scene.Node;
import javafx.scene.control.TableCell;

import org.jspecify.annotations.Nullable;

/** A cell of a line: shows it, except while it is being edited. */
abstract class RowCell extends TableCell<Row, Row> {

    /** Returns the node that shows a line. */
    abstract Node show(Row row);

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
        setText(null);
        setGraphic(isEmpty() || row == null ? null : show(row));
    }
}
