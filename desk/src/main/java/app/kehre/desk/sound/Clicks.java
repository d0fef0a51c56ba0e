package app.kehre.desk.sound;

import java.util.concurrent.CompletableFuture;

/** Where clicks come from. */
public final class Clicks {

    private Clicks() {}

    /** Looks for a sound device beside the caller's thread; the click that is found, silent without a device. */
    public static CompletableFuture<Click> find() {
        return SpeakerClick.find();
    }
}
