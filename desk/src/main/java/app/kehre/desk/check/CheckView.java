package app.kehre.desk.check;

import java.util.Optional;
import javafx.beans.binding.Bindings;
import javafx.beans.property.ObjectProperty;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import app.kehre.core.balance.Assessment;
import app.kehre.core.effort.Effort;
import app.kehre.core.effort.Piece;
import app.kehre.core.effort.Spread;
import app.kehre.core.finding.Place;
import app.kehre.desk.control.Latest;
import app.kehre.desk.control.WhenSeen;
import app.kehre.desk.control.Words;
import app.kehre.desk.look.Palette;
import app.kehre.desk.look.Tips;

/** The Check place: the climb, what should be looked at, the ledger, what was promised. */
public final class CheckView extends VBox {

    private static final double LEAST_CLIMB = 180;
    private static final double CLIMB_SHARE = 0.36;
    private static final double MOST_CLIMB = 420;
    private static final double BAR = 14;
    private static final double APART = 26;
    private static final double[] COLUMNS = {0.38, 0.38, 0.24};

    private final FindingsViewModel model;
    private final Label title = Words.plain("", "page-title");
    private final Label verdict = Words.plain("", "soft");
    private final ReadBar readBar = new ReadBar();
    private final ClimbView climb;
    private final ToggleButton group = new ToggleButton("Group");
    private final FindingsPane findings;
    private final LedgerTable ledger = new LedgerTable(BAR);
    private final PromisedTable promised = new PromisedTable();
    private final Latest spreads = new Latest("spread");

    /**
     * Makes the view.
     *
     * @param save writes the page as PDF
     */
    public CheckView(FindingsViewModel model, ObjectProperty<Palette> palette, Runnable save) {
        this.model = model;
        climb = new ClimbView(model.assessment().get().effort(), palette, readBar::show, this::follow);
        findings = new FindingsPane(model, 2);
        getStyleClass().add("check");
        setPadding(new Insets(14, 22, 8, 22));
        setSpacing(6);
        lay(Words.button("save-check", "Save as PDF\u2026", save));
        WhenSeen seen = new WhenSeen(this, this::showJudged);
        model.assessment().addListener(_ -> seen.run());
        model.lit().addListener((_, _, lit) -> climb.show(scene -> scene.lit(lit)));
        model.previewed().addListener((_, _, effect) -> climb.show(scene -> scene.previewing(effect)));
        seen.run();
    }

    private void lay(Button save) {
        title.setMinWidth(0);
        verdict.setMinWidth(0);
        verdict.setId("check-verdict");
        group.setId("show-group");
        group.getStyleClass().setAll("use");
        group.setMinWidth(USE_PREF_SIZE);
        Tips.say(group, "Shows between which efforts eight of ten of the group lie");
        group.setOnAction(_ -> askSpread());
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox.setHgrow(title, Priority.SOMETIMES);
        HBox top = new HBox(12, title, gap, group, save);
        top.setAlignment(Pos.CENTER_LEFT);
        climb.prefHeightProperty().bind(Bindings.createDoubleBinding(
                () -> Math.clamp(getHeight() * CLIMB_SHARE,
                        LEAST_CLIMB + ClimbPainter.TOP + ClimbPainter.BELOW,
                        MOST_CLIMB),
                heightProperty()));
        climb.setMinHeight(USE_PREF_SIZE);
        climb.setMinWidth(0);
        HBox lower = new HBox(APART, column("Findings", findings), column("Ledger", scrolled(ledger)),
                scrolled(promised));
        lower.setMinHeight(0);
        VBox.setVgrow(lower, Priority.ALWAYS);
        share(lower);
        getChildren().setAll(top, verdict, readBar, climb, lower);
    }

    private static void share(HBox lower) {
        for (int i = 0; i < COLUMNS.length; i++) {
            Region column = (Region) lower.getChildren().get(i);
            column.prefWidthProperty().bind(lower.widthProperty().subtract(2 * APART).multiply(COLUMNS[i]));
            column.setMinWidth(0);
        }
    }

    private static VBox column(String heading, ScrollPane content) {
        VBox.setVgrow(content, Priority.ALWAYS);
        content.setMinHeight(0);
        return new VBox(3, Words.plain(heading, "section"), content);
    }

    private static ScrollPane scrolled(Region content) {
        ScrollPane scroll = new ScrollPane(content);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.getStyleClass().add("card-scroll");
        scroll.setMinHeight(0);
        return scroll;
    }

    private void showJudged() {
        Assessment assessment = model.assessment().get();
        title.setText(assessment.plan().brief().title());
        verdict.setText(assessment.verdict());
        climb.show(scene -> scene.effort() == assessment.effort() ? scene : scene.with(assessment.effort()));
        readBar.show(climb.shown());
        findings.showJudged();
        ledger.show(assessment.ledger(), assessment.plan().brief().goal().areas());
        promised.show(assessment);
        askSpread();
    }

    /** The group is followed only when somebody wants to see it. */
    private void askSpread() {
        if (!group.isSelected()) {
            spreads.drop();
            climb.show(scene -> scene.with(Optional.empty()));
            return;
        }
        Effort effort = model.assessment().get().effort();
        spreads.ask(() -> Spread.of(effort), spread -> climb.show(scene -> scene.with(Optional.of(spread))));
    }

    private void follow(int second) {
        model.assessment().get().effort().pieceAt(second).map(CheckView::place).ifPresent(model::jump);
    }

    private static Place place(Piece piece) {
        return Place.of(piece.segment(), Optional.of(piece.entry()), piece.stretch().start());
    }

    /** Puts the keyboard on what should be looked at first. */
    public void focusFirst() {
        findings.focusFirst();
    }
}
