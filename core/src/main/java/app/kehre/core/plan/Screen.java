package app.kehre.core.plan;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

import app.kehre.core.dose.Dose;
import app.kehre.core.exercise.Exercise;

/**
 * A test on each leg before something demanding, and what those who do not pass do instead.
 *
 * @param id what tells it from all others of the plan
 * @param name such as "Balance screen", at most {@value Circuit#LONGEST_NAME} characters
 * @param dose how much is tried
 * @param failed what counts as not passed, at most {@value Notes#LONGEST} characters
 * @param instead what those who do not pass do, by the later line
 * @param note the instructor's own words
 */
public record Screen(EntryId id, String name, Dose dose, String failed, Map<EntryId, String> instead,
        String note)
        implements
            Entry {
    public Screen {
        if (name.isBlank() || name.length() > Circuit.LONGEST_NAME) {
            throw new IllegalArgumentException("A screen's name must have from 1 to %d characters, not %d."
                    .formatted(Circuit.LONGEST_NAME, name.length()));
        }
        Notes.check(note);
        Notes.check(failed);
        instead.values().forEach(Notes::check);
        instead = Map.copyOf(instead);
    }

    /** Returns the screen with another dose. */
    public Screen withDose(Dose other) {
        return new Screen(id, name, other, failed, instead, note);
    }

    /** Returns the screen under another name. */
    @Override
    public Screen withName(String other) {
        return new Screen(id, other, dose, failed, instead, note);
    }

    /** Returns the screen with another rule for not passing. */
    public Screen withFailed(String other) {
        return new Screen(id, name, dose, other, instead, note);
    }

    /** Returns the screen with what is done instead of an entry; nothing takes it away. */
    public Screen withInstead(EntryId entryId, String words) {
        Map<EntryId, String> others = new TreeMap<>(instead);
        if (words.isBlank()) {
            others.remove(entryId);
        } else {
            others.put(entryId, words.strip());
        }
        return new Screen(id, name, dose, failed, others, note);
    }

    @Override
    public Optional<Dose> dosed() {
        return Optional.of(dose);
    }

    @Override
    public List<Exercise> exercises() {
        return List.of();
    }

    @Override
    public Screen withId(EntryId other) {
        return new Screen(other, name, dose, failed, instead, note);
    }

    @Override
    public Screen withNote(String other) {
        return new Screen(id, name, dose, failed, instead, other);
    }
}
