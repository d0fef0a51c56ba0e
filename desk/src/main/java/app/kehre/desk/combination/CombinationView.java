package app.kehre.desk.combination;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import javafx.beans.property.ObjectProperty;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

import app.kehre.core.choreography.Combination;
import app.kehre.core.choreography.Dance;
import app.kehre.core.choreography.Legs;
import app.kehre.core.finding.Finding;
import app.kehre.core.music.Bpm;
import app.kehre.core.music.TapTempo;
import app.kehre.core.plan.Segment;
import app.kehre.core.value.Lengths;
import app.kehre.core.value.Reading;
import app.kehre.desk.control.InlineField;
import app.kehre.desk.control.WhenSeen;
import app.kehre.desk.control.Words;
import app.kehre.desk.look.Palette;
import app.kehre.desk.look.Tips;
import app.kehre.desk.sound.Click;

/** The Combination place: the foot score, what fits, the build-up beside it. */
public final class CombinationView extends StackPane {

    private static final int STEP = 4;
    private static final double LEAST_SCORE = 225;

    private final CombinationViewModel model;
    private final Clock clock;
    private final InlineField name;
    private final InlineField tempo;
    private final Label about = Words.wrapped("", "soft");
    private final CombinationTabs tabs;
    private final FootScore score;
    private final MoveBar moveBar;
    private final MisstepBox missteps;
    private final FitsPane fits;
    private final LadderPane ladder;
    private final FromAbove above;
    private final Label standing = Words.wrapped("", "small", "soft");
    private final Label legs = Words.wrapped("", "small", "soft");
    private final Button play;
    private final Player player;
    private final VBox page;
    private final VBox empty = new VBox(10);
    private TapTempo taps = TapTempo.none();
    private int slower;
    /** The place that is pointed at or plays, in quarters of a count; -1 for none. */
    private int pointed = -1;

    /** Makes the place. */
    public CombinationView(CombinationViewModel model, ObjectProperty<Palette> palette, Clock clock,
            CompletableFuture<Click> click) {
        this.model = model;
        this.clock = clock;
        name = new InlineField("name", model.ofBuild("Name of the combination", this::withName), _ -> {});
        name.setId("combination-name");
        name.getStyleClass().add("title");
        name.shrinkable(160, 160, 480);
        tempo = new InlineField("tempo", model.ofTempo(), this::say);
        tempo.setId("tempo");
        tempo.setPrefWidth(76);
        tempo.setMinWidth(76);
        score = new FootScore(palette, model::select, model::addAt);
        score.onPoint(this::point);
        moveBar = new MoveBar(model);
        missteps = new MisstepBox(model);
        fits = new FitsPane(model);
        ladder = new LadderPane(model, palette);
        above = new FromAbove(palette);
        standing.setId("standing");
        player = new Player(this::played, click);
        play = Words.button("play", "Play at tempo", this::playOrStop);
        play.getStyleClass().add("go");
        tabs = new CombinationTabs(model);
        getStyleClass().add("combination");
        page = page();
        layEmpty();
        WhenSeen showing = new WhenSeen(this, this::show);
        model.open().settled().addListener(_ -> showing.run());
        model.which().addListener(_ -> showing.run());
        model.entry().addListener(_ -> showing.run());
        model.chosen().addListener(_ -> showing.run());
        player.playing().addListener((_, _, on) -> play.setText(on ? "Stop" : "Play at tempo"));
        addEventFilter(KeyEvent.KEY_PRESSED, this::onKey);
        show();
    }

    private Reading<app.kehre.core.choreography.Build> withName(String text) {
        String typed = text.strip();
        return typed.isEmpty() || typed.length() > Combination.LONGEST_NAME
                ? Reading.refused("A combination's name has from 1 to %d characters."
                        .formatted(Combination.LONGEST_NAME))
                : Reading.of(model.buildUp().orElseThrow().build().with(model.which().get(),
                        model.combination().orElseThrow().withName(typed)));
    }

