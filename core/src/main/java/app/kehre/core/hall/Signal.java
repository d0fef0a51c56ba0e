package app.kehre.core.hall;

import app.kehre.core.value.Named;
import app.kehre.core.value.Term;

/** A sound that says what happens in a class. */
public enum Signal implements Named {
    /** The last four counts before counted work. */
    COUNT_IN("count-in", "count-in"),
    /** The last three seconds of work and rest by the clock. */
    LAST_SECONDS("last-seconds", "last three seconds"),
    /** Work begins. */
    WORK("work", "work"),
    /** Rest begins. */
    REST("rest", "rest"),
    /** To the other side. */
    SIDE("side", "other side"),
    /** Half of work by the clock is over. */
    HALFWAY("halfway", "halfway"),
    /** A phrase of 32 counts begins. */
    PHRASE("phrase", "phrase"),
    /** A count of the music. */
    CLICK("click", "every count");

    private final Term term;

    Signal(String key, String words) {
        this.term = new Term(key, words);
    }

    @Override
    public Term term() {
        return term;
    }
}
