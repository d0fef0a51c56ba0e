package app.kehre.core.log;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Predicate;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import java.util.stream.Collectors;

import app.kehre.core.brief.School;
import app.kehre.core.pace.Pace;
import app.kehre.core.pace.PaceKind;
import app.kehre.core.pace.Quantity;

/**
 * The instructor's own pace, learned from records (figures.md, "Learning"; Kehre's estimate). Each class says for each
 * quantity how many times the usual value it was, as the median of what was seen in it; how many classes say the same is
 * what {@link Weighing} does.
 */
public final class LearnedPace {

    /** From so many observations on a rep of an exercise has a length of its own. */
    static final int ENOUGH = 5;
    /** In one or two classes chance looks like a kind. */
    private static final int FEW = 3;
    /** No more classes are looked at: what is older weighs nothing. */
    public static final int MOST_CLASSES = 60;
    /** A day is drawn no further from the middle than so many spreads. */
    private static final double MOST_OFF = 2.5;
    /** What is less than this share of the usual value was no wait at all. */
    private static final double LEAST = 0.05;

    private final Pace usual;
    private final List<Observed> classes;
    private final PaceWishes wishes;
    private final List<Estimate> estimates;

    private LearnedPace(Pace usual, List<Observed> classes, PaceWishes wishes) {
        this.usual = usual;
        this.classes = classes;
        this.wishes = wishes;
        this.estimates = estimated();
    }

    /**
     * Learns from classes.
     *
     * @param usual the pace of a usual group
     * @param classes what they say, in any order; of many, the last {@value #MOST_CLASSES} count
     */
    public static LearnedPace of(Pace usual, List<Observed> classes, PaceWishes wishes) {
        List<Observed> last = classes.stream().sorted(Comparator.comparing(Observed::began))
                .skip(Math.max(0, classes.size() - MOST_CLASSES)).toList();
        return new LearnedPace(usual, last, wishes);
    }

    /** Learns from records, but for those that are left out. */
    public static LearnedPace of(Pace usual, List<ClassRecord> records) {
        return of(usual, records.stream().filter(ClassRecord::learn)
                .map(each -> new Observed(each.heading().began(), each.observed())).toList(),
                PaceWishes.NONE);
    }

    /** Returns how many classes it is learned from. */
    public int classes() {
        return (int) classes.stream().filter(each -> !each.all().isEmpty()).count();
    }

    /** Returns the pace: the instructor's own where something is known, else the usual one. */
    public Pace pace() {
        Pace pace = usual;
        for (Estimate estimate : estimates()) {
            pace = pace.with(estimate.quantity(), estimate.style(), rounded(estimate.own()));
        }
        Map<String, Double> reps = new TreeMap<>();
        reps().forEach(each -> reps.put(each.exercise(), rounded(each.own())));
        Map<PaceKind, Double> kinds = new TreeMap<>();
        kinds().forEach(each -> kinds.put(each.kind(), rounded(each.own())));
        return pace.withOwnReps(reps).withOfKind(kinds);
    }

    /**
     * Draws how people move on one day: each quantity that was seen as far from a pace as classes lie apart.
     *
     * @param pace of the class
     * @param seed the same seed gives the same day
     */
    public Pace drawn(Pace pace, long seed) {
        RandomGenerator chance = RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
        Pace day = pace;
        for (Estimate estimate : estimates()) {
            double off = estimate.spread() * Math.clamp(chance.nextGaussian(), -MOST_OFF, MOST_OFF);
            Quantity quantity = estimate.quantity();
            day = day.with(quantity, estimate.style(),
                    within(quantity, pace.of(quantity, estimate.style()) * Math.exp(off)));
        }
        return day;
    }

    /** A plan does not carry more figures than anybody can measure. */
    private static double rounded(double value) {
        return Math.round(value * 100) / 100.0;
    }

    /** Returns what is known of each quantity that was seen or pinned, in their order. */
    public List<Estimate> estimates() {
        return estimates;
    }

    private List<Estimate> estimated() {
        List<Estimate> all = new ArrayList<>();
        for (Quantity quantity : Quantity.values()) {
            for (School.Teaching style : School.Teaching.values()) {
                if (quantity.byStyle() || style == School.Teaching.FOLLOW_ME) {
                    estimate(new PaceWishes.Key(quantity, style)).ifPresent(all::add);
                }
            }
        }
        return List.copyOf(all);
    }

