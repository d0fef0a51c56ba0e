package app.kehre.desk.plan;

import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

import app.kehre.core.choosing.Suggestion;
import app.kehre.core.plan.Segment;

/** What suits the selected segment, after the selected line, each with a word why. Enter adds, so does dragging. */
final class SuggestPane extends VBox {

    private static final int SHOWN = 60;

    private final ChoosingViewModel model;
    private final Label about = new Label();
    private final ListView<Suggestion> list = new ListView<>();

    SuggestPane(ChoosingViewModel model) {
        this.model = model;
        about.getStyleClass().addAll("soft", "small");
        about.setWrapText(true);
        about.setMinHeight(USE_PREF_SIZE);
        list.setId("suggestions");
        list.getStyleClass().add("reasons");
        list.setCellFactory(_ -> cell());
        list.addEventFilter(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() == KeyCode.ENTER) {
                addSelected();
                event.consume();
            }
        });
        VBox.setVgrow(list, Priority.ALWAYS);
        list.setMinHeight(0);
        setSpacing(4);
        getChildren().setAll(about, list);
    }

    void show() {
        about.setText(model.plan().selectedSegment().map(Segment::name)
                .map("For %s, after the selected line. Enter adds; or drag it to its place."::formatted)
                .orElse("Add a segment first."));
        list.getItems().setAll(model.suggestions("").stream().limit(SHOWN).toList());
        list.getSelectionModel().selectFirst();
        list.scrollTo(0);
        if (list.getItems().isEmpty() && model.plan().selectedSegment().isPresent()) {
            about.setText("No exercise suits this part. Talk and water are added below the lines.");
        }
    }

    void focusList() {
        list.requestFocus();
    }

    private void addSelected() {
        Suggestion chosen = list.getSelectionModel().getSelectedItem();
        if (chosen != null) {
            model.add(chosen.exercise());
        }
    }

    private ListCell<Suggestion> cell() {
        ListCell<Suggestion> cell = new ReasonCell<>(each -> each.exercise().name(), Suggestion::why);
        cell.setOnMouseClicked(event -> {
            if (event.getClickCount() == 2) {
                addSelected();
            }
        });
        cell.setOnDragDetected(event -> {
            if (cell.getItem() != null) {
                LineDrag.beginExercise(cell, cell.getItem().exercise().id());
                event.consume();
            }
        });
        return cell;
    }
}
