package app.kehre.core.written;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import app.kehre.core.dose.DoseNotation;
import app.kehre.core.dose.Hold;
import app.kehre.core.dose.Interval;
import app.kehre.core.dose.Reps;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Position;
import app.kehre.core.kit.LoadNotation;
import app.kehre.core.people.Limit;
import app.kehre.core.plan.Delivery;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Variant;
import app.kehre.core.value.Named;
import app.kehre.core.value.Reading;

/** What stands behind the name of an exercise: dose, load, how it is taught, what others do, in any order. */
final class ItemClauses {

    private static final String KNOWN = "known";
    private static final String LOCKED = "locked";
    /** Both sides at once, of an exercise that is usually done one side after the other. */
    private static final String TOGETHER = "together";
    private static final String OPTION = " option";
    private static final String FOR = "for ";
    private static final Pattern NUMBER = Pattern.compile("([1-6] ?[x\u00d7] ?)?(?![1-5]$)\\d{1,3}|\\d{1,3}");
    private static final Pattern TIME = Pattern
            .compile("((?:\\d{1,3} ?[x\u00d7] ?)?)(\\d{1,4} ?(?:s|min)|\\d{1,2}:\\d{2})");
    private static final Pattern COMMAS = Pattern.compile("\\s*,\\s*(?![^(\\[]*[)\\]])");

    private final Names names;

    ItemClauses(Names names) {
        this.names = names;
    }

    String print(Item item) {
        StringBuilder words = new StringBuilder(DoseNotation.print(item.dose()));
        words.append(item.exercise().shared(item.dose()).equals(item.dose()) ? "" : ", " + TOGETHER);
        if (!item.load().isNone() || !item.exercise().usualLoad().isNone()) {
            words.append(", ").append(LoadNotation.print(item.load()));
        }
        item.posed().ifPresent(position -> words.append(", ").append(position.words()));
        if (item.delivery().variant() != Variant.STANDARD) {
            words.append(", ").append(item.delivery().variant().words()).append(OPTION);
        }
        words.append(item.delivery().known() ? ", " + KNOWN : "")
                .append(item.delivery().locked() ? ", " + LOCKED : "");
        new TreeMap<>(item.instead())
                .forEach((limit, other) -> words.append(", ").append(FOR).append(limit.words())
                        .append(": ").append(names.write(other).replace(",", "")));
        return words.toString();
    }

    /** Sides that follow a number without a comma: "25 s each side". */
    private static final Pattern SIDES = Pattern.compile(
            "([^,\\s]) +(?:on |per )?((?:each|right|left) side|alternating)\\b", Pattern.CASE_INSENSITIVE);

    /** Reads them; sides that differ make two items. */
    Reading<List<Item>> read(Names.Found found, EntryId first) {
        Item item = Item.of(first, found.exercise());
        List<String> dose = new ArrayList<>();
        boolean together = false;
        String rest = SIDES.matcher(found.rest().strip().replaceFirst("^[,:]\\s*", "")).replaceAll("$1, $2");
        for (String clause : COMMAS.split(rest)) {
            Optional<Reading<Item>> told = clause.isBlank()
                    ? Optional.of(Reading.of(item))
                    : told(item, clause.strip());
            if (clause.strip().equalsIgnoreCase(TOGETHER)) {
                together = true;
            } else if (told.isEmpty()) {
                dose.add(clause.strip());
            } else if (told.get().value().isEmpty()) {
                return told.get().map(List::of);
            } else {
                item = told.get().value().get();
            }
        }
        if (dose.isEmpty()) {
            return Reading.of(List.of(together ? item.withDose(item.dose().withoutSides()) : item));
        }
        boolean silent = !together;
        return dosed(item, String.join(", ", dose)).map(items -> items.stream()
                .map(each -> silent ? each.withDose(each.exercise().shared(each.dose())) : each).toList());
    }

    /** Returns the item with what a clause says; nothing where it is of the dose. */
    private Optional<Reading<Item>> told(Item item, String clause) {
        String words = clause.toLowerCase(Locale.ROOT);
        if (words.equals(KNOWN) || words.equals(LOCKED)) {
            Delivery delivery = item.delivery();
            return Optional.of(Reading.of(item.withDelivery(
                    words.equals(KNOWN) ? delivery.withKnown(true) : delivery.withLocked(true))));
        }
        Optional<Variant> variant = Named.find(Variant.class, words.replaceFirst(OPTION + "$", ""));
        if (variant.isPresent()) {
            return Optional.of(Reading.of(item.withDelivery(item.delivery().withVariant(variant.get()))));
        }
        Optional<Position> position = Named.find(Position.class, words)
                .filter(each -> item.exercise().setting().positions().contains(each));
        if (position.isPresent()) {
            return Optional.of(Reading.of(item.withPosed(position)));
        }
        if (words.startsWith(FOR) && words.contains(": ")) {
            return Optional.of(instead(item, clause));
        }
        return LoadNotation.parse(clause).value().map(load -> Reading.of(item.withLoad(load)));
    }

    private Reading<Item> instead(Item item, String clause) {
        int at = clause.indexOf(": ");
        String who = clause.substring(FOR.length(), at).strip();
        Optional<Limit> limit = Named.find(Limit.class, who);
        return limit.isEmpty()
                ? Reading.refused("\"%s\" is none of %s.".formatted(who, Named.all(Limit.class)))
                : names.at(clause.substring(at + 2))
                        .map(found -> item.withInstead(limit.get(), found.exercise()));
    }

    private static Reading<List<Item>> dosed(Item item, String typed) {
        Optional<String> cue = DoseNotation.cue(typed);
        String text = withUnit(item.exercise(), cue.isPresent() ? DoseNotation.withoutCue(typed) : typed);
        Item noted = cue.map(item::withNote).orElse(item);
        List<String> two = DoseNotation.onTwoLines(text);
        if (two.isEmpty()) {
            return DoseNotation.parse(text).map(dose -> List.of(noted.withDose(dose)));
        }
        return DoseNotation.parse(two.getFirst()).flatMap(one -> DoseNotation.parse(two.getLast())
                .map(other -> List.of(noted.withDose(one),
                        noted.withDose(other).withId(noted.id().next()))));
    }

    /** The exercise tells the unit that is not written: 3 x 12 squats are reps, a plank of 30 s is a hold. */
    private static String withUnit(Exercise exercise, String text) {
        String head = COMMAS.split(text, 2)[0].strip();
        String rest = text.strip().substring(head.length());
        Matcher time = TIME.matcher(head);
        if (NUMBER.matcher(head).matches() && exercise.usualDose() instanceof Reps) {
            return head + " reps" + rest;
        }
        if (time.matches()) {
            return switch (exercise.usualDose()) {
                case Hold hold ->
                    time.group(1) + (hold.kind() == Hold.Kind.STRETCH ? "stretch " : "hold ") + time.group(2)
                            + rest;
                case Interval _ -> time.group(1).isEmpty() ? head + " on" + rest : text;
                default -> text;
            };
        }
        return text;
    }
}
