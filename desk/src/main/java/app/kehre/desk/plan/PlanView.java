package app.kehre.desk.plan;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.ObjectProperty;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

import app.kehre.core.balance.Assessment;
import app.kehre.core.edit.Addables;
import app.kehre.core.effort.ReadOut;
import app.kehre.core.plan.Segment;
import app.kehre.core.timeline.Timeline;
import app.kehre.desk.control.ChoiceField;
import app.kehre.desk.control.Switchback;
import app.kehre.desk.control.Words;
import app.kehre.desk.look.Palette;
import app.kehre.desk.look.Tips;
import app.kehre.desk.text.TextPane;

/** The Plan place. */
public final class PlanView extends VBox {

    /** So much of a segment's name stands in the prompt. */
    private static final int PROMPTED = 24;
    /** Five lines with their head and the field below them. */
    private static final double LEAST_LOWER = 236;
    /** By how many steps a key makes the rows of the road longer. */
    private static final Map<KeyCode, Integer> ZOOMS = Map.of(KeyCode.PLUS, -1, KeyCode.EQUALS, -1,
            KeyCode.ADD,
            -1, KeyCode.MINUS, 1, KeyCode.SUBTRACT, 1);

    private final PlanViewModel model;
    private final ObjectProperty<Palette> palette;
    private final BriefBar brief;
    private final SegmentBar segments;
    private final Switchback road;
    private final ScrollPane roadScroll;
    private final SegmentHead head;
    private final LineTable lines;
    private final ChoiceField<Written> add;
    /** Why what is typed cannot be added, beneath it. */
    private final Label problem = Words.plain("", "soft");
    private final SidePane side;
    private final VBox main = new VBox(4);
    private final SideFrame frame;
    private final TextPane text;
    /** What stands in the middle while the class is not shown as text. */
    private List<Node> drawn = List.of();
    private final ChoosingViewModel choosing;
    private final TallyBar tally;
    private final Label verdict = Words.plain("", "verdict");

    /**
     * Makes the view.
     *
     * @param palette the theme that drawings follow
     * @param teach the button that leads on to teaching
     */
    public PlanView(PlanViewModel model, ChoosingViewModel choosing, ObjectProperty<Palette> palette,
            Button teach) {
        this.model = model;
        this.choosing = choosing;
        this.palette = palette;
        brief = new BriefBar(model);
        segments = new SegmentBar(model);
        road = new Switchback(model.timeline(), model::select, model::selectNeighbour);
        road.setId("road");
        roadScroll = new ScrollPane(road);
        head = new SegmentHead(model);
        lines = new LineTable(model, choosing);
        side = new SidePane(choosing, palette, () -> frame().open(), () -> frame().close());
        frame = new SideFrame(main, side.bar(), side);
        text = new TextPane(model.text(), palette, this::leaveText);
        VBox.setVgrow(text, Priority.ALWAYS);
        tally = new TallyBar(road::filter, () -> model.pace().shown().set(true));
        add = new ChoiceField<>(model.writing()::choices, Written::words, this::take,
                this::leaveWriting);
        lay(teach);
        bind();
        showAll();
    }

    private SideFrame frame() {
        return frame;
    }

