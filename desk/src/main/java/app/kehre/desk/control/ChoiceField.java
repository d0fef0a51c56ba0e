package app.kehre.desk.control;

import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.geometry.Bounds;
import javafx.geometry.Pos;
import javafx.scene.Group;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.transform.Scale;
import javafx.stage.Popup;

/**
 * A field that offers what fits the typed words, in a list below it. Arrow keys choose, Enter takes, a
 * click takes, Escape closes.
 *
 * @param <T> what is offered
 */
public final class ChoiceField<T> extends TextField {

    private static final int ROWS = 6;
    private static final double ROW_HEIGHT = 30;

    private final Function<String, List<T>> search;
    private final Consumer<T> take;
    private final Runnable leave;
    private final ListView<T> list = new ListView<>();
    private final Popup popup = new Popup();

    /**
     * Makes a field.
     *
     * @param search what fits the typed words, best first
     * @param words how one of them is written: name, and what is said by the way after a tab
     * @param take called with the one that was chosen
     * @param leave called when Escape is pressed
     */
    public ChoiceField(Function<String, List<T>> search, Function<T, String> words, Consumer<T> take,
            Runnable leave) {
        this.search = search;
        this.take = take;
        this.leave = leave;
        list.getStyleClass().add("choices");
        list.setFixedCellSize(ROW_HEIGHT);
        list.setFocusTraversable(false);
        list.setCellFactory(_ -> new ListCell<>() {
            @Override
            protected void updateItem(T item, boolean empty) {
                super.updateItem(item, empty);
                setGraphic(empty || item == null ? null : choice(words.apply(item)));
            }
        });
        list.setOnMouseClicked(_ -> takeSelected());
        popup.getContent().add(new Group(list));
        popup.setAutoFix(true);
        textProperty().addListener(_ -> offer());
        focusedProperty().addListener((_, _, focused) -> {
            if (focused) {
                offer();
            } else {
                popup.hide();
            }
        });
        addEventFilter(KeyEvent.KEY_PRESSED, this::onKey);
    }

    /** Returns the list of what is offered, for tests and screen readers. */
    public ListView<T> list() {
        return list;
    }

    private static Node choice(String words) {
        int tab = words.indexOf('\t');
        Label name = new Label(tab < 0 ? words : words.substring(0, tab));
        name.getStyleClass().add("choice-name");
        name.setMinWidth(USE_PREF_SIZE);
        Label rest = new Label(tab < 0 ? "" : words.substring(tab + 1));
        rest.getStyleClass().add("soft");
        HBox row = new HBox(10, name, rest);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    private void offer() {
        if (!isFocused() || getScene() == null) {
            return;
        }
        List<T> found = search.apply(getText());
        list.getItems().setAll(found);
        if (getText().isBlank()) {
            // Enter on an empty field takes nothing by mistake.
            list.getSelectionModel().clearSelection();
        } else {
            list.getSelectionModel().selectFirst();
        }
        list.scrollTo(0);
        if (found.isEmpty()) {
            popup.hide();
            return;
        }
        list.setPrefHeight(Math.min(ROWS, found.size()) * ROW_HEIGHT + 4);
        list.setPrefWidth(Math.max(420, getWidth()));
        if (!popup.isShowing()) {
            popup.getScene().getStylesheets().setAll(getScene().getStylesheets());
            Bounds bounds = localToScreen(getBoundsInLocal());
            double times = getLocalToSceneTransform().getMxx();
            list.getTransforms().setAll(new Scale(times, times));
            popup.show(this, bounds.getMinX(),
                    above(bounds)
                            ? bounds.getMinY() - list.getPrefHeight() * times - 4
                            : bounds.getMaxY() + 2);
        }
    }

    private boolean above(Bounds field) {
        double bottom = getScene().getWindow().getY() + getScene().getWindow().getHeight();
        return field.getMaxY() + list.getPrefHeight() * getLocalToSceneTransform().getMxx() > bottom;
    }

    private void onKey(KeyEvent event) {
        switch (event.getCode()) {
            case DOWN, UP -> {
                int by = event.getCode() == KeyCode.DOWN ? 1 : -1;
                int at = Math.clamp(list.getSelectionModel().getSelectedIndex() + (long) by, 0,
                        Math.max(0, list.getItems().size() - 1));
                list.getSelectionModel().select(at);
                list.scrollTo(Math.max(0, at - ROWS / 2));
                event.consume();
            }
            case ENTER -> {
                takeSelected();
                event.consume();
            }
            case ESCAPE -> {
                clear();
                popup.hide();
                leave.run();
                event.consume();
            }
            default -> {
            }
        }
    }

    private void takeSelected() {
        T chosen = list.getSelectionModel().getSelectedItem();
        if (chosen != null) {
            clear();
            popup.hide();
            take.accept(chosen);
        }
    }
}
