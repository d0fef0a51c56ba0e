package app.kehre.core.timeline;

import java.time.Duration;
import java.util.HashSet;
import java.util.Optional;
import java.util.Set;

import app.kehre.core.brief.School;
import app.kehre.core.dose.CountPattern;
import app.kehre.core.dose.Counts;
import app.kehre.core.dose.Dose;
import app.kehre.core.dose.Hold;
import app.kehre.core.dose.Interval;
import app.kehre.core.dose.Open;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Role;
import app.kehre.core.pace.Pace;
import app.kehre.core.pace.Quantity;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Explaining;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Segment;
import app.kehre.core.value.Side;

/** How long a line is explained and shown, whether the work stops for it, and what the group has been shown so far. */
final class Explainer {

    /**
     * What is said and shown before a line.
     *
     * @param mode whether the work stops for it
     * @param length how long it takes
     */
    record Words(Explaining.Mode mode, Duration length) {

        /** Returns for how long the work stops. */
        Duration stop() {
            return mode == Explaining.Mode.STOPS ? length : Duration.ZERO;
        }
    }

    private final ClassPlan plan;
    private final Pace pace;
    private final Set<String> seen = new HashSet<>();
    private Optional<Item> last = Optional.empty();
    private int lastRound;

    Explainer(ClassPlan plan) {
        this.plan = plan;
        this.pace = plan.pace();
    }

    /** Copies another one: the same was shown. */
    Explainer(Explainer other) {
        this(other.plan);
        seen.addAll(other.seen);
        last = other.last;
        lastRound = other.lastRound;
    }

    /** Notes which item was done last, in which round from 1; none after a pause or a screen. */
    void worked(Optional<Item> item, int round) {
        last = item;
        lastRound = Math.max(1, round);
    }

    /** Returns the item that was done last; none after a pause or a screen. */
    Optional<Item> last() {
        return last;
    }

    /** Returns the round of the item that was done last. */
    int lastRound() {
        return lastRound;
    }

    /** Returns whether an item is the second side, straight behind its first: no new exercise, however it is written. */
    boolean isSecondSide(Item item, int round) {
        return item.delivery().explaining().length().isEmpty() && !item.dose().sides().servesBoth()
                && last.filter(first -> first.exercise().equals(item.exercise())
                        && !first.dose().sides().servesBoth()
                        && lastSide(first, lastRound) != lastSide(item, Math.max(1, round))).isPresent();
    }

    private static Side lastSide(Item item, int round) {
        return item.dose().sides().order(round).getLast();
    }

    /** Notes that an exercise has been done. Returns whether this was the first time. */
    boolean done(Exercise exercise) {
        return seen.add(exercise.id());
    }

    /** Returns the style in which a line is taught: its own, else its segment's, else the class's. */
    School.Teaching style(Item item, Segment segment) {
        return item.delivery().teaching().orElseGet(() -> segment.teaching(plan.brief()));
    }

    /**
     * Returns what changing to the second side takes: where words lie over the movement, no more than where all copy; nothing
     * inside what is counted or clocked.
     */
    Duration side(Item item, Segment segment) {
        if (!DoseLayer.needsSideChange(item.dose())) {
            return Duration.ZERO;
        }
        boolean copied = usualMode(item, segment.role()) == Explaining.Mode.OVER;
        return pace.length(Quantity.SIDE, copied ? School.Teaching.FOLLOW_ME : style(item, segment),
                segment.role());
    }

    /**
     * Returns what is said and shown before an item that is not driven by the clock.
     *
     * @param round of its circuit, from 1; 0 outside
     */
    Words before(Item item, int round, Segment segment) {
        Item now = round == 0 ? item : item.inRound(round);
        boolean again = round > 1 && item.change(round).explaining().isEmpty();
        Explaining own = now.delivery().explaining();
        if (own.mode() == Explaining.Mode.NONE) {
            return new Words(own.mode(), Duration.ZERO);
        }
        Optional<Duration> said = again ? Optional.empty() : own.length();
        Explaining.Mode mode = own.mode() == Explaining.Mode.USUAL
                ? usualMode(now, segment.role())
                : own.mode();
        return new Words(mode,
                said.orElseGet(() -> pace.length(quantity(now, again), style(now, segment), segment.role())));
    }

