package app.kehre.core.value;

import java.time.Duration;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Lengths of time as people write and read them. Rounding to seconds happens here and nowhere else. */
public final class Lengths {

    private static final Pattern CLOCK = Pattern.compile("(?:(\\d{1,2}):)?(\\d{1,3}):(\\d{2})");
    private static final Pattern UNITS = Pattern.compile("(\\d{1,5})\\s*(s|sec|min)");
    private static final long MINUTE = 60;

    private Lengths() {}

    /** Returns whole seconds, halves rounded up. */
    public static long seconds(Duration length) {
        return length.plusMillis(500).toSeconds();
    }

    /** Returns whole seconds, a second that has begun counted: as a countdown says them. */
    public static long begun(Duration length) {
        return length.plusNanos(999_999_999).toSeconds();
    }

    /** Returns the whole seconds from one boundary to another, each boundary rounded on its own. */
    public static Duration between(Duration start, Duration end) {
        return Duration.ofSeconds(seconds(end) - seconds(start));
    }

    /** Returns minutes and seconds, such as "0:05", "57:20" or "61:00"; the sign is left out. */
    public static String clock(Duration length) {
        long seconds = seconds(length.abs());
        return "%d:%02d".formatted(seconds / MINUTE, seconds % MINUTE);
    }

    /** Returns a difference with its sign, such as "+0:12" or "\u22121:00"; "0:00" without one. */
    public static String signed(Duration difference) {
        long seconds = seconds(difference.abs());
        return (seconds == 0 ? "" : difference.isNegative() ? "\u2212" : "+") + clock(difference);
    }

    /**
     * Returns the seconds left of a countdown: a second counts until it is over, so a countdown shows
     * "0:01" during its last second and "0:00" only at its end.
     */
    public static String countdown(Duration left) {
        long seconds = left.isNegative() ? 0 : left.plusNanos(999_999_999).toSeconds();
        return clock(Duration.ofSeconds(seconds));
    }

    /** Returns the shortest way to write a length of whole seconds: "25 s", "2 min" or "2:30". */
    public static String notation(Duration length) {
        long seconds = length.toSeconds();
        if (seconds < 100) {
            return seconds + " s";
        }
        return seconds % MINUTE == 0 ? seconds / MINUTE + " min" : clock(length);
    }

    /** Reads "25 s", "2 min", "1:30" or "1:02:30". */
    public static Reading<Duration> parse(String text) {
        return find(text).map(Reading::of).orElseGet(() -> Reading
                .refused("\"%s\" is not a length: write it like 40 s, 2 min or 1:30."
                        .formatted(text.strip())));
    }

    private static Optional<Duration> find(String text) {
        Matcher clock = CLOCK.matcher(text.strip());
        if (clock.matches() && Long.parseLong(clock.group(3)) < MINUTE) {
            String hours = clock.group(1);
            return Optional.of(Duration.ofHours(hours == null ? 0 : Long.parseLong(hours))
                    .plusMinutes(Long.parseLong(clock.group(2))).plusSeconds(Long.parseLong(clock.group(3))));
        }
        Matcher units = UNITS.matcher(text.strip());
        if (!units.matches()) {
            return Optional.empty();
        }
        long number = Long.parseLong(units.group(1));
        return Optional.of(Duration.ofSeconds(units.group(2).equals("min") ? number * MINUTE : number));
    }
}
