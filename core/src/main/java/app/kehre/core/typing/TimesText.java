package app.kehre.core.typing;

import java.time.Duration;
import java.util.Arrays;
import java.util.List;

import app.kehre.core.plan.ClassTimes;
import app.kehre.core.value.Lengths;
import app.kehre.core.value.Reading;

/** The class's times as the texts that are edited in place. */
public final class TimesText {

    /** What each of them is for, in the order of {@link ClassTimes}. */
    public static final List<String> NAMES = List.of("explain a new exercise", "say a known one",
            "down to the floor, up", "change side", "weights at hand", "fetch from the wall", "put away",
            "set up a step or chair", "lay a mat", "band, risers, wall");

    private TimesText() {}

    /** Returns the times in the order of {@link ClassTimes}. */
    public static List<Duration> all(ClassTimes times) {
        return List.of(times.explainNew(), times.explainKnown(), times.floor(), times.sideChange(),
                times.weightsAtHand(), times.fetch(), times.putAway(), times.setUp(), times.mat(),
                times.band());
    }

    /** Returns the times with one of them, by its place from 0, set to what the text says. */
    public static Reading<ClassTimes> with(ClassTimes times, int place, String text) {
        Reading<Duration> length = text.strip().equals("0")
                ? Reading.of(Duration.ZERO)
                : Lengths.parse(text);
        return length.value().flatMap(ClassTimes.EACH::problem).map(Reading::<ClassTimes>refused)
                .orElseGet(() -> length.map(found -> {
                    int[] seconds = all(times).stream()
                            .mapToInt(each -> Math.toIntExact(each.toSeconds())).toArray();
                    int[] changed = Arrays.copyOf(seconds, seconds.length);
                    changed[place] = Math.toIntExact(found.toSeconds());
                    return ClassTimes.of(changed);
                }));
    }
}
