package app.kehre.core.typing;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import app.kehre.core.dose.DoseNotation;
import app.kehre.core.exercise.Style;
import app.kehre.core.kit.LoadNotation;
import app.kehre.core.plan.Delivery;
import app.kehre.core.plan.Explaining;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.RoundChange;
import app.kehre.core.plan.Variant;
import app.kehre.core.value.Lengths;

/** What changes from round to round, and how an item is taught, in words. */
public final class RoundWords {

    private RoundWords() {}

    /** Returns "round 2: 9 reps, 2 heavy weights; round 3: left out"; empty when nothing changes. */
    public static String of(Item item) {
        return new TreeMap<>(item.rounds()).entrySet().stream()
                .map(each -> "round %d: %s".formatted(each.getKey(), of(each.getValue())))
                .collect(Collectors.joining("; "));
    }

    /** Returns what people with limits do instead: "knee: Hip lift, pregnancy: Standing brace"; empty for nobody. */
    public static String instead(Item item) {
        return item.instead().entrySet().stream()
                .map(each -> each.getKey().words() + ": " + each.getValue().name())
                .collect(Collectors.joining(", "));
    }

    /** Returns the three options, with a mark at the one that is asked for. */
    public static String options(Item item) {
        return Stream.of(Variant.values()).map(variant -> switch (variant) {
            case EASIER -> "easier: " + item.exercise().easier().name();
            case STANDARD -> "standard";
            case HARDER -> "harder: " + item.exercise().harder().name();
        } + (variant == item.delivery().variant() ? " (base)" : "")).collect(Collectors.joining(" \u00b7 "));
    }

    /** Returns "9 reps, 2 heavy weights, harder"; empty when nothing changes. */
    public static String of(RoundChange change) {
        if (change.out()) {
            return "left out";
        }
        List<String> words = new ArrayList<>();
        change.dose().map(DoseNotation::print).ifPresent(words::add);
        change.load().map(load -> load.isNone() ? "no load" : LoadNotation.print(load)).ifPresent(words::add);
        change.variant().map(Variant::words).ifPresent(words::add);
        String style = change.style().map(each -> each.isEmpty() ? "plain" : Style.words(each)).orElse("");
        if (!change.layer().isEmpty() || !style.isEmpty()) {
            words.add(change.layer().isEmpty() ? style : change.layer());
        }
        change.explaining().map(RoundWords::of).ifPresent(words::add);
        return String.join(", ", words);
    }

    /** Returns how an item is taught where that is not usual: "known, harder, with arms". */
    public static String of(Delivery delivery) {
        List<String> words = new ArrayList<>();
        if (delivery.known()) {
            words.add("known");
        }
        if (delivery.variant() != Variant.STANDARD) {
            words.add(delivery.variant().words());
        }
        if (!delivery.layer().isEmpty() || !delivery.style().isEmpty()) {
            words.add(delivery.layer().isEmpty() ? Style.words(delivery.style()) : delivery.layer());
        }
        if (!delivery.explaining().equals(Explaining.USUAL)) {
            words.add(of(delivery.explaining()));
        }
        delivery.changeover().map(length -> "changeover " + Lengths.notation(length)).ifPresent(words::add);
        if (delivery.holdingEights() > 0) {
            words.add("holding pattern " + delivery.holdingEights()
                    + (delivery.holdingEights() == 1 ? " eight" : " eights"));
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
