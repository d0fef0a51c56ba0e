package app.kehre.desk.combination;

import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.text.Font;

import app.kehre.core.choreography.Combination;
import app.kehre.desk.control.Words;
import app.kehre.desk.look.Tips;
import app.kehre.desk.look.Type;
import app.kehre.formats.font.Weight;

/** The combinations of a build-up, one of them shown; another one is added, the shown one removed. */
final class CombinationTabs extends HBox {

    private static final double LONGEST_TAB = 170;
    private static final Font TAB_FONT = Type.of(Weight.MEDIUM, 13);

    private final CombinationViewModel model;
    private final CheckBox known = new CheckBox("they know it");
    private final Label said = Words.plain("", "soft", "small");

    CombinationTabs(CombinationViewModel model) {
        super(4);
        this.model = model;
        setAlignment(Pos.CENTER_LEFT);
        known.setId("combination-known");
        known.setOnAction(_ -> model.edit("Known", each -> each.withKnown(known.isSelected())));
    }

    /** Says something beside them. */
    void say(String words) {
        said.setText(words);
    }

    /** Shows them as they are now. */
    void show() {
        known.setSelected(model.combination().map(Combination::known).orElse(false));
        getChildren().clear();
        List<Combination> all = model.buildUp().orElseThrow().build().combinations();
        for (int i = 0; i < all.size(); i++) {
            int at = i;
            ToggleButton tab = new ToggleButton(Type.fit(all.get(i).name(), "", TAB_FONT, LONGEST_TAB));
            Tips.say(tab, all.get(i).name());
            tab.setId("combination-" + (i + 1));
            tab.getStyleClass().add("tab");
            tab.setSelected(i == model.which().get());
            tab.setOnAction(_ -> {
                model.making().leave();
                model.chosen().set(-1);
                model.which().set(at);
                show();
            });
            getChildren().add(tab);
        }
        Button add = Words.button("add-combination", "+ combination", model::addCombination);
        add.getStyleClass().add("flat");
        add.setDisable(all.size() >= 4);
        Button remove = Words.button("remove-combination", "remove", model::removeCombination);
        remove.getStyleClass().add("flat");
        remove.setDisable(all.size() < 2);
        getChildren().addAll(add, remove, known, said);
    }
}
