package app.kehre.desk.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.OverrunStyle;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.VBox;

import app.kehre.core.plan.Segment;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.timeline.SlotFit;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Lengths;
import app.kehre.desk.look.Palette;
import app.kehre.desk.look.Tips;

/** The segments side by side, as wide as they are long (an empty one, as it shall be), each with its minutes against its target. */
final class SegmentBar extends Pane {

    private static final double NARROWEST = 82;
    private static final double HEIGHT = 41;
    private static final double GAP = 2;
    private static final double BETWEEN = 4;
    private static final double LEGIBLE = 40;
    private static final PseudoClass WELL_OFF = PseudoClass.getPseudoClass("well-off");

    private final PlanViewModel model;
    private List<Object> shown = List.of();

    SegmentBar(PlanViewModel model) {
        this.model = model;
        getStyleClass().add("segment-bar");
        setMinHeight(HEIGHT);
        setPrefHeight(HEIGHT);
        setMinWidth(0);
    }

    /** Shows the segments; their buttons stay as long as their names, roles and order do. */
    void show(Timeline timeline, Palette palette) {
        List<Object> like = new ArrayList<>(List.of(palette));
        timeline.plan().segments().forEach(each -> like.addAll(List.of(each.id(), each.name(), each.role())));
        if (!like.equals(shown)) {
            shown = like;
            ToggleGroup group = new ToggleGroup();
            getChildren().setAll(timeline.plan().segments().stream()
                    .map(segment -> new Tab(segment, palette, group)).toList());
        }
        tabs().forEach(tab -> tab.show(timeline, timeline.plan().segment(tab.segment)));
        requestLayout();
    }

    private List<Tab> tabs() {
        return getChildren().stream().map(Tab.class::cast).toList();
    }

    /** A segment: its name, its length and its target. */
    private final class Tab extends ToggleButton {

        private final SegmentId segment;
        private final Label name;
        private final Label length = new Label();
        private final Label target = new Label();
        private long millis;

        Tab(Segment of, Palette palette, ToggleGroup group) {
            segment = of.id();
            name = new Label(of.name());
            name.getStyleClass().add("segment-name");
            name.setTextOverrun(OverrunStyle.CENTER_ELLIPSIS);
            length.getStyleClass().add("segment-length");
            length.setTextOverrun(OverrunStyle.CLIP);
            length.setMinWidth(0);
            target.getStyleClass().add("soft");
            target.setMinWidth(USE_PREF_SIZE);
            HBox times = new HBox(BETWEEN, length, target);
            times.setAlignment(Pos.BASELINE_LEFT);
            setGraphic(new VBox(name, times));
            setId("segment-" + segment);
            getStyleClass().setAll("segment");
            setStyle("-k-tint: %s;".formatted(Palette.web(palette.tint(of.role()).ground())));
            setAlignment(Pos.TOP_LEFT);
            setToggleGroup(group);
            setOnAction(_ -> {
                setSelected(true);
                model.selectSegment(segment);
            });
            LineDrag.accept(this, id -> model.moveToSegment(id, segment));
        }

        void show(Timeline timeline, Segment now) {
            Optional<SlotFit> fit = timeline.fit(now);
            length.setText(now.leftOut() ? "left out" : Lengths.clock(timeline.ofSegment(segment).shown()));
            length.pseudoClassStateChanged(WELL_OFF,
                    !now.entries().isEmpty() && fit.map(SlotFit::wellOff).orElse(false));
            target.setText(fit.map(each -> "of " + Lengths.clock(each.slot())).orElse(""));
            setOpacity(now.leftOut() ? 0.45 : 1);
            setSelected(model.segment().get().filter(segment::equals).isPresent());
            millis = now.entries().isEmpty()
                    ? now.target().toMillis()
                    : timeline.ofSegment(segment).length().toMillis();
            String tip = tip(timeline, now);
            Tips.say(this, tip);
            setAccessibleText(tip);
        }

        /** What does not fit as a whole is not shown; the tip has it anyway. */
        void fit(double width) {
            double room = width - snappedLeftInset() - snappedRightInset();
            length.setVisible(length.prefWidth(-1) <= room);
            target.setManaged(length.prefWidth(-1) + BETWEEN + target.prefWidth(-1) <= room);
            target.setVisible(target.isManaged());
            name.setVisible(room >= LEGIBLE);
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
        List<Tab> buttons = tabs();
        double room = getWidth() - GAP * Math.max(0, buttons.size() - 1);
        double least = Math.min(NARROWEST, room / Math.max(1, buttons.size()));
        double spare = Math.max(0, room - least * buttons.size());
        double total = Math.max(1, buttons.stream().mapToLong(each -> each.millis).sum());
        double x = 0;
        for (Tab button : buttons) {
            double width = least + spare * button.millis / total;
            button.fit(width);
            button.resizeRelocate(x, 0, width, getHeight());
            x += width + GAP;
        }
    }
}
