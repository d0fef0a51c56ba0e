package app.kehre.desk.plan;

import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

import app.kehre.core.choosing.Swap;
import app.kehre.core.plan.Item;

/** What could stand in the selected line: what would change is said before it is done. */
final class SwapPane extends VBox {

    private final ChoosingViewModel model;
    private final Label about = new Label();
    private final ListView<Swap> list = new ListView<>();
    private final Button swap = new Button("Swap");

    SwapPane(ChoosingViewModel model) {
        this.model = model;
        about.getStyleClass().addAll("soft", "small");
        about.setWrapText(true);
        about.setMinHeight(USE_PREF_SIZE);
        list.setId("swaps");
        list.getStyleClass().add("reasons");
        list.setCellFactory(_ -> cell());
        list.addEventFilter(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() == KeyCode.ENTER) {
                swapSelected();
                event.consume();
            }
        });
        swap.setId("swap");
        swap.setMinHeight(USE_PREF_SIZE);
        swap.setOnAction(_ -> swapSelected());
        swap.disableProperty().bind(list.getSelectionModel().selectedItemProperty().isNull());
        VBox.setVgrow(list, Priority.ALWAYS);
        list.setMinHeight(0);
        setSpacing(4);
        getChildren().setAll(about, list, swap);
    }

    void show() {
        if (model.plan().selectedEntry().orElse(null) instanceof Item item) {
            about.setText("Instead of %s: of the same purpose, for these people and this kit.".formatted(
                    item.name()));
            model.askSwaps(found -> {
                list.getItems().setAll(found);
                list.getSelectionModel().selectFirst();
                if (found.isEmpty()) {
                    about.setText(
                            "The library has nothing else of this purpose for these people and this kit.");
                }
            });
        } else {
            about.setText("Select an exercise to see what could stand in its line.");
            list.getItems().clear();
        }
    }

    void focusList() {
        list.requestFocus();
    }

    private void swapSelected() {
        Swap chosen = list.getSelectionModel().getSelectedItem();
        if (chosen != null) {
            model.swap(chosen);
        }
    }

    private ListCell<Swap> cell() {
        ListCell<Swap> cell = new ReasonCell<>(each -> each.exercise().name(), Swap::words);
        cell.setOnMouseClicked(event -> {
            if (event.getClickCount() == 2) {
                swapSelected();
            }
        });
        return cell;
    }
}
