package app.kehre.desk.combination;

import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

import app.kehre.core.choreography.Combination;
import app.kehre.core.finding.Finding;
import app.kehre.core.proposal.Way;
import app.kehre.desk.control.Words;

/** What is wrong with the combination, the first of it in full with the ways to mend it. */
final class MisstepBox extends VBox {

    private final CombinationViewModel model;

    MisstepBox(CombinationViewModel model) {
        super(4);
        this.model = model;
        setId("missteps");
    }

    void show(List<Finding> missteps) {
        getChildren().clear();
        getStyleClass().setAll(missteps.isEmpty() ? "works" : "misstep");
        if (missteps.isEmpty()) {
            model.combination().filter(found -> !found.moves().isEmpty()).ifPresent(_ -> getChildren()
                    .add(Words.plain("Works: every foot is free, every place right, the phrase filled.",
                            "soft")));
            return;
        }
        if (model.making().inProgress(missteps)) {
            getStyleClass().setAll("works");
            getChildren().add(Words.plain(progress(), "soft"));
            return;
        }
        Finding first = missteps.getFirst();
        getChildren().addAll(Words.wrapped(first.what(), "strong"), Words.wrapped(first.why() + " ("
                + first.source().words() + ")", "soft", "small"), mends(first));
        if (missteps.size() > 1) {
            Label more = Words.wrapped("And %d more: %s".formatted(missteps.size() - 1,
                    missteps.get(1).what()), "soft");
            getChildren().add(more);
        }
    }

    /** How far it is: what is not full yet is no fault while somebody is at it. */
    private String progress() {
        return model.combination().map(found -> "%d of %d counts".formatted(found.counts(),
                found.phrases() * Combination.PHRASE)).orElse("");
    }

    private FlowPane mends(Finding misstep) {
        FlowPane ways = new FlowPane(8, 4);
        for (Way mend : misstep.mends()) {
            Button way = new Button(mend.words());
            way.getStyleClass().add("repair");
            way.setOnAction(_ -> model.mend(mend));
            ways.getChildren().add(way);
        }
        return ways;
    }
}
