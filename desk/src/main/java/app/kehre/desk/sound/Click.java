package app.kehre.desk.sound;

/** A soft click on a count. */
public interface Click {

    /** Clicks; the first count of an eight a little higher. */
    void click(boolean first);

    /** Returns whether anything is heard. */
    default boolean heard() {
        return true;
    }

    /** Returns a click that is not heard: the stand-in where there is no sound device. */
    static Click silent() {
        return new Click() {
            @Override
            public void click(boolean first) {}

            @Override
            public boolean heard() {
                return false;
            }
        };
    }
}
