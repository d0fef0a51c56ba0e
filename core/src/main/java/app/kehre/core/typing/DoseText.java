package app.kehre.core.typing;

import java.util.List;
import java.util.Optional;

import app.kehre.core.dose.DoseNotation;
import app.kehre.core.plan.BuildUp;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Lessons;
import app.kehre.core.value.Reading;

/** A dose that is typed at a line of a plan: what stands for two lines becomes two, and a cue becomes the line's note. */
public final class DoseText {

    private DoseText() {}

    /** Reads what is typed as the dose of a line. */
    public static Reading<ClassPlan> with(ClassPlan plan, EntryId id, String text) {
        Entry line = plan.entry(id);
        Optional<String> cue = line instanceof Item ? DoseNotation.cue(text) : Optional.empty();
        String dose = cue.isPresent() ? DoseNotation.withoutCue(text) : text;
        Reading<ClassPlan> read = line instanceof Item item && !DoseNotation.onTwoLines(dose).isEmpty()
                ? onTwoLines(plan, item, DoseNotation.onTwoLines(dose))
                : EntryText.withDose(line, dose).map(plan::with);
        return (cue.isPresent() ? read.flatMap(after -> noted(after, id, cue.get())) : read)
                .flatMap(after -> met(after, id));
    }

    private static Reading<ClassPlan> onTwoLines(ClassPlan plan, Item item, List<String> doses) {
        return DoseNotation.parse(doses.getFirst()).flatMap(first -> DoseNotation.parse(doses.getLast())
                .map(second -> plan.beside(item.id(), entries -> {
                    int at = entries.indexOf(item);
                    entries.set(at, item.withDose(first));
                    entries.add(at + 1, item.withDose(second).withId(plan.nextEntryId()));
                })));
    }

    private static Reading<ClassPlan> noted(ClassPlan plan, EntryId id, String cue) {
        Entry line = plan.entry(id);
        String note = line.note().contains(cue)
                ? line.note()
                : line.note().isEmpty() ? cue : line.note() + ", " + cue;
        return EntryText.withNote(line, note).map(plan::with);
    }

    /** A wished time that a build-up cannot meet is refused. */
    private static Reading<ClassPlan> met(ClassPlan plan, EntryId id) {
        return plan.entry(id) instanceof BuildUp build
                ? Lessons.script(plan, build).fill().refused().map(Reading::<ClassPlan>refused)
                        .orElse(Reading.of(plan))
                : Reading.of(plan);
    }
}
