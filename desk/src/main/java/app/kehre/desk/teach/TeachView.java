package app.kehre.desk.teach;

import java.time.format.DateTimeFormatter;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.animation.AnimationTimer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import app.kehre.core.choreography.BuildUpWords;
import app.kehre.core.choreography.Stage;
import app.kehre.core.hall.Change;
import app.kehre.core.hall.Counting;
import app.kehre.core.hall.HallWords;
import app.kehre.core.hall.Say;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Variant;
import app.kehre.core.teaching.Debt;
import app.kehre.core.teaching.Moment;
import app.kehre.core.teaching.Press;
import app.kehre.core.teaching.RunState;
import app.kehre.core.timeline.Span;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Side;
import app.kehre.desk.control.Switchback;
import app.kehre.desk.look.Palette;

/** The Teach place: what now, which side, how long, what to say next. Read from three metres, worked by key. */
public final class TeachView extends VBox {

    private static final long TICK_NANOS = 100_000_000;
    private static final double ROAD_SCALE = 1.35;
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm", Locale.ROOT);
    private static final String DOT = " \u00b7 ";
    /** What stands at the foot of the wall; all keys stand under F1. */
    private static final List<HallAction> SHOWN = List.of(HallAction.START, HallAction.NEXT, HallAction.BACK,
            HallAction.EIGHT, HallAction.ONE_MORE, HallAction.ONE_LESS, HallAction.ROUND,
            HallAction.SKIP_LINE, HallAction.SKIP_SIDE, HallAction.TALK, HallAction.FINISH, HallAction.UNDO,
            HallAction.KEYS);
    /** Lower than this there is one row of the road, and no room for the options. */
    private static final double LOW = 740;

    private final TeachViewModel model;
    private final HallKeys keys;
    private final Runnable onLeave;
    private final NowPart now = new NowPart();
    private final SayRow say = new SayRow();
    private final Options options = new Options();
    private final Says says = new Says();
    private final OfferBox offer;
    private final PulseBand pulse = new PulseBand();
    private final Label debts = new Label();
    private final Label said = new Label();
    private final Switchback road;
    private final Map<HallAction, Button> caps = new EnumMap<>(HallAction.class);
    private final FlowPane foot = new FlowPane(2, 2);
    private final KeysPanel panel;
    private final HallPanel settings;
    private final AnimationTimer timer;

    /**
     * Makes the view.
     *
     * @param onLeave called when the instructor goes back to the plan
     */
    public TeachView(TeachViewModel model, HallKeys keys, Runnable onLeave) {
        this.model = model;
        this.keys = keys;
        this.onLeave = onLeave;
        road = Switchback.large(model.timeline().get(), ROAD_SCALE);
        road.palette().set(Palette.HALL);
        for (HallAction action : HallAction.values()) {
            Button button = key(keys.cap(action), action.words(), () -> act(action));
            button.setId(action == HallAction.START ? "start" : "key-" + action.key());
            caps.put(action, button);
        }
        offer = new OfferBox(cap(HallAction.TAKE), cap(HallAction.OTHER_WAY),
                key("Esc", "stay late", this::escape));
        panel = new KeysPanel(keys, this::act, this::nameKeys, () -> showKeys(false));
        settings = new HallPanel(model);
        lay();
        nameKeys();
        timer = timer();
        bind();
        setFocusTraversable(true);
        show(model.moment().get());
    }

    private AnimationTimer timer() {
        return new AnimationTimer() {
            private long last;

            @Override
            public void handle(long nanos) {
                if (nanos - last >= TICK_NANOS) {
                    last = nanos;
                    model.tick();
                }
            }
        };
    }

