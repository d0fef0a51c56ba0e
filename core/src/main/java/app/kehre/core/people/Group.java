package app.kehre.core.people;

import java.util.EnumMap;
import java.util.Map;

import app.kehre.core.value.Range;

/**
 * Who comes.
 *
 * @param people how many, 1 to 200
 * @param ages how old they usually are
 * @param mix how used to exercise they are
 * @param limits how many of them have to watch what, each 1 to the number of people, those known to the instructor
 * @param regulars what it is called and knows, if it comes each week
 */
public record Group(int people, Ages ages, Mix mix, Map<Limit, Integer> limits, Regulars regulars) {

    /** The people in the group. */
    public static final Range PEOPLE = Range.of("people", 1, 200);
    /** The people with one limit; none for nobody known. */
    public static final Range WITH_LIMIT = Range.of("the people with a limit", 0, 200);

    /**
     * The usual ages of a group.
     *
     * @param youngest in years, 8 to 100
     * @param oldest in years, from the youngest to 110
     */
    public record Ages(int youngest, int oldest) {

        /** An age in years. */
        public static final Range YEARS = new Range("an age", " years", 8, 110);
        /** The ages of a usual group. */
        public static final Ages USUAL = new Ages(25, 60);
        /** The youngest from which a group counts as an older one. Kehre's estimate. */
        public static final int OLDER = 60;

        /** The youngest from which everything is talked through. Kehre's estimate. */
        public static final int TALKED_THROUGH = 65;

        public Ages {
            YEARS.check(youngest);
            YEARS.check(oldest);
            if (oldest < youngest) {
                throw new IllegalArgumentException(
                        "The oldest must not be younger than the youngest, not %d to %d.".formatted(youngest,
                                oldest));
            }
        }
    }

    /**
     * How used to exercise a group is, in per cent that add up to 100.
     *
     * @param newcomers new, or coming back
     * @param regulars here most weeks
     * @param athletic used to much more
     */
    public record Mix(int newcomers, int regulars, int athletic) {

        /** The mix of a usual group. Kehre's estimate. */
        public static final Mix USUAL = new Mix(20, 60, 20);

        public Mix {
            if (newcomers < 0 || regulars < 0 || athletic < 0 || newcomers + regulars + athletic != 100) {
                throw new IllegalArgumentException(
                        "The shares must add up to 100 %%, not %d + %d + %d.".formatted(newcomers, regulars,
                                athletic));
            }
        }
    }

    public Group {
        PEOPLE.check(people);
        Map<Limit, Integer> some = new EnumMap<>(Limit.class);
        limits.forEach((limit, count) -> {
            WITH_LIMIT.check(count);
            if (count > 0) {
                some.put(limit, count);
            }
        });
        limits = Map.copyOf(some);
        some.forEach((limit, count) -> {
            if (count > people) {
                throw new IllegalArgumentException("%d with a limit of the %s, but %d in the group."
                        .formatted(count, limit.words(), people));
            }
        });
    }

    /**
     * Returns a group that does not come each week.
     *
     * @param people 1 to 200
     */
    public Group(int people, Ages ages, Mix mix, Map<Limit, Integer> limits) {
        this(people, ages, mix, limits, Regulars.NONE);
    }

    /**
     * Returns a usual group of so many.
     *
     * @param people 1 to 200
     */
    public static Group of(int people) {
        return new Group(people, Ages.USUAL, Mix.USUAL, Map.of());
    }

    /** Returns whether it is an older group, which takes longer down to the floor and up. */
    public boolean older() {
        return ages.youngest() >= Ages.OLDER;
    }

    /** Returns how many have a limit. */
    public int with(Limit limit) {
        return limits.getOrDefault(limit, 0);
    }

    /**
     * Returns the group with another number of people.
     *
     * @param other 1 to 200
     * @throws IllegalArgumentException with a sentence, when more have a limit than there are people
     */
    public Group withPeople(int other) {
        return new Group(other, ages, mix, limits, regulars);
    }

    /**
     * Returns the group of which only some are let in: nobody knows who, so all of them may have a limit.
     *
     * @param some people, 0 or more
     */
    public Group letIn(int some) {
        Map<Limit, Integer> fewer = new EnumMap<>(Limit.class);
        limits.forEach((limit, count) -> fewer.put(limit, Math.min(count, some)));
        return new Group(some, ages, mix, fewer, regulars);
    }

    /** Returns the group of other ages. */
    public Group withAges(Ages other) {
        return new Group(people, other, mix, limits, regulars);
    }

    /** Returns the group with another mix. */
    public Group withMix(Mix other) {
        return new Group(people, ages, other, limits, regulars);
    }

    /**
     * Returns the group with so many who have a limit.
     *
     * @param count people, 0 to 200
     * @throws IllegalArgumentException with a sentence, when they are more than there are people
     */
    public Group withLimit(Limit limit, int count) {
        Map<Limit, Integer> others = new EnumMap<>(Limit.class);
        others.putAll(limits);
        others.put(limit, count);
        return new Group(people, ages, mix, others, regulars);
    }

    /** Returns the group under a name, with what it knows. */
    public Group withRegulars(Regulars other) {
        return new Group(people, ages, mix, limits, other);
    }
}
