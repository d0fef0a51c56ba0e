package app.kehre.desk.plan;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import app.kehre.core.advice.Severity;
import app.kehre.core.balance.Finding;
import app.kehre.core.balance.Mend;
import app.kehre.core.choosing.GroupFit;
import app.kehre.desk.control.Words;

/** What should be looked at: what, where, why, and a button for each way to mend it. */
final class FindingsPane extends ScrollPane {

    private static final int SHOWN = 12;
    private static final String ALL_WELL = "Nothing found. Checked so far: every caution that concerns somebody in the"
            + " group has an answer.";
    private static final String NOBODY = "Nobody in the brief has anything to watch.";

    private final ChoosingViewModel model;
    private final VBox content = new VBox(8);

    FindingsPane(ChoosingViewModel model) {
        this.model = model;
        setId("findings");
        setContent(content);
        setFitToWidth(true);
        setHbarPolicy(ScrollBarPolicy.NEVER);
        getStyleClass().add("card-scroll");
        content.getStyleClass().add("findings");
    }

    void show() {
        List<Finding> findings = model.findings();
        List<Node> rows = new ArrayList<>();
        if (findings.isEmpty()) {
            boolean nobody = model.plan().plan().brief().group().limits().isEmpty();
            rows.add(Words.wrapped(nobody ? NOBODY : ALL_WELL, "soft"));
        } else {
            Button fit = new Button("Make the plan fit this group\u2026");
            fit.setId("fit-group");
            fit.setOnAction(_ -> model.askProposals(this::showProposals));
            rows.add(fit);
        }
        List<Finding> shown = findings.stream().limit(SHOWN).toList();
        List<FlowPane> ways = new ArrayList<>();
        for (Finding finding : shown) {
            FlowPane mends = new FlowPane(5, 5);
            mends.setMinWidth(0);
            ways.add(mends);
            rows.add(finding(finding, mends));
        }
        if (findings.size() > SHOWN) {
            rows.add(Words.wrapped("And %d more.".formatted(findings.size() - SHOWN), "soft"));
        }
        boolean working = isFocusWithin();
        content.getChildren().setAll(rows);
        if (working) {
            requestFocus();
        }
        model.askMends(shown, found -> {
            for (int i = 0; i < found.size(); i++) {
                showMends(ways.get(i), shown.get(i), found.get(i));
            }
        });
    }

    private Node finding(Finding finding, FlowPane mends) {
        Region sign = new Region();
        sign.getStyleClass().addAll("finding-sign", "severity-" + finding.severity().words());
        Label what = Words.wrapped(finding.what(), "medium");
        Label why = Words.wrapped("%s (%s)".formatted(finding.why(), finding.source().words()), "soft");
        why.setVisible(false);
        why.setManaged(false);
        Hyperlink asked = new Hyperlink("Why");
        asked.setOnAction(_ -> {
            why.setVisible(!why.isVisible());
            why.setManaged(why.isVisible());
        });
        Hyperlink where = new Hyperlink("Show the line");
        where.setOnAction(_ -> model.jump(finding.entry()));
        HBox links = new HBox(8, Words.wrapped(severity(finding.severity()), "soft"), where, asked);
        links.setAlignment(Pos.CENTER_LEFT);
        VBox words = new VBox(3, what, mends, links, why);
        words.setMinWidth(0);
        HBox.setHgrow(words, Priority.ALWAYS);
        HBox row = new HBox(8, sign, words);
        row.getStyleClass().add("finding");
        return row;
    }

    private static String severity(Severity severity) {
        return switch (severity) {
            case STOP -> "can hurt";
            case MEND -> "to mend";
            case CONSIDER -> "to consider";
        };
    }

    private void showMends(FlowPane pane, Finding finding, List<ChoosingViewModel.Way> ways) {
        pane.getChildren().setAll(ways.stream().map(way -> {
            Mend mend = way.mend();
            Label longer = new Label(way.effect().words());
            longer.getStyleClass().addAll("soft", "small");
            Button button = new Button(mend.words(), longer);
            button.setContentDisplay(javafx.scene.control.ContentDisplay.RIGHT);
            button.getStyleClass().add("mend");
            button.maxWidthProperty().bind(pane.widthProperty());
            button.setOnAction(_ -> model.mend(finding, mend));
            return button;
        }).toList());
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
