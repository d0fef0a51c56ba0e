package app.kehre.core.written;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;

import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Library;
import app.kehre.core.plan.BuildUp;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Pause;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.shorthand.Meaning;
import app.kehre.core.shorthand.Moves;
import app.kehre.core.shorthand.Shorthand;
import app.kehre.core.value.Lengths;
import app.kehre.core.value.Reading;

/**
 * Reads a class line by line: in the strict form where it is that, else as instructors write. What is sure is taken, what is not
 * waits to be chosen and is a note meanwhile, what nobody can read is a note of its segment.
 */
final class ClassReading {

    static final String NOTE = "Note: ";
    private static final int LEAST_NUMBERED = 4;
    private static final int LONGEST_TITLE = 6;
    private static final Pattern NUMBERED = Pattern.compile("^\\d{1,2}[.)]\\s+\\S.*");
    private static final Pattern SET_IN = Pattern.compile("^(?:\\s{2,}|\\t).*");

    private final ClassPlan before;
    private final Library library;
    private final LineText text;
    private final KeptLines kept;
    private final Map<Integer, Integer> chosen;
    private final List<ClassText.Fault> faults = new ArrayList<>();
    private final List<ReadLine> lines = new ArrayList<>();
    private final Tables tables = new Tables();
    private final Gathering gathering;
    private Optional<Meaning.Clock> clock = Optional.empty();
    private String title;
    private int number;
    private String line = "";

    ClassReading(ClassPlan before, Library library, LineText text, Map<Integer, Integer> chosen) {
        this.before = before;
        this.library = library;
        this.text = text;
        this.chosen = chosen;
        this.kept = new KeptLines(before, text);
        this.title = before.brief().title();
        this.gathering = new Gathering(before.nextSegmentId(), before.nextEntryId(), before.brief().format(),
                problem -> fault(line, problem, List.of()));
    }

    ClassText.Read read(String given) {
        List<String> all = unnumbered(given.lines().toList());
        boolean spaced = spaced(all);
        for (int at = 0; at < all.size(); at++) {
            number = at + 1;
            String each = all.get(at);
            if (!each.isBlank()) {
                line(each, at + 1 < all.size() ? all.get(at + 1) : "");
            } else if (!spaced && gathering.circuitHasLines()) {
                gathering.closeCircuit();
            }
        }
        gathering.closeCircuit();
        return finished();
    }

    /**
     * Lines that are numbered without a dot, 1, 2, 3 and on, without their numbers: five press-ups after four of something else are
     * the fifth station.
     */
    private static List<String> unnumbered(List<String> all) {
        List<String> plain = new ArrayList<>(all);
        for (int from = 0; from < all.size(); from++) {
            int to = from;
            while (to < all.size() && begins(all.get(to), to - from + 1)) {
                to++;
            }
            for (int at = from; at < to && to - from >= LEAST_NUMBERED; at++) {
                plain.set(at, all.get(at).replaceFirst("\\d{1,2}\\s+", ""));
            }
            from = Math.max(from, to - 1);
        }
        return plain;
    }

    private static boolean begins(String line, int number) {
        return line.strip().startsWith(number + " ") && line.strip().matches("\\d+ +\\p{L}{2,}.*");
    }

    /** Whether most lines have an empty one behind them, so that it parts nothing. */
    private static boolean spaced(List<String> all) {
        long blank = all.stream().filter(String::isBlank).count();
        return blank * 5 >= (all.size() - blank) * 2;
    }

    private ClassText.Read finished() {
        try {
            ClassPlan plan = before.withSegments(filled());
            return new ClassText.Read(plan.with(plan.brief().withTitle(title)), faults, lines);
        } catch (IllegalArgumentException tooLarge) {
            fault("", String.valueOf(tooLarge.getMessage()), List.of());
            return new ClassText.Read(before, faults, lines);
        }
    }

    private void line(String written, String following) {
        line = written.strip();
        if (strictly(written)) {
            return;
        }
        boolean table = Tables.row(written);
        Optional<String> row = table ? tables.line(written) : Optional.of(written);
        if (row.isEmpty()) {
            told(ReadLine.How.NOTHING, "");
            return;
        }
        boolean setIn = !table && SET_IN.matcher(written).matches();
        gathering.line(setIn);
        boolean marked = NUMBERED.matcher(written).matches() && SET_IN.matcher(following).matches();
        freely(row.get(), new Shorthand.Where(gathering.role(), before.brief(), gathering.position(),
                gathering.clock().or(() -> clock), marked, table));
    }

