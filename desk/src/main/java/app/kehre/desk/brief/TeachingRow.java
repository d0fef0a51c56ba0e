package app.kehre.desk.brief;

import java.util.EnumMap;
import java.util.Map;
import javafx.geometry.Pos;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import app.kehre.core.brief.Brief;
import app.kehre.core.brief.Question;
import app.kehre.core.brief.School;
import app.kehre.core.timeline.SlotFit;
import app.kehre.core.value.Lengths;
import app.kehre.desk.control.Words;

/** The teaching style, asked early since nothing changes the length of a class more: each answer says what it makes of it. */
final class TeachingRow extends VBox {

    /** A name, and two lines of what it means. */
    private static final double HEIGHT = 62;

    private final BriefViewModel model;
    private final Map<School.Teaching, ToggleButton> answers = new EnumMap<>(School.Teaching.class);
    private final Map<School.Teaching, Label> lengths = new EnumMap<>(School.Teaching.class);
    private final Label own = Words.plain("", "soft");

    TeachingRow(BriefViewModel model) {
        super(5);
        this.model = model;
        HBox row = new HBox(10);
        for (School.Teaching style : School.Teaching.values()) {
            ToggleButton answer = answer(style);
            answers.put(style, answer);
            HBox.setHgrow(answer, Priority.ALWAYS);
            row.getChildren().add(answer);
        }
        own.setId("teaching-own");
        HBox head = new HBox(14, Words.plain("How you teach", "heading"), own);
        head.setAlignment(Pos.BASELINE_LEFT);
        getChildren().setAll(head, row);
    }

    private ToggleButton answer(School.Teaching style) {
        Label length = Words.plain("", "strong");
        length.setMinWidth(USE_PREF_SIZE);
        lengths.put(style, length);
        Label name = Words.plain(style.called(), "strong");
        name.setMinWidth(USE_PREF_SIZE);
        Label says = Words.wrapped(style.meaning(), "soft");
        HBox.setHgrow(says, Priority.ALWAYS);
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        VBox inside = new VBox(1, new HBox(8, name, gap, length), says);
        ToggleButton answer = new ToggleButton();
        answer.setGraphic(inside);
        answer.setContentDisplay(ContentDisplay.GRAPHIC_ONLY);
        answer.setAccessibleText(style.words());
        answer.setId("teaching-" + style.key());
        answer.getStyleClass().setAll("teaching");
        answer.setMaxWidth(Double.MAX_VALUE);
        answer.setPrefSize(240, HEIGHT);
        answer.setMaxHeight(HEIGHT);
        inside.prefWidthProperty().bind(answer.widthProperty().subtract(22));
        answer.setOnAction(_ -> choose(style));
        return answer;
    }

    /** What suits the class is Kehre's own answer and follows it from then on. */
    private void choose(School.Teaching style) {
        model.change("How you teach", brief -> brief.with(style == brief.teachingThatSuits()
                ? brief.schools().without(Question.TEACHING)
                : brief.schools().with(style)));
        show();
    }

    void show() {
        Brief brief = model.brief();
        own.setText(
                "Kehre's own answer for this class is \u201c%s\u201d. It can differ for a segment or a line."
                        .formatted(brief.teachingThatSuits().called()));
        for (School.Teaching style : School.Teaching.values()) {
            SlotFit fit = model.taught(style);
            boolean chosen = brief.teaching() == style;
            ToggleButton answer = answers.get(style);
            Label length = lengths.get(style);
            if (answer != null && length != null) {
                answer.setSelected(chosen);
                length.setText("%s of %s".formatted(Lengths.clock(fit.length()), Lengths.clock(fit.slot())));
                length.getStyleClass().setAll("label", fit.spare().isNegative() ? "over" : "strong");
            }
        }
    }
}
