package app.kehre.core.hall;

import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;

import app.kehre.core.brief.Brief;
import app.kehre.core.dose.AsMany;
import app.kehre.core.dose.CountPattern;
import app.kehre.core.dose.Counts;
import app.kehre.core.dose.Dose;
import app.kehre.core.dose.DoseNotation;
import app.kehre.core.dose.Hold;
import app.kehre.core.dose.Interval;
import app.kehre.core.dose.Open;
import app.kehre.core.dose.Reps;
import app.kehre.core.exercise.Style;
import app.kehre.core.kit.KitPlace;
import app.kehre.core.kit.LoadNotation;
import app.kehre.core.plan.BuildUp;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Pause;
import app.kehre.core.plan.Screen;
import app.kehre.core.plan.Segment;
import app.kehre.core.teaching.Moment;
import app.kehre.core.timeline.Done;
import app.kehre.core.timeline.Phase;
import app.kehre.core.timeline.Span;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.timeline.Turn;
import app.kehre.core.typing.CircuitNotation;
import app.kehre.core.value.Lengths;

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

    /** Returns the running count of a build-up: "right · count 5 · eight 2 of 4". */
    public static String count(Counting counting, Moment moment) {
        String side = moment.span().map(span -> span.side().word()).orElse("");
        return "%s%scount %d%seight %d of 4".formatted(side, DOT, counting.count(), DOT, counting.eight());
    }

    /** Returns how much there is of a line, and with what: "2 x 12 reps · 2 light weights". */
    public static String dose(Entry entry) {
        return switch (entry) {
            case Pause pause -> Lengths.notation(pause.length());
            case Circuit circuit -> CircuitNotation.print(circuit);
            case Screen screen -> DoseNotation.print(screen.dose()) + DOT + "not passed: " + screen.failed();
            case BuildUp build -> build.words()
                    + (build.load().isNone() ? "" : DOT + LoadNotation.print(build.load()));
            case Item item -> DoseNotation.print(item.dose())
                    + (item.load().isNone() ? "" : DOT + LoadNotation.print(item.load()))
                    + layer(item);
        };
    }

    private static String layer(Item item) {
        String style = Style.words(item.delivery().style());
        String words = item.delivery().layer().isEmpty() ? style : item.delivery().layer();
        return words.isEmpty() ? "" : DOT + words;
    }

    /** Returns what to know of the coming line: "2 x 12 reps · 2 light weights, by the wall". */
    public static String next(Entry entry, Timeline timeline) {
        return switch (entry) {
            case Pause pause -> Lengths.clock(pause.length());
            case Circuit circuit -> "rest " + Lengths.notation(circuit.rest());
            case Screen screen -> DoseNotation.print(screen.dose());
            case BuildUp build -> dose(build) + fetch(build.asItem(), timeline.plan().brief());
            case Item item -> dose(item) + fetch(item, timeline.plan().brief());
        };
    }

    private static String fetch(Item item, Brief brief) {
        return item.load().pieces().stream()
                .anyMatch(piece -> brief.room().placeOf(piece.kit()) == KitPlace.BY_THE_WALL)
                        ? ", " + KitPlace.BY_THE_WALL.words()
                        : "";
    }

    /** Returns what those who did not pass a screen before do instead of a line; empty when there is none. */
    public static String instead(Entry entry, ClassPlan plan) {
        return plan.entries().filter(Screen.class::isInstance).map(Screen.class::cast)
                .map(screen -> screen.instead().getOrDefault(entry.id(), "")).filter(each -> !each.isEmpty())
                .findFirst().orElse("");
    }

    /** Returns where in the class the line stands: "Toning 1 · 3 of 6", "Toning 1 · Circuit · round 2 of 3". */
    public static String place(Moment moment, Timeline timeline) {
        return moment.entry().flatMap(entry -> timeline.plan().segmentOf(entry.id())
                .map(segment -> segment.name() + DOT + position(segment, entry, moment, timeline.plan())))
                .orElse(timeline.plan().brief().title());
    }

    private static String position(Segment segment, Entry entry, Moment moment, ClassPlan plan) {
        Optional<Circuit> circuit = entry instanceof Circuit own
                ? Optional.of(own)
                : plan.circuitOf(entry.id());
        int round = moment.span().map(span -> span.turn().round().orElse(0)).orElse(0);
        return circuit.map(found -> "%s%sround %d of %d%s".formatted(found.name(), DOT, round, found.rounds(),
                found.solo(round) ? ", by themselves" : ""))
                .orElseGet(() -> "%d of %d".formatted(segment.entries().indexOf(plan.entry(entry.id())) + 1,
                        segment.entries().size()));
    }

    /** Returns how the class stands to its room: "18:54 · room until 19:30 · ends 19:28, 1:20 to spare". */
    public static String classLine(Moment moment, Timeline timeline, ZoneId zone) {
        String end = TIME.format(moment.end().atZone(zone));
        String now = TIME.format(moment.end().minus(moment.left().whole()).atZone(zone));
        String room = TIME.format(moment.end().plus(moment.spare()).atZone(zone));
        return switch (moment.state()) {
            case READY -> "class %s of %s, %s".formatted(Lengths.clock(timeline.fit().length()),
                    Lengths.clock(timeline.fit().slot()), timeline.fit().words());
            case TEACHING, PAUSED, TALKING -> "%s%sroom until %s%sends %s, %s".formatted(now, DOT, room, DOT,
                    end, slot(moment));
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

    private static String now(Entry entry, Span span, Moment moment) {
        return switch (span.phase()) {
            case EXPLAIN -> "show it " + Lengths.countdown(moment.left().span());
            case SET_UP, TRANSITION -> (Character.isDigit(span.words().charAt(0)) ? "take " : "")
                    + span.words() + " " + Lengths.countdown(moment.left().span());
            case REST -> rest(entry, span, moment);
            case SIDE_CHANGE -> "change to the " + span.side().word();
            case TALK -> "everyone listens";
            case PAUSE -> entry instanceof Pause pause
                    ? pause.kind().words() + (span.words().isEmpty() ? "" : DOT + span.words())
                    : "pause";
            case WORK, HOLD -> work(entry, span, moment);
        };
    }

    private static String rest(Entry entry, Span span, Moment moment) {
        int next = pass(span).orElse(0) + 1;
        String rest = "rest " + Lengths.countdown(moment.left().span());
        if (entry instanceof Circuit circuit) {
            return rest + DOT + round(circuit, span);
        }
        return entry.item().map(Item::dose).filter(dose -> next <= passes(dose))
                .map(dose -> rest + DOT + "then %s %d of %d".formatted(pass(dose), next, passes(dose)))
                .orElse(rest);
    }

    /** "then round 2 of 3", of the rest between two rounds. */
    static String round(Circuit circuit, Span rest) {
        return "then round %d of %d".formatted(rest.turn().round().orElse(0) + 1, circuit.rounds());
    }

    private static String work(Entry entry, Span span, Moment moment) {
        Optional<Dose> dose = entry.dosed();
        List<String> words = new ArrayList<>();
        add(words, span.side().word());
        dose.filter(HallWords::byClock)
                .ifPresent(_ -> words.add("work " + Lengths.countdown(moment.left().span())));
        dose.ifPresent(found -> addPass(words, found, span));
        add(words, span.words());
        if (span.phase() == Phase.HOLD) {
            words.add(
                    (span.words().startsWith("hold") ? "" : "hold ")
                            + Lengths.countdown(moment.left().span()));
        }
        int part = span.partAt(moment.place());
        if (part > 0) {
            words.add(counted(span, part));
        }
        return words.isEmpty() || words.equals(List.of(span.side().word()))
                ? String.join(DOT, words) + dose
                        .map(found -> DoseNotation.print(found.withoutSides())).orElse("")
                : String.join(DOT, words);
    }

    private static boolean byClock(Dose dose) {
        return dose instanceof Interval || dose instanceof AsMany || dose instanceof Open;
    }

    private static void add(List<String> words, String word) {
        if (!word.isEmpty()) {
            words.add(word);
        }
    }

    private static void addPass(List<String> words, Dose dose, Span span) {
        pass(span).ifPresent(pass -> {
            if (passes(dose) > 1) {
                words.add("%s %d of %d".formatted(pass(dose), pass, passes(dose)));
            }
        });
    }

    /** The set, the time or the interval that a span is of. */
    private static OptionalInt pass(Span span) {
        return span.turn().interval().isPresent() ? span.turn().interval() : span.turn().set();
    }

    /** Whether a move is danced by counts, so that eights are told and not each count. */
    static boolean inEights(Span span) {
        Turn turn = span.turn();
        return span.done().unit() == Done.Unit.COUNTS && span.phase() == Phase.WORK && turn.set().isEmpty()
                && turn.stage().isEmpty();
    }

    private static String pass(Dose dose) {
        return switch (dose) {
            case Interval _ -> "round";
            case CountPattern _ -> "time";
            case Reps _,Hold _,Counts _,AsMany _,Open _ -> "set";
        };
    }

    private static int passes(Dose dose) {
        return switch (dose) {
            case Reps reps -> reps.sets();
            case Hold hold -> hold.sets();
            case Interval interval -> interval.rounds();
            case CountPattern pattern -> pattern.times();
            case Counts _,AsMany _,Open _ -> 1;
        };
    }

    private static String counted(Span span, int part) {
        int amount = span.done().amount();
        if (inEights(span)) {
            int eight = (part - 1) / Counts.EIGHT + 1;
            return "eight %d of %d".formatted(eight, (amount + Counts.EIGHT - 1) / Counts.EIGHT);
        }
        String unit = switch (span.done().unit()) {
            case REPS -> "rep";
            case COUNTS -> "count";
            case BREATHS -> "breath";
            case SECONDS -> "second";
        };
        return "%s %d of %d".formatted(unit, part, amount);
    }
}
