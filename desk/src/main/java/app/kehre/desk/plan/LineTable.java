package app.kehre.desk.plan;

import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.IntSupplier;
import javafx.application.Platform;
import javafx.scene.control.Label;
import javafx.scene.control.SelectionMode;
import javafx.scene.control.TableColumn;
import javafx.scene.control.TableRow;
import javafx.scene.control.TableView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.text.TextAlignment;

import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Screen;
import app.kehre.core.typing.EntryText;
import app.kehre.desk.control.Commit;

/** The lines of the selected segment, edited, moved and removed in place. */
final class LineTable extends TableView<Line> {

    private final PlanViewModel model;
    private final ChoosingViewModel choosing;
    private final TableColumn<Line, Row> name;
    private final TableColumn<Line, Row> dose;
    private final TableColumn<Line, Row> load;
    private final TableColumn<Line, Row> note;
    private final LineActions actions;
    private final Label empty = new Label();
    /** What the start, the length and a scroll bar take. */
    private static final double FIXED = 54 + 56 + 16;
    /** The shares of the rest; the note has what is left. */
    private static final double NAME = 0.24;
    private static final double DOSE = 0.34;
    private static final double LOAD = 0.14;

    private boolean showing;

    LineTable(PlanViewModel model, ChoosingViewModel choosing) {
        this.model = model;
        this.choosing = choosing;
        setId("lines");
        setAccessibleText("Lines of the segment");
        getStyleClass().add("lines");
        setEditable(true);
        setFixedCellSize(33);
        setColumnResizePolicy(UNCONSTRAINED_RESIZE_POLICY);
        widthProperty().addListener(_ -> share());
        TableColumn<Line, Row> start = plain("start", 54, row -> new RowCell.Shown(row.start(), "soft"));
        name = plain("exercise", 164, row -> new RowCell.Shown(row.entry().name(), "line-name"));
        name.setEditable(true);
        name.setCellFactory(_ -> new NameCell(model));
        dose = edited("dose", 272, row -> new RowCell.Shown(row.dose(), "line-dose"), EntryText::dose,
                id -> model.ofDose(id), this::completions);
        load = edited("load", 106, row -> new RowCell.Shown(row.load(), "line-load"), EntryText::load,
                id -> model.ofEntry(id, "Load", EntryText::withLoad), (_, _) -> List.of());
        note = edited("note", 150, LineTable::note, Entry::note,
                id -> model.ofEntry(id, "Note", EntryText::withNote), (_, _) -> List.of());
        TableColumn<Line, Row> length = plain("length", 56,
                row -> new RowCell.Shown(row.length(), "line-length"));
        length.getStyleClass().add("right");
        getColumns().setAll(List.of(start, name, dose, load, note, length));
        for (TableColumn<Line, ?> fixed : List.of(start, length)) {
            fixed.setMinWidth(fixed.getPrefWidth());
            fixed.setMaxWidth(fixed.getPrefWidth());
        }
        empty.setWrapText(true);
        empty.setTextAlignment(TextAlignment.CENTER);
        setPlaceholder(empty);
        setRowFactory(_ -> row());
        getSelectionModel().setSelectionMode(SelectionMode.MULTIPLE);
        actions = new LineActions(model, this::selectedIds);
        setContextMenu(actions.menu());
        getSelectionModel().selectedItemProperty().addListener((_, _, line) -> {
            if (line != null && !showing) {
                model.entry().set(Optional.of(line.id()));
            }
        });
        addEventFilter(KeyEvent.KEY_PRESSED, this::onKey);
    }

    /** Shares the width among the columns, so that none lies outside. */
    private void share() {
        double room = Math.max(0, getWidth() - FIXED);
        name.setPrefWidth(room * NAME);
        dose.setPrefWidth(room * DOSE);
        load.setPrefWidth(room * LOAD);
        note.setPrefWidth(Math.floor(room * (1 - NAME - DOSE - LOAD)));
    }

    /** Shows the lines of the selected segment and marks the selected one. */
    void show() {
        showing = true;
        List<Row> rows = model.rows();
        if (ids(rows).equals(getItems().stream().map(Line::id).toList())) {
            for (int i = 0; i < rows.size(); i++) {
                getItems().get(i).show(rows.get(i));
            }
        } else {
            getItems().setAll(rows.stream().map(Line::new).toList());
        }
        empty.setText(model.selectedSegment().isPresent()
                ? "Nothing here yet. Type below to add an exercise, water or talk, or have it drafted: Alt+6."
                : "This class has no segments yet. Add one above, warm-up first, or have it drafted: Alt+6.");
        mark();
        showing = false;
    }

