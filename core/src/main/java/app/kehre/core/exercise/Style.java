package app.kehre.core.exercise;

import java.util.Collection;
import java.util.EnumSet;
import java.util.Set;
import java.util.stream.Collectors;

import app.kehre.core.value.Named;

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

    private final String key;
    private final String words;

    Style(String key, String words) {
        this.key = key;
        this.words = words;
    }

    @Override
    public String key() {
        return key;
    }

    @Override
    public String words() {
        return words;
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
