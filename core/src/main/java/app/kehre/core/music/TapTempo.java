package app.kehre.core.music;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The tempo that is tapped along with the music.
 *
 * @param taps the last taps, at most {@value #MOST}
 */
public record TapTempo(List<Instant> taps) {

    /** So many taps are taken into account. */
    public static final int MOST = 16;
    /** After such a gap the tapping begins anew. */
    private static final Duration GAP = Duration.ofSeconds(2);
    private static final double NANOS_A_MINUTE = 6e10;

    public TapTempo {
        taps = List.copyOf(taps);
    }

    /** Returns the tempo of nothing tapped. */
    public static TapTempo none() {
        return new TapTempo(List.of());
    }

    /** Returns it with a tap more. */
    public TapTempo tap(Instant now) {
        boolean anew = !taps.isEmpty() && Duration.between(taps.getLast(), now).compareTo(GAP) > 0;
        List<Instant> more = new ArrayList<>(anew ? List.of() : taps);
        more.add(now);
        return new TapTempo(more.subList(Math.max(0, more.size() - MOST), more.size()));
    }

    /** Returns the mean tempo, kept within {@link Bpm#RANGE}; nothing before the fourth tap. */
    public Optional<Bpm> bpm() {
        if (taps.size() < 4) {
            return Optional.empty();
        }
        double mean = (double) Duration.between(taps.getFirst(), taps.getLast()).toNanos()
                / (taps.size() - 1);
        return Optional.of(new Bpm(Math.clamp(Math.round(NANOS_A_MINUTE / mean), (int) Bpm.RANGE.least(),
                (int) Bpm.RANGE.most())));
    }

    /** Returns how far the single gaps lie from the mean, in BPM: half the spread between fastest and slowest. */
    public int spread() {
        double fastest = 0;
        double slowest = Double.MAX_VALUE;
        for (int i = 1; i < taps.size(); i++) {
            double bpm = NANOS_A_MINUTE
                    / Math.max(1, Duration.between(taps.get(i - 1), taps.get(i)).toNanos());
            fastest = Math.max(fastest, bpm);
            slowest = Math.min(slowest, bpm);
        }
        return taps.size() < 3 ? 0 : (int) Math.round((fastest - slowest) / 2);
    }

    /** Returns "126 BPM, give or take 2, from 8 taps". */
    public String words() {
        return bpm().map(found -> "%d BPM, give or take %d, from %d taps".formatted(found.value(), spread(),
                taps.size())).orElse("tap on: %d of 4".formatted(taps.size()));
    }
}
