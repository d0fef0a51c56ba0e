package app.kehre.core.nexttime;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

import app.kehre.core.log.After;
import app.kehre.core.log.ClassRecord;
import app.kehre.core.log.LineRecord;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Explaining;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Variant;
import app.kehre.core.proposal.Change;
import app.kehre.core.proposal.Proposal;
import app.kehre.core.proposal.Way;
import app.kehre.core.timeline.Tally;
import app.kehre.core.value.Lengths;

/** A class once more, with what was noted after it applied: each note is a change that is proposed. */
public final class NextTime {

    private static final Duration FIVE = Duration.ofSeconds(5);
    private static final Duration LONGEST = Duration.ofSeconds(600);

    private final ClassRecord record;
    private final List<Change> changes = new ArrayList<>();
    private final List<String> notes = new ArrayList<>();

    private NextTime(ClassRecord record) {
        this.record = record;
    }

    /**
     * Proposes what the notes of a class ask for.
     *
     * @param plan the class once more; lines that it has no longer are passed over
     */
    public static Proposal propose(ClassRecord record, ClassPlan plan) {
        return new NextTime(record).propose(plan);
    }

    private Proposal propose(ClassPlan plan) {
        if (!record.after().next().isBlank()) {
            notes.add("You wrote: \u201c%s\u201d".formatted(record.after().next()));
        }
        plan.lines().forEach(line -> noted(line, record.after().of(line.id())));
        if (changes.isEmpty()) {
            String written = notes.isEmpty() ? "" : " " + notes.getFirst();
            return new Proposal.Refused(
                    "Nothing was noted on a line that Kehre could do. The class is there once more as it was."
                            + written);
        }
        return new Proposal.Proposed(
                List.of(new Way("as noted", changes, notes, Change.all(plan, changes))));
    }

    private void noted(Entry line, After.Note note) {
        if (note.words().isBlank()) {
            return;
        }
        Optional<Change> change = NoteWord.of(note.words()).flatMap(word -> change(word, line));
        changes.add(
                change.orElseGet(() -> change(line, "keep the note \u201c%s\u201d".formatted(note.words()),
                        Change.Kind.WHOLE, entry -> entry.withNote(joined(entry.note(), note.words())))));
    }

    private static String joined(String before, String note) {
        return before.isBlank() || before.contains(note) ? note : before + ", " + note;
    }

    private Optional<Change> change(NoteWord word, Entry line) {
        return switch (word) {
            case HEAVIER -> load(line, true);
            case LIGHTER -> load(line, false);
            case EASIER -> variant(line, Variant.EASIER);
            case HARDER -> variant(line, Variant.HARDER);
            case OUT -> Optional.of(Change.of(line.id(), line.name() + ": leave out", Change.Kind.OUT,
                    before -> before.remove(line.id())));
            case LONGER -> longer(line);
        };
    }

    private static Change change(Entry line, String words, Change.Kind kind, UnaryOperator<Entry> made) {
        return Change.of(line.id(), "%s: %s".formatted(line.name(), words), kind,
                plan -> plan.find(line.id()).map(now -> plan.with(made.apply(now))).orElse(plan));
    }

    private static Change item(Item item, String words, UnaryOperator<Item> made) {
        return change(item, words, Change.Kind.DOSE, entry -> entry.item().<Entry>map(made).orElse(entry));
    }

    private static Optional<Change> load(Entry line, boolean heavier) {
        return line.item().flatMap(item -> Heavier.of(item.load(), heavier)
                .map(load -> item(item, heavier ? "heavier" : "lighter", now -> now.withLoad(load))));
    }

    private static Optional<Change> variant(Entry line, Variant towards) {
        return line.item().filter(item -> item.delivery().variant() != towards).map(item -> {
            Variant next = step(item.delivery().variant(), towards);
            return item(item, "the %s option".formatted(next.words()),
                    now -> now.withDelivery(now.delivery().withVariant(next)));
        });
    }

    /** From the easier option harder is the standard one first, and the other way round. */
    private static Variant step(Variant now, Variant towards) {
        return now == Variant.STANDARD ? towards : Variant.STANDARD;
    }

    /** As long as it took, if it took longer than planned; else half as long again, in whole five seconds. */
    private Optional<Change> longer(Entry line) {
        return line.item().flatMap(item -> record.line(line.id()).map(taught -> {
            Duration planned = of(taught, true);
            Duration took = of(taught, false);
            Duration wanted = took.compareTo(planned.plus(FIVE)) >= 0
                    ? took
                    : planned.multipliedBy(3).dividedBy(2);
            Duration fives = FIVE
                    .multipliedBy(Math.max(2, Math.ceilDiv(wanted.toSeconds(), FIVE.toSeconds())));
            Duration said = fives.compareTo(LONGEST) > 0 ? LONGEST : fives;
            return item(item,
                    "explain it for %s instead of %s".formatted(Lengths.clock(said), Lengths.clock(planned)),
                    now -> now.withDelivery(now.delivery()
                            .withExplaining(new Explaining(Explaining.Mode.STOPS, Optional.of(said)))));
        }));
    }

    private static Duration of(LineRecord line, boolean planned) {
        return (planned ? line.planned() : line.taught()).getOrDefault(Tally.Use.EXPLAINING, Duration.ZERO);
    }
}
