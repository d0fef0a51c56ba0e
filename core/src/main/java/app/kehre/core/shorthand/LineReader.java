package app.kehre.core.shorthand;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

import app.kehre.core.exercise.Role;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Notes;
import app.kehre.core.plan.Pause;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.SegmentId;

/** Reads one line in all the ways in which it can be read, the most likely first. */
final class LineReader {

    /** From here on a reading is taken unasked. */
    static final double SURE = 0.7;
    /** From here on it is offered. */
    static final double POSSIBLE = 0.3;
    private static final Set<String> AGAIN = Lexicon
            .words("repeat again wiederholen through all everything whole lot it x times the"
                    + " and of that set circuit block rounds from top");
    private static final Set<String> REMARK = Lexicon
            .words("""
                    repeat all both combos combo combos together a b c d finale leads lead other side sides right left then with arms hands
                    same again from top and the to end now whole thing r l through add on track tracks everything as above half tempo 2x
                    parts blocks combi choreo choreography stations work rest
                    """);
    private static final Set<String> OTHER_SIDE = Lexicon
            .words("other second side left then now and same on the to change sides leg");
    private static final Set<String> TABLE = Lexicon
            .words("""
                    exercise exercises sets set reps rep weight weights notes note load dose block time what counts count lead move moves
                    rest kg comment comments music bpm min minutes tempo option options how segment part station stations side
                    """);

    private final NameIndex names;
    private final Situation situation;
    private final Optional<Meaning.Clock> clock;
    private final Seen seen;

    /**
     * What is known of a line beside its text.
     *
     * @param marked whether it is marked as a heading
     * @param inTable whether it is a row of a table
     */
    record Seen(boolean marked, boolean inTable) {}

    /**
     * A way in which a line can be read.
     *
     * @param meaning what it says
     * @param score how surely, 0 to 1
     */
    record Scored(Meaning meaning, double score) {}

    LineReader(NameIndex names, Situation situation, Optional<Meaning.Clock> clock, Seen seen) {
        this.names = names;
        this.situation = situation;
        this.clock = clock;
        this.seen = seen;
    }

    /** Returns the ways to read a line without its bullet, the most likely first; none where nobody could. */
    List<Scored> read(String bare) {
        List<Token> tokens = Lexer.tokens(bare);
        if (tokens.stream().noneMatch(each -> each.isWord() || each.isNumber())) {
            return List.of(new Scored(new Meaning.Remark(), 1));
        }
        Optional<Scored> plain = remark(tokens);
        if (plain.isPresent()) {
            return List.of(plain.get());
        }
        boolean layer = bare.startsWith("+") && tokens.size() <= 4
                && tokens.stream().noneMatch(Token::isNumber);
        if (layer) {
            return List.of(new Scored(new Meaning.Remark(), 0.9));
        }
        List<Scored> all = new ArrayList<>();
        head(tokens, bare).ifPresent(all::add);
        PauseReader.read(tokens, EntryId.FIRST)
                .ifPresent(pause -> all
                        .add(new Scored(new Meaning.Lines(List.of(pause), Optional.empty()), 0.9)));
        all.addAll(items(bare, tokens));
        all.sort(Comparator.comparingDouble(Scored::score).reversed());
        return all.stream().filter(each -> each.score() >= POSSIBLE).toList();
    }

    private Optional<Scored> remark(List<Token> tokens) {
        List<String> words = tokens.stream().filter(Token::isWord).map(Token::text).toList();
        if (seen.inTable() && !words.isEmpty() && TABLE.containsAll(words)) {
            return Optional.of(new Scored(new Meaning.Remark(), 1));
        }
        FactReader facts = new FactReader(tokens);
        int times = 0;
        Optional<Meaning.Clock> each = Optional.empty();
        for (int at = 0; at < tokens.size(); at++) {
            Optional<Fact> fact = facts.at(at).map(FactReader.Found::fact);
            if (fact.isPresent() && fact.get() instanceof Fact.Times(int number)) {
                times = Math.max(times, number);
            } else if (fact.isPresent() && fact.get() instanceof Fact.Rounds(int number)
                    && words.contains("through")) {
                times = Math.max(times, number);
            } else if (fact.isPresent() && fact.get() instanceof Fact.Clock(Duration on, Duration off)
                    && each.isEmpty()) {
                each = Optional.of(new Meaning.Clock(on, off));
            }
        }
        boolean again = words.contains("repeat") || words.contains("again") || words.contains("through");
        if (again && times > 1 && !words.isEmpty() && AGAIN.containsAll(words)) {
            return Optional.of(new Scored(new Meaning.Again(times), 0.9));
        }
        if (!words.isEmpty() && OTHER_SIDE.containsAll(words)
                && (words.contains("other") || words.contains("left"))) {
            return Optional.of(new Scored(new Meaning.OtherSide(), 0.9));
        }
        Set<String> telling = new HashSet<>(words);
        telling.removeAll(Lexicon.SMALL);
        if (each.isPresent() && (words.contains("each") || words.contains("every") || words.contains("all"))
                && List.of("exercise", "work", "rest", "station", "exercises", "stations", "s", "sec",
                        "seconds", "min", "off", "on", "secs")
                        .containsAll(telling)) {
            return Optional.of(new Scored(each.get(), 0.9));
        }
        if (!words.isEmpty() && Lexicon.SMALL.containsAll(words)
                && tokens.stream().noneMatch(token -> token.isNumber() || token.kind() == Token.Kind.CLOCK)) {
            return Optional.of(new Scored(new Meaning.Remark(), 0.9));
        }
        boolean letters = words.stream().allMatch(word -> word.length() == 1) && !words.isEmpty();
        return !words.isEmpty() && REMARK.containsAll(words)
                && (letters || words.contains("repeat") || words.contains("both") || words.contains("finale")
                        || words.contains("together") || words.contains("arms") && words.size() > 1
                        || words.contains("again")
                        || words.contains("leads"))
                || letters && words.size() > 1
                        ? Optional.of(new Scored(new Meaning.Remark(), 0.9))
                        : Optional.empty();
    }

