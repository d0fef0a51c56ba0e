package app.kehre.core.teaching;

import java.util.ArrayList;
import java.util.List;

import app.kehre.core.dose.Counts;
import app.kehre.core.dose.DoseNotation;
import app.kehre.core.dose.Hold;
import app.kehre.core.dose.Interval;
import app.kehre.core.dose.Lengths;
import app.kehre.core.dose.Reps;
import app.kehre.core.dose.Sides;
import app.kehre.core.kit.Load;
import app.kehre.core.kit.LoadNotation;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Pause;
import app.kehre.core.timeline.Span;

/** The words that stand large on the wall of the hall. */
public final class HallWords {

    private HallWords() {}

    /** Returns dose and place in it: "left · set 2 of 3 · rep 6 of 10". */
    public static String now(Moment moment) {
        return moment.entry().flatMap(entry -> moment.span().map(span -> now(entry, span, moment)))
                .orElse("");
    }

    /** Returns what comes next in one line: "2 x 12 reps · 2 light weights". */
    public static String dose(Entry entry) {
        return switch (entry) {
            case Pause pause -> Lengths.notation(pause.length());
            case Item item -> DoseNotation.print(item.dose())
                    + (item.load().equals(Load.NONE) ? "" : " \u00b7 " + LoadNotation.print(item.load()));
        };
    }

    /** Returns whether the class will end in time: "2:40 to spare", "runs over by 1:40". */
    public static String slot(Moment moment) {
        long spare = Lengths.seconds(moment.spare().abs());
        if (spare == 0) {
            return "on time";
        }
        return moment.spare().isNegative()
                ? "runs over by " + Lengths.clock(moment.spare())
                : Lengths.clock(moment.spare()) + " to spare";
    }

    private static String now(Entry entry, Span span, Moment moment) {
        List<String> words = new ArrayList<>();
        switch (entry) {
            case Pause pause ->
                words.add(pause.kind() == Pause.Kind.TALK ? "everyone listens" : pause.kind().words());
            case Item item -> addItem(words, item, span, moment);
        }
        return String.join(" \u00b7 ", words);
    }

    private static void addItem(List<String> words, Item item, Span span, Moment moment) {
        switch (span.phase()) {
            case REST -> words.add("rest");
            case SIDE_CHANGE -> words.add("change to the " + span.side().word());
            case TALK, PAUSE, WORK, HOLD -> {
                if (!span.side().word().isEmpty()) {
                    words.add(span.side().word());
                }
                words.add(DoseNotation.print(item.dose().withSides(Sides.TOGETHER)));
            }
        }
        addPass(words, item, span);
        int part = span.partAt(moment.place());
        if (part > 0) {
            words.add(counted(item, span, part));
        }
    }

    private static void addPass(List<String> words, Item item, Span span) {
        int passes = switch (item.dose()) {
            case Reps reps -> reps.sets();
            case Hold hold -> hold.sets();
            case Interval interval -> interval.rounds();
            case Counts _ -> 1;
        };
        if (passes > 1 && span.pass() > 0) {
            String word = item.dose() instanceof Interval ? "round" : "set";
            words.add("%s %d of %d".formatted(word, span.pass(), passes));
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
