package app.kehre.desk.plan;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import app.kehre.core.advice.Severity;
import app.kehre.core.balance.Finding;
import app.kehre.core.balance.Mend;
import app.kehre.core.plan.SetAside;
import app.kehre.desk.control.Words;

/** A finding: what, where, why, a button for each way to mend it with its effect, and a way to set it aside. */
final class FindingRow extends HBox {

    private final ChoosingViewModel model;
    private final Finding finding;
    private final FlowPane mends = new FlowPane(5, 5);
    private final TextField reason = new TextField();

    FindingRow(ChoosingViewModel model, Finding finding) {
        super(8);
        this.model = model;
        this.finding = finding;
        Region sign = new Region();
        sign.getStyleClass().addAll("finding-sign", "severity-" + finding.severity().words());
        mends.setMinWidth(0);
        Label why = Words.wrapped("%s (%s)".formatted(finding.why(), finding.source().words()), "soft");
        hide(why);
        hide(reason);
        reason.setPromptText("Why does it stay? Enter sets it aside.");
        reason.getStyleClass().add("aside-reason");
        reason.setOnAction(_ -> setAside());
        HBox links = new HBox(8, Words.wrapped(words(finding.severity()), "soft"),
                link("Show", () -> model.jump(finding.place())), link("Why", () -> toggle(why)),
                asideLink());
        links.setAlignment(Pos.CENTER_LEFT);
        VBox words = new VBox(3, Words.wrapped(finding.what(), "medium"), mends, links, why, reason);
        words.setMinWidth(0);
        HBox.setHgrow(words, Priority.ALWAYS);
        getChildren().setAll(sign, words);
        getStyleClass().add("finding");
        setOnMouseEntered(_ -> model.light(finding));
        setOnMouseExited(_ -> model.lit().set(Optional.empty()));
    }

    private Hyperlink asideLink() {
        Hyperlink link = link("Set aside", this::askReason);
        link.getStyleClass().add("aside-link");
        return link;
    }

    private static Hyperlink link(String words, Runnable action) {
        Hyperlink link = new Hyperlink(words);
        link.setMinWidth(USE_PREF_SIZE);
        link.setOnAction(_ -> action.run());
        return link;
    }

    static String words(Severity severity) {
        return switch (severity) {
            case STOP -> "can hurt";
            case MEND -> "to mend";
            case CONSIDER -> "to consider";
        };
    }

    private static void hide(Node node) {
        node.setVisible(false);
        node.setManaged(false);
    }

    private static void toggle(Node node) {
        node.setVisible(!node.isVisible());
        node.setManaged(node.isVisible());
    }

    private void askReason() {
        toggle(reason);
        if (reason.isVisible()) {
            reason.requestFocus();
        }
    }

    private void setAside() {
        String typed = reason.getText().strip();
        if (!typed.isEmpty()) {
            model.setAside(finding, typed.substring(0, Math.min(typed.length(), SetAside.LONGEST)));
        }
    }

    void showWays(List<ChoosingViewModel.Way> ways) {
        mends.getChildren().setAll(ways.stream().map(this::button).toList());
    }

    private Button button(ChoosingViewModel.Way way) {
        Mend mend = way.mend();
        Button button = new Button(mend.words(), Words.plain(way.effect().words(), "soft", "small"));
        button.setContentDisplay(ContentDisplay.RIGHT);
        button.getStyleClass().add("mend");
        button.maxWidthProperty().bind(mends.widthProperty());
        button.setTooltip(new Tooltip(tip(way)));
        button.setOnAction(_ -> model.mend(finding, mend));
        return button;
    }

    private static String tip(ChoosingViewModel.Way way) {
        StringBuilder tip = new StringBuilder(way.mend().words()).append(": ").append(way.effect().words());
        way.effect().gone().forEach(gone -> tip.append("\nmends: ").append(gone.what()));
        way.effect().fresh().forEach(fresh -> tip.append("\nnew: ").append(fresh.what()));
        return tip.toString();
    }
}
