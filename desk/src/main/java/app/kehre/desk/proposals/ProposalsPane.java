package app.kehre.desk.proposals;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import javafx.beans.property.ObjectProperty;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

import app.kehre.core.balance.Effect;
import app.kehre.core.drafting.Drafting;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.proposal.Change;
import app.kehre.core.proposal.Proposal;
import app.kehre.core.proposal.Way;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Lengths;
import app.kehre.desk.control.SmallRoad;
import app.kehre.desk.control.Words;
import app.kehre.desk.look.Palette;
import app.kehre.desk.look.Tips;

/** What Kehre proposes: what is asked for, the ways, which changes, before and after. */
public final class ProposalsPane extends ScrollPane {

    private final ProposalsViewModel model;
    private final ObjectProperty<Palette> palette;
    private final Supplier<Optional<Segment>> selected;
    private final FlowPane kinds = new FlowPane(4, 2);
    private final Label before = Words.plain("", "soft");
    private final TextField length = new TextField();
    private final Button ask;
    private final Label progress = Words.plain("", "soft");
    private final HBox working = new HBox(8);
    private Wanted wanted = Wanted.FIT;
    private final CheckBox segmentOnly = new CheckBox();
    private final CheckBox keep = new CheckBox("keep what is there");
    private final FlowPane where = new FlowPane(14, 4, segmentOnly, keep);
    private final Label problem = Words.wrapped("", "over");
    private final HBox buttons = new HBox(6);
    private final VBox ways = new VBox(4);
    private final VBox after = new VBox(4);
    private final Label outcome = Words.wrapped("", "medium");
    private final Button take;

    /**
     * Makes the pane.
     *
     * @param selected the selected segment
     */
    public ProposalsPane(ProposalsViewModel model, ObjectProperty<Palette> palette,
            Supplier<Optional<Segment>> selected) {
        this.model = model;
        this.palette = palette;
        this.selected = selected;
        setId("fit");
        setFitToWidth(true);
        setHbarPolicy(ScrollBarPolicy.NEVER);
        getStyleClass().add("card-scroll");
        length.setId("fit-length");
        length.setPrefColumnCount(5);
        length.setOnAction(_ -> ask());
        segmentOnly.setId("fit-segment");
        segmentOnly.setOnAction(_ -> suggestLength());
        segmentOnly.setMinHeight(USE_PREF_SIZE);
        keep.setId("fit-keep");
        keep.setSelected(true);
        keep.setMinHeight(USE_PREF_SIZE);
        ask = Words.button("fit-ask", "Find ways", this::ask);
        ToggleGroup group = new ToggleGroup();
        for (Wanted each : Wanted.values()) {
            kinds.getChildren().add(kind(each, group));
        }
        progress.textProperty().bind(model.progress());
        working.setAlignment(Pos.CENTER_LEFT);
        working.getChildren().setAll(progress,
                Words.button("draft-stop", "Stop, keep what is there", model::stop));
        there(working, false);
        model.progress().addListener((_, _, now) -> there(working, !now.isEmpty()));
        take = Words.button("fit-take", "", model::take);
        take.getStyleClass().add("go");
        HBox asking = new HBox(6, before, length, ask);
        asking.setAlignment(Pos.CENTER_LEFT);
        outcome.setId("fit-outcome");
        problem.setId("fit-problem");
        buttons.getChildren().setAll(take, Words.button("fit-back", "Leave it", model::drop));
        VBox content = new VBox(7, kinds, asking, where, working, buttons,
                problem, ways);
        content.getStyleClass().add("findings");
        content.setMinWidth(0);
        ways.setMinWidth(0);
        setContent(content);
        model.found().addListener((_, _, found) -> showFound(found));
        model.outcome().addListener((_, _, now) -> now.ifPresent(this::showOutcome));
    }

    /** Shows the pane for the class and the segment as they are now. */
    public void show() {
        segmentOnly.setText("only " + selected.get().map(Segment::name).orElse("a segment"));
        segmentOnly.setDisable(selected.get().isEmpty());
        if (model.found().get().isEmpty()) {
            if (model.isBare() && wanted == Wanted.FIT) {
                wanted = Wanted.DRAFT;
            }
            ((ToggleButton) kinds.getChildren().get(wanted.ordinal())).setSelected(true);
            suggestLength();
            showFound(Optional.empty());
        }
    }

    /** Puts the keyboard on the length; a scrolled page has its content only once it is laid out. */
    public void focusLength() {
        applyCss();
        layout();
        length.requestFocus();
        length.selectAll();
    }