    private Quantity quantity(Item item, boolean again) {
        if (item.dose() instanceof Hold hold && hold.kind() == Hold.Kind.STRETCH) {
            return Quantity.STRETCH;
        }
        return again || !isNew(item) ? Quantity.KNOWN : Quantity.NEW;
    }

    /** Returns how long a build-up is explained, over its first counts. */
    Duration before(boolean known, Segment segment) {
        return pace.length(known ? Quantity.KNOWN : Quantity.NEW, segment.teaching(plan.brief()),
                segment.role());
    }

    /** Returns the style in which a screen is taught: it is always shown, even where else the group copies. */
    static School.Teaching ofScreen(Segment segment, ClassPlan plan) {
        School.Teaching style = segment.teaching(plan.brief());
        return style == School.Teaching.FOLLOW_ME ? School.Teaching.SHOW_THEN_DO : style;
    }

    /** Returns how long a station is shown before its block begins: what its line says, else by the style. */
    Duration showing(Item station, Segment segment) {
        Explaining own = station.delivery().explaining();
        return switch (own.mode()) {
            case NONE, IN_REST, OVER -> Duration.ZERO;
            case STOPS, USUAL -> own.length().orElseGet(() -> pace.length(
                    isNew(station) ? Quantity.STATION : Quantity.STATION_KNOWN, style(station, segment)));
        };
    }

    /**
     * Returns what is said at an item by the clock once its block runs: what its line or its round says, else a word to copy by.
     * It lies in the rest before the item, as far as there is one, or over its work.
     */
    Words running(Item item, int round, Segment segment) {
        Explaining own = item.delivery().explaining();
        boolean shownBefore = round <= 1 && own.mode() == Explaining.Mode.STOPS;
        boolean copied = round <= 1 && style(item, segment) == School.Teaching.FOLLOW_ME
                && own.length().isEmpty();
        return switch (own.mode()) {
            case NONE -> new Words(own.mode(), Duration.ZERO);
            case OVER -> new Words(own.mode(), own.length().orElseGet(() -> copying(item)));
            case STOPS, IN_REST -> new Words(Explaining.Mode.IN_REST,
                    shownBefore ? Duration.ZERO : own.length().orElseGet(() -> copying(item)));
            case USUAL -> new Words(Explaining.Mode.IN_REST, copied ? copying(item) : Duration.ZERO);
        };
    }

    private Duration copying(Item item) {
        return pace.length(isNew(item) ? Quantity.NEW : Quantity.KNOWN, School.Teaching.FOLLOW_ME);
    }

    /** What everybody knows is never new, nor what was done before in this class. */
    private boolean isNew(Item item) {
        return !plan.isKnown(item) && !item.exercise().everyday() && !seen.contains(item.exercise().id());
    }

    /** Counted moves, and what prepares and walks down, are explained over the movement, an open dose of an aerobic part too. */
    private static Explaining.Mode usualMode(Item item, Role role) {
        boolean easy = role == Role.WARM_UP || role == Role.COOL_DOWN;
        Dose dose = item.dose();
        return switch (dose) {
            case Counts _,CountPattern _ -> Explaining.Mode.OVER;
            case Interval _ -> Explaining.Mode.IN_REST;
            case Hold hold -> easy && hold.kind() == Hold.Kind.HOLD
                    ? Explaining.Mode.OVER
                    : Explaining.Mode.STOPS;
            case Open _ -> easy || role == Role.AEROBIC ? Explaining.Mode.OVER : Explaining.Mode.STOPS;
            default -> easy ? Explaining.Mode.OVER : Explaining.Mode.STOPS;
        };
    }
}
