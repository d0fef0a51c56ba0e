package app.kehre.desk.sound;

/** Tones that die away, one after the other, as the samples of a sound. */
final class Wave {

    static final float RATE = 22_050;
    private static final double LOUD = 11_000;

    private Wave() {}

    /**
     * Returns 16 bits a sample, the low byte first.
     *
     * @param seconds of each tone
     * @param hertz of the tones; 0 is silence
     */
    static byte[] of(double seconds, double... hertz) {
        int each = (int) (RATE * seconds);
        byte[] wave = new byte[each * hertz.length * 2];
        for (int tone = 0; tone < hertz.length; tone++) {
            for (int i = 0; i < each; i++) {
                double fade = 1 - (double) i / each;
                int value = (int) (LOUD * fade * fade * Math.sin(2 * Math.PI * hertz[tone] * i / RATE));
                wave[2 * (tone * each + i)] = (byte) value;
                wave[2 * (tone * each + i) + 1] = (byte) (value >> 8);
            }
        }
        return wave;
    }
}
