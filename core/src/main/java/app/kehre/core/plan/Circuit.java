package app.kehre.core.plan;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;

import app.kehre.core.dose.Interval;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.value.Range;

/**
 * Items done one after the other, for so many rounds; the passes of a cardio block are the same thing. A pause among them
 * is taken in every round; behind the last item it lies in the rest between two rounds.
 *
 * @param id what tells it from all others of the plan
 * @param name what it is called, at most {@value #LONGEST_NAME} characters
 * @param rounds 1 to 20
 * @param rest between two rounds, 0 to 600 s; none after the last
 * @param soloFrom the round from which the group does it by itself; 0 when every round is demonstrated
 * @param inside items and pauses, at most 40, at least one item
 * @param note the instructor's own words
 */
public record Circuit(EntryId id, String name, int rounds, Duration rest, int soloFrom, List<Entry> inside,
        String note) implements Entry {

    /** The longest name, in characters. */
    public static final int LONGEST_NAME = 80;
    /** The rounds. */
    public static final Range ROUNDS = Range.of("rounds", 1, 20);
    /** The rest between rounds. */
    public static final Range REST = Range.ofSeconds("rest between rounds", 0, 600);
    /** The round from which the group goes on by itself. */
    public static final Range SOLO = Range.of("the round from which they go by themselves", 0, 20);
    /** The lines. */
    public static final Range ITEMS = Range.of("the lines of a circuit", 1, 40);

    public Circuit {
        if (name.isBlank() || name.length() > LONGEST_NAME) {
            throw new IllegalArgumentException("A circuit's name must have from 1 to %d characters, not %d."
                    .formatted(LONGEST_NAME, name.length()));
        }
        ROUNDS.check(rounds);
        REST.check(rest);
        SOLO.check(soloFrom);
        ITEMS.check(inside.size());
        Notes.check(note);
        inside = List.copyOf(inside);
        if (!inside.stream().allMatch(Circuit::mayHold)) {
            throw new IllegalArgumentException("A circuit holds exercises and pauses only.");
        }
        if (inside.stream().noneMatch(Item.class::isInstance)) {
            throw new IllegalArgumentException("A circuit has one exercise at least.");
        }
        if (new HashSet<>(inside.stream().map(Entry::id).toList()).size() < inside.size()) {
            throw new IllegalArgumentException("Each line of a circuit must have its own id.");
        }
    }

    /** Returns whether a line may stand in a circuit. */
    public static boolean mayHold(Entry line) {
        return line instanceof Item || line instanceof Pause;
    }

    /** Asked for with every layout of the class, so it is gathered without a stream. */
    @Override
    public List<Item> items() {
        List<Item> items = new ArrayList<>(inside.size());
        for (Entry line : inside) {
            if (line instanceof Item item) {
                items.add(item);
            }
        }
        return items;
    }

    /** Returns the pauses behind the last item, which lie in the rest between two rounds. */
    public List<Pause> inTheRest() {
        return inside.subList(items(inside.size()), inside.size()).stream().map(Pause.class::cast).toList();
    }

    /** Returns what is done in a round, without what lies in the rest. */
    public List<Entry> round() {
        return inside.subList(0, items(inside.size()));
    }

    /** Returns how many of so many lines there are up to the last item. */
    private int items(int lines) {
        return inside.get(lines - 1) instanceof Item ? lines : items(lines - 1);
    }

    /**
     * Returns the lines that one clock calls together with a line, itself among them: nobody teaches 45 s at one station and 30 s
     * at the next.
     */
    public List<Item> calledWith(Item line) {
        return line.dose() instanceof Interval clock
                ? items().stream().filter(each -> each.dose().withoutSides().equals(clock.withoutSides()))
                        .toList()
                : List.of(line);
    }

    /**
     * Returns whether the group does a round by itself.
     *
     * @param round from 1
     */
    public boolean solo(int round) {
        return soloFrom > 0 && round >= soloFrom;
    }

    /** Returns the circuit with other lines. */
    public Circuit withInside(List<? extends Entry> other) {
        return new Circuit(id, name, rounds, rest, soloFrom, List.copyOf(other), note);
    }

    /** Returns the circuit with other items; its pauses stay behind as many items as they are. */
    public Circuit withItems(List<Item> other) {
        List<Entry> others = new ArrayList<>(other);
        for (int at = 0; at < inside.size(); at++) {
            if (inside.get(at) instanceof Pause pause) {
                others.add(Math.min(at, others.size()), pause);
            }
        }
        return withInside(others);
    }

    /** Returns the circuit under another name. */
    @Override
    public Circuit withName(String other) {
        return new Circuit(id, other, rounds, rest, soloFrom, inside, note);
    }

    /**
     * Returns the circuit with other rounds, rest and lead.
     *
     * @param otherRounds 1 to 20
     * @param otherRest 0 to 600 s
     * @param otherSoloFrom the round from which people work alone; 0 for none
     */
    public Circuit withRounds(int otherRounds, Duration otherRest, int otherSoloFrom) {
        return new Circuit(id, name, otherRounds, otherRest, otherSoloFrom, inside, note);
    }

    @Override
    public List<Exercise> exercises() {
        return items().stream().map(Item::exercise).distinct().toList();
    }

    @Override
    public Circuit copy(EntryId first) {
        List<Entry> copies = new ArrayList<>();
        for (Entry line : inside) {
            copies.add(line.withId(first.next(1 + copies.size())));
        }
        return withInside(copies).withId(first);
    }

    @Override
    public Circuit withId(EntryId other) {
        return new Circuit(other, name, rounds, rest, soloFrom, inside, note);
    }

    @Override
    public Circuit withNote(String other) {
        return new Circuit(id, name, rounds, rest, soloFrom, inside, other);
    }
}
