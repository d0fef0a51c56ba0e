package app.kehre.desk.sound;

import java.util.concurrent.CompletableFuture;

import app.kehre.core.hall.Signal;

/** The sounds of a class. */
public interface Tones {

    /**
     * Sounds; to be called off the JavaFX thread.
     *
     * @param loud from 0 to 1
     */
    void play(Signal signal, double loud);

    /** Returns whether anything is heard. */
    boolean heard();

    /** Looks for a sound device beside the caller's thread; what is found, silent without a device. */
    static CompletableFuture<Tones> find() {
        return SpeakerTones.find();
    }

    /** Returns sounds that are not heard: the stand-in where there is no sound device. */
    static Tones silent() {
        return new Tones() {
            @Override
            public void play(Signal signal, double loud) {}

            @Override
            public boolean heard() {
                return false;
            }
        };
    }
}
