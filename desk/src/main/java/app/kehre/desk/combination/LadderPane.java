package app.kehre.desk.combination;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import app.kehre.core.choreography.Build;
import app.kehre.core.choreography.BuildUpWords;
import app.kehre.core.choreography.Cue;
import app.kehre.core.choreography.Method;
import app.kehre.core.choreography.Script;
import app.kehre.core.choreography.Stage;
import app.kehre.core.exercise.Role;
import app.kehre.core.value.Lengths;
import app.kehre.core.value.Reading;
import app.kehre.core.value.Side;
import app.kehre.desk.control.InlineField;
import app.kehre.desk.control.Words;
import app.kehre.desk.look.Palette;
import app.kehre.desk.look.Tips;

/** The build-up as a ladder of stages that can be held longer, held shorter or dropped. */
final class LadderPane extends VBox {

    private static final double WIDTH = 318;
    private static final double BAR = 62;

    private final CombinationViewModel model;
    private final javafx.beans.property.ObjectProperty<Palette> palette;
    private final InlineField time;
    private final CheckBox facing = new CheckBox("I face the group");
    private final HBox head = new HBox(8);
    private final Label words = Words.wrapped("", "soft");
    private final VBox rungs = new VBox(0);
    private final Label legs = Words.wrapped("", "small");

    LadderPane(CombinationViewModel model, javafx.beans.property.ObjectProperty<Palette> palette) {
        super(6);
        this.model = model;
        this.palette = palette;
        time = new InlineField("time", model.ofBuild("Time of the build-up", this::withTime), _ -> {});
        time.setId("build-time");
        time.setPrefWidth(70);
        facing.setId("facing");
        facing.setOnAction(_ -> model.editBuild("Facing", build -> build.withMirrored(facing.isSelected())));
        ScrollPane scroll = new ScrollPane(rungs);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("bare");
        VBox.setVgrow(scroll, Priority.ALWAYS);
        head.setAlignment(Pos.BASELINE_LEFT);
        setMinWidth(WIDTH);
        setPrefWidth(WIDTH);
        setMaxWidth(WIDTH);
        getChildren().setAll(head, words, scroll, legs, facing);
        palette.addListener(_ -> show());
    }

    private Reading<Build> withTime(String text) {
        Build build = model.buildUp().orElseThrow().build();
        return Lengths.parse(text).value().flatMap(Build.TIME::problem).map(Reading::<Build>refused)
                .orElseGet(() -> Lengths.parse(text).map(build::withTime));
    }

    void show() {
        model.buildUp().ifPresent(found -> model.script().ifPresent(script -> {
            Build build = found.build();
            time.show(Lengths.notation(build.time()));
            facing.setSelected(build.mirrored());
            List<Method> methods = List.of(Method.values());
            var method = PartBar.pick("method", build.method().words(),
                    methods.stream().map(each -> each.words() + ": " + each.how()).toList(),
                    at -> model.editBuild("Method", each -> each.withMethod(methods.get(at))));
            head.getChildren().setAll(Words.plain("Build-up", "heading"), method, time);
            words.setText(script.words());
            List<Cue> cues = script.cues(build.mirrored());
            List<Node> rows = new ArrayList<>();
            script.stages().forEach(stage -> rows.add(rung(script, stage, cues, build)));
            dropped(build).forEach(key -> rows.add(droppedRow(key)));
            if (!script.leftOut().isEmpty()) {
                rows.add(Words.wrapped("No time for: " + String.join("; ", script.leftOut()), "soft",
                        "small"));
            }
            rungs.getChildren().setAll(rows);
            legs.setText("Right leads %d phrases, left %d.".formatted(script.phrases(Side.RIGHT),
                    script.phrases(Side.LEFT)));
        }));
    }

    private static List<String> dropped(Build build) {
        return build.changes().entrySet().stream().filter(each -> each.getValue() == 0)
                .map(java.util.Map.Entry::getKey).toList();
    }

