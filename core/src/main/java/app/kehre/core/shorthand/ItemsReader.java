package app.kehre.core.shorthand;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

import app.kehre.core.choreography.Method;
import app.kehre.core.dose.Dose;
import app.kehre.core.dose.Interval;
import app.kehre.core.dose.Sides;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Position;
import app.kehre.core.exercise.Role;
import app.kehre.core.kit.Equipment;
import app.kehre.core.kit.Load;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Notes;

/** Reads the exercises of a line: which, how much, with what; what is left of it is their note. */
final class ItemsReader {

    /** Behind these words an exercise is a way of doing the one before, or another for some. */
    private static final Set<String> ASIDE = Lexicon
            .words("with w/ w or no not without like low option options in instead knees");
    private static final Set<String> METHOD = Lexicon
            .words("add link linked pyramid reduction layering layer layers");
    private static final int CHOICES = 3;
    private static final double MARGIN = 0.05;
    private static final double STRANGE = 0.1;
    /** A number that says nothing may be a dose or a load that was not understood. */
    private static final int UNREAD_NUMBER = 10;

    private final NameIndex names;
    private final Situation situation;
    private final Optional<Meaning.Clock> clock;

    ItemsReader(NameIndex names, Situation situation, Optional<Meaning.Clock> clock) {
        this.names = names;
        this.situation = situation;
        this.clock = clock;
    }

    /** One exercise of a line and what is said of it. */
    private static final class Group {
        private final Part.Name name;
        private final List<Fact> facts = new ArrayList<>();

        private Group(Part.Name name) {
            this.name = name;
        }

        private boolean dosed() {
            return facts.stream()
                    .anyMatch(each -> !(each instanceof Fact.With) && !(each instanceof Fact.Side)
                            && !(each instanceof Fact.Pace));
        }

        private boolean saysEach() {
            return facts.stream().anyMatch(each -> each instanceof Fact.Side(Sides _, boolean bare) && bare);
        }
    }

    List<LineReader.Scored> read(String bare, List<Token> tokens, Optional<String> combination) {
        Brackets brackets = Brackets.of(tokens, bare, names);
        List<Part> parts = LineParse.of(brackets.tokens(), names, situation);
        List<Group> groups = groups(parts);
        if (groups.isEmpty()) {
            breathing(parts).ifPresent(groups::add);
        }
        if (groups.isEmpty()) {
            return List.of();
        }
        asWords(groups, parts);
        share(groups);
        Optional<LineReader.Scored> moves = combination(groups, brackets.tokens(), combination);
        if (moves.isPresent()) {
            return List.of(moves.get());
        }
        String note = note(bare, brackets, parts, groups);
        return scored(groups, note, strange(parts, groups, brackets.tokens()));
    }

    /** Breaths alone are breathing. */
    private Optional<Group> breathing(List<Part> parts) {
        List<Fact> facts = parts.stream()
                .flatMap(each -> each instanceof Part.Said said ? Stream.of(said.fact()) : Stream.empty())
                .toList();
        boolean breaths = facts.stream().anyMatch(Fact.Breaths.class::isInstance);
        List<Candidate> found = breaths
                ? situation.ranked(names, List.of(Lexicon.stem("breathe")))
                : List.of();
        if (found.isEmpty()) {
            return Optional.empty();
        }
        Group group = new Group(new Part.Name(0, 0, found, 2, true));
        group.facts.addAll(facts);
        return Optional.of(group);
    }

    /**
     * What follows a dosed exercise behind a comma, names one as well and has words of its own around it is said of the first: "hold
     * on to the wall if you need to".
     */
    private static void asWords(List<Group> groups, List<Part> parts) {
        while (groups.size() > 1 && groups.getFirst().dosed() && groups.getLast().facts.isEmpty()
                && sentence(groups.getLast().name, parts)) {
            groups.removeLast();
        }
    }

