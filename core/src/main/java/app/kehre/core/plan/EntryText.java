package app.kehre.core.plan;

import java.time.Duration;
import java.util.Optional;

import app.kehre.core.dose.DoseNotation;
import app.kehre.core.dose.Lengths;
import app.kehre.core.dose.Reading;
import app.kehre.core.kit.Load;
import app.kehre.core.kit.LoadNotation;

/** A line of a plan as the texts that are edited in place. */
public final class EntryText {

    private EntryText() {}

    /** Returns the dose, or the length of a pause. */
    public static String dose(Entry entry) {
        return switch (entry) {
            case Item item -> DoseNotation.print(item.dose());
            case Pause pause -> Lengths.notation(pause.length());
        };
    }

    /** Returns the load; empty for none. */
    public static String load(Entry entry) {
        return switch (entry) {
            case Item item -> item.load().equals(Load.NONE) ? "" : LoadNotation.print(item.load());
            case Pause _ -> "";
        };
    }

    /** Returns the entry with the dose, or the length, that the text says. */
    public static Reading<Entry> withDose(Entry entry, String text) {
        return switch (entry) {
            case Item item -> DoseNotation.parse(text).map(item::withDose);
            case Pause pause -> {
                Reading<Duration> length = Lengths.parse(text);
                Optional<String> problem = length.value().flatMap(Pause.LENGTH::problem);
                yield problem.map(Reading::<Entry>refused).orElseGet(() -> length.map(pause::withLength));
            }
        };
    }

    /** Returns the entry with the load that the text says; a pause has none. */
    public static Reading<Entry> withLoad(Entry entry, String text) {
        return switch (entry) {
            case Item item -> LoadNotation.parse(text).map(item::withLoad);
            case Pause _ -> text.isBlank() ? Reading.of(entry) : Reading.refused("A pause has no load.");
        };
    }

    /** Returns the entry with the note. */
    public static Reading<Entry> withNote(Entry entry, String text) {
        String note = text.strip();
        return Notes.problem(note).map(Reading::<Entry>refused)
                .orElseGet(() -> Reading.of(entry.withNote(note)));
    }
}
