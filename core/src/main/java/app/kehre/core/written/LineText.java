package app.kehre.core.written;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import org.jspecify.annotations.Nullable;

import app.kehre.core.dose.DoseNotation;
import app.kehre.core.dose.Sides;
import app.kehre.core.edit.Addables;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Role;
import app.kehre.core.kit.LoadNotation;
import app.kehre.core.plan.BuildUp;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Pause;
import app.kehre.core.plan.Screen;
import app.kehre.core.shorthand.Meaning;
import app.kehre.core.shorthand.Shorthand;
import app.kehre.core.typing.CircuitNotation;
import app.kehre.core.typing.EntryText;
import app.kehre.core.value.Reading;

/** One line of a class as text: printed so that it is read again as the same, read as instructors write. */
public final class LineText {

    private static final String STAYING = "staying as they are";
    private static final String GETTING_UP = "getting up";
    private static final String COMBINATION = "Combination: ";
    private static final String SCREEN = "Screen ";
    /** What stands before a line in a mail or a list. */
    private static final Pattern BULLET = Pattern.compile("^\\s*(?:[-*\u2022\u2013]\\s+|\\d{1,2}[.)]\\s+)?");

    private static final Pattern MORE = Pattern.compile("[\\d;,]|^\\s*screen\\b", Pattern.CASE_INSENSITIVE);

    private final Names names;
    private final ClassPlan plan;
    private final Supplier<Shorthand> shorthand;
    private @Nullable Shorthand made;

    private LineText(Library library, ClassPlan plan, Supplier<Shorthand> shorthand) {
        this.names = Names.of(library, plan);
        this.plan = plan;
        this.shorthand = shorthand;
    }

    /** Returns the text of lines of a class, with the exercises of a library and its own. */
    public static LineText of(Library library, ClassPlan plan) {
        return new LineText(library, plan, () -> shorthand(library, plan));
    }

    /** Returns the same with a reader that was made before, since making one takes a few milliseconds. */
    public static LineText of(Library library, ClassPlan plan, Shorthand reader) {
        return new LineText(library, plan, () -> reader);
    }

    private static Shorthand shorthand(Library library, ClassPlan plan) {
        return Shorthand.of(Stream.concat(library.all().stream(),
                plan.lines().flatMap(line -> line.exercises().stream())).distinct().toList());
    }

    Shorthand shorthand() {
        Shorthand now = made;
        if (now == null) {
            now = shorthand.get();
            made = now;
        }
        return now;
    }

    /** Returns whether a text says more than a name: a number, a note, a clause. */
    public static boolean saysMore(String typed) {
        return MORE.matcher(typed).find();
    }

    /** Returns a line without what stands before it in a list. */
    static String bare(String line) {
        return BULLET.matcher(line).replaceFirst("").strip();
    }

    /** Returns a line as text; of a circuit its first line. */
    public String print(Entry entry) {
        String line = switch (entry) {
            case Item item -> names.write(item.exercise()) + " " + new ItemClauses(names).print(item);
            case Pause pause -> pause(pause);
            case Circuit circuit -> CircuitNotation.print(circuit) + ": " + circuit.name();
            case Screen screen -> SCREEN + DoseNotation.print(screen.dose()) + ": " + screen.name();
            case BuildUp build -> COMBINATION + build.name();
        };
        String note = entry.note().isBlank() ? "" : "; " + entry.note().strip();
        return entry instanceof Screen screen ? line + "; " + screen.failed() : line + note;
    }

