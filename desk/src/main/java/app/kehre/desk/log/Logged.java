package app.kehre.desk.log;

import java.util.List;
import java.util.Optional;

import app.kehre.core.log.ClassRecord;
import app.kehre.core.log.LearnedPace;
import app.kehre.core.log.PaceWishes;
import app.kehre.core.log.RecordKey;
import app.kehre.core.pace.Pace;
import app.kehre.core.studio.RecordRow;
import app.kehre.core.studio.Studio;
import app.kehre.core.studio.StudioTrouble;
import app.kehre.core.studio.Truth;

/**
 * What the Log place shows, read in one go.
 *
 * @param shown the class that is looked at
 * @param rows the classes that are looked for
 * @param learned the pace that is learned
 * @param wishes what is wanted of it
 * @param truths how true the plans were
 * @param groups the groups that were taught
 */
record Logged(Optional<ClassRecord> shown, List<RecordRow> rows, LearnedPace learned, PaceWishes wishes,
        List<Truth> truths, List<String> groups) {

    /** Nothing was taught yet. */
    static final Logged NOTHING = new Logged(Optional.empty(), List.of(),
            LearnedPace.of(Pace.USUAL, List.of(), PaceWishes.NONE), PaceWishes.NONE, List.of(), List.of());
    private static final int MOST_ROWS = 300;
    private static final int MOST_TRUTHS = 60;

    /**
     * Reads it.
     *
     * @param key the class that is looked at; nothing for the latest
     */
    static Logged read(Studio studio, Optional<RecordKey> key, String words, Pace usual)
            throws StudioTrouble {
        List<RecordRow> rows = studio.records().list(words, MOST_ROWS);
        Optional<RecordKey> looked = key.isPresent()
                ? key
                : (words.isBlank() ? rows : studio.records().list("", 1)).stream().findFirst()
                        .map(row -> row.heading().key());
        Optional<ClassRecord> shown = looked.isPresent()
                ? studio.records().find(looked.get())
                : Optional.empty();
        PaceWishes wishes = studio.wishes();
        return new Logged(shown, rows,
                LearnedPace.of(usual, studio.records().observed(LearnedPace.MOST_CLASSES), wishes), wishes,
                studio.records().truths(MOST_TRUTHS), studio.records().groups());
    }

    /** Returns the same with the class that is looked at as it is now. */
    Logged with(ClassRecord record) {
        return new Logged(Optional.of(record), rows, learned, wishes, truths, groups);
    }
}
