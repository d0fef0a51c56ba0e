package app.kehre.core.edit;

import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import app.kehre.core.answers.AnsweredDose;
import app.kehre.core.dose.Hold;
import app.kehre.core.dose.Sides;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Role;
import app.kehre.core.people.Limit;
import app.kehre.core.plan.BuildUp;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Pause;
import app.kehre.core.plan.Screen;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.value.Named;

/** What can be added to a class, and how. */
public final class Addables {

    private Addables() {}

    /** Something that can be added as a line. */
    public sealed interface Addable {

        /** Returns the new line, under a number. */
        Entry entry(EntryId id);

        /** Returns what it is called. */
        String name();

        /** Returns a few words that help to choose. */
        String words();

        /**
         * An exercise with its usual dose.
         *
         * @param exercise what is done
         * @param words a few words that help to choose
         */
        record OfExercise(Exercise exercise, String words) implements Addable {

            /** Returns an exercise with its position and muscles as words. */
            public OfExercise(Exercise exercise) {
                this(exercise, Stream
                        .concat(Stream.of(exercise.position().words()),
                                exercise.main().stream().map(Named::words))
                        .collect(Collectors.joining(", ")));
            }

            @Override
            public Entry entry(EntryId id) {
                return Item.of(id, exercise);
            }

            @Override
            public String name() {
                return exercise.name();
            }
        }

        /**
         * A whole line, as it was typed or completed, with its own dose.
         *
         * @param line what it is
         * @param others the lines that stand behind it: the other side's, or what was joined with "+" or "and"
         * @param name the line in full
         */
        record OfLine(Entry line, List<Entry> others, String name) implements Addable {
            @Override
            public Entry entry(EntryId id) {
                return line.withId(id);
            }

            @Override
            public String words() {
                return "a whole line";
            }
        }

        /** The same pause, circuit or screen under another name. */
        record Renamed(Entry renamed, String name) implements Addable {
            @Override
            public Entry entry(EntryId id) {
                return renamed.withName(name).withId(id);
            }

            @Override
            public String words() {
                return "as its name";
            }
        }

        /**
         * A build-up whose combination is still to be made.
         *
         * @param hold its holding pattern
         */
        record OfBuildUp(Exercise hold) implements Addable {
            @Override
            public Entry entry(EntryId id) {
                return BuildUp.of(id, hold);
            }

            @Override
            public String name() {
                return "Combination";
            }

            @Override
            public String words() {
                return "moves built up in a row, on both leads";
            }
        }

        /** A balance screen on each leg. */
        record OfScreen() implements Addable {
            @Override
            public Entry entry(EntryId id) {
                return new Screen(id, "Balance screen",
                        Hold.of(Duration.ofSeconds(10)).withSides(Sides.EACH_SIDE),
                        "a foot comes down or a hand reaches out", Map.of(), "");
            }

            @Override
            public String name() {
                return "Balance screen";
            }

            @Override
            public String words() {
                return "a test on each leg before what needs balance";
            }
        }

        /** A pause of its usual length. */
        record OfPause(Pause.Kind kind) implements Addable {
            @Override
            public Entry entry(EntryId id) {
                return Pause.of(id, kind);
            }

            @Override
            public String name() {
                return kind.usualName();
            }

            @Override
            public String words() {
                return kind == Pause.Kind.TALK ? "talk" : "pause";
            }
        }
    }

    /** Returns what fits the typed words, best for the role first; pauses first where the role is for them. */
    public static List<Addable> addables(Library library, String typed, Role role) {
        return addables(library.search(typed, role).stream().<Addable>map(Addable.OfExercise::new).toList(),
                typed, role);
    }

    /**
     * Returns exercises together with the pauses and the screen that begin with the typed words: these first where
     * the role is for them, or where no exercise's name begins so.
     */
    public static List<Addable> addables(List<Addable> exercises, String typed, Role role) {
        String begin = typed.strip().toLowerCase(Locale.ROOT);
        Stream<Addable> pauses = Stream.of(Pause.Kind.values()).filter(
                kind -> kind.usualName().toLowerCase(Locale.ROOT).startsWith(begin)
                        || kind.words().startsWith(begin))
                .map(Addable.OfPause::new);
        Stream<Addable> screens = Stream.<Addable>of(new Addable.OfScreen())
                .filter(screen -> begin.isEmpty() || screen.name().toLowerCase(Locale.ROOT).startsWith(begin)
                        || "screen".startsWith(begin));
        Stream<Addable> others = Stream.concat(pauses, screens);
        boolean othersFirst = role == Role.PAUSE || role == Role.TALK || exercises.stream()
                .noneMatch(each -> each.name().toLowerCase(Locale.ROOT).startsWith(begin));
        return (othersFirst
                ? Stream.concat(others, exercises.stream())
                : Stream.concat(exercises.stream(), others)).toList();
    }

    /**
     * Returns what can stand in a line instead of its entry: for all but exercises first the typed words as its name,
     * then all that can be added.
     */
    public static List<Addable> replacements(Library library, String typed, Entry entry, Role role) {
        boolean named = !(entry instanceof Item);
        Stream<Addable> renamed = named && !typed.isBlank()
                ? Stream.of(new Addable.Renamed(entry, typed.strip()))
                : Stream.empty();
        Stream<Addable> others = entry instanceof Circuit || entry instanceof Screen
                || entry instanceof BuildUp
                        ? Stream.empty()
                        : addables(library, typed, role).stream();
        return Stream.concat(renamed, others).toList();
    }

