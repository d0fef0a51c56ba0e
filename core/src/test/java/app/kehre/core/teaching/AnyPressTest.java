package app.kehre.core.teaching;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.Random;

import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

import app.kehre.core.exercise.Role;
import app.kehre.core.log.ClassRecord;
import app.kehre.core.log.LineRecord;
import app.kehre.core.log.Recording;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Variant;
import app.kehre.core.testing.Draws;
import app.kehre.core.testing.Exercises;
import app.kehre.core.testing.Plans;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Reading;

import static org.assertj.core.api.Assertions.assertThat;

/** Whatever is pressed, whenever, in whatever class: it is done or refused with a word, and no second of the class is lost. */
class AnyPressTest {

    private static final Instant START = Instant.parse("2026-11-24T18:30:00Z");
    private static final int PRESSES = 40;

    private static Press any(Random random) {
        return switch (random.nextInt(14)) {
            case 0 -> new Press.Choose(Variant.values()[random.nextInt(Variant.values().length)]);
            case 1 -> new Press.Undo();
            default -> {
                Press.Key key = Press.Key.values()[random.nextInt(Press.Key.values().length)];
                yield key == Press.Key.FINISH && random.nextInt(10) > 0 ? Press.Key.NEXT : key;
            }
        };
    }

    @Property(tries = 120)
    void aPressIsDoneOrRefusedWithAWordAndTheTimeOfTheClassAddsUp(@ForAll("plans") ClassPlan plan,
            @ForAll long seed) {
        Random random = new Random(seed);
        Teaching taught = Teaching.ready(Timeline.of(plan))
                .press(new Press.Start(START.plusSeconds(3600)), START, START)
                .value().orElseThrow();
        Instant now = START;
        for (int i = 0; i < PRESSES; i++) {
            now = now.plusMillis(random.nextInt(random.nextBoolean() ? 3_000 : 90_000));
            Reading<Teaching> pressed = taught.press(any(random), now, now);
            assertThat(pressed.value().isPresent() || !pressed.problem().isBlank()).isTrue();
            taught = pressed.value().orElse(taught);
            Moment moment = Moment.of(taught.run().at(now), now);
            assertThat(moment.place()).isBetween(Duration.ZERO, taught.run().timeline().total());
        }
        addsUp(taught.at(now.plusSeconds(40_000)));
    }

    private static void addsUp(Teaching ended) {
        Duration at = Duration.ZERO;
        for (Visit visit : ended.run().visits()) {
            assertThat(visit.began()).as("pieces follow each other").isEqualTo(at);
            at = visit.end();
        }
        ClassRecord record = Recording.of(ended, LocalDateTime.of(2026, 11, 24, 18, 30));
        assertThat(
                record.lines().stream().map(LineRecord::taughtLength).reduce(Duration.ZERO, Duration::plus))
                .isEqualTo(record.times().taught()).isEqualTo(at);
    }

    @Provide
    Arbitrary<ClassPlan> plans() {
        return Draws.plans();
    }

    @Test
    void aRoundThatNoDayHasRoomForIsRefusedAndTheClassGoesOn() {
        Plans elevenHours = Plans.of(60).segment("Endless", Role.TONING, 120)
                .item(Exercises.PLANK, "1800 s on, 0 s off, x11").circuit(1, 2, 30);
        Teaching taught = Teaching.ready(Timeline.of(elevenHours.bare()))
                .press(new Press.Start(START.plusSeconds(3600)), START, START).value().orElseThrow();
        Instant now = START.plusSeconds(60);
        String refused = taught.press(Press.Key.ANOTHER_ROUND, now, now).problem();

        assertThat(refused).isEqualTo(
                "A class may last 12 hours at most; this one is longer than that in \"Endless\".");
        assertThat(taught.press(Press.Key.SKIP_LINE, now, now).value()).as("it goes on").isPresent();
    }
}
