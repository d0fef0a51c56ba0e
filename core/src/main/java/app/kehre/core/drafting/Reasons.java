package app.kehre.core.drafting;

import java.util.Map;
import java.util.stream.Collectors;

import app.kehre.core.exercise.Muscle;
import app.kehre.core.exercise.Role;
import app.kehre.core.plan.BuildUp;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Pause;
import app.kehre.core.plan.Screen;
import app.kehre.core.plan.Segment;

/** Why each line of a draft is there, in a few words. */
final class Reasons {

    private static final String FOUND = "mends what was found";

    private final ClassPlan start;
    private final Map<String, String> why;

    /**
     * Prepares the reasons of one draft.
     *
     * @param start what was there at the start; it needs no reason
     * @param why what was said when something was chosen, by exercise or name
     */
    Reasons(ClassPlan start, Map<String, String> why) {
        this.start = start;
        this.why = why;
    }

    /** Returns the class with a reason for every line that was not there and has none yet. */
    ClassPlan told(ClassPlan plan) {
        ClassPlan told = plan;
        for (Segment segment : plan.segments()) {
            for (Entry line : segment.lines().toList()) {
                told = start.find(line.id()).isPresent() || !plan.why(line).isEmpty()
                        ? told
                        : told.because(line, reason(segment, line));
            }
        }
        return told;
    }

    private String reason(Segment segment, Entry line) {
        return switch (line) {
            case Item item when segment.role() == Role.STRETCH || segment.role() == Role.COOL_DOWN ->
                "releases " + item.exercise().main().stream().map(Muscle::words)
                        .collect(Collectors.joining(", "));
            case Item _ when segment.role() == Role.WARM_UP -> FOUND;
            case Item item -> why.getOrDefault(item.exercise().id(), FOUND);
            case BuildUp build -> why.getOrDefault(build.name(), "fills whole phrases");
            case Circuit _ -> "work and rest by the clock, as the format asks";
            case Pause pause -> pause.kind() == Pause.Kind.WATER ? "water is due" : "greeting";
            case Screen _ -> "a screen comes before lunges";
        };
    }
}
