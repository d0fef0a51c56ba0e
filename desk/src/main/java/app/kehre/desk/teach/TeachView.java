package app.kehre.desk.teach;

import java.util.List;
import java.util.Optional;
import javafx.animation.AnimationTimer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.OverrunStyle;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import app.kehre.core.choreography.BuildUpWords;
import app.kehre.core.choreography.Stage;
import app.kehre.core.hall.Change;
import app.kehre.core.hall.Counting;
import app.kehre.core.hall.HallWords;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Item;
import app.kehre.core.teaching.Moment;
import app.kehre.core.teaching.RunState;
import app.kehre.core.timeline.Span;
import app.kehre.core.value.Lengths;
import app.kehre.core.value.Side;
import app.kehre.desk.control.Switchback;
import app.kehre.desk.look.Palette;
import app.kehre.desk.look.Type;
import app.kehre.formats.font.Weight;

/** The Teach place: what now, which side, how long, what next. Read from three metres, worked by key. */
public final class TeachView extends VBox {

    private static final int ROWS = 2;
    private static final long TICK_NANOS = 100_000_000;
    private static final double LARGEST_NAME = 96;
    private static final double SMALLEST_NAME = 44;
    private static final double LARGEST_DOSE = 44;
    private static final double CLOCK = 150;
    /** Room for the largest name, the dose and a change that is announced, so that nothing jumps. */
    private static final double LEAST_WORDS = 212;
    private static final double ROAD_SCALE = 1.35;

    private final TeachViewModel model;
    private final Label place = label("soft");
    private final Label classLine = label("soft");
    private final Label now = label("now");
    private final Label dose = label("dose");
    private final Label amount = label("soft");
    private final Label cue = label("cue");
    private final Label sign = label("soft");
    private final Label left = label("left");
    private final Parts parts = new Parts();
    private final Options options = new Options();
    private final Says says = new Says();
    private final Label nextWord = label("next-word");
    private final Label nextName = label("next-name");
    private final Label nextDose = label("next-dose");
    private final Switchback road;
    private final Button start;
    private final Button undo;
    private final Button facing;
    private final AnimationTimer timer;

    /**
     * Makes the view.
     *
     * @param onLeave called when the instructor goes back to the plan
     */
    public TeachView(TeachViewModel model, Runnable onLeave) {
        this.model = model;
        road = Switchback.large(model.timeline().get(), ROAD_SCALE);
        road.palette().set(Palette.HALL);
        start = key("Space", "start", model::startOrPause);
        start.setId("start");
        undo = key("Z", "undo", model::undo);
        undo.setId("undo-step");
        facing = key("M", "", model::turnRound);
        facing.setId("facing");
        model.facing().subscribe(this::showFacing);
        showUndo("");
        lay(key("Right", "next", model::next), key("Left", "back", model::back),
                key("R", "start over", model::startOver), key("Esc", "back to the plan", onLeave));
        timer = new AnimationTimer() {
            private long last;

            @Override
            public void handle(long nanos) {
                if (nanos - last >= TICK_NANOS) {
                    last = nanos;
                    model.tick();
                }
            }
        };
        model.timeline().addListener((_, _, timeline) -> {
            road.show(timeline);
            show(model.moment().get());
        });
        model.undoable().addListener((_, _, step) -> showUndo(step));
        model.moment().addListener((_, _, moment) -> show(moment));
        widthProperty().addListener(_ -> show(model.moment().get()));
        addEventFilter(KeyEvent.KEY_PRESSED, event -> onKey(event, onLeave));
        setFocusTraversable(true);
        show(model.moment().get());
    }

    /** Follows the clock while the place is shown. */
    public void follow(boolean shown) {
        if (shown) {
            timer.start();
            requestFocus();
        } else {
            timer.stop();
        }
    }

