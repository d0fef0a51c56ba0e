package app.kehre.desk.combination;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;

import app.kehre.core.choreography.DancedMove;
import app.kehre.core.dose.Counts.Pace;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Style;
import app.kehre.core.footwork.Derived;
import app.kehre.desk.control.StyleMenu;
import app.kehre.desk.control.Words;
import app.kehre.desk.look.Tips;

/** What can be changed about the selected move. */
final class MoveBar extends FlowPane {

    private static final List<String> TURNS = List.of("quarter turn left into it", "no turn into it",
            "quarter turn right into it", "half turn into it");

    private final CombinationViewModel model;

    MoveBar(CombinationViewModel model) {
        super(8, 4);
        this.model = model;
        setId("part");
        setAlignment(Pos.CENTER_LEFT);
    }

    void show(Optional<DancedMove> selected) {
        getChildren().setAll(selected.map(this::moves).orElseGet(() -> List.of(Words.plain(
                "Select a move to change it: its lead, how often, its pace, arms, hop.", "soft", "small"))));
    }

    private List<Node> moves(DancedMove danced) {
        Label title = Words.plain(danced.move().name(), "strong");
        CheckBox hop = mark("hop as an option", "hop", danced.hop(),
                set -> model.change("Hop", each -> each.withHop(set)));
        hop.setDisable(!Derived.canHop(danced.move().footwork().orElseThrow()));
        return List.of(title,
                Words.button("lead", "leads " + danced.lead().word(),
                        () -> model.change("Lead", each -> each.withLead(each.lead().other()))),
                times(danced), pace(danced), arms(danced), style(danced), turn(danced), plain(danced), hop,
                mark("tap change", "tap-change", danced.tapChange(),
                        set -> model.change("Tap change", each -> each.withTapChange(set))));
    }

    private Node times(DancedMove danced) {
        return pick("times", danced.times() + (danced.times() == 1 ? " time" : " times"),
                Stream.iterate(1, each -> each + 1).limit(DancedMove.TIMES.most()).map(String::valueOf)
                        .toList(),
                at -> model.change("Times", each -> each.withTimes(at + 1)));
    }

    private Node pace(DancedMove danced) {
        List<Pace> paces = List.of(Pace.values());
        return pick("pace", words(danced.pace()), paces.stream().map(MoveBar::words).toList(),
                at -> model.change("Pace", each -> each.withPace(paces.get(at))));
    }

    private static String words(Pace pace) {
        return pace == Pace.NORMAL ? "on the count" : pace.notation();
    }

    private Node turn(DancedMove danced) {
        return pick("turn-in", TURNS.get(danced.turnIn() + 1), TURNS,
                at -> model.change("Turn", each -> each.withTurnIn(at - 1)));
    }

    private Node plain(DancedMove danced) {
        List<Exercise> moves = model.plainer(danced);
        List<String> words = new ArrayList<>(List.of("first as itself"));
        moves.forEach(each -> words.add("first as " + each.name()));
        MenuButton plain = pick("plain",
                danced.plain().map(each -> "first as " + each.name()).orElse(words.getFirst()),
                words, at -> model.change("Plain version", each -> each.withPlain(
                        at == 0 ? Optional.empty() : Optional.of(moves.get(at - 1)))));
        Tips.say(plain, "An easier move that is taught first in its place");
        return plain;
    }

    private Node arms(DancedMove danced) {
        TextField arms = new TextField(danced.arms());
        arms.setId("arms");
        arms.setPromptText("arms as usual");
        arms.setPrefColumnCount(12);
        arms.setOnAction(_ -> take(arms));
        arms.focusedProperty().addListener((_, _, focused) -> {
            if (!focused) {
                take(arms);
            }
        });
        return arms;
    }

    /** Hops have a mark of their own. */
    private Node style(DancedMove danced) {
        return new StyleMenu("style", danced.style(), EnumSet.complementOf(EnumSet.of(Style.HOP)),
                set -> model.change("Style", each -> each.withStyle(set)));
    }

    private void take(TextField arms) {
        String text = arms.getText().strip();
        if (text.length() > DancedMove.LONGEST_ARMS) {
            arms.setText(text.substring(0, DancedMove.LONGEST_ARMS));
        } else {
            model.change("Arms", each -> each.withArms(text));
        }
    }

    private static CheckBox mark(String words, String id, boolean set, Consumer<Boolean> change) {
        CheckBox box = new CheckBox(words);
        box.setId(id);
        box.setSelected(set);
        box.setOnAction(_ -> change.accept(box.isSelected()));
        return box;
    }

    static MenuButton pick(String id, String now, List<String> words, Consumer<Integer> choose) {
        MenuButton button = new MenuButton(now);
        button.setId(id);
        for (int i = 0; i < words.size(); i++) {
            int at = i;
            MenuItem item = new MenuItem(words.get(i));
            item.setOnAction(_ -> choose.accept(at));
            button.getItems().add(item);
        }
        return button;
    }
}
