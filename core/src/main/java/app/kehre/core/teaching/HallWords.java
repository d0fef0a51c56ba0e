package app.kehre.core.teaching;

import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

import app.kehre.core.dose.Counts;
import app.kehre.core.dose.DoseNotation;
import app.kehre.core.dose.Hold;
import app.kehre.core.dose.Interval;
import app.kehre.core.dose.Lengths;
import app.kehre.core.dose.Reps;
import app.kehre.core.dose.Sides;
import app.kehre.core.kit.KitPlace;
import app.kehre.core.kit.Load;
import app.kehre.core.kit.LoadNotation;
import app.kehre.core.plan.Brief;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Pause;
import app.kehre.core.plan.Segment;
import app.kehre.core.timeline.Phase;
import app.kehre.core.timeline.Span;
import app.kehre.core.timeline.Timeline;

/** The words that stand large on the wall of the hall. */
public final class HallWords {

    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm", Locale.ROOT);
    private static final String DOT = " \u00b7 ";

    private HallWords() {}

    /** Returns the place in the dose: "left · set 2 of 3 · rep 6 of 10", "right · hold 0:17". */
    public static String now(Moment moment) {
        return moment.entry().flatMap(entry -> moment.span().map(span -> now(entry, span, moment)))
                .orElse("");
    }

    /** Returns how much there is of a line, and with what: "2 x 12 reps · 2 light weights". */
    public static String dose(Entry entry) {
        return switch (entry) {
            case Pause pause -> Lengths.notation(pause.length());
            case Item item -> DoseNotation.print(item.dose())
                    + (item.load().equals(Load.NONE) ? "" : DOT + LoadNotation.print(item.load()));
        };
    }

    /** Returns what to know of the coming line: "2 x 12 reps · 2 light weights, by the wall · 1:20". */
    public static String next(Entry entry, Timeline timeline) {
        String length = Lengths.clock(timeline.ofEntry(entry.id()).shown());
        return switch (entry) {
            case Pause _ -> length;
            case Item item -> dose(item) + fetch(item, timeline.plan().brief()) + DOT + length;
        };
    }

    private static String fetch(Item item, Brief brief) {
        return item.load() instanceof Load.Carried carried
                && brief.placeOf(carried.kit()) == KitPlace.BY_THE_WALL
                        ? ", " + KitPlace.BY_THE_WALL.words()
                        : "";
    }

    /** Returns where in the class the line stands: "Toning 1 · 3 of 6". */
    public static String place(Moment moment, Timeline timeline) {
        return moment.entry().flatMap(entry -> timeline.plan().segmentOf(entry.id())
                .map(segment -> "%s%s%d of %d".formatted(segment.name(), DOT, position(segment, entry),
                        segment.entries().size())))
                .orElse(timeline.plan().brief().title());
    }

    /** Returns how the class stands: "class 23:04 · 34:16 left · ends 19:28, 1:20 to spare". */
    public static String classLine(Moment moment, Timeline timeline, ZoneId zone) {
        String left = "class %s%s%s left".formatted(Lengths.clock(moment.place()), DOT,
                Lengths.countdown(moment.classLeft()));
        String end = TIME.format(moment.end().atZone(zone));
        return switch (moment.state()) {
            case READY -> "class %s of %s, %s".formatted(Lengths.clock(timeline.fit().length()),
                    Lengths.clock(timeline.fit().slot()), timeline.fit().words());
            case TEACHING, PAUSED -> "%s%sends %s, %s".formatted(left, DOT, end, slot(moment));
            case FINISHED -> "ended %s, %s".formatted(end, slot(moment));
        };
    }

    private static String slot(Moment moment) {
        if (Lengths.seconds(moment.spare().abs()) == 0) {
            return "on time";
        }
        return moment.spare().isNegative()
                ? "over by " + Lengths.clock(moment.spare())
                : Lengths.clock(moment.spare()) + " to spare";
    }

    private static int position(Segment segment, Entry entry) {
        return segment.entries().indexOf(entry) + 1;
    }

    private static String now(Entry entry, Span span, Moment moment) {
        return switch (entry) {
            case Pause pause -> pause.kind() == Pause.Kind.TALK ? "everyone listens" : pause.kind().words();
            case Item item -> item(item, span, moment);
        };
    }

    private static String item(Item item, Span span, Moment moment) {
        List<String> words = new ArrayList<>();
        switch (span.phase()) {
            case REST -> words.add("rest " + Lengths.countdown(moment.spanLeft()));
            case SIDE_CHANGE -> words.add("change to the " + span.side().word());
            case HOLD -> {
                addSide(words, span);
                words.add("hold " + Lengths.countdown(moment.spanLeft()));
            }
            case TALK, PAUSE -> addSide(words, span);
            case WORK -> {
                addSide(words, span);
                if (item.dose() instanceof Interval) {
                    words.add("work " + Lengths.countdown(moment.spanLeft()));
                }
            }
        }
        addPass(words, item, span);
        int part = span.partAt(moment.place());
        if (part > 0) {
            words.add(counted(item, span, part));
        }
        boolean bare = words.isEmpty() || words.equals(List.of(span.side().word()));
        if (bare) {
            words.add(DoseNotation.print(item.dose().withSides(Sides.TOGETHER)));
        }
        return String.join(DOT, words);
    }

    private static void addSide(List<String> words, Span span) {
        if (!span.side().word().isEmpty()) {
            words.add(span.side().word());
        }
    }

    private static void addPass(List<String> words, Item item, Span span) {
        int passes = switch (item.dose()) {
            case Reps reps -> reps.sets();
            case Hold hold -> hold.sets();
            case Interval interval -> interval.rounds();
            case Counts _ -> 1;
        };
        boolean resting = span.phase() == Phase.REST;
        int shown = resting ? span.pass() + 1 : span.pass();
        if (passes > 1 && span.pass() > 0 && shown <= passes) {
            String word = item.dose() instanceof Interval ? "round" : "set";
            words.add("%s%s %d of %d".formatted(resting ? "then " : "", word, shown, passes));
        }
    }

    private static String counted(Item item, Span span, int part) {
        if (item.dose() instanceof Counts) {
            int eight = (part - 1) / Counts.EIGHT + 1;
            int eights = (span.parts() + Counts.EIGHT - 1) / Counts.EIGHT;
            return "eight %d of %d".formatted(eight, eights);
        }
        return "rep %d of %d".formatted(part, span.parts());
    }
}