    private void lay(Button... others) {
        getStyleClass().add("hall");
        setStyle(Palette.HALL.style());
        classLine.setMinWidth(USE_PREF_SIZE);
        place.setMinWidth(0);
        HBox top = new HBox(24, place, gap(), classLine);
        left.setId("left");
        classLine.setId("class-line");
        now.setId("now");
        dose.setId("dose");
        left.setStyle("-fx-font-size: %.0fpx;".formatted(CLOCK));
        left.setMinWidth(USE_PREF_SIZE);
        now.setTextOverrun(OverrunStyle.CENTER_ELLIPSIS);
        amount.setId("amount");
        amount.setMinHeight(USE_PREF_SIZE);
        cue.setId("cue");
        cue.setMinHeight(USE_PREF_SIZE);
        cue.setTextOverrun(OverrunStyle.CENTER_ELLIPSIS);
        VBox words = new VBox(2, now, dose, amount, cue, sign);
        HBox.setHgrow(words, Priority.ALWAYS);
        words.setMinWidth(0);
        HBox large = new HBox(30, words, left);
        large.setAlignment(Pos.TOP_LEFT);
        large.setMinHeight(LEAST_WORDS);
        Region rule = new Region();
        rule.getStyleClass().add("rule");
        nextName.setTextOverrun(OverrunStyle.CENTER_ELLIPSIS);
        nextWord.setMinWidth(USE_PREF_SIZE);
        HBox next = new HBox(18, nextWord, nextName, nextDose);
        next.setAlignment(Pos.BASELINE_LEFT);
        HBox keys = new HBox(10, start, undo);
        keys.getChildren().addAll(others);
        keys.getChildren().add(facing);
        keys.setAlignment(Pos.CENTER_LEFT);
        keys.setMinHeight(USE_PREF_SIZE);
        Region room = new Region();
        VBox.setVgrow(room, Priority.ALWAYS);
        setSpacing(13);
        getChildren().setAll(top, large, parts, says, options, rule, next, road, room, keys);
    }

    private void onKey(KeyEvent event, Runnable onLeave) {
        if (event.isShortcutDown() || event.isAltDown()) {
            return;
        }
        KeyCode code = event.getCode();
        if (code == KeyCode.SPACE || (code == KeyCode.ENTER && getScene().getFocusOwner() == this)) {
            model.startOrPause();
        } else if (code == KeyCode.RIGHT) {
            model.next();
        } else if (code == KeyCode.LEFT) {
            model.back();
        } else if (code == KeyCode.R) {
            model.startOver();
        } else if (code == KeyCode.M) {
            model.turnRound();
        } else if (code == KeyCode.Z) {
            model.undo();
        } else if (code == KeyCode.ESCAPE) {
            onLeave.run();
        } else {
            return;
        }
        event.consume();
    }

    private void show(Moment moment) {
        place.setText(HallWords.place(moment, model.timeline().get()));
        classLine.setText(HallWords.classLine(moment, model.timeline().get(), model.clock().getZone()));
        left.setText(Lengths.countdown(moment.left().line()));
        Optional<Counting> counting = Counting.of(moment, model.timeline().get());
        now.setText(counting.map(Counting::move).orElseGet(() -> nowName(moment)));
        dose.setText(
                counting.map(found -> HallWords.count(found, moment)).orElseGet(() -> HallWords.now(moment)));
        says.show(moment.entry().filter(Item.class::isInstance).flatMap(Entry::item)
                .map(item -> item.exercise().cues()), model.facing().get());
        showCue(counting);
        setAccessibleText("%s, %s".formatted(now.getText(), dose.getText()));
        fit(now, Weight.BOLD, LARGEST_NAME, SMALLEST_NAME);
        fit(dose, Weight.SEMI_BOLD, LARGEST_DOSE, 24);
        showAmount(counting, moment);
        parts.show(moment);
        options.show(moment.entry(), model.timeline().get().plan());
        showNext(moment, counting.flatMap(Counting::next));
        road.follow(moment.place(), ROWS);
        road.select(moment.entry().map(Entry::id));
        showStart(moment.state());
    }

    /** The cue keeps its room between cues, so that nothing jumps. */
    private void showCue(Optional<Counting> counting) {
        cue.setText(counting.map(Counting::said).orElse(""));
        sign.setText(counting.map(Counting::shown).orElse(""));
        for (Label label : List.of(cue, sign)) {
            label.setVisible(counting.isPresent());
            label.setManaged(counting.isPresent());
        }
        for (Region row : List.of(says, options)) {
            boolean shown = counting.isEmpty() && (row == options || says.says());
            row.setVisible(shown);
            row.setManaged(shown);
        }
    }

