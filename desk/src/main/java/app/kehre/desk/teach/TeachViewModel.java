package app.kehre.desk.teach;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.time.LocalDateTime;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.function.BiConsumer;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;

import app.kehre.core.brief.Brief;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Variant;
import app.kehre.core.teaching.Debt;
import app.kehre.core.teaching.Moment;
import app.kehre.core.teaching.Press;
import app.kehre.core.teaching.RunState;
import app.kehre.core.teaching.Teaching;
import app.kehre.core.teaching.TeachingRun;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Reading;
import app.kehre.desk.control.Latest;
import app.kehre.desk.sound.Tones;

/** The class being taught, moved on by a clock that is passed in. */
public final class TeachViewModel {

    /** So often it is looked whether the class is late and whether a side owes. */
    private static final Duration EVERY = Duration.ofSeconds(1);
    private static final long SEED = 7;
    /** How long what was said stands there. */
    private static final Duration SAID = Duration.ofSeconds(6);

    private static final int[] SPEEDS = {10, 60, 1};

    private final HallClock clock;
    private final OnTime onTime;
    private final Counts counts;
    private final Sounds sounds;
    private final GroupViewModel group = new GroupViewModel();
    private final ReadOnlyObjectWrapper<Teaching> teaching = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyBooleanWrapper facing = new ReadOnlyBooleanWrapper(true);
    private final ReadOnlyObjectWrapper<Moment> moment = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<Timeline> timeline = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<List<Debt>> debts = new ReadOnlyObjectWrapper<>(List.of());
    private final ReadOnlyStringWrapper said = new ReadOnlyStringWrapper("");
    private Optional<LiveRehearsal> rehearsal = Optional.empty();
    private Instant saidAt = Instant.EPOCH;
    private Instant looked = Instant.EPOCH;

    /**
     * Makes a class ready to be taught.
     *
     * @param clock the one on the wall, by which the room must be free
     * @param steady the one by which the class goes
     */
    public TeachViewModel(Timeline timeline, Clock clock, InstantSource steady) {
        this(timeline, clock, steady, new Latest("catching up")::ask, Tones.find());
    }

    TeachViewModel(Timeline timeline, Clock clock, InstantSource steady, Offers.Beside beside,
            CompletableFuture<Tones> tones) {
        this.clock = new HallClock(clock, steady);
        this.onTime = new OnTime(this, beside);
        this.counts = new Counts(this);
        this.sounds = new Sounds(timeline, tones, this::whisper);
        set(Teaching.ready(timeline));
    }

    /** Returns what holds now; {@link #tick} brings it up to date. */
    public ReadOnlyObjectProperty<Moment> moment() {
        return moment.getReadOnlyProperty();
    }

    /** Returns the class that is taught, with every press, as it was after the last one. */
    public ReadOnlyObjectProperty<Teaching> teaching() {
        return teaching.getReadOnlyProperty();
    }

    /** Returns the class that is taught, laid out as it stands. */
    ReadOnlyObjectProperty<Timeline> timeline() {
        return timeline.getReadOnlyProperty();
    }

    /** Returns what is done so that the class ends on time. */
    OnTime onTime() {
        return onTime;
    }

    /** Returns what sides owe. */
    ReadOnlyObjectProperty<List<Debt>> debts() {
        return debts.getReadOnlyProperty();
    }

    /** Returns what was said last: why a press did nothing, or what Kehre did; empty after some seconds. */
    ReadOnlyStringProperty said() {
        return said.getReadOnlyProperty();
    }

    /** Returns the sounds of the class. */
    public Sounds sounds() {
        return sounds;
    }

    /** Returns how the group's wall is shown. */
    public GroupViewModel group() {
        return group;
    }

    Counts counts() {
        return counts;
    }

    HallClock clock() {
        return clock;
    }

    /** Returns the rehearsal that runs. */
    Optional<LiveRehearsal> rehearsal() {
        return rehearsal;
    }

    /** Returns whether this is a rehearsal: nothing of it is kept. */
    public boolean rehearses() {
        return rehearsal.isPresent();
    }

    /** Rehearses the class, ten times as fast, then sixty times, then as slowly as a class, then no more. */
    void rehearse() {
        if (rehearsal.isEmpty() && run().state().under()) {
            say("A class is being taught: it cannot be rehearsed meanwhile.");
            return;
        }
        int next = rehearsal.map(each -> 1 + Arrays.stream(SPEEDS).boxed().toList().indexOf(each.speed()))
                .orElse(0);
        Timeline planned = run().course().planned();
        clock.stop();
        rehearsal = Optional.empty();
        set(Teaching.ready(planned));
        if (next < SPEEDS.length) {
            Brief brief = planned.plan().brief();
            Instant slot = brief.date().atTime(brief.start()).atZone(clock.zone()).toInstant();
            rehearsal = Optional.of(new LiveRehearsal(planned.plan(), slot, clock, SEED, SPEEDS[next]));
            set(Teaching.ready(planned));
        }
        looked = Instant.EPOCH;
        onTime.clear();
        tick();
    }

    /** Returns whether the instructor faces the group and moves as its mirror image. */
    public ReadOnlyBooleanProperty facing() {
        return facing.getReadOnlyProperty();
    }

    /** Says whether the instructor faces the group. */
    public void face(boolean group) {
        facing.set(group);
    }

    void turnRound() {
        facing.set(!facing.get());
    }

