package app.kehre.desk.check;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

import app.kehre.core.advice.Severity;
import app.kehre.core.balance.Assessment;
import app.kehre.core.choosing.GroupFit;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Fact;
import app.kehre.desk.control.Words;
import app.kehre.desk.look.Tips;

/** What should be looked at: what, where, why, and a button for each way to mend it. */
public final class FindingsPane extends ScrollPane {

    private static final int SHOWN = 12;
    private static final String ALL_WELL = "All clear: nothing to fix. Time, effort, areas, preparation, choreography, floor, people and"
            + " music were checked.";

    private final FindingsViewModel model;
    private final VBox content = new VBox(8);
    private final FlowPane bar = new FlowPane(4, 2);
    private final Map<Severity, ToggleButton> filters = new EnumMap<>(Severity.class);
    private final Hyperlink fit = new Hyperlink();
    private final Label more = Words.wrapped("", "soft");
    private final Label allWell = Words.wrapped(ALL_WELL, "soft");
    private final List<FindingRow> rows;
    private final VBox aside = new VBox(8);
    private List<String> asideWords = List.of();
    private final VBox list = new VBox(8);
    private final VBox proposals = new VBox(8);
    private List<String> shownWords = List.of();
    private final Set<Severity> hidden = EnumSet.noneOf(Severity.class);

    /**
     * Makes a pane that is empty until it is shown.
     *
     * @param few so many ways to mend a finding are shown at first
     */
    public FindingsPane(FindingsViewModel model, int few) {
        this.model = model;
        setId("findings");
        setContent(content);
        setFitToWidth(true);
        setHbarPolicy(ScrollBarPolicy.NEVER);
        getStyleClass().add("card-scroll");
        content.getStyleClass().add("findings");
        for (Severity severity : Severity.values()) {
            filters.put(severity, filter(severity));
        }
        bar.getChildren().setAll(filters.values());
        bar.setMinWidth(0);
        rows = Stream.generate(() -> new FindingRow(model, few)).limit(SHOWN).toList();
        fit.setId("fit-group");
        fit.setOnAction(_ -> model.askProposals(this::showProposals));
        Tips.say(fit, "Makes the plan fit this group; you tick what you want");
        list.getChildren().addAll(bar, allWell, fit);
        list.getChildren().addAll(rows);
        list.getChildren().addAll(more, aside);
        there(proposals, false);
        content.getChildren().setAll(list, proposals);
        addEventHandler(KeyEvent.KEY_PRESSED, this::onKey);
    }

    /** Up and Down walk through the findings, Enter leads to the line. */
    private void onKey(KeyEvent event) {
        if (!(event.getTarget() instanceof FindingRow row)) {
            return;
        }
        switch (event.getCode()) {
            case UP -> walk(row, -1);
            case DOWN -> walk(row, 1);
            case ENTER -> row.showNext();
            default -> {
                return;
            }
        }
        event.consume();
    }

    private void walk(FindingRow row, int by) {
        int at = rows.indexOf(row) + by;
        if (at >= 0 && at < rows.size() && rows.get(at).isVisible()) {
            focus(rows.get(at));
        }
    }

    private void focus(FindingRow row) {
        row.requestFocus();
        double hidden = content.getHeight() - getViewportBounds().getHeight();
        if (hidden > 0) {
            double top = row.localToScene(row.getBoundsInLocal()).getMinY()
                    - content.localToScene(content.getBoundsInLocal()).getMinY();
            double seen = getVvalue() * hidden;
            double most = top;
            double least = top + row.getHeight() - getViewportBounds().getHeight();
            setVvalue(Math.clamp(seen, Math.min(least, most), most) / hidden);
        }
    }

    /** Puts the keyboard on the first finding. */
    public void focusFirst() {
        applyCss();
        layout();
        rows.stream().filter(FindingRow::isVisible).findFirst().ifPresentOrElse(this::focus,
                this::requestFocus);
    }

    /**
     * Shows what came of judging. While somebody types and the findings stay the same, so do the rows; once the plan
     * is settled their mends are worked out anew, since each holds the plan that it mends.
     */
    public void showJudged() {
        Assessment assessment = model.assessment().get();
        boolean settled = assessment.timeline() == model.timeline();
        if (settled || !words(assessment).equals(shownWords)) {
            show();
        }
    }

