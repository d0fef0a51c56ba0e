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
import app.kehre.formats.json.UnreadableFile;

/**
 * A class that is being taught, as it is kept so that its place survives a crash: one line, then the class as it is kept
 * for a rescue.
 *
 * @param plan the class
 * @param place how far it was
 * @param going whether it was going on then; it is stopped in a pause
 * @param at when that was, by the clock on the wall
 * @param hardEnd when the room must be free
 */
public record TaughtClass(Rescued plan, Duration place, boolean going, Instant at, Instant hardEnd) {

    private static final Pattern HEAD = Pattern
            .compile("\\Akehre-teaching (\\S{1,40}) (going|paused) (\\S{1,40}) (\\S{1,40})\n");
    private static final int HEAD_MOST = 200;

    /** Returns the bytes to keep. */
    public byte[] bytes() {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        bytes.writeBytes(
                "kehre-teaching %s %s %s %s\n".formatted(place, going ? "going" : "paused", at, hardEnd)
                        .getBytes(StandardCharsets.UTF_8));
        bytes.writeBytes(plan.bytes());
        return bytes.toByteArray();
    }

    /** Returns how far the class is if it has gone on since. */
    public Duration placeAt(Instant now) {
        Duration since = Duration.between(at, now);
        return going && since.isPositive() ? place.plus(since) : place;
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
        try {
            return new TaughtClass(
                    Rescued.read(name, Arrays.copyOfRange(bytes, head.end(), bytes.length), library),
                    Duration.parse(head.group(1)), head.group(2).equals("going"),
                    Instant.parse(head.group(3)),
                    Instant.parse(head.group(4)));
        } catch (DateTimeParseException damaged) {
            throw new UnreadableFile(name,
                    List.of("Line 1: found %s, expected a length, a state and two times."
                            .formatted(head.group().strip())));
        }
    }
}
