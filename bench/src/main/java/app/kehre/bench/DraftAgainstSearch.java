package app.kehre.bench;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;

import app.kehre.core.brief.Brief;
import app.kehre.core.brief.Format;
import app.kehre.core.drafting.Draft;
import app.kehre.core.drafting.Drafting;
import app.kehre.core.exercise.Library;
import app.kehre.core.plan.ClassPlan;
import app.kehre.formats.library.BuiltInLibrary;

/**
 * The first draft of ten briefs against the best that a long search over other seeds finds: prints the points against
 * both, how long each took, and how many drafts the search looked at. The seconds for each search may be given (60).
 */
public final class DraftAgainstSearch {

    private static final int BRIEFS = 10;
    private static final int[] SLOTS = {60, 45, 50, 30};
    private static final double BILLION = 1e9;

    private DraftAgainstSearch() {}

    /** Compares both. */
    public static void main(String... arguments) {
        int seconds = arguments.length > 0 ? Integer.parseInt(arguments[0]) : 60;
        Library library = BuiltInLibrary.load();
        int near = 0;
        for (int number = 0; number < BRIEFS; number++) {
            ClassPlan begun = begun(number);
            long start = System.nanoTime();
            Draft first = Drafting.of(begun, library, List.of(), 1).value().orElseThrow();
            double took = (System.nanoTime() - start) / BILLION;
            double best = first.penalty();
            int looked = 1;
            for (long seed = 2; (System.nanoTime() - start) / BILLION < seconds; seed++) {
                best = Math.min(best, Drafting.of(begun, library, List.of(), seed).value().orElseThrow().penalty());
                looked++;
            }
            boolean so = first.penalty() <= Math.max(best * 1.05, best + 1);
            near += so ? 1 : 0;
            System.out.printf("%s, %d min: %.1f points after %.2f s, best of %d drafts in %d s %.1f%s%n",
                    begun.brief().format(), begun.brief().slot().toMinutes(), first.penalty(), took, looked,
                    seconds,
                    best, so ? "" : "  (farther)");
        }
        System.out.printf("%d of %d within 5 %% or 1 point.%n", near, BRIEFS);
    }

    private static ClassPlan begun(int number) {
        Format format = Format.values()[number % Format.values().length];
        Brief brief = Brief.of("A class", LocalDate.of(2026, 12, 1), LocalTime.of(18, 30),
                Duration.ofMinutes(SLOTS[number % SLOTS.length]), 8 + number).with(format);
        return new ClassPlan(brief, List.of());
    }
}
