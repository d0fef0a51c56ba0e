package app.kehre.desk.plan;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;

import app.kehre.core.plan.ClassTimes;
import app.kehre.core.typing.TimesText;
import app.kehre.core.value.Lengths;
import app.kehre.desk.control.InlineField;

/** How long explaining and changing over take in this class, each to be changed. */
final class TimesPane {

    private final PlanViewModel model;

    TimesPane(PlanViewModel model) {
        this.model = model;
    }

    List<Node> rows() {
        Label heading = new Label("Explaining and changing over");
        heading.getStyleClass().add("heading");
        List<Node> rows = new ArrayList<>(List.of(heading));
        List<Duration> times = TimesText.all(model.plan().times());
        for (int i = 0; i < times.size(); i++) {
            InlineField field = new InlineField(TimesText.NAMES.get(i), model.ofTime(i), model::setHint);
            field.setId("time-" + i);
            field.show(Lengths.notation(times.get(i)));
            field.setPrefWidth(70);
            Label word = new Label(TimesText.NAMES.get(i));
            word.getStyleClass().add("card-word");
            rows.add(new HBox(8, field, word));
        }
        Button usual = new Button("As usual");
        usual.setOnAction(_ -> model.changePlan("Usual times",
                plan -> plan.with(ClassTimes.usual(plan.brief().group().older()))));
        Button done = new Button("Done");
        done.setId("times-done");
        done.getStyleClass().add("go");
        done.setOnAction(_ -> model.showTimes().set(false));
        rows.add(new HBox(8, done, usual));
        Label source = new Label("Kehre's estimates to start with; change them to what your group takes.");
        source.setWrapText(true);
        source.getStyleClass().add("soft");
        rows.add(source);
        return rows;
    }
}
