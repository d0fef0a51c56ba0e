package app.kehre.core.dose;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import app.kehre.core.value.Lengths;
import app.kehre.core.value.Reading;

/**
 * A dose taken apart into the fields of its kind, for an editor that has one field for each. What is put
 * together again is read by the dose notation, so that there is one set of rules.
 */
public final class DoseParts {

    /** A kind of dose, as an instructor calls it, and the dose that it starts with. */
    public enum Kind {
        /** Reps in sets. */
        REPS("reps", "12 reps"),
        /** Stages of one set. */
        STAGES("stages of a set", "6 reps, hold 6 s, 6 reps"),
        /** Rising options. */
        RUNGS("rungs", "10 > 10 > 10 reps"),
        /** A position held. */
        HOLD("hold", "hold 25 s"),
        /** A stretch. */
        STRETCH("stretch", "stretch 25 s"),
        /** Work by the clock. */
        INTERVAL("interval", "40 s on, 20 s off"),
        /** As many as possible. */
        AS_MANY("as many as possible", "as many as possible in 60 s"),
        /** Counts of the music. */
        COUNTS("counts of music", "4 eights"),
        /** A pattern of counts. */
        PATTERN("pattern of counts", "[singles 16, repeater 8, doubles 8]"),
        /** Until the instructor says stop. */
        OPEN("until you say stop", "about 2 min, give or take 30 s");

        private final String words;
        private final String start;

        Kind(String words, String start) {
            this.words = words;
            this.start = start;
        }

        /** Returns what it is called. */
        public String words() {
            return words;
        }

        /** Returns the dose that it starts with, for the sides of another. */
        public Dose start(Sides sides) {
            Dose dose = DoseNotation.parse(start).value().orElseThrow();
            return dose.withSides(sides);
        }

        /** Returns the kind of a dose. */
        public static Kind of(Dose dose) {
            return switch (dose) {
                case Reps reps when reps.order() == Reps.Order.RUNGS -> RUNGS;
                case Reps reps -> reps.stages().size() > 1 ? STAGES : REPS;
                case Hold hold -> hold.kind() == Hold.Kind.STRETCH ? STRETCH : HOLD;
                case Interval _ -> INTERVAL;
                case AsMany _ -> AS_MANY;
                case Counts _ -> COUNTS;
                case CountPattern _ -> PATTERN;
                case Open _ -> OPEN;
            };
        }
    }

    private DoseParts() {}

    /** Returns the fields of a dose by their names, in order, each as it is typed; without the sides. */
    public static Map<String, String> of(Dose dose) {
        Map<String, String> parts = new LinkedHashMap<>();
        switch (dose) {
            case Reps reps -> {
                parts.put("sets", String.valueOf(reps.sets()));
                parts.put("each set", DoseNotation.stages(reps.stages(), reps.order()));
                parts.put("rest", rest(reps.rest()));
            }
            case Hold hold -> {
                parts.put("sets", String.valueOf(hold.sets()));
                parts.put("length", DoseNotation.held(hold.held()));
                parts.put("rest", rest(hold.rest()));
            }
            case Interval interval -> {
                parts.put("work", Lengths.notation(interval.work()));
                parts.put("rest", rest(interval.rest()));
                parts.put("rounds", String.valueOf(interval.rounds()));
                parts.put("last rest", interval.lastRest() ? "yes" : "no");
            }
            case AsMany many -> {
                parts.put("time", Lengths.notation(many.length()));
                parts.put("beat", many.toBeat() == 0 ? "" : String.valueOf(many.toBeat()));
            }
            case Open open -> {
                parts.put("planned", Lengths.notation(open.planned()));
                parts.put("give or take", rest(open.tolerance()));
            }
            case Counts counts -> {
                parts.put("counts", DoseNotation.print(counts.withSides(Sides.TOGETHER)).split(",")[0]);
                parts.put("pace", counts.pace().notation());
            }
            case CountPattern pattern -> {
                parts.put("times", String.valueOf(pattern.times()));
                String text = DoseNotation.print(pattern);
                parts.put("pattern", text.substring(text.indexOf('['), text.indexOf(']') + 1));
                parts.put("pace", pattern.pace().notation());
            }
        }
        return parts;
    }

    /** Returns the dose with one of its fields set to what the text says. */
    public static Reading<Dose> with(Dose dose, String part, String text) {
        Map<String, String> parts = new LinkedHashMap<>(of(dose));
        parts.put(part, text.strip());
        if (List.of("sets", "rounds", "times").contains(part) && !text.strip().matches("\\d{1,5}")) {
            return Reading.refused("\"%s\" is no whole number of %s.".formatted(text.strip(), part));
        }
        List<String> clauses = new ArrayList<>(clauses(dose, parts));
        clauses.removeIf(String::isBlank);
        String notation = dose.sides().notation();
        boolean pairs = parts.getOrDefault("each set", "").contains("pair");
        if (!notation.isEmpty() && !pairs) {
            clauses.add(notation);
        }
        return DoseNotation.parse(String.join(", ", clauses));
    }

    private static List<String> clauses(Dose dose, Map<String, String> parts) {
        String rest = parts.getOrDefault("rest", "");
        return switch (dose) {
            case Reps _ -> List.of(times(parts.get("sets")) + "(" + parts.get("each set") + ")",
                    clause("rest", rest));
            case Hold hold -> List.of(
                    "%s%s %s".formatted(times(parts.get("sets")), hold.kind().word(), parts.get("length")),
                    clause("rest", rest));
            case Interval _ -> List.of(parts.get("work") + " on", rest.isEmpty() ? "" : rest + " off",
                    "x" + parts.get("rounds"),
                    "no".equals(parts.get("last rest")) && !rest.isEmpty() ? "no last rest" : "");
            case AsMany _ -> List.of("as many as possible in " + parts.get("time"),
                    clause("beat", parts.getOrDefault("beat", "")));
            case Open _ -> List.of("about " + parts.get("planned"),
                    clause("give or take", parts.getOrDefault("give or take", "")));
            case Counts _ -> List.of(parts.getOrDefault("counts", ""), parts.getOrDefault("pace", ""));
            case CountPattern _ -> List.of(times(parts.get("times")) + parts.get("pattern"),
                    parts.getOrDefault("pace", ""));
        };
    }

    private static String times(@org.jspecify.annotations.Nullable String number) {
        return number + " x ";
    }

    private static String clause(String word, String text) {
        return text.isEmpty() ? "" : word + " " + text;
    }

    private static String rest(java.time.Duration rest) {
        return rest.isZero() ? "" : Lengths.notation(rest);
    }
}
