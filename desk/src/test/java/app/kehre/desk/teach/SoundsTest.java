package app.kehre.desk.teach;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;

import org.junit.jupiter.api.Test;

import app.kehre.core.hall.Signal;
import app.kehre.core.teaching.Moment;
import app.kehre.core.teaching.TeachingRun;
import app.kehre.core.testing.Exercises;
import app.kehre.core.testing.Plans;
import app.kehre.core.timeline.Timeline;
import app.kehre.desk.sound.Tones;

import static org.assertj.core.api.Assertions.assertThat;

/** The sounds of a class are made when they are due, each once. */
class SoundsTest {

    private static final Instant START = Instant.parse("2026-11-24T18:30:00Z");

    private final Timeline timeline = Timeline.of(Plans.one(Exercises.SQUAT, "20 s on, 10 s off, x2"));
    private final BlockingQueue<Signal> heard = new LinkedBlockingQueue<>();
    private final Sounds sounds = new Sounds(timeline, CompletableFuture.completedFuture(new Tones() {
        @Override
        public void play(Signal signal, double loud) {
            heard.add(signal);
        }

        @Override
        public boolean heard() {
            return true;
        }
    }), _ -> {});

    private void passes(int fromMillis, int toMillis) {
        TeachingRun run = TeachingRun.ready(timeline).start(START, START.plusSeconds(600));
        for (int at = fromMillis; at < toMillis; at += 100) {
            sounds.follow(Moment.of(run, START.plusMillis(at)), timeline);
        }
    }

    private List<Signal> made(int number) throws InterruptedException {
        List<Signal> made = new ArrayList<>();
        for (int i = 0; i < number; i++) {
            Signal next = heard.poll(5, TimeUnit.SECONDS);
            if (next != null) {
                made.add(next);
            }
        }
        assertThat(heard.poll(400, TimeUnit.MILLISECONDS)).as("no more than these").isNull();
        return made;
    }

    @Test
    void eachIsMadeOnceHoweverOftenTheClockIsLookedAt() throws InterruptedException {
        passes(9_000, 20_500);

        assertThat(made(5)).containsExactlyInAnyOrder(Signal.HALFWAY, Signal.LAST_SECONDS,
                Signal.LAST_SECONDS,
                Signal.LAST_SECONDS, Signal.REST);
    }

    @Test
    void whatIsNotWantedIsNotMadeAndWhatIsWantedIsRemembered() throws InterruptedException {
        sounds.restore("40 work");
        passes(9_000, 31_000);

        assertThat(made(1)).containsExactly(Signal.WORK);
        assertThat(sounds.kept()).isEqualTo("40 work");
        sounds.restore("nonsense");
        assertThat(sounds.volume().get()).isEqualTo(0.4);
    }

    @Test
    void whatWasMadeReadyForAnotherPlaceIsDropped() throws InterruptedException {
        TeachingRun run = TeachingRun.ready(timeline).start(START, START.plusSeconds(600));
        sounds.follow(Moment.of(run, START.plusMillis(9_800)), timeline);
        sounds.follow(Moment.of(run.pause(START.plusMillis(9_850)), START.plusMillis(9_900)), timeline);

        assertThat(made(0)).isEmpty();
    }
}
