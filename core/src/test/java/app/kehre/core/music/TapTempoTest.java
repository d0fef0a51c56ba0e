package app.kehre.core.music;

import java.time.Instant;

import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** The tempo tapped along with the music. */
class TapTempoTest {

    private static TapTempo tapped(long... millis) {
        TapTempo taps = TapTempo.none();
        for (long at : millis) {
            taps = taps.tap(Instant.ofEpochMilli(at));
        }
        return taps;
    }

    @Test
    void fourEvenTapsAreATempo() {
        assertThat(tapped(0, 500, 1000).bpm()).isEmpty();
        assertThat(tapped(0, 500, 1000).words()).isEqualTo("tap on: 3 of 4");
        assertThat(tapped(0, 500, 1000, 1500).bpm()).contains(new Bpm(120));
    }

    @Test
    void theMeanOfUnevenTapsIsTakenAndTheirSpreadIsSaid() {
        TapTempo taps = tapped(0, 460, 960, 1430, 1900);

        assertThat(taps.bpm()).contains(new Bpm(126));
        assertThat(taps.words()).isEqualTo("126 BPM, give or take 5, from 5 taps");
    }

    @Test
    void aLongGapBeginsAnewAndOldTapsAreForgotten() {
        assertThat(tapped(0, 500, 1000, 1500, 9000).taps()).hasSize(1);
        long[] many = new long[40];
        for (int i = 0; i < many.length; i++) {
            many[i] = i < 20 ? i * 400L : 8000 + (i - 20) * 500L;
        }
        assertThat(tapped(many).taps()).hasSize(TapTempo.MOST);
        assertThat(tapped(many).bpm()).contains(new Bpm(120));
    }

    @Test
    void whatIsOutOfRangeIsKeptWithinIt() {
        assertThat(tapped(0, 1900, 3800, 5700).bpm()).contains(new Bpm(60));
    }
}
