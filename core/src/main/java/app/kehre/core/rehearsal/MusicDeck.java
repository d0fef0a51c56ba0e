package app.kehre.core.rehearsal;

import java.time.Instant;
import java.util.OptionalLong;

import app.kehre.core.music.Bpm;

/** Where the music of a class would be played. Only a stand-in that ships with Kehre is behind it: it plays a click. */
public interface MusicDeck {

    /** Asks for music at a tempo, from its first count on. */
    void play(Bpm bpm, Instant now);

    /** Returns the count of the music that runs, from 0; empty while nothing is played. */
    OptionalLong beat(Instant now);
}
