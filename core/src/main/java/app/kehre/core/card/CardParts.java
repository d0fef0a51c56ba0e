package app.kehre.core.card;

import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.stream.Stream;

import app.kehre.core.exercise.Caution;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.people.Limit;
import app.kehre.core.value.Named;

/** The parts of a card that are pointed at instead of typed. What a text says besides is left out, never guessed. */
public final class CardParts {

    private CardParts() {}

    /** Returns the muscle groups of a card with their shares, as far as they can be read. */
    public static Map<Muscle, Double> muscles(Card card) {
        Map<Muscle, Double> shares = new EnumMap<>(Muscle.class);
        texts(card, Field.MUSCLES).forEach(text -> {
            Matcher found = CardReader.SHARE.matcher(text);
            boolean shared = found.matches();
            Named.find(Muscle.class, shared ? found.group(1) : text)
                    .ifPresent(
                            muscle -> shares.put(muscle, shared ? Double.parseDouble(found.group(2)) : 1.0));
        });
        return shares;
    }

    /**
     * Returns the card with another share of a muscle group; 0 takes it away.
     *
     * @param share of the work that falls on it, 0 to 1
     */
    public static Card with(Card card, Muscle muscle, double share) {
        Map<Muscle, Double> shares = muscles(card);
        if (share > 0) {
            shares.put(muscle, share);
        } else {
            shares.remove(muscle);
        }
        return card.with(Field.MUSCLES, CardWords.muscles(shares));
    }

    /** Returns the terms of a list in a field, as far as they can be read. */
    public static <T extends Enum<T> & Named> Set<T> terms(Card card, Field field, Class<T> list) {
        Set<T> terms = EnumSet.noneOf(list);
        texts(card, field).forEach(text -> Named.find(list, text).ifPresent(terms::add));
        return terms;
    }

    /** Returns the card with other terms in a field. */
    public static <T extends Enum<T> & Named> Card with(Card card, Field field, Collection<T> terms) {
        return card.with(field, CardWords.terms(terms));
    }

    /** Returns the cautions of a card, as far as they can be read. */
    public static List<Caution> cautions(Card card) {
        List<Caution> cautions = new ArrayList<>();
        texts(card, Field.CAUTIONS).forEach(text -> {
            Matcher found = CardReader.NAMED.matcher(text);
            if (found.matches()) {
                Named.find(Limit.class, found.group(1)).ifPresent(limit -> cautions.add(new Caution(limit,
                        found.group(2), Optional.ofNullable(found.group(3)).orElse(""))));
            }
        });
        return cautions;
    }

    /** Returns the card with a caution in the place of the one for the same limit. */
    public static Card with(Card card, Caution caution) {
        List<Caution> cautions = new ArrayList<>(cautions(card));
        cautions.removeIf(each -> each.limit() == caution.limit());
        cautions.add(caution);
        return with(card, cautions);
    }

    /** Returns the card without a caution for a limit. */
    public static Card without(Card card, Limit limit) {
        return with(card, cautions(card).stream().filter(each -> each.limit() != limit).toList());
    }

    private static Card with(Card card, List<Caution> cautions) {
        return card.with(Field.CAUTIONS,
                String.join("; ", cautions.stream().map(CardWords::caution).toList()));
    }

    private static List<String> texts(Card card, Field field) {
        return Stream.of(card.text(field).split(";")).map(String::strip).filter(each -> !each.isEmpty())
                .toList();
    }
}
