package app.kehre.core.exercise;

import java.text.Normalizer;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/** Words as people type them: without accents and hyphens, one form for singular and plural, and what muscles are called. */
final class SearchWords {

    private static final java.util.regex.Pattern MARKS = java.util.regex.Pattern.compile("\\p{M}+");
    private static final java.util.regex.Pattern JOINTS = java.util.regex.Pattern.compile("[-\u2019']");
    private static final java.util.regex.Pattern NO_WORD = java.util.regex.Pattern
            .compile("[^\\p{L}\\p{Nd}]+");
    /** Words that say nothing by themselves. */
    private static final Set<String> SMALL = Set.of("a", "an", "and", "at", "for", "in", "of", "on", "or",
            "the", "to",
            "with", "without");
    /** What people call muscle groups, beside the words of the field. */
    private static final Map<Muscle, List<String>> CALLED = new EnumMap<>(Map.ofEntries(
            Map.entry(Muscle.UPPER_BACK, List.of("traps rhomboids blades posture")),
            Map.entry(Muscle.FRONT_SHOULDER, List.of("delts deltoids shoulders")),
            Map.entry(Muscle.CHEST, List.of("pecs pectorals")),
            Map.entry(Muscle.FRONT_ARM, List.of("biceps arms")),
            Map.entry(Muscle.BACK_ARM, List.of("triceps arms")),
            Map.entry(Muscle.FOREARM, List.of("forearms hands")),
            Map.entry(Muscle.LATS, List.of("latissimus")),
            Map.entry(Muscle.LOWER_BACK, List.of("spinal erectors")),
            Map.entry(Muscle.FRONT_TRUNK, List.of("abs abdominals stomach tummy belly core")),
            Map.entry(Muscle.SIDE_TRUNK, List.of("obliques waist core")),
            Map.entry(Muscle.HIP_FLEXORS, List.of("psoas")),
            Map.entry(Muscle.BUTTOCKS, List.of("glutes bum seat bottom booty")),
            Map.entry(Muscle.OUTER_HIP, List.of("abductors glutes")),
            Map.entry(Muscle.INNER_THIGH, List.of("adductors groin")),
            Map.entry(Muscle.FRONT_THIGH, List.of("quads quadriceps")),
            Map.entry(Muscle.BACK_THIGH, List.of("hamstrings")),
            Map.entry(Muscle.CALF, List.of("calves achilles")),
            Map.entry(Muscle.SHIN, List.of("shins"))));
    /** Words shorter than this have no endings to be taken off. */
    private static final int SHORTEST = 3;
    private static final int SHORTEST_DOING = 6;

    private SearchWords() {}

    /** Returns a text in lower case, without accents, hyphens and apostrophes as spaces. */
    static String plain(String text) {
        String bare = Normalizer.normalize(text.toLowerCase(Locale.ROOT), Normalizer.Form.NFD);
        return JOINTS.matcher(MARKS.matcher(bare).replaceAll("")).replaceAll(" ");
    }

    /** Returns the words of a text, plain. */
    static List<String> of(String text) {
        return Arrays.stream(NO_WORD.split(plain(text))).filter(word -> !word.isEmpty()).toList();
    }

    /** Returns the words that say something; all of them where none does. */
    static List<String> telling(List<String> words) {
        List<String> telling = words.stream().filter(word -> !SMALL.contains(word)).toList();
        return telling.isEmpty() ? words : telling;
    }

    /** Returns a text as one phrase by which it is found whole: its stems, joined, so that hyphens do not matter. */
    static String phrase(String text) {
        StringBuilder phrase = new StringBuilder();
        telling(of(text)).forEach(word -> phrase.append(stem(word)));
        return phrase.toString();
    }

    /** Returns what people call a muscle group. */
    static List<String> called(Muscle muscle) {
        return CALLED.getOrDefault(muscle, List.of());
    }

    /** Returns a word without its ending: curls, curl and curling are one. */
    static String stem(String word) {
        int length = word.length();
        if (length >= SHORTEST_DOING && word.endsWith("ing")) {
            String root = word.substring(0, length - 3);
            boolean twice = root.charAt(root.length() - 1) == root.charAt(root.length() - 2)
                    && !root.endsWith("ss") && !root.endsWith("ll");
            return twice ? root.substring(0, root.length() - 1) : root;
        }
        if (length < SHORTEST || !word.endsWith("s") || word.endsWith("ss") || word.endsWith("us")) {
            return word;
        }
        if (word.endsWith("ies")) {
            return word.substring(0, length - 3) + "y";
        }
        boolean hissing = word.endsWith("ches") || word.endsWith("shes") || word.endsWith("sses")
                || word.endsWith("xes");
        return word.substring(0, length - (hissing ? 2 : 1));
    }
}
