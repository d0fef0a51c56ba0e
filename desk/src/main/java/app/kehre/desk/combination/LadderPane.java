package app.kehre.desk.combination;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.beans.property.ObjectProperty;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

import app.kehre.core.choreography.Build;
import app.kehre.core.choreography.Combination;
import app.kehre.core.choreography.Cue;
import app.kehre.core.choreography.Method;
import app.kehre.core.choreography.Script;
import app.kehre.core.choreography.StageKey;
import app.kehre.core.exercise.Role;
import app.kehre.core.value.Lengths;
import app.kehre.core.value.Side;
import app.kehre.desk.control.InlineField;
import app.kehre.desk.control.Words;
import app.kehre.desk.look.Palette;
import app.kehre.desk.look.Tips;

/** The build-up as a ladder of stages that can be held longer, held shorter or dropped. */
final class LadderPane extends VBox {

    private static final double WIDTH = 318;

    private final CombinationViewModel model;
    private final LadderModel ladder;
    private final ObjectProperty<Palette> palette;
    private final InlineField time;
    private final CheckBox facing = way("facing", "I face the group", Build.Ways::withMirrored);
    private final CheckBox runsOn = way("runs-on", "Begin again at the end, without filling the phrase",
            Build.Ways::withRunsOn);
    private final CheckBox finale = way("finale-of-all", "The finale joins what was taught before, too",
            Build.Ways::withFinaleOfAll);
    private final HBox head = new HBox(8);
    private final Label words = Words.wrapped("", "soft");
    private final Label missing = Words.wrapped("", "over", "small");
    private final VBox rungs = new VBox(0);
    private final VBox foot = new VBox(4);
    private final Label legs = Words.wrapped("", "small");

    LadderPane(CombinationViewModel model, ObjectProperty<Palette> palette) {
        super(6);
        this.model = model;
        this.ladder = new LadderModel(model);
        this.palette = palette;
        time = new InlineField("wished time, empty for its own", ladder.ofWish(), model::say);
        time.setId("build-time");
        time.setPromptText("its own time");
        time.setPrefWidth(84);
        Tips.say(time, "A wished time, such as 9 min. Empty: as long as its stages take by themselves.");
        missing.setId("ladder-missing");
        ScrollPane scroll = new ScrollPane(rungs);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("bare");
        VBox.setVgrow(scroll, Priority.ALWAYS);
        head.setAlignment(Pos.BASELINE_LEFT);
        setMinWidth(WIDTH);
        setPrefWidth(WIDTH);
        setMaxWidth(WIDTH);
        getChildren().setAll(head, words, missing, scroll, legs, foot);
        model.said().addListener(_ -> showMissing());
        palette.addListener(_ -> show());
    }

    /** How one of the ways of a build-up is switched. */
    private interface Switch {
        Build.Ways with(Build.Ways ways, boolean set);
    }

    private CheckBox way(String id, String words, Switch change) {
        CheckBox box = new CheckBox(words);
        box.setId(id);
        box.setOnAction(_ -> {
            UnaryOperator<Build.Ways> switched = ways -> change.with(ways, box.isSelected());
            model.editBuild(words, build -> build.with(switched));
        });
        return box;
    }

    void show() {
        model.buildUp().ifPresent(found -> model.script().ifPresent(script -> show(found.build(), script)));
    }

    private void show(Build build, Script script) {
        time.show(build.wish().map(Lengths::notation).orElse(""));
        List<Method> methods = List.of(Method.values());
        var method = MoveBar.pick("method", build.method().words(),
                methods.stream().map(each -> each.words() + ": " + each.how()).toList(),
                at -> model.editBuild("Method", each -> each.withMethod(methods.get(at))));
        head.getChildren().setAll(Words.plain("Build-up", "heading"), method, time);
        String fitted = String.join("; ", script.fill().fitted());
        words.setText(script.lengthWords() + (fitted.isEmpty() ? "" : ". For the time: " + fitted + "."));
        showMissing();
        String colour = Palette.web(palette.get().tint(Role.AEROBIC).ground());
        List<Node> rows = new ArrayList<>();
        List<Cue> cues = script.cues(build.mirrored());
        script.stages().forEach(
                stage -> rows.add(new StageRow(ladder, script, stage, script.cue(stage, cues), colour)));
        dropped(build).forEach(key -> rows.add(droppedRow(key)));
        rungs.getChildren().setAll(rows);
        legs.setText("Right leads %s, left %s.".formatted(Lengths.clock(script.led(Side.RIGHT)),
                Lengths.clock(script.led(Side.LEFT))));
        showWays(build);
    }

    private void showWays(Build build) {
        facing.setSelected(build.mirrored());
        runsOn.setSelected(build.ways().runsOn());
        finale.setSelected(build.ways().finaleOfAll());
        foot.getChildren().setAll(facing);
        boolean open = build.combinations().stream().anyMatch(LadderPane::fillsNoPhrase);
        if (open || runsOn.isSelected()) {
            foot.getChildren().add(runsOn);
        }
        if (ladder.taughtBefore() || finale.isSelected()) {
            foot.getChildren().add(finale);
        }
    }

    private static boolean fillsNoPhrase(Combination combination) {
        return combination.counts() % Combination.PHRASE != 0;
    }

    private void showMissing() {
        List<String> sentences = new ArrayList<>(
                model.script().map(Script::missing).orElse(List.of()));
        Optional.of(model.said().get()).filter(each -> !each.isEmpty()).ifPresent(sentences::addFirst);
        missing.setText(String.join(" ", sentences));
        missing.setVisible(!sentences.isEmpty());
        missing.setManaged(!sentences.isEmpty());
    }

    private static List<StageKey> dropped(Build build) {
        return build.own().entrySet().stream().filter(each -> each.getValue().drops())
                .map(Map.Entry::getKey).toList();
    }

    private Node droppedRow(StageKey key) {
        Button back = Words.button("bring-" + key.text().replace('/', '-'), "bring back",
                () -> ladder.fit("Bring a stage back", key));
        back.getStyleClass().addAll("flat", "small");
        HBox row = new HBox(8, Words.plain("left out: " + key.text().replace('/', ' '), "soft", "small"),
                back);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }
}
