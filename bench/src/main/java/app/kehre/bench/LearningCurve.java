package app.kehre.bench;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.stream.IntStream;

import app.kehre.core.brief.School;
import app.kehre.core.exercise.Library;
import app.kehre.core.log.ClassRecord;
import app.kehre.core.log.LearnedPace;
import app.kehre.core.log.Recording;
import app.kehre.core.pace.Pace;
import app.kehre.core.pace.PaceUnit;
import app.kehre.core.pace.Quantity;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.rehearsal.Habits;
import app.kehre.core.rehearsal.Rehearsal;
import app.kehre.core.timeline.Timeline;
import app.kehre.formats.library.BuiltInLibrary;
import app.kehre.formats.plan.DemoPlan;

/**
 * How the error of predicted lengths falls while classes are taught: simulated instructors whose waits differ from the usual
 * ones by up to a factor of two teach the demo classes in turn, each planned with what was learned until then.
 */
public final class LearningCurve {

    private static final Instant SLOT = Instant.parse("2026-11-24T18:30:00Z");

    private LearningCurve() {}

    /** Runs so many instructors (200) for so many classes (12), and prints the error before each class. */
    public static void main(String... arguments) {
        int instructors = arguments.length > 0 ? Integer.parseInt(arguments[0]) : 200;
        int classes = arguments.length > 1 ? Integer.parseInt(arguments[1]) : 12;
        Library library = BuiltInLibrary.load();
        List<ClassPlan> plans = DemoPlan.NAMES.stream().map(name -> DemoPlan.load(name, library).plan()).toList();
        List<double[]> curves = IntStream.range(0, instructors).parallel()
                .mapToObj(number -> curve(plans, number, classes)).toList();
        System.out.printf("%d instructors; error of the predicted length, mean over %d classes%n", instructors,
                plans.size());
        for (int taught = 0; taught <= classes; taught++) {
            int at = taught;
            double[] errors = curves.stream().mapToDouble(curve -> curve[at]).sorted().toArray();
            double worst = curves.stream().mapToDouble(curve -> curve[at] - curve[0]).max().orElse(0);
            System.out.printf(
                    "after %2d classes: median %.2f %%, 90th percentile %.2f %%, most %.2f %%; worse than without by %.2f %% at most%n",
                    taught, 100 * errors[errors.length / 2], 100 * errors[errors.length * 9 / 10],
                    100 * errors[errors.length - 1], 100 * worst);
        }
    }

    private static double[] curve(List<ClassPlan> plans, int instructor, int classes) {
        Pace own = own(new SplittableRandom(instructor));
        List<ClassRecord> records = new ArrayList<>();
        double[] errors = new double[classes + 1];
        for (int i = 0; i <= classes; i++) {
            Pace known = LearnedPace.of(Pace.USUAL, records).pace();
            errors[i] = plans.stream().mapToDouble(plan -> error(plan, known, own)).average().orElseThrow();
            Rehearsal rehearsal = Rehearsal.of(plans.get((instructor + i) % plans.size()).with(known), SLOT,
                    1000L * instructor + i, new Habits(0, Duration.ZERO, false, false, Optional.of(own)));
            records.add(Recording.of(rehearsal.taught(),
                    LocalDateTime.ofInstant(SLOT, ZoneOffset.UTC).plusWeeks(i)));
        }
        return errors;
    }

    private static double error(ClassPlan plan, Pace believed, Pace own) {
        double real = Timeline.of(plan.with(own)).total().toMillis();
        return Math.abs(Timeline.of(plan.with(believed)).total().toMillis() - real) / real;
    }

    /** Somebody who is quick or slow in all, and a little otherwise in each. */
    private static Pace own(SplittableRandom random) {
        double common = random.nextDouble(-0.69, 0.69);
        Pace pace = Pace.USUAL;
        for (Quantity quantity : Quantity.values()) {
            double log = quantity.unit() == PaceUnit.SECONDS
                    ? Math.clamp(common + random.nextDouble(-0.35, 0.35), -0.69, 0.69)
                    : random.nextDouble(-0.1, 0.1);
            for (School.Teaching style : Arrays.asList(School.Teaching.values())) {
                pace = pace.with(quantity, style, Math.clamp(Pace.USUAL.of(quantity, style) * Math.exp(log),
                        quantity.least(), quantity.most()));
            }
        }
        return pace;
    }
}
