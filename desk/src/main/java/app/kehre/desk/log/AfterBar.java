package app.kehre.desk.log;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.geometry.Pos;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;

import app.kehre.core.log.After;
import app.kehre.core.value.Reading;
import app.kehre.desk.control.Commit;
import app.kehre.desk.control.InlineField;
import app.kehre.desk.control.Words;
import app.kehre.desk.look.Tips;

/** What the instructor says of a class: who came, how hard it was, a sentence for the next time. */
final class AfterBar extends HBox {

    private final LogViewModel model;
    private final InlineField came;
    private final InlineField next;
    private final List<ToggleButton> hard = new ArrayList<>();
    private After shown = After.NOTHING;

    /** @param hint told what is against what is typed */
    AfterBar(LogViewModel model, Consumer<String> hint) {
        super(8);
        this.model = model;
        setId("after");
        getStyleClass().add("after");
        setAlignment(Pos.CENTER_LEFT);
        came = new InlineField("how many came", commit(text -> CameText.read(text, shown)), hint);
        came.setId("came");
        came.setPromptText("how many");
        came.setPrefWidth(112);
        came.setMinWidth(80);
        next = new InlineField("a sentence for the next time", commit(this::next), hint);
        next.setId("next-time");
        next.setPromptText("a sentence; no names of people");
        HBox.setHgrow(next, Priority.ALWAYS);
        HBox row = new HBox(0);
        for (int i = (int) After.HARD.least(); i <= After.HARD.most(); i++) {
            row.getChildren().add(hard(i));
        }
        row.setMinWidth(USE_PREF_SIZE);
        getChildren().setAll(Words.plain("people", "soft"), came, Words.plain("how hard it was", "soft"), row,
                Words.plain("next time", "soft"), next);
    }

    private Reading<After> next(String text) {
        try {
            return Reading.of(shown.withNext(text.strip()));
        } catch (IllegalArgumentException refused) {
            return Reading.refused(String.valueOf(refused.getMessage()));
        }
    }

    private Commit commit(Function<String, Reading<After>> read) {
        return new Commit() {
            @Override
            public String preview(String text) {
                return read.apply(text).problem();
            }

            @Override
            public String take(String text) {
                Reading<After> reading = read.apply(text);
                reading.value().ifPresent(model::say);
                return reading.problem();
            }
        };
    }

    private ToggleButton hard(int number) {
        ToggleButton button = new ToggleButton(String.valueOf(number));
        button.setId("hard-" + number);
        button.getStyleClass().add("hard");
        button.setAccessibleText("how hard it was: %d of 10".formatted(number));
        Tips.say(button, "0 nothing at all, 5 hard, 7 very hard, 10 nobody could do more");
        button.setOnAction(_ -> model
                .say(shown.withHard(button.isSelected() ? Optional.of(number) : Optional.empty())));
        hard.add(button);
        return button;
    }

    void show(After after) {
        shown = after;
        came.show(CameText.print(after));
        next.show(after.next());
        for (int i = 0; i < hard.size(); i++) {
            hard.get(i).setSelected(after.hard().equals(Optional.of(i)));
        }
    }
}