    private static String capital(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    private static String pause(Pause pause) {
        String kind = capital(pause.kind().words());
        String staying = pause.staying() == (pause.kind() == Pause.Kind.REST)
                ? ""
                : ", " + (pause.staying() ? STAYING : GETTING_UP);
        return kind + " " + EntryText.dose(pause) + staying
                + (pause.name().equals(pause.kind().usualName()) ? "" : ": " + pause.name());
    }

    /**
     * Reads one line: an exercise with its dose, load and note, a pause, a screen, a combination that the class has; in the strict
     * form, or as instructors write.
     *
     * @param role of its segment, whose exercises are offered first
     * @param first the number of the first line that is made
     * @return the line, or the lines that it stands for
     */
    public Reading<List<Entry>> read(String typed, Role role, EntryId first) {
        Reading<List<Entry>> strict = exactly(typed, first);
        if (strict.value().isPresent()) {
            return strict;
        }
        List<Shorthand.Way> ways = shorthand().read(typed, Shorthand.Where.of(role, plan.brief())).stream()
                .filter(each -> each.meaning() instanceof Meaning.Lines).toList();
        if (!ways.isEmpty() && ways.getFirst().sure()
                && ways.getFirst().meaning() instanceof Meaning.Lines lines) {
            return Reading.of(numbered(lines.lines(), first));
        }
        List<String> choices = ways.stream().map(each -> print(each.meaning())).toList();
        return choices.isEmpty() ? strict : new Reading.Refused<>(strict.problem(), choices);
    }

    static List<Entry> numbered(List<Entry> lines, EntryId first) {
        List<Entry> numbered = new ArrayList<>();
        lines.forEach(each -> numbered.add(each.withId(first.next(numbered.size()))));
        return numbered;
    }

    /** Returns what a line was read as, in the strict form; several lines joined by " + ". */
    String print(Meaning meaning) {
        return meaning instanceof Meaning.Lines lines
                ? lines.lines().stream().map(this::print).collect(Collectors.joining(" + "))
                : "";
    }

    /** Reads one line in the strict form alone. */
    Reading<List<Entry>> exactly(String typed, EntryId first) {
        String line = bare(typed);
        int at = line.indexOf(';');
        String text = (at < 0 ? line : line.substring(0, at)).strip();
        String note = at < 0 ? "" : line.substring(at + 1).strip();
        if (text.isEmpty()) {
            return Reading.refused("A line needs an exercise or a pause: write it like Squat 12 reps.");
        }
        if (text.startsWith(COMBINATION)) {
            return combination(text.substring(COMBINATION.length()).strip());
        }
        if (text.regionMatches(true, 0, SCREEN, 0, SCREEN.length())) {
            return screen(text.substring(SCREEN.length()), at < 0 ? Optional.empty() : Optional.of(note),
                    first)
                    .map(List::of);
        }
        Optional<Reading<Entry>> pause = pause(text, first);
        if (pause.isPresent()) {
            return pause.get().flatMap(found -> EntryText.withNote(found, note)).map(List::of);
        }
        return names.at(text)
                .flatMap(found -> whole(found.exercise(), new ItemClauses(names).read(found, first)))
                .flatMap(items -> noted(items, note));
    }

    /** What a dose could mean is offered as a whole line. */
    private Reading<List<Item>> whole(Exercise exercise, Reading<List<Item>> reading) {
        return reading instanceof Reading.Refused<List<Item>>(String sentence, List<String> choices)
                ? new Reading.Refused<>(sentence,
                        choices.stream().map(choice -> names.write(exercise) + " " + choice).toList())
                : reading;
    }

    /**
     * Returns how a line that is begun may go on, each a whole line: behind a name the doses of its exercise, behind a
     * comma a load and the sides; nothing where neither is at hand.
     */
    public List<String> completions(String typed) {
        String line = bare(typed);
        if (line.isEmpty() || line.contains(";") || !typed.matches(".*[ ,]$")) {
            return List.of();
        }
        String begun = line.replaceFirst("[ ,]+$", "");
        return names.whole(begun).map(found -> found.rest().isBlank()
                ? doses(found.exercise())
                : additions(found.exercise(), begun, typed)).orElse(List.of());
    }

    private List<String> doses(Exercise exercise) {
        return Stream.of(exercise.usualDose(), exercise.dosing().least(), exercise.dosing().most())
                .map(DoseNotation::print).distinct().map(dose -> names.write(exercise) + " " + dose
                        + (exercise.usualLoad().isNone()
                                ? ""
                                : ", " + LoadNotation.print(exercise.usualLoad())))
                .toList();
    }

    private static List<String> additions(Exercise exercise, String begun, String typed) {
        if (!typed.strip().endsWith(",")) {
            return List.of();
        }
        List<String> more = new ArrayList<>();
        if (!exercise.usualLoad().isNone()) {
            more.add(LoadNotation.print(exercise.usualLoad()));
        }
        if (exercise.usualDose().sides() == Sides.EACH_SIDE && !begun.contains("side")) {
            more.add("each side");
        }
        return more.stream().map(each -> begun + ", " + each).toList();
    }

    private static Reading<List<Entry>> noted(List<Item> items, String note) {
        List<Entry> noted = new ArrayList<>();
        for (Item item : items) {
            String both = note.isEmpty() || item.note().isEmpty()
                    ? item.note() + note
                    : item.note() + ", " + note;
            Reading<Entry> one = EntryText.withNote(item, both);
            if (one.value().isEmpty()) {
                return one.map(List::of);
            }
            noted.add(one.value().get());
        }
        return Reading.of(noted);
    }

    private Reading<List<Entry>> combination(String name) {
        return plan.buildUps().filter(build -> build.name().equals(name)).findFirst()
                .map(build -> Reading.<List<Entry>>of(List.of(build)))
                .orElseGet(() -> Reading.refused(
                        "No combination of the class is called \"%s\": make it in its own place first."
                                .formatted(name)));
    }

    private static Reading<Entry> screen(String text, Optional<String> failed, EntryId id) {
        Screen usual = (Screen) new Addables.Addable.OfScreen().entry(id);
        int at = text.indexOf(": ");
        String dose = at < 0 ? text : text.substring(0, at);
        Screen named = at < 0 ? usual : usual.withName(text.substring(at + 2).strip());
        return EntryText.withDose(failed.map(named::withFailed).orElse(named), dose);
    }

    /** "water", "rest 20 s", "talk 60 s, keep moving: Thanks"; nothing where the line begins with something else. */
    private static Optional<Reading<Entry>> pause(String text, EntryId id) {
        int at = text.indexOf(": ");
        String before = at < 0 ? text : text.substring(0, at);
        for (Pause.Kind kind : Pause.Kind.values()) {
            for (String word : List.of(kind.words(), kind.usualName())) {
                boolean begins = before.regionMatches(true, 0, word, 0, word.length());
                String rest = begins ? before.substring(word.length()) : "";
                if (begins && (rest.isBlank() || rest.matches("[ ,]+\\d.*"))) {
                    Pause pause = Pause.of(id, kind);
                    Pause named = at < 0 ? pause : pause.withName(text.substring(at + 2).strip());
                    return Optional.of(length(named, rest.replaceFirst("^[ ,]+", "")));
                }
            }
        }
        return Optional.empty();
    }

    private static Reading<Entry> length(Pause pause, String text) {
        List<String> clauses = new ArrayList<>(List.of(text.strip().split("\\s*,\\s*")));
        boolean stays = clauses.remove(STAYING);
        boolean up = clauses.remove(GETTING_UP);
        Pause placed = stays || up ? pause.withStaying(stays) : pause;
        String rest = String.join(", ", clauses);
        return rest.isEmpty() ? Reading.of(placed) : EntryText.withDose(placed, rest);
    }
}
