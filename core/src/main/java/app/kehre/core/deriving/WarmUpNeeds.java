package app.kehre.core.deriving;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.DoubleStream;

import app.kehre.core.advice.Threshold;
import app.kehre.core.balance.Assessment;
import app.kehre.core.balance.Ledger;
import app.kehre.core.brief.School;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Joint;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Pattern;
import app.kehre.core.plan.ClassPlan;

/**
 * What a warm-up owes the class: the joints that carry load, and, where it rehearses, the patterns that come large.
 *
 * @param joints the most loaded first
 * @param loads the seconds that each joint carries, by share
 * @param patterns what the main part does
 * @param shown the patterns that are to be shown small
 */
record WarmUpNeeds(List<Joint> joints, List<Double> loads, Set<Pattern> patterns, List<Pattern> shown) {

    /** Patterns that are shown small before they come large. Teaching range, craft.md 3. */
    private static final Set<Pattern> PREVIEWED = EnumSet.of(Pattern.SQUAT, Pattern.LUNGE, Pattern.HINGE,
            Pattern.STEPPING);

    WarmUpNeeds {
        joints = List.copyOf(joints);
        loads = List.copyOf(loads);
        patterns = Set.copyOf(patterns);
        shown = List.copyOf(shown);
    }

    /** Returns what a class without a warm-up asks for. */
    static WarmUpNeeds of(ClassPlan bare, Library library) {
        Ledger ledger = Assessment.of(bare, library).ledger();
        List<Joint> joints = Arrays.stream(Joint.values())
                .filter(joint -> ledger.of(joint).load() > bare.thresholds().of(Threshold.PREPARE_FROM))
                .sorted(Comparator.comparingDouble((Joint joint) -> ledger.of(joint).load()).reversed())
                .toList();
        Set<Pattern> patterns = EnumSet.noneOf(Pattern.class);
        bare.segments().stream().filter(each -> !each.leftOut() && each.role().main())
                .flatMap(each -> each.entries().stream()).flatMap(line -> line.exercises().stream())
                .forEach(each -> patterns.add(each.pattern()));
        boolean rehearses = bare.brief().schools().warmUp() == School.WarmUp.REHEARSAL;
        return new WarmUpNeeds(joints, joints.stream().map(joint -> ledger.of(joint).load()).toList(),
                patterns,
                PREVIEWED.stream().filter(pattern -> rehearses && patterns.contains(pattern)).toList());
    }

    /** Returns the needs that an exercise meets, as bits: the joints, then the patterns. */
    int met(Exercise exercise) {
        int bits = 0;
        for (int i = 0; i < joints.size(); i++) {
            bits |= exercise.work().prepares().contains(joints.get(i)) ? 1 << i : 0;
        }
        for (int i = 0; i < shown.size(); i++) {
            bits |= exercise.pattern() == shown.get(i) ? 1 << joints.size() + i : 0;
        }
        return bits;
    }

    /** Returns how much each need matters: a joint by its load, a pattern as much as the least loaded joint. */
    double[] weights() {
        double least = loads.stream().mapToDouble(load -> load).min().orElse(1);
        return DoubleStream
                .concat(loads.stream().mapToDouble(load -> load), shown.stream().mapToDouble(_ -> least))
                .toArray();
    }

    /** Returns the needs that are not among the bits, in words. */
    List<String> missing(int met) {
        List<String> words = new ArrayList<>();
        for (int i = 0; i < joints.size() + shown.size(); i++) {
            if ((met >> i & 1) == 0) {
                words.add(i < joints.size() ? joints.get(i).words() : shown.get(i - joints.size()).words());
            }
        }
        return words;
    }

    /** Returns why a move stands in the warm-up, in words. */
    String why(Exercise exercise) {
        List<String> words = new ArrayList<>();
        String ready = exercise.work().prepares().stream().filter(joints::contains).sorted()
                .map(Joint::words).collect(Collectors.joining(", "));
        if (!ready.isEmpty()) {
            words.add("prepares " + ready);
        }
        if (shown.contains(exercise.pattern())) {
            words.add("shows the %s small".formatted(exercise.pattern().words()));
        }
        if (exercise.work().mets().value() >= WarmUpDeriver.RAISES) {
            words.add("raises the pulse");
        }
        return words.isEmpty() ? "loosens" : String.join(", ", words);
    }
}
