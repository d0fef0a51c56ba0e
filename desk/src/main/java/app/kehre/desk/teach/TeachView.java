package app.kehre.desk.teach;

import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.animation.AnimationTimer;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import app.kehre.core.hall.Counting;
import app.kehre.core.hall.HallWords;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Item;
import app.kehre.core.teaching.Debt;
import app.kehre.core.teaching.Moment;
import app.kehre.core.timeline.Span;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Side;
import app.kehre.desk.control.Switchback;
import app.kehre.desk.look.Palette;

/** The Teach place: what now, which side, how long, what to say next. Read from three metres, worked by key. */
public final class TeachView extends VBox {

    private static final long TICK_NANOS = 100_000_000;
    private static final double ROAD_SCALE = 1.35;
    /** Lower than this there is one row of the road, and no room for the options. */
    private static final double LOW = 740;
    private static final double SPACE = 9;
    private static final double LITTLE_SPACE = 6;
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm", Locale.ROOT);
    private static final String DOT = " \u00b7 ";

    private final TeachViewModel model;
    private final HallKeys keys;
    private final Runnable onLeave;
    private final HallActions actions;
    private final HallCaps caps;
    private final NowPart now = new NowPart();
    private final SayRow say = new SayRow();
    private final Options options = new Options();
    private final Says says = new Says();
    private final OfferBox offer;
    private final PulseBand pulse = new PulseBand();
    private final Label debts = new Label();
    private final Label said = new Label();
    private final Switchback road;
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
        actions = new HallActions(model, keys, this::turnKeys, this::escape);
        caps = new HallCaps(keys, actions::act);
        road = Switchback.large(model.timeline().get(), ROAD_SCALE);
        road.palette().set(Palette.HALL);
        offer = new OfferBox(caps.of(HallAction.TAKE), caps.of(HallAction.OTHER_WAY),
                HallCaps.key("Esc", "stay late", this::escape));
        panel = new KeysPanel(keys, actions::act, caps::name, this::turnKeys);
        settings = new HallPanel(model);
        dress();
        lay();
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
        model.facing().addListener(_ -> show(model.moment().get()));
        model.onTime().kept().addListener(_ -> show(model.moment().get()));
        model.onTime().offer().addListener((_, _, found) -> show(found));
        model.debts().addListener((_, _, owed) -> show(owed));
        model.said().addListener((_, _, words) -> said.setText(words));
        widthProperty().addListener((_, _, width) -> {
            caps.fit(width.doubleValue());
            show(model.moment().get());
        });
        addEventFilter(KeyEvent.KEY_PRESSED, this::onKey);
        keys.onPressed(this::onKey);
        now.onPress(() -> actions.act(HallAction.NEXT), () -> actions.act(HallAction.START));
    }

    private void onKey(KeyEvent event) {
        if (!panel.listens(event)) {
            actions.onKey(event, () -> getScene().getFocusOwner() == this);
        }
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

    private void dress() {
        getStyleClass().add("hall");
        setStyle(Palette.HALL.style());
        debts.setId("debts");
        debts.getStyleClass().add("late");
        said.setId("said");
        said.getStyleClass().add("said");
        said.setMinHeight(USE_PREF_SIZE);
        show(List.of());
    }

    private void lay() {
        Region rule = new Region();
        rule.getStyleClass().add("rule");
        Region room = new Region();
        VBox.setVgrow(room, Priority.ALWAYS);
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox told = new HBox(24, pulse, debts, gap, said);
        told.setMinHeight(28);
        getChildren().setAll(now, say, offer, says, options, told, rule, road, room, caps);
    }

    private void escape() {
        if (keysShown()) {
            turnKeys();
        } else if (!model.onTime().leave()) {
            onLeave.run();
        }
    }

    private boolean keysShown() {
        return !getChildren().contains(now);
    }

    private void turnKeys() {
        if (keysShown()) {
            getChildren().clear();
            lay();
            requestFocus();
        } else {
            ScrollPane all = new ScrollPane(new VBox(SPACE, panel, settings));
            all.setFitToWidth(true);
            all.setFocusTraversable(false);
            all.getStyleClass().add("hall-scroll");
            VBox.setVgrow(all, Priority.ALWAYS);
            getChildren().setAll(all, said, caps);
        }
    }

    private void show(Moment moment) {
        Timeline timeline = model.timeline().get();
        Optional<Counting> counting = Counting.of(moment, timeline);
        boolean low = getScene() != null && getScene().getHeight() < LOW;
        boolean free = counting.isEmpty() && model.onTime().offer().get().isEmpty();
        setSpacing(low ? LITTLE_SPACE : SPACE);
        now.show(moment, timeline, classLine(moment, timeline), late(moment), soft(counting, moment));
        setAccessibleText(now.getAccessibleText());
        say.show(moment, timeline, model.facing().get());
        says.show(moment.entry().filter(Item.class::isInstance).flatMap(Entry::item)
                .map(item -> item.exercise().cues()), model.facing().get());
        boolean brief = low && says.says();
        options.show(moment.entry(), timeline.plan(), brief);
        shown(says, free && says.says());
        shown(options, free && (!brief || options.any()));
        showRehearsal(moment, timeline);
        road.follow(moment.place(), low ? 1 : 2);
        road.select(moment.entry().map(Entry::id));
        caps.name(moment.state());
    }

    private boolean late(Moment moment) {
        return moment.state().under() && moment.spare().negated().compareTo(model.threshold()) > 0;
    }

    private String classLine(Moment moment, Timeline timeline) {
        String kept = model.onTime().kept().get() ? "kept on time" + DOT : "";
        return kept + HallWords.classLine(moment, timeline, model.clock().zone());
    }

    private void showRehearsal(Moment moment, Timeline timeline) {
        shown(pulse, model.rehearses());
        model.rehearsal()
                .ifPresent(each -> pulse.show("rehearsal, %d times as fast%s%s%s%s".formatted(each.speed(),
                        DOT, each.pulse(moment).words(), DOT, each.music(moment, timeline)),
                        each.pulse(moment),
                        each.band(moment)));
    }

    private static void shown(Region row, boolean shown) {
        row.setVisible(shown);
        row.setManaged(shown);
    }

    /** How much there is of a line, and which side the instructor moves; the stage of a build-up; a challenge. */
    private String soft(Optional<Counting> counting, Moment moment) {
        String challenge = model.counts().words().get();
        String words = counting.map(found -> found.stage().title())
                .or(() -> moment.entry().map(HallWords::dose)).orElse("");
        String own = counting.isPresent() ? counting.map(Counting::shown).orElse("") : own(moment);
        return Stream.of(challenge, words, own).filter(each -> !each.isEmpty())
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
}
