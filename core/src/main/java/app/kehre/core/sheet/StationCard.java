package app.kehre.core.sheet;

import java.util.ArrayList;
import java.util.List;

import app.kehre.core.dose.ShortDose;
import app.kehre.core.kit.LoadNotation;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Item;

/**
 * What lies at a station of a circuit, read by those who come to it.
 *
 * @param circuit its name
 * @param number of the station, from 1
 * @param name of the exercise
 * @param dose how much, in few signs
 * @param load with what; may be empty
 * @param options easier and harder
 * @param sides "change sides at half time", or where one side has its turn in each round, that; may be empty
 */
public record StationCard(String circuit, int number, String name, String dose, String load,
        List<String> options,
        String sides) {

    public StationCard {
        options = List.copyOf(options);
    }

    /** Returns a card for each station of each circuit that is taught. */
    public static List<StationCard> of(ClassPlan plan) {
        return plan.segments().stream().filter(segment -> !segment.leftOut())
                .flatMap(segment -> segment.entries().stream()).filter(Circuit.class::isInstance)
                .flatMap(entry -> of((Circuit) entry).stream()).toList();
    }

    private static List<StationCard> of(Circuit circuit) {
        List<StationCard> cards = new ArrayList<>();
        for (Item item : circuit.items()) {
            cards.add(
                    new StationCard(circuit.name(), cards.size() + 1, item.name(), ShortDose.of(item.dose()),
                            item.load().isNone() ? "" : LoadNotation.print(item.load()),
                            List.of("easier: " + item.exercise().easier().name(),
                                    "harder: " + item.exercise().harder().name()),
                            sides(item)));
        }
        return cards;
    }

    private static String sides(Item item) {
        return switch (item.dose().sides()) {
            case EACH_SIDE -> "right, then left";
            case EACH_SIDE_LEFT_FIRST -> "left, then right";
            case SIDE_A_ROUND -> "right in the first round, left in the next";
            case SIDE_A_ROUND_LEFT_FIRST -> "left in the first round, right in the next";
            case RIGHT_SIDE -> "right side";
            case LEFT_SIDE -> "left side";
            case ALTERNATING -> "in turn, right and left";
            case TOGETHER -> "";
        };
    }
}
