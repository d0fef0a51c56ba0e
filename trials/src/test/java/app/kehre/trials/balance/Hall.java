package app.kehre.trials.balance;

import java.util.List;
import java.util.function.UnaryOperator;

import app.kehre.core.balance.Assessment;
import app.kehre.core.brief.Brief;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Role;
import app.kehre.core.finding.Finding;
import app.kehre.core.people.Group;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Pause;
import app.kehre.core.testing.Plans;
import app.kehre.formats.library.BuiltInLibrary;

/** Classes of the library's exercises, judged. A class is a line of words: {@code "squat 12 reps; bent-row 12 reps"}. */
final class Hall {

    static final Library LIBRARY = BuiltInLibrary.load();

    private Plans plans;

    private Hall(int minutes) {
        plans = Plans.of(minutes);
    }

    /** Begins a class of regulars in a slot of so many minutes. */
    static Hall slot(int minutes) {
        return new Hall(minutes).group(group -> group.withMix(new Group.Mix(0, 100, 0)));
    }

    /** A slot of a quarter of an hour, for what is not about time. */
    static Hall hall() {
        return slot(15);
    }

    static Exercise exercise(String id) {
        return LIBRARY.find(id).orElseThrow(() -> new AssertionError("no exercise " + id));
    }

    Hall warmUp(String lines) {
        return segment("Warm-up", Role.WARM_UP, 126, lines);
    }

    Hall aerobic(String lines) {
        return segment("Aerobic", Role.AEROBIC, 126, lines);
    }

    Hall toning(String lines) {
        return segment("Toning", Role.TONING, 120, lines);
    }

    Hall core(String lines) {
        return segment("Core", Role.CORE, 120, lines);
    }

    Hall coolDown(String lines) {
        return segment("Cool-down", Role.COOL_DOWN, 100, lines);
    }

    Hall stretch(String lines) {
        return segment("Stretch", Role.STRETCH, 80, lines);
    }

    /** Adds a segment; a line is an exercise's id and a dose, behind an @ a load; or water, talk, march on. */
    Hall segment(String name, Role role, int bpm, String lines) {
        plans = plans.segment(name, role, bpm);
        for (String line : lines.split(";\\s*")) {
            if (!line.isBlank()) {
                line(line.strip());
            }
        }
        return this;
    }

    private void line(String line) {
        switch (line) {
            case "water" -> plans = plans.entry(Pause.of(EntryId.FIRST, Pause.Kind.WATER));
            case "water, moving" ->
                plans = plans.entry(Pause.of(EntryId.FIRST, Pause.Kind.WATER).withMoving(true));
            case "talk" -> plans = plans.pause(Pause.Kind.TALK);
            case String _ -> {
                String[] parts = line.split("@");
                String[] words = parts[0].strip().split(" ", 2);
                plans = plans.item(exercise(words[0]), words[1],
                        parts.length > 1 ? parts[1].strip() : "none");
            }
        }
    }

    Hall plans(UnaryOperator<Plans> change) {
        plans = change.apply(plans);
        return this;
    }

    Hall brief(UnaryOperator<Brief> change) {
        plans = plans.brief(change);
        return this;
    }

    Hall group(UnaryOperator<Group> change) {
        return brief(brief -> brief.with(change.apply(brief.group())));
    }

    ClassPlan plan() {
        return plans.plan();
    }

    Assessment judged() {
        return Assessment.of(plan(), LIBRARY);
    }

    static List<Finding> of(Assessment assessment, String check) {
        return assessment.findings().stream()
                .filter(finding -> finding.check().equals(check) || finding.check().startsWith(check + "/"))
                .toList();
    }
}