    private static boolean sentence(Part.Name name, List<Part> parts) {
        int comma = 0;
        int around = 0;
        for (Part part : parts) {
            boolean before = part.to() <= name.from();
            comma = before && part instanceof Part.Joint(int _, int to, String sign) && sign.equals(",")
                    ? to
                    : comma;
        }
        for (Part part : parts) {
            boolean own = part.from() >= comma && comma > 0 && !part.equals(name);
            around += own && (part instanceof Part.Small || part instanceof Part.Unknown
                    || part instanceof Part.Name) ? 1 : 0;
        }
        return around >= 2;
    }

    private List<Group> groups(List<Part> parts) {
        List<Part.Name> strong = strong(parts);
        List<Group> groups = new ArrayList<>();
        List<Fact> waiting = new ArrayList<>();
        boolean joined = false;
        for (int i = 0; i < parts.size(); i++) {
            boolean dosed = i + 1 < parts.size() && parts.get(i + 1) instanceof Part.Said;
            switch (parts.get(i)) {
                case Part.Name name when strong.contains(name) && !groups.isEmpty() && waiting.isEmpty()
                        && !dosed && groups.getLast().name.best().exercise().equals(name.best().exercise()) ->
                    joined = false;
                case Part.Name name when strong.contains(name) -> {
                    Group group = new Group(name);
                    group.facts.addAll(waiting);
                    waiting.clear();
                    groups.add(group);
                    joined = false;
                }
                case Part.Said(int _, int _, Fact fact) -> {
                    boolean before = groups.isEmpty() || joined && next(parts, i + 1, strong);
                    // "16 heel digs" are sixteen of them, whatever a bare number behind the name would count.
                    Fact said = before && fact instanceof Fact.Bare(int number)
                            ? new Fact.Reps(number)
                            : fact;
                    (before ? waiting : groups.getLast().facts).add(said);
                }
                case Part.Joint _ -> joined = true;
                case Part.Name _,Part.Small _,Part.Unknown _ -> {
                }
            }
        }
        if (!groups.isEmpty()) {
            groups.getLast().facts.addAll(waiting);
        }
        return groups;
    }

    /** Whether the next exercise follows with nothing but facts and small words between. */
    private static boolean next(List<Part> parts, int from, List<Part.Name> strong) {
        for (int i = from; i < parts.size(); i++) {
            switch (parts.get(i)) {
                case Part.Name name -> {
                    return strong.contains(name);
                }
                case Part.Joint _ -> {
                    return false;
                }
                case Part.Said _,Part.Small _,Part.Unknown _ -> {
                }
            }
        }
        return false;
    }

    /** The names that stand for an exercise each; the best of all where none does. */
    private static List<Part.Name> strong(List<Part> parts) {
        List<Part.Name> all = new ArrayList<>();
        List<Part.Name> strong = new ArrayList<>();
        String before = "";
        boolean aside = false;
        for (Part part : parts) {
            if (part instanceof Part.Name name) {
                all.add(name);
                if (name.strong() && !aside) {
                    strong.add(name);
                }
            }
            before = part instanceof Part.Small(int _, int _, String word) ? word : "";
            aside = !before.isEmpty() && ASIDE.contains(before) && !strong.isEmpty()
                    || aside && (part instanceof Part.Small || part instanceof Part.Said);
        }
        return strong.isEmpty()
                ? all.stream()
                        .max(Comparator.comparingDouble(each -> each.best().total() + 0.2 * each.words()))
                        .stream().toList()
                : strong;
    }

    /** What is said once for several is said of each: "quads, hams, chest 20 s each". */
    private void share(List<Group> groups) {
        if (groups.size() < 2) {
            return;
        }
        Group last = groups.getLast();
        boolean others = groups.subList(0, groups.size() - 1).stream().noneMatch(Group::dosed);
        if (others && last.dosed()) {
            boolean each = last.saysEach() || situation.role() == Role.STRETCH
                    || situation.role() == Role.COOL_DOWN
                    || last.facts.stream().anyMatch(Fact.Side.class::isInstance);
            last.facts.replaceAll(fact -> each ? fact : shared(fact, groups.size()));
            groups.subList(0, groups.size() - 1).forEach(other -> other.facts.addAll(last.facts));
        }
    }

