package app.kehre.desk.session;

import java.util.function.Function;
import java.util.function.Supplier;

import app.kehre.core.plan.ClassPlan;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Lengths;
import app.kehre.core.value.Reading;
import app.kehre.desk.control.Commit;

/** A text of the plan that is being typed: shown in all totals at once, taken over as one step. */
public final class TypedText implements Commit {

    private final OpenPlan open;
    private final Supplier<String> name;
    private final Function<String, Reading<ClassPlan>> reader;
    private final Function<Timeline, String> describe;

    /**
     * Makes a text.
     *
     * @param name of the step that undo takes back
     * @param reader turns the text into the whole plan
     * @param describe says what the text means in the plan that it gives
     */
    public TypedText(OpenPlan open, Supplier<String> name, Function<String, Reading<ClassPlan>> reader,
            Function<Timeline, String> describe) {
        this.open = open;
        this.name = name;
        this.reader = reader;
        this.describe = describe;
    }

    @Override
    public String preview(String text) {
        Reading<ClassPlan> reading = reader.apply(text);
        if (reading.value().isEmpty()) {
            open.endPreview();
            return reading.problem();
        }
        String problem = open.preview(reading.value().get());
        return problem.isEmpty() ? describe.apply(open.shown().get()) + classLine() : problem;
    }

    @Override
    public String take(String text) {
        open.endPreview();
        Reading<ClassPlan> reading = reader.apply(text);
        boolean made = reading.value().map(result -> open.edit(name.get(), _ -> result)).orElse(true);
        return made ? reading.problem() : open.refusal().get();
    }

    @Override
    public void drop() {
        open.endPreview();
    }

    private String classLine() {
        Timeline timeline = open.shown().get();
        return "class %s, %s".formatted(Lengths.clock(timeline.fit().length()), timeline.fit().words());
    }
}
