package app.kehre.desk.window;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;

import app.kehre.core.exercise.Library;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.teaching.RunState;
import app.kehre.core.teaching.Teaching;
import app.kehre.core.teaching.TeachingRun;
import app.kehre.core.value.Lengths;
import app.kehre.desk.control.NoticeBar;
import app.kehre.desk.control.NoticeBar.Way;
import app.kehre.desk.session.Home;
import app.kehre.desk.session.KeptTeaching;
import app.kehre.desk.session.OpenPlan;
import app.kehre.desk.session.Rescued;
import app.kehre.desk.session.TaughtClass;
import app.kehre.desk.teach.TeachViewModel;
import app.kehre.formats.teaching.RunDocument;

/** Keeps the place in the class while it is taught, and offers to go on there after a crash. */
final class TeachingRescue {

    private static final String TOPIC = "teaching";
    /** That it goes on is noted so often. */
    private static final Duration PULSE = Duration.ofSeconds(1);

    private final OpenPlan open;
    private final TeachViewModel model;
    private final Surroundings around;
    private final NoticeBar notices;
    private final KeptTeaching kept;
    private final PlanFiles files;
    private Instant last = Instant.EPOCH;
    private Rescued known;

    TeachingRescue(OpenPlan open, TeachViewModel model, Surroundings around, NoticeBar notices,
            KeptTeaching kept, PlanFiles files) {
        this.open = open;
        this.model = model;
        this.around = around;
        this.notices = notices;
        this.kept = kept;
        this.files = files;
        this.known = new Rescued(open.document(), open.home().get());
        model.teaching().addListener((_, _, teaching) -> keep(teaching));
        model.moment().addListener((_, _, moment) -> {
            if (!model.rehearses() && moment.state().under()
                    && Duration.between(last, around.clock().instant()).abs()
                            .compareTo(PULSE) >= 0) {
                last = around.clock().instant();
                kept.pulse(last);
            }
        });
    }

    /** Nothing has to be kept of a class that has not started, or is over. */
    private void keep(Teaching teaching) {
        TeachingRun run = teaching.run();
        if (model.rehearses()) {
            return;
        }
        if (run.state().under()) {
            last = around.clock().instant();
            Rescued planned = taught(run.course().planned().plan());
            kept.keep(new TaughtClass(planned, planned.document().with(run.course().plan()),
                    RunDocument.of(teaching, around.steady().instant()), run.state() == RunState.TEACHING,
                    last));
        } else {
            kept.forget();
        }
    }

    /** The class with its file. Another one may be open by now: what is taught must never be saved into the file of that. */
    private Rescued taught(ClassPlan plan) {
        if (open.plan().equals(plan)) {
            known = new Rescued(open.document(), open.home().get());
        }
        return known.document().plan().equals(plan)
                ? known
                : new Rescued(known.document().with(plan), Home.NOWHERE);
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
        kept.left(around.clock().instant(), library.get()).ifPresent(left -> {
            TaughtClass taught = left.taught();
            Duration broke = taught.placeAt(left.seen());
            Duration now = taught.placeAt(around.clock().instant());
            List<Way> ways = new ArrayList<>();
            if (!now.equals(broke)) {
                ways.add(
                        goOn("Go on at %s, as the clock says".formatted(Lengths.clock(now)), left, go, true));
            }
            ways.add(goOn("Go on at " + Lengths.clock(broke), left, go, false));
            ways.add(new Way("It is over", () -> kept.discard(left.file())));
            notices.show(TOPIC, "Kehre broke off while \u201c%s\u201d was being taught, at %s.".formatted(
                    taught.planned().document().plan().brief().title(), Lengths.clock(broke)), ways);
        });
    }

    private Way goOn(String words, KeptTeaching.Left left, Runnable go, boolean byTheClock) {
        return new Way(words, () -> {
            TaughtClass taught = left.taught();
            Instant now = around.clock().instant();
            Runnable goOn = () -> {
                Duration went = taught.going() ? Duration.between(taught.at(), left.seen()) : Duration.ZERO;
                TeachingRun broken = taught.broken();
                Duration missed = Duration.between(byTheClock ? taught.at() : left.seen(), now);
                model.goOn(byTheClock || went.isZero() ? broken : broken.wentOn(went),
                        taught.run().events(), missed.isNegative() ? Duration.ZERO : missed, byTheClock);
                kept.discard(left.file());
                go.run();
            };
            if (open.plan().equals(taught.planned().document().plan())) {
                goOn.run();
            } else {
                files.unlessUnsaved(() -> {
                    open.openRescued(taught.planned().document(), taught.planned().from());
                    goOn.run();
                });
            }
        });
    }
}