    /** A length that is not said of each is that of all together. */
    private static Fact shared(Fact fact, int among) {
        return fact instanceof Fact.Time(Duration length, boolean about)
                ? new Fact.Time(Duration.ofSeconds(Math.max(1, length.toSeconds() / among)), about)
                : fact;
    }

    private Optional<LineReader.Scored> combination(List<Group> groups, List<Token> tokens,
            Optional<String> label) {
        boolean method = tokens.stream().anyMatch(each -> METHOD.contains(each.text()));
        boolean danced = groups.stream().allMatch(each -> dances(each).isPresent());
        int least = label.isPresent() || method ? 2 : 3;
        boolean long_ = groups.stream().flatMap(each -> each.facts.stream()).anyMatch(each -> switch (each) {
            case Fact.Music(int counts) -> counts > 16;
            case Fact.Bare(int number) -> number > 16;
            case Fact.Sets _,Fact.SetsOf _,Fact.Time _,Fact.Clock _,Fact.AsMany _,Fact.With _,Fact.Held _ ->
                true;
            case Fact.Times _,Fact.Reps _,Fact.Pulses _,Fact.Breaths _,Fact.Rounds _,Fact.Rest _,Fact.Most _,Fact.Side _,Fact.Pace _,Fact.MusicPace _,Fact.OptionOf _,Fact.Tempo _ ->
                false;
        });
        boolean wanted = label.isPresent() || method || situation.role() == Role.AEROBIC;
        if (!wanted || !danced || groups.size() < least || long_ && !method && label.isEmpty()) {
            return Optional.empty();
        }
        List<Moves.Move> moves = new ArrayList<>();
        for (Group each : groups) {
            Exercise move = dances(each).orElseThrow();
            boolean again = !moves.isEmpty() && moves.getLast().exercise().equals(move);
            if (!again) {
                moves.add(new Moves.Move(move, times(each, move)));
            }
        }
        return Optional.of(new LineReader.Scored(
                new Meaning.Combination(new Moves(label.orElse(""), moves, method(tokens))), 0.9));
    }

    /** The best of the exercises that a name may mean which has footwork. */
    private static Optional<Exercise> dances(Group group) {
        double best = group.name.best().quality();
        return group.name.candidates().stream()
                .filter(each -> each.exercise().footwork().isPresent() && each.quality() > best - 0.3)
                .map(Candidate::exercise).findFirst();
    }

    private static int times(Group group, Exercise move) {
        int row = move.footwork().orElseThrow().counts();
        return group.facts.stream().mapToInt(each -> switch (each) {
            case Fact.Bare(int number) -> number;
            case Fact.Times(int number) -> number;
            case Fact.Reps(int number) -> number;
            case Fact.Music(int counts) -> Math.max(1, counts / row);
            case Fact.Pulses _,Fact.Sets _,Fact.SetsOf _,Fact.Time _,Fact.Held _,Fact.Breaths _,Fact.Clock _,Fact.Rounds _,Fact.Rest _,Fact.AsMany _,Fact.Most _,Fact.Side _,Fact.With _,Fact.Pace _,Fact.MusicPace _,Fact.OptionOf _,Fact.Tempo _ ->
                0;
        }).max().orElse(0);
    }

    private static Method method(List<Token> tokens) {
        Set<String> words = LineReader.words(tokens);
        if (words.contains("link")) {
            return Method.LINK;
        }
        if (words.contains("pyramid") || words.contains("reduction")) {
            return Method.REDUCTION;
        }
        return words.contains("layer") ? Method.LAYERING : Method.ADD_ON;
    }

