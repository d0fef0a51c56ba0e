package app.kehre.desk.plan;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

import app.kehre.core.brief.School;
import app.kehre.core.pace.Pace;
import app.kehre.core.pace.Quantity;
import app.kehre.core.timeline.PaceShare;
import app.kehre.core.value.Lengths;
import app.kehre.desk.control.InlineField;
import app.kehre.desk.control.Words;

/** How long people take in this class, as it is taught, each quantity to be changed. */
final class PacePane {

    private final PlanViewModel model;

    PacePane(PlanViewModel model) {
        this.model = model;
    }

    List<Node> rows() {
        School.Teaching style = model.plan().brief().teaching();
        Label heading = new Label("Pace, " + style.called());
        heading.getStyleClass().add("heading");
        List<Node> rows = new ArrayList<>(List.of(heading));
        PaceShare.of(model.plan()).stream().filter(share -> share.style() == style)
                .forEach(share -> rows.add(row(share)));
        Button usual = new Button("As usual");
        usual.setOnAction(_ -> model.changePlan("Usual pace",
                plan -> plan.with(Pace.usual(plan.brief().group().older()))));
        Button done = new Button("Done");
        done.setId("pace-done");
        done.getStyleClass().add("go");
        done.setOnAction(_ -> model.showPace().set(false));
        rows.add(new HBox(8, done, usual));
        Label source = new Label("Kehre's estimates to start with; change them to what your group takes.");
        source.setWrapText(true);
        source.getStyleClass().add("soft");
        rows.add(source);
        return rows;
    }

    private HBox row(PaceShare share) {
        Quantity quantity = share.quantity();
        InlineField field = new InlineField(quantity.words(), model.ofPace(quantity), model::setHint);
        field.setId("pace-" + quantity.key());
        field.show(quantity.print(share.value()));
        field.setPrefWidth(90);
        Label word = new Label(quantity.words());
        word.getStyleClass().add("card-word");
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        Label makes = Words.plain(share.makes().isZero() ? "" : Lengths.clock(share.makes()), "soft");
        makes.setMinWidth(Region.USE_PREF_SIZE);
        return new HBox(8, field, word, gap, makes);
    }
}
