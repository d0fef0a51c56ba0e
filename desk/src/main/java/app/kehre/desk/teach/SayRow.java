package app.kehre.desk.teach;

import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.OverrunStyle;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** What to say next and when, and below it what to know of what comes. */
final class SayRow extends VBox {

    private final Label when = new Label();
    private final Label words = new Label();
    private final Label how = new Label();
    private final Label know = new Label();

    SayRow() {
        super(3);
        when.getStyleClass().add("next-word");
        when.setId("say-when");
        when.setMinWidth(USE_PREF_SIZE);
        words.getStyleClass().add("next-name");
        words.setId("say");
        words.setTextOverrun(OverrunStyle.CENTER_ELLIPSIS);
        how.getStyleClass().addAll("next-dose", "soft");
        know.getStyleClass().add("soft");
        know.setId("say-know");
        HBox line = new HBox(18, when, words, how);
        line.setAlignment(Pos.BASELINE_LEFT);
        getChildren().addAll(line, know);
    }

    /**
     * Shows it.
     *
     * @param badge when: "say in 8 s", "4 more"; nothing where nothing is to be said
     */
    void show(Optional<String> badge, String say, String cue, String toKnow) {
        when.setVisible(badge.isPresent());
        when.setManaged(badge.isPresent());
        badge.ifPresent(when::setText);
        words.setText(say);
        how.setText(cue);
        know.setText(toKnow);
    }
}