    /** How many words nobody knows, those in brackets and behind the last fact aside. */
    private static int strange(List<Part> parts, List<Group> groups, List<Token> tokens) {
        int strange = 0;
        int end = parts.stream().filter(each -> each instanceof Part.Said || each instanceof Part.Name name
                && groups.stream().anyMatch(group -> group.name.equals(name))).mapToInt(Part::to).max()
                .orElse(0);
        for (Part part : parts) {
            boolean chosen = part instanceof Part.Name name
                    && groups.stream().anyMatch(group -> group.name.equals(name));
            boolean unread = part instanceof Part.Unknown || part instanceof Part.Name && !chosen;
            boolean number = part instanceof Part.Unknown && tokens.get(part.from()).isNumber();
            strange += number ? UNREAD_NUMBER : unread && part.to() <= end ? 2 : unread ? 1 : 0;
        }
        return strange;
    }

    private List<LineReader.Scored> scored(List<Group> groups, String note, int strange) {
        double worth = 1;
        for (Group group : groups) {
            worth = Math.min(worth, sure(group));
        }
        boolean counted = groups.stream().anyMatch(each -> !each.facts.isEmpty());
        double less = STRANGE / 2 * strange * (counted ? 0.7 : strange > 1 ? 3.5 : 1.6);
        List<LineReader.Scored> all = new ArrayList<>();
        int most = groups.size() == 1 ? CHOICES : 1;
        Part.Name first = groups.getFirst().name;
        for (int i = 0; i < Math.min(most, first.candidates().size()); i++) {
            Candidate chosen = first.candidates().get(i);
            double score = (i == 0 ? worth : Math.min(0.65, chosen.quality())) - less;
            int at = i;
            lines(groups, at, note).ifPresent(lines -> all
                    .add(new LineReader.Scored(new Meaning.Lines(lines, Optional.empty()), score)));
        }
        return all;
    }

    /** A whole name is sure, unless another exercise has it as well and fits as well. */
    private double sure(Group group) {
        List<Candidate> found = group.name.candidates();
        Candidate best = found.getFirst();
        double second = found.size() > 1 ? found.get(1).total() : 0;
        boolean rival = found.size() > 1 && found.get(1).quality() >= best.quality() - 0.12;
        double quality = group.name.words() == 1 && best.quality() < 0.9
                ? best.quality() - 0.1
                : best.quality();
        boolean alike = rival && best.exercise().rests() && found.get(1).exercise().rests()
                && best.exercise().main().equals(found.get(1).exercise().main());
        return best.total() - second < MARGIN && rival && !alike ? Math.min(0.66, quality) : quality;
    }

    private Optional<List<Entry>> lines(List<Group> groups, int choice, String note) {
        List<Item> items = new ArrayList<>();
        for (Group group : groups) {
            Candidate candidate = group.name.candidates().get(items.isEmpty() ? choice : 0);
            items.add(item(candidate, group, groups.size() == 1));
        }
        if (!note.isEmpty()) {
            items.set(items.size() - 1, items.getLast().withNote(note));
        }
        return Optional.of(LineReader.numbered(items.stream()));
    }

    private Item item(Candidate candidate, Group group, boolean alone) {
        Exercise exercise = candidate.exercise();
        boolean seated = situation.words().contains("seat") || situation.words().contains("sitt");
        Item usual = Item.of(EntryId.FIRST, exercise);
        Item placed = seated && exercise.setting().others().contains(Position.SEATED_CHAIR)
                ? usual.withPosed(Optional.of(Position.SEATED_CHAIR))
                : usual;
        Optional<Dose> dose = clock.isPresent() && !group.dosed()
                ? Optional.empty()
                : DoseOf.of(exercise, group.facts, situation.role(), alone);
        Item dosed = dose.map(placed::withDose).orElseGet(() -> clocked(placed, group.facts));
        Item known = loaded(dosed, group.facts);
        return group.facts.stream().flatMap(each -> each instanceof Fact.OptionOf(var variant)
                ? Stream.of(variant)
                : Stream.empty()).findFirst()
                .map(variant -> known.withDelivery(known.delivery().withVariant(variant))).orElse(known);
    }

