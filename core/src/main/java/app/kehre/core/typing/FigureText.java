package app.kehre.core.typing;

import java.util.Locale;

import app.kehre.core.advice.Threshold;
import app.kehre.core.advice.Thresholds;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.value.Range;
import app.kehre.core.value.Reading;

/** The figures against which a class is judged, as they are typed. */
public final class FigureText {

    private FigureText() {}

    /** Returns the figure of a class as a number. */
    public static String of(ClassPlan plan, Threshold figure) {
        return String.valueOf(plan.thresholds().of(figure));
    }

    /** Reads a typed figure; nothing typed brings back Kehre's. */
    public static Reading<ClassPlan> with(ClassPlan plan, Threshold figure, String typed) {
        if (typed.isBlank()) {
            return Reading.of(plan.with(plan.thresholds().with(figure, figure.usual())));
        }
        Range range = new Range(figure.words(), " " + figure.unit(), figure.least(), figure.most());
        String units = java.util.regex.Pattern.quote(figure.unit()) + "|%";
        return range.read(typed, units, String.valueOf(figure.usual()))
                .map(value -> plan.with(plan.thresholds().with(figure, value)));
    }

    /** Returns what stands behind a figure: "Kehre's: 15 min, 5 to 60; teaching range". */
    public static String about(Threshold figure) {
        return String.format(Locale.ROOT, "Kehre's: %d %s, %d to %d; %s", figure.usual(), figure.unit(),
                figure.least(), figure.most(), figure.source().words());
    }

    /** Returns whether a class is judged by another figure than Kehre's. */
    public static boolean changed(Thresholds thresholds, Threshold figure) {
        return thresholds.of(figure) != figure.usual();
    }
}
