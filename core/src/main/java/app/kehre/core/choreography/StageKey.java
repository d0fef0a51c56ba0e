package app.kehre.core.choreography;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import app.kehre.core.value.Reading;

/**
 * What tells a stage of a build-up from all others: "1/add/2", "2/layer/arms", "finale"; with "/hold" behind it
 * the holding pattern before that stage, with "/show" a stop in which it is shown.
 *
 * @param text as it is stored
 */
public record StageKey(String text) implements Comparable<StageKey> {

    /** What a key stands for. */
    public enum Use {
        /** A stage that is danced. */
        DANCE,
        /** A holding pattern. */
        HOLD,
        /** A stop in which the stage is shown. */
        SHOW
    }

    private static final String HOLD = "/hold";
    private static final String SHOW = "/show";
    private static final Pattern STAGE = Pattern.compile("(?:([1-9]\\d?)(?:/(?:(?:add|alone|pair)/[1-9]\\d?"
            + "|layer/(?:plain|moves|arms|direction|rhythm|hop)|of-each/(?:8|4|2)|finished))?|finale)");

    static StageKey of(int combination, String stage) {
        return new StageKey((combination + 1) + "/" + stage);
    }

    /** The whole of all combinations, at the end. */
    static StageKey finale() {
        return new StageKey("finale");
    }

    /**
     * Reads a key of a build-up of so many combinations; what no way of building up has is refused.
     *
     * @param combinations how many combinations the build-up has, 1 to 4
     */
    public static Reading<StageKey> parse(String text, int combinations) {
        StageKey key = new StageKey(text);
        Matcher stage = STAGE.matcher(key.stage());
        boolean is = stage.matches()
                && Optional.ofNullable(stage.group(1)).map(Integer::parseInt).orElse(1) <= combinations
                && (key.stage().contains("/") || key.stage().equals("finale") || key.use() == Use.HOLD);
        return is
                ? Reading.of(key)
                : Reading.refused(
                        ("found \"%s\", which is no stage: expected such as 1/add/1, 1/alone/2, 1/pair/1,"
                                + " 1/layer/plain, 1/of-each/4, 1/finished, finale, with the number of a combination"
                                + " (1 to %d) first; /hold or /show may stand behind it. kehre timeline prints the"
                                + " stages of a plan.").formatted(text, combinations));
    }

    /** Returns what it stands for. */
    public Use use() {
        return text.endsWith(HOLD) ? Use.HOLD : text.endsWith(SHOW) ? Use.SHOW : Use.DANCE;
    }

    /** Returns the key of the stage that is held before or shown, its own where it is danced. */
    private String stage() {
        return switch (use()) {
            case HOLD -> text.substring(0, text.length() - HOLD.length());
            case SHOW -> text.substring(0, text.length() - SHOW.length());
            case DANCE -> text;
        };
    }

    /** Returns the key of the hold before the stage. */
    public StageKey hold() {
        return new StageKey(stage() + HOLD);
    }

    /** Returns the key of the stop in which the stage is shown. */
    public StageKey show() {
        return new StageKey(stage() + SHOW);
    }

    /** Returns the combination that it belongs to, from 0; none for the finale. */
    Optional<Integer> combination() {
        Matcher stage = STAGE.matcher(stage());
        return stage.matches()
                ? Optional.ofNullable(stage.group(1)).map(each -> Integer.parseInt(each) - 1)
                : Optional.empty();
    }

    /** Returns the same stage of another combination. */
    StageKey of(int other) {
        return combination().isPresent()
                ? new StageKey((other + 1) + text.substring(text.indexOf('/')))
                : this;
    }

    @Override
    public int compareTo(StageKey other) {
        return text.compareTo(other.text);
    }

    @Override
    public String toString() {
        return text;
    }
}
