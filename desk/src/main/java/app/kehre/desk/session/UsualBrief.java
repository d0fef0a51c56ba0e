package app.kehre.desk.session;

import java.time.format.TextStyle;
import java.util.Comparator;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import app.kehre.core.brief.Brief;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.log.Heading;
import app.kehre.core.studio.RecordRow;
import app.kehre.core.studio.StoredPlan;
import app.kehre.core.studio.Studio;
import app.kehre.core.studio.StudioTrouble;
import app.kehre.formats.json.UnreadableFile;
import app.kehre.formats.plan.PlanDocument;

/** What is usual for a group that comes each week: the brief of its latest plan, else of the class that it was taught last. */
public final class UsualBrief {

    private UsualBrief() {}

    /**
     * Finds it.
     *
     * @param group its name; nothing is usual for none
     * @throws StudioTrouble when the studio could not be read
     */
    public static Optional<Brief> of(String group, Studio studio, Library library) throws StudioTrouble {
        if (group.isEmpty()) {
            return Optional.empty();
        }
        Optional<StoredPlan> plan = studio.plans().groups().stream()
                .filter(each -> each.group().equals(group))
                .findFirst();
        if (plan.isPresent()) {
            return read(studio.plans().document(plan.get().version()), library);
        }
        Optional<Heading> taught = studio.records().list(group, 50).stream().map(RecordRow::heading)
                .filter(each -> each.group().equals(group)).max(Comparator.comparing(Heading::began));
        return taught.isEmpty()
                ? Optional.empty()
                : studio.records().document(taught.get().key()).flatMap(bytes -> read(bytes, library));
    }

    private static Optional<Brief> read(byte[] bytes, Library library) {
        try {
            return Optional.of(PlanDocument.read("the class", bytes, library).plan().brief());
        } catch (UnreadableFile damaged) {
            return Optional.empty();
        }
    }

    /** Returns it in words: slot, people, what they have to watch, what they were promised. */
    public static String words(Brief brief) {
        String limits = brief.group().limits().entrySet().stream()
                .map(each -> "%d %s".formatted(each.getValue(), each.getKey().words())).sorted()
                .collect(Collectors.joining(", "));
        String promised = Stream.concat(brief.goal().areas().stream().map(Muscle::words),
                brief.goal().qualities().stream().map(each -> each.words())).sorted()
                .collect(Collectors.joining(", "));
        String slot = "%s %s, %d min, %d people".formatted(
                brief.date().getDayOfWeek().getDisplayName(TextStyle.FULL, Locale.ENGLISH),
                brief.start(), brief.slot().toMinutes(), brief.people());
        return Stream.of(slot, limits.isEmpty() ? "" : "to watch: " + limits,
                promised.isEmpty() ? "" : "promised: " + promised).filter(each -> !each.isEmpty())
                .collect(Collectors.joining(" \u00b7 "));
    }

    /** Returns a brief with all that is usual, on its own day and under its own title. */
    public static Brief taken(Brief brief, Brief usual) {
        return usual.withTitle(brief.title()).withDate(brief.date()).with(usual.group()
                .withRegulars(brief.group().regulars()));
    }
}
