package app.kehre.core.rehearsal;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.LongFunction;
import java.util.stream.LongStream;

import app.kehre.core.plan.ClassPlan;

/**
 * What many rehearsals of a class come to.
 *
 * @param overs by how much each ended after the room had to be free, negative before it, the earliest first
 * @param wayDowns how long the way down was in each, the shortest first
 * @param dropped how often each line was left out, the most often first
 */
public record Forecast(List<Duration> overs, List<Duration> wayDowns, Map<String, Integer> dropped) {

    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm", Locale.ROOT);
    private static final int OF_TEN = 9;
    private static final int TEN = 10;
    /** So many are done one after the other, beside somebody who types. */
    private static final int FEW = 100;

    public Forecast {
        overs = List.copyOf(overs);
        wayDowns = List.copyOf(wayDowns);
    }

    /** What one rehearsal gives to a forecast. */
    private record Outcome(Duration over, Duration wayDown, List<String> dropped) {
        private static Outcome of(Rehearsal rehearsal) {
            return new Outcome(rehearsal.over(), rehearsal.wayDown(), rehearsal.dropped());
        }
    }

    /**
     * Rehearses a class many times.
     *
     * @param seed of the first; each that follows has the next
     * @param times how many, 1 or more
     */
    public static Forecast of(ClassPlan plan, long seed, Habits habits, int times) {
        return of(plan, seed, _ -> habits, times);
    }

    /**
     * Rehearses a class many times by somebody who is not the same each time.
     *
     * @param seed as above
     * @param habits how the class is taught, by the seed of a rehearsal
     * @param times as above
     */
    public static Forecast of(ClassPlan plan, long seed, LongFunction<Habits> habits, int times) {
        Instant slot = plan.brief().date().atTime(plan.brief().start()).toInstant(ZoneOffset.UTC);
        LongStream seeds = LongStream.range(seed, seed + times);
        List<Outcome> all = (times > FEW ? seeds.parallel() : seeds)
                .mapToObj(each -> Outcome.of(Rehearsal.of(plan, slot, each, habits.apply(each)))).toList();
        Map<String, Integer> counted = new LinkedHashMap<>();
        all.forEach(outcome -> outcome.dropped().stream().distinct()
                .forEach(name -> counted.merge(name, 1, Integer::sum)));
        Map<String, Integer> dropped = new LinkedHashMap<>();
        counted.entrySet().stream()
                .sorted(Map.Entry.<String, Integer>comparingByValue(Comparator.reverseOrder())
                        .thenComparing(Map.Entry.comparingByKey()))
                .forEach(each -> dropped.put(each.getKey(), each.getValue()));
        return new Forecast(all.stream().map(Outcome::over).sorted().toList(),
                all.stream().map(Outcome::wayDown).sorted().toList(), dropped);
    }

    /** Returns the share of the rehearsals that end by the time at which the room must be free, from 0 to 1. */
    public double onTime() {
        return overs.stream().filter(over -> !over.isPositive()).count() / (double) overs.size();
    }

    /** Returns by how much nine of ten end after the room must be free at the most; negative before it. */
    public Duration nineOfTen() {
        return overs.get(Math.min(overs.size() - 1, overs.size() * OF_TEN / TEN));
    }

    /** Returns by how much the middle one ends after the room must be free; negative before it. */
    public Duration median() {
        return overs.get(overs.size() / 2);
    }

    /** Returns "nine of ten times it ends by 19:29"; a minute that has begun counts. */
    public String words(ClassPlan plan) {
        LocalDateTime end = plan.brief().date().atTime(plan.brief().start()).plus(plan.brief().slot())
                .plus(nineOfTen());
        LocalDateTime minute = end.plusSeconds(59).truncatedTo(ChronoUnit.MINUTES);
        return "nine of ten times it ends by " + TIME.format(minute);
    }
}