    /** Takes a line in the strict form; returns whether it is in it. */
    private boolean strictly(String written) {
        String bare = LineText.bare(written);
        if (written.startsWith("# ") && !gathering.begun()) {
            title = line.substring(2).strip();
            told(ReadLine.How.HEADING, title);
            return true;
        }
        if (bare.startsWith(NOTE)) {
            note(bare.substring(NOTE.length()).strip());
            told(ReadLine.How.NOTE, "a note of " + gathering.name());
            return true;
        }
        return bare.startsWith("##") && heading(bare) || circuit(bare) || entries(written);
    }

    private boolean heading(String bare) {
        Reading<Segment> read = Heading.read(bare, gathering.nextSegment());
        boolean facts = bare.endsWith(")");
        read.value().filter(_ -> facts).ifPresent(segment -> begin(segment));
        return facts && read.value().isPresent();
    }

    private void begin(Segment segment) {
        clock = Optional.empty();
        gathering.segment(kept.segment(segment));
        String target = segment.target().isZero() ? "" : ", " + Lengths.clock(segment.target());
        told(ReadLine.How.HEADING,
                "%s (%s%s, %d BPM)".formatted(segment.name(), segment.role().words(), target,
                        segment.bpm().value()));
    }

    private boolean circuit(String bare) {
        if (!CircuitHead.is(bare) || CircuitHead.of(bare).built(gathering.next(),
                List.of(Item.of(gathering.next().next(), library.all().getFirst()))).value()
                .isEmpty()) {
            return false;
        }
        gathering.circuit(CircuitHead.of(bare));
        told(ReadLine.How.HEADING, bare);
        return true;
    }

    private boolean entries(String written) {
        Reading<List<Entry>> read = text.exactly(line, gathering.next());
        boolean fits = read.value().isPresent();
        if (fits) {
            gathering.line(SET_IN.matcher(written).matches());
            gathering.add(read.value().get());
            told(read.value().get(), "");
        }
        return fits;
    }

    private String print(List<Entry> entries) {
        return String.join(" + ", entries.stream().map(text::print).toList());
    }

    private void freely(String written, Shorthand.Where where) {
        List<Shorthand.Way> ways = text.shorthand().read(written, where);
        int choice = chosen.getOrDefault(number, -1);
        boolean taken = choice >= 0 && choice < ways.size();
        if (taken || !chosen.containsKey(number) && sure(ways)) {
            take(ways.get(taken ? choice : 0).meaning());
        } else if (ways.isEmpty() && titles()) {
            title = line;
            told(ReadLine.How.HEADING, title);
        } else if (ways.isEmpty() || chosen.containsKey(number)) {
            noted(written);
        } else {
            List<String> choices = ways.stream().map(each -> words(each.meaning())).distinct().limit(3)
                    .toList();
            lines.add(new ReadLine(number, line, ReadLine.How.TO_CHOOSE, "", List.of(), choices));
            faults.add(
                    new ClassText.Fault(number, line, "This can be read in more than one way, or not surely.",
                            choices));
            note(line);
        }
    }

    /** A few words that begin a new class are its title. */
    private boolean titles() {
        return lines.isEmpty() && before.segments().isEmpty() && line.split("\\s+").length <= LONGEST_TITLE
                && !line.matches(".*[.,:;!?].*");
    }

    private static boolean sure(List<Shorthand.Way> ways) {
        return !ways.isEmpty() && ways.getFirst().sure();
    }

