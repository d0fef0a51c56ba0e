package app.kehre.desk.plan;

import java.util.EnumMap;
import java.util.Map;
import java.util.Objects;
import java.util.function.BooleanSupplier;
import javafx.beans.property.ObjectProperty;
import javafx.scene.Node;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.StackPane;

import app.kehre.desk.check.FindingsPane;
import app.kehre.desk.check.LedgerPane;
import app.kehre.desk.control.WhenSeen;
import app.kehre.desk.look.Palette;
import app.kehre.desk.look.Tips;
import app.kehre.desk.plan.ChoosingViewModel.Side;
import app.kehre.desk.proposals.ProposalsPane;

/** The side of the class: the selected line, suggestions, swaps, findings. One of them is shown, under its heads. */
final class SidePane extends StackPane {

    private final ChoosingViewModel model;
    private final Map<Side, ToggleButton> heads = new EnumMap<>(Side.class);
    private final FlowPane bar = new FlowPane(2, 0);
    private final Runnable asked;
    private final BooleanSupplier dismissed;
    private final LineCard card;
    private final SuggestPane suggest;
    private final SwapPane swap;
    private final FindingsPane findings;
    private final LedgerPane ledger;
    private final ProposalsPane proposals;

    /**
     * Makes the side.
     *
     * @param asked told when somebody asks for what is shown, by a head or by keys
     * @param dismissed told when the head of what is shown is pressed again; whether it went away
     */
    SidePane(ChoosingViewModel model, ObjectProperty<Palette> palette, Runnable asked,
            BooleanSupplier dismissed) {
        this.model = model;
        this.asked = asked;
        this.dismissed = dismissed;
        card = new LineCard(model.plan(), palette);
        suggest = new SuggestPane(model);
        swap = new SwapPane(model);
        findings = new FindingsPane(model.findings(), 1);
        ledger = new LedgerPane(model.findings());
        proposals = new ProposalsPane(model.proposals(), palette, model.plan()::selectedSegment);
        getStyleClass().add("side");
        bar.getStyleClass().add("side-heads");
        ToggleGroup group = new ToggleGroup();
        for (Side side : Side.values()) {
            bar.getChildren().add(head(side, group));
        }
        WhenSeen seen = new WhenSeen(this, this::showJudged);
        model.side().addListener((_, _, side) -> show(side));
        model.findings().assessment().addListener(_ -> seen.run());
        show(model.side().get());
    }

    /** Returns the heads, by which one goes from one side to the other. */
    FlowPane bar() {
        return bar;
    }

    private ToggleButton head(Side side, ToggleGroup group) {
        ToggleButton head = new ToggleButton(side.words());
        head.setId("side-" + side.words().toLowerCase(java.util.Locale.ROOT));
        head.getStyleClass().setAll("side-head");
        head.setToggleGroup(group);
        head.setMinWidth(USE_PREF_SIZE);
        Tips.say(head, "Alt+" + (side.ordinal() + 1));
        head.setOnAction(_ -> {
            head.setSelected(true);
            if (model.side().get() != side || !dismissed.getAsBoolean()) {
                go(side);
            }
        });
        heads.put(side, head);
        return head;
    }

    private void show(Side side) {
        Objects.requireNonNull(heads.get(side), "head").setSelected(true);
        Node content = switch (side) {
            case LINE -> card;
            case SUGGEST -> suggest;
            case SWAP -> swap;
            case FINDINGS -> findings;
            case LEDGER -> ledger;
            case PROPOSE -> proposals;
        };
        getChildren().setAll(content);
        if (side != Side.PROPOSE) {
            model.proposals().drop();
        }
        showPlan();
    }

    /** Shows the plan and the selected line as they are now. */
    void showPlan() {
        countFindings();
        switch (model.side().get()) {
            case LINE -> card.show(model.plan().selectedEntry());
            case SUGGEST -> suggest.show();
            case SWAP -> swap.show();
            case PROPOSE -> proposals.show();
            case FINDINGS, LEDGER -> {
                if (model.findings().judged()) {
                    showJudged();
                }
            }
        }
    }

    /** Shows what came of judging, also of what is only being typed. */
    private void showJudged() {
        countFindings();
        switch (model.side().get()) {
            case FINDINGS -> findings.showJudged();
            case LEDGER -> ledger.show();
            case LINE, SUGGEST, SWAP, PROPOSE -> {
            }
        }
    }

    private void countFindings() {
        int number = model.findings().facts().size();
        Objects.requireNonNull(heads.get(Side.FINDINGS), "head")
                .setText(number == 0 ? "Findings" : "Findings " + number);
    }

    /** Goes to one of the sides, and puts the keyboard there. */
    void go(Side side) {
        model.side().set(side);
        asked.run();
        focusContent();
    }

    private void focusContent() {
        switch (model.side().get()) {
            case LINE -> card.requestFocus();
            case SUGGEST -> suggest.focusList();
            case SWAP -> swap.focusList();
            case FINDINGS -> findings.requestFocus();
            case LEDGER -> ledger.requestFocus();
            case PROPOSE -> proposals.focusLength();
        }
    }
}
