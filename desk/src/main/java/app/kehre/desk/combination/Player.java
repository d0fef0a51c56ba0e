package app.kehre.desk.combination;

import java.util.concurrent.CompletableFuture;
import java.util.function.IntConsumer;
import javafx.animation.AnimationTimer;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;

import app.kehre.core.music.Bpm;
import app.kehre.desk.sound.Click;

/** Plays a combination at a tempo, again and again: the place in it moves on, with a click on each count. */
final class Player {

    private static final int QUARTERS = 4;
    private static final int EIGHT = 8;

    private final IntConsumer onPlace;
    private final CompletableFuture<Click> click;
    private final ReadOnlyBooleanWrapper playing = new ReadOnlyBooleanWrapper();
    private final AnimationTimer timer;
    private int bpm;
    private int counts;
    private long started;
    private int lastCount;

    /** Makes a player; told the place in quarters of a count, -1 when it stops. */
    Player(IntConsumer onPlace, CompletableFuture<Click> click) {
        this.onPlace = onPlace;
        this.click = click;
        timer = new AnimationTimer() {
            @Override
            public void handle(long now) {
                at(now);
            }
        };
    }

    ReadOnlyBooleanProperty playing() {
        return playing.getReadOnlyProperty();
    }

    void start(int tempo, int howMany) {
        bpm = tempo;
        counts = howMany;
        started = 0;
        lastCount = -1;
        playing.set(counts > 0);
        if (counts > 0) {
            timer.start();
        }
    }

    void stop() {
        timer.stop();
        playing.set(false);
        onPlace.accept(-1);
    }

    /** Goes on at another tempo from the first count. */
    void tempo(int tempo) {
        if (playing.get()) {
            start(tempo, counts);
        }
    }

    private void at(long now) {
        if (started == 0) {
            started = now;
        }
        long quarter = new Bpm(bpm).at(2).toNanos() / QUARTERS;
        int place = (int) ((now - started) / quarter % ((long) counts * QUARTERS));
        int count = place / QUARTERS;
        if (count != lastCount) {
            lastCount = count;
            click.getNow(Click.silent()).click(count % EIGHT == 0);
        }
        onPlace.accept(place);
    }
}