    private void lay(Button teach) {
        getStyleClass().add("plan");
        setPadding(new Insets(10, 22, 6, 22));
        teach.setMinWidth(USE_PREF_SIZE);
        HBox top = new HBox(18, brief, teach);
        HBox.setHgrow(brief, Priority.ALWAYS);
        brief.setMinWidth(0);

        roadScroll.getStyleClass().add("road-scroll");
        roadScroll.setFitToWidth(true);
        roadScroll.setFitToHeight(true);
        roadScroll.setFocusTraversable(false);
        roadScroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        roadScroll.setMinHeight(110);
        roadScroll.setPrefHeight(road.prefHeight(-1) + 2);
        road.heightProperty().addListener(_ -> revealSelected());
        road.heightProperty().addListener(_ -> seeRoad());
        roadScroll.vvalueProperty().addListener(_ -> seeRoad());
        roadScroll.viewportBoundsProperty().addListener(_ -> seeRoad());

        add.setId("add");
        add.setAccessibleText("Add a line to the segment");
        add.getStyleClass().add("add-field");
        problem.setId("add-problem");
        problem.managedProperty().bind(problem.textProperty().isNotEmpty());
        add.textProperty().addListener((_, _, typed) -> problem.setText(model.writing().problem(typed)));
        VBox lower = new VBox(4, head, lines, add, problem);
        VBox.setVgrow(lines, Priority.ALWAYS);
        lines.setMinHeight(100);
        lower.setMinHeight(LEAST_LOWER);
        lower.setPrefHeight(LEAST_LOWER);
        VBox.setVgrow(lower, Priority.ALWAYS);
        drawn = List.of(segments, tally, roadScroll, lower);
        main.getChildren().setAll(drawn);
        VBox.setVgrow(frame, Priority.ALWAYS);
        setSpacing(5);
        verdict.setId("verdict");
        verdict.setMinWidth(0);
        getChildren().setAll(top, verdict, frame);
    }

