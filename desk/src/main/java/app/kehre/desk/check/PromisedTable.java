package app.kehre.desk.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.geometry.HPos;
import javafx.geometry.VPos;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

import app.kehre.core.balance.Assessment;
import app.kehre.core.balance.JointNote;
import app.kehre.core.balance.Promise;
import app.kehre.core.value.Lengths;
import app.kehre.desk.control.Words;

/** What was promised to the group, what is set against each other, and the joints that the class loads. */
final class PromisedTable extends VBox {

    private static final PseudoClass OVER = PseudoClass.getPseudoClass("over");

    private final Rows promises = new Rows();
    private final Label nothing = Words.wrapped("Nothing is promised in the Brief.", "soft");
    private final Rows ratios = new Rows();
    private final Rows joints = new Rows();

    PromisedTable() {
        super(4);
        setMinWidth(0);
        getStyleClass().add("promised");
        Label first = Words.plain("Promised", "section", "first");
        getChildren().setAll(first, nothing, promises,
                Words.plain("Joints", "section"), joints, Words.plain("Against each other", "section"),
                ratios);
    }

    void show(Assessment assessment) {
        List<Promise> kept = Promise.of(assessment);
        nothing.setVisible(kept.isEmpty());
        nothing.setManaged(kept.isEmpty());
        promises.show(kept.stream().map(PromisedTable::row).toList());
        ratios.show(assessment.ledger().ratios().stream()
                .map(ratio -> new Row(ratio.one().words() + " : " + ratio.other().words(),
                        "%s : %s".formatted(LedgerTable.clock(ratio.first()),
                                LedgerTable.clock(ratio.second())),
                        false))
                .toList());
        joints.show(JointNote.of(assessment).stream()
                .map(note -> new Row(note.joint().words(), note.words(), note.missed())).toList());
    }

    private static Row row(Promise promise) {
        String what = promise.how().isEmpty() ? promise.what() : promise.what() + ", " + promise.how();
        return new Row(what,
                promise.kept()
                        ? Lengths.clock(promise.is())
                        : "%s of %s".formatted(Lengths.clock(promise.is()), Lengths.clock(promise.least())),
                !promise.kept());
    }

    private record Row(String what, String value, boolean wrong) {}

    /** Rows whose labels stay: only what reads otherwise is set anew, so that typing goes on meanwhile. */
    private static final class Rows extends GridPane {

        private final List<Label> names = new ArrayList<>();
        private final List<Label> figures = new ArrayList<>();
        private List<Row> shown = List.of();

        Rows() {
            super(8, 2);
            ColumnConstraints names = new ColumnConstraints(0, USE_COMPUTED_SIZE, Double.MAX_VALUE);
            names.setHgrow(Priority.ALWAYS);
            getColumnConstraints().setAll(names);
        }

        void show(List<Row> rows) {
            if (rows.equals(shown)) {
                return;
            }
            shown = rows;
            while (names.size() < rows.size()) {
                add();
            }
            for (int i = 0; i < names.size(); i++) {
                show(i, i < rows.size() ? Optional.of(rows.get(i)) : Optional.empty());
            }
        }

        private void show(int at, Optional<Row> row) {
            Label figure = figures.get(at);
            for (Label label : List.of(names.get(at), figure)) {
                label.setVisible(row.isPresent());
                label.setManaged(row.isPresent());
            }
            names.get(at).setText(row.map(Row::what).orElse(""));
            figure.setText(row.map(Row::value).orElse(""));
            String style = row.filter(Row::wrong).isPresent() ? "medium" : "small";
            if (!figure.getStyleClass().contains(style)) {
                figure.getStyleClass().setAll("label", style, "figures");
            }
            figure.pseudoClassStateChanged(OVER, row.filter(Row::wrong).isPresent());
        }

        private void add() {
            Label name = Words.wrapped("", "small");
            name.setMinWidth(0);
            Label figure = Words.plain("", "small", "figures");
            figure.setMinWidth(USE_PREF_SIZE);
            setValignment(figure, VPos.TOP);
            setHalignment(figure, HPos.RIGHT);
            addRow(names.size(), name, figure);
            names.add(name);
            figures.add(figure);
        }
    }
}