    private void bind() {
        model.timeline().addListener((_, _, timeline) -> {
            road.show(timeline);
            show(model.moment().get());
        });
        model.moment().addListener((_, _, moment) -> show(moment));
        model.facing().subscribe(() -> {
            nameKeys();
            show(model.moment().get());
        });
        model.keepOnTime().subscribe(this::nameKeys);
        model.offer().addListener((_, _, found) -> show(found));
        model.debts().addListener((_, _, owed) -> show(owed));
        model.said().addListener((_, _, words) -> said.setText(words));
        widthProperty().addListener(_ -> show(model.moment().get()));
        addEventFilter(KeyEvent.KEY_PRESSED, this::onKey);
        model.group().onKey(this::onKey);
        now.onPress(() -> act(HallAction.NEXT), () -> act(HallAction.START));
    }

    /** Follows the clock while the place is shown, and while a class is under way. */
    public void follow(boolean shown) {
        if (shown) {
            timer.start();
            requestFocus();
        } else if (!model.moment().get().state().under()) {
            timer.stop();
        }
    }

    private void lay() {
        getStyleClass().add("hall");
        setStyle(Palette.HALL.style());
        Region rule = new Region();
        rule.getStyleClass().add("rule");
        debts.setId("debts");
        debts.getStyleClass().add("late");
        said.setId("said");
        said.getStyleClass().add("said");
        said.setMinHeight(USE_PREF_SIZE);
        if (foot.getChildren().isEmpty()) {
            SHOWN.forEach(action -> foot.getChildren().add(cap(action)));
        }
        foot.setAlignment(Pos.CENTER_LEFT);
        foot.setMinHeight(USE_PREF_SIZE);
        Region room = new Region();
        VBox.setVgrow(room, Priority.ALWAYS);
        setSpacing(11);
        show(List.of());
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox told = new HBox(24, pulse, debts, gap, said);
        told.setMinHeight(28);
        getChildren().setAll(now, say, offer, says, options, told, rule, road, room, foot);
    }

    private Button cap(HallAction action) {
        return java.util.Objects.requireNonNull(caps.get(action), "a key for each action");
    }

    private void onKey(KeyEvent event) {
        KeyCode code = event.getCode();
        boolean typing = event.getTarget() instanceof TextInputControl && code != KeyCode.ESCAPE;
        if (typing || event.isShortcutDown() || event.isAltDown() || panel.listens(event)) {
            return;
        }
        if (code == KeyCode.ESCAPE) {
            escape();
        } else if (code.isDigitKey() && model.counts().digit(digit(code))) {
            event.consume();
            return;
        } else {
            boolean proposed = model.offer().get().filter(Offer::canBeTaken).isPresent();
            Optional<HallAction> action = keys.action(code, proposed)
                    .filter(each -> each != HallAction.TAKE || proposed
                            || getScene().getFocusOwner() == this);
            if (action.isEmpty()) {
                return;
            }
            act(action.get());
        }
        event.consume();
    }

    private static int digit(KeyCode code) {
        String name = code.getName();
        return Character.digit(name.charAt(name.length() - 1), 10);
    }

    private void escape() {
        if (getChildren().contains(panel)) {
            showKeys(false);
        } else if (!model.leaveOffer()) {
            onLeave.run();
        }
    }

    private void act(HallAction action) {
        switch (action) {
            case START -> model.startOrPause();
            case NEXT -> model.press(Press.Key.NEXT);
            case BACK -> model.press(Press.Key.BACK);
            case ONE_MORE -> model.press(Press.Key.ONE_MORE);
            case ONE_LESS -> model.press(Press.Key.ONE_LESS);
            case EIGHT -> model.press(Press.Key.EIGHT_MORE);
            case ROUND -> model.press(Press.Key.ANOTHER_ROUND);
            case SKIP_LINE -> model.press(Press.Key.SKIP_LINE);
            case SKIP_SIDE -> model.press(Press.Key.SKIP_SIDE);
            case EASIER -> model.choose(Variant.EASIER);
            case HARDER -> model.choose(Variant.HARDER);
            case STAND_IN -> model.standIn();
            case TALK -> model.talkOrGoOn();
            case PAY -> model.press(Press.Key.PAY);
            case FORGIVE -> model.press(Press.Key.FORGIVE);
            case FINISH -> model.press(Press.Key.FINISH);
            case TAKE -> {
                if (model.offer().get().isPresent()) {
                    model.take();
                } else {
                    model.startOrPause();
                }
            }
            case OTHER_WAY -> model.otherWay();
            case KEEP_ON_TIME -> model.keepOnTime().set(!model.keepOnTime().get());
            case UNDO -> model.undo();
            case START_OVER -> model.startOver();
            case FACING -> model.turnRound();
            case GROUP -> model.group().shown().set(!model.group().shown().get());
            case STATIONS -> model.group().spread().set(!model.group().spread().get());
            case SOUNDS -> model.sounds().turn();
            case CLICK -> model.sounds().turnClick();
            case REHEARSE -> model.rehearse();
            case KEYS -> showKeys(!getChildren().contains(panel));
        }
    }