    private Item clocked(Item item, List<Fact> facts) {
        Sides sides = facts.stream()
                .flatMap(each -> each instanceof Fact.Side(Sides said, boolean bare) && !bare
                        ? Stream.of(said)
                        : Stream.empty())
                .findFirst().orElse(Sides.TOGETHER);
        return clock.map(each -> item.withDose(new Interval(each.work(), each.rest(), 1, true, sides)))
                .orElse(item);
    }

    /** A weight without a number is as many as the exercise usually has. */
    private static Item loaded(Item item, List<Fact> facts) {
        Item loaded = item;
        for (Fact fact : facts) {
            if (fact instanceof Fact.With(Load load, boolean open)) {
                loaded = loaded.withLoad(open ? asUsual(load, item.exercise()) : load);
            }
        }
        return loaded;
    }

    private static Load asUsual(Load load, Exercise exercise) {
        if (load.isNone()) {
            return load;
        }
        Load.Piece piece = load.pieces().getFirst();
        Optional<Load.Piece> usual = exercise.usualLoad().find(piece.kit());
        boolean sized = !piece.size().equals(Load.Size.UNSIZED);
        if (usual.isPresent()) {
            return new Load(List.of(new Load.Piece(piece.kit(), sized ? piece.size() : usual.get().size(),
                    usual.get().howMany(), usual.get().where(), 0)));
        }
        // "light" of a band exercise is a light band.
        Optional<Load.Piece> other = exercise.usualLoad().pieces().stream().filter(each -> sized
                && piece.kit() == Equipment.WEIGHT && !(piece.size() instanceof Load.Size.Kilos)).findFirst();
        return other.map(each -> new Load(List.of(
                new Load.Piece(each.kit(), piece.size(), each.howMany(), each.where(), each.risers()))))
                .orElseGet(() -> new Load(List.of(new Load.Piece(piece.kit(), piece.size(),
                        piece.kit() == Equipment.WEIGHT ? 2 : 1, Load.Where.USUAL, 0))));
    }

    /** The instructor's own words that say no exercise and no dose: what stood in brackets, then what nobody knows. */
    private static String note(String bare, Brackets brackets, List<Part> parts, List<Group> groups) {
        List<String> notes = new ArrayList<>(brackets.notes());
        int from = -1;
        int to = -1;
        for (Part part : parts) {
            boolean chosen = part instanceof Part.Name name
                    && groups.stream().anyMatch(group -> group.name.equals(name));
            boolean breaks = part instanceof Part.Said || chosen
                    || part instanceof Part.Joint(int _, int _, String sign) && ",-/+".contains(sign);
            boolean unread = part instanceof Part.Unknown || part instanceof Part.Name && !chosen;
            boolean small = part instanceof Part.Small;
            if (unread || small && from < 0 && part instanceof Part.Small(int _, int _, String word)
                    && ASIDE.contains(word) || small && from >= 0) {
                from = from < 0 ? part.from() : from;
                to = part.to();
            } else if (breaks && from >= 0) {
                add(notes, bare, brackets.tokens(), from, to);
                from = -1;
            }
        }
        if (from >= 0) {
            add(notes, bare, brackets.tokens(), from, to);
        }
        String note = String.join(", ", notes).replaceAll("\\s+", " ").strip();
        return note.substring(0, Math.min(note.length(), Notes.LONGEST));
    }

    private static void add(List<String> notes, String bare, List<Token> tokens, int from, int to) {
        String words = bare.substring(tokens.get(from).from(), tokens.get(to - 1).to()).strip()
                .replaceAll("[\\s:,(\\-\u2013\u2014|/]+$", "");
        boolean says = tokens.subList(from, to).stream()
                .anyMatch(each -> each.isWord() && !Lexicon.SMALL.contains(each.text()));
        if (!words.isEmpty() && says) {
            notes.add(words);
        }
    }
}
