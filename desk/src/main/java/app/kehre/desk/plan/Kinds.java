package app.kehre.desk.plan;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

import app.kehre.core.advice.Severity;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;

/** Findings of one kind stand behind the first of them, so that sixteen cautions do not hide the one missing drink. */
final class Kinds {

    /** From so many of a kind only the first is shown. */
    private static final int MANY = 3;

    private final Set<Kind> opened = new HashSet<>();

    /**
     * A finding to show.
     *
     * @param finding that is shown
     * @param behind how many of its kind follow it, opened or not; 0 for those that follow and for few of a kind
     * @param open whether those that follow are shown
     */
    record Shown(Finding finding, int behind, boolean open) {}

    private record Kind(CheckKey check, Severity severity) {

        static Kind of(Finding finding) {
            return new Kind(finding.key(), finding.severity());
        }
    }

    /** Returns what is shown of findings, in their order; an opened kind stands together. */
    List<Shown> of(List<Finding> findings) {
        Map<Kind, List<Finding>> byKind = findings.stream()
                .collect(Collectors.groupingBy(Kind::of));
        Set<Kind> done = new HashSet<>();
        List<Shown> shown = new ArrayList<>();
        for (Finding finding : findings) {
            Kind kind = Kind.of(finding);
            List<Finding> all = byKind.getOrDefault(kind, List.of());
            if (all.size() < MANY) {
                shown.add(new Shown(finding, 0, false));
            } else if (done.add(kind)) {
                boolean open = opened.contains(kind);
                shown.add(new Shown(finding, all.size() - 1, open));
                all.stream().skip(1).filter(_ -> open).forEach(each -> shown.add(new Shown(each, 0, false)));
            }
        }
        return shown;
    }

    /** Shows the others of a kind, or hides them again. */
    void toggle(Finding finding) {
        Kind kind = Kind.of(finding);
        if (!opened.remove(kind)) {
            opened.add(kind);
        }
    }
}
