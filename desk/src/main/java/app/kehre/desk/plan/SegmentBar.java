package app.kehre.desk.plan;

import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.OverrunStyle;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.VBox;

import app.kehre.core.dose.Lengths;
import app.kehre.core.plan.Segment;
import app.kehre.core.timeline.SlotFit;
import app.kehre.core.timeline.Timeline;
import app.kehre.desk.look.Palette;

/** The segments side by side, as wide as they are long, each with its minutes against its target. */
final class SegmentBar extends Pane {

    private static final double NARROWEST = 82;
    private static final double HEIGHT = 44;
    private static final double GAP = 2;

    private final PlanViewModel model;
    private Palette palette = Palette.LIGHT;

    SegmentBar(PlanViewModel model) {
        this.model = model;
        getStyleClass().add("segment-bar");
        setMinHeight(HEIGHT);
        setPrefHeight(HEIGHT);
        setMinWidth(0);
    }

    void show(Timeline timeline, Palette theme) {
        palette = theme;
        ToggleGroup group = new ToggleGroup();
        getChildren().setAll(timeline.plan().segments().stream()
                .map(segment -> button(timeline, segment, group)).toList());
        requestLayout();
    }

    private ToggleButton button(Timeline timeline, Segment segment, ToggleGroup group) {
        Label name = new Label(segment.name());
        name.getStyleClass().add("segment-name");
        name.setTextOverrun(OverrunStyle.CENTER_ELLIPSIS);
        Label length = new Label(segment.leftOut()
                ? "left out"
                : Lengths.clock(timeline.ofSegment(segment.id()).shown()));
        length.getStyleClass().add("segment-length");
        length.setMinWidth(USE_PREF_SIZE);
        HBox times = new HBox(4, length);
        times.setAlignment(Pos.BASELINE_LEFT);
        timeline.fit(segment).ifPresent(fit -> addTarget(times, length, fit));
        ToggleButton button = new ToggleButton("", new VBox(name, times));
        button.setId("segment-" + segment.id());
        button.setOpacity(segment.leftOut() ? 0.45 : 1);
        button.getStyleClass().setAll("segment");
        button.setStyle("-k-tint: %s;".formatted(Palette.web(palette.tint(segment.role()).ground())));
        button.setAlignment(Pos.TOP_LEFT);
        button.setToggleGroup(group);
        button.setSelected(segment.id() == model.segment().get());
        button.setOnAction(_ -> {
            button.setSelected(true);
            model.selectSegment(segment.id());
        });
        LineDrag.accept(button, id -> model.moveToSegment(id, segment.id()));
        button.setTooltip(new Tooltip(tip(timeline, segment)));
        button.setAccessibleText(tip(timeline, segment));
        button.setUserData(timeline.ofSegment(segment.id()).length().toMillis());
        return button;
    }

    private static void addTarget(HBox times, Label length, SlotFit fit) {
        Label target = new Label("of " + Lengths.clock(fit.slot()));
        target.getStyleClass().add("soft");
        target.setTextOverrun(OverrunStyle.CLIP);
        times.getChildren().add(target);
        if (fit.wellOff()) {
            length.getStyleClass().add("well-off");
        }
    }

    private static String tip(Timeline timeline, Segment segment) {
        return "%s (%s): %s%s".formatted(segment.name(), segment.role().words(),
                Lengths.clock(timeline.ofSegment(segment.id()).shown()),
                timeline.fit(segment)
                        .map(fit -> " of %s, %s".formatted(Lengths.clock(fit.slot()), fit.words()))
                        .orElse(""));
    }

    @Override
    protected void layoutChildren() {
        List<ToggleButton> buttons = getChildren().stream().map(ToggleButton.class::cast).toList();
        double room = getWidth() - GAP * Math.max(0, buttons.size() - 1);
        double least = Math.min(NARROWEST, room / Math.max(1, buttons.size()));
        double spare = Math.max(0, room - least * buttons.size());
        double total = Math.max(1, buttons.stream().mapToLong(each -> (Long) each.getUserData()).sum());
        double x = 0;
        for (ToggleButton button : buttons) {
            double width = least + spare * (Long) button.getUserData() / total;
            button.resizeRelocate(x, 0, width, getHeight());
            x += width + GAP;
        }
    }
}
