package app.kehre.desk.check;

import java.util.List;
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
import app.kehre.core.balance.Ledger;
import app.kehre.core.balance.Promise;
import app.kehre.core.value.Lengths;
import app.kehre.desk.control.Words;

/** What was promised to the group, what is set against each other, and the joints that the class loads. */
final class PromisedTable extends VBox {

    private static final PseudoClass OVER = PseudoClass.getPseudoClass("over");

    private final GridPane promises = grid();
    private final Label nothing = Words.wrapped("Nothing is promised in the Brief.", "soft");
    private final GridPane ratios = grid();
    private final GridPane joints = grid();

    PromisedTable() {
        super(4);
        setMinWidth(0);
        getStyleClass().add("promised");
        Label first = Words.plain("Promised", "section", "first");
        getChildren().setAll(first, nothing, promises,
                Words.plain("Joints", "section"), joints, Words.plain("Against each other", "section"),
                ratios);
    }

    private static GridPane grid() {
        GridPane grid = new GridPane(8, 2);
        ColumnConstraints names = new ColumnConstraints(0, USE_COMPUTED_SIZE, Double.MAX_VALUE);
        names.setHgrow(Priority.ALWAYS);
        grid.getColumnConstraints().setAll(names);
        return grid;
    }

    void show(Assessment assessment) {
        List<Promise> kept = Promise.of(assessment);
        nothing.setVisible(kept.isEmpty());
        nothing.setManaged(kept.isEmpty());
        promises.getChildren().clear();
        for (int row = 0; row < kept.size(); row++) {
            Promise promise = kept.get(row);
            add(promises, row, promise.what(), promise.kept()
                    ? Lengths.clock(promise.is())
                    : "%s of %s".formatted(Lengths.clock(promise.is()), Lengths.clock(promise.least())),
                    !promise.kept(), promise.how());
        }
        ratios.getChildren().clear();
        List<Ledger.Ratio> against = assessment.ledger().ratios();
        for (int row = 0; row < against.size(); row++) {
            Ledger.Ratio ratio = against.get(row);
            add(ratios, row, ratio.one().words() + " : " + ratio.other().words(), "%s : %s".formatted(
                    LedgerTable.clock(ratio.first()), LedgerTable.clock(ratio.second())), false, "");
        }
        joints.getChildren().clear();
        List<JointNote> notes = JointNote.of(assessment);
        for (int row = 0; row < notes.size(); row++) {
            JointNote note = notes.get(row);
            add(joints, row, note.joint().words(), note.words(), note.missed(), "");
        }
    }

    private static void add(GridPane grid, int row, String what, String value, boolean wrong, String how) {
        Label name = Words.wrapped(how.isEmpty() ? what : what + ", " + how, "small");
        name.setMinWidth(0);
        Label figure = Words.plain(value, wrong ? "medium" : "small", "figures");
        figure.pseudoClassStateChanged(OVER, wrong);
        figure.setMinWidth(USE_PREF_SIZE);
        GridPane.setValignment(figure, VPos.TOP);
        GridPane.setHalignment(figure, HPos.RIGHT);
        grid.addRow(row, name, figure);
    }
}
