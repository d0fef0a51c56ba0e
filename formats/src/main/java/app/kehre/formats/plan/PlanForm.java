package app.kehre.formats.plan;

import java.time.Duration;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.IntFunction;

import app.kehre.core.brief.Brief;
import app.kehre.core.brief.School;
import app.kehre.core.dose.Speed;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Role;
import app.kehre.core.music.Bpm;
import app.kehre.core.pace.Pace;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Identity;
import app.kehre.core.plan.Pacing;
import app.kehre.core.plan.PlanId;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.timeline.Timeline;
import app.kehre.formats.json.Form;
import app.kehre.formats.json.Notation;

/** The fields of a plan document, each said once for reading and for writing. */
final class PlanForm {

    private static final Notation<PlanId> ID = new Notation<>(PlanId::toString, PlanId::parse);
    private static final Notation<Duration> TARGET = Notation.length(Segment.TARGET);

    private final NamedExercises exercises;
    private final LineForm lines;
    private final PlanId unnamed;
    private final Set<SegmentId> ids = new HashSet<>();

    /**
     * What a plan document holds.
     *
     * @param own the exercises that the plan brings along
     */
    record Held(ClassPlan plan, List<Exercise> own) {}

    /**
     * Lays out a plan.
     *
     * @param unnamed the id of a plan that has none
     */
    PlanForm(Library library, PlanId unnamed) {
        this.exercises = new NamedExercises(library);
        this.lines = new LineForm(exercises);
        this.unnamed = unnamed;
    }

    Optional<Held> of(Form<Held> form) {
        form.head(PlanDocument.FORMAT, Upgrades.PLAN.current(), "plans");
        // What lines name must be known before them; it is written behind them, where it is in nobody's way.
        List<Exercise> own = exercises.brought(form, Held::own);
        return plan(form.part(Held::plan))
                .flatMap(plan -> form.built("segments", () -> new Held(laidOut(plan), own)));
    }

    private Optional<ClassPlan> plan(Form<ClassPlan> form) {
        Identity identity = identity(form.part(ClassPlan::identity));
        Optional<Brief> brief = form.object("brief", ClassPlan::brief, BriefForm::of);
        Pace usual = Pace.usual(brief.map(found -> found.group().older()).orElse(false));
        Pace pace = form
                .objectIfAny("pace", plan -> Optional.of(plan.pace()), inner -> PaceForm.of(inner, usual))
                .orElse(usual);
        JudgementForm judgement = JudgementForm.of(form);
        List<Segment> segments = form.list("segments", ClassPlan.SEGMENTS, ClassPlan::segments,
                this::segment);
        if (form.clean()) {
            lines.requireInsteads();
            exercises.requireOptions();
        }
        return form.clean()
                ? form.built("segments", () -> judgement
                        .in(new ClassPlan(brief.orElseThrow(), segments, pace).with(identity)))
                : Optional.empty();
    }

    /** A plan that cannot be laid out is none: what is read can be shown, judged and taught. */
    private static ClassPlan laidOut(ClassPlan plan) {
        return Timeline.of(plan).plan();
    }

    private Identity identity(Form<Identity> form) {
        PlanId plan = form.parsedIfAny("id", ID, unnamed, each -> Optional.of(each.plan())).orElse(unnamed);
        return form.objectIfAny("given", Optional::of, given -> given(given, plan))
                .orElse(new Identity(plan, 0, 0));
    }

    private static Optional<Identity> given(Form<Identity> form, PlanId plan) {
        int segments = form.whole("segments", Identity.GIVEN, Identity::segments);
        int items = form.whole("items", Identity.GIVEN, Identity::entries);
        return form.built("items", () -> new Identity(plan, segments, items));
    }

    private Optional<Segment> segment(Form<Segment> form) {
        SegmentId id = id(form, SegmentId::new, ids, segment -> segment.id().number());
        String name = form.text("name", Segment::name);
        Role role = form.term("role", Role.class, Segment::role);
        Duration target = form.parsed("target", TARGET, Duration.ZERO, Segment::target);
        int bpm = form.whole("bpm", Bpm.RANGE, segment -> segment.bpm().value());
        Optional<School.Teaching> teaching = form.termIfAny("teaching", School.Teaching.class,
                segment -> segment.pacing().teaching());
        Speed speed = form.term("speed", Speed.class, Speed.NATURAL, segment -> segment.pacing().speed());
        boolean standsAlone = form.flag("standsAlone", Segment::standsAlone);
        boolean leftOut = form.flag("leftOut", Segment::leftOut);
        String note = form.textIfAny("note", Segment::note);
        List<Entry> entries = form.list("entries", ClassPlan.LINES, Segment::entries, lines::line);
        return form.built("name", () -> new Segment(id, name, role, target, new Bpm(bpm), entries,
                new Pacing(teaching, speed), standsAlone, leftOut, note));
    }

    /** Lays out the id of a line or a segment, which none before it has; a stand-in when it is at fault. */
    static <E, T> T id(Form<E> form, IntFunction<T> made, Set<T> seen, Function<E, Integer> value) {
        Optional<Integer> id = form.wholeGiven("id", Identity.NUMBER, value);
        id.filter(each -> !seen.add(made.apply(each))).ifPresent(
                each -> form.report("id", "%d is used twice, expected a number of its own.".formatted(each)));
        return made.apply(id.orElse((int) Identity.NUMBER.least()));
    }
}
