package app.kehre.desk.plan;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

import app.kehre.core.advice.Severity;
import app.kehre.core.balance.Assessment;
import app.kehre.core.balance.Finding;
import app.kehre.core.choosing.GroupFit;
import app.kehre.desk.control.Words;

/** What should be looked at: what, where, why, and a button for each way to mend it. */
final class FindingsPane extends ScrollPane {

    private static final int SHOWN = 12;
    private static final String ALL_WELL = "Nothing found: time, effort, areas, preparation, choreography, floor, people and"
            + " music were checked.";

    private final ChoosingViewModel model;
    private final VBox content = new VBox(8);
    private List<String> shownWords = List.of();
    private final Set<Severity> hidden = EnumSet.noneOf(Severity.class);

    FindingsPane(ChoosingViewModel model) {
        this.model = model;
        setId("findings");
        setContent(content);
        setFitToWidth(true);
        setHbarPolicy(ScrollBarPolicy.NEVER);
        getStyleClass().add("card-scroll");
        content.getStyleClass().add("findings");
    }

    /**
     * Shows what came of judging. While somebody types and the findings stay the same, so do the rows; once the plan
     * is settled they are made anew, since each mend holds the plan that it mends.
     */
    void showJudged() {
        Assessment assessment = model.assessment().get();
        boolean settled = assessment.timeline() == model.timeline();
        if (settled || !words(assessment).equals(shownWords)) {
            show();
        }
    }

    private static List<String> words(Assessment assessment) {
        return Stream.concat(assessment.findings().stream().map(Finding::what),
                assessment.aside().stream().map(Assessment.Aside::reason)).toList();
    }

    void show() {
        Assessment assessment = model.assessment().get();
        shownWords = words(assessment);
        List<Finding> findings = assessment.findings().stream()
                .filter(finding -> !hidden.contains(finding.severity())).toList();
        List<Node> rows = new ArrayList<>(List.of(filters(assessment)));
        if (assessment.findings().isEmpty()) {
            rows.add(Words.wrapped(ALL_WELL, "soft"));
        }
        if (assessment.findings().stream().anyMatch(finding -> finding.check().startsWith("caution"))) {
            Button fit = Words.button("fit-group", "Make the plan fit this group\u2026",
                    () -> model.askProposals(this::showProposals));
            rows.add(fit);
        }
        List<Finding> shown = findings.stream().limit(SHOWN).toList();
        List<FindingRow> all = shown.stream().map(finding -> new FindingRow(model, finding)).toList();
        rows.addAll(all);
        if (findings.size() > SHOWN) {
            rows.add(Words.wrapped("And %d more.".formatted(findings.size() - SHOWN), "soft"));
        }
        assessment.aside().forEach(aside -> rows.add(aside(aside)));
        boolean working = isFocusWithin();
        content.getChildren().setAll(rows);
        if (working) {
            requestFocus();
        }
        model.askMends(shown, (at, ways) -> all.get(at).showWays(ways));
    }

    private HBox filters(Assessment assessment) {
        HBox bar = new HBox(4);
        for (Severity severity : Severity.values()) {
            ToggleButton button = new ToggleButton(
                    "%s %d".formatted(FindingRow.words(severity), assessment.count(severity)));
            button.setId("show-" + severity.words());
            button.getStyleClass().setAll("use");
            button.setSelected(!hidden.contains(severity));
            button.setMinWidth(USE_PREF_SIZE);
            button.setTooltip(new Tooltip("Show or hide them"));
            button.setOnAction(_ -> {
                if (!hidden.remove(severity)) {
                    hidden.add(severity);
                }
                show();
            });
            bar.getChildren().add(button);
        }
        return bar;
    }

    private Node aside(Assessment.Aside aside) {
        Hyperlink again = new Hyperlink("Take up again");
        again.setOnAction(_ -> model.takeUp(aside.finding()));
        VBox row = new VBox(2, Words.wrapped("Set aside: " + aside.finding().what(), "soft"),
                Words.wrapped("\u201c" + aside.reason() + "\u201d", "soft", "small"), again);
        row.getStyleClass().add("finding");
        return row;
    }

    private void showProposals(List<GroupFit.Proposal> proposals) {
        List<CheckBox> boxes = proposals.stream().map(proposal -> {
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
        List<Node> rows = new ArrayList<>(List.of(
                Words.wrapped(
                        "Where at least half of the group have a limit, all do something else; where fewer do, only"
                                + " they. Untick what you do not want.",
                        "soft"),
                new HBox(6, accept, back)));
        rows.addAll(boxes);
        content.getChildren().setAll(rows);
        accept.requestFocus();
        setVvalue(0);
    }
}
