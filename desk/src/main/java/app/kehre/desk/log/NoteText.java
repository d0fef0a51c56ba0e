package app.kehre.desk.log;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import app.kehre.core.log.After;
import app.kehre.core.value.Reading;

/** What is noted on a line, as it is typed: words, before them how hard it was if that is said: "8, too soon". */
final class NoteText {

    private static final Pattern HARD = Pattern.compile("(\\d{1,3})(?:\\s*[,;:]\\s*|\\s*$)(.*)");

    private NoteText() {}

    static String print(After.Note note) {
        String hard = note.hard().map(String::valueOf).orElse("");
        return hard.isEmpty() || note.words().isEmpty() ? hard + note.words() : hard + ", " + note.words();
    }

    static Reading<After.Note> read(String text) {
        Matcher hard = HARD.matcher(text.strip());
        try {
            return Reading.of(hard.matches()
                    ? new After.Note(hard.group(2).strip(), Optional.of(Integer.valueOf(hard.group(1))))
                    : new After.Note(text.strip(), Optional.empty()));
        } catch (IllegalArgumentException refused) {
            return Reading.refused(String.valueOf(refused.getMessage()));
        }
    }
}
