package app.kehre.desk.classes;

import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;

import app.kehre.core.brief.Brief;
import app.kehre.core.brief.BriefLine;
import app.kehre.core.drafting.Draft;
import app.kehre.core.drafting.Drafting;
import app.kehre.core.drafting.Outline;
import app.kehre.core.edit.Skeleton;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Role;
import app.kehre.core.log.Knowledge;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.value.Reading;
import app.kehre.desk.control.Latest;
import app.kehre.desk.session.Classes;
import app.kehre.desk.session.Learning;
import app.kehre.desk.session.OpenPlan;
import app.kehre.formats.plan.PlanDocument;

/** A class that is about to be begun: what it shall be in one line, and with what it begins. */
public final class NewClassModel {

    /** With what a new class begins. */
    public enum Begin {
        /** Its segments, empty. */
        SHAPE,
        /** One segment, empty. */
        EMPTY,
        /** A whole class to be changed. */
        DRAFT,
        /** The last class of the same hour, once more. */
        AGAIN,
        /** A text that is typed or pasted. */
        TEXT
    }

    private static final String TITLE = "New class";
    private static final long SEED = 1;

    private final OpenPlan open;
    private final Supplier<Library> library;
    private final Classes classes;
    private final Clock clock;
    private final Consumer<Runnable> unlessUnsaved;
    private final Consumer<Begin> begun;
    private final Learning learning;
    private final Latest work = new Latest("new class");

    /**
     * Makes it.
     *
     * @param unlessUnsaved runs what drops the open class, once nothing is lost by it
     * @param begun told when the new class is open
     * @param learning what was learned from classes that were taught
     */
    public NewClassModel(OpenPlan open, Supplier<Library> library, Classes classes, Clock clock,
            Consumer<Runnable> unlessUnsaved, Consumer<Begin> begun, Learning learning) {
        this.learning = learning;
        this.open = open;
        this.library = library;
        this.classes = classes;
        this.clock = clock;
        this.unlessUnsaved = unlessUnsaved;
        this.begun = begun;
    }

    /** Returns what a class is when the line says nothing: like the open one, on the next day of its week. */
    Brief usual() {
        Brief now = open.plan().brief();
        LocalDate today = LocalDate.now(clock);
        return now.withTitle(TITLE).withDate(now.date().isAfter(today)
                ? now.date()
                : today.with(TemporalAdjusters.nextOrSame(now.date().getDayOfWeek())));
    }

    /** Reads the line; what is not said is as usual. */
    Reading<Brief> read(String line) {
        return BriefLine.read(line, usual(), LocalDate.now(clock));
    }

    /**
     * Begins a class.
     *
     * @param refused told in a sentence why it cannot
     */
    void begin(Begin how, Brief brief, Consumer<String> refused) {
        Brief known = learning.known(brief);
        switch (how) {
            case SHAPE -> open(how, paced(Outline.of(known)));
            case EMPTY, TEXT -> open(how, paced(new ClassPlan(known, List.of(bare()))));
            case DRAFT -> draft(known, refused);
            case AGAIN -> again(known, refused);
        }
    }

    /** A new class goes at the pace that was learned. */
    private ClassPlan paced(ClassPlan plan) {
        return Knowledge.marked(plan.with(learning.pace(plan.brief().group().older())));
    }

    private Brief again(Brief last, Brief asked) {
        return learning.known(last.withDate(asked.date()).withStart(asked.start()));
    }

    private static Segment bare() {
        return Skeleton.segment(new SegmentId(1), Role.TONING);
    }

    private void draft(Brief brief, Consumer<String> refused) {
        Library all = library.get();
        Optional<Path> folder = classes.folder();
        ClassPlan start = paced(new ClassPlan(brief, List.of()));
        work.ask(() -> Drafting.of(start, all, classes.lately(folder, start, all), SEED),
                (Reading<Draft> reading) -> {
                    reading.value().ifPresent(draft -> open(Begin.DRAFT, draft.plan()));
                    refused.accept(reading.problem());
                });
    }

    /** The last class at the same hour of the week; where there is none, the last of the same kind. */
    private void again(Brief brief, Consumer<String> refused) {
        Library all = library.get();
        Optional<Path> folder = classes.folder();
        work.ask(() -> classes.last(folder, brief, all), found -> {
            found.ifPresent(plan -> open(Begin.AGAIN, paced(plan.copy().with(again(plan.brief(), brief)))));
            refused.accept(found.isPresent() ? "" : "There is no class of this hour or kind yet.");
        });
    }

    private void open(Begin how, ClassPlan plan) {
        unlessUnsaved.accept(() -> {
            open.open(PlanDocument.of(plan, library.get()));
            begun.accept(how);
        });
    }
}
