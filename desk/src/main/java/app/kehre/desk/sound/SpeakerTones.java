package app.kehre.desk.sound;

import java.util.EnumMap;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.Clip;
import javax.sound.sampled.DataLine;
import javax.sound.sampled.FloatControl;
import javax.sound.sampled.LineUnavailableException;

import app.kehre.core.hall.Signal;
import app.kehre.desk.fault.FaultLog;

/** The sounds of a class from the computer's speakers: work rises, rest falls, the other side is two alike. */
final class SpeakerTones implements Tones {

    private static final double QUIETEST = 0.001;

    private final Map<Signal, Clip> clips;

    private SpeakerTones(Map<Signal, Clip> clips) {
        this.clips = clips;
    }

    static CompletableFuture<Tones> find() {
        return CompletableFuture.supplyAsync(SpeakerTones::open);
    }

    private static Tones open() {
        AudioFormat format = new AudioFormat(Wave.RATE, 16, 1, true, false);
        DataLine.Info info = new DataLine.Info(Clip.class, format);
        if (!AudioSystem.isLineSupported(info)) {
            return Tones.silent();
        }
        try {
            Map<Signal, Clip> clips = new EnumMap<>(Signal.class);
            for (Signal signal : Signal.values()) {
                Clip clip = (Clip) AudioSystem.getLine(info);
                byte[] wave = wave(signal);
                clip.open(format, wave, 0, wave.length);
                clips.put(signal, clip);
            }
            return new SpeakerTones(clips);
        } catch (LineUnavailableException | IllegalArgumentException | SecurityException none) {
            FaultLog.without("the sounds of a class", none);
            return Tones.silent();
        }
    }

    private static byte[] wave(Signal signal) {
        return switch (signal) {
            case COUNT_IN -> Wave.of(0.06, 990);
            case LAST_SECONDS -> Wave.of(0.12, 660);
            case WORK -> Wave.of(0.14, 660, 990);
            case REST -> Wave.of(0.18, 660, 440);
            case SIDE -> Wave.of(0.12, 880, 880);
            case HALFWAY -> Wave.of(0.09, 770, 0, 770);
            case PHRASE -> Wave.of(0.05, 1_320);
            case CLICK -> Wave.of(0.03, 880);
        };
    }

    @Override
    public void play(Signal signal, double loud) {
        Clip clip = clips.get(signal);
        if (clip == null || loud <= 0) {
            return;
        }
        clip.stop();
        if (clip.isControlSupported(FloatControl.Type.MASTER_GAIN)) {
            FloatControl gain = (FloatControl) clip.getControl(FloatControl.Type.MASTER_GAIN);
            double decibel = 20 * Math.log10(Math.max(QUIETEST, loud));
            gain.setValue((float) Math.clamp(decibel, gain.getMinimum(), gain.getMaximum()));
        }
        clip.setFramePosition(0);
        clip.start();
    }

    @Override
    public boolean heard() {
        return true;
    }
}
