package app.kehre.desk.session;

import java.time.Duration;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.LongFunction;
import javafx.application.Platform;

import app.kehre.core.brief.Brief;
import app.kehre.core.exercise.Library;
import app.kehre.core.log.Knowledge;
import app.kehre.core.log.LearnedPace;
import app.kehre.core.log.Observed;
import app.kehre.core.log.PaceWishes;
import app.kehre.core.pace.Pace;
import app.kehre.core.people.Regulars;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.rehearsal.Habits;
import app.kehre.core.studio.Studio;
import app.kehre.core.studio.StudioTrouble;
import app.kehre.desk.fault.FaultLog;

/** What was learned from the classes that were taught, as new plans use it. To be used on the JavaFX thread. */
public final class Learning {

    private final Optional<OpenStudio> studio;
    private final Consumer<String> onTrouble;
    private List<Observed> observed = List.of();
    private PaceWishes wishes = PaceWishes.NONE;
    private final Map<String, Optional<Brief>> usual = new HashMap<>();

    /**
     * Knows nothing until it is brought up to date.
     *
     * @param onTrouble told a sentence, on any thread, when something could not be read
     */
    public Learning(OpenStudio studio, Consumer<String> onTrouble) {
        this.studio = Optional.of(studio);
        this.onTrouble = onTrouble;
    }

    private Learning() {
        this.studio = Optional.empty();
        this.onTrouble = _ -> {};
    }

    /** Returns one where nothing is kept, so that nothing is ever learned. */
    public static Learning ofNothing() {
        return new Learning();
    }

    /** Reads anew what is kept, beside the JavaFX thread. */
    public void refresh() {
        studio.filter(OpenStudio::isOpen).ifPresent(open -> open.later(kept -> {
            List<Observed> now = kept.records().observed(LearnedPace.MOST_CLASSES);
            PaceWishes wanted = kept.wishes();
            Platform.runLater(() -> {
                observed = now;
                usual.clear();
                wishes = wanted;
            });
        }, onTrouble));
    }

    private LearnedPace learned(boolean older) {
        return LearnedPace.of(Pace.usual(older), observed, wishes);
    }

    /** Returns from how many classes the pace is learned. */
    public int classes() {
        return learned(false).classes();
    }

    /** Returns the pace of the instructor's classes; the usual one where nothing is known. */
    public Pace pace(boolean older) {
        return observed.isEmpty() && wishes.pinned().isEmpty() ? Pace.usual(older) : learned(older).pace();
    }

    /** Returns how a class is taught on one day or another, by the seed of the day: as far apart as classes were so far. */
    public LongFunction<Habits> days(ClassPlan plan) {
        if (observed.isEmpty()) {
            return _ -> Habits.AS_PLANNED;
        }
        LearnedPace learned = learned(plan.brief().group().older());
        return seed -> new Habits(0, Duration.ZERO, false, false,
                Optional.of(learned.drawn(plan.pace(), seed)));
    }

    /** Returns a brief in which its regular group knows what it did lately; without one it stays. */
    public Brief known(Brief brief) {
        Regulars regulars = brief.group().regulars();
        if (studio.isEmpty() || regulars.name().isEmpty()) {
            return brief;
        }
        try {
            Set<String> knows = knows(studio.get().studio(), regulars.name(), brief.date());
            return brief.with(brief.group().withRegulars(new Regulars(regulars.name(), knows)));
        } catch (StudioTrouble trouble) {
            FaultLog.without("what the group knows", trouble);
            onTrouble.accept(trouble.sentence());
            return brief;
        }
    }

    /** Finds what is usual for the regular group of a brief, if that is otherwise than in the brief. */
    public Optional<Brief> usual(Brief brief, Library library) {
        try {
            String group = brief.group().regulars().name();
            if (studio.isPresent() && !usual.containsKey(group)) {
                usual.put(group, UsualBrief.of(group, studio.get().studio(), library));
            }
            return usual.getOrDefault(group, Optional.empty())
                    .map(found -> UsualBrief.taken(brief, found)).filter(taken -> !taken.equals(brief));
        } catch (StudioTrouble trouble) {
            onTrouble.accept(trouble.sentence());
            return Optional.empty();
        }
    }

    private static Set<String> knows(Studio kept, String group, LocalDate day) throws StudioTrouble {
        LocalDate before = day.minusDays(1);
        return Knowledge.of(kept.records().done(group, Knowledge.from(day), before),
                new HashSet<>(kept.records().combinations(group, Knowledge.lastWeek(day), before)));
    }
}