    /** Returns from how much late on a proposal is made. */
    public Duration threshold() {
        return onTime.threshold();
    }

    /** Says from how much late on a proposal is made. */
    public void setThreshold(Duration other) {
        onTime.setThreshold(other);
    }

    /** Says who is told the number done of as many as possible. */
    public void onCount(BiConsumer<EntryId, Integer> told) {
        counts.onCount(told);
    }

    /** Takes up the class as it is planned now, unless it is being taught. */
    public void prepare(Timeline planned) {
        if (!run().state().under()) {
            set(Teaching.ready(planned));
        }
        tick();
    }

    /** Returns whether the class that is being taught is no longer the one that is planned. */
    public boolean differsFrom(Timeline planned) {
        return !run().course().planned().plan().equals(planned.plan());
    }

    /** Says that the class which is taught goes on as it was begun, although its plan was changed. */
    public void sayItGoesOn() {
        say("The plan was changed meanwhile: this class goes on with the plan that it began with.");
    }

    /** Looks at the clock. */
    public void tick() {
        rehearsal.ifPresent(each -> each.tick(this::pressed));
        Instant now = clock.now();
        Teaching here = teaching.get().at(now);
        if (here != teaching.get()) {
            set(here);
        }
        moment.set(Moment.of(run(), now, clock.wall()));
        if (Duration.between(looked, now).compareTo(EVERY) >= 0) {
            look(now);
        }
        if (!said.get().isEmpty() && Duration.between(saidAt, clock.real()).compareTo(SAID) > 0) {
            said.set("");
        }
        counts.tick(moment.get(), now);
        if (rehearsal.isEmpty()) {
            sounds.follow(moment.get(), timeline.get());
        }
    }

    private void look(Instant now) {
        looked = now;
        onTime.look(now, clock.wall());
        List<Debt> owed = teaching.get().debts(now);
        if (!owed.equals(debts.get())) {
            debts.set(owed);
        }
    }

    TeachingRun run() {
        return teaching.get().run();
    }

    private void set(Teaching next) {
        teaching.set(next);
        if (timeline.get() != next.run().timeline()) {
            timeline.set(next.run().timeline());
        }
        moment.set(Moment.of(next.run(), clock.now(), clock.wall()));
    }

    /** Does what is pressed, or says why it does nothing. */
    public void press(Press press) {
        rehearsal.ifPresent(LiveRehearsal::takeOver);
        say("");
        String problem = pressed(press);
        if (!problem.isEmpty()) {
            say(problem);
        }
        tick();
    }

    private String pressed(Press press) {
        Reading<Teaching> pressed = teaching.get().press(press, clock.now(), clock.wall());
        pressed.value().ifPresent(next -> {
            set(next);
            onTime.clear();
            look(clock.now());
        });
        return pressed.problem();
    }

    /** Says what matters less than what stands there. */
    private void whisper(String sentence) {
        if (said.get().isEmpty()) {
            say(sentence);
        }
    }

    /** Says a sentence for some seconds. */
    public void say(String sentence) {
        said.set(sentence);
        saidAt = clock.real();
    }

    /** Goes on with a class that was being taught when the program broke off. */
    public void goOn(TeachingRun broken, List<Teaching.Event> events, Duration missed, boolean went) {
        TeachingRun gone = TeachingRun.goneOn(broken, clock.now(), missed, went);
        set(new Teaching(gone, events, List.of()));
        tick();
    }

    /** Starts, pauses or goes on; after the end it makes the class ready again. */
    public void startOrPause() {
        switch (run().at(clock.now()).state()) {
            case READY -> press(new Press.Start(hardEnd()));
            case TEACHING -> press(Press.Key.PAUSE);
            case PAUSED, TALKING -> press(Press.Key.GO_ON);
            case FINISHED -> startOver();
        }
    }

    /** The slot is a length: in the night when an hour is doubled or left out the room is free as long as ever. */
    private Instant hardEnd() {
        Instant now = clock.wall();
        LocalDateTime started = LocalDateTime.ofInstant(now, clock.zone());
        return now.plus(Duration.between(started, run().timeline().plan().brief().hardEnd(started)));
    }

    /** There is more to say, or it is said. */
    void talkOrGoOn() {
        press(run().state() == RunState.TALKING ? Press.Key.GO_ON : Press.Key.TALK);
    }

    /** Everybody does an option, or the line as it is written when they do it already. */
    void choose(Variant variant) {
        boolean already = moment.get().entry().flatMap(entry -> entry.item())
                .filter(item -> item.delivery().variant() == variant).isPresent();
        press(new Press.Choose(already ? Variant.STANDARD : variant));
    }

    /** Everybody does what those with a limit do. */
    void standIn() {
        Optional<Item> item = moment.get().entry().flatMap(entry -> entry.item());
        item.flatMap(each -> each.instead().values().stream().findFirst()).ifPresentOrElse(
                other -> press(new Press.Swap(other)),
                () -> say("Nobody does anything instead of this: there is no stand-in."));
    }

    /** Takes back the last press. */
    public void undo() {
        press(new Press.Undo());
    }

    /** Gives the run up and makes the class ready again; that can be taken back. */
    void startOver() {
        Teaching last = teaching.get();
        Teaching ready = Teaching.ready(last.run().course().planned());
        boolean under = last.run().at(clock.now()).state().under();
        set(under ? new Teaching(ready.run(), last.events(), List.of(last.run())) : ready);
        onTime.clear();
        tick();
    }
}
