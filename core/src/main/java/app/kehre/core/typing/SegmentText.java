package app.kehre.core.typing;

import java.time.Duration;
import java.util.Optional;

import app.kehre.core.brief.School;
import app.kehre.core.dose.Speed;
import app.kehre.core.music.Bpm;
import app.kehre.core.plan.Segment;
import app.kehre.core.value.Lengths;
import app.kehre.core.value.Reading;

/** A segment as the texts that are edited in place. */
public final class SegmentText {

    private SegmentText() {}

    /** Returns how a segment is taught where that differs: "show, then do, slow"; "as the class" where it does not. */
    public static String pacing(Segment segment) {
        String style = segment.pacing().teaching().map(School.Teaching::called).orElse("as the class");
        return segment.pacing().speed() == Speed.NATURAL
                ? style
                : style + ", reps " + segment.pacing().speed().words();
    }

    /** Returns the target length, such as "8:00"; a dash where there is none. */
    public static String target(Segment segment) {
        return segment.target().isZero() ? "-" : Lengths.clock(segment.target());
    }

    /** Returns the tempo, such as "126 BPM". */
    public static String bpm(Segment segment) {
        return segment.bpm().value() + " BPM";
    }

    /** Returns the segment under the name. */
    public static Reading<Segment> withName(Segment segment, String text) {
        String name = text.strip();
        return name.isEmpty() || name.length() > Segment.LONGEST_NAME
                ? Reading.refused("A segment's name must have from 1 to %d characters, not %d."
                        .formatted(Segment.LONGEST_NAME, name.length()))
                : Reading.of(segment.withName(name));
    }

    /** Returns the segment with the target length; a dash or nothing is no target. */
    public static Reading<Segment> withTarget(Segment segment, String text) {
        if (text.isBlank() || text.strip().equals("-")) {
            return Reading.of(segment.withTarget(Duration.ZERO));
        }
        Reading<Duration> length = Lengths.parse(text);
        Optional<String> problem = length.value().flatMap(Segment.TARGET::problem);
        return problem.map(Reading::<Segment>refused).orElseGet(() -> length.map(segment::withTarget));
    }

    /** Returns the segment at the tempo, with or without the unit. */
    public static Reading<Segment> withBpm(Segment segment, String text) {
        return Bpm.RANGE.read(text, "BPM", "126 BPM").map(bpm -> segment.withBpm(new Bpm(bpm)));
    }
}
