package app.kehre.desk.plan;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import org.jspecify.annotations.Nullable;

import app.kehre.core.choosing.Suggestions;
import app.kehre.core.dose.DoseCompletions;
import app.kehre.core.edit.Addables;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Role;
import app.kehre.core.plan.BuildUp;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Segment;
import app.kehre.core.value.Reading;
import app.kehre.core.written.LineText;
import app.kehre.desk.session.Patterns;

/** What can be chosen for a line of the plan, for words that are being typed. */
final class LineChoices {

    private final PlanViewModel model;
    private final Supplier<Library> library;
    private final Supplier<List<String>> patterns;
    private @Nullable LineText lineText;
    private @Nullable ClassPlan textOf;
    private @Nullable Library textIn;

    LineChoices(PlanViewModel model, Supplier<Library> library, Supplier<List<String>> patterns) {
        this.model = model;
        this.library = library;
        this.patterns = patterns;
    }

    /** Returns texts that a typed dose could become: patterns of counts that were used before, then the usual. */
    List<String> completions(String typed) {
        Set<String> found = new LinkedHashSet<>();
        boolean pattern = typed.isBlank() || typed.strip().startsWith("[") || typed.contains("x [");
        if (pattern) {
            Stream.concat(Patterns.of(model.plan()).stream(), patterns.get().stream())
                    .filter(each -> each.startsWith(typed.strip()) && !each.equals(typed.strip()))
                    .forEach(found::add);
        }
        found.addAll(DoseCompletions.of(typed));
        return List.copyOf(found);
    }

    /** Returns what can be added: a line that is typed in full first, or the ways in which it can be read. */
    List<Addables.Addable> addables(String typed) {
        List<Addables.Addable> all = new ArrayList<>();
        text().completions(typed).forEach(line -> all.addAll(lines(line)));
        if (!LineText.saysMore(typed)) {
            all.addAll(named(typed));
            return all;
        }
        all.addAll(lines(typed));
        if (all.isEmpty()) {
            // A name alone would swallow the rest of what is typed.
            read(typed).choices().forEach(choice -> all.addAll(lines(choice)));
        }
        return all;
    }

    /** Returns why what is typed cannot be added as a line; empty where it can, or where it is only a name. */
    String problem(String typed) {
        return LineText.saysMore(typed) ? read(typed).problem() : "";
    }

    /** Returns any exercise that there is. */
    Exercise any() {
        return library.get().all().getFirst();
    }

    private List<Addables.Addable> lines(String typed) {
        LineText text = text();
        return read(typed).value().stream().<Addables.Addable>map(found -> new Addables.Addable.OfLine(
                found.getFirst(), found.subList(1, found.size()),
                found.stream().map(text::print).collect(Collectors.joining(" + ")))).toList();
    }

    private Reading<List<Entry>> read(String typed) {
        return text().read(typed, model.selectedSegment().map(Segment::role).orElse(Role.TONING),
                EntryId.FIRST);
    }

    /** Made anew for another class or library only: it gathers all names. */
    private LineText text() {
        if (lineText == null || textOf != model.plan() || textIn != library.get()) {
            textOf = model.plan();
            textIn = library.get();
            lineText = LineText.of(textIn, textOf);
        }
        return lineText;
    }

    private List<Addables.Addable> named(String typed) {
        List<Addables.Addable> exercises = model.selectedSegment().stream()
                .flatMap(segment -> Suggestions.of(model.plan(), library.get(), segment.id(),
                        model.entry().get(), typed).stream()).<Addables.Addable>map(
                                each -> new Addables.Addable.OfExercise(each.exercise(), each.why()))
                .toList();
        List<Addables.Addable> all = new ArrayList<>(
                Addables.addables(exercises, typed,
                        model.selectedSegment().map(Segment::role).orElse(Role.TONING)));
        String begin = typed.strip().toLowerCase(Locale.ROOT);
        boolean asked = !begin.isEmpty() && ("combination".startsWith(begin) || "build-up".startsWith(begin));
        if (asked && model.selectedSegment().filter(BuildUp::isFree).isPresent()) {
            library.get().find(BuildUp.USUAL_HOLD)
                    .ifPresent(hold -> all.addFirst(new Addables.Addable.OfBuildUp(hold)));
        }
        return all;
    }

    /** Returns what could stand in an entry's line instead, for the typed words. */
    List<Addables.Addable> replacements(Entry entry, String typed) {
        return Addables.replacements(library.get(), typed, entry,
                model.selectedSegment().map(Segment::role).orElse(Role.TONING));
    }

}
