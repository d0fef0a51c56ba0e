package app.kehre.core.fitting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import app.kehre.core.proposal.Change;

/** What is special about a way: the first change of a circuit or a combination in few words, the others counted. */
final class WayWords {

    private WayWords() {}

    /** Returns the words for what these changes do together. */
    static String of(List<Change> changes) {
        List<String> words = new ArrayList<>();
        Optional<Change> first = changes.stream().filter(change -> change.kind().structural()).findFirst();
        first.map(change -> change.words().replaceFirst(" instead of .*", "")).ifPresent(words::add);
        addOthers(words, changes, first, "circuit", Set.of(Change.Kind.ROUNDS, Change.Kind.RESTS));
        addOthers(words, changes, first, "combination", Set.of(Change.Kind.PHRASES));
        add(words, count(changes, Set.of(Change.Kind.OUT)), "line fewer", "lines fewer");
        add(words, count(changes, Set.of(Change.Kind.DOSE)), "dose changed", "doses changed");
        return words.isEmpty() ? "as it is" : String.join(", ", words);
    }

    private static void addOthers(List<String> words, List<Change> changes, Optional<Change> told,
            String name,
            Set<Change.Kind> kinds) {
        boolean one = told.filter(change -> kinds.contains(change.kind())).isPresent();
        String other = one ? "other " + name : name;
        add(words, count(changes, kinds) - (one ? 1 : 0), other + " changed", other + "s changed");
    }

    private static long count(List<Change> changes, Set<Change.Kind> kinds) {
        return changes.stream().filter(change -> kinds.contains(change.kind())).count();
    }

    private static void add(List<String> words, long count, String one, String several) {
        if (count > 0) {
            words.add("%d %s".formatted(count, count == 1 ? one : several));
        }
    }
}
