package app.kehre.core.testing;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

import app.kehre.core.brief.Brief;
import app.kehre.core.dose.DoseNotation;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Role;
import app.kehre.core.kit.LoadNotation;
import app.kehre.core.music.Bpm;
import app.kehre.core.pace.Pace;
import app.kehre.core.pace.Quantity;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Delivery;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Pause;
import app.kehre.core.plan.RoundChange;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.SegmentId;

/**
 * A class written down line by line: {@code Plans.of(60).segment("Toning", TONING, 120).item(SQUAT, "12
 * reps").plan()}. Segments and entries are numbered from 1.
 */
public final class Plans {

    private final List<Segment> segments = new ArrayList<>();
    private int entries;
    private Brief brief;

    private Plans(int minutes) {
        brief = Brief.of("Tuesday", LocalDate.of(2026, 11, 24), LocalTime.of(18, 30),
                Duration.ofMinutes(minutes), 12);
    }

    /** Begins a class of so many minutes. */
    public static Plans of(int minutes) {
        return new Plans(minutes);
    }

    /** Returns a class of one toning segment at 120 BPM (a count lasts half a second) with one item, without explaining. */
    public static ClassPlan one(Exercise exercise, String dose) {
        return of(30).segment("Toning", Role.TONING, 120).item(exercise, dose).bare();
    }

    /** Begins a segment without a target. */
    public Plans segment(String name, Role role, int bpm) {
        segments.add(new Segment(new SegmentId(segments.size() + 1), name, role, Duration.ZERO, new Bpm(bpm),
                List.of()));
        return this;
    }

    /** Gives the last segment a target. */
    public Plans target(int targetMinutes) {
        segments.add(segments.removeLast().withTarget(Duration.ofMinutes(targetMinutes)));
        return this;
    }

    /** Adds an exercise without load. */
    public Plans item(Exercise exercise, String dose) {
        return item(exercise, dose, "none");
    }

    /** Adds an exercise. */
    public Plans item(Exercise exercise, String dose, String load) {
        return add(new Item(next(), exercise, DoseNotation.parse(dose).value().orElseThrow(),
                LoadNotation.parse(load).value().orElseThrow(), ""));
    }

    /** Says how the last item is taught. */
    public Plans delivery(UnaryOperator<Delivery> change) {
        return changeLast(entry -> entry instanceof Item item
                ? item.withDelivery(change.apply(item.delivery()))
                : entry);
    }

    /** Gives the last item a change in a round. */
    public Plans inRound(int round, UnaryOperator<RoundChange> change) {
        return changeLast(entry -> entry instanceof Item item
                ? item.withChange(round, change.apply(item.change(round)))
                : entry);
    }

    /** Gathers so many last lines in a circuit. */
    public Plans circuit(int lines, int rounds, int restSeconds) {
        Segment last = segments.removeLast();
        List<Entry> before = new ArrayList<>(last.entries());
        List<Entry> inside = new ArrayList<>();
        for (int i = 0; i < lines; i++) {
            inside.addFirst(before.removeLast());
        }
        segments.add(last.withEntries(before));
        return add(new Circuit(next(), "Circuit", rounds, Duration.ofSeconds(restSeconds), 0, inside, ""));
    }

    /** Adds any entry, which is given the next number. */
    public Plans entry(Entry entry) {
        return add(entry.withId(next()));
    }

    /** Changes the brief of the plan that is made. */
    public Plans brief(UnaryOperator<Brief> change) {
        brief = change.apply(brief);
        return this;
    }

    /** Adds a pause of its usual length. */
    public Plans pause(Pause.Kind kind) {
        return add(Pause.of(next(), kind));
    }

    /** Gives the last entry a note. */
    public Plans note(String note) {
        return changeLast(entry -> entry.withNote(note));
    }

    private EntryId next() {
        return new EntryId(++entries);
    }

    private Plans changeLast(UnaryOperator<Entry> change) {
        Segment last = segments.removeLast();
        List<Entry> lines = new ArrayList<>(last.entries());
        lines.add(change.apply(lines.removeLast()));
        segments.add(last.withEntries(lines));
        return this;
    }

    private Plans add(Entry entry) {
        Segment last = segments.removeLast();
        List<Entry> lines = new ArrayList<>(last.entries());
        lines.add(entry);
        segments.add(last.withEntries(lines));
        return this;
    }

    /** Returns the plan: Tuesday 24 November 2026, 18:30, twelve people. */
    public ClassPlan plan() {
        return new ClassPlan(brief, segments);
    }

    /** Returns the plan without explaining and changing over, for what is counted without them. */
    public ClassPlan bare() {
        return new ClassPlan(brief, segments, Pace.withoutWaits().with(Quantity.SIDE, 4));
    }
}
