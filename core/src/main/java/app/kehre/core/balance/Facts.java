package app.kehre.core.balance;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

import app.kehre.core.advice.Severity;
import app.kehre.core.choosing.GroupFit;
import app.kehre.core.choosing.Unanswered;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Role;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Fact;
import app.kehre.core.finding.Finding;
import app.kehre.core.people.Limit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.proposal.Way;
import app.kehre.core.value.Named;

/**
 * Puts together what says one fact: the same limit in many lines, the areas that are not stretched, the drinks that are
 * missing. What only follows from something else that is missing, such as joints that nothing has prepared where there is
 * no warm-up, stands behind that.
 */
final class Facts {

    /** Of names no more than these are told. */
    private static final int NAMED = 3;
    private static final int MOST_WAYS = 4;
    private static final String OF_ALL = "Each of these carries a usual caution for them. Cautions are no diagnosis: the"
            + " local rules and licensed professionals come first.";
    /** What follows where there is no warm-up, and what where nothing comes at the end. */
    private static final Set<CheckKey> WITHOUT_WARM_UP = EnumSet.of(CheckKey.NOT_PREPARED,
            CheckKey.NO_PREVIEW);
    private static final Set<CheckKey> WITHOUT_END = EnumSet.of(CheckKey.NOT_RELEASED,
            CheckKey.COOL_DOWN_HIGH,
            CheckKey.ENDS_ON_A_PEAK);

    private final ClassPlan plan;
    private final Library library;
    private final Proven proven;

    private Facts(ClassPlan plan, Library library, List<Finding> all) {
        this.plan = plan;
        this.library = library;
        this.proven = new Proven(plan, library, all);
    }

    /**
     * Returns what is told of a class for some of what was found, the most serious first, each at its first place.
     *
     * @param all that is found in it
     */
    static List<Fact> of(ClassPlan plan, Library library, List<Finding> all, List<Finding> open) {
        Facts facts = new Facts(plan, library, all);
        Map<Object, List<Finding>> byFact = new LinkedHashMap<>();
        Set<Finding> behind = facts.behind(open);
        open.stream().filter(finding -> !behind.contains(finding))
                .forEach(
                        finding -> byFact.computeIfAbsent(key(finding), _ -> new ArrayList<>()).add(finding));
        return byFact.values().stream().map(facts::told).map(facts::proven)
                .sorted(Comparator.comparing(Fact::severity)).toList();
    }

    /** Returns what only follows from something that is missing, and is found itself. */
    private Set<Finding> behind(List<Finding> open) {
        Set<CheckKey> keys = EnumSet.noneOf(CheckKey.class);
        if (lacks(open, CheckKey.SHORT_WARM_UP, Role.WARM_UP)) {
            keys.addAll(WITHOUT_WARM_UP);
        }
        if (lacks(open, CheckKey.SHORT_COOL_DOWN, Role.COOL_DOWN, Role.STRETCH)) {
            keys.addAll(WITHOUT_END);
        }
        return open.stream().filter(finding -> keys.contains(finding.key())).collect(Collectors.toSet());
    }

    private boolean lacks(List<Finding> open, CheckKey cause, Role... roles) {
        List<Role> wanted = List.of(roles);
        return open.stream().anyMatch(finding -> finding.key() == cause)
                && plan.segments().stream().filter(segment -> !segment.leftOut())
                        .noneMatch(segment -> wanted.contains(segment.role()));
    }

    /** What makes one fact of several findings: mostly they are one each. */
    private static Object key(Finding finding) {
        return switch (finding.key()) {
            case CAUTION -> List.of(finding.key(), finding.detail());
            case NOT_PREPARED, NO_PREVIEW, NOT_RELEASED, NO_WATER -> finding.key();
            case ON_END -> List.of(finding.key(), finding.place());
            case FOOT, STANDING_PLACE, FACING, OFF_THE_BENCH, PHRASE, ONE_LEG, HOPS, SAME_LEAD, NEW_MOVES,
                    REPEAT,
                    PATTERN ->
                List.of(finding.key(), finding.entry());
            default -> finding;
        };
    }

