package app.kehre.desk.combination;

import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

import app.kehre.core.choreography.CombinationLine;
import app.kehre.core.choreography.Fit;
import app.kehre.core.choreography.Fits;
import app.kehre.core.value.Side;
import app.kehre.desk.control.Words;

/** The moves that fit at the point after the selected move, first; the others with the reason why not. */
final class FitsPane extends VBox {

    private final CombinationViewModel model;
    private final Label about = Words.plain("", "soft");
    private final TextField filter = new TextField();
    private final ListView<Fit> list = new ListView<>();

    FitsPane(CombinationViewModel model) {
        super(4);
        this.model = model;
        list.setId("fits");
        list.getStyleClass().addAll("reasons", "close");
        list.setFixedCellSize(26);
        list.setCellFactory(_ -> cell());
        list.setMinHeight(64);
        list.addEventFilter(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() == KeyCode.ENTER) {
                add();
                event.consume();
            }
        });
        filter.setId("fits-filter");
        filter.setPromptText("find a move, or write: basic 2, knee 2, v-step 2");
        filter.setAccessibleText("Find a move, or write moves in one line");
        filter.setPrefColumnCount(26);
        filter.setMinWidth(116);
        filter.textProperty().addListener(_ -> show());
        list.setAccessibleText("Moves that fit here");
        filter.addEventFilter(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() == KeyCode.ENTER) {
                add();
                event.consume();
            } else if (event.getCode() == KeyCode.DOWN) {
                list.requestFocus();
                event.consume();
            }
        });
        about.setMinWidth(0);
        about.setMinHeight(USE_PREF_SIZE);
        about.setWrapText(true);
        HBox.setHgrow(about, Priority.ALWAYS);
        about.setMaxWidth(Double.MAX_VALUE);
        Label heading = Words.plain("Fits here", "heading");
        heading.setMinWidth(USE_PREF_SIZE);
        HBox head = new HBox(10, heading, about);
        head.setAlignment(javafx.geometry.Pos.BASELINE_LEFT);
        VBox.setVgrow(list, Priority.ALWAYS);
        filter.setMaxWidth(Double.MAX_VALUE);
        getChildren().setAll(head, filter, list);
    }

    /** Puts the keyboard where moves are found and written. */
    void focus() {
        filter.requestFocus();
    }

    void show() {
        model.fits().ifPresent(fits -> {
            about.setText(words(fits));
            boolean line = CombinationLine.isLine(filter.getText());
            if (line) {
                about.setText(model.making().reads(filter.getText()));
            }
            String typed = line ? "" : filter.getText().strip().toLowerCase(java.util.Locale.ROOT);
            list.getItems().setAll(fits.moves().stream()
                    .filter(fit -> fit.danced().move().name().toLowerCase(java.util.Locale.ROOT)
                            .contains(typed))
                    .toList());
            list.getSelectionModel().selectFirst();
            list.scrollTo(0);
        });
    }

    private static String words(Fits fits) {
        String free = fits.free() == Side.BOTH ? "either foot free" : fits.free().word() + " foot free";
        return "after count %d: %d counts left in the phrase, %s, %s".formatted(fits.count(),
                fits.countsLeft(), free, fits.stance().words());
    }

    private void add() {
        if (CombinationLine.isLine(filter.getText())) {
            String problem = model.making().write(filter.getText());
            if (problem.isEmpty()) {
                filter.clear();
            } else {
                about.setText(problem);
            }
            return;
        }
        Fit chosen = list.getSelectionModel().getSelectedItem();
        if (chosen != null) {
            filter.clear();
            model.add(chosen);
        }
    }

    private ListCell<Fit> cell() {
        ListCell<Fit> cell = new ListCell<>() {
            @Override
            protected void updateItem(Fit fit, boolean empty) {
                super.updateItem(fit, empty);
                setText(null);
                setGraphic(fit == null || empty
                        ? null
                        : new HBox(8, Words.plain(fit.danced().name(), fit.fits() ? "strong" : "soft"),
                                Words.plain(fit.words(), "soft", "small")));
            }
        };
        cell.setOnMouseClicked(event -> {
            if (event.getClickCount() == 2) {
                add();
            }
        });
        cell.setOnDragDetected(event -> {
            if (cell.getItem() != null) {
                MoveDrag.begin(cell, cell.getItem().danced().move().id());
                event.consume();
            }
        });
        return cell;
    }
}
