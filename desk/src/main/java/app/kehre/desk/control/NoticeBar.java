package app.kehre.desk.control;

import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextInputControl;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** Sentences that must not be missed, each with the ways on. Nothing waits for them. */
public final class NoticeBar extends VBox {

    /**
     * A way on.
     *
     * @param words on the button
     * @param action what it does; the notice goes away first
     */
    public record Way(String words, Runnable action) {}

    /** Makes an empty bar. */
    public NoticeBar() {
        getStyleClass().add("notice-bar");
        setManaged(false);
        setVisible(false);
    }

    /** Shows a sentence with its ways on; one of the same topic is replaced. */
    public void show(String topic, String sentence, List<Way> ways) {
        dismiss(topic);
        Label label = new Label(sentence);
        label.setWrapText(true);
        label.setMinHeight(USE_PREF_SIZE);
        HBox.setHgrow(label, Priority.ALWAYS);
        label.setMaxWidth(Double.MAX_VALUE);
        HBox row = new HBox(8, label);
        row.setAlignment(Pos.CENTER_LEFT);
        row.getStyleClass().add("notice");
        row.setUserData(topic);
        for (Way way : ways) {
            Button button = new Button(way.words());
            button.setMinWidth(USE_PREF_SIZE);
            button.setOnAction(_ -> {
                dismiss(topic);
                way.action().run();
            });
            row.getChildren().add(button);
        }
        getChildren().add(row);
        update();
        // Whoever is typing goes on typing: the keys must not press a button that came up meanwhile.
        boolean typing = getScene() != null && getScene().getFocusOwner() instanceof TextInputControl;
        if (row.getChildren().size() > 1 && !typing) {
            row.getChildren().get(1).requestFocus();
        }
    }

    /** Takes a sentence away. */
    public void dismiss(String topic) {
        getChildren().removeIf(row -> topic.equals(row.getUserData()));
        update();
    }

    private void update() {
        setManaged(!getChildren().isEmpty());
        setVisible(!getChildren().isEmpty());
    }
}
