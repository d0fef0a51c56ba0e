package app.kehre.desk.window;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;

import app.kehre.core.exercise.Library;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.teaching.RunState;
import app.kehre.core.teaching.TeachingRun;
import app.kehre.core.value.Lengths;
import app.kehre.desk.control.NoticeBar;
import app.kehre.desk.control.NoticeBar.Way;
import app.kehre.desk.session.KeptTeaching;
import app.kehre.desk.session.OpenPlan;
import app.kehre.desk.session.Rescued;
import app.kehre.desk.session.TaughtClass;
import app.kehre.desk.teach.TeachViewModel;

/** Keeps the place in the class while it is taught, and offers to go on there after a crash. */
final class TeachingRescue {

    private static final String TOPIC = "teaching";
    /** The place is kept at each step, and so often in between. */
    private static final Duration BEAT = Duration.ofSeconds(5);

    private final OpenPlan open;
    private final TeachViewModel model;
    private final Clock clock;
    private final NoticeBar notices;
    private final KeptTeaching kept;
    private final PlanFiles files;
    private Duration last = Duration.ZERO;
    private Rescued known;

    TeachingRescue(OpenPlan open, TeachViewModel model, Clock clock, NoticeBar notices, KeptTeaching kept,
            PlanFiles files) {
        this.open = open;
        this.model = model;
        this.clock = clock;
        this.notices = notices;
        this.kept = kept;
        this.files = files;
        this.known = new Rescued(open.document(), open.inFile());
        model.stepped().addListener((_, _, run) -> keep(run, run.place()));
        model.moment().addListener((_, _, moment) -> {
            if (moment.state() == RunState.TEACHING && moment.place().minus(last).compareTo(BEAT) >= 0) {
                keep(model.stepped().get(), moment.place());
            }
        });
    }

    /** Nothing has to be kept of a class that has not started, or is over. */
    private void keep(TeachingRun run, Duration place) {
        last = place;
        boolean going = run.state() == RunState.TEACHING;
        if (going || run.state() == RunState.PAUSED) {
            kept.keep(new TaughtClass(taught(run.timeline().plan()), place, going, clock.instant(),
                    run.hardEnd()));
        } else {
            kept.forget();
        }
    }

    /** The class with its file. Another one may be open by now: what is taught must never be saved into the file of that. */
    private Rescued taught(ClassPlan plan) {
        if (open.plan().equals(plan)) {
            known = new Rescued(open.document(), open.inFile());
        }
        return known.document().plan().equals(plan)
                ? known
                : new Rescued(known.document().with(plan), Optional.empty());
    }

    /** Forgets what is kept: the window is closed on purpose. */
    void forget() {
        kept.forget();
    }

    /** Finishes keeping; what is kept stays. */
    void stop() {
        kept.close();
    }

    /**
     * Offers to go on with a class that was being taught a short time ago.
     *
     * @param go shows the hall
     */
    void offer(Supplier<Library> library, Runnable go) {
        kept.left(clock.instant(), library.get()).ifPresent(left -> {
            TaughtClass taught = left.taught();
            Duration now = taught.placeAt(clock.instant());
            List<Way> ways = new ArrayList<>();
            if (!now.equals(taught.place())) {
                ways.add(
                        goOn("Go on at %s, as the clock says".formatted(Lengths.clock(now)), left, go, true));
            }
            ways.add(goOn("Go on at " + Lengths.clock(taught.place()), left, go, false));
            ways.add(new Way("It is over", () -> kept.discard(left.file())));
            notices.show(TOPIC, "Kehre broke off while \u201c%s\u201d was being taught, at %s.".formatted(
                    taught.plan().document().plan().brief().title(), Lengths.clock(taught.place())), ways);
        });
    }

    private Way goOn(String words, KeptTeaching.Left left, Runnable go, boolean byTheClock) {
        return new Way(words, () -> {
            TaughtClass taught = left.taught();
            Instant now = clock.instant();
            Runnable goOn = () -> {
                model.goOn(open.settled().get(), byTheClock ? taught.placeAt(now) : taught.place(),
                        taught.hardEnd());
                kept.discard(left.file());
                go.run();
            };
            if (open.plan().equals(taught.plan().document().plan())) {
                goOn.run();
            } else {
                files.unlessUnsaved(() -> {
                    open.openRescued(taught.plan().document(), taught.plan().from());
                    goOn.run();
                });
            }
        });
    }
}
