package app.kehre.desk.plan;

import java.time.Duration;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.LongFunction;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

import org.jspecify.annotations.Nullable;

import app.kehre.core.brief.Brief;
import app.kehre.core.brief.BriefText;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.rehearsal.Forecast;
import app.kehre.core.rehearsal.Habits;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Lengths;
import app.kehre.core.value.Reading;
import app.kehre.desk.control.InlineField;
import app.kehre.desk.control.Latest;
import app.kehre.desk.look.Tips;

/** The brief, and how the class stands to its slot. */
final class BriefBar extends HBox {

    private static final PseudoClass OVER = PseudoClass.getPseudoClass("over");

    private static final int TIMES = 60;
    /** In less room than this, in pixels, the forecast would lie over the brief. */
    private static final double WIDE = 1000;
    private static final Duration PAUSE = Duration.ofMillis(700);

    private final InlineField title;
    private final InlineField date;
    private final InlineField start;
    private final Label end = label("", "soft");
    private final InlineField slot;
    private final InlineField people;
    private final GroupMenu menus;
    private final Label length = label("", "slot-length");
    private final Label of = label("", "slot-of");
    private final Label spare = label("", "soft");
    private final Label forecast = label("", "soft");
    private final Latest rehearsing = new Latest("forecast");
    private final PlanViewModel model;
    private @Nullable Brief shown;

    BriefBar(PlanViewModel model) {
        this.model = model;
        title = field(model, "title", "Title", BriefText::withTitle).shrinkable(120, 120, 2000);
        title.getStyleClass().add("title");
        date = field(model, "date", "Day", BriefText::withDate).fitted(60, 160);
        start = field(model, "start", "Start", BriefText::withStart).fitted(40, 80);
        slot = field(model, "slot", "Slot", BriefText::withSlot).fitted(40, 90);
        people = field(model, "people", "People", BriefText::withPeople).fitted(50, 120);
        menus = new GroupMenu(model);
        spare.setId("spare");
        length.setId("class-length");

        HBox line = new HBox(3, date, dot(), start, end, dot(), label("slot", "soft"), slot, dot(), people,
                dot(), menus.group(), dot(),
                menus.cut());
        line.setAlignment(Pos.BASELINE_LEFT);
        VBox words = new VBox(2, title, line);
        title.maxWidthProperty().bind(title.prefWidthProperty());
        HBox.setHgrow(words, Priority.ALWAYS);
        words.setMinWidth(0);
        HBox total = new HBox(6, length, of);
        total.setAlignment(Pos.BASELINE_RIGHT);
        forecast.setId("forecast");
        Tips.say(forecast,
                "Out of %d rehearsals, taught as planned but as unevenly as people teach".formatted(TIMES));
        forecast.visibleProperty().bind(widthProperty().greaterThan(WIDE));
        forecast.managedProperty().bind(forecast.visibleProperty());
        HBox ends = new HBox(6, spare, forecast);
        ends.setAlignment(Pos.BASELINE_RIGHT);
        VBox fit = new VBox(2, total, ends);
        fit.setAlignment(Pos.TOP_RIGHT);
        fit.setMinWidth(USE_PREF_SIZE);
        setSpacing(18);
        getChildren().addAll(words, fit);
        model.open().settled().subscribe(this::rehearse);
    }

    /** Beside the JavaFX thread, when nothing has changed for a moment. */
    private void rehearse(Timeline settled) {
        forecast.setText("");
        ClassPlan plan = settled.plan();
        if (settled.spans().isEmpty()) {
            rehearsing.drop();
        } else {
            LongFunction<Habits> days = model.pace().days(plan);
            rehearsing.askEach(List.of(plan), PAUSE,
                    each -> Forecast.of(each, 1, days, TIMES).words(each),
                    (_, words) -> forecast.setText("\u00b7 " + words), _ -> forecast.setText(""));
        }
    }

    void show(Timeline timeline) {
        Brief brief = timeline.plan().brief();
        if (!brief.equals(shown)) {
            shown = brief;
            show(brief);
        }
        length.setText(Lengths.clock(timeline.fit().length()));
        of.setText("of " + Lengths.clock(timeline.fit().slot()));
        spare.setText(timeline.fit().words());
        spare.pseudoClassStateChanged(OVER, timeline.fit().over());
    }

    private void show(Brief brief) {
        title.show(brief.title());
        Tips.say(title, brief.title());
        date.show(BriefText.date(brief));
        start.show(BriefText.start(brief));
        end.setText("to " + BriefText.end(brief));
        slot.show(BriefText.slot(brief));
        people.show(BriefText.people(brief));
    }

    /** Shows the menus of a plan as it stands: what they offer does not depend on what is only being typed. */
    void showMenus(ClassPlan plan) {
        menus.show(plan);
    }

    private static InlineField field(PlanViewModel model, String id, String name,
            BiFunction<Brief, String, Reading<Brief>> reader) {
        InlineField field = new InlineField(name, model.ofBrief(name, reader), model::setHint);
        field.setId(id);
        return field;
    }

    private static Label dot() {
        return label("\u00b7", "soft");
    }

    private static Label label(String text, String style) {
        Label label = new Label(text);
        label.getStyleClass().add(style);
        label.setMinWidth(USE_PREF_SIZE);
        return label;
    }
}