    /** Marks the selected line. */
    void mark() {
        boolean before = showing;
        showing = true;
        for (int i = 0; i < getItems().size(); i++) {
            if (model.entry().get().filter(getItems().get(i).id()::equals).isPresent()
                    && getSelectionModel().getSelectedIndex() != i) {
                getSelectionModel().clearAndSelect(i);
                scrollTo(Math.max(0, i - 2));
            }
        }
        showing = before;
    }

    /** Starts editing the dose of the selected line. */
    void editDose() {
        editSelected(dose);
    }

    private void editSelected(TableColumn<Line, Row> column) {
        int at = getSelectionModel().getSelectedIndex();
        if (at >= 0) {
            // A row out of sight has a cell to edit only once the table is laid out with it.
            scrollTo(at);
            layout();
            layout();
            edit(at, column);
        }
    }

    /** Does what a key asks for with the selected line. */
    void onKey(KeyEvent event) {
        if (getEditingCell() != null) {
            return;
        }
        KeyCode code = event.getCode();
        if (code == KeyCode.BACK_SPACE) {
            model.removeEntry();
        } else if (code == KeyCode.ENTER) {
            editDose();
        } else if (code == KeyCode.F2) {
            editSelected(name);
        } else if (!actions.onKey(event)) {
            return;
        }
        event.consume();
    }

    private static List<EntryId> ids(List<Row> rows) {
        return rows.stream().map(row -> row.entry().id()).toList();
    }

    private List<EntryId> selectedIds() {
        return getSelectionModel().getSelectedItems().stream().map(Line::id).toList();
    }

    private TableColumn<Line, Row> plain(String title, double width, Function<Row, RowCell.Shown> show) {
        TableColumn<Line, Row> column = new TableColumn<>(title);
        column.setPrefWidth(width);
        column.setMinWidth(Math.min(width, 54));
        column.setSortable(false);
        column.setReorderable(false);
        column.setEditable(false);
        column.setCellValueFactory(each -> each.getValue().row());
        column.setCellFactory(_ -> new LineCell(
                new LineCell.Column(show, _ -> "", _ -> _ -> "", _ -> {}, (_, _) -> {},
                        (_, _) -> List.of())));
        return column;
    }

    private TableColumn<Line, Row> edited(String title, double width, Function<Row, RowCell.Shown> show,
            Function<Entry, String> text, Function<EntryId, Commit> commit,
            BiFunction<Row, String, List<String>> completions) {
        TableColumn<Line, Row> column = plain(title, width, show);
        column.setEditable(true);
        column.setCellFactory(_ -> new LineCell(new LineCell.Column(show, row -> text.apply(row.entry()),
                row -> commit.apply(row.entry().id()), model::setHint,
                (_, by) -> Platform.runLater(() -> editNeighbour(column, by)), completions)));
        return column;
    }

    private void editNeighbour(TableColumn<Line, Row> from, int by) {
        List<TableColumn<Line, Row>> order = List.of(dose, load, note);
        int to = order.indexOf(from) + by;
        if (to >= 0 && to < order.size()) {
            editSelected(order.get(to));
        }
    }

    private TableRow<Line> row() {
        TableRow<Line> row = new TableRow<>();
        row.setOnDragDetected(event -> {
            if (row.getItem() != null && getEditingCell() == null) {
                LineDrag.begin(row, row.getItem().id());
                event.consume();
            }
        });
        IntSupplier place = () -> row.getItem() == null ? getItems().size() : row.getIndex();
        LineDrag.accept(row, id -> model.moveEntry(id, place.getAsInt()),
                Optional.of(exercise -> choosing.addAt(exercise, place.getAsInt())));
        return row;
    }

    private List<String> completions(Row row, String typed) {
        return row.entry() instanceof Item || row.entry() instanceof Screen
                ? model.choices().completions(typed)
                : List.of();
    }

    private static RowCell.Shown note(Row row) {
        boolean own = !row.entry().note().isEmpty();
        return new RowCell.Shown(own ? row.entry().note() : row.options(),
                own ? "line-note own" : "line-note soft");
    }
}
