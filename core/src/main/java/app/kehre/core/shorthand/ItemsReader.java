package app.kehre.core.shorthand;

import java.util.ArrayList;
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
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;

/** Reads the exercises of a line: which, how much, with what; what is left of it is their note. */
final class ItemsReader {

    private static final Set<String> METHOD = Lexicon
            .words("add link linked pyramid reduction layering layer layers");
    private static final int CHOICES = 3;
    private static final double MARGIN = 0.05;
    private static final double STRANGE = 0.1;

    private final NameIndex names;
    private final Situation situation;
    private final Optional<Meaning.Clock> clock;

    ItemsReader(NameIndex names, Situation situation, Optional<Meaning.Clock> clock) {
        this.names = names;
        this.situation = situation;
        this.clock = clock;
    }

    List<LineReader.Scored> read(String bare, List<Token> tokens, Optional<String> combination) {
        Brackets brackets = Brackets.of(tokens, bare, names);
        List<Part> parts = LineParse.of(brackets.tokens(), names, situation);
        List<Group> groups = new Grouping(names, situation).of(parts);
        if (groups.isEmpty()) {
            return List.of();
        }
        Optional<LineReader.Scored> moves = combination(groups, brackets.tokens(), combination);
        if (moves.isPresent()) {
            return List.of(moves.get());
        }
        String note = Leftover.note(bare, brackets, parts, groups);
        return scored(groups, note, Leftover.strange(parts, groups, brackets.tokens()));
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
        Item known = LoadOf.loaded(dosed, group.facts);
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

}
