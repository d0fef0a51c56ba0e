package app.kehre.core.shorthand;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

import app.kehre.core.exercise.Role;

/** Gathers the parts of a line around the exercises that it names: which fact is said of which, and what is said once for all. */
final class Grouping {

    /** Behind these words an exercise is a way of doing the one before, or another for some. */
    static final Set<String> ASIDE = Lexicon
            .words("with w/ w or no not without like low option options in instead knees");

    private final NameIndex names;
    private final Situation situation;

    Grouping(NameIndex names, Situation situation) {
        this.names = names;
        this.situation = situation;
    }

    /** Returns the exercises of a line with what is said of each; none where it names none. */
    List<Group> of(List<Part> parts) {
        List<Group> groups = groups(parts);
        if (groups.isEmpty()) {
            breathing(parts).ifPresent(groups::add);
        }
        if (!groups.isEmpty()) {
            asWords(groups, parts);
            share(groups);
        }
        return groups;
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
}