    private Optional<Estimate> estimate(PaceWishes.Key key) {
        double value = usual.of(key.quantity(), key.style());
        Optional<Double> pinned = wishes.pinned(key);
        if (value <= 0) {
            return pinned.map(own -> new Estimate(key.quantity(), key.style(), value, own, 0, 0, 0, true));
        }
        Weighing seen = weigh(key, 1, _ -> true);
        if (seen.isEmpty() && pinned.isEmpty()) {
            return Optional.empty();
        }
        double own = pinned.orElseGet(() -> within(key.quantity(), value * Math.exp(seen.middle())));
        return Optional.of(new Estimate(key.quantity(), key.style(), value, own, seen.classes(), seen.times(),
                seen.spread(), pinned.isPresent()));
    }

    private static double within(Quantity quantity, double value) {
        return Math.clamp(value, quantity.least(), quantity.most());
    }

    /** Returns the length of a rep of each exercise that was seen often enough, against its natural length. */
    public List<RepEstimate> reps() {
        PaceWishes.Key key = new PaceWishes.Key(Quantity.REPS, School.Teaching.FOLLOW_ME);
        double all = estimate(key).map(Estimate::own).orElse(usual.of(Quantity.REPS));
        Map<String, Long> seen = classes.stream().flatMap(each -> each.all().stream())
                .filter(each -> each.quantity() == Quantity.REPS && !each.exercise().isEmpty())
                .collect(Collectors.groupingBy(Observation::exercise, TreeMap::new, Collectors.counting()));
        List<RepEstimate> reps = new ArrayList<>();
        seen.forEach((exercise, _) -> {
            Weighing own = weigh(key, all / usual.of(Quantity.REPS),
                    each -> each.exercise().equals(exercise));
            if (own.times() >= ENOUGH) {
                reps.add(new RepEstimate(exercise, within(Quantity.REPS, all * Math.exp(own.middle())),
                        own.classes(), own.times()));
            }
        });
        return reps;
    }

    /**
     * Returns what is known of each quantity in a kind of segment in which it was seen often enough, in at least three classes;
     * what is pinned is the same everywhere.
     */
    public List<KindEstimate> kinds() {
        Map<PaceKind, Long> seen = classes.stream().flatMap(each -> each.all().stream())
                .filter(each -> each.quantity().byStyle()).collect(Collectors.groupingBy(
                        each -> new PaceKind(each.quantity(), each.style(), each.role()), TreeMap::new,
                        Collectors.counting()));
        List<KindEstimate> kinds = new ArrayList<>();
        for (Estimate all : estimates) {
            seen.keySet().stream()
                    .filter(kind -> kind.quantity() == all.quantity() && kind.style() == all.style()
                            && !all.pinned() && all.own() > 0)
                    .forEach(kind -> {
                        Weighing own = weigh(all.key(), all.own() / all.usual(),
                                each -> each.role() == kind.role());
                        if (own.times() >= ENOUGH && own.classes() >= FEW && own.times() < all.times()) {
                            kinds.add(new KindEstimate(kind,
                                    within(kind.quantity(), all.own() * Math.exp(own.middle())),
                                    own.classes(), own.times()));
                        }
                    });
        }
        return kinds;
    }

    /**
     * Weighs what was seen.
     *
     * @param times what it is held against, as a multiple of the usual value
     */
    private Weighing weigh(PaceWishes.Key key, double times, Predicate<Observation> which) {
        Weighing weighing = new Weighing();
        for (int i = 0; i < classes.size(); i++) {
            Observed each = classes.get(i);
            double[] seen = wishes.counts(key, each.began())
                    ? each.all().stream()
                            .filter(one -> one.quantity() == key.quantity()
                                    && (!key.quantity().byStyle() || one.style() == key.style())
                                    && which.test(one))
                            .mapToDouble(one -> Math.log(Math.max(one.times() / times, LEAST)))
                            .sorted().toArray()
                    : new double[0];
            weighing.add(seen, classes.size() - 1 - i, i == 0);
        }
        return weighing;
    }
}
