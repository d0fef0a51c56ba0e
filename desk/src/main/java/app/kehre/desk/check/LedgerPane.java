package app.kehre.desk.check;

import java.util.stream.Collectors;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.VBox;

import app.kehre.core.balance.Assessment;
import app.kehre.core.balance.JointNote;
import app.kehre.core.balance.Promise;
import app.kehre.core.effort.ReadOut;
import app.kehre.desk.control.Words;

/** The ledger where there is little room: what was promised in a sentence, then the table. */
public final class LedgerPane extends ScrollPane {

    private static final double BAR = 8;

    private final FindingsViewModel model;
    private final Label promises = Words.wrapped("", "strong");
    private final Label minutes = Words.wrapped("", "soft");
    private final LedgerTable table = new LedgerTable(BAR);
    private final Label joints = Words.wrapped("", "soft");

    /** Makes a pane that is empty until it is shown. */
    public LedgerPane(FindingsViewModel model) {
        this.model = model;
        setId("ledger");
        VBox content = new VBox(6, promises, table, joints, minutes);
        content.getStyleClass().add("ledger");
        setContent(content);
        setFitToWidth(true);
        setHbarPolicy(ScrollBarPolicy.NEVER);
        getStyleClass().add("card-scroll");
    }

    /** Shows the class as it is judged. */
    public void show() {
        Assessment assessment = model.assessment().get();
        String kept = Promise.of(assessment).stream().map(Promise::words).collect(Collectors.joining("; "));
        promises.setText("Promised: " + kept);
        promises.setVisible(!kept.isEmpty());
        promises.setManaged(!kept.isEmpty());
        minutes.setText(ReadOut.minutes(assessment.effort()) + ", " + ReadOut.energy(assessment.effort()));
        table.show(assessment.ledger(), assessment.plan().brief().goal().areas());
        joints.setText(JointNote.of(assessment).stream()
                .map(note -> "%s %s".formatted(note.joint().words(), note.words()))
                .collect(Collectors.joining(", ")));
    }
}