    private Node droppedRow(String key) {
        HBox row = new HBox(8, Words.plain("dropped: " + key.substring(key.indexOf('/') + 1)
                .replace('/', ' '), "soft", "small"),
                small("bring-" + key.replace('/', '-'), "bring back", "Let Kehre fit it again",
                        () -> model.editBuild("Bring a stage back", build -> build.withoutChange(key))));
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    private Node rung(Script script, Stage stage, List<Cue> cues, Build build) {
        Label title = Words.plain(stage.title(), "strong");
        title.setMinWidth(0);
        title.setTextOverrun(javafx.scene.control.OverrunStyle.CENTER_ELLIPSIS);
        title.setMaxWidth(Double.MAX_VALUE);
        Tips.say(title, stage.title() + ": " + BuildUpWords.phrases(stage));
        HBox.setHgrow(title, Priority.ALWAYS);
        Region bar = new Region();
        double share = (double) stage.phrases() / Math.max(1, script.stages().stream()
                .mapToInt(Stage::phrases).max().orElse(1));
        bar.setMinSize(Math.max(3, BAR * share), 8);
        bar.setMaxSize(Math.max(3, BAR * share), 8);
        bar.setStyle("-fx-background-color: %s;"
                .formatted(Palette.web(palette.get().tint(Role.AEROBIC).ground())));
        HBox room = new HBox(bar);
        room.setAlignment(Pos.CENTER_RIGHT);
        room.setMinWidth(BAR);
        Label counts = fixed(stage.phrases() + "\u00d732", 38);
        Label length = fixed(Lengths.clock(script.shown(stage)), 36);
        HBox top = new HBox(6, title, room, counts, length);
        top.setAlignment(Pos.CENTER_LEFT);
        Optional<Cue> cue = cues.stream().filter(each -> each.at() == stage.from() * 32).findFirst();
        Label said = Words.plain(cue.map(each -> "cue: " + each.words()).orElse("start"), "soft", "small");
        said.setMinWidth(0);
        said.setMaxWidth(Double.MAX_VALUE);
        said.setTextOverrun(javafx.scene.control.OverrunStyle.CENTER_ELLIPSIS);
        cue.ifPresent(each -> Tips.say(said, "%s. %d counts ahead: %s, you lead %s"
                .formatted(each.words(), each.ahead(), each.sign(), each.own().word())));
        HBox.setHgrow(said, Priority.ALWAYS);
        HBox below = new HBox(2, said);
        below.setAlignment(Pos.CENTER_LEFT);
        below.getChildren().addAll(buttons(stage, build));
        VBox rung = new VBox(0, top, below);
        rung.getStyleClass().add("rung");
        rung.setId("rung-" + stage.key().replace('/', '-'));
        return rung;
    }

    private List<Node> buttons(Stage stage, Build build) {
        String key = stage.key();
        String id = key.replace('/', '-');
        List<Node> buttons = new ArrayList<>();
        if (build.changes().containsKey(key)) {
            buttons.add(small("fit-" + id, "fit", "Let Kehre fit it again",
                    () -> model.editBuild("Fit " + stage.title(), each -> each.withoutChange(key))));
        }
        buttons.add(small("less-" + id, "\u2013", "One round less", () -> rounds(stage, stage.rounds() - 1)));
        buttons.add(small("more-" + id, "+", "One round more", () -> rounds(stage, stage.rounds() + 1)));
        buttons.add(small("drop-" + id, "drop", "Leave this stage out", () -> rounds(stage, 0)));
        return buttons;
    }

    private void rounds(Stage stage, int rounds) {
        if (rounds >= 0 && rounds <= Build.ROUNDS.most()) {
            model.editBuild((rounds == 0 ? "Drop " : "Rounds of ") + stage.title(),
                    build -> build.withRounds(stage.key(), rounds));
        }
    }

    private static Button small(String id, String text, String tip, Runnable action) {
        Button button = Words.button(id, text, action);
        button.getStyleClass().addAll("flat", "small");
        Tips.say(button, tip);
        button.setAccessibleText(tip);
        return button;
    }

    private static Label fixed(String text, double width) {
        Label label = Words.plain(text, "soft");
        label.setMinWidth(width);
        label.setAlignment(Pos.CENTER_RIGHT);
        return label;
    }
}