    private void bind() {
        model.open().settled().addListener((_, _, _) -> showLines());
        model.open().shown().addListener((_, _, shown) -> showTimes(shown));
        model.segment().addListener((_, _, _) -> showSettled());
        model.entry().addListener((_, _, _) -> {
            model.pace().shown().set(false);
            showSelected();
        });
        model.pace().shown().addListener((_, _, pace) -> {
            if (pace) {
                choosing.side().set(ChoosingViewModel.Side.LINE);
            }
            side.showPlan();
        });
        road.palette().bind(palette);
        choosing.findings().lit().addListener((_, _, lit) -> road.light(lit));
        choosing.findings().assessment().addListener((_, _, judged) -> showJudged(judged));
        palette.addListener(_ -> showTimes(model.timeline()));
        road.addEventHandler(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() == KeyCode.ENTER) {
                lines.requestFocus();
            }
            lines.onKey(event);
        });
        addEventFilter(KeyEvent.KEY_PRESSED, this::onKey);
        roadScroll.addEventFilter(ScrollEvent.SCROLL, event -> {
            if (event.isShortcutDown()) {
                zoom(event.getDeltaY() > 0 ? -1 : 1);
                event.consume();
            }
        });
    }

    /** Returns how wide the side is where it stands beside the class, in pixels. */
    public DoubleProperty sideWidth() {
        return frame.sideWidth();
    }

    /** Shows the chosen segment as text. */
    public void showText() {
        main.getChildren().setAll(text);
        text.open();
    }

    private void leaveText() {
        main.getChildren().setAll(drawn);
        lines.requestFocus();
    }

    /** Puts the typing mark where something can be added. */
    public void focusAdd() {
        if (!main.getChildren().contains(segments)) {
            leaveText();
        }
        add.requestFocus();
    }

    /** Shows one of the sides of the lines if a key asks for it: Alt+1 to Alt+5. Returns whether it did. */
    public boolean onSideKey(KeyEvent event) {
        Optional<ChoosingViewModel.Side> asked = switch (event.getCode()) {
            case DIGIT1 -> Optional.of(ChoosingViewModel.Side.LINE);
            case DIGIT2 -> Optional.of(ChoosingViewModel.Side.SUGGEST);
            case DIGIT3 -> Optional.of(ChoosingViewModel.Side.SWAP);
            case DIGIT4 -> Optional.of(ChoosingViewModel.Side.FINDINGS);
            case DIGIT5 -> Optional.of(ChoosingViewModel.Side.LEDGER);
            case DIGIT6 -> Optional.of(ChoosingViewModel.Side.PROPOSE);
            default -> Optional.empty();
        };
        asked.filter(_ -> event.isAltDown() && !event.isShortcutDown()).ifPresent(side::go);
        return event.isAltDown() && asked.isPresent();
    }

    /** Puts the keyboard on the lines. */
    public void focusLines() {
        lines.requestFocus();
    }

    private void zoom(int steps) {
        road.zoom(steps);
        roadScroll.setPrefHeight(road.prefHeight(-1) + 2);
        revealSelected();
    }

    private void onKey(KeyEvent event) {
        boolean typing = event.getTarget() instanceof TextInputControl;
        if (event.getCode() == KeyCode.ESCAPE && !typing && frame.close()) {
            lines.requestFocus();
            event.consume();
        }
        if (event.isShortcutDown() && ZOOMS.containsKey(event.getCode())) {
            zoom(Objects.requireNonNull(ZOOMS.get(event.getCode())));
            event.consume();
        }
        boolean sideways = event.getCode() == KeyCode.LEFT || event.getCode() == KeyCode.RIGHT;
        if (sideways && event.isShortcutDown() && event.isAltDown()) {
            model.segments().move(event.getCode() == KeyCode.LEFT ? -1 : 1);
            event.consume();
        }
    }

    private void leaveWriting() {
        model.writing().leave();
        showPrompt();
        focusLines();
    }

    /** The mark stays for the next line: a class is written line by line. */
    private void take(Written written) {
        model.writing().take(written);
        showPrompt();
        add.requestFocus();
    }

    private void showJudged(Assessment judged) {
        road.show(judged.effort());
        tally.showSides(judged.sides());
        verdict.setText(judged.verdict());
        Tips.say(verdict, () -> ReadOut.minutes(judged.effort()));
    }

    private void showAll() {
        showJudged(choosing.findings().assessment().get());
        showTimes(model.timeline());
        showSettled();
    }

    private void showTimes(Timeline shown) {
        brief.show(shown);
        segments.show(shown, palette.get());
        road.show(shown);
        tally.show(shown, model.selectedSegment());
        head.show(shown);
    }

    private void showSettled() {
        segments.show(model.timeline(), palette.get());
        tally.show(model.timeline(), model.selectedSegment());
        head.show(model.timeline());
        showLines();
    }

    /** What stays as it is while somebody types; the times come after it, with every class that is shown. */
    private void showLines() {
        roadScroll.setPrefHeight(road.prefHeight(-1) + 2);
        lines.show();
        brief.showMenus(model.plan());
        add.setDisable(model.selectedSegment().isEmpty());
        showPrompt();
        showSelected();
    }

    private void showSelected() {
        lines.mark();
        road.select(model.entry().get());
        side.showPlan();
        revealSelected();
    }

    private void revealSelected() {
        double hidden = road.getHeight() - roadScroll.getViewportBounds().getHeight();
        model.entry().get().filter(id -> hidden > 1 && road.shows(id)).ifPresent(id -> {
            double middle = road.middleOf(id).getY();
            double half = roadScroll.getViewportBounds().getHeight() / 2;
            roadScroll.setVvalue(Math.clamp((middle - half) / hidden, 0, 1));
        });
    }

    /** The road draws only what the scrolled page shows of it. */
    private void seeRoad() {
        double viewport = roadScroll.getViewportBounds().getHeight();
        double from = roadScroll.getVvalue() * Math.max(0, road.getHeight() - viewport);
        road.see(from, from + viewport);
    }

    private void showPrompt() {
        add.setPromptText(model.writing().waiting()
                .map("The first exercise of the circuit (%s)   Esc leaves it"::formatted)
                .or(() -> model.selectedSegment().map(Segment::name).map(PlanView::inBrief)
                        .map("Add to %s: squat 3 x 12, 2 light weights; a note\u2026   Ctrl+L"::formatted))
                .orElse("Add a segment first"));
    }

    private static String inBrief(String name) {
        return name.length() <= PROMPTED ? name : name.substring(0, PROMPTED - 1).strip() + "\u2026";
    }

    static String choiceWords(Addables.Addable addable) {
        return addable.name() + "\t" + addable.words();
    }
}