    /**
     * Returns the plan with something added after an entry, in its circuit if it is an exercise, or at the
     * end of the segment when the entry is not in it.
     */
    public static ClassPlan add(ClassPlan plan, SegmentId segmentId, Optional<EntryId> afterEntry,
            Addable addable) {
        ClassPlan all = addOne(plan, segmentId, afterEntry, addable);
        for (Entry other : addable instanceof Addable.OfLine line ? line.others() : List.<Entry>of()) {
            EntryId last = new EntryId(all.nextEntryId().number() - 1);
            all = addOne(all, segmentId, Optional.of(last),
                    new Addable.OfLine(other, List.of(), other.name()));
        }
        return all;
    }

    private static ClassPlan addOne(ClassPlan plan, SegmentId segmentId, Optional<EntryId> afterEntry,
            Addable addable) {
        Optional<Circuit> circuit = afterEntry.flatMap(plan::circuitOf);
        if (circuit.isPresent()) {
            if (addable.entry(plan.nextEntryId()) instanceof Item usual) {
                Entry item = addable instanceof Addable.OfLine
                        ? usual
                        : AnsweredDose.of(usual, plan.segment(segmentId), plan, true);
                int at = Moves.indexOf(circuit.get().inside(), afterEntry.orElseThrow());
                return plan.addInto(circuit.get().id(), at + 1, item);
            }
            return addOne(plan, segmentId, Optional.of(circuit.get().id()), addable);
        }
        List<EntryId> ids = plan.segment(segmentId).entries().stream().map(Entry::id).toList();
        int after = afterEntry.map(ids::indexOf).orElse(-1);
        int at = after < 0 ? ids.size() : after + 1;
        Entry entry = addable.entry(plan.nextEntryId());
        return plan.add(segmentId, at, addable instanceof Addable.OfLine
                ? entry
                : answered(entry, plan.segment(segmentId), plan, false));
    }

    private static Entry answered(Entry entry, Segment segment, ClassPlan plan, boolean inCircuit) {
        return entry instanceof Item item ? AnsweredDose.of(item, segment, plan, inCircuit) : entry;
    }

    /** Returns the plan with an entry's exercise replaced; the new one comes with its usual dose and load. */
    public static ClassPlan replace(ClassPlan plan, EntryId entryId, Addable addable) {
        return plan.find(entryId)
                .map(entry -> answered(addable.entry(entryId).withNote(entry.note()),
                        plan.segmentOf(entryId).orElseThrow(), plan, plan.circuitOf(entryId).isPresent()))
                .filter(changed -> changed instanceof Item || plan.circuitOf(entryId).isEmpty())
                .map(plan::with).orElse(plan);
    }

    /** Returns the plan with an exercise as it is now, wherever the plan uses that of its id. */
    public static ClassPlan refresh(ClassPlan plan, Exercise changed) {
        ClassPlan fresh = plan;
        for (Item item : plan.items().toList()) {
            Map<Limit, Exercise> instead = new EnumMap<>(Limit.class);
            item.instead().forEach(
                    (limit, other) -> instead.put(limit, other.id().equals(changed.id()) ? changed : other));
            Item same = item.exercise().id().equals(changed.id()) ? item.withExercise(changed) : item;
            instead.keySet().retainAll(same.instead().keySet());
            fresh = fresh.with(same.withInstead(instead));
        }
        for (Entry entry : plan.entries().toList()) {
            fresh = entry instanceof BuildUp build ? fresh.with(build.refreshed(changed)) : fresh;
        }
        return fresh;
    }

    /** Returns the plan with a new, empty segment after another, or at the end when there is no such. */
    public static ClassPlan addSegment(ClassPlan plan, Optional<SegmentId> afterSegment, Role role) {
        return addSegment(plan, afterSegment, Skeleton.segment(plan.nextSegmentId(), role));
    }

    /** Returns the plan with a segment after another, or at the end when there is no such. */
    public static ClassPlan addSegment(ClassPlan plan, Optional<SegmentId> afterSegment, Segment segment) {
        int after = afterSegment.map(id -> plan.segments().stream().map(Segment::id).toList().indexOf(id))
                .orElse(-1);
        return Moves.addSegment(plan, after < 0 ? plan.segments().size() : after + 1, segment);
    }

    /** Returns an exercise as the lines of a circuit that is still to be made: two where its sides differ. */
    public static List<Entry> insideCircuit(ClassPlan plan, SegmentId segment, Addable addable) {
        Entry first = addable.entry(plan.nextEntryId());
        if (addable instanceof Addable.OfLine line) {
            List<Entry> all = new ArrayList<>(List.of(first));
            line.others().forEach(other -> all.add(other.withId(first.id().next(all.size()))));
            return List.copyOf(all);
        }
        return List.of(answered(first, plan.segment(segment), plan, true));
    }

    /** Returns the plan with an entry after the line, or the circuit, in which another is; else at the end of the segment. */
    public static ClassPlan addAfter(ClassPlan plan, SegmentId segment, Optional<EntryId> afterEntry,
            Entry entry) {
        Optional<EntryId> outer = afterEntry
                .map(id -> plan.circuitOf(id).<EntryId>map(Circuit::id).orElse(id));
        List<EntryId> ids = plan.segment(segment).entries().stream().map(Entry::id).toList();
        int after = outer.map(ids::indexOf).orElse(-1);
        return plan.add(segment, after < 0 ? ids.size() : after + 1, entry);
    }
}
