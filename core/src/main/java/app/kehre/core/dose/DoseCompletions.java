package app.kehre.core.dose;

import java.util.ArrayList;
import java.util.List;

import app.kehre.core.value.Reading;

/** How a typed dose could go on, so that short forms need not be known by heart. */
public final class DoseCompletions {

    private static final List<String> CLAUSES = List.of(" 2-0-2 s", ", rest 15 s", ", each side",
            ", alternating", ", 15 s off", ", x5", ", half time", ", double time", ", beat 20",
            ", give or take 15 s", ", hold 10 s", ", 8 pulses");
    private static final List<String> BEGINNINGS = List.of("12 reps", "2 x 12 reps, rest 15 s",
            "10 > 10 > 10 reps", "6 reps, hold 6 s, 6 reps", "hold 25 s", "stretch 25 s, each side",
            "5 breaths", "40 s on, 20 s off", "4 eights", "[singles 16, repeater 8, doubles 8]",
            "as many as possible in 60 s", "about 2 min, give or take 30 s");

    private DoseCompletions() {}

    /**
     * Returns texts that a typed one could become, each of them understood: the readings of one that is
     * unclear, else the beginnings that start so, else what can still be said.
     */
    public static List<String> of(String typed) {
        String text = typed.strip();
        if (text.isEmpty()) {
            return BEGINNINGS;
        }
        Reading<Dose> reading = DoseNotation.parse(text);
        if (!reading.choices().isEmpty()) {
            return reading.choices().stream().filter(DoseCompletions::understood).toList();
        }
        List<String> found = new ArrayList<>();
        BEGINNINGS.stream().filter(each -> each.startsWith(text) && !each.equals(text)).forEach(found::add);
        if (reading.problem().isEmpty()) {
            CLAUSES.stream().map(text::concat)
                    .filter(DoseCompletions::understood).forEach(found::add);
        }
        return found;
    }

    private static boolean understood(String text) {
        return DoseNotation.parse(text).problem().isEmpty();
    }
}