    private ToggleButton kind(Wanted each, ToggleGroup group) {
        ToggleButton button = new ToggleButton(each.words());
        button.setId("propose-" + each.words().toLowerCase(Locale.ROOT).replace(' ', '-'));
        button.getStyleClass().setAll("use");
        button.setMinWidth(USE_PREF_SIZE);
        button.setToggleGroup(group);
        button.setSelected(each == wanted);
        button.setOnAction(_ -> {
            model.drop();
            wanted = each;
            suggestLength();
            showFound(Optional.empty());
            button.setSelected(true);
        });
        return button;
    }

    private void showProposal() {
        before.setText(wanted.before());
        ask.setText(wanted.asks());
        ask.setMinWidth(USE_PREF_SIZE);
        there(length, wanted.takesLength());
        there(before, wanted.takesLength());
    }

    private void suggestLength() {
        showProposal();
        length.setText(switch (wanted) {
            case WARM_UP, STRETCH -> model.usualLength(wanted);
            case LATE -> "5:00";
            case FIT -> segmentOnly.isSelected()
                    ? selected.get().map(Segment::target).filter(Duration::isPositive).map(Lengths::clock)
                            .orElse("5:00")
                    : model.slotWords();
            case RECUT, REGROUP, DRAFT -> model.slotWords();
        });
    }

    private void ask() {
        Optional<SegmentId> segment = wanted.takesSegment() && segmentOnly.isSelected()
                ? selected.get().map(Segment::id)
                : Optional.empty();
        if (wanted == Wanted.DRAFT) {
            model.drop();
            model.draft(new Drafting.Asked(segment, keep.isSelected()));
            tell("");
        } else {
            tell(model.ask(wanted, length.getText(), segment));
        }
    }

    private void tell(String sentence) {
        problem.setText(sentence);
        there(problem, !sentence.isEmpty());
    }

    private static void there(Node node, boolean so) {
        node.setVisible(so);
        node.setManaged(so);
    }

    private void showFound(Optional<Proposal> found) {
        ways.getChildren().clear();
        outcome.setText("");
        after.getChildren().clear();
        boolean there = found.filter(now -> !now.ways().isEmpty()).isPresent();
        ask.setText(there && wanted == Wanted.DRAFT ? "Draft three others" : wanted.asks());
        there(buttons, there);
        there(segmentOnly, !there && wanted.takesSegment() && !model.isBare());
        there(keep, !there && wanted == Wanted.DRAFT && !model.isBare());
        there(where, segmentOnly.isVisible() || keep.isVisible());
        tell(found.map(Proposal::reason).orElse(""));
        if (found.isEmpty()) {
            ways.getChildren()
                    .add(Words.wrapped(wanted.hint(), "soft"));
            return;
        }
        ToggleGroup group = new ToggleGroup();
        for (int i = 0; i < found.get().ways().size(); i++) {
            ways.getChildren().add(way(found.get().ways().get(i), i, group));
        }
        if (!found.get().ways().isEmpty()) {
            showChosen();
        }
    }

    private ToggleButton way(Way way, int at, ToggleGroup group) {
        ToggleButton button = new ToggleButton(
                "%s  %s".formatted(
                        Lengths.clock(Timeline.of(way.after()).fit().length()), way.words()));
        button.setId("fit-way-" + (at + 1));
        button.getStyleClass().setAll("way");
        button.setMaxWidth(Double.MAX_VALUE);
        button.setMinWidth(0);
        Tips.say(button, way.words());
        button.setToggleGroup(group);
        button.setSelected(at == model.chosen());
        button.setOnAction(_ -> {
            button.setSelected(true);
            model.choose(at);
            showChosen();
        });
        return button;
    }

    private void showChosen() {
        ways.getChildren().removeIf(node -> !(node instanceof ToggleButton));
        VBox changes = new VBox(4);
        for (Change change : model.changes()) {
            changes.getChildren().add(new ChangeRow(change, model.isTicked(change), so -> {
                model.tick(change, so);
                countTaken();
            }));
        }
        countTaken();
        ways.getChildren().addAll(changes, outcome, after);
    }

    private void countTaken() {
        take.setText(model.tickedCount() == model.changes().size()
                ? model.tickedCount() == 1 ? "Take it" : "Take all %d".formatted(model.tickedCount())
                : "Take the %d ticked".formatted(model.tickedCount()));
        take.setDisable(model.tickedCount() == 0);
    }

    private void showOutcome(Effect now) {
        Set<EntryId> different = model.changes().stream().filter(model::isTicked)
                .flatMap(each -> each.entry().stream())
                .collect(Collectors.toSet());
        after.getChildren().setAll(Words.plain("before", "soft", "small"),
                new SmallRoad(model.before(), palette.get(), different),
                Words.plain("after", "soft", "small"),
                new SmallRoad(now.after().timeline(), palette.get(), different));
        List<String> lines = new ArrayList<>(now.lines());
        lines.addAll(model.notes());
        outcome.setText(String.join("\n", lines));
    }
}
