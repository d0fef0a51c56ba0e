package app.kehre.core.value;

/** Numbers of things in words: "1 class", "3 classes". */
public final class Counted {

    private Counted() {}

    /**
     * Returns a number with its noun.
     *
     * @param number 0 or more
     * @param noun for one of them; its plural is regular
     */
    public static String of(long number, String noun) {
        return number + " " + (number == 1 ? noun : noun + (noun.matches(".*(s|x|ch|sh)") ? "es" : "s"));
    }
}
