package app.kehre.core.brief;

import java.time.DateTimeException;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeFormatterBuilder;
import java.util.List;
import java.util.Locale;
import java.util.function.Supplier;

import app.kehre.core.people.Group;
import app.kehre.core.value.Reading;

/** The brief as the texts that are edited in place. */
public final class BriefText {

    private static final DateTimeFormatter DAY = day("EEE d MMM uuuu");
    private static final List<DateTimeFormatter> DAYS = List.of(DAY, day("d MMM uuuu"), day("uuuu-M-d"),
            day("d.M.uuuu"), day("d/M/uuuu"));
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("H:mm", Locale.ROOT);

    private BriefText() {}

    /** Returns the day, such as "Tue 24 Nov 2026". */
    public static String date(Brief brief) {
        return DAY.format(brief.date());
    }

    /** Returns the time on the timetable, such as "18:30". */
    public static String start(Brief brief) {
        return TIME.format(brief.start());
    }

    /** Returns the end on the timetable, such as "19:30". */
    public static String end(Brief brief) {
        return TIME.format(brief.scheduledEnd());
    }

    /** Returns the slot, such as "60 min". */
    public static String slot(Brief brief) {
        return brief.slot().toMinutes() + " min";
    }

    /** Returns the group, such as "18 people". */
    public static String people(Brief brief) {
        return brief.people() == 1 ? "1 person" : brief.people() + " people";
    }

    /** Returns the brief with the title. */
    public static Reading<Brief> withTitle(Brief brief, String text) {
        return tried(() -> brief.withTitle(text.strip()));
    }

    /** Returns the brief with the day, in one of several usual ways to write it. */
    public static Reading<Brief> withDate(Brief brief, String text) {
        for (DateTimeFormatter format : DAYS) {
            Reading<Brief> reading = tried(() -> brief.withDate(LocalDate.parse(text.strip(), format)));
            if (reading.problem().isEmpty()) {
                return reading;
            }
        }
        return Reading.refused(
                "\"%s\" is not a day: write it like 24 Nov 2026 or 2026-11-24.".formatted(text.strip()));
    }

    /** Returns the brief with the time. */
    public static Reading<Brief> withStart(Brief brief, String text) {
        Reading<Brief> reading = tried(() -> brief.withStart(LocalTime.parse(text.strip(), TIME)));
        return reading.problem().isEmpty()
                ? reading
                : Reading
                        .refused("\"%s\" is not a time of day: write it like 18:30.".formatted(text.strip()));
    }

    /** Returns the brief with the slot in minutes, with or without the unit. */
    public static Reading<Brief> withSlot(Brief brief, String text) {
        return Brief.SLOT_MINUTES.read(text, "min", "60 min")
                .map(minutes -> brief.withSlot(Duration.ofMinutes(minutes)));
    }

    /** Returns the brief with the number of people, with or without the word. */
    public static Reading<Brief> withPeople(Brief brief, String text) {
        return switch (Group.PEOPLE.read(text, "people|person", "18 people")) {
            case Reading.Understood<Integer>(Integer people) ->
                tried(() -> brief.with(brief.group().withPeople(people)));
            case Reading.Refused<Integer> refused -> Reading.refused(refused.sentence());
        };
    }

    private static <T> Reading<T> tried(Supplier<T> value) {
        try {
            return Reading.of(value.get());
        } catch (DateTimeException | IllegalArgumentException refusal) {
            return Reading.refused(String.valueOf(refusal.getMessage()));
        }
    }

    private static DateTimeFormatter day(String pattern) {
        return new DateTimeFormatterBuilder().parseCaseInsensitive().appendPattern(pattern)
                .toFormatter(Locale.ENGLISH);
    }
}
