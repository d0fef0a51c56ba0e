package app.kehre.desk.combination;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.OverrunStyle;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import app.kehre.core.choreography.BuildUpWords;
import app.kehre.core.choreography.Cue;
import app.kehre.core.choreography.Rounds;
import app.kehre.core.choreography.Script;
import app.kehre.core.choreography.Stage;
import app.kehre.core.choreography.StageKey;
import app.kehre.core.value.Lengths;
import app.kehre.core.value.Side;
import app.kehre.desk.control.InlineField;
import app.kehre.desk.control.Words;
import app.kehre.desk.look.Tips;

/** One stage of the ladder: how often it is danced, what is cued before it, and what can be changed about it. */
final class StageRow extends VBox {

    private static final double BAR = 24;

    private final CombinationViewModel model;
    private final LadderModel ladder;
    private final Stage stage;
    private final String id;

    StageRow(LadderModel ladder, Script script, Stage stage, Optional<Cue> cue, String colour) {
        super(0);
        this.ladder = ladder;
        this.model = ladder.combination();
        this.stage = stage;
        this.id = stage.key().text().replace('/', '-');
        getStyleClass().add("rung");
        setId("rung-" + id);
        getChildren().add(top(script, colour));
        if (!stage.stop().isZero()) {
            getChildren().add(stop());
        }
        getChildren().add(below(cue));
    }

    private Node top(Script script, String colour) {
        Label title = cut(Words.plain(stage.title(), "strong"));
        Tips.say(title, stage.title() + ": " + BuildUpWords.rounds(stage));
        Region bar = new Region();
        double longest = script.stages().stream().mapToInt(Stage::eights).max().orElse(1);
        double width = Math.max(3, BAR * stage.eights() / Math.max(1, longest));
        bar.setMinSize(width, 8);
        bar.setMaxSize(width, 8);
        bar.setStyle("-fx-background-color: %s;".formatted(colour));
        HBox room = new HBox(bar);
        room.setAlignment(Pos.CENTER_RIGHT);
        room.setMinWidth(BAR);
        String rounds = stage.kind() == Stage.Kind.HOLD
                ? BuildUpWords.length(stage.eights())
                : stage.rounds().notation();
        HBox top = new HBox(6, title, room, fixed(rounds, 74), fixed(Lengths.clock(script.shown(stage)), 36));
        top.setAlignment(Pos.CENTER_LEFT);
        return top;
    }

    private static Label cut(Label label) {
        label.setMinWidth(0);
        label.setMaxWidth(Double.MAX_VALUE);
        label.setTextOverrun(OverrunStyle.CENTER_ELLIPSIS);
        HBox.setHgrow(label, Priority.ALWAYS);
        return label;
    }

    private static Label fixed(String text, double width) {
        Label label = Words.plain(text, "soft");
        label.setMinWidth(width);
        label.setAlignment(Pos.CENTER_RIGHT);
        return label;
    }

    private Node stop() {
        StageKey key = stage.key().show();
        InlineField length = new InlineField("Stop before " + stage.title(), ladder.ofRounds(key),
                model::say);
        length.setId("stop-" + id);
        length.show(Lengths.notation(stage.stop()));
        length.setPrefWidth(60);
        HBox row = new HBox(6, Words.plain("first the work stops and it is shown for", "soft", "small"),
                length);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    private Node below(Optional<Cue> cue) {
        Label said = cut(
                Words.plain(cue.map(each -> "cue: " + each.words()).orElse("start"), "soft", "small"));
        cue.ifPresent(each -> Tips.say(said, "%s. %d counts ahead: %s, you lead %s"
                .formatted(each.words(), each.ahead(), each.sign(), each.own().word())));
        String what = stage.kind() == Stage.Kind.HOLD ? "phrase" : "round";
        HBox below = new HBox(2, said,
                small("less-" + id, "\u2013", "One %s less".formatted(what), -1),
                small("more-" + id, "+", "One %s more".formatted(what), 1), menu());
        below.setAlignment(Pos.CENTER_LEFT);
        return below;
    }

    private Button small(String name, String text, String tip, int by) {
        Button button = Words.button(name, text,
                () -> ladder.rounds("Rounds of " + stage.title(), stage.key(), stage.rounds().more(by)));
        button.getStyleClass().addAll("flat", "small");
        Tips.say(button, tip);
        button.setAccessibleText(tip);
        return button;
    }

    private MenuButton menu() {
        MenuButton menu = new MenuButton("");
        menu.setId("stage-" + id);
        menu.getStyleClass().addAll("flat", "small");
        menu.setAccessibleText("More about " + stage.title());
        if (stage.rounds() instanceof Rounds.Leads leads) {
            for (Side side : List.of(Side.RIGHT, Side.LEFT)) {
                if (on(leads, side) < Rounds.PASSES.most()) {
                    item(menu, "Once more on the " + side.word(), stage.key(), more(leads, side));
                }
            }
            item(menu, "Hold a phrase before it", stage.key().hold(), new Rounds.Held(1));
            item(menu, "Stop and show it before", stage.key().show(), new Rounds.Shown(ladder.showing()));
        }
        if (!stage.stop().isZero()) {
            fit(menu, "No stop before it", stage.key().show());
        }
        if (stage.fixed()) {
            fit(menu, "As often as Kehre fits it", stage.key());
        }
        item(menu, "Leave it out", stage.key(),
                stage.kind() == Stage.Kind.HOLD ? new Rounds.Held(0) : Rounds.each(0));
        return menu;
    }

    private static int on(Rounds.Leads leads, Side side) {
        return side == Side.RIGHT ? leads.right() : leads.left();
    }

    private static Rounds more(Rounds.Leads leads, Side side) {
        return side == Side.RIGHT
                ? new Rounds.Leads(leads.right() + 1, leads.left())
                : new Rounds.Leads(leads.right(), leads.left() + 1);
    }

    private void item(MenuButton menu, String words, StageKey key, Rounds rounds) {
        add(menu, words, () -> ladder.rounds(words + ": " + stage.title(), key, rounds));
    }

    private void fit(MenuButton menu, String words, StageKey key) {
        add(menu, words, () -> ladder.fit(words + ": " + stage.title(), key));
    }

    private static void add(MenuButton menu, String words, Runnable action) {
        MenuItem item = new MenuItem(words);
        item.setOnAction(_ -> action.run());
        menu.getItems().add(item);
    }
}
