package app.kehre.core.brief;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Supplier;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

import app.kehre.core.kit.Equipment;
import app.kehre.core.people.Group;
import app.kehre.core.people.Limit;
import app.kehre.core.people.Regulars;
import app.kehre.core.value.Reading;

/** The group and the room as the texts that are edited in place. */
public final class GroupText {

    private static final Pattern AGES = Pattern
            .compile("(\\d{1,3})\\s*(?:to|-|\u2013)\\s*(\\d{1,3})(?:\\s*years)?");
    private static final Pattern MIX = Pattern.compile(
            "(\\d{1,3})\\s*%?\\s*(?:newcomers)?[\\s,/]+(\\d{1,3})\\s*%?\\s*(?:regulars)?[\\s,/]+(\\d{1,3})\\s*%?\\s*(?:athletic)?");

    /** When newcomers are to be asked, and by whose rules (craft.md 10). */
    public static final String SCREENING = "New people are asked before their first class, by the local rules;"
            + " pregnancy, illness and clearance are for licensed professionals.";

    private GroupText() {}

    /** Returns the ages, such as "25 to 60". */
    public static String ages(Brief brief) {
        return "%d to %d".formatted(brief.group().ages().youngest(), brief.group().ages().oldest());
    }

    /** Returns the brief with the ages. */
    public static Reading<Brief> withAges(Brief brief, String text) {
        Matcher found = AGES.matcher(text.strip());
        if (!found.matches()) {
            return Reading
                    .refused("\"%s\" is no span of ages: write it like 25 to 60.".formatted(text.strip()));
        }
        return tried(() -> brief.with(brief.group().withAges(
                new Group.Ages(Integer.parseInt(found.group(1)), Integer.parseInt(found.group(2))))));
    }

    /** Returns the mix, such as "20 / 60 / 20": newcomers, regulars, athletic ones in per cent. */
    public static String mix(Brief brief) {
        Group.Mix mix = brief.group().mix();
        return "%d / %d / %d".formatted(mix.newcomers(), mix.regulars(), mix.athletic());
    }

    /** Returns the brief with the mix. */
    public static Reading<Brief> withMix(Brief brief, String text) {
        Matcher found = MIX.matcher(text.strip());
        if (!found.matches()) {
            return Reading
                    .refused(("\"%s\" is no mix: write the shares of newcomers, regulars and athletic ones"
                            + " like 20 / 60 / 20.").formatted(text.strip()));
        }
        return tried(() -> brief.with(brief.group().withMix(new Group.Mix(Integer.parseInt(found.group(1)),
                Integer.parseInt(found.group(2)), Integer.parseInt(found.group(3))))));
    }

    /** Returns how many have a limit; empty for nobody known. */
    public static String limit(Brief brief, Limit limit) {
        int count = brief.group().with(limit);
        return count == 0 ? "" : String.valueOf(count);
    }

    /** Returns the brief with so many who have a limit; an empty text for nobody. */
    public static Reading<Brief> withLimit(Brief brief, Limit limit, String text) {
        if (text.isBlank()) {
            return Reading.of(brief.with(brief.group().withLimit(limit, 0)));
        }
        return switch (Group.WITH_LIMIT.read(text, "people|person", "2")) {
            case Reading.Understood<Integer>(Integer count) ->
                tried(() -> brief.with(brief.group().withLimit(limit, count)));
            case Reading.Refused<Integer> refused -> Reading.refused(refused.sentence());
        };
    }

    /** Returns the floor, such as "80 m²"; empty where it was not measured. */
    public static String floor(Brief brief) {
        return brief.room().floor() == 0 ? "" : brief.room().floor() + " m\u00b2";
    }

    /** Returns the brief with the floor; an empty text for not measured. */
    public static Reading<Brief> withFloor(Brief brief, String text) {
        return text.isBlank()
                ? Reading.of(brief.with(brief.room().withFloor(0)))
                : Room.FLOOR.read(text, "m\u00b2|m2|sqm", "80 m\u00b2")
                        .map(floor -> brief.with(brief.room().withFloor(floor)));
    }

    /** Returns how many pieces of a kind there are; empty where nobody counted. */
    public static String pieces(Brief brief, Equipment kit) {
        OptionalInt count = brief.room().count(kit);
        return count.isPresent() ? String.valueOf(count.getAsInt()) : "";
    }

    /** Returns the brief with so many pieces of a kind; an empty text for not counted. */
    public static Reading<Brief> withPieces(Brief brief, Equipment kit, String text) {
        return text.isBlank()
                ? Reading.of(brief.with(brief.room().withCount(kit, OptionalInt.empty())))
                : Room.PIECES.read(text, "pieces|piece", "18")
                        .map(count -> brief.with(brief.room().withCount(kit, OptionalInt.of(count))));
    }

    /** Returns the group in a few words: "25 to 60 · 3 knee, 1 pregnancy". */
    public static String words(Brief brief) {
        List<String> words = new ArrayList<>();
        words.add(brief.group().older() ? "older group" : ages(brief));
        String limits = brief.group().limits().entrySet().stream()
                .sorted(java.util.Map.Entry.comparingByKey())
                .map(each -> each.getValue() + " " + each.getKey().words()).collect(Collectors.joining(", "));
        if (!limits.isEmpty()) {
            words.add(limits);
        }
        return String.join(" \u00b7 ", words);
    }

    private static <T> Reading<T> tried(Supplier<T> value) {
        try {
            return Reading.of(value.get());
        } catch (IllegalArgumentException refusal) {
            return Reading.refused(String.valueOf(refusal.getMessage()));
        }
    }

    /** Returns the name of the group that comes each week; empty for none. */
    public static String regulars(Brief brief) {
        return brief.group().regulars().name();
    }

    /** Reads the name of the group that comes each week; what another group knows is forgotten. */
    public static Reading<Brief> withRegulars(Brief brief, String text) {
        try {
            return Reading.of(brief.with(brief.group().withRegulars(new Regulars(text, Set.of()))));
        } catch (IllegalArgumentException refused) {
            return Reading.refused(String.valueOf(refused.getMessage()));
        }
    }
}