    private VBox page() {
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox head = new HBox(8, name, gap, tempo,
                tipped(Words.button("tap", "Tap tempo", this::tap), "T, with the music"),
                tipped(Words.button("slower", "Slower", () -> pace(-STEP)), "only for playing"),
                tipped(Words.button("faster", "Faster", () -> pace(STEP)), "only for playing"),
                tipped(Words.button("mirror", "Mirror", model::mirrorAll), "Ctrl+M"),
                tipped(play, "Space"));
        head.setAlignment(Pos.CENTER_LEFT);
        HBox.setHgrow(about, Priority.ALWAYS);
        VBox left = new VBox(6, score, legs);
        left.setPadding(new Insets(0, 12, 0, 0));
        ScrollPane scroll = new ScrollPane(left);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("bare");
        scroll.setMinHeight(LEAST_SCORE);
        scroll.prefHeightProperty().bind(left.heightProperty().add(4));
        scroll.maxHeightProperty().bind(scroll.prefHeightProperty());
        moveBar.setMinHeight(Region.USE_PREF_SIZE);
        missteps.setMinHeight(Region.USE_PREF_SIZE);
        HBox.setHgrow(fits, Priority.ALWAYS);
        fits.setMinWidth(0);
        VBox seen = new VBox(4, above, standing);
        seen.setMinWidth(FromAbove.WIDTH);
        seen.setMaxWidth(FromAbove.WIDTH);
        HBox below = new HBox(16, fits, seen);
        below.setMinHeight(FromAbove.HEIGHT + 40);
        VBox.setVgrow(below, Priority.ALWAYS);
        VBox work = new VBox(8, scroll, moveBar, missteps, below);
        HBox.setHgrow(work, Priority.ALWAYS);
        work.setMinWidth(0);
        HBox both = new HBox(20, work, ladder);
        VBox.setVgrow(both, Priority.ALWAYS);
        VBox all = new VBox(8, head, about, tabs, both);
        all.setPadding(new Insets(18, 22, 8, 22));
        return all;
    }

    private static Button tipped(Button button, String tip) {
        Tips.say(button, tip);
        button.setFocusTraversable(true);
        return button;
    }

    private void layEmpty() {
        Button add = Words.button("add-build-up", "", () -> {
            model.addBuildUp();
            focusScore();
        });
        add.getStyleClass().add("go");
        empty.getChildren().setAll(Words.plain("No combination yet", "page-title"),
                Words.wrapped(
                        "A build-up holds one to four combinations of step or floor moves. Kehre checks that"
                                + " each move starts on the free foot and fills the phrase, and writes how to teach it in"
                                + " the time there is.",
                        "soft"),
                add);
        empty.setPadding(new Insets(18, 22, 8, 22));
        empty.setMaxWidth(640);
        StackPane.setAlignment(empty, Pos.TOP_LEFT);
    }

    /** Shows the open plan's build-up. */
    public void show() {
        VBox wanted = model.buildUp().isPresent() ? page : empty;
        if (!getChildren().contains(wanted)) {
            getChildren().setAll(wanted);
        }
        showEmpty();
        model.combination().ifPresent(this::show);
    }

    private void showEmpty() {
        Button add = (Button) empty.getChildren().getLast();
        add.setDisable(model.free().isEmpty());
        add.setText(model.free().map(segment -> "Build up a combination in %s".formatted(segment.name()))
                .orElse("A build-up needs an aerobic part without one"));
    }

    private void show(Combination combination) {
        List<Finding> found = model.missteps();
        name.show(combination.name());
        tempo.show(model.bpm().value() + " BPM");
        about.setText(about(combination));
        score.show(combination, found, model.chosen().get());
        moveBar.show(model.selected());
        missteps.show(found);
        fits.show();
        above.show(combination, model.chosen().get());
        showStanding(combination);
        ladder.show();
        Legs count = Legs.of(combination);
        legs.setText(combination.moves().isEmpty()
                ? "No moves yet: choose below what comes first. Enter adds it."
                : "Weight on the right leg %d counts, left %d; %d up onto the bench, %d hops as an option. %s"
                        .formatted(count.right(), count.left(), count.ascents(), count.hops(),
                                count.otherSide(combination)));
        tabs.show();
    }

    private String about(Combination combination) {
        Bpm bpm = model.bpm();
        String where = combination.onStep()
                ? "step %d cm".formatted(model.conditions().bench())
                : "on the floor";
        return "%s, %s \u00b7 %d counts, %s \u00b7 %s \u00b7 %d BPM, %s a phrase \u00b7 starts on the %s"
                .formatted(
                        model.open().plan().brief().title(), model.segment().map(Segment::name).orElse(""),
                        combination.counts(),
                        combination.phrases() == 1 ? "one phrase" : combination.phrases() + " phrases", where,
                        bpm.value(), Lengths.clock(bpm.at(2L * Combination.PHRASE)),
                        combination.lead().word());
    }

