package app.kehre.desk.plan;

import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

import app.kehre.core.plan.EntryId;

/** A place of the table that a line keeps while what it says changes, so that the table need not be laid out anew. */
final class Line {

    private final ReadOnlyObjectWrapper<Row> row;

    Line(Row row) {
        this.row = new ReadOnlyObjectWrapper<>(row);
    }

    /** Returns the line as it stands. */
    ReadOnlyObjectProperty<Row> row() {
        return row.getReadOnlyProperty();
    }

    /** Returns which line of the plan it is. */
    EntryId id() {
        return row.get().entry().id();
    }

    void show(Row changed) {
        row.set(changed);
    }

    @Override
    public String toString() {
        return row.get().entry().name();
    }
}
