package app.kehre.core.card;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import app.kehre.core.exercise.CueWords;
import app.kehre.core.value.Reading;

/** Cue words as one text: "see: heels down; do: sit back, stand tall; feel: thighs; breathe: out coming up". */
public final class CueNotation {

    private static final String EXPECTED = "found \"%s\", expected see:, do:, feel: or breathe: and at most %d words,"
            + " each once: \"see: heels down; do: sit back\".";

    private enum Kind {
        SEE("see", CueWords::see),
        DO("do", CueWords::act),
        FEEL("feel", CueWords::feel),
        BREATHE("breathe", CueWords::breathe);

        private final String word;
        private final Function<CueWords, String> text;

        Kind(String word, Function<CueWords, String> text) {
            this.word = word;
            this.text = text;
        }

        static Optional<Kind> of(String word) {
            return Stream.of(values()).filter(each -> each.word.equalsIgnoreCase(word.strip())).findFirst();
        }
    }

    private CueNotation() {}

    /** Returns the text; empty where there is nothing to call out. */
    public static String print(CueWords cues) {
        return Stream.of(Kind.values()).filter(each -> !each.text.apply(cues).isEmpty())
                .map(each -> each.word + ": " + each.text.apply(cues)).collect(Collectors.joining("; "));
    }

    /** Reads a text as {@link #print} writes it. */
    public static Reading<CueWords> parse(String text) {
        Map<Kind, String> cues = new EnumMap<>(Kind.class);
        for (String each : text.split(";")) {
            String[] halves = each.split(":", 2);
            Optional<Kind> kind = Kind.of(halves[0]);
            if (each.isBlank()) {
                continue;
            }
            if (kind.isEmpty() || halves.length < 2 || halves[1].isBlank()
                    || cues.put(kind.get(), halves[1].strip()) != null) {
                return Reading.refused(EXPECTED.formatted(each.strip(), CueWords.WORDS.most()));
            }
        }
        try {
            return Reading.of(new CueWords(cues.getOrDefault(Kind.SEE, ""), cues.getOrDefault(Kind.DO, ""),
                    cues.getOrDefault(Kind.FEEL, ""), cues.getOrDefault(Kind.BREATHE, "")));
        } catch (IllegalArgumentException tooLong) {
            return Reading.refused(String.valueOf(tooLong.getMessage()));
        }
    }
}
