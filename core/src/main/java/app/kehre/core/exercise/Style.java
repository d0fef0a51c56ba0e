package app.kehre.core.exercise;

import java.util.Collection;
import java.util.EnumSet;
import java.util.Set;
import java.util.stream.Collectors;

import app.kehre.core.value.Named;
import app.kehre.core.value.Term;

/** What makes a move harder than it is plain: an instructor's levers that are seen, not said (craft.md 5). */
public enum Style implements Named {
    /** Arms below shoulder height. */
    ARMS("arms", "arms"),
    /** Arms overhead. */
    OVERHEAD("overhead", "arms overhead"),
    /** Travel through the room, or along the bench. */
    TRAVEL("travel", "travelling"),
    /** A larger range of motion. */
    RANGE("range", "larger range"),
    /** Turns, changes of direction. */
    DIRECTION("direction", "turns"),
    /** A hop, for those who take it. */
    HOP("hop", "hops");

    private final Term term;

    Style(String key, String words) {
        this.term = new Term(key, words);
    }

    @Override
    public Term term() {
        return term;
    }

    /** Returns a set of them, in their order, never changed. */
    public static Set<Style> of(Collection<Style> some) {
        Set<Style> sorted = EnumSet.noneOf(Style.class);
        sorted.addAll(some);
        return java.util.Collections.unmodifiableSet(sorted);
    }

    /** Returns "arms overhead, travelling"; empty for plain. */
    public static String words(Collection<Style> some) {
        return of(some).stream().map(Style::words).collect(Collectors.joining(", "));
    }
}
