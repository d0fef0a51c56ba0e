package app.kehre.core.log;

import java.time.Duration;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

import app.kehre.core.plan.EntryId;

/**
 * A class that was taught.
 *
 * @param heading which class
 * @param times how long it was thought to take, and took
 * @param segments its segments, in order
 * @param lines its lines, those that were left out as well, in order
 * @param outcome what came of it
 * @param observed what it says of the pace
 * @param after what the instructor says of it
 * @param learn whether the pace is learned from it
 */
public record ClassRecord(Heading heading, Times times, List<SegmentRecord> segments, List<LineRecord> lines,
        Outcome outcome, List<Observation> observed, After after, boolean learn) {

    public ClassRecord {
        segments = List.copyOf(segments);
        lines = List.copyOf(lines);
        observed = List.copyOf(observed);
    }

    /** Returns what tells it from all others. */
    public RecordKey key() {
        return heading.key();
    }

    /** Finds a line. */
    public Optional<LineRecord> line(EntryId id) {
        return lines.stream().filter(line -> line.line().equals(id)).findFirst();
    }

    /** Returns the lines that ran otherwise than planned, in order. */
    public List<LineRecord> ranOtherwise() {
        return lines.stream().filter(LineRecord::ranOtherwise).toList();
    }

    /** Returns the lines that ran otherwise than planned, those furthest off first. */
    public List<LineRecord> furthestOff() {
        return ranOtherwise().stream()
                .sorted(Comparator.comparing((LineRecord line) -> line.off().abs()).reversed()).toList();
    }

    /** Returns by how much longer than its slot it took, pauses with it; negative when it was shorter. */
    public Duration overSlot() {
        return times.taught().minus(heading.slot());
    }

    /** Returns it with what the instructor says of it now. */
    public ClassRecord with(After other) {
        return new ClassRecord(heading, times, segments, lines, outcome, observed, other, learn);
    }

    /** Returns it, learned from or left out. */
    public ClassRecord withLearn(boolean other) {
        return new ClassRecord(heading, times, segments, lines, outcome, observed, after, other);
    }

    /** Returns it under another heading. */
    public ClassRecord with(Heading other) {
        return new ClassRecord(other, times, segments, lines, outcome, observed, after, learn);
    }
}