    private void take(Meaning meaning) {
        switch (meaning) {
            case Meaning.Title(String words) -> {
                title = words;
                told(ReadLine.How.HEADING, words);
            }
            case Meaning.Part(Segment segment) -> begin(own(segment));
            case Meaning.Rounds rounds -> {
                gathering.circuit(rounds);
                told(ReadLine.How.HEADING, words(rounds));
            }
            case Meaning.Clock every -> {
                clock = Optional.of(every);
                told(ReadLine.How.READ, words(every));
            }
            case Meaning.Lines(List<Entry> found, Optional<Segment> label) -> {
                label.ifPresent(each -> gathering.segment(kept.segment(own(each))));
                List<Entry> numbered = LineText.numbered(found, gathering.next());
                gathering.add(numbered);
                told(numbered, label.map(each -> each.name() + ": ").orElse(""));
            }
            case Meaning.Combination(var moves) -> {
                combination(moves);
                told(ReadLine.How.READ, words(meaning));
            }
            case Meaning.Again(int rounds) -> {
                boolean done = gathering.again(rounds);
                told(done ? ReadLine.How.READ : ReadLine.How.NOTHING, done ? words(meaning) : "");
            }
            case Meaning.OtherSide _,Meaning.Remark _ -> told(ReadLine.How.NOTHING, "");
            case Meaning.Note(String words, var _) -> noted(words);
        }
    }

    private Segment own(Segment segment) {
        SegmentId id = gathering.nextSegment();
        return new Segment(id, segment.name(), segment.role(), segment.target(), segment.bpm(), List.of());
    }

    private void combination(Moves moves) {
        Optional<Exercise> hold = library.find(BuildUp.USUAL_HOLD);
        hold.ifPresent(march -> gathering.combination(moves.line(gathering.next(), march)));
    }

    /** What a way to read a line says, in the words of the strict form where it has some. */
    private String words(Meaning meaning) {
        return switch (meaning) {
            case Meaning.Title(String words) -> words;
            case Meaning.Part(Segment segment) -> "%s (%s)".formatted(segment.name(), segment.role().words());
            case Meaning.Rounds rounds -> "%d rounds%s%s%s".formatted(rounds.rounds(),
                    rounds.rest().isZero() ? "" : ", rest " + Lengths.notation(rounds.rest()),
                    rounds.clock().map(each -> ", " + words(each)).orElse(""),
                    rounds.name().isBlank() ? "" : ": " + rounds.name());
            case Meaning.Clock(var work, var rest) ->
                Lengths.notation(work) + " on"
                        + (rest.isZero() ? "" : ", " + Lengths.notation(rest) + " off");
            case Meaning.Lines(List<Entry> found, var _) -> print(found);
            case Meaning.Combination(var moves) -> moves.words();
            case Meaning.Again(int rounds) -> "%d rounds of what stands above".formatted(rounds);
            case Meaning.OtherSide _,Meaning.Remark _ -> "";
            case Meaning.Note(String words, var _) -> words;
        };
    }

    /** What nobody could read is a note; where it says how long, its time is kept as talk. */
    private void noted(String written) {
        Meaning.Note note = Shorthand.note(written);
        Optional<Pause> timed = note.length()
                .map(length -> Pause.of(gathering.next(), Pause.Kind.TALK).withLength(length)
                        .withName(Gathering.shortened(note.text())));
        if (timed.isPresent() && gathering.begun()) {
            gathering.add(List.of(timed.get()));
        } else {
            note(note.text());
        }
        told(ReadLine.How.NOTE, timed.map(text::print).orElse("a note of " + gathering.name()));
    }

    private void note(String words) {
        String fits = words.substring(0, Math.min(words.length(), Segment.LONGEST_NOTE / 2));
        if (gathering.hasRoom(fits)) {
            gathering.note(fits);
        } else {
            fault(words, "The note of this part is full: this line stays in the text alone.", List.of());
        }
    }

    /** Puts the lines into their segments, with what the text does not say. */
    private List<Segment> filled() {
        List<Segment> filled = new ArrayList<>();
        List<List<Entry>> all = kept.lines(gathering.lines());
        List<Segment> segments = gathering.segments();
        for (int i = 0; i < segments.size(); i++) {
            Segment segment = segments.get(i).withNote(gathering.note(i));
            try {
                filled.add(segment.withEntries(all.get(i)));
            } catch (IllegalArgumentException refusal) {
                fault(segment.name(), String.valueOf(refusal.getMessage()), List.of());
                filled.add(segment);
            }
        }
        return filled;
    }

    private void told(ReadLine.How how, String words) {
        lines.add(new ReadLine(number, line, how, words, List.of(), List.of()));
    }

    private void told(List<Entry> entries, String before) {
        lines.add(new ReadLine(number, line, ReadLine.How.READ, before + print(entries), entries, List.of()));
    }

    private void fault(String where, String sentence, List<String> choices) {
        faults.add(new ClassText.Fault(number, where, sentence, choices));
    }
}
