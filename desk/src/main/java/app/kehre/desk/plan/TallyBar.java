package app.kehre.desk.plan;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Segment;
import app.kehre.core.timeline.PaceShare;
import app.kehre.core.timeline.SideTotals;
import app.kehre.core.timeline.Tally;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Lengths;
import app.kehre.desk.control.Latest;
import app.kehre.desk.look.Tips;

/** Where the time of the class goes; pressing a use shows only that on the road. */
final class TallyBar extends HBox {

    /** So many quantities of the pace are named. */
    private static final int GREATEST = 3;

    private final Map<Tally.Use, ToggleButton> buttons = new EnumMap<>(Tally.Use.class);
    private final Button pace = new Button();
    private final Latest shares = new Latest("pace");
    private final Label over = new Label();
    private final Label segment = new Label();
    private final Label uneven = new Label();
    private List<PaceShare> greatest = List.of();
    private final Consumer<Set<Tally.Use>> filter;

    /**
     * Makes the bar.
     *
     * @param filter told which uses alone the road is to show
     * @param openPace opens how long people take, to be changed
     */
    TallyBar(Consumer<Set<Tally.Use>> filter, Runnable openPace) {
        super(4);
        this.filter = filter;
        pace.setId("tally-pace");
        pace.getStyleClass().add("flat");
        Tips.say(pace, "What waiting takes most of the class; press to change how long people take");
        pace.setOnAction(_ -> openPace.run());
        setAlignment(Pos.CENTER_LEFT);
        getStyleClass().add("tally");
        for (Tally.Use use : Tally.Use.values()) {
            ToggleButton button = new ToggleButton();
            button.setId("use-" + use.words());
            button.getStyleClass().setAll("use");
            Tips.say(button, "Show only " + use.words() + " on the road");
            button.setMinWidth(USE_PREF_SIZE);
            button.setOnAction(_ -> pressed());
            buttons.put(use, button);
            getChildren().add(button);
        }
        over.setId("tally-over");
        over.getStyleClass().add("soft");
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        segment.setId("tally-segment");
        segment.getStyleClass().add("soft");
        segment.setMinWidth(0);
        // A cut off name says nothing that the road does not say.
        segment.visibleProperty().bind(segment.textTruncatedProperty().not());
        uneven.setId("uneven");
        uneven.getStyleClass().add("over");
        uneven.setMinWidth(0);
        getChildren().addAll(pace, over, uneven, gap, segment);
        widthProperty().addListener(_ -> fitPace());
    }

    /** Shows where the time of the class goes, and beside it that of a segment. */
    void show(Timeline timeline, Optional<Segment> selected) {
        Tally tally = Tally.of(timeline, Optional.empty());
        buttons.forEach((use, button) -> {
            button.setText("%s %s".formatted(use.words(), Lengths.clock(tally.of(use))));
            boolean there = tally.of(use).isPositive() || button.isSelected();
            button.setVisible(there);
            button.setManaged(there);
        });
        Optional<Segment> shown = selected.flatMap(each -> timeline.plan().findSegment(each.id()));
        segment.setText(shown.map(each -> "%s: work %s".formatted(each.name(), Lengths.clock(
                Tally.of(timeline, Optional.of(each.id())).of(Tally.Use.WORK)))).orElse(""));
        Tips.say(segment, shown.map(each -> Tally.of(timeline, Optional.of(each.id())).all()).orElse(""));
        over.setText(tally.lost().isZero() ? "" : "work lost " + Lengths.clock(tally.lost()));
        ClassPlan plan = timeline.plan();
        shares.ask(() -> PaceShare.greatest(plan, GREATEST), this::showPace);
    }

    private void showPace(List<PaceShare> shown) {
        greatest = shown;
        fitPace();
    }

    /** As many as there is room for, the greatest first. */
    private void fitPace() {
        pace.setVisible(!greatest.isEmpty());
        double others = getChildren().stream()
                .filter(each -> each.isManaged() && each != pace && each != segment)
                .mapToDouble(each -> each.prefWidth(-1) + getSpacing()).sum();
        for (int shown = greatest.size(); shown > 0; shown--) {
            pace.setText(greatest.stream().limit(shown)
                    .map(share -> "%s %s".formatted(share.quantity().noun(), Lengths.clock(share.makes())))
                    .collect(Collectors.joining(" \u00b7 ")));
            boolean fits = others + pace.prefWidth(-1) <= getWidth();
            pace.setMinWidth(fits ? USE_PREF_SIZE : 0);
            if (fits) {
                return;
            }
        }
    }

    /** Names the exercises of which one side does more than the other. */
    void showSides(List<SideTotals> sides) {
        List<String> differ = sides.stream().filter(each -> !each.even()).map(SideTotals::words).toList();
        uneven.setText(differ.isEmpty()
                ? ""
                : differ.getFirst()
                        + (differ.size() == 1 ? "" : " and %d more".formatted(differ.size() - 1)));
        Tips.say(uneven, String.join("\n", differ));
        fitPace();
    }

    private void pressed() {
        Set<Tally.Use> wanted = EnumSet.noneOf(Tally.Use.class);
        buttons.forEach((use, button) -> {
            if (button.isSelected()) {
                wanted.add(use);
            }
        });
        filter.accept(wanted);
    }
}
