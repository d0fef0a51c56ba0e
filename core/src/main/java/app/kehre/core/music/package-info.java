/**
 * Music, as far as a class needs it: its tempo in beats a minute ({@link app.kehre.core.music.Bpm}), which turns counts into
 * time, and finding that tempo by tapping along ({@link app.kehre.core.music.TapTempo}).
 *
 * <p>{@code new Bpm(120).at(2)} is one second: a count lasts 60 / BPM seconds, times are counted in half-counts, and each
 * boundary is rounded once, to the nanosecond. It knows no move, no dose and no class. Nothing is null.
 */
@NullMarked
package app.kehre.core.music;

import org.jspecify.annotations.NullMarked;
