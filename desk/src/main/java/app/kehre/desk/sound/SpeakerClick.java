package app.kehre.desk.sound;

import java.util.List;
import java.util.concurrent.CompletableFuture;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.Clip;
import javax.sound.sampled.DataLine;
import javax.sound.sampled.LineUnavailableException;

import app.kehre.desk.fault.FaultLog;

/** A click from the computer's speakers. */
final class SpeakerClick implements Click {

    private static final double SECONDS = 0.03;
    private static final double LOW = 880;
    private static final double HIGH = 1_320;

    private final List<Clip> clips;

    private SpeakerClick(List<Clip> clips) {
        this.clips = clips;
    }

    /** Looks for a sound device beside the caller's thread; without one the click is silent. */
    static CompletableFuture<Click> find() {
        return CompletableFuture.supplyAsync(SpeakerClick::open);
    }

    private static Click open() {
        AudioFormat format = new AudioFormat(Wave.RATE, 16, 1, true, false);
        DataLine.Info info = new DataLine.Info(Clip.class, format);
        if (!AudioSystem.isLineSupported(info)) {
            return Click.silent();
        }
        try {
            return new SpeakerClick(List.of(clip(info, format, LOW), clip(info, format, HIGH)));
        } catch (LineUnavailableException | IllegalArgumentException | SecurityException none) {
            FaultLog.without("the sound of counts", none);
            return Click.silent();
        }
    }

    private static Clip clip(DataLine.Info info, AudioFormat format, double hertz)
            throws LineUnavailableException {
        Clip clip = (Clip) AudioSystem.getLine(info);
        byte[] wave = Wave.of(SECONDS, hertz);
        clip.open(format, wave, 0, wave.length);
        return clip;
    }

    @Override
    public void click(boolean first) {
        Clip clip = clips.get(first ? 1 : 0);
        clip.stop();
        clip.setFramePosition(0);
        clip.start();
    }
}
