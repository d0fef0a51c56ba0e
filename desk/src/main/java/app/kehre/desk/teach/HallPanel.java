package app.kehre.desk.teach;

import java.time.Duration;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

import app.kehre.core.hall.Signal;

/** How the hall is: sounds, from how much late on a proposal is made, who shows which level on the group's wall. */
final class HallPanel extends VBox {

    private static final String[] LEVELS = {"easier", "as shown", "harder"};

    private final TeachViewModel model;

    HallPanel(TeachViewModel model) {
        super(8);
        this.model = model;
        setId("hall-panel");
        getChildren().addAll(sounds(), late(), levels());
    }

    private Node sounds() {
        FlowPane row = row("Sounds");
        Slider volume = new Slider(0, 1, model.sounds().volume().get());
        volume.setId("volume");
        volume.setAccessibleText("volume of the sounds");
        volume.setPrefWidth(140);
        volume.valueProperty().bindBidirectional(model.sounds().volume());
        row.getChildren().add(volume);
        for (Signal signal : Signal.values()) {
            CheckBox box = new CheckBox(signal.words());
            box.setId("sound-" + signal.key());
            box.setSelected(model.sounds().wants(signal));
            box.selectedProperty().addListener((_, _, on) -> model.sounds().want(signal, on));
            row.getChildren().add(box);
        }
        return row;
    }

    private Node late() {
        FlowPane row = row("A proposal from");
        TextField seconds = new TextField(Long.toString(model.threshold().toSeconds()));
        seconds.setId("threshold");
        seconds.setAccessibleText("seconds late from which a proposal is made");
        seconds.setPrefColumnCount(4);
        Label said = new Label("s late");
        said.getStyleClass().add("soft");
        seconds.textProperty().addListener((_, _, text) -> {
            boolean number = text.matches("\\d{1,3}") && Integer.parseInt(text) >= 5;
            said.setText(number ? "s late" : "s late: write a whole number of seconds from 5 to 999");
            if (number) {
                model.setThreshold(Duration.ofSeconds(Integer.parseInt(text)));
            }
        });
        CheckBox keep = new CheckBox("keep me on time: take it by itself");
        keep.setId("keep-on-time");
        keep.selectedProperty().bindBidirectional(model.onTime().kept());
        row.getChildren().addAll(seconds, said, keep);
        return row;
    }

    private Node levels() {
        FlowPane row = row("Who shows it");
        for (int i = 0; i < LEVELS.length; i++) {
            int level = i;
            TextField name = new TextField(model.group().levels().get(level));
            name.setId("level-" + level);
            name.setPromptText(LEVELS[level]);
            name.setAccessibleText("who shows " + LEVELS[level]);
            name.setPrefColumnCount(10);
            name.textProperty().addListener((_, _, text) -> model.group().levels().set(level, text));
            row.getChildren().add(name);
        }
        Label note = new Label("for this class only; kept nowhere");
        note.getStyleClass().addAll("soft", "small");
        row.getChildren().add(note);
        return row;
    }

    private static FlowPane row(String words) {
        Label label = new Label(words);
        label.setMinWidth(150);
        FlowPane row = new FlowPane(14, 6, label);
        row.setAlignment(Pos.CENTER_LEFT);
        HBox.setHgrow(row, Priority.ALWAYS);
        return row;
    }
}