    private void showKeys(boolean shown) {
        if (shown) {
            getChildren().setAll(panel, settings, said, foot);
        } else {
            getChildren().setAll(List.of());
            lay();
            requestFocus();
        }
    }

    private void show(Moment moment) {
        Timeline timeline = model.timeline().get();
        Optional<Counting> counting = Counting.of(moment, timeline);
        boolean late = moment.state().under()
                && moment.spare().negated().compareTo(model.threshold()) > 0;
        now.show(moment, timeline, HallWords.classLine(moment, timeline, model.clock().zone()), late,
                soft(counting, moment));
        setAccessibleText(now.getAccessibleText());
        says.show(moment.entry().filter(Item.class::isInstance).flatMap(Entry::item)
                .map(item -> item.exercise().cues()), model.facing().get());
        options.show(moment.entry(), timeline.plan());
        boolean free = counting.isEmpty() && model.offer().get().isEmpty();
        boolean low = getHeight() > 0 && getHeight() < LOW;
        shown(says, free && says.says());
        shown(options, free && !(low && says.says()));
        show(moment, counting, timeline);
        shown(pulse, model.rehearses());
        model.rehearsal()
                .ifPresent(each -> pulse.show("rehearsal, %d times as fast \u00b7 %s \u00b7 %s".formatted(
                        each.speed(), each.pulse(moment).words(), each.music(moment, timeline)),
                        each.pulse(moment),
                        each.band(moment)));
        road.follow(moment.place(), low ? 1 : 2);
        road.select(moment.entry().map(Entry::id));
        name(cap(HallAction.START), start(moment.state()));
    }

    private static void shown(Region row, boolean shown) {
        row.setVisible(shown);
        row.setManaged(shown);
    }

    /** What to say next; when a change is near, how many are left until then. */
    private void show(Moment moment, Optional<Counting> counting, Timeline timeline) {
        Optional<Say> next = Say.of(moment, timeline);
        Optional<Change> change = Change.of(moment, timeline).filter(_ -> counting.isEmpty());
        Optional<String> badge = change.map(found -> found.left() + " more")
                .or(() -> next.map(Say::when)).filter(_ -> moment.state() != RunState.READY);
        String words = next.map(Say::words).or(() -> change.map(Change::then)).orElseGet(() -> end(moment));
        String own = change.flatMap(found -> found.own(model.facing().get()))
                .map(side -> "then you move " + side.word()).orElse("");
        say.show(badge, words, own.isEmpty() ? next.map(Say::how).orElse("") : own,
                know(moment, counting, timeline, words));
    }

    private static String end(Moment moment) {
        return switch (moment.state()) {
            case FINISHED -> "";
            case READY, TEACHING, PAUSED, TALKING ->
                moment.entry().isPresent() ? "This is the last line of the class" : "";
        };
    }

