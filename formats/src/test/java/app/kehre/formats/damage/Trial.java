package app.kehre.formats.damage;

import java.lang.management.ManagementFactory;
import java.time.Duration;
import java.util.Arrays;
import java.util.regex.Pattern;

import app.kehre.core.balance.Assessment;
import app.kehre.core.exercise.Library;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.timeline.Span;
import app.kehre.core.timeline.Timeline;
import app.kehre.formats.assessment.AssessmentText;
import app.kehre.formats.json.UnreadableFile;
import app.kehre.formats.library.BuiltInLibrary;
import app.kehre.formats.plan.PlanDocument;
import app.kehre.formats.sheet.SheetKind;
import app.kehre.formats.sheet.Unprintable;
import app.kehre.formats.timeline.TimelineTable;

/**
 * What came of doing with a damaged plan all that Kehre does with a plan.
 *
 * @param end how it ended
 * @param words the refusal, or what went wrong
 * @param cpu how long the thread was busy
 */
public record Trial(End end, String words, Duration cpu) {

    /** How it can end. */
    public enum End {
        /** It was refused, each problem with its place and in few words. */
        REFUSED,
        /** It was refused without a place, or in too many words. */
        REFUSED_UNCLEARLY,
        /** It was taken, and all that is made of it was made. */
        TAKEN,
        /** It was taken, and is another after being written and read. */
        CHANGED,
        /** Its spans leave gaps. */
        GAPS,
        /** Something was thrown. */
        CRASHED
    }

    private static final int MOST_WORDS = 300;
    /** A problem says its line, or its field. */
    private static final Pattern PLACE = Pattern.compile("(Line \\d+|(It is no class plan of Kehre's: )?"
            + "(id|given|brief|segments|pace|figures|setAside|chosen|exercises|version|format)\\b).*: .*",
            Pattern.DOTALL);
    private static final Pattern INNER = Pattern.compile(
            "JsonReadFeature|StreamReadConstraints|tools\\.jackson|java\\.|Exception|BigInteger|Unexpected");

    /**
     * Tries a document.
     *
     * @param pdf whether the sheet is made as well
     */
    public static Trial of(byte[] bytes, Library library, boolean pdf) {
        var threads = ManagementFactory.getThreadMXBean();
        long begun = threads.getCurrentThreadCpuTime();
        Trial trial = run(bytes, library, pdf);
        return new Trial(trial.end(), trial.words(),
                Duration.ofNanos(threads.getCurrentThreadCpuTime() - begun));
    }

    private static Trial run(byte[] bytes, Library library, boolean pdf) {
        try {
            return taken(PlanDocument.read("damaged", bytes, library), library, pdf);
        } catch (UnreadableFile refusal) {
            boolean clear = !INNER.matcher(refusal.sentence()).find() && refusal.problems().stream()
                    .allMatch(each -> each.length() < MOST_WORDS && PLACE.matcher(each).matches());
            return new Trial(clear ? End.REFUSED : End.REFUSED_UNCLEARLY, refusal.sentence(), Duration.ZERO);
        } catch (RuntimeException | StackOverflowError | OutOfMemoryError crash) {
            return new Trial(End.CRASHED,
                    crash + " at " + Arrays.toString(Arrays.copyOf(crash.getStackTrace(), 6)),
                    Duration.ZERO);
        }
    }

    private static Trial taken(PlanDocument document, Library library, boolean pdf) {
        ClassPlan plan = document.plan();
        Timeline timeline = Timeline.of(plan);
        Duration at = Duration.ZERO;
        for (Span span : timeline.spans()) {
            if (!span.start().equals(at)) {
                return new Trial(End.GAPS, "at " + at, Duration.ZERO);
            }
            at = span.end();
        }
        Assessment assessment = Assessment.of(timeline, library);
        AssessmentText.text(assessment);
        AssessmentText.json(assessment);
        TimelineTable.csv(timeline);
        TimelineTable.text(timeline);
        if (pdf) {
            print(timeline);
        }
        return written(document, library);
    }

    private static void print(Timeline timeline) {
        try {
            SheetKind.PREPARATION.pdf(timeline, BuiltInLibrary.load());
        } catch (Unprintable said) {
            // A letter that the type has not is refused in words: that is an answer.
            return;
        }
    }

    private static Trial written(PlanDocument document, Library library) {
        byte[] bytes = document.bytes();
        try {
            PlanDocument again = PlanDocument.read("again", bytes, library);
            boolean same = again.plan().equals(document.plan()) && Arrays.equals(again.bytes(), bytes);
            return new Trial(same ? End.TAKEN : End.CHANGED, "", Duration.ZERO);
        } catch (UnreadableFile refusal) {
            return new Trial(End.CHANGED, "not read again: " + refusal.sentence(), Duration.ZERO);
        }
    }
}
