package app.kehre.desk.classes;

import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

import app.kehre.core.brief.Brief;
import app.kehre.core.brief.BriefLine;
import app.kehre.core.value.Reading;
import app.kehre.desk.control.Words;
import app.kehre.desk.look.Tips;

/** One line that says what a new class shall be, and the ways to begin it. */
final class NewClassBar extends VBox {

    private final NewClassModel model;
    private final TextField line = new TextField();
    private final Label reads = Words.wrapped("", "soft", "small");

    NewClassBar(NewClassModel model) {
        super(5);
        this.model = model;
        getStyleClass().add("new-class");
        line.setId("new-line");
        line.setAccessibleText("What the new class shall be");
        Tips.say(line,
                "Kind, length, people, kit, day and time, in any order; what you leave out is as usual");
        line.textProperty().addListener(_ -> say());
        line.setOnAction(_ -> begin(NewClassModel.Begin.SHAPE));
        reads.setId("new-reads");
        HBox.setHgrow(line, Priority.ALWAYS);
        HBox first = new HBox(10, Words.plain("New class", "strong"), line);
        first.setAlignment(Pos.CENTER_LEFT);
        FlowPane ways = new FlowPane(8, 6,
                way("new-shape", "Its shape   Enter", "The segments with their lengths, nothing in them",
                        NewClassModel.Begin.SHAPE),
                way("new-empty", "Empty", "One segment, nothing in it", NewClassModel.Begin.EMPTY),
                way("new-draft", "A draft", "A whole class to be changed", NewClassModel.Begin.DRAFT),
                way("new-again", "Last time\u2019s again", "The last class of this hour or kind, once more",
                        NewClassModel.Begin.AGAIN),
                way("new-text", "From text\u2026", "Type or paste the class as text",
                        NewClassModel.Begin.TEXT));
        getChildren().setAll(first, reads, ways);
    }

    private Button way(String id, String words, String why, NewClassModel.Begin how) {
        Button button = Words.button(id, words, () -> begin(how));
        Tips.say(button, why);
        return button;
    }

    /** Shows what is usual today, and waits to be typed in. */
    void show() {
        line.setPromptText(BriefLine.print(model.usual()));
        say();
    }

    void focus() {
        line.requestFocus();
        line.selectAll();
    }

    /** Says what the line is understood as, or what cannot be read. */
    private void say() {
        Reading<Brief> reading = model.read(line.getText());
        tell(reading.value().map(NewClassBar::understood).orElse(reading.problem()),
                !reading.problem().isEmpty());
    }

    private static String understood(Brief brief) {
        return "\u201c%s\u201d: %s".formatted(brief.title(), BriefLine.echo(brief));
    }

    private void tell(String words, boolean refusal) {
        reads.setText(words);
        reads.getStyleClass().removeAll("soft", "over");
        reads.getStyleClass().add(refusal ? "over" : "soft");
    }

    private void begin(NewClassModel.Begin how) {
        Reading<Brief> reading = model.read(line.getText());
        reading.value().ifPresent(brief -> {
            if (how == NewClassModel.Begin.DRAFT) {
                tell("Drafting\u2026", false);
            }
            model.begin(how, brief, refusal -> {
                if (!refusal.isEmpty()) {
                    tell(refusal, true);
                }
            });
        });
    }
}