    private static List<String> words(Assessment assessment) {
        return Stream.concat(assessment.facts().stream().map(Fact::what),
                assessment.aside().stream().map(Assessment.Aside::reason)).toList();
    }

    void show() {
        Assessment assessment = model.assessment().get();
        shownWords = words(assessment);
        List<Fact> all = assessment.facts().stream().filter(fact -> !hidden.contains(fact.severity()))
                .toList();
        List<Fact> shown = all.stream().limit(SHOWN).toList();
        filters.forEach((severity, button) -> button
                .setText("%s %d".formatted(severity.words(), assessment.count(severity))));
        there(allWell, assessment.facts().isEmpty() && !empty(assessment));
        long cautions = assessment.findings().stream().filter(each -> each.key() == CheckKey.CAUTION)
                .count();
        there(fit, cautions > 0);
        fit.setText(cautions == 1
                ? "Answer the caution\u2026"
                : "Answer all %d cautions\u2026".formatted(cautions));
        for (int i = 0; i < rows.size(); i++) {
            there(rows.get(i), i < shown.size());
            if (i < shown.size()) {
                rows.get(i).show(shown.get(i));
            }
        }
        there(more, all.size() > SHOWN);
        more.setText("And %d more.".formatted(all.size() - SHOWN));
        showAside(assessment.aside());
        if (proposals.isVisible()) {
            there(proposals, false);
            there(list, true);
        }
        model.askMends(shown, (at, ways) -> rows.get(at).showWays(ways));
    }

    private static boolean empty(Assessment assessment) {
        return assessment.plan().lines().findAny().isEmpty();
    }

    /** Nodes come and go by being seen or not, since putting them into the window anew is slow. */
    private static void there(Node node, boolean so) {
        node.setVisible(so);
        node.setManaged(so);
    }

    private void showAside(List<Assessment.Aside> now) {
        List<String> words = now.stream().map(each -> each.fact().what() + each.reason()).toList();
        if (!words.equals(asideWords)) {
            asideWords = words;
            aside.getChildren().setAll(now.stream().map(this::aside).toList());
        }
    }

    private ToggleButton filter(Severity severity) {
        ToggleButton button = new ToggleButton();
        button.setId("show-" + severity.key());
        button.getStyleClass().setAll("use");
        button.setSelected(true);
        button.setMinWidth(USE_PREF_SIZE);
        Tips.say(button, "Show or hide them");
        button.setOnAction(_ -> {
            if (!hidden.remove(severity)) {
                hidden.add(severity);
            }
            show();
        });
        return button;
    }

    private Node aside(Assessment.Aside aside) {
        Hyperlink again = new Hyperlink("Take up again");
        again.setOnAction(_ -> model.takeUp(aside.fact()));
        VBox row = new VBox(2, Words.wrapped("Set aside: " + aside.fact().what(), "soft"),
                Words.wrapped("\u201c" + aside.reason() + "\u201d", "soft", "small"), again);
        row.getStyleClass().add("finding");
        return row;
    }

    private void showProposals(List<GroupFit.Proposal> found) {
        List<CheckBox> boxes = found.stream().map(proposal -> {
            CheckBox box = new CheckBox("%s: %s".formatted(model.nameOf(proposal.entry()), proposal.words()));
            box.setSelected(true);
            box.setWrapText(true);
            box.setMinHeight(USE_PREF_SIZE);
            box.setUserData(proposal);
            return box;
        }).toList();
        Button accept = new Button();
        accept.setId("accept-fit");
        accept.getStyleClass().add("go");
        Runnable count = () -> accept.setText("Do the %d ticked".formatted(
                boxes.stream().filter(CheckBox::isSelected).count()));
        boxes.forEach(box -> box.selectedProperty().addListener(_ -> count.run()));
        count.run();
        accept.setOnAction(_ -> model.accept(boxes.stream().filter(CheckBox::isSelected)
                .map(box -> (GroupFit.Proposal) box.getUserData()).toList()));
        Button back = new Button("Back");
        back.setOnAction(_ -> show());
        List<Node> nodes = new ArrayList<>(List.of(
                Words.wrapped(
                        "Where at least half of the group have a limit, all do something else; where fewer do, only"
                                + " they. Untick what you do not want.",
                        "soft"),
                new HBox(6, accept, back)));
        nodes.addAll(boxes);
        proposals.getChildren().setAll(nodes);
        there(list, false);
        there(proposals, true);
        accept.requestFocus();
        setVvalue(0);
    }
}