    private Optional<Scored> head(List<Token> tokens, String bare) {
        return HeadReader.read(tokens, bare, seen.marked(), situation.onSteps(), situation.role())
                .map(head -> new Scored(head.circuit()
                        ? head.asRounds()
                        : new Meaning.Part(head.segment(new SegmentId(1), situation.dances())),
                        head.score()));
    }

    private List<Scored> items(String bare, List<Token> tokens) {
        Labelled labelled = label(bare, tokens);
        return new ItemsReader(names, labelled.situation(), clock)
                .read(bare, labelled.tokens(), labelled.combination()).stream()
                .map(each -> labelled.segment().isPresent() && each.meaning() instanceof Meaning.Lines lines
                        ? new Scored(new Meaning.Lines(lines.lines(), labelled.segment()), each.score())
                        : each)
                .toList();
    }

    private record Labelled(List<Token> tokens, Situation situation, Optional<Segment> segment,
            Optional<String> combination) {}

    /** "Station two: push-ups", "Cool down: walk", "Combo 1: basic, knee, v-step": what stands before a colon is no exercise. */
    private Labelled label(String bare, List<Token> tokens) {
        int colon = -1;
        boolean inside = false;
        for (int at = 1; at < tokens.size() - 1 && colon < 0; at++) {
            inside = tokens.get(at).isSign("(") || inside && !tokens.get(at).isSign(")");
            boolean station = tokens.getFirst().is("station") && tokens.get(at).is("is");
            colon = !inside && (tokens.get(at).isSign(":") || station) ? at : -1;
        }
        Set<String> said = words(tokens);
        if (colon < 0) {
            return new Labelled(tokens, situation.with(said), Optional.empty(), Optional.empty());
        }
        List<Token> before = tokens.subList(0, colon);
        List<Token> behind = tokens.subList(colon + 1, tokens.size());
        String label = bare.substring(0, tokens.get(colon).from()).strip();
        boolean combination = before.stream().map(Token::text)
                .anyMatch(each -> each.matches(
                        "combo|combi|combination|choreo|block|part" + (situation.dances() ? "|[a-d]" : "")));
        Optional<HeadReader.Head> head = HeadReader.read(before, label, true, situation.onSteps(),
                situation.role());
        boolean part = head.isPresent() && head.get().role().isPresent() && !combination
                && !head.get().circuit()
                && before.stream()
                        .noneMatch(each -> each.is("finisher") || each.is("finish") || each.is("station"));
        boolean short_ = before.stream().filter(Token::isWord).count() <= 4;
        if (part && situation.role() != head.get().role().get()) {
            Segment segment = head.get().segment(new SegmentId(1), situation.dances());
            Situation there = new Situation(segment.role(), situation.format(), situation.onSteps(),
                    Optional.empty(), said);
            return new Labelled(behind, there, Optional.of(segment), Optional.empty());
        }
        boolean named = before.stream().noneMatch(Token::isNumber) || combination || head.isPresent();
        return short_ && named
                ? new Labelled(behind, situation.with(said), Optional.empty(),
                        combination ? Optional.of(label) : Optional.empty())
                : new Labelled(tokens, situation.with(said), Optional.empty(), Optional.empty());
    }

    static Set<String> words(List<Token> tokens) {
        Set<String> said = new HashSet<>();
        tokens.stream().filter(Token::isWord)
                .forEach(each -> Lexicon.written(each.text()).forEach(word -> said.add(Lexicon.stem(word))));
        return said;
    }

    /** What nobody could read, as a note of at most so many letters as a note has. */
    static Meaning.Note note(String bare) {
        String text = bare.strip().replaceAll("\\s+", " ");
        String fits = text.substring(0, Math.min(text.length(), Notes.LONGEST));
        Optional<Duration> length = PauseReader.length(Lexer.tokens(bare))
                .filter(each -> Pause.LENGTH.problem(each).isEmpty() && each.toSeconds() >= 30);
        return new Meaning.Note(fits, length);
    }

    static List<Entry> numbered(Stream<? extends Entry> entries) {
        List<Entry> numbered = new ArrayList<>();
        entries.forEach(each -> numbered.add(each.withId(EntryId.FIRST.next(numbered.size()))));
        return numbered;
    }

    static boolean danced(Role role) {
        return role == Role.AEROBIC || role == Role.WARM_UP;
    }
}
