package app.kehre.desk.plan;

import java.util.List;
import java.util.function.Function;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.VBox;
import javafx.stage.Popup;

/** Says, below a field, what the typed text means, and offers texts that it could become. Down goes into the list, Enter takes. */
final class CompletionPopup {

    private static final int ROWS = 7;
    private static final double ROW_HEIGHT = 26;
    private static final double WIDTH = 330;

    private final TextField field;
    private final Function<String, List<String>> complete;
    private final ListView<String> list = new ListView<>();
    private final Label words = new Label();
    private final Popup popup = new Popup();

    /**
     * Makes a popup for a field.
     *
     * @param complete texts that the typed one could become
     * @param mean what the typed text means, or what is against it
     */
    CompletionPopup(TextField field, Function<String, List<String>> complete,
            Function<String, String> mean) {
        this.field = field;
        this.complete = complete;
        list.getStyleClass().add("choices");
        list.setId("completions");
        list.setFixedCellSize(ROW_HEIGHT);
        list.setFocusTraversable(false);
        list.setOnMouseClicked(_ -> take());
        words.getStyleClass().add("typed-words");
        words.setId("typed-words");
        words.setWrapText(true);
        VBox content = new VBox(words, list);
        content.getStyleClass().add("choices");
        popup.getContent().add(content);
        popup.setAutoFix(true);
        popup.setHideOnEscape(false);
        field.textProperty().addListener((_, _, typed) -> {
            words.setText(mean.apply(typed));
            offer();
        });
        field.focusedProperty().addListener((_, _, focused) -> {
            if (!focused) {
                popup.hide();
            }
        });
    }

    /** Handles a key before the field does. Returns whether it was for the list. */
    boolean onKey(KeyEvent event) {
        boolean down = event.getCode() == KeyCode.DOWN && !event.isShortcutDown();
        boolean up = event.getCode() == KeyCode.UP && !event.isShortcutDown();
        if (down && !popup.isShowing()) {
            offer();
            return true;
        }
        if (!popup.isShowing()) {
            return false;
        }
        int at = list.getSelectionModel().getSelectedIndex();
        if (down || (up && at >= 0)) {
            int next = at + (down ? 1 : -1);
            if (next < 0) {
                list.getSelectionModel().clearSelection();
            } else {
                list.getSelectionModel().select(Math.min(next, list.getItems().size() - 1));
            }
            return true;
        }
        if (event.getCode() == KeyCode.ENTER && at >= 0) {
            take();
            return true;
        }
        return false;
    }

    private void offer() {
        List<String> found = complete.apply(field.getText());
        list.getItems().setAll(found);
        list.getSelectionModel().clearSelection();
        boolean said = !words.getText().isEmpty();
        if ((found.isEmpty() && !said) || !field.isFocused() || field.getScene() == null) {
            popup.hide();
            return;
        }
        show(words, said);
        show(list, !found.isEmpty());
        list.setPrefHeight(Math.min(ROWS, found.size()) * ROW_HEIGHT + 4);
        list.setPrefWidth(Math.max(WIDTH, field.getWidth()));
        words.setMaxWidth(Math.max(WIDTH, field.getWidth()));
        if (!popup.isShowing()) {
            popup.getScene().getStylesheets().setAll(field.getScene().getStylesheets());
            Bounds bounds = field.localToScreen(field.getBoundsInLocal());
            popup.show(field, bounds.getMinX(), bounds.getMaxY() + 2);
        }
    }

    private static void show(Node node, boolean shown) {
        node.setVisible(shown);
        node.setManaged(shown);
    }

    private void take() {
        String chosen = list.getSelectionModel().getSelectedItem();
        if (chosen != null) {
            popup.hide();
            field.setText(chosen);
            field.positionCaret(chosen.length());
            popup.hide();
        }
    }
}
