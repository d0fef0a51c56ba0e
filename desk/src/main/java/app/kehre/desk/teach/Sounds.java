package app.kehre.desk.teach;

import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.application.Platform;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleDoubleProperty;

import app.kehre.core.hall.Signal;
import app.kehre.core.hall.Signals;
import app.kehre.core.teaching.Moment;
import app.kehre.core.teaching.RunState;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Named;
import app.kehre.desk.sound.Tones;

/** The sounds of the class that is taught: each is made ready a little before it is due, and made off the JavaFX thread. */
public final class Sounds {

    private static final Duration READY = Duration.ofMillis(300);
    private static final double USUAL_VOLUME = 0.7;

    private final BooleanProperty on = new SimpleBooleanProperty(true);
    private final DoubleProperty volume = new SimpleDoubleProperty(USUAL_VOLUME);
    private final Set<Signal> wanted = EnumSet.complementOf(EnumSet.of(Signal.CLICK, Signal.PHRASE));
    private final ScheduledExecutorService player = Executors.newSingleThreadScheduledExecutor(
            work -> Thread.ofPlatform().daemon().name("sounds").unstarted(work));
    private final List<Future<?>> ready = new ArrayList<>();
    private final CompletableFuture<Tones> tones;
    private final Consumer<String> say;
    private Duration until = Duration.ZERO;
    private Timeline last;
    private boolean told;

    Sounds(Timeline timeline, CompletableFuture<Tones> tones, Consumer<String> say) {
        this.last = timeline;
        this.tones = tones;
        this.say = say;
    }

    /** Returns how loud, from 0 to 1. */
    DoubleProperty volume() {
        return volume;
    }

    /** Returns whether there are any. */
    BooleanProperty on() {
        return on;
    }

    /** Returns whether a sound is wanted. */
    boolean wants(Signal signal) {
        return wanted.contains(signal);
    }

    /** Says whether a sound is wanted. */
    void want(Signal signal, boolean wants) {
        if (wants) {
            wanted.add(signal);
        } else {
            wanted.remove(signal);
        }
    }

    void turn() {
        on.set(!on.get());
        say.accept(on.get() ? "Sounds on." : "Sounds off.");
    }

    void turnClick() {
        want(Signal.CLICK, !wants(Signal.CLICK));
        say.accept(wants(Signal.CLICK) ? "A click on every count." : "No click.");
    }

    /** Makes ready what is due soon; what was made ready for another place of the class is dropped. */
    void follow(Moment moment, Timeline timeline) {
        if (moment.state() != RunState.TEACHING || !on.get()) {
            drop(moment.place());
            return;
        }
        Duration ahead = moment.place().plus(READY);
        boolean moved = timeline != last || until.compareTo(moment.place()) < 0 || until.compareTo(ahead) > 0;
        if (moved) {
            drop(moment.place());
            last = timeline;
        }
        tellOnce();
        for (Signals.Due due : Signals.between(timeline, until, ahead)) {
            if (wants(due.signal())) {
                long in = due.at().minus(moment.place()).toNanos();
                ready.add(player.schedule(() -> play(due.signal()), Math.max(0, in), TimeUnit.NANOSECONDS));
            }
        }
        until = ahead;
        ready.removeIf(Future::isDone);
    }

    private void drop(Duration place) {
        ready.forEach(each -> each.cancel(false));
        ready.clear();
        until = place;
    }

    private void play(Signal signal) {
        tones.getNow(Tones.silent()).play(signal, volume.get());
    }

    /** Without a device the class is taught without sounds; that is said once. */
    private void tellOnce() {
        if (!told && tones.isDone()) {
            told = true;
            if (!tones.getNow(Tones.silent()).heard()) {
                Platform.runLater(
                        () -> say.accept("This computer has no sound: the class is taught without."));
            }
        }
    }

    /** Returns what is wanted, to be remembered for a class: "70 work rest". */
    public String kept() {
        return Math.round(volume.get() * 100) + (on.get() ? " " : " off ")
                + wanted.stream().map(Named::key).collect(Collectors.joining(" "));
    }

    /** Takes over what was remembered; what cannot be read is left as it is. */
    public void restore(String kept) {
        String[] words = kept.split(" ");
        if (words[0].matches("\\d{1,3}")) {
            volume.set(Math.min(100, Integer.parseInt(words[0])) / 100.0);
            List<String> keys = List.of(words);
            on.set(!keys.contains("off"));
            for (Signal signal : Signal.values()) {
                want(signal, keys.contains(signal.key()));
            }
        }
    }
}
