package app.kehre.core.log;

import java.time.Duration;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.timeline.Tally;
import app.kehre.core.value.Lengths;

/**
 * A line of a class as it was planned and as it was taught.
 *
 * @param line the line
 * @param segment the segment that it belongs to
 * @param name what it was called
 * @param exercises the ids of its exercises
 * @param combinations the names of its combinations
 * @param begins when it was planned to begin, since the class was begun
 * @param planned what its time was planned for; what takes none is not there
 * @param taught what its time was used for
 */
public record LineRecord(EntryId line, SegmentId segment, String name, List<String> exercises,
        List<String> combinations,
        Duration begins, Map<Tally.Use, Duration> planned, Map<Tally.Use, Duration> taught) {

    /** What is off by less is as it was planned: five seconds, and a tenth. Kehre's estimate. */
    private static final Duration LITTLE = Duration.ofSeconds(5);
    private static final int TENTH = 10;
    /** Who presses a line away has it before them for a moment all the same: a twentieth is nothing. Kehre's estimate. */
    private static final int TWENTIETH = 20;

    public LineRecord {
        exercises = List.copyOf(exercises);
        combinations = List.copyOf(combinations);
        planned = copy(planned);
        taught = copy(taught);
    }

    private static Map<Tally.Use, Duration> copy(Map<Tally.Use, Duration> lengths) {
        Map<Tally.Use, Duration> some = new EnumMap<>(Tally.Use.class);
        lengths.forEach((use, length) -> {
            if (!length.isZero()) {
                some.put(use, length);
            }
        });
        return Map.copyOf(some);
    }

    private static Duration sum(Map<Tally.Use, Duration> lengths) {
        return lengths.values().stream().reduce(Duration.ZERO, Duration::plus);
    }

    /** Returns how long it was planned. */
    public Duration plannedLength() {
        return sum(planned);
    }

    /** Returns how long it was taught. */
    public Duration taughtLength() {
        return sum(taught);
    }

    /** Returns by how much it took longer than planned; negative when it was shorter. */
    public Duration off() {
        return taughtLength().minus(plannedLength());
    }

    /** Returns whether it ran otherwise: by more than five seconds and more than a tenth. */
    public boolean ranOtherwise() {
        return off().abs().compareTo(LITTLE) >= 0
                && off().abs().multipliedBy(TENTH).compareTo(plannedLength()) >= 0;
    }

    /** Returns for what its time was used otherwise: "explaining 0:31, plan 0:25"; the use that is furthest off. */
    public String how() {
        if (leftOut()) {
            return "left out";
        }
        if (plannedLength().isZero()) {
            return "not planned";
        }
        Tally.Use most = Arrays.stream(Tally.Use.values())
                .max(Comparator.comparing(use -> off(use).abs())).orElse(Tally.Use.WORK);
        Duration before = planned.getOrDefault(most, Duration.ZERO);
        return "%s %s, plan %s".formatted(most.words(),
                Lengths.clock(taught.getOrDefault(most, Duration.ZERO)),
                before.isZero() ? "none" : Lengths.clock(before));
    }

    private Duration off(Tally.Use use) {
        return taught.getOrDefault(use, Duration.ZERO).minus(planned.getOrDefault(use, Duration.ZERO));
    }

    /** Returns whether nothing of it was taught although it was planned, or it was pressed away. */
    public boolean leftOut() {
        return !plannedLength().isZero()
                && taughtLength().multipliedBy(TWENTIETH).compareTo(plannedLength()) <= 0;
    }

    /** Returns whether something of it was taught. */
    public boolean done() {
        return !taughtLength().isZero() && !leftOut();
    }
}
