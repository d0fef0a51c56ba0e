package app.kehre.core.plan;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;

import app.kehre.core.exercise.Exercise;
import app.kehre.core.value.Range;

/**
 * Items done one after the other, for so many rounds; the passes of a cardio block are the same thing.
 *
 * @param id what tells it from all others of the plan
 * @param name what it is called, at most {@value #LONGEST_NAME} characters
 * @param rounds 1 to 20
 * @param rest between two rounds, 0 to 600 s; none after the last
 * @param soloFrom the round from which the group does it by itself; 0 when every round is demonstrated
 * @param items at least one, at most 40
 * @param note the instructor's own words
 */
public record Circuit(EntryId id, String name, int rounds, Duration rest, int soloFrom, List<Item> items,
        String note) implements Entry {

    /** The longest name, in characters. */
    public static final int LONGEST_NAME = 80;
    /** The rounds. */
    public static final Range ROUNDS = Range.of("rounds", 1, 20);
    /** The rest between rounds. */
    public static final Range REST = Range.ofSeconds("rest between rounds", 0, 600);
    /** The round from which the group goes on by itself. */
    public static final Range SOLO = Range.of("the round from which they go by themselves", 0, 20);
    /** The items. */
    public static final Range ITEMS = Range.of("the exercises of a circuit", 1, 40);

    public Circuit {
        if (name.isBlank() || name.length() > LONGEST_NAME) {
            throw new IllegalArgumentException("A circuit's name must have from 1 to %d characters, not %d."
                    .formatted(LONGEST_NAME, name.length()));
        }
        ROUNDS.check(rounds);
        REST.check(rest);
        SOLO.check(soloFrom);
        ITEMS.check(items.size());
        Notes.check(note);
        items = List.copyOf(items);
        if (new HashSet<>(items.stream().map(Item::id).toList()).size() < items.size()) {
            throw new IllegalArgumentException("Each item of a circuit must have its own id.");
        }
    }

    /** Returns whether the group does a round by itself. */
    public boolean solo(int round) {
        return soloFrom > 0 && round >= soloFrom;
    }

    /** Returns the circuit with other items. */
    public Circuit withItems(List<Item> other) {
        return new Circuit(id, name, rounds, rest, soloFrom, other, note);
    }

    /** Returns the circuit under another name. */
    @Override
    public Circuit withName(String other) {
        return new Circuit(id, other, rounds, rest, soloFrom, items, note);
    }

    /** Returns the circuit with other rounds, rest and lead. */
    public Circuit withRounds(int otherRounds, Duration otherRest, int otherSoloFrom) {
        return new Circuit(id, name, otherRounds, otherRest, otherSoloFrom, items, note);
    }

    @Override
    public List<Exercise> exercises() {
        return items.stream().map(Item::exercise).distinct().toList();
    }

    @Override
    public Circuit copy(EntryId first) {
        List<Item> copies = new ArrayList<>();
        for (Item item : items) {
            copies.add(item.withId(first.next(1 + copies.size())));
        }
        return withItems(copies).withId(first);
    }

    @Override
    public Circuit withId(EntryId other) {
        return new Circuit(other, name, rounds, rest, soloFrom, items, note);
    }

    @Override
    public Circuit withNote(String other) {
        return new Circuit(id, name, rounds, rest, soloFrom, items, other);
    }
}
