package app.kehre.desk.plan;

import java.util.List;
import java.util.function.BiConsumer;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.css.PseudoClass;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

import org.jspecify.annotations.Nullable;

import app.kehre.desk.control.Commit;

/** A cell of a line that is edited where it stands, with the same rules as every typed text. */
final class LineCell extends RowCell {

    /**
     * What a column shows and how it is edited.
     *
     * @param show what is shown
     * @param text the text that is edited
     * @param commit what happens with the typed text
     * @param hint told what the typed text means
     * @param onTab called with the row and 1 or -1 when the next or previous column should be edited
     * @param complete texts that the typed one could become
     */
    record Column(Function<Row, Shown> show, Function<Row, String> text, Function<Row, Commit> commit,
            Consumer<String> hint, BiConsumer<Row, Integer> onTab,
            BiFunction<Row, String, List<String>> complete) {}

    private static final PseudoClass REFUSED = PseudoClass.getPseudoClass("refused");

    private final Column column;
    private @Nullable TextField field;

    LineCell(Column column) {
        this.column = column;
    }

    @Override
    public void startEdit() {
        Row row = getItem();
        if (row == null || isEditing()) {
            return;
        }
        super.startEdit();
        TextField editor = new TextField(column.text().apply(row));
        field = editor;
        editor.setId("line-editor");
        Commit commit = column.commit().apply(row);
        editor.textProperty().addListener(_ -> editor.pseudoClassStateChanged(REFUSED, false));
        CompletionPopup popup = new CompletionPopup(editor, typed -> column.complete().apply(row, typed),
                typed -> {
                    String meaning = commit.preview(typed);
                    column.hint().accept(meaning);
                    return meaning;
                });
        editor.addEventFilter(KeyEvent.KEY_PRESSED, event -> {
            if (popup.onKey(event) || NumberStep.onKey(event, editor)) {
                event.consume();
            } else {
                onKey(event, editor, commit, row);
            }
        });
        editor.focusedProperty().addListener((_, _, focused) -> {
            if (!focused) {
                leave(editor, commit, row);
            }
        });
        setGraphic(editor);
        editor.requestFocus();
        editor.selectAll();
    }

    @Override
    public void cancelEdit() {
        super.cancelEdit();
        TextField editor = field;
        if (editor != null && getItem() != null) {
            leave(editor, column.commit().apply(getItem()), getItem());
        }
        render();
    }

    /** Taking a text over may lay the lines anew, which leaves this field: it is not taken twice. */
    private void onKey(KeyEvent event, TextField editor, Commit commit, Row row) {
        if (event.getCode() == KeyCode.ESCAPE) {
            commit.drop();
            finish();
            event.consume();
        } else if (event.getCode() == KeyCode.ENTER || event.getCode() == KeyCode.TAB) {
            field = null;
            String problem = taken(editor, commit, row);
            if (problem.isEmpty()) {
                finish();
                if (event.getCode() == KeyCode.TAB) {
                    column.onTab().accept(row, event.isShiftDown() ? -1 : 1);
                }
            } else {
                field = editor;
                column.hint().accept(problem);
                editor.pseudoClassStateChanged(REFUSED, true);
            }
            event.consume();
        }
    }

    @SuppressWarnings("ReferenceEquality") // the very editor that is still at work, not one like it
    private void leave(TextField editor, Commit commit, Row row) {
        if (field == editor) {
            field = null;
            String problem = taken(editor, commit, row);
            if (!problem.isEmpty()) {
                commit.drop();
            }
            column.hint().accept(problem.isEmpty() ? "" : problem + " Nothing was changed.");
            if (isEditing()) {
                super.cancelEdit();
            }
            render();
        }
    }

    private String taken(TextField editor, Commit commit, Row row) {
        if (editor.getText().equals(column.text().apply(row))) {
            commit.drop();
            return "";
        }
        return commit.take(editor.getText());
    }

    private void finish() {
        field = null;
        column.hint().accept("");
        super.cancelEdit();
        render();
        if (getTableView() != null) {
            getTableView().requestFocus();
        }
    }

    @Override
    Shown show(Row row) {
        return column.show().apply(row);
    }
}