    /** How much there is of a line and which side the instructor moves; when a change is near, that in its place. */
    private void showAmount(Optional<Counting> counting, Moment moment) {
        Optional<Change> change = Change.of(moment, model.timeline().get()).filter(_ -> counting.isEmpty());
        String words = change.map(Change::words).or(() -> counting.map(found -> found.stage().title()))
                .or(() -> moment.entry().map(HallWords::dose)).orElse("");
        String own = counting.isPresent()
                ? ""
                : own(change, moment).map(each -> " \u00b7 " + each).orElse("");
        amount.setText(words + own);
        amount.getStyleClass().setAll("label", change.isPresent() ? "change" : "soft");
    }

    /** The side that the instructor moves, in a change that comes or as it is. */
    private Optional<String> own(Optional<Change> change, Moment moment) {
        boolean faces = model.facing().get();
        return change.flatMap(found -> found.own(faces)).map(side -> "then you move " + side.word())
                .or(() -> moment.span().map(Span::side).filter(side -> side != Side.BOTH)
                        .map(side -> "you move " + (faces ? side.other() : side).word()));
    }

    private void showFacing(boolean faces) {
        name(facing, faces ? "you face them" : "your back to them");
        show(model.moment().get());
    }

    private static String nowName(Moment moment) {
        return moment.entry().map(Entry::name)
                .orElse(moment.state() == RunState.FINISHED ? "Well done" : "Nothing planned yet");
    }

    /** What follows: the next line of the class, in a build-up its next stage. */
    private void showNext(Moment moment, Optional<Stage> stage) {
        boolean there = moment.next().isPresent();
        nextWord.setText(there ? "next" : moment.state() == RunState.FINISHED ? "over" : "last");
        nextName.setText(stage.map(Stage::title).or(() -> moment.next().map(Entry::name))
                .orElse(moment.state() == RunState.FINISHED ? "" : "This is the last line of the class"));
        nextDose.setText(stage.map(BuildUpWords::rounds)
                .or(() -> moment.next().map(entry -> HallWords.next(entry, model.timeline().get())))
                .orElse(""));
    }

    private void showUndo(String step) {
        undo.setVisible(!step.isEmpty());
        undo.setManaged(!step.isEmpty());
        name(undo, "undo: " + step);
    }

    private void showStart(RunState state) {
        String word = switch (state) {
            case READY -> "start";
            case TEACHING -> "pause";
            case PAUSED -> "go on";
            case FINISHED -> "ready again";
        };
        name(start, word);
    }

    private static void name(Button key, String word) {
        ((Label) ((HBox) key.getGraphic()).getChildren().getLast()).setText(word);
        key.setAccessibleText(word);
    }

    /** Makes a text as large as the place beside the clock allows. */
    private void fit(Label label, Weight weight, double largest, double smallest) {
        double room = getWidth() - getInsets().getLeft() - getInsets().getRight() - 30
                - Type.width("00:00", Type.of(Weight.BOLD, CLOCK));
        double wide = Type.width(label.getText(), Type.of(weight, largest));
        double size = room <= 0 || wide <= room ? largest : Math.max(smallest, largest * room / wide);
        label.setStyle("-fx-font-size: %.0fpx;".formatted(Math.floor(size)));
    }

    private static Button key(String cap, String word, Runnable action) {
        Label key = label("cap");
        key.setText(cap);
        Label words = label("small");
        words.setText(word);
        HBox graphic = new HBox(8, key, words);
        graphic.setAlignment(Pos.CENTER_LEFT);
        Button button = new Button("", graphic);
        button.setAccessibleText(word);
        button.getStyleClass().setAll("key");
        button.setFocusTraversable(false);
        button.setOnAction(_ -> action.run());
        return button;
    }

    private static Node gap() {
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        return gap;
    }

    private static Label label(String style) {
        Label label = new Label();
        label.getStyleClass().add(style);
        return label;
    }
}
