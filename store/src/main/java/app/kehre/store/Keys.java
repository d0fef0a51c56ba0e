package app.kehre.store;

import java.util.Map;
import java.util.NoSuchElementException;

import app.kehre.core.brief.School;
import app.kehre.core.exercise.Role;
import app.kehre.core.log.Heading;
import app.kehre.core.pace.Quantity;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.PlanId;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.timeline.Done;
import app.kehre.core.timeline.Tally;
import app.kehre.core.value.Named;
import app.kehre.core.value.Side;

/** What stands in the studio for what is not a number. */
final class Keys {

    private static final Map<Done.Unit, String> UNITS = Map.of(Done.Unit.SECONDS, "seconds", Done.Unit.REPS,
            "reps", Done.Unit.COUNTS, "counts", Done.Unit.BREATHS, "breaths");
    private static final Map<Side, String> SIDES = Map.of(Side.LEFT, "left", Side.RIGHT, "right", Side.BOTH,
            "");

    private Keys() {}

    static PlanId plan(String key) {
        return PlanId.parse(key).value().orElseThrow(() -> unknown(key));
    }

    static Heading.Origin origin(String key) {
        return named(Heading.Origin.values(), key);
    }

    static Role role(String key) {
        return named(Role.values(), key);
    }

    static int number(EntryId id) {
        return Integer.parseInt(id.toString());
    }

    static int number(SegmentId id) {
        return Integer.parseInt(id.toString());
    }

    static String of(Done.Unit unit) {
        return UNITS.getOrDefault(unit, "");
    }

    static Tally.Use use(String key) {
        return named(Tally.Use.values(), key);
    }

    static Done.Unit unit(String key) {
        return of(UNITS, key);
    }

    static Side side(String key) {
        return of(SIDES, key);
    }

    static Quantity quantity(String key) {
        return named(Quantity.values(), key);
    }

    static School.Teaching style(String key) {
        return named(School.Teaching.values(), key);
    }

    private static <T> T of(Map<T, String> keys, String key) {
        return keys.entrySet().stream().filter(each -> each.getValue().equals(key)).map(Map.Entry::getKey)
                .findFirst().orElseThrow(() -> unknown(key));
    }

    private static <T extends Named> T named(T[] all, String key) {
        for (T each : all) {
            if (each.key().equals(key)) {
                return each;
            }
        }
        throw unknown(key);
    }

    private static NoSuchElementException unknown(String key) {
        return new NoSuchElementException("\"%s\" is no key that Kehre knows.".formatted(key));
    }
}
