package app.kehre.desk.brief;

import java.util.EnumMap;
import java.util.Map;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;

import app.kehre.core.advice.Threshold;
import app.kehre.core.typing.FigureText;
import app.kehre.desk.control.InlineField;
import app.kehre.desk.control.Words;
import app.kehre.desk.look.Tips;

/** The figures against which the class is judged: Kehre's, until one is typed over. */
final class FiguresForm extends FlowPane {

    private static final double FIELD = 44;
    private static final double ROW = 350;

    private final BriefViewModel model;
    private final Map<Threshold, InlineField> fields = new EnumMap<>(Threshold.class);
    private final Map<Threshold, Label> words = new EnumMap<>(Threshold.class);

    FiguresForm(BriefViewModel model) {
        super(20, 2);
        this.model = model;
        setId("figures");
        for (Threshold figure : Threshold.values()) {
            getChildren().add(row(figure));
        }
    }

    private HBox row(Threshold figure) {
        InlineField field = new InlineField("Figure: " + figure.words(), model.figure(figure), model::hint);
        field.setId("figure-" + figure.ordinal());
        field.setPrefWidth(FIELD);
        field.setMinWidth(FIELD);
        Label label = Words.plain("%s  %s".formatted(figure.unit(), figure.words()), "soft");
        Tips.say(label, FigureText.about(figure));
        label.setMinWidth(0);
        label.setWrapText(true);
        fields.put(figure, field);
        words.put(figure, label);
        HBox row = new HBox(6, field, label);
        row.setAlignment(javafx.geometry.Pos.BASELINE_LEFT);
        row.setPrefWidth(ROW);
        return row;
    }

    void show() {
        fields.forEach((figure, field) -> field.show(FigureText.of(model.open().plan(), figure)));
        words.forEach((figure, label) -> {
            label.getStyleClass().removeAll("soft", "medium");
            label.getStyleClass().add(
                    FigureText.changed(model.open().plan().thresholds(), figure) ? "medium" : "soft");
        });
    }
}
