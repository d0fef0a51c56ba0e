package app.kehre.desk.plan;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

import app.kehre.core.brief.School;
import app.kehre.core.dose.Speed;
import app.kehre.core.exercise.Role;
import app.kehre.core.plan.Pacing;
import app.kehre.core.plan.Segment;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.typing.SegmentText;
import app.kehre.core.value.Lengths;
import app.kehre.core.value.Reading;
import app.kehre.desk.control.InlineField;
import app.kehre.desk.look.Icons;
import app.kehre.desk.look.Tips;

/** The selected segment: name, role, target, tempo, and what can be done with it as a whole. */
final class SegmentHead extends HBox {

    /** Narrower than this, words give way to signs, and moving to its keys. */
    private static final double NARROW = 690;

    private final PlanViewModel model;
    private final InlineField name;
    private final MenuButton role;
    private final Label length = soft("");
    private final InlineField target;
    private final CheckBox alone = new CheckBox();
    private final InlineField bpm;

    private final MenuButton pacing = new MenuButton();
    private final MenuButton add;
    private final List<Button> moves;

    SegmentHead(PlanViewModel model) {
        this.model = model;
        name = field("segment-name", "Name", SegmentText::withName).shrinkable(60, 60, 260);
        name.getStyleClass().add("segment-title");
        target = field("segment-target", "Target", SegmentText::withTarget).fitted(34, 80);
        bpm = field("segment-bpm", "Tempo", SegmentText::withBpm).fitted(40, 90);
        role = roles("segment-role", model.segments()::change);
        role.getStyleClass().add("flat");
        role.setMinWidth(USE_PREF_SIZE);
        add = roles("add-segment", model.segments()::add);
        Tips.say(add, "Adds a segment after this one");
        add.setGraphic(new FontIcon(Feather.PLUS));
        add.getStyleClass().add("flat");
        Button remove = Icons.button(Feather.TRASH_2, "Remove this segment and its lines",
                model.segments()::remove);
        remove.setId("remove-segment");
        setId("segment-head");
        fillPacing();
        moves = List.of(
                Icons.button(Feather.ARROW_LEFT, "Move this segment earlier (Ctrl+Alt+Left)",
                        () -> model.segments().move(-1)),
                Icons.button(Feather.ARROW_RIGHT, "Move this segment later (Ctrl+Alt+Right)",
                        () -> model.segments().move(1)));
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        setSpacing(4);
        setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(name, role, length, soft("of"), target, soft("\u00b7"), bpm, pacing, gap, alone,
                add);
        getChildren().addAll(moves);
        getChildren().add(remove);
        widthProperty().addListener(_ -> fold());
        fold();
        add.setMinWidth(USE_PREF_SIZE);
        alone.setId("stands-alone");
        alone.setMinWidth(USE_PREF_SIZE);
        Tips.say(alone, "Stands alone: belongs to a shorter cut of the class");
        alone.setOnAction(_ -> model.changePlan("Cut mark of " + name.getText(), plan -> plan.with(
                plan.segment(model.segment().get().orElseThrow()).withStandsAlone(alone.isSelected()))));
    }

    /** Lets words give way where there is little room, so that nothing runs into what stands beside. */
    private void fold() {
        boolean narrow = getWidth() > 0 && getWidth() < NARROW;
        add.setText(narrow ? "" : "Segment");
        alone.setText(narrow ? "" : "stands alone");
        moves.forEach(each -> {
            each.setManaged(!narrow);
            each.setVisible(!narrow && name.isVisible());
        });
    }

    /** How the segment is taught, and how fast its reps are. */
    private void fillPacing() {
        pacing.setId("segment-pacing");
        pacing.getStyleClass().add("flat");
        pacing.setMinWidth(USE_PREF_SIZE);
        Tips.say(pacing, "How this segment is taught, and how fast its reps are");
        pacing.getItems().add(choice("as the class", each -> each.withTeaching(Optional.empty())));
        for (School.Teaching style : School.Teaching.values()) {
            pacing.getItems().add(choice(style.called(), each -> each.withTeaching(Optional.of(style))));
        }
        pacing.getItems().add(new SeparatorMenuItem());
        for (Speed speed : Speed.values()) {
            pacing.getItems().add(choice("reps " + speed.words(), each -> each.withSpeed(speed)));
        }
    }

    private MenuItem choice(String words, UnaryOperator<Pacing> change) {
        MenuItem item = new MenuItem(words);
        item.setOnAction(_ -> model.changePlan("How a segment is taught", plan -> {
            Segment segment = plan.segment(model.segment().get().orElseThrow());
            return plan.with(segment.with(change.apply(segment.pacing())));
        }));
        return item;
    }

    void show(Timeline timeline) {
        model.selectedSegment().flatMap(each -> timeline.plan().findSegment(each.id())).ifPresentOrElse(
                segment -> show(timeline, segment), () -> getChildren().forEach(each -> {
                    if (!"add-segment".equals(each.getId())) {
                        each.setVisible(false);
                    }
                }));
    }

    private void show(Timeline timeline, Segment segment) {
        getChildren().forEach(each -> each.setVisible(true));
        fold();
        name.show(segment.name());
        role.setText(segment.role().words());
        length.setText(Lengths.clock(timeline.ofSegment(segment.id()).shown()));
        alone.setSelected(segment.standsAlone());
        target.show(SegmentText.target(segment));
        bpm.show(SegmentText.bpm(segment));
        pacing.setText(SegmentText.pacing(segment));
    }

    private static MenuButton roles(String id, Consumer<Role> use) {
        MenuButton button = new MenuButton();
        button.setId(id);
        button.getItems().setAll(Arrays.stream(Role.values()).map(each -> {
            MenuItem item = new MenuItem(each.words());
            item.setOnAction(_ -> use.accept(each));
            return item;
        }).toList());
        return button;
    }

    private InlineField field(String id, String words, BiFunction<Segment, String, Reading<Segment>> reader) {
        InlineField field = new InlineField(words, model.ofSegment(words, reader), model::setHint);
        field.setId(id);
        return field;
    }

    private static Label soft(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("soft");
        label.setMinWidth(USE_PREF_SIZE);
        return label;
    }
}
