package app.kehre.core.choosing;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

import app.kehre.core.dose.DoseNotation;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.kit.Equipment;
import app.kehre.core.plan.Item;

/** What a swap changes, in words. */
final class SwapWords {

    /** The least difference of METs that is worth a word. */
    private static final double METS = 0.25;

    private SwapWords() {}

    static List<String> of(Item old, Item changed) {
        List<String> words = new ArrayList<>();
        Exercise before = old.exercise();
        Exercise after = changed.exercise();
        add(words, "less ", muscles(before, after));
        add(words, "more ", muscles(after, before));
        if (Math.abs(before.work().mets().value() - after.work().mets().value()) >= METS) {
            words.add("%s to %s METs".formatted(before.work().mets().number(), after.work().mets().number()));
        }
        if (before.position() != after.position()) {
            words.add(after.position().words());
        }
        add(words, "no ", kit(old.kit(), changed.kit()));
        add(words, "needs ", kit(changed.kit(), old.kit()));
        if (!old.dose().equals(changed.dose())) {
            words.add(DoseNotation.print(changed.dose()));
        }
        return words;
    }

    private static void add(List<String> words, String before, String what) {
        if (!what.isEmpty()) {
            words.add(before + what);
        }
    }

    private static String muscles(Exercise one, Exercise other) {
        return one.work().muscles().keySet().stream()
                .filter(muscle -> one.work().share(muscle) - other.work().share(muscle) >= DoneSoFar.COUNTS)
                .map(Muscle::words).collect(Collectors.joining(", "));
    }

    private static String kit(Set<Equipment> has, Set<Equipment> other) {
        return has.stream().filter(kit -> !other.contains(kit)).sorted().map(kit -> kit.noun(1))
                .collect(Collectors.joining(", "));
    }
}
