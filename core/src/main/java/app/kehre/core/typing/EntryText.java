package app.kehre.core.typing;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import app.kehre.core.choreography.Build;
import app.kehre.core.choreography.Method;
import app.kehre.core.dose.DoseNotation;
import app.kehre.core.kit.LoadNotation;
import app.kehre.core.plan.BuildUp;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Notes;
import app.kehre.core.plan.Pause;
import app.kehre.core.plan.Screen;
import app.kehre.core.value.Lengths;
import app.kehre.core.value.Named;
import app.kehre.core.value.Reading;

/** A line of a plan as the texts that are edited in place. */
public final class EntryText {

    private static final String NOT_BEFORE = "not before ";

    private EntryText() {}

    /** Returns the dose, or the length of a pause. */
    public static String dose(Entry entry) {
        return switch (entry) {
            case Item item -> DoseNotation.print(item.dose());
            case Pause pause -> Lengths.notation(pause.length())
                    + pause.notBefore().map(at -> ", not before " + Lengths.clock(at)).orElse("")
                    + (pause.moving() ? ", keep moving" : "");
            case Circuit circuit -> CircuitNotation.print(circuit);
            case Screen screen -> DoseNotation.print(screen.dose());
            case BuildUp build ->
                build.build().wish().map(time -> Lengths.notation(time) + ", ").orElse("")
                        + build.build().method().words();
        };
    }

    /** Returns the load; empty for none. */
    public static String load(Entry entry) {
        return entry.load().isNone() ? "" : LoadNotation.print(entry.load());
    }

    /** Returns what it is, where it is no exercise: "water", "3 rounds, rest 30 s", "not passed: by the wall". */
    public static String gist(Entry entry) {
        return switch (entry) {
            case Item item -> item.name();
            case Pause pause -> pause.kind().words();
            case Circuit circuit -> CircuitNotation.print(circuit);
            case Screen screen -> "not passed: " + screen.failed();
            case BuildUp build -> build.words();
        };
    }

    /** Returns the entry with the dose, or the length, that the text says. */
    public static Reading<Entry> withDose(Entry entry, String text) {
        return switch (entry) {
            case Item item -> DoseNotation.parse(text).map(item::withDose);
            case Pause pause -> withLength(pause, text);
            case Circuit circuit -> CircuitNotation.parse(circuit, text).map(each -> each);
            case Screen screen -> DoseNotation.parse(text).map(screen::withDose);
            case BuildUp build -> withTime(build, text);
        };
    }

    /** Returns the entry with the load that the text says; a pause has none. */
    public static Reading<Entry> withLoad(Entry entry, String text) {
        return switch (entry) {
            case Item item -> LoadNotation.parse(text).map(item::withLoad);
            case BuildUp build -> LoadNotation.parse(text).map(build::withLoad);
            case Pause _ -> text.isBlank() ? Reading.of(entry) : Reading.refused("A pause has no load.");
            case Circuit _ -> text.isBlank()
                    ? Reading.of(entry)
                    : Reading.refused("Give the load to the exercises of the circuit.");
            case Screen _ -> text.isBlank() ? Reading.of(entry) : Reading.refused("A screen has no load.");
        };
    }

    /** Reads "link", "10 min, link", and "10 min" with the method that there is. */
    private static Reading<Entry> withTime(BuildUp entry, String text) {
        String[] clauses = text.strip().split("\\s*,\\s*", 2);
        Optional<Method> alone = clauses.length == 1
                ? Named.find(Method.class, clauses[0])
                : Optional.empty();
        if (alone.isPresent()) {
            return Reading.of(entry.with(entry.build().withMethod(alone.get()).withWish(Optional.empty())));
        }
        Optional<Method> method = clauses.length == 1
                ? Optional.of(entry.build().method())
                : Named.find(Method.class, clauses[1]);
        if (method.isEmpty()) {
            return Reading.refused("\"%s\" is no way to build up: write one of %s.".formatted(clauses[1],
                    Named.all(Method.class)));
        }
        Reading<Duration> time = Lengths.parse(clauses[0]);
        return time.value().flatMap(Build.TIME::problem).map(Reading::<Entry>refused)
                .orElseGet(() -> time.map(found -> entry
                        .with(entry.build().withWish(Optional.of(found)).withMethod(method.get()))));
    }

    /** Reads "40 s", "40 s, not before 30:00", "40 s, keep moving". */
    private static Reading<Entry> withLength(Pause pause, String text) {
        List<String> clauses = new ArrayList<>(List.of(text.strip().split("\\s*,\\s*", -1)));
        Reading<Duration> length = Lengths.parse(clauses.removeFirst());
        boolean moving = clauses.remove("keep moving");
        Optional<String> late = clauses.isEmpty() ? Optional.empty() : Optional.of(clauses.removeFirst());
        Reading<Duration> at = late.map(each -> each.startsWith(NOT_BEFORE)
                ? Lengths.parse(each.substring(NOT_BEFORE.length()))
                : Reading.<Duration>refused("\"%s\" does not fit: write it like 40 s, not before 30:00,"
                        .formatted(each) + " keep moving."))
                .orElse(Reading.of(Duration.ZERO));
        Optional<String> problem = length.value().flatMap(Pause.LENGTH::problem)
                .or(() -> Optional.of(at.problem()).filter(each -> !each.isEmpty()))
                .or(() -> at.value().flatMap(Pause.NOT_BEFORE::problem));
        return problem.map(Reading::<Entry>refused).orElseGet(() -> length.map(
                found -> pause.withLength(found).withMoving(moving).withNotBefore(
                        late.isEmpty() ? Optional.empty() : at.value())));
    }

    /** Returns the entry with the note. */
    public static Reading<Entry> withNote(Entry entry, String text) {
        String note = text.strip();
        return Notes.problem(note).map(Reading::<Entry>refused)
                .orElseGet(() -> Reading.of(entry.withNote(note)));
    }
}
