package app.kehre.desk.check;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.OverrunStyle;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

import org.jspecify.annotations.Nullable;

import app.kehre.core.balance.Effect;
import app.kehre.core.finding.Fact;
import app.kehre.core.finding.Place;
import app.kehre.core.plan.SetAside;
import app.kehre.desk.control.MeasuredBox;
import app.kehre.desk.control.Words;
import app.kehre.desk.look.Tips;

/**
 * A finding: what, where, why, a button for each way to mend it with its effect, and a way to set it aside. The row
 * stays while the findings change.
 */
final class FindingRow extends HBox {

    private final FindingsViewModel model;
    private final int few;
    private final Region sign = new Region();
    private final Label what = Words.wrapped("", "medium");
    private final Label severity = Words.plain("", "soft");
    private final Label why = Words.wrapped("", "soft");
    private final FlowPane mends = new FlowPane(5, 5);
    private final TextField reason = new TextField();
    private final Hyperlink fit;
    private final Hyperlink show;
    private final Hyperlink moreWays = link("", this::showAllWays);
    private List<FindingsViewModel.Previewed> ways = List.of();
    private boolean allWays;
    private @Nullable Fact fact;
    /** The place that is shown next. */
    private int next;

    /**
     * Makes a row that shows nothing yet.
     *
     * @param few so many ways to mend it are shown at first
     */
    FindingRow(FindingsViewModel model, int few) {
        super(8);
        this.model = model;
        this.few = few;
        setMinHeight(USE_PREF_SIZE);
        mends.setMinWidth(0);
        fit = link("Make it fit", model::propose);
        show = link("", this::showNext);
        hide(fit);
        hide(why);
        hide(reason);
        reason.setPromptText("Why does it stay? Enter sets it aside.");
        reason.getStyleClass().add("aside-reason");
        reason.setOnAction(_ -> setAside());
        hide(moreWays);
        FlowPane links = new FlowPane(8, 0, severity, moreWays, show,
                link("Why", () -> toggle(why)), fit, asideLink());
        links.setAlignment(Pos.CENTER_LEFT);
        links.setMinWidth(0);
        MeasuredBox words = new MeasuredBox(3, what, mends, links, why, reason);
        HBox.setHgrow(words, Priority.ALWAYS);
        getChildren().setAll(sign, words);
        getStyleClass().add("finding");
        setOnMouseEntered(_ -> withFinding(model::light));
        setOnMouseExited(_ -> model.unlight());
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.LIST_ITEM);
        focusedProperty().addListener((_, _, focused) -> {
            if (focused) {
                withFinding(model::light);
            } else {
                model.unlight();
            }
        });
        setOnMouseClicked(_ -> requestFocus());
    }

    /** Shows a finding; the ways to mend it are hidden until they have been worked out anew. */
    void show(Fact now) {
        Fact before = fact;
        fact = now;
        mends.getChildren().forEach(each -> each.setVisible(false));
        if (before == null || !now.same(before)) {
            hide(why);
            hide(reason);
            reason.clear();
            allWays = false;
            next = 0;
        }
        next = Math.min(next, now.places().size() - 1);
        nameShow();
        if (before == null || before.severity() != now.severity()) {
            sign.getStyleClass().setAll("finding-sign", "severity-" + now.severity().key());
            severity.setText(now.severity().words());
        }
        there(fit, now.key().ofTheSlot());
        what.setText(now.what());
        setAccessibleText("%s: %s".formatted(now.severity().words(), now.what()));
        why.setText("%s (%s)".formatted(now.why(), now.source().words()));
    }

    /** Shows the next place of the fact, and after the last one the first. */
    void showNext() {
        withFinding(each -> {
            List<Place> places = each.places();
            model.jump(places.get(next));
            next = (next + 1) % places.size();
            nameShow();
        });
    }

    private void nameShow() {
        withFinding(each -> show.setText(each.places().size() == 1
                ? "Show"
                : "Show %d of %d".formatted(next + 1, each.places().size())));
    }

    private void withFinding(Consumer<Fact> use) {
        Optional.ofNullable(fact).ifPresent(use);
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

    private static void hide(Node node) {
        there(node, false);
    }

    private static void toggle(Node node) {
        there(node, !node.isVisible());
    }

    private static void there(Node node, boolean so) {
        node.setVisible(so);
        node.setManaged(so);
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
            withFinding(each -> model.setAside(each,
                    typed.substring(0, Math.min(typed.length(), SetAside.LONGEST))));
        }
    }

    /** Shows the ways, of many only the first; the effects of all are known. */
    void showWays(List<FindingsViewModel.Previewed> now) {
        ways = now;
        int seen = allWays ? now.size() : Math.min(few, now.size());
        List<Node> buttons = mends.getChildren();
        if (buttons.size() > seen) {
            buttons.subList(seen, buttons.size()).clear();
        }
        for (int i = 0; i < seen; i++) {
            if (i == buttons.size()) {
                buttons.add(new WayButton());
            }
            ((WayButton) buttons.get(i)).show(now.get(i));
        }
        moreWays.setText(now.size() - seen == 1 ? "1 more way" : "%d more ways".formatted(now.size() - seen));
        there(moreWays, seen < now.size());
    }

    private void showAllWays() {
        allWays = true;
        showWays(ways);
    }

    /** A way to mend it, with its effect. */
    private final class WayButton extends Button {

        private @Nullable Effect effect;

        WayButton() {
            getStyleClass().add("mend");
            setTextOverrun(OverrunStyle.CENTER_ELLIPSIS);
            maxWidthProperty().bind(mends.widthProperty());
            hoverProperty().addListener(_ -> preview());
            focusedProperty().addListener(_ -> preview());
        }

        private void preview() {
            model.preview(isHover() || isFocused() ? Optional.ofNullable(effect) : Optional.empty());
        }

        void show(FindingsViewModel.Previewed previewed) {
            effect = previewed.effect();
            setText(previewed.way().words() + "   " + previewed.effect().brief());
            Tips.say(this, previewed.way().words() + "\n" + String.join("\n", previewed.effect().lines()));
            setOnAction(_ -> withFinding(each -> model.mend(each, previewed.way())));
            setVisible(true);
        }
    }
}
