package app.kehre.desk.session;

import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.time.format.DateTimeParseException;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import app.kehre.core.exercise.Library;
import app.kehre.core.teaching.Course;
import app.kehre.core.teaching.TeachingRun;
import app.kehre.core.timeline.Timeline;
import app.kehre.formats.json.UnreadableFile;
import app.kehre.formats.plan.PlanDocument;
import app.kehre.formats.teaching.RunDocument;

/**
 * A class that is being taught, as it is kept so that nothing of it is lost in a crash: one line, how far it is, the class
 * as it stands now, then the class that was planned as it is kept for a rescue.
 *
 * @param planned the class with which the teaching began
 * @param now the class as it stands
 * @param run how far it is
 * @param going whether it was going on; else it was stopped
 * @param at when that was, by the clock on the wall
 */
public record TaughtClass(Rescued planned, PlanDocument now, RunDocument run, boolean going, Instant at) {

    private static final Pattern HEAD = Pattern
            .compile("\\Akehre-taught (going|stopped) (\\S{1,40}) (\\d{1,9}) (\\d{1,9})\n");
    private static final int HEAD_MOST = 200;

    /** Returns the bytes to keep. */
    public byte[] bytes() {
        byte[] how = run.bytes();
        byte[] changed = now.bytes();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        bytes.writeBytes("kehre-taught %s %s %d %d\n"
                .formatted(going ? "going" : "stopped", at, how.length, changed.length)
                .getBytes(StandardCharsets.UTF_8));
        bytes.writeBytes(how);
        bytes.writeBytes(changed);
        bytes.writeBytes(planned.bytes());
        return bytes.toByteArray();
    }

    /** Returns how far the class was at an instant after it was kept, if it went on until then. */
    public Duration placeAt(Instant instant) {
        Duration since = Duration.between(at, instant);
        return going && since.isPositive() ? run.place().plus(since) : run.place();
    }

    /** Returns the run as it broke off. */
    public TeachingRun broken() {
        Course course = run.course(Timeline.of(planned.document().plan()), now.plan());
        return TeachingRun.broken(course, run.place(), run.hardEnd(), run.visits(), run.forgiven());
    }

    /**
     * Reads what was kept.
     *
     * @throws UnreadableFile when it is damaged
     */
    static TaughtClass read(String name, byte[] bytes, Library library) throws UnreadableFile {
        String start = new String(bytes, 0, Math.min(bytes.length, HEAD_MOST), StandardCharsets.UTF_8);
        Matcher head = HEAD.matcher(start);
        if (!head.lookingAt()) {
            throw new UnreadableFile(name, List.of("Line 1: it is no class that was being taught."));
        }
        int how = head.end() + Integer.parseInt(head.group(3));
        int changed = how + Integer.parseInt(head.group(4));
        if (changed > bytes.length) {
            throw new UnreadableFile(name, List.of("It ends too soon."));
        }
        try {
            return new TaughtClass(
                    Rescued.read(name, Arrays.copyOfRange(bytes, changed, bytes.length), library),
                    PlanDocument.read(name, Arrays.copyOfRange(bytes, how, changed), library),
                    RunDocument.read(name, Arrays.copyOfRange(bytes, head.end(), how)),
                    head.group(1).equals("going"), Instant.parse(head.group(2)));
        } catch (DateTimeParseException damaged) {
            throw new UnreadableFile(name, List.of("Line 1: found %s, expected a state, a time and two sizes."
                    .formatted(head.group().strip())));
        }
    }
}