    /** What to know of what comes: its dose and what is fetched for it; in a build-up its next stage. */
    private static String know(Moment moment, Optional<Counting> counting, Timeline timeline, String said) {
        Optional<Stage> stage = counting.flatMap(Counting::next);
        return stage.map(found -> "next: %s, %s".formatted(found.title(), BuildUpWords.rounds(found)))
                .or(() -> moment.next().map(entry -> said.startsWith(entry.name())
                        ? HallWords.next(entry, timeline)
                        : "next: %s, %s".formatted(entry.name(), HallWords.next(entry, timeline))))
                .orElse("");
    }

    /** How much there is of a line, and which side the instructor moves; the stage of a build-up; a challenge. */
    private String soft(Optional<Counting> counting, Moment moment) {
        String challenge = model.counts().words().get();
        String words = counting.map(found -> found.stage().title())
                .or(() -> moment.entry().map(HallWords::dose)).orElse("");
        String own = counting.isPresent() ? counting.map(Counting::shown).orElse("") : own(moment);
        return java.util.stream.Stream.of(challenge, words, own).filter(each -> !each.isEmpty())
                .collect(Collectors.joining(DOT));
    }

    private String own(Moment moment) {
        return moment.span().map(Span::side).filter(side -> side != Side.BOTH)
                .map(side -> "you move " + (model.facing().get() ? side.other() : side).word()).orElse("");
    }

    private void show(Optional<Offer> found) {
        offer.show(found, TIME.format(model.run().hardEnd().atZone(model.clock().zone())));
        Timeline timeline = model.timeline().get();
        road.light(found.stream().flatMap(each -> each.entries().stream())
                .filter(id -> timeline.entries().containsKey(id)).map(timeline::ofEntry).toList());
        show(model.moment().get());
    }

    private void show(List<Debt> owed) {
        shown(debts, !owed.isEmpty());
        debts.setText(owed.stream().map(debt -> "%s: %s".formatted(name(debt), debt.words()))
                .collect(Collectors.joining(DOT))
                + "   %s pays, %s forgives".formatted(keys.cap(HallAction.PAY),
                        keys.cap(HallAction.FORGIVE)));
    }

    private String name(Debt debt) {
        return model.timeline().get().plan().items()
                .filter(item -> item.exercise().id().equals(debt.exercise())).map(Item::name).findFirst()
                .orElse(debt.exercise());
    }

    private static String start(RunState state) {
        return switch (state) {
            case READY -> "start";
            case TEACHING -> "pause";
            case PAUSED, TALKING -> "go on";
            case FINISHED -> "ready again";
        };
    }

    /** Says on each key what it does now. */
    private void nameKeys() {
        caps.forEach((action, button) -> {
            ((Label) ((HBox) button.getGraphic()).getChildren().getFirst()).setText(keys.cap(action));
            name(button, brief(action));
        });
    }

    private String brief(HallAction action) {
        return switch (action) {
            case START -> start(model.moment().get().state());
            case NEXT -> "done";
            case EIGHT -> "counts";
            case ONE_MORE -> "more";
            case ONE_LESS -> "less";
            case ROUND -> "round";
            case SKIP_LINE -> "skip";
            case SKIP_SIDE -> "side";
            case TALK -> "talk";
            case FINISH -> "finish";
            case UNDO -> "undo";
            case KEYS -> "keys";
            case TAKE -> "take it";
            case OTHER_WAY -> "another way";
            case FACING -> model.facing().get() ? "you face them" : "your back to them";
            default -> action.words();
        };
    }

    static void name(Button key, String word) {
        ((Label) ((HBox) key.getGraphic()).getChildren().getLast()).setText(word);
        key.setAccessibleText(word);
    }

    static Button key(String cap, String word, Runnable action) {
        Label key = new Label(cap);
        key.getStyleClass().add("cap");
        Label words = new Label(word);
        words.getStyleClass().add("small");
        HBox graphic = new HBox(8, key, words);
        graphic.setAlignment(Pos.CENTER_LEFT);
        Button button = new Button("", graphic);
        button.setAccessibleText(word);
        button.getStyleClass().setAll("key");
        button.setFocusTraversable(false);
        button.setOnAction(_ -> action.run());
        return button;
    }
}
