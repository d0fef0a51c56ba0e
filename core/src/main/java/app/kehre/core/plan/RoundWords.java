package app.kehre.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeMap;
import java.util.stream.Collectors;

import app.kehre.core.dose.DoseNotation;
import app.kehre.core.dose.Lengths;
import app.kehre.core.kit.LoadNotation;

/** What changes from round to round, and how an item is taught, in words. */
public final class RoundWords {

    private RoundWords() {}

    /** Returns "round 2: 9 reps, 2 heavy weights; round 3: left out"; empty when nothing changes. */
    public static String of(Item item) {
        return new TreeMap<>(item.rounds()).entrySet().stream()
                .map(each -> "round %d: %s".formatted(each.getKey(), of(each.getValue())))
                .collect(Collectors.joining("; "));
    }

    /** Returns "9 reps, 2 heavy weights, harder"; empty when nothing changes. */
    public static String of(RoundChange change) {
        if (change.out()) {
            return "left out";
        }
        List<String> words = new ArrayList<>();
        change.dose().map(DoseNotation::print).ifPresent(words::add);
        change.load().map(load -> load.isNone() ? "no load" : LoadNotation.print(load)).ifPresent(words::add);
        change.way().map(Way::words).ifPresent(words::add);
        if (!change.layer().isEmpty()) {
            words.add(change.layer());
        }
        change.explaining().map(RoundWords::of).ifPresent(words::add);
        return String.join(", ", words);
    }

    /** Returns how an item is taught where that is not usual: "known, harder, with arms". */
    public static String of(Manner manner) {
        List<String> words = new ArrayList<>();
        if (manner.known()) {
            words.add("known");
        }
        if (manner.way() != Way.STANDARD) {
            words.add(manner.way().words());
        }
        if (!manner.layer().isEmpty()) {
            words.add(manner.layer());
        }
        if (!manner.explaining().equals(Explaining.USUAL)) {
            words.add(of(manner.explaining()));
        }
        manner.changeover().map(length -> "changeover " + Lengths.notation(length)).ifPresent(words::add);
        if (manner.holdingEights() > 0) {
            words.add("holding pattern " + manner.holdingEights()
                    + (manner.holdingEights() == 1 ? " eight" : " eights"));
        }
        return String.join(", ", words);
    }

    private static String of(Explaining explaining) {
        String length = explaining.length().map(each -> " " + Lengths.notation(each)).orElse("");
        return switch (explaining.mode()) {
            case USUAL -> "explain" + length;
            case STOPS, OVER, IN_REST -> "explain%s %s".formatted(length, explaining.mode().words());
            case NONE -> "no explaining";
        };
    }
}
