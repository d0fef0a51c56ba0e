package app.kehre.desk.log;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import app.kehre.core.log.After;
import app.kehre.core.value.Reading;

/** Who came, as it is typed: "17", "17, 2 new", "17 came, 2 new". */
final class CameText {

    private static final Pattern TYPED = Pattern
            .compile(
                    "(\\d{1,3})(?:\\s*(?:came|people))?(?:\\s*[,;]?\\s*(\\d{1,3})(?:\\s*(?:new|for the first time))?)?");

    private CameText() {}

    /** Returns it in words; empty when nobody said. */
    static String print(After after) {
        if (after.people().isEmpty()) {
            return "";
        }
        return after.people().get() + " came"
                + after.newcomers().map(fresh -> ", %d new".formatted(fresh)).orElse("");
    }

    /** Reads it into what is said of a class; an empty text says nothing. */
    static Reading<After> read(String text, After before) {
        if (text.isBlank()) {
            return Reading.of(before.withPeople(Optional.empty(), Optional.empty()));
        }
        Matcher typed = TYPED.matcher(text.strip());
        if (!typed.matches()) {
            return Reading.refused("\"%s\" was typed; a number is expected, such as \"17\" or \"17, 2 new\"."
                    .formatted(text.strip()));
        }
        try {
            return Reading.of(before.withPeople(Optional.of(Integer.valueOf(typed.group(1))),
                    Optional.ofNullable(typed.group(2)).map(Integer::valueOf)));
        } catch (IllegalArgumentException refused) {
            return Reading.refused(String.valueOf(refused.getMessage()));
        }
    }
}
