package app.kehre.core.plan;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.EnumMap;
import java.util.Map;

import app.kehre.core.dose.Range;
import app.kehre.core.kit.Equipment;
import app.kehre.core.kit.KitPlace;

/**
 * What is fixed before anything is chosen.
 *
 * @param title the name of the class, not blank, at most {@value #LONGEST_TITLE} characters
 * @param date the day on which it is taught
 * @param start the time on the timetable
 * @param slot the length on the timetable, whole minutes from 5 to 180; its end is hard
 * @param people how many come, 1 to 200
 * @param places where kit lies, for the kinds that lie elsewhere than usual
 * @param older whether it is an older group, which takes longer down to the floor and up
 */
public record Brief(String title, LocalDate date, LocalTime start, Duration slot, int people,
        Map<Equipment, KitPlace> places, boolean older) {

    /** The longest title, in characters. */
    public static final int LONGEST_TITLE = 120;
    /** The slot in minutes. */
    public static final Range SLOT_MINUTES = new Range("the slot", " min", 5, 180);
    /** The people in the group. */
    public static final Range PEOPLE = Range.of("people", 1, 200);

    /** How far from the timetable a class may start and still end with its slot: an hour before or after. */
    private static final Duration NEAR = Duration.ofHours(1);

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
        PEOPLE.check(people);
        places = Map.copyOf(places);
    }

    /** Returns a brief for a group that is not an older one. */
    public Brief(String title, LocalDate date, LocalTime start, Duration slot, int people,
            Map<Equipment, KitPlace> places) {
        this(title, date, start, slot, people, places, false);
    }

    /** Returns the brief for an older group, or not. */
    public Brief withOlder(boolean other) {
        return new Brief(title, date, start, slot, people, places, other);
    }

    /** Returns where a kind of kit lies. */
    public KitPlace placeOf(Equipment kit) {
        return places.getOrDefault(kit, kit.usualPlace());
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
        return new Brief(other, date, start, slot, people, places, older);
    }

    /** Returns the brief with another day. */
    public Brief withDate(LocalDate other) {
        return new Brief(title, other, start, slot, people, places, older);
    }

    /** Returns the brief with another time on the timetable. */
    public Brief withStart(LocalTime other) {
        return new Brief(title, date, other, slot, people, places, older);
    }

    /** Returns the brief with another slot. */
    public Brief withSlot(Duration other) {
        return new Brief(title, date, start, other, people, places, older);
    }

    /** Returns the brief with another number of people. */
    public Brief withPeople(int other) {
        return new Brief(title, date, start, slot, other, places, older);
    }

    /** Returns the brief with a kind of kit lying elsewhere. */
    public Brief withPlace(Equipment kit, KitPlace place) {
        Map<Equipment, KitPlace> others = new EnumMap<>(Equipment.class);
        others.putAll(places);
        others.put(kit, place);
        return new Brief(title, date, start, slot, people, others, older);
    }
}
