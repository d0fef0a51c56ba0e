package app.kehre.core.brief;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.EnumSet;
import java.util.Set;

import app.kehre.core.people.Group;
import app.kehre.core.people.Limit;
import app.kehre.core.value.Range;

/**
 * What is fixed before anything is chosen.
 *
 * @param title the name of the class, not blank, at most {@value #LONGEST_TITLE} characters
 * @param date the day on which it is taught
 * @param start the time on the timetable
 * @param slot the length on the timetable, whole minutes from 2 to 180; its end is hard
 * @param group who comes
 * @param room where, and what is there
 * @param goal what was promised
 * @param kind what kind of class, and which part of one
 * @param schools how it answers the questions on which practitioners differ
 */
public record Brief(String title, LocalDate date, LocalTime start, Duration slot, Group group, Room room,
        Goal goal, ClassKind kind, Schools schools) {

    /** The longest title, in characters. */
    public static final int LONGEST_TITLE = 120;
    /** The slot in minutes. */
    public static final Range SLOT_MINUTES = new Range("the slot", " min", 2, 180);

    /** How far from the timetable a class may start and still end with its slot: an hour before or after. */
    private static final Duration NEAR = Duration.ofHours(1);

    /** The share of newcomers above which everything is talked through, in per cent. Kehre's estimate. */
    private static final int MANY_NEWCOMERS = 50;

    private static final int HOLD_ONE_EIGHT = 4;
    private static final int HOLD_SHORT = 10;
    private static final int HOLD_USUAL = 20;
    private static final int HOLD_LONG = 30;

    public Brief {
        if (title.isBlank() || title.length() > LONGEST_TITLE) {
            throw new IllegalArgumentException(
                    "The title must have from 1 to %d characters, not %d.".formatted(LONGEST_TITLE,
                            title.length()));
        }
        SLOT_MINUTES.check(Math.toIntExact(slot.toMinutes()));
        if (!slot.equals(Duration.ofMinutes(slot.toMinutes()))) {
            throw new IllegalArgumentException("The slot must be whole minutes.");
        }
    }

    /**
     * Returns a brief for a usual group of so many, of which nothing else is known.
     *
     * @param slot whole minutes from 2 to 180
     * @param people 1 to 200
     */
    public static Brief of(String title, LocalDate date, LocalTime start, Duration slot, int people) {
        return new Brief(title, date, start, slot, Group.of(people), Room.UNKNOWN, Goal.OPEN, ClassKind.USUAL,
                Schools.USUAL);
    }

    /** Returns what kind of class it is. */
    public Format format() {
        return kind.format();
    }

    /** Returns whether it is a whole class or a part of one. */
    public ClassPart part() {
        return kind.part();
    }

    /** Returns how many come. */
    public int people() {
        return group.people();
    }

    /** Returns how many have to watch something: in a class for who expects a child, everybody does. */
    public int having(Limit limit) {
        return format() == Format.EXPECTING && limit == Limit.PREGNANCY ? people() : group.with(limit);
    }

    /** Returns whether at least half have to watch something, so that all may as well spare it. */
    public boolean mostHave(Limit limit) {
        return 2 * having(limit) >= people();
    }

    /** Returns all that somebody has to watch. */
    public Set<Limit> watched() {
        Set<Limit> all = EnumSet.noneOf(Limit.class);
        all.addAll(group.limits().keySet());
        if (format() == Format.EXPECTING) {
            all.add(Limit.PREGNANCY);
        }
        return all;
    }

    /** Returns whether people sit, and nobody is sent to the floor. */
    public boolean onChairs() {
        return format() == Format.CHAIR || room.start() == Start.ON_CHAIRS;
    }

    /** Returns when the next group is at the door. */
    public LocalDateTime scheduledEnd() {
        return date.atTime(start).plus(slot);
    }

    /**
     * Returns when a class that is started at the given time must end: with its slot on the timetable if
     * it starts within an hour of it, else (a rehearsal) one slot after it was started.
     */
    public LocalDateTime hardEnd(LocalDateTime started) {
        Duration off = Duration.between(date.atTime(start), started).abs();
        return off.compareTo(NEAR) <= 0 ? scheduledEnd() : started.plus(slot);
    }

    /** Returns the brief with another title. */
    public Brief withTitle(String other) {
        return new Brief(other, date, start, slot, group, room, goal, kind, schools);
    }

    /** Returns the brief with another day. */
    public Brief withDate(LocalDate other) {
        return new Brief(title, other, start, slot, group, room, goal, kind, schools);
    }

    /** Returns the brief with another time on the timetable. */
    public Brief withStart(LocalTime other) {
        return new Brief(title, date, other, slot, group, room, goal, kind, schools);
    }

    /**
     * Returns the brief with another slot.
     *
     * @param other whole minutes from 2 to 180
     */
    public Brief withSlot(Duration other) {
        return new Brief(title, date, start, other, group, room, goal, kind, schools);
    }

    /**
     * Returns the brief as it holds for a class that starts late and ends when it must: with what is left of the slot.
     *
     * @param late how late; what is left is rounded up to whole minutes, and is 2 at the least
     */
    public Brief startedBy(Duration late) {
        long left = Math.ceilDiv(slot.minus(late).toSeconds(), 60);
        return withSlot(Duration.ofMinutes(Math.max(SLOT_MINUTES.least(), left)));
    }

    /** Returns the brief for another group. */
    public Brief with(Group other) {
        return new Brief(title, date, start, slot, other, room, goal, kind, schools);
    }

    /** Returns the brief for another room. */
    public Brief with(Room other) {
        return new Brief(title, date, start, slot, group, other, goal, kind, schools);
    }

    /** Returns the brief with another goal. */
    public Brief with(Goal other) {
        return new Brief(title, date, start, slot, group, room, other, kind, schools);
    }

    /** Returns the brief for another kind of class. */
    public Brief with(Format other) {
        return new Brief(title, date, start, slot, group, room, goal, new ClassKind(other, part()), schools);
    }

    /** Returns the brief for another part of a class. */
    public Brief with(ClassPart other) {
        return new Brief(title, date, start, slot, group, room, goal, new ClassKind(format(), other),
                schools);
    }

    /** Returns the brief with other answers. */
    public Brief with(Schools other) {
        return new Brief(title, date, start, slot, group, room, goal, kind, other);
    }

    /** Returns how it is taught: as was chosen, else as suits the group and the format (figures.md, "Pace"). */
    public School.Teaching teaching() {
        return schools.teaching().orElseGet(this::teachingThatSuits);
    }

    /** Returns Kehre's own answer to how it is taught. */
    public School.Teaching teachingThatSuits() {
        if (group.mix().newcomers() > MANY_NEWCOMERS
                || group.ages().youngest() >= Group.Ages.TALKED_THROUGH) {
            return School.Teaching.TALK_IT_THROUGH;
        }
        return switch (format()) {
            case CHAIR -> School.Teaching.TALK_IT_THROUGH;
            case CONDITIONING, STRETCH_AND_TONE, FLOOR, EXPECTING -> School.Teaching.SHOW_THEN_DO;
            default -> School.Teaching.FOLLOW_ME;
        };
    }

    /** Returns how long a stretch is held by the class's setting, in seconds; older people hold longer. */
    public int stretchHold() {
        School.StretchHold hold = schools.hold();
        int wanted = switch (hold) {
            case ONE_EIGHT -> HOLD_ONE_EIGHT;
            case TEN_TO_FIFTEEN -> HOLD_SHORT;
            case THIRTY_TO_SIXTY -> HOLD_LONG;
            case TWENTY_TO_THIRTY -> HOLD_USUAL;
        };
        return group.older() && hold != School.StretchHold.ONE_EIGHT ? Math.max(wanted, HOLD_LONG) : wanted;
    }
}