    private Fact told(List<Finding> parts) {
        Finding first = parts.getFirst();
        if (first.key() == CheckKey.CAUTION) {
            return caution(parts);
        }
        return parts.size() == 1
                ? Fact.of(first)
                : new Fact(worst(parts), together(parts), first.why(), parts, () -> firstOfEach(parts));
    }

    private Fact proven(Fact fact) {
        return new Fact(fact.severity(), fact.what(), fact.why(), fact.parts(),
                () -> proven.of(fact, fact.mends()));
    }

    private static Severity worst(List<Finding> parts) {
        return parts.stream().map(Finding::severity).min(Comparator.naturalOrder()).orElseThrow();
    }

    private String together(List<Finding> parts) {
        String first = parts.getFirst().what();
        return switch (parts.getFirst().key()) {
            case NOT_RELEASED -> "Not stretched: %s.".formatted(joined(parts, ReleaseCheck::area));
            case NOT_PREPARED -> "Nothing prepares %s.".formatted(joined(parts, PreparedCheck::joint));
            case NO_PREVIEW ->
                "No easy rehearsal of %s in the warm-up.".formatted(joined(parts, PreviewCheck::move));
            case NO_WATER -> "No water %s.".formatted(joined(parts, WaterCheck::gap));
            case ON_END -> "%s: %s".formatted(
                    Mends.capital(joined(parts, ReleaseCheck::area)),
                    first.substring(first.indexOf(':') + 2));
            default -> "%s The same %s.".formatted(first,
                    parts.size() == 2 ? "once more" : "at %d more places".formatted(parts.size() - 1));
        };
    }

    private static String joined(List<Finding> parts, Function<Finding, String> words) {
        List<String> all = parts.stream().map(words).distinct().toList();
        return all.size() == 1
                ? all.getFirst()
                : String.join(", ", all.subList(0, all.size() - 1)) + " and " + all.getLast();
    }

    private Fact caution(List<Finding> parts) {
        Limit limit = Named.ofKey(Limit.class, parts.getFirst().detail()).orElseThrow();
        int people = plan.brief().having(limit);
        List<String> names = parts.stream()
                .map(part -> part.entry().flatMap(plan::find).map(Entry::name).orElse("")).distinct()
                .toList();
        String some = String.join(", ", names.subList(0, Math.min(NAMED, names.size())));
        String more = names.size() > NAMED ? " and %d more".formatted(names.size() - NAMED) : "";
        return new Fact(worst(parts), "No alternative planned for %d %s %s: %s%s.".formatted(people,
                people == 1 ? "person" : "people", limit.who(), some, more),
                parts.size() == 1 ? parts.getFirst().why() : OF_ALL, parts,
                parts.size() == 1 ? parts.getFirst()::mends : () -> answers(limit, parts));
    }

    /** Something for them in all of the lines, as one step; and what the first line alone would take. */
    private List<Way> answers(Limit limit, List<Finding> parts) {
        Set<Object> lines = parts.stream().flatMap(part -> part.entry().stream()).collect(Collectors.toSet());
        List<GroupFit.Proposal> all = Unanswered.of(plan).stream()
                .filter(open -> open.caution().limit() == limit && lines.contains(open.item().id()))
                .flatMap(open -> GroupFit.forThem(plan, library, open).stream()).<GroupFit.Proposal>map(
                        proposal -> proposal)
                .toList();
        List<Way> ways = new ArrayList<>();
        if (!all.isEmpty()) {
            String where = all.size() == parts.size()
                    ? "all " + parts.size()
                    : all.size() + " of " + parts.size();
            ways.add(Way.of("Something else for them in " + where, GroupFit.apply(plan, all)));
        }
        ways.addAll(parts.getFirst().mends());
        return ways;
    }

    /** The first way of each place, as far as they differ. */
    private static List<Way> firstOfEach(List<Finding> parts) {
        Set<String> words = new HashSet<>();
        List<Way> ways = new ArrayList<>();
        for (Finding part : parts) {
            part.mends().stream().filter(way -> words.add(way.words())).findFirst().ifPresent(ways::add);
        }
        return ways.subList(0, Math.min(MOST_WAYS, ways.size()));
    }
}