    private void played(int quarters) {
        pointed = quarters;
        score.play(quarters);
        above.play(quarters);
        model.combination().ifPresent(this::showStanding);
    }

    /** Shows where people stand at a count that is pointed at; while it plays, the music says which. */
    private void point(int quarters) {
        int end = model.combination().map(Combination::counts).orElse(0) * Dance.QUARTERS;
        if (!player.playing().get()) {
            played(quarters < end ? quarters : -1);
        }
    }

    private void showStanding(Combination combination) {
        String where = above.here(Dance.of(combination)).words();
        standing.setText((pointed < 0 ? "" : "count %d: ".formatted(pointed / Dance.QUARTERS + 1)) + where
                + "; dashed: the other lead");
    }

    private void onKey(KeyEvent event) {
        boolean typing = event.getTarget() instanceof TextInputControl;
        if (typing || model.buildUp().isEmpty()) {
            return;
        }
        if (event.getCode() == KeyCode.M && event.isShortcutDown()) {
            model.mirrorAll();
            event.consume();
        } else if (!event.isShortcutDown() && plainKey(event).isPresent()) {
            event.consume();
        }
    }

    private Optional<KeyCode> plainKey(KeyEvent event) {
        boolean onScore = event.getTarget() == score;
        KeyCode code = event.getCode();
        if (code == KeyCode.T) {
            tap();
        } else if (code == KeyCode.SPACE && onScore) {
            playOrStop();
        } else if (onScore && (code == KeyCode.LEFT || code == KeyCode.RIGHT)) {
            int by = code == KeyCode.LEFT ? -1 : 1;
            if (event.isShiftDown()) {
                point(Math.max(-1, pointed + by * Dance.QUARTERS));
            } else if (event.isAltDown()) {
                model.nudge(by);
            } else {
                model.select(Math.max(0, model.chosen().get() + by));
            }
        } else if (onScore && (code == KeyCode.DELETE || code == KeyCode.BACK_SPACE)) {
            model.remove();
        } else if (onScore && (code == KeyCode.ENTER || code == KeyCode.DOWN)) {
            fits.lookup("#fits").requestFocus();
        } else if (onScore && code == KeyCode.L) {
            model.change("Lead", each -> each.withLead(each.lead().other()));
        } else if (onScore && (code == KeyCode.PLUS || code == KeyCode.ADD)) {
            model.change("Times", each -> each.withTimes(each.times() + 1));
        } else if (onScore && (code == KeyCode.MINUS || code == KeyCode.SUBTRACT)) {
            model.change("Times", each -> each.withTimes(each.times() - 1));
        } else {
            return Optional.empty();
        }
        return Optional.of(code);
    }

    private void tap() {
        taps = taps.tap(clock.instant());
        say(taps.words());
        taps.bpm().filter(found -> !found.equals(model.bpm())).ifPresent(model::setTempo);
    }

    private void say(String words) {
        tabs.say(words);
    }

    private void pace(int by) {
        slower += by;
        int now = model.bpm().value() + slower;
        say(slower == 0 ? "" : "plays at %d BPM".formatted(Math.clamp(now, 60, 200)));
        player.tempo(Math.clamp(now, 60, 200));
    }

    private void playOrStop() {
        if (player.playing().get()) {
            player.stop();
        } else {
            player.start(Math.clamp(model.bpm().value() + slower, 60, 200),
                    model.combination().map(Combination::counts).orElse(0));
        }
    }

    /** Stops playing when the place is left. */
    public void leave() {
        player.stop();
        model.making().leave();
        missteps.show(model.missteps());
    }

    /** Puts the keyboard on the foot score; a scrolled page has its content only once it is laid out. */
    public void focusScore() {
        applyCss();
        layout();
        if (model.combination().filter(found -> found.moves().isEmpty()).isPresent()) {
            fits.focus();
        } else if (model.buildUp().isPresent()) {
            score.requestFocus();
        } else {
            empty.getChildren().getLast().requestFocus();
        }
    }
}
