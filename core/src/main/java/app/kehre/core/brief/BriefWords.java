package app.kehre.core.brief;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import app.kehre.core.kit.Equipment;
import app.kehre.core.people.Limit;

/** What people call kit, limits and small numbers when they say what a class shall be; what a kind of class usually promises. */
final class BriefWords {

    /** What halls call kit beside its noun, in lower case. */
    private static final Map<Equipment, List<String>> KIT = new EnumMap<>(Map.of(
            Equipment.WEIGHT, List.of("hand weights", "dumbbells", "weight", "dbs"),
            Equipment.LONG_BAND, List.of("resistance bands", "bands", "tubes"),
            Equipment.LOOP_BAND, List.of("loops", "loop bands", "mini bands"),
            Equipment.KETTLE_WEIGHT, List.of("kettlebells"),
            Equipment.LONG_BAR, List.of("barbells", "bars"),
            Equipment.SMALL_BALL, List.of("balls"),
            Equipment.STEP, List.of("benches"), Equipment.MAT, List.of("mat")));
    private static final Map<Limit, String> LIMITS = new EnumMap<>(Map.ofEntries(
            Map.entry(Limit.KNEE, "knees?"), Map.entry(Limit.LOW_BACK, "(?:low(?:er)? )?backs?"),
            Map.entry(Limit.WRIST, "wrists?"), Map.entry(Limit.SHOULDER, "shoulders?"),
            Map.entry(Limit.NECK, "necks?"), Map.entry(Limit.HIP, "hips?"),
            Map.entry(Limit.ANKLE_FOOT, "ankles?|feet|foot"), Map.entry(Limit.BALANCE, "balance"),
            Map.entry(Limit.PELVIC_FLOOR, "pelvic floor"),
            Map.entry(Limit.PREGNANCY, "pregnan(?:t|cy|cies)|expecting"),
            Map.entry(Limit.BLOOD_PRESSURE, "high blood pressure|blood pressure"),
            Map.entry(Limit.BONE_DENSITY, "osteoporosis|low bone density"),
            Map.entry(Limit.FATIGUE, "fatigue")));
    private static final List<String> NUMBERS = List.of("no", "one", "two", "three", "four", "five", "six",
            "seven", "eight",
            "nine", "ten");

    private BriefWords() {}

    /** Returns the words for a kind of kit, the longest first. */
    static List<String> of(Equipment kind) {
        return Stream.concat(Stream.of(kind.noun(2)), KIT.getOrDefault(kind, List.of()).stream())
                .sorted((one, other) -> other.length() - one.length()).toList();
    }

    /**
     * Returns how many pieces of a kind one person uses: fourteen people with weights have twenty-eight, one for each hand.
     *
     * @return 1 or 2
     */
    static int aPerson(Equipment kind) {
        return switch (kind) {
            case WEIGHT, DISC, BLOCK -> 2;
            case STEP, MAT, LONG_BAND, LOOP_BAND, KETTLE_WEIGHT, LONG_BAR, SMALL_BALL, ROLLER, TOWEL, CHAIR,
                    WALL,
                    BARE_FEET ->
                1;
        };
    }

    /** Returns the pattern of each limit as people say it. */
    static Map<Limit, String> limits() {
        return LIMITS;
    }

    /** Returns the number that a text says, in digits or as a word up to ten. */
    static int number(String text) {
        int word = NUMBERS.indexOf(text.toLowerCase(Locale.ROOT));
        return word >= 0 ? word : Integer.parseInt(text);
    }

    /** Returns a pattern for such a number. */
    static String numbers() {
        return "\\d{1,3}|" + String.join("|", NUMBERS.subList(1, NUMBERS.size()));
    }

    /** Returns what a kind of class promises where nothing is said (Kehre's estimate, by the kinds of docs/craft.md). */
    static Goal goal(Format format) {
        Set<Quality> promised = switch (format) {
            case LOW_IMPACT, STEP -> Set.of(Quality.ENDURANCE, Quality.COORDINATION);
            case CIRCUIT, MIXED -> Set.of(Quality.ENDURANCE, Quality.STRENGTH);
            case CONDITIONING -> Set.of(Quality.STRENGTH, Quality.WHOLE_BODY);
            case STRETCH_AND_TONE -> Set.of(Quality.STRENGTH, Quality.MOBILITY);
            case FLOOR -> Set.of(Quality.MOBILITY, Quality.BACK_CARE);
            case CHAIR -> Set.of(Quality.STRENGTH, Quality.BALANCE);
            case EXPECTING -> Set.of(Quality.BACK_CARE);
            case EXPRESS -> Set.of(Quality.WHOLE_BODY);
        };
        return new Goal(Set.of(), promised);
    }

    /** Returns the kit that was counted and the limits that were told, in words: "steps, mats; 2 knee"; may be empty. */
    static String echo(Brief brief) {
        String kit = Arrays.stream(Equipment.values()).filter(kind -> brief.room().count(kind).orElse(0) > 0)
                .map(kind -> pieces(brief, kind)).collect(Collectors.joining(", "));
        boolean none = kit.isEmpty()
                && Arrays.stream(Equipment.values()).filter(kind -> brief.room().count(kind).isPresent())
                        .count() > 1;
        String limits = brief.group().limits().entrySet().stream().sorted(Map.Entry.comparingByKey())
                .map(each -> each.getValue() + " " + each.getKey().who()).collect(Collectors.joining(", "));
        return Stream.of(none ? "no kit" : kit, limits).filter(each -> !each.isEmpty())
                .collect(Collectors.joining(" \u00b7 "));
    }

    private static String pieces(Brief brief, Equipment kind) {
        OptionalInt count = brief.room().count(kind);
        return count.orElse(0) + " " + kind.noun(count.orElse(0));
    }
}
